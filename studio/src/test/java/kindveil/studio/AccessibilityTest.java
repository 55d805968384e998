package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Page;
import java.util.List;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.SheetWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a screen reader, a keyboard and a tired eye need, asked of every page. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class AccessibilityTest {
    private static final String FAULTS = """
            () => {
              const faults = [];
              const named = (e) => e.getAttribute('aria-label') || e.labels?.length || e.title || e.closest('label') || e.textContent.trim();
              for (const e of document.querySelectorAll('input:not([type=hidden]), select, textarea, button, a')) {
                if (!named(e)) faults.push('no name: ' + e.outerHTML.slice(0, 90));
              }
              const ids = [...document.querySelectorAll('[id]')].map((e) => e.id);
              for (const id of ids) if (ids.indexOf(id) !== ids.lastIndexOf(id)) faults.push('twice: #' + id);
              if (document.querySelectorAll('h1').length !== 1) faults.push('headings: ' + document.querySelectorAll('h1').length);
              if (document.documentElement.lang !== 'en') faults.push('language');
              if (!document.querySelector('main')) faults.push('no main');
              for (const e of document.querySelectorAll('[style]')) {
                if (!e.closest('.htmx-request')) faults.push('inline style: ' + e.outerHTML.slice(0, 60));
              }
              const light = (c) => { const [r, g, b] = c.match(/[\\d.]+/g).slice(0, 3).map((v) => { v /= 255; return v <= .03928 ? v / 12.92 : ((v + .055) / 1.055) ** 2.4; }); return .2126 * r + .7152 * g + .0722 * b; };
              const dark = document.body.classList.contains('bench');
              const under = dark ? light('rgb(34,67,76)') : light('rgb(213,223,223)');
              for (const e of document.querySelectorAll('p, li, dd, dt, span, b, small, h1, h2, h3, label, a')) {
                if (!e.textContent.trim() || e.closest('.press, .spine, .answer, [class*=bg-], .sr-only, option') || e.querySelector('*')) continue;
                const size = parseFloat(getComputedStyle(e).fontSize);
                const l = light(getComputedStyle(e).color);
                const contrast = (Math.max(l, under) + .05) / (Math.min(l, under) + .05);
                if (contrast < (size >= 24 ? 3 : 4.5)) faults.push('contrast ' + contrast.toFixed(1) + ': ' + e.textContent.trim().slice(0, 40));
              }
              return faults;
            }""";
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;

    AccessibilityTest(Studio studio, PieceWork pieces, MakeWork makings) {
        this.studio = studio;
        this.pieces = pieces;
        this.makings = makings;
    }

    @Test
    void everyPage_hasNamesOneHeadingAndContrast(Page page) {
        Piece piece = pieces.begin("Moth", Length.ofMillimetres(100), "moth.png", Samples.cornerPng());
        String own = "/pieces/" + piece.id();
        studio.bean(SheetWork.class).gather(piece);
        String bench = "/bench/" + makings.begin(piece.id()).id();
        for (String path : List.of("/", "/pieces", "/ways", "/ways/plate-pull", "/log", "/room", own + "/source", own + "/build", own + "/print", own + "/make", own + "/finish", own + "/notes", own + "/source/frame", own + "/source/opaque", own + "/print/form",
                "/sheets", "/sheets/good-toner/printer", bench, "/nowhere")) {
            page.navigate(studio.address() + path);
            assertEquals(List.of(), page.evaluate(FAULTS), path);
        }
    }

    @Test
    void changingAWordByKeyboard_keepsThePlaceInThePlan(Page page) {
        Piece piece = pieces.begin("Moth", Length.ofMillimetres(100), "moth.png", Samples.cornerPng());
        page.navigate(studio.address() + "/pieces/" + piece.id() + "/build");
        page.getByLabel("Sealing").focus();
        page.getByLabel("Sealing").selectOption("matte-varnish");
        assertThat(page.locator(".states > a")).hasCount(4);
        assertThat(page.getByLabel("Sealing")).isFocused();
        assertEquals("matte-varnish", pieces.get(piece.id()).design().choices().get("sealing"));
    }
}
