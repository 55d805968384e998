package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.Printers;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.shelf.Lineage;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import kindveil.studio.work.stock.Prints;
import kindveil.way.Act;
import kindveil.way.Way;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Copies are printed, used at the bench, laid by for other pieces; sheets that come off the bench are kept. */
@ExtendWith(OpenStudio.class)
class PrintsPageTest {
    private final Studio studio;
    private final Web web;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final RealWork reals;
    private final Prints prints;

    PrintsPageTest(Studio studio) {
        this.studio = studio;
        this.web = new Web(studio.address());
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
        this.reals = studio.bean(RealWork.class);
        this.prints = studio.bean(Prints.class);
    }

    /** What other tests printed does not stand here, and what is printed here stands in no other's way. */
    @BeforeEach
    @AfterEach
    void away() {
        prints.all().forEach(stack -> prints.takeOut(stack.owned().id()));
    }

    private Piece piece(String title, String way, int copies) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), title.toLowerCase(java.util.Locale.ROOT).replace(' ', '-') + ".png", Samples.cornerPng());
        Piece done = pieces.change(piece.doing(Catalogue.way(way)));
        return pieces.change(done.with(done.design().withPrint(HandWish.READS_RIGHT, done.design().paper(), copies)));
    }

    private Prints.Stack printed(Piece piece, int copies) {
        reals.take(pieces.plan(piece), copies);
        return prints.all().stream().filter(stack -> stack.owned().lineage().piece().equals(piece.id())).findFirst().orElseThrow();
    }

    private StoredMaking tell(StoredMaking making) {
        StoredMaking now = makings.get(making.id());
        Act act = now.making().current().orElseThrow();
        makings.tell(now.id(), now.told().size(), act.expected(), 0, true);
        return makings.get(making.id());
    }

    private static boolean laysOutAPrint(StoredMaking making) {
        return making.making().current().map(act -> act.step() instanceof Step.SetOut out && out.thing().kind() == ThingKind.PRINT).orElse(false);
    }

    private StoredMaking layOut(Piece piece) {
        StoredMaking making = makings.begin(piece.id());
        while (!laysOutAPrint(making)) {
            making = tell(making);
        }
        return tell(making);
    }

    @Test
    void aFileTaken_isAStack_withItsLineage_andTheBenchUsesIt() {
        Piece piece = piece("Stock heron", "gel-lay", 3);
        Prints.Stack stack = printed(piece, 3);
        assertEquals(3, stack.left());
        assertEquals("stock-heron.png", stack.owned().lineage().file());
        assertEquals(Hand.MIRRORED, stack.owned().lineage().hand(), "printed mirrored to read right over one contact");
        reals.take(pieces.plan(piece), 3);
        assertEquals(3, prints.get(stack.owned().id()).left(), "the same file again is the same copies");

        StoredMaking making = layOut(piece);
        assertEquals(2, prints.get(stack.owned().id()).left());
        makings.takeBack(making.id(), makings.get(making.id()).told().size());
        assertEquals(3, prints.get(stack.owned().id()).left(), "an act taken back gives its copy back");
        tell(making);
        assertTrue(web.get("/pieces/%s/print".formatted(piece.id())).words().contains("2 copies as this is planned are in stock."));
        String page = web.get("/shelf/prints").words();
        assertTrue(page.contains("Stock heron 2 of 3 left") && page.contains("stock-heron.png") && page.contains("mirrored"), page);
    }

    @Test
    void usedUp_printedAgain_isAsManyMore_andOneTooManyIsSaid() {
        Piece piece = piece("Stock oar", "gel-lay", 1);
        Prints.Stack stack = printed(piece, 1);
        StoredMaking first = layOut(piece);
        assertEquals(0, prints.get(stack.owned().id()).left());
        assertTrue(web.get("/pieces/%s/print".formatted(piece.id())).words().contains("All copies as this is planned are used: print more."));
        makings.layAside(first.id());
        layOut(piece);
        assertEquals(1, prints.get(stack.owned().id()).over());
        assertTrue(web.get("/shelf/prints").words().contains("1 more was used than there were: count them."));
        reals.take(pieces.plan(piece), 1);
        assertEquals(List.of(1, 0), List.of(prints.get(stack.owned().id()).left(), prints.get(stack.owned().id()).over()), "printed anew, counted anew");
    }

    @Test
    void moreCopiesOfAFile_replaceThoseNobodyUsed_andComeToTheOthers() {
        Piece piece = piece("Stock pole", "gel-lay", 2);
        UUID id = printed(piece, 2).owned().id();
        reals.take(pieces.plan(piece), 5);
        assertEquals(5, prints.get(id).left(), "nothing was used: it is the same file with more copies");
        layOut(piece);
        reals.take(pieces.plan(piece), 3);
        assertEquals(7, prints.get(id).left(), "what was left, and three more");
    }

    @Test
    void everyFit_isWhatThePlanSaysOnceItIsUsed() {
        Prints.Stack stack = printed(piece("Stock moth", "gel-lay", 9), 9);
        List<Piece> others = List.of("gel-lay", "tape-lift", "plate-pull", "oiled-panel", "film-release", "tissue-lay", "gum-print").stream().map(way -> piece("Stock for " + way, way, 2)).toList();
        List<Prints.Fit> fits = prints.fits(stack, others);
        assertTrue(fits.size() >= 2 * others.size() - 1, fits.toString());
        assertTrue(fits.stream().anyMatch(fit -> fit.refused() != null) && fits.stream().anyMatch(fit -> fit.refused() == null && !fit.asWanted()) && fits.stream().anyMatch(Prints.Fit::glued), fits.toString());
        for (Prints.Fit fit : fits) {
            prints.count(stack.owned().id(), 2);
            Piece used = prints.use(stack.owned().id(), fit.piece().id(), fit.veil(), 1);
            Planned planned = pieces.plan(used);
            assertEquals(fit.refused() == null, planned.sound(), fit.toString());
            assertEquals(Length.ofMillimetres(90), planned.brief().width());
            assertEquals(PrintKind.GOOD_TONER, planned.brief().print());
            if (fit.refused() == null) {
                assertEquals(fit.hand(), used.design().printing().hand().hand(), fit.toString());
                assertEquals(Hand.MIRRORED, planned.printHand(), "the print stands as it was printed: " + fit);
            }
            Prints.Stack laidBy = prints.all().stream().filter(one -> one.owned().lineage().use() != null && one.owned().lineage().use().piece().equals(fit.piece().id())).findFirst().orElseThrow();
            assertEquals(1, laidBy.left());
            assertEquals(stack.owned().lineage().file(), laidBy.owned().lineage().file(), "its lineage goes along");
            prints.takeOut(laidBy.owned().id());
            pieces.undo(fit.piece().id(), pieces.get(fit.piece().id()).version());
        }
    }

    @Test
    void laidBy_isWhatThatPieceUses() {
        Prints.Stack stack = printed(piece("Stock reed", "gel-lay", 3), 3);
        Piece other = piece("Stock other reed", "gel-lay", 3);
        assertTrue(web.post("/shelf/prints/%s/use".formatted(stack.owned().id()), Map.of("piece", other.id().toString(), "veil", "1", "many", "2")).words().contains("Stock other reed"));
        layOut(other);
        assertEquals(1, prints.get(stack.owned().id()).left());
        Prints.Stack moved = prints.all().stream().filter(one -> one.owned().lineage().use().piece().equals(other.id())).findFirst().orElseThrow();
        assertEquals(1, moved.left());
        assertTrue(web.get("/shelf/prints").words().contains("Laid by for Stock other reed."));
        UnusableValue tooMany = assertThrows(UnusableValue.class, () -> prints.use(stack.owned().id(), other.id(), 1, 2));
        assertTrue(tooMany.getMessage().contains("1"), tooMany.getMessage());
    }

    @Test
    void aCopyThatLiftedItsLights_isKept_gluedDown_orASource() {
        Piece piece = piece("Stock plate", "plate-pull", 2);
        StoredMaking making = makings.begin(piece.id());
        assertEquals(List.of(), prints.leftovers(making), "while it is under way nothing came off");
        while (!makings.get(making.id()).making().finished()) {
            making = tell(making);
        }
        String act = prints.leftovers(making).getFirst().act().toString();
        assertTrue(web.get("/bench/" + making.id()).words().contains("Keep the copy that lifted the paint of its lights"));
        web.post("/bench/%s/leftover".formatted(making.id()), Map.of("act", act, "kept", "true"));
        web.post("/bench/%s/leftover".formatted(making.id()), Map.of("act", act, "kept", "true"));
        Prints.Stack kept = prints.all().getFirst();
        assertEquals(List.of(1, Prints.Sort.LIFTED), List.of(kept.left(), kept.sort()));
        List<Prints.Fit> fits = prints.fits(kept, List.of(piece("Stock under", "gel-lay", 1)));
        assertTrue(fits.size() == 1 && fits.getFirst().glued(), "glued down only: its lights carry paint");
        assertThrows(UnusableValue.class, () -> prints.use(kept.owned().id(), fits.getFirst().piece().id(), 1, 1));
        Piece glued = prints.use(kept.owned().id(), fits.getFirst().piece().id(), 0, 1);
        assertEquals(2, glued.veils().size());
        assertEquals(0, glued.inHand(), "under all of it");
        assertEquals(kept.picture(), prints.begin(kept.owned().id()).leading().picture());
        web.post("/bench/%s/leftover".formatted(making.id()), Map.of("act", act, "kept", "false"));
        assertEquals(List.of(), prints.all(), "a change of mind");
        assertEquals(404, web.post("/bench/%s/leftover".formatted(UUID.randomUUID()), Map.of("act", act, "kept", "true")).status());
    }

    @Test
    void badCounts_areSaid_andNothingIsLost() {
        Prints.Stack stack = printed(piece("Stock bad", "gel-lay", 3), 3);
        for (String wrong : List.of("", "-1", "1000", "many")) {
            String said = web.post("/shelf/prints/%s/count".formatted(stack.owned().id()), Map.of("left", wrong)).words();
            assertTrue(said.contains("How many are left"), said);
        }
        assertEquals(3, prints.get(stack.owned().id()).left());
        web.post("/shelf/prints/%s/count".formatted(stack.owned().id()), Map.of("left", "0"));
        assertEquals(0, prints.get(stack.owned().id()).left());
        assertTrue(web.get("/shelf/prints").words().contains("Used up: 1"));
    }

    @Test
    void printers_standWithTheirRecord() {
        Piece piece = piece("Stock shop", "gel-lay", 3);
        LogWork log = studio.bean(LogWork.class);
        String shop = "shop " + UUID.randomUUID().toString().substring(0, 6);
        for (LogEntry.Verdict verdict : List.of(LogEntry.Verdict.AS_WISHED, LogEntry.Verdict.NEARLY, LogEntry.Verdict.FAILED)) {
            log.write(new LogWork.Entry(UUID.randomUUID(), piece, null, new LogWork.Said(verdict, "So.", "", LogEntry.Findings.NONE), shop), "", null);
        }
        Printers.Printer printer = studio.bean(Printers.class).all().stream().filter(one -> one.name().equals(shop)).findFirst().orElseThrow();
        assertEquals(3, printer.judged());
        assertEquals(List.of(2, 1), List.of(printer.ways().getFirst().spares().good(), printer.ways().getFirst().spares().failed()));
        Way way = Catalogue.way("gel-lay");
        assertEquals(way.name(), printer.ways().getFirst().way());
        assertNotEquals(null, printer.last());
        String page = web.get("/shelf/prints").words();
        assertTrue(page.contains(shop) && page.contains("2 of 3 from there worked so far"), page);
    }

    /** A design in other words than its print is no matter of its stack. */
    @Test
    void aPlanThatPartsFromItsPrint_startsAnotherStack() {
        Piece piece = piece("Stock wide", "gel-lay", 2);
        printed(piece, 2);
        Design wider = piece.design().withSize(Length.ofMillimetres(110));
        Piece changed = pieces.change(piece.with(wider));
        reals.take(pieces.plan(changed), 2);
        assertEquals(2, prints.all().size());
        layOut(changed);
        assertEquals(List.of(1, 2), prints.all().stream().sorted(java.util.Comparator.comparing(stack -> stack.left())).map(Prints.Stack::left).toList(), "the copies of that size are used");
        assertEquals(Length.ofMillimetres(110), prints.all().stream().filter(stack -> stack.left() == 1).findFirst().orElseThrow().owned().size().width());
    }

    /** What came of one pull is called apart by what it is, for who does not see the page. */
    @Test
    void stacksOfOneName_areCalledApart() {
        Piece piece = piece("Tern", "gel-lay", 1);
        Lineage lineage = pieces.plan(piece).lineage(Hand.READS_RIGHT, "", studio.clock().instant());
        Owned.Size size = new Owned.Size(Length.ofMillimetres(90), Length.ofMillimetres(90));
        Shelf shelf = studio.bean(Shelf.class);
        for (Prints.Sort sort : Prints.Sort.values()) {
            shelf.keep(Print.of(UUID.randomUUID(), sort.what(), "Tern", 1, size, studio.clock().instant(), lineage));
        }
        List<String> labels = Pattern.compile("aria-label=\"(count again: Tern[^\"]*)").matcher(web.get("/shelf/prints").text()).results().map(found -> found.group(1)).toList();
        assertEquals(Prints.Sort.values().length, labels.size());
        assertEquals(labels.size(), Set.copyOf(labels).size(), labels.toString());
    }
}
