package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.util.HashMap;
import java.util.Map;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.api.extension.ExtendWith;

/** A plan changed after copies were taken or a making was begun: what is real is told, asked about, and kept. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class LateChangeJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final Web web;

    LateChangeJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.web = new Web(studio.address());
    }

    private Piece piece() {
        return pieces.begin("Late bell", Length.ofMillimetres(90), "late.png", Samples.cornerPng());
    }

    private Map<String, String> plan(Piece piece, String... more) {
        Map<String, String> plan = new HashMap<>(Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "way", "gel-lay", "print", "GOOD_TONER", "support", "birch-panel", "ground", "ACRYLIC_PAINT", "colour", "#c9b48a", "wish", "CLEAN", "width", "90 mm"));
        for (int i = 0; i < more.length; i += 2) {
            plan.put(more[i], more[i + 1]);
        }
        return plan;
    }

    @Test
    void size_changedAfterAFileWasTaken_isAskedAboutOnce_andBothAreKept(Page page) {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        web.bytes(base + "/sheet.pdf");
        page.navigate(studio.address() + base + "/build");
        page.locator("#told-width").fill("100 mm");
        page.locator("#told-width").press("Enter");
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERTDIALOG)).containsText("A file of 3 copies at 90 mm wide, mirrored, was taken on");
        assertEquals(Length.ofMillimetres(90), pieces.get(piece.id()).design().printWidth(), "nothing is changed yet");
        page.getByText("Change the plan all the same").click();
        assertThat(page.locator("#told-width")).hasValue("100 mm");
        assertEquals(Length.ofMillimetres(100), pieces.get(piece.id()).design().printWidth());
        assertTrue(web.get(base + "/print").words().contains("A file of 3 copies at 90 mm wide, mirrored, was taken on"));
        // back to what was printed: nothing stands there as other any more, but it parts from nothing either
        assertEquals(200, web.post(base + "/build", plan(piece, "width", "90 mm", "anyway", "true")).status());
        assertFalse(web.get(base + "/print").words().contains("its copies are other than this"));
    }

    @Test
    void wordsThatLeaveThePrintAsItIs_areNotAskedAbout() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        web.bytes(base + "/sheet.pdf");
        assertFalse(web.post(base + "/build", plan(piece, "wish", "SOFT")).words().contains("is real already"));
        assertEquals("SOFT", pieces.get(piece.id()).design().wish().name());
        assertFalse(web.post(base + "/build", plan(piece, "wish", "SOFT", "choice.hurry", "fan")).words().contains("is real already"));
    }

    @Test
    void way_changedWhileItIsOnTheBench_isAskedAbout_andTheMakingGoesOn() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        MakeWork makings = studio.bean(MakeWork.class);
        var making = makings.begin(piece.id());
        int acts = making.making().remaining();
        Web.Answer asked = web.post(base + "/build", plan(piece, "way", "gesso-bed"));
        assertTrue(asked.words().contains("It is on the bench, at “Set out the print”"), asked.words());
        assertEquals("gel-lay", pieces.get(piece.id()).design().way());
        assertEquals(200, web.post(base + "/build", plan(piece, "way", "gesso-bed", "anyway", "true")).status());
        assertEquals("gesso-bed", pieces.get(piece.id()).design().way());
        assertEquals(acts, makings.get(making.id()).making().remaining(), "as it was begun");
    }

    @Test
    void frame_changedAfterAFileWasTaken_isAskedAbout() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        web.bytes(base + "/sheet.pdf");
        Map<String, String> cropped = new HashMap<>(Map.of("version", "0", "left", "10", "scale", "same"));
        assertTrue(web.post(base + "/source/frame", cropped).words().contains("is real already"));
        assertTrue(pieces.get(piece.id()).design().treatments().list().isEmpty());
        cropped.put("anyway", "true");
        assertEquals(200, web.post(base + "/source/frame", cropped).status());
        assertEquals(1, pieces.get(piece.id()).design().treatments().list().size());
    }

    /** Whatever is done in one press: asked about on a page of its own, done when it is meant, and not asked about again. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"/treatments|kind=invert", "/treatments|kind=dots", "/use|change=way gesso-bed", "/use|change=invert", "/print|hand=MIRRORED&paper=A4&copies=3"})
    void onePress_afterAFileWasTaken_isAskedAbout_thenDone(String address, String sent) {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        web.bytes(base + "/sheet.pdf");
        studio.bean(MakeWork.class).begin(piece.id());
        Map<String, String> fields = new HashMap<>(Map.of("version", "0"));
        for (String field : sent.split("&")) {
            fields.put(field.split("=")[0], field.split("=")[1]);
        }
        Web.Answer asked = web.post(base + address, fields);
        assertTrue(asked.words().contains("Something of this is real already.") && asked.words().contains("Leave it as it was"), asked.words());
        assertEquals(piece.design(), pieces.get(piece.id()).design(), "nothing is changed yet");
        assertTrue(web.get(base + address).path().startsWith(base), "leaving it leads back to the piece");
        fields.put("anyway", "true");
        assertFalse(web.post(base + address, fields).words().contains("is real already"));
        assertFalse(piece.design().equals(pieces.get(piece.id()).design()), "done");
        // a change of the plan is taken back to what was printed without another word
        String version = String.valueOf(pieces.get(piece.id()).version());
        Web.Answer back = web.post(base + "/undo", Map.of("version", version));
        assertFalse(back.words().contains("A file of"), back.words());
    }

    @Test
    void source_changedAfterAFileWasTaken_isAskedAbout() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        web.bytes(base + "/sheet.pdf");
        Map<String, String> other = Map.of("version", "0", "width", "90 mm", "black", "20", "white", "80", "tones", "");
        assertTrue(web.post(base + "/source", other).words().contains("is real already"));
        Map<String, String> meant = new HashMap<>(other);
        meant.put("anyway", "true");
        assertEquals(200, web.post(base + "/source", meant).status());
        assertFalse(pieces.get(piece.id()).design().treatments().list().isEmpty());
    }
}
