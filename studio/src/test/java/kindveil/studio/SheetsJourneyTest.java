package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
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
import java.util.List;
import java.util.regex.Pattern;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.device.SimulatedPrinter;
import kindveil.studio.intake.PrintPdfTest;
import kindveil.studio.work.sheet.Gathering;
import kindveil.studio.work.sheet.Gatherings;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Choose pictures, treat and frame one, paint its opaque part, put three on sheets, print them wrong, see it, put it right. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class SheetsJourneyTest {
    @TempDir
    Path folder;
    private final Studio studio;
    private Page page;

    SheetsJourneyTest(Studio studio) {
        this.studio = studio;
    }

    @BeforeEach
    void emptySheets() {
        Gatherings gatherings = studio.bean(Gatherings.class);
        gatherings.replace(new Gathering(gatherings.now().version(), List.of(), List.of()));
        studio.bean(SimulatedPrinter.class).fill(100);
    }

    private void begin(String title, String width) {
        page.navigate(studio.address() + "/pieces");
        page.getByLabel("Picture: PNG").setInputFiles(new FilePayload("x.png", "image/png", Samples.cornerPng()));
        page.getByLabel("Title").fill(title);
        page.getByLabel("Width of the print").fill(width);
        page.getByText("Read the picture").click();
        assertThat(page.locator("h1")).hasText(title);
    }

    private void gather() {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations of this piece")).getByText("Print").click();
        page.getByText(Pattern.compile("Put it on the print sheets|Keep it on these sheets")).click();
        page.getByText("The sheets, their machine and other files").click();
        assertThat(page.locator("h1")).hasText("Print sheets");
    }

    @Test
    void threePictures_fromChoosingToARightSheet(Page opened) throws Exception {
        page = opened;
        begin("Bell rope", "90 mm");
        treat();
        frame();
        paint();
        gather();
        begin("Landing post", "70 mm");
        gather();
        begin("Lantern", "60 mm");
        gather();
        assertThat(page.locator("#sheets")).containsText("of A4");
        assertThat(page.locator("#images")).containsText("Bell rope");
        assertEquals(9, page.locator(".copy").count());

        spares();
        arrange();
        printWrongSeeAndCorrect();
        takeTheFile();
    }

    /** Grains, then taken earlier and back; the list shows what is done. */
    private void treat() {
        add("dots", 1);
        assertThat(page.locator("#treatments li").first()).containsText("halftone of dots");
        add("torn", 2);
        page.locator("#treatments li").nth(1).getByText("earlier").click();
        assertThat(page.locator("#treatments li").first()).containsText("torn edge");
    }

    private void add(String kind, int then) {
        page.locator("#kind").selectOption(kind);
        page.locator("#treatments").getByText("Add", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("#treatments ol > li")).hasCount(then);
    }

    /** A side of the crop is dragged inwards. */
    private void frame() {
        // what would help comes late and moves what lies below
        assertThat(page.locator("[hx-trigger=load]")).hasCount(0);
        page.getByText("Crop, turn, straighten").click();
        page.waitForURL("**/source/frame");
        BoundingBox area = page.locator(".framed-picture svg").boundingBox();
        page.mouse().move(area.x + area.width - 2, area.y + area.height / 2);
        page.mouse().down();
        page.mouse().move(area.x + area.width * 0.9, area.y + area.height / 2);
        page.mouse().move(area.x + area.width * 0.8, area.y + area.height / 2);
        page.mouse().up();
        double cut = Double.parseDouble(page.locator("#right").inputValue());
        assertEquals(20, cut, 2.5);
        page.getByText("Frame it so").click();
        assertThat(page.locator("#treatments ol > li")).hasCount(3);
        assertThat(page.locator("#treatments li").first()).containsText("cut off");
    }

    /** A stroke over the picture becomes opaque; taken back it is as before. */
    private void paint() {
        page.getByText("Opaque part").click();
        Locator drawn = page.locator("#drawn");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("All of it")).or(page.locator("[data-act=all]")).first().click();
        assertThat(page.locator("#opaque-told")).containsText("100 % of the picture");
        page.getByLabel("wipe off").check();
        BoundingBox area = page.locator(".opaque-picture").boundingBox();
        page.mouse().move(area.x + area.width * 0.3, area.y + area.height * 0.5);
        page.mouse().down();
        page.mouse().move(area.x + area.width * 0.5, area.y + area.height * 0.5);
        page.mouse().move(area.x + area.width * 0.7, area.y + area.height * 0.5);
        page.mouse().up();
        assertThat(page.locator("#opaque-told")).not().containsText("100 % of the picture");
        String wiped = drawn.getAttribute("data-code");
        assertTrue(wiped.length() > 40, wiped);
        page.keyboard().press("u");
        assertThat(page.locator("#opaque-told")).containsText("100 % of the picture");
        page.getByText("Done").click();
    }

    private void spares() {
        page.getByText("Copies, sheet, machine").click();
        page.getByLabel("Copies of Lantern").fill("1");
        page.getByLabel("Who prints it").fill("home laser");
        page.getByText("Lay out again").click();
        assertThat(page.locator(".copy")).hasCount(7);
    }

    /** One copy is dragged, another moved by keys, a third put where it may not lie. */
    private void arrange() {
        assertThat(page.locator("[data-board][data-listens]").first()).isVisible();
        Locator last = page.locator("g[data-sheet]").last().locator(".copy").last();
        String id = last.getAttribute("id");
        double x = Double.parseDouble(last.getAttribute("data-x"));
        BoundingBox box = last.locator(".board-edge").boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 10, box.y + box.height / 2 + 30);
        page.mouse().up();
        assertThat(page.getByText("They lie as you put them").or(page.getByText("Pack them again"))).isVisible();
        Locator moved = page.locator("#" + id);
        assertTrue(Double.parseDouble(moved.getAttribute("data-x")) > x + 5, moved.getAttribute("data-x"));
        double down = Double.parseDouble(moved.getAttribute("data-y"));
        moved.focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("#" + id + "[data-y='" + number(down - 2) + "']")).hasCount(1);
        Locator first = page.locator(".copy").first();
        first.focus();
        page.keyboard().press("Shift+ArrowLeft");
        assertThat(page.locator("#board .problems")).containsText("machines leave unprinted");
    }

    /** As the page writes a number of millimetres. */
    private static String number(double value) {
        return String.valueOf(Math.round(value * 100) / 100.0);
    }

    private void printWrongSeeAndCorrect() {
        page.reload();
        page.getByText("Try it on the simulated printer").click();
        page.getByLabel("It prints at, %").fill("97");
        page.getByLabel("mirror is on in its dialogue").check();
        page.getByText(Pattern.compile("^Print \\d+ sheets$|^Print one sheet$")).click();
        assertThat(page.locator("#queue")).containsText("prints");
        studio.clock().forward(Duration.ofMinutes(2));
        assertThat(page.locator("#queue")).containsText("printed");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("sheet 1")).first().click();
        assertThat(page.locator("#reading")).containsText("It came out wrong");
        assertThat(page.locator("#reading")).containsText("too small");
        assertThat(page.locator("#reading")).containsText("mirrored");
        page.getByText(Pattern.compile("and correct the sheets")).click();
        assertThat(page.locator("#rule")).containsText("The files are now drawn at 103");

        page.getByText("Try it on the simulated printer").click();
        page.getByLabel("It prints at, %").fill("97");
        page.getByText(Pattern.compile("^Print \\d+ sheets$|^Print one sheet$")).click();
        studio.clock().forward(Duration.ofMinutes(2));
        assertThat(page.locator("#queue li").first()).containsText("printed");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("sheet 1")).first().click();
        assertThat(page.locator("#reading")).containsText("It came out right");
    }

    /** What comes down measures as the sheet says, drawn larger by the correction. */
    private void takeTheFile() throws Exception {
        page.getByText("Back to the sheets").click();
        Download pdf = page.waitForDownload(() -> page.getByText("Take the PDF").click());
        BufferedImage sheet = PrintPdfTest.render(folder, Files.readAllBytes(pdf.path()));
        assertEquals(210, sheet.getWidth() * 25.4 / 600, 0.2);
        page.setViewportSize(390, 844);
        assertEquals(390, ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue(), "no sideways scroll");
    }
}
