package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.sitting.Diary;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A batch for three pieces, from an empty shelf: bought, mixed, used at the bench until it runs out, listed again; then a journal closed. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class JarsJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final JarWork jars;
    private final Diaries diaries;

    JarsJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
        this.jars = studio.bean(JarWork.class);
        this.diaries = studio.bean(Diaries.class);
    }

    @AfterEach
    void away() {
        diaries.replace(Diary.EMPTY.at(diaries.now().version()));
        makings.active().forEach(making -> makings.layAside(making.id()));
        studio.clock().turnTo(Duration.ZERO);
    }

    private Piece piece(String title, String way) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        return pieces.change(piece.with(piece.design().doing(Catalogue.way(way))));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void bought(Page page, String kind, String holds) {
        page.locator("#jar-kind").selectOption(kind);
        page.locator("#jar-holds").fill(holds);
        press(page, button(page, "Put it there"));
    }

    /** By the finger where the page is touched, else by the mouse. */
    private static void press(Page page, Locator what) {
        if (touched(page)) {
            what.tap();
        } else {
            what.click();
        }
    }

    private static boolean touched(Page page) {
        return page.viewportSize().width < 500;
    }

    @Test
    void threePieces_oneBatch_usedUp_andOnTheList(Page page) throws Exception {
        threePieces(page, "60 ml", "250");
    }

    /** The same with a telephone in the hand, in inches and fluid ounces. */
    @Test
    void theSame_byTouch_inInches(Page page) throws Exception {
        Rooms rooms = studio.bean(Rooms.class);
        StudioRoom room = rooms.now();
        rooms.replace(new StudioRoom(room.version(), room.celsius(), room.percent(), UnitSystem.US, studio.clock().instant()));
        try (BrowserContext telephone = page.context().browser().newContext(new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true).setAcceptDownloads(true))) {
            threePieces(telephone.newPage(), "2 fl oz", "8 fl oz");
        } finally {
            rooms.replace(new StudioRoom(rooms.now().version(), room.celsius(), room.percent(), room.units(), studio.clock().instant()));
        }
    }

    private void threePieces(Page page, String concentrate, String alcohol) throws Exception {
        List<Piece> three = Stream.of("Ferry film", "Rope film", "Gauge film").map(title -> piece(title, "film-release")).toList();
        Diary diary = diaries.now();
        diaries.replace(diary.saying(diary.hours(), null, three.stream().map(Piece::id).toList()));
        // the list says what is wanted for them, as it is bought
        page.navigate(studio.address() + "/shelf/stock");
        assertThat(page.locator("#buy")).containsText("Release concentrate");
        assertThat(page.locator("#buy")).containsText("Ferry film");
        bought(page, "release-concentrate", concentrate);
        bought(page, "isopropyl-alcohol", alcohol);
        assertThat(page.locator("#buy")).not().containsText("Release concentrate 1");

        // mixed for all three: each act is one press, and the amounts follow
        press(page, page.getByText("What is mixed", new Page.GetByTextOptions().setExact(true)).first());
        assertThat(page.locator("#mixture")).hasValue("release-solution");
        for (Piece each : three) {
            page.getByLabel(each.title()).check();
        }
        page.locator("#mix-measure").selectOption("DROPPER");
        assertThat(page.locator("#batch")).containsText("81 % alcohol by volume");
        assertThat(page.locator("#batch")).containsText("drops");
        String one = page.locator("#batch").innerText();
        page.getByLabel("Gauge film").uncheck();
        assertThat(page.locator("#batch")).not().containsText(one.lines().filter(line -> line.contains("in all")).findFirst().orElseThrow());
        page.getByLabel("Gauge film").check();
        assertThat(page.locator("#batch")).containsText(one.lines().filter(line -> line.contains("in all")).findFirst().orElseThrow());
        press(page, button(page, "It is mixed"));
        assertThat(page.locator("section[aria-label='Jars that stand']")).containsText("Ready from");
        Download label = page.waitForDownload(() -> press(page, page.getByLabel("label for Release solution")));
        assertTrue(Files.size(label.path()) > 1000);

        // each takes it at its bench, by touch or key; the rest is not waited for again
        studio.clock().turnTo(Duration.ofHours(4));
        for (Piece each : three) {
            UUID making = makings.begin(each.id()).id();
            page.navigate(studio.address() + "/bench/" + making);
            Locator jar = page.locator("[data-jar]").filter(new Locator.FilterOptions().setHasText("take this jar"));
            assertThat(page.locator("body")).hasAttribute("data-ready", "yes");
            if (each == three.getFirst() || touched(page)) {
                press(page, jar);
            } else {
                assertThat(jar).hasAttribute("data-jar", "j");
                page.keyboard().press("j");
            }
            assertThat(page.locator("h1.act")).not().hasText("Mix the release solution");
            // a bench that is open follows what is told elsewhere, and would go on while the next page is asked for
            page.navigate("about:blank");
            while (!makings.get(making).making().current().map(act -> act.id().key().equals("lay")).orElse(true)) {
                assertEquals(List.of(), makings.tell(making, makings.get(making).told().size(), 0, 0, false));
            }
        }
        page.navigate(studio.address() + "/jars");
        assertThat(page.locator("section[aria-label='Jars that stand']")).containsText("Empty.");
        // a fourth finds none that serves
        Piece fourth = piece("Reed film", "film-release");
        page.navigate(studio.address() + "/bench/" + makings.begin(fourth.id()).id());
        assertThat(page.locator("[data-jar]").filter(new Locator.FilterOptions().setHasText("take this jar"))).hasCount(0);
        jars.lots().forEach(lot -> assertTrue(lot.left() < lot.owned().there().orElse(0.0), "it came out of the shelf"));
    }

    @Test
    void journal_isFilledAcrossTwoPages_andClosed(Page page) {
        Piece spread = piece("Landing at dusk", "gel-lay");
        pieces.lay(spread, kindveil.bench.Support.JOURNAL_PAGE);
        page.navigate(studio.address() + "/books");
        page.locator("#book-title").fill("River journal of spreads");
        button(page, "Begin it").click();
        page.locator("#lay-piece").selectOption(spread.id().toString());
        page.locator("#lay-page").fill("6");
        page.getByText("across it and the page that faces it").click();
        button(page, "Lay it in").click();
        assertThat(page.locator("#body")).containsText("6 and 7");
        assertThat(page.locator("#body")).containsText("Landing at dusk, across both");
        assertThat(page.locator("#body")).containsText("must lie open until");
        page.locator("summary").filter(new Locator.FilterOptions().setHasText("The book itself")).click();
        button(page, "Give the book away").click();
        page.getByLabel("River journal of spreads is here again").click();
        assertThat(page.locator("#body")).containsText("Landing at dusk, across both");
    }
}
