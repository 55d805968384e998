package kindveil.studio.page.way;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.util.List;
import kindveil.studio.OpenBrowser;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The pages of the ways in a browser: on paper, on narrow screens, by word. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class WayPagesTest {
    private final Studio studio;

    WayPagesTest(Studio studio) {
        this.studio = studio;
    }

    @ParameterizedTest
    @ValueSource(strings = {"plate-pull", "tape-lift", "skin-float", "gel-lay"})
    void way_printed_isTwoSheets(String key, Page page) throws Exception {
        page.navigate(studio.address() + "/ways/" + key);
        byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
        try (PDDocument sheets = Loader.loadPDF(pdf)) {
            assertEquals(2, sheets.getNumberOfPages());
            assertEquals(595, sheets.getPage(0).getMediaBox().getWidth(), 1.5);
        }
    }

    @Test
    void ways_onNarrowAndUprightScreens_doNotScrollSideways(Page page) {
        for (int width : new int[] {390, 820}) {
            page.setViewportSize(width, 1180);
            for (String path : List.of("/ways", "/ways?table=support", "/ways/opaque-backed-lay", "/ways/plate-pull")) {
                page.navigate(studio.address() + path);
                assertEquals(width, ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue(), path);
            }
        }
    }

    @Test
    void ways_aWordChanged_ranksAnew(Page page) {
        page.navigate(studio.address() + "/ways");
        page.getByLabel("Print", new Page.GetByLabelOptions().setExact(true)).selectOption("DYE_SUBLIMATION");
        page.waitForURL("**print=DYE_SUBLIMATION**");
        page.getByLabel("Support", new Page.GetByLabelOptions().setExact(true)).selectOption("watercolour-paper");
        page.waitForURL("**support=watercolour-paper**");
        assertTrue(page.locator(".ranked li").first().textContent().contains("Skin float"), page.locator(".ranked li").first().textContent());
        page.locator(".ranked a").first().click();
        com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(page.locator("h1")).hasText("Skin float");
    }
}
