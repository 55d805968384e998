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

    /** Tilted about one axis the photograph does not tell how high the page is: it is asked, and what is known replaces the guess. */
    @Test
    void proportionsLeftOpen_areAsked_andAKnownSizeReplacesTheGuess() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id() + "/source/corners";
        String[] tilted = {"30", "10", "70", "10", "98", "95", "2", "95"};
        Web.Answer asked = web.post(base, at(piece, tilted));
        assertTrue(asked.words().contains("proportions open") && asked.words().contains("Lay it flat as it looks"), asked.words());
        assertTrue(pieces.get(piece.id()).design().treatments().of(Corners.class).isEmpty());
        Map<String, String> sized = at(piece, tilted);
        sized.putAll(Map.of("wide", "210 mm", "tall", "297 mm"));
        assertEquals(200, web.post(base, sized).status());
        assertEquals(297.0 / 210, studio.bean(PictureWork.class).shape(piece.veil().source(), pieces.get(piece.id()).design().treatments()).aspect(), 1e-3);
        Map<String, String> asItLooks = at(piece, tilted);
        asItLooks.put("as-it-looks", "yes");
        assertEquals(200, web.post(base, asItLooks).status());
        assertEquals(0, corners(piece).proportion());
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

    /** A page of one colour on a dark table, askew under a yellow lamp, a white card beside it. */
    private static byte[] page() {
        java.awt.image.BufferedImage image = new java.awt.image.BufferedImage(800, 600, java.awt.image.BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D g = image.createGraphics();
        g.setColor(lit(0.1, 0.08, 0.06));
        g.fillRect(0, 0, 800, 600);
        kindveil.light.Colour blue = kindveil.light.Colour.parse("page", "#4a7a94");
        g.setColor(lit(blue.red(), blue.green(), blue.blue()));
        g.fillPolygon(new int[] {80, 560, 600, 60}, new int[] {60, 90, 540, 520}, 4);
        g.setColor(lit(0.86, 0.86, 0.86));
        g.fillRect(660, 200, 100, 140);
        g.dispose();
        return Samples.encoded(image, "png");
    }

    private static java.awt.Color lit(double red, double green, double blue) {
        return java.awt.Color.decode(new kindveil.light.Colour(0.7 * red, 0.6 * green, 0.3 * blue).toString());
    }

    @Test
    void aGroundUnderALamp_isLaidFlatAndEvenedByAWhiteCard_andUndone(Page page) {
        Piece piece = piece();
        page.navigate(studio.address() + "/pieces/" + piece.id() + "/build?open=ground");
        page.locator("input[name=photo]").setInputFiles(new com.microsoft.playwright.options.FilePayload("page.png", "image/png", page()));
        page.getByText("Lay it under").click();
        page.getByText("Lay it flat, even its light").click();
        assertThat(page.locator("[data-handle]")).hasCount(5);
        assertThat(page.locator("[data-handle]").nth(4)).hasAttribute("transform", java.util.regex.Pattern.compile("translate.*"));
        String[] places = {"10", "10", "70", "15", "75", "90", "7.5", "86.67", "88", "45"};
        for (int i = 0; i < 5; i++) {
            page.locator("#corner-x" + (i + 1)).fill(places[2 * i]);
            page.locator("#corner-y" + (i + 1)).fill(places[2 * i + 1]);
        }
        page.getByText("A white card lies in it").click();
        page.getByLabel("Page width, if known").fill("200 mm");
        page.locator("button:text-is('Lay it flat')").click();
        page.waitForCondition(() -> pieces.get(piece.id()).basis().page().isPresent());
        Piece now = pieces.get(piece.id());
        assertEquals(200, now.basis().page().orElseThrow().width().millimetres(), 1e-6);
        kindveil.image.Picture flat = studio.bean(PictureWork.class).preview(now.basis().photograph().orElseThrow());
        kindveil.light.Colour seen = new kindveil.light.Colour(flat.red().at(flat.width() / 2, flat.height() / 2), flat.green().at(flat.width() / 2, flat.height() / 2), flat.blue().at(flat.width() / 2, flat.height() / 2));
        assertTrue(kindveil.light.ColourDifference.between(seen.lab(), kindveil.light.Colour.parse("page", "#4a7a94").lab()) < 1.5, seen.toString());
        kindveil.light.Colour corner = new kindveil.light.Colour(flat.red().at(6, 6), flat.green().at(6, 6), flat.blue().at(6, 6));
        assertTrue(kindveil.light.ColourDifference.between(corner.lab(), seen.lab()) < 3, "no table is left at its corner: " + corner);
        // the card put onto the table instead: refused by name, nothing changed
        Map<String, String> wrong = at(now, places[0], places[1], places[2], places[3], places[4], places[5], places[6], places[7]);
        wrong.putAll(Map.of("card", "yes", "x5", "95", "y5", "95", "wide", "3 m"));
        String said = web.post("/pieces/" + piece.id() + "/ground/flat", wrong).words();
        assertTrue(said.contains("Width of the page"), said);
        Piece bare = piece();
        assertEquals("/pieces/" + bare.id() + "/build", web.get("/pieces/" + bare.id() + "/ground/flat").path(), "a ground that is not photographed is chosen first");
    }
}
