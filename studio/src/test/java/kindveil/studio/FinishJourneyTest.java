package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A tape page, a skin and an oiled panel are sealed by the way offered, each led at the bench; nothing ends in nothing. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class FinishJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final java.util.List<Piece> made = new java.util.ArrayList<>();

    FinishJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
    }

    @AfterEach
    void away() {
        made.forEach(piece -> pieces.remove(piece.id(), piece.title()));
    }

    /** A piece done one way, made to its end. */
    private Piece finished(String title, String way) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        made.add(piece);
        piece = pieces.change(piece.doing(Catalogue.way(way)));
        UUID making = makings.begin(piece.id()).id();
        while (makings.get(making).making().current().isPresent()) {
            StoredMaking now = makings.get(making);
            now.making().clock().ifPresent(clock -> {
                if (clock.advised().isAfter(studio.clock().instant())) {
                    studio.clock().forward(Duration.between(studio.clock().instant(), clock.advised()).plusMinutes(1));
                }
            });
            makings.tell(making, now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
        return piece;
    }

    private static Locator group(Page page, String name) {
        return page.locator("#over > div > div").filter(new Locator.FilterOptions().setHas(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true))));
    }

    @Test
    void eachIsSealed_byTheWayOffered(Page page) {
        Piece tape = finished("Tape oar", "tape-lift");
        page.navigate(studio.address() + "/pieces/" + tape.id() + "/finish");
        // brushed is refused, with its reason and the nearest that holds
        Locator refused = page.locator("li").filter(new Locator.FilterOptions().setHasText("Varnish, acrylic, for good"));
        assertThat(refused).containsText("beads, and peels off in one piece");
        refused.getByRole(AriaRole.BUTTON).click();
        assertThat(page.getByText("Last coats on it")).isVisible();
        assertEquals("varnishing", pieces.get(tape.id()).veils().getLast().design().way());
        // what was finished goes on, and the bench leads it
        StoredMaking going = makings.newest(tape.id()).orElseThrow();
        assertFalse(going.making().finished());
        assertEquals("Dust it, and look along it", going.making().current().orElseThrow().title());
        page.navigate(studio.address() + "/bench/" + going.id());
        assertThat(page.locator("#act")).containsText("Dust it");
        // a change of mind: it comes off again, of the making too
        page.navigate(studio.address() + "/pieces/" + tape.id() + "/finish");
        page.getByLabel("take it off: Varnish").click();
        assertThat(page.getByText("Last coats on it")).hasCount(0);
        assertTrue(makings.get(going.id()).making().finished());
        assertEquals(1, pieces.get(tape.id()).veils().size());

        Piece oiled = finished("Oiled oar", "oiled-panel");
        page.navigate(studio.address() + "/pieces/" + oiled.id() + "/finish");
        assertThat(page.locator("li").filter(new Locator.FilterOptions().setHasText("Clear coat"))).containsText("oil ends the water-borne sequence");
        group(page, "Wax").getByText("to a soft sheen").click();
        assertThat(page.getByText("Last coats on it")).isVisible();
        assertThat(page.locator("#body")).containsText("Nothing holds on its wax");

        Piece skin = finished("Skin oar", "free-skin");
        page.navigate(studio.address() + "/pieces/" + skin.id() + "/finish");
        Locator removable = group(page, "Varnish");
        assertThat(removable).containsText("An isolating coat first");
        group(page, "Isolating coat").getByText("lay it").click();
        assertThat(page.getByText("Last coats on it")).isVisible();
        assertThat(group(page, "Varnish")).not().containsText("An isolating coat first");
        group(page, "Varnish").getByLabel("matte, Varnish: removable, brushed, matte").click();
        assertThat(page.locator("#body")).containsText("Last coats on it");
        assertEquals(java.util.List.of("free-skin", "isolating", "varnishing"), pieces.get(skin.id()).veils().stream().map(veil -> veil.design().way()).toList());
        StoredMaking making = makings.newest(skin.id()).orElseThrow();
        assertEquals(java.util.List.of(), making.making().forecast(studio.clock().instant()).stream().flatMap(moment -> moment.refusals().stream()).toList());
    }

    @Test
    void today_saysWhenWhatIsMadeMayBePutToUse(Page page) {
        Piece skin = finished("Curing oar", "free-skin");
        page.navigate(studio.address() + "/");
        Locator curing = page.locator("#curing");
        assertThat(curing).containsText("Curing oar");
        assertThat(curing).containsText("now: closed in a book, release paper on it, hung");
        assertThat(curing).containsText("varnished, framed behind glass, sent by post");
        studio.clock().forward(Duration.ofDays(16));
        page.navigate(studio.address() + "/");
        assertThat(page.locator("body")).not().containsText("Curing oar");
        Web web = new Web(studio.address());
        assertTrue(web.get("/pieces/" + skin.id() + "/coats/varnishing.lasting.matte.png").status() == 200);
        Web.Answer unknown = web.post("/pieces/" + skin.id() + "/coats", Map.of("version", String.valueOf(pieces.get(skin.id()).version()), "coat", "gilding"));
        assertTrue(unknown.text().contains("“gilding” cannot be used"), unknown.words());
    }
}
