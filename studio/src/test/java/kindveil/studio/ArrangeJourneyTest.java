package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Base;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A page arranged: what drowns brought back, what lies over it moved away, and the files for the table taken and read back. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class ArrangeJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final Web web;

    ArrangeJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.web = new Web(studio.address());
    }

    /** A board as it was photographed: dark at its foot. */
    private static byte[] board() {
        BufferedImage image = new BufferedImage(450, 600, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setPaint(new GradientPaint(0, 0, new Color(0xb9a888), 0, 600, new Color(0x554a3c)));
        g.fillRect(0, 0, 450, 600);
        g.dispose();
        return Samples.encoded(image, "png");
    }

    /** Two prints in colours, the second over the first. */
    private Piece two() {
        Piece first = pieces.begin("Tide gauge", Length.ofMillimetres(90), "gauge.png", Samples.lines(new Color(170, 120, 100), true));
        Piece laid = pieces.change(first.with(first.basis().on(new Base(Support.WATERCOLOUR_PAPER, Ground.ACRYLIC_PAINT)))
                .with(first.design().withBuild(first.design().choices(), Map.of(), Map.of(), first.design().wish(), PrintKind.COLOUR_TONER)));
        return pieces.add(laid, Catalogue.way("gel-lay"), "rail.png", Samples.lines(new Color(12, 12, 40), false));
    }

    private static int percent(Locator figure) {
        return Integer.parseInt(figure.innerText().replaceAll("\\D", ""));
    }

    private static void dragged(Page page, Locator what, double right, double down) {
        assertThat(page.locator("[data-arrange][data-listens]")).isVisible();
        BoundingBox box = what.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        for (int i = 1; i <= 6; i++) {
            page.mouse().move(box.x + box.width / 2 + right * i / 6, box.y + box.height / 2 + down * i / 6);
        }
        page.mouse().up();
    }

    /** The page is the one that was answered last. */
    private void shownAnew(Page page, Piece piece) {
        assertThat(page.locator("#lay [name=version]")).hasValue(String.valueOf(pieces.get(piece.id()).version()));
    }

    private static Download taken(Page page, String link) {
        return page.waitForDownload(() -> page.getByText(link, new Page.GetByTextOptions().setExact(true)).click());
    }

    @Test
    void whatDrowns_isBroughtBack_movedApart_andTakenToTheTable(Page page) throws IOException {
        Piece piece = two();
        String at = studio.address() + "/pieces/" + piece.id();
        page.navigate(at + "/build?open=ground");
        page.locator("input[name=photo]").setInputFiles(new FilePayload("board.png", "image/png", board()));
        page.getByText("Lay it under").click();
        assertThat(page.getByText("Lay it flat, even its light")).isVisible();
        // which drowns, and under what
        Locator figures = page.locator("#each dd");
        assertThat(figures).hasCount(2);
        assertThat(page.locator("#each")).containsText("under");
        int drowned = percent(figures.first());
        Locator most = page.locator(".gain button").first();
        assertThat(most).isVisible();
        most.click();
        page.waitForCondition(() -> figures.count() == 2 && figures.first().innerText().endsWith("drowns") && percent(figures.first()) < drowned);

        page.locator(".way a").getByText("Arrange").click();
        page.getByLabel("Width of the page").fill("200 mm");
        page.getByLabel("Height of the page").fill("160 mm");
        page.getByText("Tell it", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#lay-x")).hasValue("0 mm");
        assertThat(page.locator(".reads li")).hasCount(1);
        String over = page.locator(".reads li").innerText();
        assertTrue(over.contains("lies over 100 %"), over);
        int before = percent(page.locator(".read b").first());
        // the second in hand, dragged to the right until nothing meets
        page.locator(".lying a").first().click();
        assertThat(page.locator("[data-hand]")).isVisible();
        double scale = page.locator(".page-edge").boundingBox().width / 200;
        dragged(page, page.locator("[data-hand] .edge-picture"), 109 * scale, 19 * scale);
        assertThat(page.locator("#lay-x")).hasValue(Pattern.compile("1[01].*"));
        assertThat(page.getByText("Nothing that has a place of its own meets another.")).isVisible();
        assertThat(page.locator("#lay-x")).hasValue("110 mm");
        assertEquals(110, pieces.get(piece.id(), 2).veil().x().millimetres(), 1e-6, "its right edge drawn to the page's");
        page.waitForCondition(() -> page.locator(".read b").count() == 2 && percent(page.locator(".read b").first()) <= before);

        Piece now = pieces.get(piece.id());
        Download tracing = taken(page, "To trace, in its own size");
        try (PDDocument document = Loader.loadPDF(Files.readAllBytes(tracing.path()))) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("1, gel lay") && text.contains("2, gel lay") && text.contains("the line is 50 mm"), text);
        }
        page.locator(".way a").getByText("Make").click();
        Download layers = taken(page, "Its veils as layers");
        try (ZipFile zip = new ZipFile(layers.path().toFile())) {
            assertEquals("image/openraster", new String(zip.getInputStream(zip.getEntry("mimetype")).readAllBytes()));
            ZipEntry merged = zip.getEntry("mergedimage.png");
            BufferedImage image = ImageIO.read(zip.getInputStream(merged));
            assertEquals(1.25, image.getWidth() / (double) image.getHeight(), 0.01, "the page, 200 by 160");
            assertNotEquals(image.getRGB(image.getWidth() / 2, 5), image.getRGB(image.getWidth() / 2, image.getHeight() - 5), "on the photographed board, dark at its foot");
        }
        Download sheet = taken(page, "A sheet for the wall");
        try (PDDocument document = Loader.loadPDF(Files.readAllBytes(sheet.path()))) {
            assertEquals(1, document.getNumberOfPages());
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains(now.title()) && text.contains("How it is printed, 2"), text);
        }
    }

    @Test
    void byKeys_andExactly_andTurned_andUnder(Page page) {
        Piece piece = two();
        String second = "/pieces/" + piece.id() + "/veils/2";
        page.navigate(studio.address() + second + "/arrange");
        assertThat(page.locator("[data-arrange][data-listens]")).isVisible();
        Locator hand = page.locator("[data-hand]");
        hand.focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press(".");
        assertThat(page.locator("#lay-x")).hasValue("1 mm");
        page.waitForCondition(() -> pieces.get(piece.id(), 2).design().lay().turn() == 1);
        assertEquals(List.of(1.0, 10.0), List.of(pieces.get(piece.id(), 2).veil().x().millimetres(), pieces.get(piece.id(), 2).veil().y().millimetres()));
        // the keyboard goes on where it was
        shownAnew(page, piece);
        page.waitForCondition(() -> Boolean.TRUE.equals(page.evaluate("document.activeElement.hasAttribute('data-hand')")));
        page.getByLabel("From the left edge").fill("25.5 mm");
        page.getByLabel("Turned, degrees to the right").fill("-7.5");
        page.getByText("Lay it so").click();
        page.waitForCondition(() -> pieces.get(piece.id(), 2).design().lay().turn() == -7.5);
        assertEquals(25.5, pieces.get(piece.id(), 2).veil().x().millimetres(), 1e-9);
        assertThat(page.locator(".lying [aria-current] .quiet")).containsText("turned −7.5°".replace("−", "-"));
        shownAnew(page, piece);
        page.getByLabel("under: 2").click();
        page.waitForCondition(() -> pieces.get(piece.id()).veils().getFirst().x().millimetres() == 25.5);
    }

    /** An area begun, made larger by its corner, painted wider with the brush: three drags and three presses. */
    @Test
    void anArea_isBegun_madeLarger_andPainted(Page page) {
        Piece piece = two();
        page.navigate(studio.address() + "/pieces/" + piece.id() + "/arrange");
        page.locator("#area-form").selectOption("ROUND");
        page.getByText("Lay it", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#lay-width")).hasValue(Pattern.compile(".+ mm"));
        double wide = pieces.get(piece.id()).veil().patch().orElseThrow().width().millimetres();
        dragged(page, page.locator("[data-grip]"), 60, 20);
        page.waitForCondition(() -> pieces.get(piece.id()).veil().patch().orElseThrow().width().millimetres() > wide + 5);
        shownAnew(page, piece);
        double area = pieces.get(piece.id()).veil().patch().orElseThrow().share();
        page.locator("#brush-takes").selectOption("false");
        assertThat(page.locator("svg.brushing")).isVisible();
        dragged(page, page.locator(".page-edge"), -120, -150);
        page.waitForCondition(() -> pieces.get(piece.id()).veil().patch().orElseThrow().share() != area);
        shownAnew(page, piece);
        assertThat(page.locator("#brush-takes")).hasValue("false");
        page.getByLabel("all over: 1").click();
        page.waitForCondition(() -> pieces.get(piece.id()).veil().patch().isEmpty());
    }

    @Test
    void badInput_isToldAllAtOnce_andNothingMoves() {
        Piece piece = two();
        String second = "/pieces/" + piece.id() + "/veils/2/arrange";
        Web.Answer wrong = web.post(second, Map.of("version", String.valueOf(piece.version()), "x", "far", "y", "3 m 2", "turn", "400"));
        assertTrue(wrong.words().contains("“far”") && wrong.words().contains("“3 m 2”") && wrong.words().contains("“400") && wrong.field("x").equals("far"), wrong.words());
        assertEquals(422, wrong.status());
        assertEquals(0, pieces.get(piece.id(), 2).veil().x().millimetres());
        assertTrue(web.post("/pieces/" + piece.id() + "/arrange/size", Map.of("version", String.valueOf(piece.version()), "pageWidth", "5 mm", "pageHeight", "")).words().contains("Height of the page"));
        assertTrue(web.post("/pieces/" + piece.id() + "/arrange/area", Map.of("version", String.valueOf(piece.version()), "way", "gel-lay", "form", "BOX")).words().contains("What is laid"));
        assertTrue(web.post(second + "/brush", Map.of("version", String.valueOf(piece.version()), "points", "a,b", "broad", "5 mm")).words().contains("Way of the brush"));
        assertEquals(200, web.get(second).status());
        // sent as it was shown it stays as exact as it was
        Piece exact = pieces.change(pieces.get(piece.id(), 2).with(pieces.get(piece.id(), 2).veil().at(Length.ofMillimetres(12.3456), Length.ofMillimetres(7.6543))));
        String shown = web.get(second).field("x");
        assertEquals(200, web.post(second, Map.of("version", String.valueOf(exact.version()), "x", shown, "y", "9 mm", "turn", "0")).status());
        assertEquals(12.3456, pieces.get(piece.id(), 2).veil().x().millimetres(), 1e-6);
        assertEquals(9, pieces.get(piece.id(), 2).veil().y().millimetres(), 1e-6);
        pieces.remove(piece.id(), piece.title());
    }
}
