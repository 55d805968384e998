package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From an empty studio to a sheet that can be printed, in few acts; and what is sent amiss or twice on the way. */
@ExtendWith(OpenBrowser.class)
class FirstPieceJourneyTest {
    private static final int MOST_ACTS = 6;
    private static final Map<String, String> HAD = Map.of("print", "DYE_INKJET", "support", "watercolour-paper", "ground", "RAW", "wish", "SOFT");
    private int acts;

    private void act(Runnable doing) {
        doing.run();
        acts++;
    }

    private static Studio empty(String name) {
        return OpenStudio.open("jdbc:h2:mem:%s;DB_CLOSE_DELAY=-1".formatted(name));
    }

    @Test
    void emptyStudio_toASheet(Page page) throws Exception {
        try (Studio studio = empty("first")) {
            page.navigate(studio.address() + "/");
            act(() -> page.locator("#have-print").selectOption("DYE_INKJET"));
            act(() -> page.locator("#have-support").selectOption("watercolour-paper"));
            act(() -> page.locator("#first-picture").setInputFiles(new FilePayload("ferry-bell.png", "image/png", Samples.cornerPng())));
            assertThat(page.locator("h1")).hasText("Ferry bell");
            assertThat(page.locator("#told-support")).hasValue("watercolour-paper");
            assertThat(page.locator("#told-print")).hasValue("DYE_INKJET");
            assertThat(page.locator("#told-way")).hasValue("fixed-inkjet-lay");
            act(() -> page.locator(".b-thread").getByText("Print it").click());
            Download[] taken = new Download[1];
            act(() -> taken[0] = page.waitForDownload(() -> page.getByText("Take the PDF").click()));
            assertTrue(new String(Files.readAllBytes(taken[0].path()), 0, 4, StandardCharsets.US_ASCII).startsWith("%PDF"));
            assertTrue(acts <= MOST_ACTS, acts + " acts");
            page.navigate("about:blank");
        }
    }

    @Test
    void emptyStudio_onASupportOfOnesOwn_toASheet(Page page) throws Exception {
        try (Studio studio = empty("own")) {
            page.navigate(studio.address() + "/");
            act(() -> page.getByText("My support is only like that").click());
            act(() -> page.locator("#own-name").fill("Nettle paper"));
            act(() -> page.locator("#own-weight").fill("90"));
            act(() -> page.locator("#first-picture").setInputFiles(new FilePayload("nettle.png", "image/png", Samples.cornerPng())));
            assertThat(page.locator("h1")).hasText("Nettle");
            assertThat(page.locator("#told-support option:checked")).hasText("Nettle paper");
            Support own = studio.bean(PieceWork.class).all().getFirst().base().support();
            assertEquals(90, own.told().weight());
            assertEquals(List.of(own), studio.bean(kindveil.studio.work.shelf.Supports.class).own());
            act(() -> page.locator(".b-thread").getByText("Print it").click());
            act(() -> page.waitForDownload(() -> page.getByText("Take the PDF").click()));
            assertTrue(acts <= MOST_ACTS, acts + " acts");
            page.navigate("about:blank");
            Web web = new Web(studio.address());
            assertEquals(1, studio.bean(PieceWork.class).all().size());
            pieces(studio).forEach(piece -> studio.bean(PieceWork.class).takeAway(piece.id()));
            Map<String, String> wrong = new java.util.HashMap<>(HAD);
            wrong.putAll(Map.of("sample", "yes", "ownName", "n".repeat(70), "ownWeight", "heavy"));
            Web.Answer refused = web.post("/begin", wrong);
            assertTrue(refused.words().contains("Weight") && refused.text().contains("heavy"), refused.words());
            assertTrue(pieces(studio).isEmpty(), "nothing half begun");
        }
    }

    private static List<Piece> pieces(Studio studio) {
        return studio.bean(PieceWork.class).all();
    }

    /** Several at once: what cannot be read is said by name and takes none of the others with it; sent again they are the same. */
    @Test
    void several_areBegunTogether(Page page) {
        try (Studio studio = empty("several")) {
            FilePayload[] files = {new FilePayload("reed-bed.png", "image/png", Samples.cornerPng()), new FilePayload("torn.png", "image/png", new byte[] {1, 2, 3}), new FilePayload("old_rope.png", "image/png", Samples.cornerPng())};
            page.navigate(studio.address() + "/pieces");
            page.getByLabel("Picture: PNG").setInputFiles(files);
            page.getByText("Read the picture").click();
            assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)).containsText("torn.png");
            assertThat(page.locator(".shelf b")).containsText(new String[] {"Old rope", "Reed bed"});
            page.getByLabel("Picture: PNG").setInputFiles(files);
            page.getByText("Read the picture").click();
            assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)).containsText("torn.png");
            assertEquals(2, studio.bean(PieceWork.class).all().size());
            page.navigate("about:blank");
        }
    }

    @Test
    void noPicture_isSaid_andASampleIsTriedOnce() {
        try (Studio studio = empty("sample")) {
            Web web = new Web(studio.address());
            Web.Answer refused = web.post("/begin", HAD);
            assertEquals(422, refused.status(), refused.words());
            assertTrue(refused.text().contains("<option value=\"DYE_INKJET\" selected=\"selected\">"), "the sentence stays as it was");
            assertTrue(studio.bean(PieceWork.class).none());
            UUID once = UUID.randomUUID();
            Map<String, String> asked = new java.util.HashMap<>(HAD);
            asked.putAll(Map.of("sent", once.toString(), "sample", "yes"));
            Web.Answer build = web.post("/begin", asked);
            assertEquals("/pieces/" + once + "/build", build.path());
            assertEquals(200, web.post("/begin", asked).status());
            Piece piece = studio.bean(PieceWork.class).get(once);
            assertEquals(1, studio.bean(PieceWork.class).all().size());
            assertEquals(PrintKind.DYE_INKJET, piece.design().print());
            assertEquals(Support.WATERCOLOUR_PAPER, piece.base().support());
            assertEquals(Wish.SOFT, piece.design().wish());
            assertTrue(studio.bean(PieceWork.class).plan(piece).sound());
        }
    }

    @Test
    void fileName_suggestsATitle() {
        assertEquals("Ferry bell 2", PieceWork.titled("ferry-bell_2.png"));
        assertEquals("A piece", PieceWork.titled(".png"));
        assertEquals("A piece", PieceWork.titled("---.jpeg"));
        assertEquals(PieceWork.LONGEST_TITLE, PieceWork.titled("f".repeat(400)).length());
    }
}
