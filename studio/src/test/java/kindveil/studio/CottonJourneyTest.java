package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.util.Locale;
import kindveil.studio.OpenStudio.Studio;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A photograph on a cotton cloth by the film way, in inches, spoons and degrees Fahrenheit, from source to bench. Every figure on the way
 * is reckoned here a second time, from MODELS' constants and by other arithmetic.
 */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class CottonJourneyTest {
    private static final double WIDE = 5 * 25.4;
    private static final double TALL = WIDE * 400 / 300;
    private static final double PAST = 10;
    private static final double FILM = 70;
    private static final double COTTON_DRINKS = 90;
    private static final double WASTE = 1.15;
    private static final double TEASPOON = 4.92892;
    private final Studio studio;

    CottonJourneyTest(Studio studio) {
        this.studio = studio;
    }

    @AfterEach
    void metric() {
        Web web = new Web(studio.address());
        String version = web.get("/room").text().replaceAll("(?s).*?name=\"version\" value=\"(-?\\d+)\".*", "$1");
        web.post("/room", java.util.Map.of("version", version, "degrees", "69.8", "percent", "50", "units", "METRIC"));
    }

    private static void station(Page page, String name) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations of this piece")).getByText(name).click();
        assertThat(page.locator(".way [aria-current]")).hasText(name);
    }

    /** Square metres the solution must reach: the image and a little past it all round. */
    private static double wetted() {
        return (WIDE + 2 * PAST) * (TALL + 2 * PAST) / 1e6;
    }

    /** The least that a set of spoons measures: quarters from one teaspoon on, below it an eighth, a quarter, a half, three quarters. */
    private static String spoons(double millilitres) {
        double teaspoons = millilitres / TEASPOON;
        int eighths = (int) Math.ceil(teaspoons * 8 - 1e-9);
        int measured = eighths <= 1 ? 1 : teaspoons <= 0.25 ? 2 : (eighths + 1) / 2 * 2;
        int whole = measured / 8;
        String rest = switch (measured % 8) {
            case 0 -> "";
            case 1 -> "1/8";
            case 2 -> "1/4";
            case 4 -> "1/2";
            default -> "3/4";
        };
        return (whole == 0 ? rest : rest.isEmpty() ? String.valueOf(whole) : whole + " " + rest) + " tsp";
    }

    private static String ml(double millilitres) {
        return String.format(Locale.ROOT, millilitres >= 10 ? "%.0f ml" : "%.1f ml", millilitres).replace(".0 ml", " ml");
    }

    @Test
    void photographOnCotton_fromSourceToBench_inUsMeasure(Page page) {
        page.navigate(studio.address() + "/room");
        page.getByText("in, spoons, °F").click();
        page.getByText("Dry by this").click();
        assertThat(page.getByLabel("Temperature, °F")).hasValue("69.8");

        page.navigate(studio.address() + "/pieces");
        assertThat(page.getByLabel("Width of the print")).hasValue("5 in");
        page.getByLabel("Picture: PNG").setInputFiles(new FilePayload("sail.png", "image/png", Samples.lines(new Color(60, 90, 150), true)));
        page.getByText("Read the picture").click();
        // 6.667 in to the nearest sixteenth
        assertThat(page.locator("main")).containsText("5 × 6 11/16 in");

        station(page, "Build");
        page.locator("#told-way").selectOption("film-release");
        assertThat(page.locator("#told-print")).hasValue("FILM_PIGMENT");
        page.locator("#told-support").selectOption("fabric");
        assertThat(page.locator("#told-support")).hasValue("fabric");
        page.locator("#told-ground").selectOption("RAW");
        assertThat(page.locator("#told-ground")).hasValue("RAW");
        Locator film = page.locator("[id='dial.bed']");
        assertThat(film).hasAttribute("placeholder", String.format(Locale.ROOT, "%.1f", FILM / 25.4));
        assertThat(page.locator("#card")).containsText("mil");

        station(page, "Print");
        assertThat(page.locator("#hand")).hasText("Print it mirrored");
        assertThat(page.locator("main")).containsText("Letter");

        station(page, "Make");
        double solution = wetted() * (FILM + COTTON_DRINKS) * WASTE;
        assertThat(page.locator("main")).containsText("%s (%s) of release solution, 2.8 mil wet".formatted(spoons(solution), ml(solution)));
        // one part to eight, the concentrate in a spoon that exists, the alcohol eight times that
        double concentrate = Math.ceil(solution / 9 / TEASPOON * 8 - 1e-9) / 8 * TEASPOON;
        assertThat(page.locator("main")).containsText("%s (%s) of".formatted(spoons(concentrate), ml(concentrate)));
        assertThat(page.locator("main")).containsText("%s (%s) of".formatted(spoons(8 * concentrate), ml(8 * concentrate)));
        assertThat(page.locator("main")).containsText("%d %% alcohol in the mix".formatted(Math.round(91 * 8 / 9.0)));
        assertThat(page.locator("main")).containsText("between 2 min and 2 min 30 s");

        page.getByText("Begin at the bench").click();
        assertThat(page.locator("#act")).hasText("Mix the release solution");
        page.getByText("start me further on").click();
        page.locator("select[name=act]").selectOption("1.bed");
        page.getByText("start there").click();
        assertThat(page.locator("#act")).containsText("Saturate it");
        // lean, right and full as 15, 70 and 15 in a hundred, of which a lean film keeps 0.4 and a full one 0.85; a film held by hand slides in one of 25
        double held = 0.96;
        double unseen = held * (0.15 * 0.4 + 0.7 + 0.15 * 0.85);
        assertThat(page.locator(".chance")).containsText(Math.round(100 * unseen) + " %");
        // its keys are heard when its script has run
        page.waitForLoadState();
        page.keyboard().press("a");
        double even = held * (0.15 * 0.1 * 0.4 + 0.7 * 0.85 + 0.15 * 0.2 * 0.85) / (0.15 * 0.1 + 0.7 * 0.85 + 0.15 * 0.2);
        assertThat(page.locator(".chance b")).hasText(Math.round(100 * even) + " %");
        assertThat(page.locator(".chance")).containsText(Math.round(100 * unseen) + " % before anything was seen");
        page.locator("[data-sign=c]").click();
        double patchy = held * (0.15 * 0.88 * 0.4 + 0.7 * 0.07 + 0.15 * 0.02 * 0.85) / (0.15 * 0.88 + 0.7 * 0.07 + 0.15 * 0.02);
        assertThat(page.locator(".chance b")).hasText(Math.round(100 * patchy) + " %");
        page.locator("[data-sign=c]").click();
        assertThat(page.locator(".chance b")).hasText(Math.round(100 * unseen) + " %");
    }
}
