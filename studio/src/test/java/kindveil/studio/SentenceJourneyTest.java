package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.bench.Ground;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
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

    @Test
    void changedWhileAnAnswerIsAwaited_isSentAfterIt(Page page) {
        PieceWork pieces = studio.bean(PieceWork.class);
        UUID id = pieces.begin("Quick hand", Length.ofMillimetres(90), "quick.png", Samples.cornerPng()).id();
        page.navigate(studio.address() + "/pieces/" + id + "/build?open=paper");
        assertThat(page.locator("#drowning")).isVisible();
        // the first answer is held back until more was changed
        List<Route> held = new ArrayList<>();
        page.route("**/build", route -> {
            if (route.request().method().equals("POST") && held.isEmpty()) {
                held.add(route);
            } else {
                route.resume();
            }
        });
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
}
