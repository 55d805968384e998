package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.awt.Color;
import java.util.List;
import java.util.Map;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Base;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two prints in colours over each other on a dark ground: which drowns, what would bring it back, pressed, and taken back. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class ReadsJourneyTest {
    private final Studio studio;

    ReadsJourneyTest(Studio studio) {
        this.studio = studio;
    }

    private Piece two() {
        PieceWork pieces = studio.bean(PieceWork.class);
        Piece first = pieces.begin("Wake and rail", Length.ofMillimetres(90), "wake.png", Samples.lines(new Color(170, 120, 100), true));
        Piece dark = pieces.change(first.with(first.basis().of(Colour.parse("g", "#1c2126")).on(new Base(Support.WATERCOLOUR_PAPER, Ground.ACRYLIC_PAINT)))
                .with(first.design().withBuild(first.design().choices(), Map.of(), Map.of(), first.design().wish(), PrintKind.COLOUR_TONER)));
        return pieces.add(dark, Catalogue.way("gel-lay"), "rail.png", Samples.lines(new Color(12, 12, 40), false));
    }

    @Test
    void whatDrowns_isBroughtBackByAPress_andTakenBack(Page page) {
        page.navigate(studio.address() + "/pieces/" + two().id() + "/build");
        Locator figures = page.locator("#each dd");
        assertThat(figures).hasCount(2);
        List<String> before = figures.allInnerTexts();
        String drowning = page.locator("#drowning").innerText();
        assertTrue(before.stream().allMatch(figure -> figure.endsWith("drowns")), before.toString());
        Locator most = page.locator(".gain button").first();
        String promised = most.locator("b").innerText();
        most.click();
        page.waitForCondition(() -> figures.count() == 2 && !figures.allInnerTexts().equals(before));
        int gained = percent(before.getFirst()) - percent(figures.first().innerText());
        assertEquals(Integer.parseInt(promised.substring(1)), gained, 1.01, "as much as was promised");
        page.locator("#undo").click();
        page.waitForCondition(() -> figures.count() == 2 && figures.allInnerTexts().equals(before));
        assertThat(page.locator("#drowning")).hasText(drowning);
    }

    private static int percent(String figure) {
        return Integer.parseInt(figure.replaceAll("\\D", ""));
    }
}
