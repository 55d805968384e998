package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.stock.Prints;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Copies taken to be printed stand on the shelf, and one of them is used in another piece; by keyboard. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class PrintsJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final Prints prints;

    PrintsJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.prints = studio.bean(Prints.class);
    }

    @BeforeEach
    @AfterEach
    void away() {
        prints.all().forEach(stack -> prints.takeOut(stack.owned().id()));
    }

    private Piece piece(String title, int copies) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), title.toLowerCase(java.util.Locale.ROOT) + ".png", Samples.cornerPng());
        Piece done = pieces.change(piece.doing(Catalogue.way("gel-lay")));
        return pieces.change(done.with(done.design().withPrint(HandWish.READS_RIGHT, done.design().paper(), copies)));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void copiesOfOnePiece_areUsedInAnother_byKeyboard(Page page) {
        Piece heron = piece("Marsheron", 3);
        Piece reeds = piece("Marshreeds", 1);
        page.navigate(studio.address() + "/pieces/" + heron.id() + "/print");
        page.waitForDownload(() -> page.getByText("Take the PDF").press("Enter"));

        page.navigate(studio.address() + "/shelf/prints");
        assertThat(page.locator(".stacks")).containsText("all 3");
        link(page, "Use it in a piece: Marsheron, all 3").press("Enter");
        assertThat(page.locator("h1")).hasText("Marsheron in a piece");
        // among whatever else waits to be begun
        Locator fit = page.locator(".fits li").filter(new Locator.FilterOptions().setHasText("Marshreeds as its print"));
        assertThat(fit).containsText("right");
        fit.getByLabel("How many for Marshreeds").fill("2");
        fit.getByRole(AriaRole.BUTTON).press("Enter");
        assertThat(page).hasURL(Pattern.compile("/pieces/" + reeds.id()));
        assertEquals(2, pieces.get(reeds.id()).design().copies(), "as many as are laid by");

        // counted again, in a word that is no number
        page.navigate(studio.address() + "/shelf/prints");
        page.getByLabel("count again: Marsheron, one").press("Enter");
        Locator left = page.locator(".stacks details[open] input[name=left]");
        left.fill("none");
        left.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("none");
        assertEquals(List.of(1, 2), prints.all().stream().map(Prints.Stack::left).sorted().toList(), "nothing is lost by it");
    }
}
