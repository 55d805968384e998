package kindveil.studio.store;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.time.Duration;
import kindveil.way.ActId;
import kindveil.tone.Treatments;
import kindveil.studio.work.room.ToldRoom;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Lay;
import kindveil.studio.work.piece.Manner;
import kindveil.studio.work.piece.Patch;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.Basis;
import kindveil.studio.work.log.Judged;
import kindveil.making.Departure;
import kindveil.making.Begun;
import kindveil.light.Colour;
import kindveil.making.Deed;
import kindveil.making.Sign;
import kindveil.way.TellTale;
import kindveil.measure.Length;
import kindveil.reading.LookState;
import kindveil.sheet.Paper;
import kindveil.studio.OpenStudio;
import kindveil.studio.Samples;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Pieces;
import kindveil.studio.work.picture.Pictures;
import kindveil.studio.work.making.StoredMaking;
import kindveil.catalogue.Catalogue;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.making.ToldDeed;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class StoreTest {
    private final PieceWork work;
    private final Pieces pieces;
    private final MakeWork makings;
    private final Makings runs;

    StoreTest(PieceWork work, Pieces pieces, MakeWork makings, Makings runs) {
        this.work = work;
        this.pieces = pieces;
        this.makings = makings;
        this.runs = runs;
    }

    private Piece piece() {
        return work.begin("Moth", Length.ofMillimetres(100), "moth.png", Samples.cornerPng());
    }

    @Test
    void piece_everyField_comesBackAsItWent() {
        Piece piece = piece();
        Image image = new Image(Length.parse("w", "5 1/2 in"), Treatments.parse("levels 12 88; simplify 4"), Treatments.parse("invert"), "10000,10000 50000,10000 50000,40000", "10 20 60 55.5");
        UUID lot = UUID.randomUUID();
        Manner manner = new Manner("gel-lay", Map.of("school", "damp", "clearing", "mineral-oil"), Map.of("bed", 150.0), Map.of("x", Colour.parse("x", "#123456")), Map.of("gloss-gel", lot));
        Design design = new Design(image, manner, Wish.TORN, new PrintPlan(PrintKind.WEAK_TONER, HandWish.NO_MATTER, Paper.LETTER, 7, new PrintPlan.Existing(PrintKind.WEAK_TONER, Hand.MIRRORED, Length.ofMillimetres(80), HandWish.READS_RIGHT)), new Lay(-12.5, Patch.round(Length.ofMillimetres(40), Length.ofMillimetres(25))));
        Basis basis = Basis.of(Support.WATERCOLOUR_PAPER, Ground.GESSO, Colour.parse("g", "#0a10ff")).sized(new Page(Length.ofMillimetres(210), Length.ofMillimetres(297))).photographed(piece.picture());
        Piece changed = piece.with(design).with(basis).with(new Veil(piece.picture(), Length.ofMillimetres(30), Length.ofMillimetres(40), design))
                .plus(new Veil(null, Length.ofMillimetres(3), Length.ofMillimetres(-4), design.doing(Catalogue.way("glazing"))));
        pieces.replace(changed);
        Piece stored = pieces.find(piece.id()).orElseThrow();
        assertEquals(changed.veils(), stored.veils());
        assertEquals(changed.basis(), stored.basis());
    }

    @Test
    void replace_twoWindows_theSecondIsOutdatedAndTheFirstStands() {
        Piece seen = piece();
        pieces.replace(seen.with(seen.design().withSize(Length.ofMillimetres(90))));
        String message = assertThrows(Outdated.class, () -> pieces.replace(seen.with(seen.design().withSize(Length.ofMillimetres(50))))).getMessage();
        assertTrue(message.startsWith("“Moth” was changed in another window"));
        assertEquals(Length.ofMillimetres(90), pieces.find(seen.id()).orElseThrow().design().printWidth());
        assertThrows(NotFound.class, () -> pieces.replace(Piece.of(UUID.randomUUID(), "x", seen.created(), seen.leading().source(), seen.basis(), seen.design())));
    }

    @Test
    void run_withItsDeeds_comesBackAsItWent() {
        StoredMaking run = makings.begin(piece().id());
        ToldDeed told = new ToldDeed(new Deed(ActId.first("set-out-print"), 0, run.begun().plusSeconds(61), true), run.begun().plusSeconds(70), true);
        runs.tell(run.id(), 0, List.of(told), run.making().with(told.deed()));
        StoredMaking back = runs.find(run.id()).orElseThrow();
        assertEquals(run.plan().parts(), back.plan().parts());
        assertEquals(run.plan().plan(), back.plan().plan());
        assertEquals(List.of(told), back.told());
        Sign seen = new Sign(ActId.first("bed"), TellTale.SHEEN, 1, run.begun().plusSeconds(90));
        runs.sign(run.id(), 1, seen.act(), List.of(seen));
        assertEquals(List.of(seen), runs.find(run.id()).orElseThrow().signs());
        assertThrows(Outdated.class, () -> runs.sign(run.id(), 0, seen.act(), List.of()), "a page that has not seen the deed");
        runs.takeBack(run.id(), 0, seen.act(), run.making());
        assertEquals(List.of(), runs.find(run.id()).orElseThrow().told());
        assertEquals(List.of(), runs.find(run.id()).orElseThrow().signs(), "what was seen since goes with the deed");
    }

    @Test
    void tell_sameNumberFromManyWindows_isNotedOnce() throws Exception {
        StoredMaking run = makings.begin(piece().id());
        ToldDeed told = new ToldDeed(new Deed(ActId.first("set-out-print"), 0, run.begun(), false), run.begun(), false);
        try (ExecutorService windows = Executors.newFixedThreadPool(6)) {
            Callable<Boolean> window = () -> {
                try {
                    runs.tell(run.id(), 0, List.of(told), run.making().with(told.deed()));
                    return true;
                } catch (Outdated late) {
                    return false;
                }
            };
            long noted = 0;
            for (var done : windows.invokeAll(List.of(window, window, window, window, window, window))) {
                noted += done.get() ? 1 : 0;
            }
            assertEquals(1, noted);
        }
        assertEquals(1, runs.find(run.id()).orElseThrow().told().size());
    }

    @Test
    void pictures_theFileAndItsWorkingCopy_comeBack(Pictures pictures) {
        Piece piece = piece();
        assertArrayEquals(new byte[] {(byte) 0x89, 'P', 'N', 'G'}, java.util.Arrays.copyOf(pictures.original(piece.picture()), 4));
        pictures.keepPreview(piece.picture(), new byte[] {1, 2, 3});
        assertArrayEquals(new byte[] {1, 2, 3}, pictures.preview(piece.picture()).orElseThrow());
        assertTrue(pictures.preview(UUID.randomUUID()).isEmpty());
        assertEquals(600, pictures.find(piece.picture()).orElseThrow().width());
        assertThrows(NotFound.class, () -> pictures.original(UUID.randomUUID()));
    }

    @Test
    void log_entry_comesBackAsItWent(Log log) {
        Piece piece = piece();
        Judged judged = new Judged("Moth", 1, List.of(new Judged.WayOf("gel-lay", "Gel lay", List.of(new Begun.Chosen("school", "How", "deep bed")), List.of("brown jar")), new Judged.WayOf("glazing", "Glazes", List.of(), List.of())),
                Wish.SOFT, new Judged.Print(PrintKind.WEAK_TONER, "shop at the landing", 2, "thin copy paper"), List.of(new ToldRoom(Instant.parse("2026-03-05T10:00:00Z"), 19.5, 61)),
                List.of(new Departure("Wet the paper", "begun after 27 min", Departure.Kind.TOO_SOON, Duration.ofMinutes(27), Duration.ofHours(1)), new Departure("Rub", "against the bench", Departure.Kind.AGAINST_THE_BENCH, null, null)),
                List.of(new Judged.Answered(new ActId(1, "look"), "Look", "Enough", Instant.parse("2026-03-05T18:00:00Z"))), LookState.CLEARED, 3, piece.picture());
        LogEntry entry = new LogEntry(UUID.randomUUID(), 0, piece.id(), null, Instant.parse("2026-03-05T19:00:00.123456789Z"), LogEntry.Verdict.NEARLY, "a little pale", "rubbed twice",
                new LogEntry.Findings(LogEntry.Tack.SLIGHT, LogEntry.Fibre.VEIL, -1.5, "a ghost print", LogEntry.Cause.AMOUNT), judged, null, false);
        log.add(entry);
        assertEquals(List.of(entry), log.ofPiece(piece.id()));
    }
}
