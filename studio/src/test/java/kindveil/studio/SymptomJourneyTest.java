package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.bench.Step;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Act;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From something that looks wrong to what helps, in two acts from the bench; and from words in the search. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class SymptomJourneyTest {
    private final Studio studio;

    SymptomJourneyTest(Studio studio) {
        this.studio = studio;
    }

    @Test
    void benchToRescue_inTwoActs(Page page) {
        UUID piece = studio.bean(PieceWork.class).begin("Pale bell", Length.ofMillimetres(90), "bell.png", Samples.cornerPng()).id();
        UUID making = studio.bean(MakeWork.class).begin(piece).id();
        page.navigate(studio.address() + "/bench/" + making);
        page.getByText("something looks wrong").click();
        page.getByText("The image came off").click();
        assertThat(page.locator(".causes [data-own]")).containsText("Stop; let it dry longer");
        assertThat(page.locator("#tells")).containsText("cool or soft");
        // whether or not this page of a shared browser is the one in front
        page.waitForCondition(() -> "sees-lifted".equals(page.evaluate("document.activeElement.id")));
    }

    /** What the hands do for a while is counted down, three to be ready first; any key ends it, and tells no act. */
    @Test
    void rubbing_isCountedDown(Page page) {
        UUID piece = studio.bean(PieceWork.class).begin("Counted bell", Length.ofMillimetres(90), "bell.png", Samples.cornerPng()).id();
        MakeWork makings = studio.bean(MakeWork.class);
        StoredMaking making = makings.begin(piece);
        Act press = making.making().plan().acts().stream().filter(act -> act.step() instanceof Step.Press).findFirst().orElseThrow();
        makings.startAt(making.id(), 0, press.id(), 0);
        int told = makings.get(making.id()).told().size();
        page.navigate(studio.address() + "/bench/" + making.id());
        assertThat(page.locator("[data-count-for]")).containsText("count");
        page.keyboard().press("t");
        assertThat(page.locator("[data-count]")).hasText("3");
        assertThat(page.locator("[data-count]")).hasText(String.valueOf(press.handsOn().toSeconds() - 1));
        page.keyboard().press(" ");
        assertThat(page.locator("[data-count]")).isHidden();
        page.locator("[data-count-for]").click();
        assertThat(page.locator("[data-count]")).hasText("3");
        page.locator("[data-count]").click();
        assertThat(page.locator("[data-count]")).isHidden();
        assertEquals(told, makings.get(making.id()).told().size());
    }

    @Test
    void words_ofWhatIsSeen_areFoundAmongTheWays() {
        Web web = new Web(studio.address());
        assertTrue(web.get("/ways?q=cloudy").text().contains("/symptoms?sees=cloudy"));
        assertTrue(web.get("/ways?q=litho").words().contains("Gum print"), "words for ways still find ways");
        assertTrue(web.get("/symptoms?q=bicycle").words().contains("Nothing here is called “bicycle”"));
        assertEquals(400, web.get("/symptoms?sees=rust").status());
        assertEquals(404, web.get("/symptoms?making=" + UUID.randomUUID()).status());
        assertEquals(200, web.get("/symptoms?sees=torn&piece=" + UUID.randomUUID()).status());
    }
}
