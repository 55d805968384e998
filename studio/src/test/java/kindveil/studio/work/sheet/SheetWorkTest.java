package kindveil.studio.work.sheet;

import kindveil.studio.work.Outdated;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.learning.Spares;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.sheet.CheckRule;
import kindveil.sheet.Master;
import kindveil.sheet.Packing;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.studio.OpenStudio;
import kindveil.studio.Samples;
import kindveil.studio.work.sheet.Gathering.Wanted;
import kindveil.studio.work.sheet.SheetWork.Batch;
import kindveil.studio.work.sheet.SheetWork.Put;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class SheetWorkTest {
    private static final PrintKind KIND = PrintKind.GOOD_TONER;
    private final SheetWork sheets;
    private final Printers printers;
    private final SheetFiles files;
    private final PieceWork pieces;
    private final LogWork log;
    private final Gatherings gatherings;
    private Piece heron;
    private Piece rope;

    SheetWorkTest(SheetWork sheets, SheetFiles files, PieceWork pieces, LogWork log, Gatherings gatherings, Printers printers) {
        this.printers = printers;
        this.sheets = sheets;
        this.files = files;
        this.pieces = pieces;
        this.log = log;
        this.gatherings = gatherings;
    }

    @BeforeEach
    void empty() {
        gatherings.replace(new Gathering(gatherings.now().version(), List.of(), List.of()));
        heron = begin("Heron", 90);
        rope = begin("Rope", 60);
    }

    private Piece begin(String title, double width) {
        return pieces.begin(title, Length.ofMillimetres(width), "x.png", Samples.cornerPng());
    }

    private int version() {
        return sheets.gathering().version();
    }

    private static Piece printed(Piece piece, PrintKind kind) {
        Design d = piece.design();
        return piece.with(d.withBuild(d.choices(), d.manner().dials(), d.manner().colours(), d.wish(), kind));
    }

    @Test
    void gather_twoPieces_areLaidTogetherWithThreeOfEach() {
        sheets.gather(heron);
        sheets.gather(rope);
        sheets.gather(heron);
        Batch batch = sheets.batch(KIND);
        assertEquals(List.of("Heron", "Rope"), batch.items().stream().map(SheetWork.Item::label).toList());
        assertEquals(6, batch.copies());
        assertEquals(6, batch.sheets().stream().mapToInt(s -> s.places().size()).sum());
        assertTrue(batch.items().stream().allMatch(SheetWork.Item::mirrored), "a gel lay turns once");
        assertEquals("", batch.trouble());
        String settings = SheetFiles.settings(batch);
        assertTrue(settings.contains("thin plain copy paper") && settings.contains("Mirror OFF, because the file is already mirrored"), settings);
    }

    @Test
    void batches_differentCarriers_neverShareASheet() {
        sheets.gather(heron);
        Piece film = pieces.change(printed(rope, PrintKind.FILM_PIGMENT));
        sheets.gather(film);
        List<Batch> all = sheets.batches();
        assertEquals(List.of(KIND, PrintKind.FILM_PIGMENT), all.stream().map(Batch::kind).toList());
        assertTrue(SheetFiles.settings(all.get(1)).contains("coated side"));
        assertThrows(UnusableValue.class, () -> sheets.gather(printed(heron, PrintKind.MAGAZINE)));
    }

    @Test
    void spares_followTheRecordOfThatSourceWithThatWay() {
        String shop = "shop " + UUID.randomUUID();
        for (int i = 0; i < 3; i++) {
            note(shop, LogEntry.Verdict.FAILED, LogEntry.Cause.PRINT);
        }
        note(shop, LogEntry.Verdict.FAILED, LogEntry.Cause.DRYING);
        note(shop, LogEntry.Verdict.FAILED, LogEntry.Cause.AMOUNT);
        note(shop, LogEntry.Verdict.FAILED, null);
        note(shop, LogEntry.Verdict.NEARLY, null);
        assertEquals(new Spares(1, 4), printers.spares(shop, "gel-lay"));
        assertEquals(Spares.NO_RECORD, printers.spares(shop, "tape-lift"));
        assertEquals(Spares.NO_RECORD, printers.spares("", "gel-lay"));
        sheets.gather(heron);
        sheets.setUp(KIND, version(), List.of(new Wanted(heron.id(), 1, null)), "A3", shop, 1);
        Batch batch = sheets.batch(KIND);
        assertEquals(new Spares(1, 4).copies(), batch.items().getFirst().copies());
        assertEquals("A3", batch.sheets().getFirst().paper());
    }

    private void note(String shop, LogEntry.Verdict verdict, LogEntry.Cause cause) {
        log.write(new LogWork.Entry(UUID.randomUUID(), heron, null, new LogWork.Said(verdict, "", "", new LogEntry.Findings(null, null, null, "", cause)), shop), "", null);
    }

    @Test
    void setUp_ownSizeThatIsTooSmall_saysWhatWouldFitAndLosesNothing() {
        sheets.gather(heron);
        sheets.setUp(KIND, version(), List.of(new Wanted(heron.id(), 1, 2)), "100x150", "", 1);
        Batch batch = sheets.batch(KIND);
        assertEquals(2, batch.copies());
        assertTrue(batch.sheets().isEmpty());
        assertTrue(batch.trouble().contains("print size of Heron") && batch.trouble().contains("on 100 mm × 150 mm"), batch.trouble());
        assertThrows(UnusableValue.class, () -> files.pdf(batch));
        assertTrue(assertThrows(UnusableValue.class, () -> sheets.setUp(KIND, version(), List.of(), "20x20", "", 1)).getMessage().contains("80 to 650 mm"));
    }

    @Test
    void arrange_aFreePlace_isKeptUntilTheImagesChange() {
        sheets.gather(rope);
        sheets.setUp(KIND, version(), List.of(new Wanted(rope.id(), 1, 2)), "A4", "", 1);
        sheets.arrange(KIND, version(), 0, 1, new Put(0, 120, 190, false));
        Batch moved = sheets.batch(KIND);
        assertTrue(moved.byHand());
        Placed copy = moved.sheets().getFirst().places().get(1);
        assertEquals(120, copy.rect().x().millimetres());
        assertEquals(190, copy.rect().y().millimetres());
        assertEquals(2, copy.copy());
        assertEquals(List.of(), Packing.wrong(moved.sheets().getFirst()));

        sheets.arrange(KIND, version(), 0, 0, new Put(1, 20, 20, true));
        assertEquals(2, sheets.batch(KIND).sheets().size());
        assertTrue(sheets.batch(KIND).sheets().get(1).places().getFirst().turned());

        sheets.setUp(KIND, version(), List.of(new Wanted(rope.id(), 1, 3)), "A4", "", 1);
        Batch changed = sheets.batch(KIND);
        assertFalse(changed.byHand());
        assertTrue(changed.trouble().contains("packed anew"));
        assertEquals(3, changed.copies());
        sheets.packAgain(KIND, version());
        assertEquals("", sheets.batch(KIND).trouble());
    }

    @Test
    void arrange_overAnother_isRefusedWithEverythingThatIsWrong() {
        sheets.gather(rope);
        sheets.setUp(KIND, version(), List.of(new Wanted(rope.id(), 1, 2)), "A4", "", 1);
        Placed first = sheets.batch(KIND).sheets().getFirst().places().getFirst();
        int version = version();
        String refused = assertThrows(UnusableValue.class, () -> sheets.arrange(KIND, version, 0, 1, new Put(0, first.rect().x().millimetres() + 5, 1, false))).getMessage();
        assertTrue(refused.contains("scissors need that much") && refused.contains("machines leave unprinted"), refused);
        assertFalse(sheets.batch(KIND).byHand());
        assertThrows(NotFound.class, () -> sheets.arrange(KIND, version, 0, 7, new Put(0, 20, 20, false)));
        assertThrows(Outdated.class, () -> sheets.arrange(KIND, version - 1, 0, 1, new Put(0, 120, 190, false)));
    }

    @Test
    void measure_correctsTheNextFileOrRejectsTheSheet() {
        sheets.gather(rope);
        assertEquals(CheckRule.Verdict.CORRECTED, sheets.measure(KIND, version(), Length.ofMillimetres(48.5)).verdict());
        assertEquals(50 / 48.5, files.leaves(sheets.batch(KIND)).getFirst().scale(), 1e-9);
        assertEquals(CheckRule.Verdict.REJECTED, sheets.measure(KIND, version(), Length.ofMillimetres(40)).verdict());
        assertEquals(50 / 48.5, sheets.batch(KIND).setUp().rule().scale(), 1e-9);
        sheets.setUp(KIND, version(), List.of(), "A4", "another machine", 1);
        assertEquals(CheckRule.Verdict.UNMEASURED, sheets.batch(KIND).setUp().rule().verdict());
    }

    @Test
    void weakPrints_runOverThemselves_tellWhatTheyLose() {
        Piece once = pieces.change(printed(heron, PrintKind.WEAK_TONER));
        sheets.gather(once);
        assertEquals(1, sheets.batch(PrintKind.WEAK_TONER).setUp().runs(), "as it is planned");
        pieces.change(once.with(once.design().with(once.design().manner().set(once.design().choices(), Map.of("runs", 2.0), Map.of()))));
        Batch batch = sheets.batch(PrintKind.WEAK_TONER);
        assertEquals(2, batch.setUp().runs(), "asked in Build, not asked again");
        double lost = sheets.lostToRuns(batch.items().getFirst(), 2);
        assertTrue(lost > 0 && lost < 1, String.valueOf(lost));
        assertEquals(0, sheets.lostToRuns(batch.items().getFirst(), 1));
        assertTrue(files.leaves(batch).getFirst().register());
        assertTrue(SheetFiles.settings(batch).contains("Run each sheet 2 times"));
    }

    @Test
    void master_givesEnoughOfEachImage() {
        sheets.gather(heron);
        sheets.gather(rope);
        Batch batch = sheets.batch(KIND);
        Master master = files.master(batch);
        for (SheetWork.Item item : batch.items()) {
            long places = master.sheets().stream().flatMap(s -> s.places().stream()).filter(p -> p.what().equals(item.label())).count();
            assertTrue(places * master.copies() >= item.copies());
        }
        assertTrue(new String(files.masterPdf(batch), 0, 4, java.nio.charset.StandardCharsets.US_ASCII).equals("%PDF"));
    }

    @Test
    void labels_ofPiecesWithTheSameTitle_differ() {
        sheets.gather(heron);
        sheets.gather(begin("Heron", 50));
        assertEquals(List.of("Heron", "Heron (2)"), sheets.batch(KIND).items().stream().map(SheetWork.Item::label).toList());
        assertEquals(Map.of("Heron", 3L, "Heron (2)", 3L), sheets.batch(KIND).sheets().stream().flatMap(s -> s.places().stream())
                .collect(java.util.stream.Collectors.groupingBy(Placed::what, java.util.stream.Collectors.counting())));
    }

    @Test
    void drop_takesItOffTheSheets() {
        sheets.gather(heron);
        sheets.gather(rope);
        assertFalse(sheets.ungathered().stream().anyMatch(p -> p.id().equals(heron.id())));
        sheets.drop(version(), heron.id(), 1);
        assertEquals(List.of("Rope"), sheets.batch(KIND).items().stream().map(SheetWork.Item::label).toList());
        assertTrue(sheets.ungathered().stream().anyMatch(p -> p.id().equals(heron.id())));
    }
}
