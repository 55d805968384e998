package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.stream.Stream;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.reading.HandReading;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A print that exists already: the plan follows it. */
@ExtendWith(OpenStudio.class)
class ExistingPrintTest {
    private final Web web;
    private final PieceWork pieces;

    ExistingPrintTest(Studio studio, PieceWork pieces) {
        this.web = new Web(studio.address());
        this.pieces = pieces;
    }

    static Stream<String> transfers() {
        return Catalogue.transfers().stream().map(Way::key);
    }

    private Piece piece() {
        return pieces.begin("From the shop", Length.ofMillimetres(90), "shop.png", Samples.cornerPng());
    }

    private Web.Answer tell(Piece piece, String width, String stands, String count) {
        return web.post("/pieces/" + piece.id() + "/print/exists", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "width", width, "stands", stands, "count", count));
    }

    /** In every way and both hands: the print in the plan stands as it is, and the finished image as the way makes of that. */
    @ParameterizedTest
    @MethodSource("transfers")
    void print_standsAsItIs_andEndsAsTheWayMakesIt(String key) {
        Piece fresh = piece();
        Piece piece = pieces.change(fresh.doing(Catalogue.way(key)));
        for (Hand hand : Hand.values()) {
            assertEquals(200, tell(piece, "110 mm", hand.name(), "2").status());
            Planned planned = pieces.plan(pieces.get(piece.id()));
            PrintPlan printing = planned.piece().design().printing();
            assertNotNull(printing.exists());
            assertEquals(hand, planned.printHand(), key);
            assertEquals(Length.ofMillimetres(110), planned.brief().width());
            assertEquals(2, planned.piece().design().copies());
            assertEquals(printing.hand().hand(), HandReading.of(planned.trace()).orElseThrow().finished(), key + " is seen as it will stand");
            assertEquals(HandWish.READS_RIGHT, printing.exists().wanted());
            for (Way way : pieces.turning(planned.piece())) {
                Piece turned = pieces.change(pieces.get(piece.id()).doing(way));
                assertEquals(Hand.READS_RIGHT, turned.design().hand().hand(), key + " to " + way.key());
                assertNotNull(turned.design().printing().exists());
                pieces.undo(piece.id(), turned.version());
            }
        }
    }

    @Test
    void anotherSize_isAskedAbout_andPrintedAnew() {
        Piece piece = piece();
        tell(piece, "110 mm", "READS_RIGHT", "3");
        Web.Answer page = web.get("/pieces/" + piece.id() + "/print");
        assertTrue(page.words().contains("It will end mirrored. You wanted it otherwise. These would turn it:"), page.words());
        assertFalse(page.words().contains("Take the PDF"));
        Map<String, String> wider = Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "way", "gel-lay", "print", "GOOD_TONER", "support", "birch-panel", "ground", "ACRYLIC_PAINT", "colour", "#c9b48a", "wish", "CLEAN", "width", "130 mm");
        assertTrue(web.post("/pieces/" + piece.id() + "/build", wider).words().contains("A print of it exists, 110 mm wide"));
        Map<String, String> meant = new java.util.HashMap<>(wider);
        meant.put("anyway", "true");
        assertEquals(200, web.post("/pieces/" + piece.id() + "/build", meant).status());
        PrintPlan anew = pieces.get(piece.id()).design().printing();
        assertNull(anew.exists());
        assertEquals(HandWish.READS_RIGHT, anew.hand(), "as it was wanted again");
    }

    @Test
    void allThatIsWrong_isSaidAtOnce() {
        Web.Answer refused = tell(piece(), "far", "SIDEWAYS", "0");
        assertEquals(422, refused.status());
        assertTrue(refused.words().contains("Its width") && refused.words().contains("How it reads") && refused.words().contains("How many there are"), refused.words());
    }

    /** What it is, and how heavy its paper, told with it. */
    @Test
    void kindAndPaper_areToldWithIt() {
        Piece piece = pieces.begin("Shop bell", Length.ofMillimetres(90), "shop.png", Samples.cornerPng());
        String base = "/pieces/" + piece.id();
        assertTrue(web.get(base + "/print").text().contains("name=\"weight\""), "the paper of a gel lay is rubbed away");
        Map<String, String> fields = new java.util.HashMap<>(Map.of("version", "0", "width", "100 mm", "stands", "MIRRORED", "count", "2", "kind", "WEAK_TONER", "weight", "110"));
        assertEquals(200, web.post(base + "/print/exists", fields).status());
        Piece told = pieces.get(piece.id());
        assertEquals(PrintKind.WEAK_TONER, told.design().print());
        assertEquals(PrintKind.WEAK_TONER, told.design().printing().exists().kind());
        assertEquals(110, told.design().theWay().dialled(pieces.plan(told).brief(), "paper"));
        fields.putAll(Map.of("version", String.valueOf(told.version()), "weight", "9999", "kind", "CHALK", "count", "0"));
        String wrong = web.post(base + "/print/exists", fields).words();
        assertTrue(wrong.contains("CHALK") && wrong.contains("Weight of its paper") && wrong.contains("How many there are"), wrong);
    }

    @Test
    void aPageOfWhichThereIsNoPicture_isPlannedByItsShape() {
        Web.Answer print = web.post("/pieces", Map.of("title", "Page of the tide table", "width", "120 mm", "height", "180 mm", "blank", "yes"));
        assertTrue(print.path().endsWith("/print"), print.path());
        Piece piece = pieces.all().stream().filter(one -> one.title().equals("Page of the tide table")).findFirst().orElseThrow();
        assertEquals(1.5, pieces.plan(piece).brief().height().millimetres() / pieces.plan(piece).brief().width().millimetres(), 0.01);
        Web.Answer wrong = web.post("/pieces", Map.of("title", "", "width", "wide", "height", "", "blank", "yes"));
        assertTrue(wrong.words().contains("Title") && wrong.words().contains("Print width") && wrong.words().contains("Its height"), wrong.words());
        for (String[] size : new String[][] {{"10 mm", "900 mm"}, {"900 mm", "10 mm"}}) {
            assertTrue(web.post("/pieces", Map.of("title", "Long page", "width", size[0], "height", size[1], "blank", "yes")).status() < 500);
        }
    }
}
