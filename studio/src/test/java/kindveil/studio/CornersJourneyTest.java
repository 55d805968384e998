package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.util.HashMap;
import java.util.Map;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.tone.Corners;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A page photographed askew is laid flat by its corners, by keys, by pointer and by numbers. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class CornersJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final Web web;

    CornersJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.web = new Web(studio.address());
    }

    private Piece piece() {
        return pieces.begin("Askew bell", Length.ofMillimetres(90), "askew.png", Samples.cornerPng());
    }

    private Corners corners(Piece piece) {
        return pieces.get(piece.id()).design().treatments().of(Corners.class).orElseThrow();
    }

    private Map<String, String> at(Piece piece, String... places) {
        Map<String, String> sent = new HashMap<>(Map.of("version", String.valueOf(pieces.get(piece.id()).version())));
        for (int i = 0; i < 4; i++) {
            sent.put("x" + (i + 1), places[2 * i]);
            sent.put("y" + (i + 1), places[2 * i + 1]);
        }
        return sent;
    }

    @Test
    void handles_moveByKeysAndPointer(Page page) {
        Piece piece = piece();
        page.navigate(studio.address() + "/pieces/" + piece.id() + "/source");
        page.getByText("Lay a photographed page flat").click();
        // the handles stand at their corners once they listen
        assertThat(page.locator("[data-handle]").nth(3)).hasAttribute("transform", java.util.regex.Pattern.compile("translate.*"));
        page.locator("[data-handle]").nth(0).focus();
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("#corner-x1")).hasValue("10");
        assertThat(page.locator("#corner-y1")).hasValue("8.2");
        var box = page.locator("[data-handle]").nth(1).boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 - 30, box.y + box.height / 2 + 24);
        page.mouse().up();
        assertTrue(Double.parseDouble(page.locator("#corner-x2").inputValue()) < 91);
        page.getByText("Lay it flat").click();
        page.waitForURL("**/source");
        assertEquals(10, corners(piece).x1());
        assertTrue(corners(piece).y2() > 9);
    }

    @Test
    void framing_comesAfter_andAskewAgainIsAsItWas() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        assertEquals(200, web.post(base + "/source/corners", at(piece, "10", "5", "90", "12", "95", "90", "5", "96")).status());
        double flat = studio.bean(PictureWork.class).shape(piece.veil().source(), pieces.get(piece.id()).design().treatments()).aspect();
        assertEquals(200, web.post(base + "/source/frame", Map.of("version", "1", "left", "10", "right", "10", "scale", "wide")).status());
        assertEquals(10, corners(piece).x1(), "cropped, it is flat still");
        assertEquals(flat / 0.8, studio.bean(PictureWork.class).shape(piece.veil().source(), pieces.get(piece.id()).design().treatments()).aspect(), 1e-6);
        assertTrue(web.get(base + "/source/frame").text().contains("value=\"10\""), "the cut stands there to be changed");
        assertEquals(200, web.post(base + "/source/corners", Map.of("version", "2", "askew", "true")).status());
        assertTrue(pieces.get(piece.id()).design().treatments().list().isEmpty());
    }

    @Test
    void cornersThatAreNone_areRefused_allAtOnce_andWhatWasTypedStays() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        Web.Answer wrong = web.post(base + "/source/corners", at(piece, "left", "5", "90", "120", "95", "90", "5", "96"));
        assertEquals(422, wrong.status());
        assertTrue(wrong.words().contains("Corner 1, from the left: “left”") && wrong.words().contains("Corner 2, from the top") && wrong.text().contains("value=\"left\""), wrong.words());
        assertTrue(web.post(base + "/source/corners", at(piece, "90", "5", "10", "5", "95", "90", "5", "96")).words().contains("Put each handle on its own corner"));
        assertTrue(web.post(base + "/source/corners", at(piece, "10", "10", "20", "10", "20", "20", "10", "20")).words().contains("area within the corners"));
        assertEquals(0, pieces.get(piece.id()).version());
        web.bytes(base + "/sheet.pdf");
        assertTrue(web.post(base + "/source/corners", at(piece, "10", "5", "90", "12", "95", "90", "5", "96")).words().contains("is real already"));
    }
}
