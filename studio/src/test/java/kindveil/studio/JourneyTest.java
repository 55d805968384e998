package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Base64;
import java.util.regex.Pattern;
import kindveil.light.Lab;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.intake.PrintPdfTest;
import kindveil.studio.intake.Rasters;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** The whole slice in a real browser, as an artist would walk it. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class JourneyTest {
    @TempDir
    Path folder;
    private final Studio studio;
    private Page page;

    JourneyTest(Studio studio) {
        this.studio = studio;
    }

    private String begin(String title) {
        page.navigate(studio.address() + "/pieces");
        page.getByLabel("Picture: PNG").setInputFiles(new FilePayload("ferry-bell.png", "image/png", Samples.cornerPng()));
        assertThat(page.getByLabel("Title")).hasValue("ferry bell");
        page.getByLabel("Title").fill(title);
        page.getByLabel("Width of the print").fill("12 cm");
        page.getByText("Read the picture").click();
        assertThat(page.locator("h1")).hasText(title);
        return page.url().replaceAll("/source.*", "");
    }

    private void station(String name) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations of this piece")).getByText(name).click();
        assertThat(page.locator(".way [aria-current]")).hasText(name);
        page.waitForLoadState();
    }

    private double lightness(String piece, String state, int pass) {
        BufferedImage look = Rasters.decode(new Web(studio.address()).bytes(piece.replace(studio.address(), "") + "/look/" + state + ".png?pass=" + pass + "&v=" + System.nanoTime()));
        int rgb = look.getRGB(look.getWidth() * 9 / 10, look.getHeight() * 9 / 10);
        return new kindveil.light.Colour(kindveil.light.Srgb.linear(rgb >> 16), kindveil.light.Srgb.linear(rgb >> 8), kindveil.light.Srgb.linear(rgb)).lab().lightness();
    }

    @Test
    void wholeSlice_fromPictureToRecord(Page opened) throws Exception {
        page = opened;
        String piece = begin("Ferry bell");
        assertThat(page.locator("#verdict")).containsText("It will");
        assertThat(page.locator("main")).containsText("solid dark");

        station("Build");
        lookAtIt(piece);

        station("Print");
        assertThat(page.locator("#hand")).hasText("Print it mirrored");
        printIt();

        station("Make");
        assertThat(page.locator("main")).containsText("2.2 ml (1/2 tsp) of gloss acrylic medium");
        assertThat(page.locator("main")).containsText("first check after");
        page.getByText("Begin at the bench").click();
        makeIt();

        record(piece);
    }

    private void lookAtIt(String piece) {
        Locator grip = page.locator("[data-grip]");
        grip.press("ArrowRight");
        assertThat(grip).hasAttribute("aria-valuenow", "49");
        BoundingBox box = page.locator(".picture svg").boundingBox();
        page.mouse().move(box.x + box.width * 0.49, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width * 0.8, box.y + box.height / 2);
        page.mouse().up();
        assertThat(grip).hasAttribute("aria-valuenow", Pattern.compile("79|80|81"));
        page.reload();
        assertThat(grip).hasAttribute("aria-valuenow", Pattern.compile("79|80|81"));

        assertThat(page.locator("#section")).containsText("Paper fibre");
        assertThat(page.locator("#section")).containsText("lets 20 % through");
        page.mouse().click(box.x + box.width * 0.22, box.y + box.height * 0.2);
        assertThat(page.locator("#section")).containsText("clear here");
        page.locator(".point").press("Shift+ArrowDown");
        assertThat(page.locator("#section h2")).containsText("26 × 40 mm");

        page.keyboard().press("3");
        assertThat(page.locator(".picture")).containsText("cleared after pass 4");
        page.keyboard().press("[");
        assertThat(page.locator(".picture")).containsText("cleared after pass 3");
        page.getByLabel("Rounds of rubbing").selectOption("2");
        assertThat(page.locator("main")).containsText("pass");
        page.getByLabel("Last veil").selectOption("mineral-oil");
        page.getByLabel("Sealing").selectOption("gloss-varnish");
        assertThat(page.locator(".refused")).containsText("oil ends the water-borne sequence");
        page.getByLabel("Last veil").selectOption("gloss-medium");
        assertThat(page.locator(".refused")).hasCount(0);
        page.getByLabel("Sealing").selectOption("none");
        assertThat(page.getByLabel("Sealing")).hasValue("none");

        double wet = lightness(piece, "wet", 2);
        assertTrue(lightness(piece, "dried", 2) >= wet + 20, "solid toner whitens as it dries");
        for (int pass = 2; pass <= 4; pass++) {
            assertTrue(lightness(piece, "dried", pass) < lightness(piece, "dried", pass - 1), "and less with each pass");
        }
        assertEquals(wet, lightness(piece, "cleared", 2), 5, "and comes back when cleared");
        assertTrue(Lab.lightnessOf(0.2) > wet);
    }

    private void printIt() throws Exception {
        // other tests may have put images on the sheets
        if (page.getByText("Print it by itself").count() > 0) {
            page.getByText("Print it by itself").click();
        }
        Download download = page.waitForDownload(() -> page.getByText("Take the PDF").click());
        assertEquals("ferry-bell.pdf", download.suggestedFilename());
        Path file = folder.resolve("taken.pdf");
        download.saveAs(file);
        BufferedImage sheet = PrintPdfTest.render(folder, Files.readAllBytes(file));
        double dots = 600 / 25.4;
        // the second copy would not fit upright: one A4 turned holds two, the first at 12 mm from the corner
        int row = (int) ((12 + 150) * dots);
        int left = 0;
        while ((sheet.getRGB(left, row) & 255) > 128) {
            left++;
        }
        int right = left;
        while ((sheet.getRGB(right, row) & 255) < 128) {
            right++;
        }
        assertEquals(12, left / dots, 0.2);
        assertEquals(120, (right - left) / dots, 0.2);
        int high = (int) ((12 + 24) * dots);
        assertTrue((sheet.getRGB((int) ((12 + 120 - 24) * dots), high) & 255) > 200, "the white square of the upper left stands at the upper right");
        assertTrue((sheet.getRGB((int) ((12 + 24) * dots), high) & 255) < 60);
    }

    /** Presses a key down once the bench listens. */
    private void press(String key) {
        assertThat(page.locator("body[data-ready]")).hasCount(1);
        page.keyboard().down(key);
    }

    /** Holds the space bar until the bench has gone on. */
    private void hold(String next) {
        press(" ");
        assertThat(page.locator("#act")).hasText(next);
        page.keyboard().up(" ");
    }

    private void makeIt() {
        assertThat(page.locator("#act")).hasText("Set out the print");
        press(" ");
        page.keyboard().up(" ");
        assertThat(page.locator(".holding")).hasCount(0);
        assertThat(page.locator("#act")).hasText("Set out the print");
        hold("Trim the print");
        hold("Dust the support");
        hold("Look at edges and back of the wood");
        hold("Coat where the print will lie");
        press("u");
        page.keyboard().up("u");
        assertThat(page.locator("#act")).hasText("Look at edges and back of the wood");
        hold("Coat where the print will lie");
        assertThat(page.locator(".warn")).containsText("Acrylic binder");
        hold("Lay the print, face down");
        assertThat(page.locator("[data-clock]")).containsText("too late");
        press("2");
        assertThat(page.locator(".said")).containsText("Do not lift it");
        page.keyboard().up("2");
        hold("Rub it down from the centre");
        assertThat(page.locator(".slip").first()).containsText("Wash the brush");
        hold("Wash the brush");
        hold("Wet the paper");
        waitForTheBed();
        hold("Rub the paper away");
        later(7);
        hold("Look at it, dry");
        later(17);
        hold("Dampen what is left");
        later(1);
        hold("Rub again, second round");
        later(25);
        press(" ");
        assertThat(page.locator("[role=alert]")).containsText("The paper is dry: rubbing it now tears the image.");
        page.keyboard().up(" ");
        press("u");
        page.keyboard().up("u");
        assertThat(page.locator("#act")).hasText("Dampen what is left");
        hold("Rub again, second round");
        later(7);
        hold("Look at it, dry");
        later(17);
        press("2");
        assertThat(page.locator("#act")).hasText("Touch up and draw in");
        page.keyboard().up("2");
        later(10);
        hold("Clear the last veil");
        hold("Wash the brush");
        hold("Hold it away and look");
        later(120);
        hold("Made");
    }

    private void later(int minutes) {
        studio.clock().forward(Duration.ofMinutes(minutes));
        page.reload();
    }

    private void waitForTheBed() {
        assertThat(page.locator("[data-clock]")).containsText("safe from");
        press(" ");
        assertThat(page.locator("[role=alert]")).containsText("water now lifts the image");
        page.keyboard().up(" ");
        String began = page.locator("[data-clock]").getAttribute("data-began");
        page.reload();
        assertEquals(began, page.locator("[data-clock]").getAttribute("data-began"), "the clock is the server's");
        later(2);
        page.getByText("I did it earlier").click();
        // the plan's guess stands there, and a line to drag it along
        assertThat(page.locator("[data-late] [data-then]")).hasText(Pattern.compile("at \\d\\d:\\d\\d"));
        page.locator("[data-line]").fill("2");
        assertThat(page.getByLabel("minutes ago", new Page.GetByLabelOptions().setExact(true))).hasValue("2");
        page.getByLabel("minutes ago", new Page.GetByLabelOptions().setExact(true)).fill("9000");
        page.getByText("was done then").click();
        assertThat(page.locator("[role=alert]")).containsText("since the act before it was done then");
        studio.clock().forward(Duration.ofHours(3));
        page.navigate(page.url().replaceAll("/tell.*", ""));
        assertThat(page.locator("p[data-phase]")).hasText("good");
    }

    private void record(String piece) {
        page.getByText("Write more of it down").click();
        assertThat(page.locator("h1")).hasText("Ferry bell");
        page.getByText("Write it down").click();
        assertThat(page.locator(".problems")).containsText("Verdict");
        page.getByLabel("as I wished").check();
        page.getByLabel("What I see").fill("Black as the copy.");
        page.getByLabel("Who printed the copy").fill("shop at the landing");
        page.getByLabel("A photograph of it").setInputFiles(new FilePayload("photo.jpg", "image/jpeg", Samples.encoded(Samples.corner(300, 400), "jpeg")));
        page.getByText("Write it down").click();
        assertThat(page.locator("article")).containsText("Black as the copy.");
        assertThat(page.locator("article image")).hasCount(2);
        page.navigate(studio.address() + "/log");
        assertThat(page.locator("article").first()).containsText("shop at the landing");
        page.navigate(studio.address() + "/pieces");
        assertThat(page.locator("main")).containsText("made");
        page.navigate(studio.address() + "/");
        assertThat(page.locator("h1")).containsText(Pattern.compile("day"));
        assertNotEquals("", piece);
    }

    @Test
    void webp_writtenByTheBrowser_isRead(Page opened) {
        page = opened;
        page.navigate(studio.address() + "/pieces");
        String url = (String) page.evaluate("() => { const c = document.createElement('canvas'); c.width = 200; c.height = 160; const g = c.getContext('2d');"
                + " g.fillStyle = '#fff'; g.fillRect(0, 0, 200, 160); g.fillStyle = '#000'; g.fillRect(20, 20, 90, 90); return c.toDataURL('image/webp'); }");
        assertTrue(url.startsWith("data:image/webp"));
        page.getByLabel("Picture: PNG").setInputFiles(new FilePayload("moth.webp", "image/webp", Base64.getDecoder().decode(url.substring(url.indexOf(',') + 1))));
        page.getByText("Read the picture").click();
        assertThat(page.locator("h1")).hasText("moth");
        assertThat(page.locator("main")).containsText("200 × 160 pixels");
    }

    @Test
    void startFurtherOn_fromThePage_setsTheHandOfTheClock(Page opened) {
        page = opened;
        String piece = begin("Bell rope");
        page.navigate(piece + "/make");
        page.getByText("Begin at the bench").click();
        assertThat(page.locator("#act")).hasText("Set out the print");
        page.waitForLoadState();
        page.locator(".answer").first().click();
        assertThat(page.locator(".answer small").first()).hasText("Hold it until it is full");
        assertThat(page.locator("#act")).hasText("Set out the print");
        page.getByText("start me further on").click();
        page.getByLabel("the act at hand is").selectOption("1.pass-1-wet");
        page.getByLabel("what went before was done").fill("40");
        page.getByText("start there").click();
        assertThat(page.locator("#act")).hasText("Wet the paper");
        assertThat(page.locator("svg [data-figure]")).hasText(Pattern.compile("2\\d:\\d\\d to the first check"));
    }

    @Test
    void keyboard_alone_reachesThePieceFromToday(Page opened) {
        page = opened;
        begin("Tiller");
        page.navigate(studio.address() + "/");
        page.keyboard().press("Tab");
        page.keyboard().press("Tab");
        page.keyboard().press("Tab");
        page.keyboard().press("Tab");
        assertEquals("Pieces", page.evaluate("document.activeElement.textContent"));
        page.keyboard().press("Enter");
        assertThat(page.locator("h1")).hasText("Pieces");
    }

    @Test
    void dwell_isBegunOnACount_andTheFilmIsLiftedInItsWindow(Page opened) {
        page = opened;
        String piece = begin("Film gull");
        station("Build");
        page.getByLabel("Way", new Page.GetByLabelOptions().setExact(true)).first().selectOption("film-release");
        assertThat(page.locator("main")).containsText("solution, wet");
        page.navigate(piece + "/make");
        page.getByText("Begin at the bench").click();
        page.getByText("start me further on").click();
        page.getByLabel("the act at hand is").selectOption("1.lay");
        page.getByLabel("what went before was done").fill("0");
        page.getByText("start there").click();
        assertThat(page.locator("#act")).hasText("Lay the film, coated side down");
        press(" ");
        assertThat(page.locator("[data-count]")).hasText("3");
        page.keyboard().up(" ");
        assertThat(page.locator("#act")).hasText("Press it in");
        hold("Peel slowly, wet");
        assertThat(page.locator("p[data-phase]")).hasText("too soon");
        studio.clock().forward(Duration.ofSeconds(100));
        page.reload();
        assertThat(page.locator("p[data-phase]")).hasText(Pattern.compile("good|closing"));
    }

    @Test
    void severalVeils_areLaidOverEachOtherAndMadeOnOneBench(Page opened) {
        page = opened;
        String piece = begin("Ferry lantern");
        page.navigate(piece + "/build");
        page.getByText("Lay another over it").click();
        page.locator("#another-way").selectOption("glazing");
        page.getByText("Add it").click();
        assertThat(page.locator(".veils [aria-current]")).containsText("Glazes");
        assertThat(page.locator("#section")).containsText("Transparent glaze");
        assertThat(page.locator("#section")).containsText("Toner");
        page.navigate(piece + "/make");
        assertThat(page.locator("main")).containsText("Glaze, coat 1");
        assertThat(page.locator("main")).containsText("A glaze on a wet one drags it.");
    }
}
