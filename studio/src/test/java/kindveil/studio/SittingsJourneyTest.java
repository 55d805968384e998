package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import kindveil.measure.Length;
import kindveil.sitting.Check;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sitting.Diaries;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.studio.work.sitting.Worked;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** “I can work tomorrow 10–12 and 14–18; three pieces by then: can it be done, and if not, what is the least that would make it fit?” */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class SittingsJourneyTest {
    private static final Pattern FIT = Pattern.compile("They fit in");
    private final Studio studio;
    private final PieceWork pieces;
    private final SittingWork sittings;
    private final List<Piece> made = new ArrayList<>();

    SittingsJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.sittings = studio.bean(SittingWork.class);
    }

    @BeforeEach
    void three() {
        // at noon, so that no sitting of a test lies across midnight
        studio.clock().turnTo(Duration.between(studio.clock().instant(), sittings.today().plusDays(1).atTime(12, 0).atZone(java.time.ZoneId.systemDefault()).toInstant()));
        for (String name : List.of("Evening oar", "Evening lock", "Evening weir")) {
            made.add(pieces.begin(name, Length.ofMillimetres(90), name + ".png", Samples.cornerPng()));
        }
    }

    @AfterEach
    void nothingPlanned() {
        studio.bean(Diaries.class).replace(Diary.EMPTY.at(sittings.diary().version()));
        MakeWork makings = studio.bean(MakeWork.class);
        makings.active().stream().filter(making -> made.stream().anyMatch(piece -> piece.id().equals(making.piece()))).forEach(making -> makings.layAside(making.id()));
        made.forEach(piece -> pieces.remove(piece.id(), piece.title()));
    }

    private void ask(Page page, String hours, String due) {
        page.navigate(studio.address() + "/sittings");
        page.locator("#hours").fill(hours);
        page.locator("#due").fill(due);
        for (Piece piece : made) {
            page.locator("label:has-text('" + piece.title() + "') input").check();
        }
        page.locator("button:text-is('Fit them in')").click();
    }

    private void holds() {
        Worked now = sittings.now();
        assertTrue(now.fits());
        assertEquals(List.of(), Check.of(now.problem(), now.schedule()));
    }

    @Test
    void asked_itIsFittedIn_movedByHand_askedWhy_andTakenBack(Page page) {
        ask(page, "tomorrow 10-14, tomorrow 16-20", "tomorrow 20:00");
        assertThat(page.locator("#told")).containsText(FIT);
        assertThat(page.locator("#sure")).containsText("it is done in time");
        assertThat(page.locator("[data-evenings][data-listens]")).isVisible();
        holds();
        // why it is there
        Locator second = page.locator("[data-knot]").nth(1);
        second.press("Enter");
        assertThat(page.locator("#why")).containsText(Pattern.compile("ready|hands|goes on|sitting|rest"));
        // put later, exactly
        String was = page.locator("#knot-at").inputValue();
        page.locator("#knot-at").fill("tomorrow 16:00");
        page.locator("button:text-is('Put it there')").click();
        assertThat(page.locator(".put")).hasCount(1);
        holds();
        assertEquals(1, sittings.diary().pins().size());
        page.locator("button:text-is('Take back the last change')").click();
        assertThat(page.locator(".put")).hasCount(0);
        assertThat(page.locator("[data-evenings][data-listens]")).isVisible();
        // by arrows
        page.locator("[data-knot]").nth(1).focus();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(page.locator(".put")).hasCount(1);
        assertThat(page.locator("[data-evenings][data-listens]")).isVisible();
        assertTrue(!was.isEmpty());
        holds();
        // an edge of a sitting dragged: the hours say it
        Locator edge = page.locator("[data-edge=ends]").first();
        BoundingBox box = edge.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height - 10);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 - 20, box.y + box.height - 10);
        page.mouse().move(box.x + box.width / 2 - 40, box.y + box.height - 10);
        page.mouse().up();
        assertThat(page.locator("#hours")).not().hasValue(Pattern.compile("10:00–14:00"));
        assertThat(page.locator("#told")).containsText(FIT);
        holds();
    }

    @Test
    void doesNotFit_itSaysWhatStandsInTheWay_andWhatWouldHelp(Page page) {
        ask(page, "tomorrow 10-11.30", "tomorrow 20:00");
        assertThat(page.locator("#told")).containsText("They do not fit");
        assertThat(page.locator("#conflict")).isVisible();
        Locator outs = page.locator(".outs button");
        assertThat(outs.first()).isVisible();
        assertTrue(outs.allInnerTexts().stream().anyMatch(words -> words.toLowerCase(java.util.Locale.ROOT).contains("sittings: ")), outs.allInnerTexts().toString());
        outs.filter(new Locator.FilterOptions().setHasText(Pattern.compile("ore sittings: .*and all due"))).first().click();
        assertThat(page.locator("#told")).containsText(FIT);
        holds();
        // with a little less than it takes, that little is named
        ask(page, "tomorrow 10-13", "tomorrow 20:00");
        assertThat(page.locator("#told")).containsText("They do not fit");
        assertThat(outs.filter(new Locator.FilterOptions().setHasText(Pattern.compile("minutes longer"))).first()).isVisible();
        outs.filter(new Locator.FilterOptions().setHasText(Pattern.compile("minutes longer"))).first().click();
        assertThat(page.locator("#told")).containsText(FIT);
        holds();
    }

    @Test
    void oneActLate_itIsPlannedFromNow_andTheOthersStayWhereTheyCan(Page page) {
        ask(page, "tomorrow 10-14, tomorrow 16-20, every Sat 10-12, every Sun 10-12", "");
        assertThat(page.locator("#told")).containsText(FIT);
        Worked before = sittings.now();
        studio.clock().forward(Duration.between(studio.clock().instant(), before.start(0).plus(Duration.ofMinutes(20))));
        page.navigate(studio.address() + "/sittings");
        assertThat(page.locator("body")).containsText("Things have moved on since this was kept");
        holds();
        page.locator("button:text-is('Keep it so')").click();
        assertThat(page.locator("body")).not().containsText("Things have moved on");
        // what is under way goes on where it stands
        MakeWork makings = studio.bean(MakeWork.class);
        var making = makings.begin(made.getFirst().id());
        makings.tell(making.id(), 0, 0, 0, true);
        page.navigate(studio.address() + "/sittings");
        assertThat(page.locator("#told")).containsText(FIT);
        assertTrue(sittings.now().jobs().stream().anyMatch(job -> making.id().equals(job.making())));
        holds();
    }

    /** Read by another library than wrote it. */
    @Test
    void calendarAndSheet_sayTheSame(Page page) {
        ask(page, "tomorrow 10-14, tomorrow 16-20", "");
        assertThat(page.locator("#told")).containsText(FIT);
        Worked now = sittings.now();
        String file = new Web(studio.address()).get("/sittings.ics").text();
        List<VEvent> events = Biweekly.parse(file).first().getEvents();
        assertEquals(now.problem().tasks().size() + now.problem().lags().stream().filter(lag -> lag.most() != null).count(), events.size());
        for (int task = 0; task < now.problem().tasks().size(); task++) {
            VEvent event = events.get(task);
            assertEquals(now.start(task), event.getDateStart().getValue().toInstant());
            assertEquals(now.end(task), event.getDateEnd().getValue().toInstant());
            assertTrue(event.getSummary().getValue().startsWith(now.jobs().get(now.problem().tasks().get(task).job()).words()));
            assertEquals("-PT10M", event.getAlarms().getFirst().getTrigger().getDuration().toString());
        }
        page.locator("a:text-is('what to gather, to print')").first().click();
        assertThat(page.locator("h1")).containsText("10:00–14:00");
        assertThat(page.locator(".sheet-lines li")).not().hasCount(0);
        assertThat(page.locator("body")).containsText("ml gloss acrylic medium");
    }

    @Test
    void whatCannotBeRead_isSaidAtOnce_andStaysTyped(Page page) {
        ask(page, "whenever", "soon");
        assertThat(page.locator("[role=alert]").first()).containsText("whenever");
        assertThat(page.locator("body")).containsText("Sun evening");
        assertThat(page.locator("#hours")).hasValue("whenever");
        assertThat(page.locator("#due")).hasValue("soon");
        assertThat(page.locator("label:has-text('Evening weir') input")).isChecked();
    }
}
