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
import kindveil.light.Colour;
import kindveil.making.Deed;
import kindveil.measure.Length;
import kindveil.reading.LookState;
import kindveil.sheet.Paper;
import kindveil.studio.OpenStudio;
import kindveil.studio.Samples;
import kindveil.studio.work.Design;
import kindveil.studio.work.HandWish;
import kindveil.studio.work.Log;
import kindveil.studio.work.LogEntry;
import kindveil.studio.work.MakeWork;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import kindveil.studio.work.Pieces;
import kindveil.studio.work.Pictures;
import kindveil.studio.work.Run;
import kindveil.catalogue.Catalogue;
import kindveil.studio.work.Runs;
import kindveil.studio.work.Veil;
import kindveil.studio.work.ToldDeed;
import kindveil.bench.Ground;
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
    private final Runs runs;

    StoreTest(PieceWork work, Pieces pieces, MakeWork makings, Runs runs) {
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
        Design design = new Design(Length.parse("w", "5 1/2 in"), "levels 12 88; simplify 4", "invert", "gel-lay", Map.of("school", "damp", "clearing", "mineral-oil"), Map.of("bed", 150.0), Map.of(),
                Support.WATERCOLOUR_PAPER, Ground.GESSO, Colour.parse("g", "#0a10ff"), Wish.TORN, PrintKind.WEAK_TONER, HandWish.NO_MATTER, Paper.LETTER, 7, "10000,10000 50000,10000 50000,40000", "10 20 60 55.5");
        pieces.replace(piece.with(design).plus(new Veil(null, Length.ofMillimetres(3), Length.ofMillimetres(-4), design.doing(Catalogue.way("glazing"), false))));
        Piece stored = pieces.find(piece.id()).orElseThrow();
        Design back = stored.design();
        Veil over = stored.at(2).veil();
        assertEquals(List.of("glazing", Length.ofMillimetres(3), Length.ofMillimetres(-4)), List.of(over.design().way(), over.x(), over.y()));
        assertEquals(Support.WATERCOLOUR_PAPER, stored.at(2).design().support());
        assertEquals(design.groundColour().toString(), back.groundColour().toString());
        assertEquals(design.choosing(Map.of()).choices(), back.choices());
        assertEquals(List.of(design.printWidth(), design.treated(), design.treatedBefore(), design.dials(), design.support(), design.ground(), design.wish(), design.print(), design.hand(), design.paper(), design.copies(), design.opaque(), design.seamless()),
                List.of(back.printWidth(), back.treated(), back.treatedBefore(), back.dials(), back.support(), back.ground(), back.wish(), back.print(), back.hand(), back.paper(), back.copies(), back.opaque(), back.seamless()));
    }

    @Test
    void replace_twoWindows_theSecondIsOutdatedAndTheFirstStands() {
        Piece seen = piece();
        pieces.replace(seen.with(seen.design().withSize(Length.ofMillimetres(90))));
        String message = assertThrows(Outdated.class, () -> pieces.replace(seen.with(seen.design().withSize(Length.ofMillimetres(50))))).getMessage();
        assertTrue(message.startsWith("“Moth” was changed in another window"));
        assertEquals(Length.ofMillimetres(90), pieces.find(seen.id()).orElseThrow().design().printWidth());
        assertThrows(NotFound.class, () -> pieces.replace(Piece.of(UUID.randomUUID(), 0, "x", seen.created(), seen.picture(), null, seen.design())));
    }

    @Test
    void run_withItsDeeds_comesBackAsItWent() {
        Run run = makings.begin(piece().id());
        ToldDeed told = new ToldDeed(new Deed("set-out-print", 0, run.begun().plusSeconds(61), true), run.begun().plusSeconds(70), true);
        runs.tell(run.id(), 0, told);
        Run back = runs.find(run.id()).orElseThrow();
        assertEquals(run.work(), back.work());
        assertEquals(List.of(told), back.told());
        runs.takeBack(run.id(), 0);
        assertEquals(List.of(), runs.find(run.id()).orElseThrow().told());
    }

    @Test
    void tell_sameNumberFromManyWindows_isNotedOnce() throws Exception {
        Run run = makings.begin(piece().id());
        ToldDeed told = new ToldDeed(new Deed("set-out-print", 0, run.begun(), false), run.begun(), false);
        try (ExecutorService windows = Executors.newFixedThreadPool(6)) {
            Callable<Boolean> window = () -> {
                try {
                    runs.tell(run.id(), 0, told);
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
        LogEntry entry = new LogEntry(UUID.randomUUID(), piece.id(), null, Instant.parse("2026-03-05T19:00:00.123456789Z"), LogEntry.Verdict.NEARLY, Wish.SOFT, "a little pale", "rubbed twice",
                "shop at the landing", new LogEntry.Findings(LogEntry.Tack.SLIGHT, LogEntry.Fibre.VEIL, -1.5, "a ghost print", LogEntry.Cause.AMOUNT), LookState.CLEARED, 3, null);
        log.add(entry);
        assertEquals(List.of(entry), log.ofPiece(piece.id()));
    }
}
