package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.UUID;
import java.util.regex.Pattern;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A tablet by the work and the machine on the desk, at one bench. */
@ExtendWith(OpenBrowser.class)
class TwoDevicesJourneyTest {
    @TempDir
    private Path folder;

    @Test
    void tablet_comesIn_followsTheDesk_andTheDeskFollowsIt(Page alone) {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:two;DB_CLOSE_DELAY=-1", "--kindveil.lan=true", "--kindveil.lan-address=127.0.0.1", "--kindveil.lan-port=0", "--kindveil.data=" + folder)) {
            MakeWork makings = studio.bean(MakeWork.class);
            UUID making = makings.begin(studio.bean(PieceWork.class).begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng()).id()).id();
            Doorkeeper keeper = studio.bean(Doorkeeper.class);
            keeper.change(keeper.door().version(), "reed bed 1954");
            String bench = studio.bean(Lan.class).open().orElseThrow().addresses().getFirst() + "/bench/" + making;
            Browser browser = alone.context().browser();
            try (BrowserContext home = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800)); BrowserContext away = browser.newContext(new Browser.NewContextOptions().setViewportSize(820, 1180).setHasTouch(true).setIgnoreHTTPSErrors(true))) {
                Page desk = home.newPage();
                desk.navigate(studio.address() + "/bench/" + making);
                Page tablet = away.newPage();
                tablet.navigate(bench);
                tablet.getByLabel("Passcode").fill("reed bed 1955");
                tablet.getByLabel("What this device is called").fill("tablet");
                tablet.getByText("Let it in").click();
                assertThat(tablet.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)).containsText("Type it again");
                tablet.getByLabel("Passcode").fill("reed bed 1954");
                tablet.getByText("Let it in").click();
                assertThat(tablet).hasURL(bench);

                // one acts, the other follows, both ways
                String first = desk.locator("#act").textContent();
                tell(desk, 1);
                assertThat(tablet.locator("input[name=seq]").first()).hasValue("1");
                assertThat(tablet.locator("#act")).not().hasText(first);
                tell(tablet, 2);
                assertThat(desk.locator("input[name=seq]").first()).hasValue("2");

                // Today follows what is told at the bench
                Page today = desk.context().newPage();
                today.navigate(studio.address() + "/");
                assertThat(today.locator("body")).hasAttribute("data-follows", "yes");
                String before = today.locator("#now").innerText();
                tell(tablet, 3);
                assertThat(today.locator("#now")).not().hasText(before.replaceAll("\\s+", " "));
                assertThat(today.locator("#now")).containsText(tablet.locator("#act").textContent());
                // so do Sittings and the shelf, unless something is typed there and not sent
                for (String path : new String[] {"/sittings", "/jars"}) {
                    today.navigate(studio.address() + path);
                    assertThat(today.locator("body")).hasAttribute("data-follows", "yes");
                    today.evaluate("document.getElementById('body').dataset.seen = 'before'");
                    if (path.equals("/jars")) {
                        today.locator("#mix-name").fill("Mine");
                    }
                    tell(tablet, path.equals("/jars") ? 5 : 4);
                    if (path.equals("/jars")) {
                        assertThat(today.locator("#mix-name")).hasValue("Mine");
                        today.locator("#mix-name").fill("");
                        today.locator("#mix-name").blur();
                    }
                    assertThat(today.locator("#body[data-seen]")).hasCount(0);
                }
                today.close();
                assertThat(desk.locator("input[name=seq]").first()).hasValue("5");

                // alarms ring at the one chosen last
                awake(desk);
                awake(tablet);
                desk.keyboard().press("m");
                assertThat(desk.locator("[data-sound]")).hasText("sound on (m)");
                assertThat(tablet.locator("[data-sound]")).hasText("rings at the studio's own machine, ring here (m)");
                tablet.locator("[data-sound]").click();
                assertThat(tablet.locator("[data-sound]")).hasText("sound on (m)");
                assertThat(desk.locator("[data-sound]")).hasText("rings at tablet, ring here (m)");

                // shut out while it looks on
                desk.navigate(studio.address() + "/devices");
                assertThat(desk.locator("main")).containsText("Alarms ring at tablet");
                desk.getByLabel("shut out tablet").click();
                assertThat(tablet).hasURL(Pattern.compile("/enter"));
            }
        }
    }

    /** A page that followed has only just come: its hands are there when its script is. */
    private static void awake(Page page) {
        assertThat(page.locator("body")).hasAttribute("data-ready", "yes");
    }

    private static void tell(Page page, int seq) {
        awake(page);
        page.keyboard().down(" ");
        assertThat(page.locator("input[name=seq]").first()).hasValue(String.valueOf(seq));
        page.keyboard().up(" ");
    }
}
