package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import kindveil.bench.Ground;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A hand that is quicker than the answers: nothing it changed meanwhile is lost, nor where it was. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class SentenceJourneyTest {
    private final Studio studio;

    SentenceJourneyTest(Studio studio) {
        this.studio = studio;
    }

    /** What is first asked for of an address is held back until the test lets it go. */
    private static List<Route> holdingTheFirst(Page page, String method, String address) {
        List<Route> held = new ArrayList<>();
        page.route(address, route -> {
            if (held.isEmpty() && route.request().method().equals(method)) {
                held.add(route);
            } else {
                route.resume();
            }
        });
        return held;
    }

    @Test
    void changedWhileAnAnswerIsAwaited_isSentAfterIt(Page page) {
        PieceWork pieces = studio.bean(PieceWork.class);
        UUID id = pieces.begin("Quick hand", Length.ofMillimetres(90), "quick.png", Samples.cornerPng()).id();
        page.navigate(studio.address() + "/pieces/" + id + "/build?open=paper");
        assertThat(page.locator("#drowning")).isVisible();
        // the first answer is held back until more was changed
        List<Route> held = holdingTheFirst(page, "POST", "**/build");
        page.locator("#told-wish").selectOption("CLEAN");
        page.waitForCondition(() -> held.size() == 1);
        page.locator("#told-ground").selectOption("GESSO");
        page.locator("#told-colour").fill("#336699");
        page.locator("[id='choice.passes-3']").check();
        page.locator("[id='dial.paper']").pressSequentially("12");
        held.getFirst().resume();
        // what was changed is sent by itself; what is still being typed waits for its hand
        page.waitForCondition(() -> pieces.get(id).base().ground() == Ground.GESSO);
        assertThat(page.locator("[id='dial.paper']")).hasValue("12");
        assertThat(page.locator("[id='dial.paper']")).isFocused();
        page.keyboard().type("0");
        page.keyboard().press("Tab");
        page.waitForCondition(() -> pieces.get(id).design().manner().dials().getOrDefault("paper", 0.0) == 120);
        Piece after = pieces.get(id);
        assertEquals(Wish.CLEAN, after.design().wish());
        assertEquals("3", after.design().choices().get("passes"));
        assertEquals("#336699", after.groundColour().toString());
    }

    /** Another form of the page, sent while the answer to a word of the sentence is on its way: it goes when that is there, with its picture. */
    @Test
    void anotherForm_sentWhileAnAnswerIsAwaited_goesAfterIt(Page page) {
        PieceWork pieces = studio.bean(PieceWork.class);
        UUID id = pieces.begin("Quick layer", Length.ofMillimetres(90), "quick.png", Samples.cornerPng()).id();
        page.navigate(studio.address() + "/pieces/" + id + "/build");
        assertThat(page.locator("#drowning")).isVisible();
        page.locator("#another summary").click();
        List<Route> held = holdingTheFirst(page, "POST", "**/build");
        page.locator("#told-wish").selectOption("CLEAN");
        page.waitForCondition(() -> held.size() == 1);
        page.locator("#another-way").selectOption("gel-lay");
        page.locator("#another-picture").setInputFiles(new com.microsoft.playwright.options.FilePayload("over.png", "image/png", Samples.cornerPng()));
        page.locator("#another button").click();
        held.getFirst().resume();
        page.waitForURL("**/veils/2/build");
        Piece after = pieces.get(id);
        assertEquals(Wish.CLEAN, after.design().wish());
        assertEquals(2, after.veils().size());
        pieces.remove(id, "Quick layer");
    }

    /** Where it cannot wait, since another window did it: what was not kept is said, and the way back stands there. */
    @Test
    void anotherWindow_theWayBackStandsThere(Page page) {
        PieceWork pieces = studio.bean(PieceWork.class);
        UUID id = pieces.begin("Two windows", Length.ofMillimetres(90), "two.png", Samples.cornerPng()).id();
        page.navigate(studio.address() + "/pieces/" + id + "/build");
        page.locator("#another summary").click();
        pieces.lay(pieces.get(id), kindveil.bench.Support.CANVAS);
        page.locator("#another button").click();
        assertThat(page.locator("[role=alert]")).containsText("nothing of this change was");
        page.locator("a:text-is('Back to it')").click();
        page.waitForURL("**/pieces/" + id + "**");
        pieces.remove(id, "Two windows");
    }

    private String opaque() {
        return studio.address() + "/pieces/" + studio.bean(PieceWork.class).begin("Early hand", Length.ofMillimetres(90), "early.png", Samples.cornerPng()).id() + "/source/opaque";
    }

    @Test
    void pressedBeforeTheScriptIsThere_isDoneWhenItIs(Page page) {
        List<Route> script = holdingTheFirst(page, "GET", "**/js/opaque.js");
        page.navigate(opaque(), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.waitForCondition(() -> script.size() == 1);
        page.getByText("Everything").click();
        page.getByText("The other part").click();
        assertThat(page.locator("#opaque-told")).containsText("as it was found");
        script.getFirst().resume();
        // both, in their order
        assertThat(page.locator("#opaque-told")).containsText(Pattern.compile("\\b0 % of the picture"));
    }

    @Test
    void doneWhileAnAnswerIsAwaited_isDoneAfterIt_andTakenBackOneByOne(Page page) {
        page.navigate(opaque());
        assertThat(page.locator("#opaque-told")).containsText("as it was found");
        List<Route> first = holdingTheFirst(page, "POST", "**/source/opaque");
        page.getByText("Everything").click();
        page.waitForCondition(() -> first.size() == 1);
        page.getByLabel("wipe off").check();
        page.locator("#size").fill("8");
        BoundingBox area = page.locator(".opaque-picture").boundingBox();
        page.mouse().move(area.x + area.width * 0.2, area.y + area.height / 2);
        page.mouse().down();
        page.mouse().move(area.x + area.width * 0.8, area.y + area.height / 2);
        page.mouse().up();
        page.getByText("The other part").click();
        first.getFirst().resume();
        // all of it, but for the stroke, turned round: the stroke
        assertThat(page.locator("#opaque-told")).containsText(Pattern.compile("\\b[3-9] % of the picture"));
        page.getByText("Take back").click();
        assertThat(page.locator("#opaque-told")).containsText(Pattern.compile("\\b9\\d % of the picture"));
        page.keyboard().press("u");
        assertThat(page.locator("#opaque-told")).containsText("100 % of the picture");
    }

    @Test
    void pressedBeforeTheBenchListens_isDoneWhenItDoes(Page page) {
        UUID piece = studio.bean(PieceWork.class).begin("Early bench", Length.ofMillimetres(90), "early.png", Samples.cornerPng()).id();
        List<Route> script = holdingTheFirst(page, "GET", "**/js/bench.js");
        page.navigate(studio.address() + "/bench/" + studio.bean(MakeWork.class).begin(piece).id(), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.waitForCondition(() -> script.size() == 1);
        page.locator("[data-sound]").click();
        assertThat(page.locator("[data-sound]")).hasAttribute("aria-pressed", "false");
        script.getFirst().resume();
        assertThat(page.locator("[data-sound]")).hasAttribute("aria-pressed", "true");
    }

    /** A key held as long as it must be, let go before the script was there: the act is told all the same. */
    @Test
    void keyHeldBeforeTheBenchListens_isTold(Page page) {
        UUID piece = studio.bean(PieceWork.class).begin("Early key", Length.ofMillimetres(90), "early.png", Samples.cornerPng()).id();
        UUID making = studio.bean(MakeWork.class).begin(piece).id();
        List<Route> script = holdingTheFirst(page, "GET", "**/js/bench.js");
        page.navigate(studio.address() + "/bench/" + making, new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.waitForCondition(() -> script.size() == 1);
        // the browser asks for scripts before it has read the page: the hand presses when it sees one
        assertThat(page.locator("[data-sound]")).isVisible();
        page.keyboard().press("m");
        page.keyboard().press(" ", new com.microsoft.playwright.Keyboard.PressOptions().setDelay(900));
        script.getFirst().resume();
        page.waitForCondition(() -> studio.bean(MakeWork.class).get(making).told().size() == 1);
    }
}
