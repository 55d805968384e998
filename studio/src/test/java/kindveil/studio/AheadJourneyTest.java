package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Several pieces at once: what closes next at another is seen at every bench, one key to it and back. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class AheadJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;
    private UUID calm;
    private UUID pressing;
    private List<UUID> others = List.of();

    AheadJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
    }

    @BeforeEach
    void two() {
        // what other tests left under way closes at its own time
        others = makings.active().stream().map(StoredMaking::id).toList();
        others.forEach(makings::layAside);
        calm = begun("Calm water");
        pressing = begun("Pressing water");
        // its brush hardens
        while (!makings.get(pressing).making().current().orElseThrow().key().equals("press")) {
            tell(pressing);
        }
        tell(pressing);
    }

    @AfterEach
    void asideAgain() {
        makings.layAside(calm);
        makings.layAside(pressing);
        others.forEach(making -> studio.bean(Makings.class).layAside(making, false));
    }

    private UUID begun(String title) {
        return makings.begin(pieces.begin(title, Length.ofMillimetres(90), "water.png", Samples.cornerPng()).id()).id();
    }

    private void tell(UUID making) {
        makings.tell(making, makings.get(making).told().size(), makings.get(making).making().current().orElseThrow().expected(), 0, true);
    }

    @Test
    void whatClosesNext_isSeenFromTheOther_andOneKeyLeadsThereAndBack(Page page) {
        page.navigate(studio.address() + "/bench/" + calm);
        assertThat(page.locator("body[data-ready]")).hasCount(1);
        assertThat(page.locator("[data-ahead]")).containsText(Pattern.compile("Pressing water: Wash the brush.*by \\d", Pattern.DOTALL));
        page.keyboard().press("n");
        page.waitForURL("**/bench/" + pressing);
        assertThat(page.locator("body[data-ready]")).hasCount(1);
        assertThat(page.locator("[data-back]")).containsText("back to Calm water");
        page.keyboard().press("n");
        page.waitForURL("**/bench/" + calm);
        assertThat(page.locator("[data-back]")).isHidden();
        // by touch, at the width of a telephone, it stands there too
        page.setViewportSize(390, 844);
        assertThat(page.locator("[data-ahead]")).isVisible();
    }
}
