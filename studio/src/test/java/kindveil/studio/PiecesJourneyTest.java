package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sixty pieces: one found, made again, taken away and brought back, with as few acts as that takes. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class PiecesJourneyTest {
    private final Studio studio;
    private int acts;

    PiecesJourneyTest(Studio studio) {
        this.studio = studio;
    }

    private void act(Runnable act) {
        acts++;
        act.run();
    }

    @Test
    void amongSixty_oneIsFound_madeAgain_takenAwayAndBroughtBack(Page page) {
        PieceWork pieces = studio.bean(PieceWork.class);
        int before = pieces.all().size();
        Piece first = pieces.begin("Cleat 0", Length.ofMillimetres(60), "cleat.png", Samples.cornerPng());
        for (int i = 1; i < 60; i++) {
            pieces.another(UUID.randomUUID(), first, i == 33 ? "Gaff jaw" : "Cleat " + i, "", null);
        }
        page.navigate(studio.address() + "/pieces");
        Locator shelf = page.locator(".shelf li");
        assertThat(shelf).hasCount(before + 60);
        // the keyboard is at the first thing in a few presses of one key: past the way to the page, over the stations
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        page.keyboard().press("Tab");
        assertEquals("q", page.evaluate("document.activeElement.id"));
        int tabs = 2;
        while (!Boolean.TRUE.equals(page.evaluate("document.activeElement.closest('.shelf') !== null")) && tabs < 60) {
            page.keyboard().press("Tab");
            tabs++;
        }
        // what was taken away lately stands before them, each with its way back
        assertEquals(5 + page.locator("#taken-away button, #taken-away a, #taken-away summary").count(), tabs, "the first piece, five tabs from the top");
        page.locator("#q").focus();
        act(() -> page.keyboard().type("gaff"));
        act(() -> page.keyboard().press("Enter"));
        assertThat(shelf).hasCount(1);
        act(() -> shelf.locator("a").click());
        act(() -> page.locator("summary").getByText("this piece").click());
        assertThat(page.locator("#another-title")).hasValue("Gaff jaw, 2");
        act(() -> page.getByText("Plan it").click());
        assertThat(page.locator("h1")).hasText("Gaff jaw, 2");
        act(() -> page.locator("summary").getByText("this piece").click());
        act(() -> page.getByText("Take it away").click());
        assertThat(page.locator("#taken-away")).containsText("Gaff jaw, 2");
        assertThat(shelf).hasCount(before + 60);
        act(() -> page.getByText("Bring it back").click());
        assertThat(page.locator("h1")).hasText("Gaff jaw, 2");
        assertTrue(acts <= 8, acts + " acts");
        assertEquals(before + 61, pieces.all().size());
    }
}
