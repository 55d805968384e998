package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.PieceWork;
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
        assertThat(page.locator("#sees-lifted")).isFocused();
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
