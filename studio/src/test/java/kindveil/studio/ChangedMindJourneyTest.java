package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.util.UUID;
import kindveil.bench.Hand;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A mind changed half-way, and how many acts each change takes. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class ChangedMindJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;
    private int acts;

    ChangedMindJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
    }

    private void act(Runnable doing) {
        doing.run();
        acts++;
    }

    private Piece piece(String title) {
        return pieces.begin(title, Length.ofMillimetres(90), "bell.png", Samples.cornerPng());
    }

    @Test
    void aMaking_laidAsideInTwoActs_andTakenUpInOne(Page page) {
        Piece piece = piece("Set aside bell");
        UUID making = makings.begin(piece.id()).id();
        makings.tell(making, 0, 0, 0, false);
        page.navigate(studio.address() + "/bench/" + making);
        act(() -> page.getByText("lay this making aside").click());
        act(() -> page.getByText("lay it aside", new Page.GetByTextOptions().setExact(true)).click());
        assertThat(page.locator("h1")).hasText("Set aside bell");
        assertTrue(makings.get(making).laidAside());
        act(() -> page.getByText("Take it up again").click());
        assertThat(page.locator(".top b")).hasText("Set aside bell");
        assertThat(page.locator("#act")).hasText("Trim the print");
        assertEquals(1, makings.get(making).told().size(), "as far as it was");
        assertEquals(3, acts);
        makings.layAside(making);
    }

    @Test
    void aPrintThatExists_isPlannedWithInFourActs(Page page) {
        Piece piece = piece("Bell from the shop");
        page.navigate(studio.address() + "/pieces/" + piece.id() + "/print");
        act(() -> page.getByText("My print exists already").click());
        act(() -> page.locator("#exists-width").fill("110 mm"));
        act(() -> page.locator("#exists-stands").selectOption("READS_RIGHT"));
        act(() -> page.getByText("Plan with it").click());
        assertThat(page.locator("#exists")).containsText("It will end mirrored.");
        assertEquals(Hand.READS_RIGHT, pieces.get(piece.id()).design().printing().exists().hand());
        assertEquals(110, pieces.get(piece.id()).design().printWidth().millimetres());
        assertEquals(4, acts);
    }

    @Test
    void sizeChangedAfterPrinting_inTwoActs(Page page) {
        Piece piece = piece("Bell that grew");
        new Web(studio.address()).bytes("/pieces/" + piece.id() + "/sheet.pdf");
        page.navigate(studio.address() + "/pieces/" + piece.id() + "/build");
        act(() -> {
            page.locator("#told-width").fill("120 mm");
            page.locator("#told-width").press("Enter");
        });
        act(() -> page.getByText("Change the plan all the same").click());
        assertThat(page.locator("#told-width")).hasValue("120 mm");
        assertEquals(120, pieces.get(piece.id()).design().printWidth().millimetres());
        assertEquals(2, acts);
    }

    /** A plan changed at the bench and thought better of. */
    @Test
    void oneRoundLess_atTheBench_inTwoActs_andBackInOne(Page page) {
        UUID making = makings.begin(piece("Bell in two minds").id()).id();
        makings.tell(making, 0, 0, 0, false);
        int before = makings.get(making).making().remaining();
        page.navigate(studio.address() + "/bench/" + making);
        act(() -> page.getByText("change the plan from here").click());
        act(() -> page.locator("section", new Page.LocatorOptions().setHasText("Rounds of rubbing")).locator("button").first().click());
        assertThat(page.locator(".foot")).containsText("undo “the change of plan”");
        assertTrue(makings.get(making).making().remaining() < before);
        assertThat(page.locator("body[data-ready]")).hasCount(1);
        act(() -> page.keyboard().press("u"));
        page.waitForCondition(() -> makings.get(making).making().remaining() == before);
        assertEquals(3, acts);
        makings.layAside(making);
    }
}
