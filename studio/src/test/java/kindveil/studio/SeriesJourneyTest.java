package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.log.Results;
import kindveil.studio.work.stock.Prints;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.Meanwhile;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Act;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Several pulls of one plan: begun together, made overlapping, each with what came of it. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class SeriesJourneyTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Results results;
    private final Prints prints;
    private final LogWork log;
    private UUID piece;

    SeriesJourneyTest(Studio studio) {
        this.studio = studio;
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
        this.results = studio.bean(Results.class);
        this.prints = studio.bean(Prints.class);
        this.log = studio.bean(LogWork.class);
    }

    private UUID piece(String title, String way) {
        Piece begun = pieces.begin(title, Length.ofMillimetres(60), "ticket.png", Samples.cornerPng());
        piece = begun.id();
        if (!way.equals("gel-lay")) {
            pieces.change(begun.with(begun.design().doing(kindveil.catalogue.Catalogue.way(way))));
        }
        return piece;
    }

    /** What was begun here is not followed in other tests. */
    @AfterEach
    void clear() {
        makings.ofPiece(piece).stream().filter(line -> line.active()).forEach(line -> makings.layAside(line.id()));
        studio.clock().turnTo(Duration.ZERO);
    }

    private StoredMaking tell(UUID making) {
        int seq = makings.get(making).told().size();
        Act act = makings.get(making).making().current().orElseThrow();
        assertEquals(List.of(), makings.tell(making, seq, act.expected(), 0, true));
        return makings.get(making);
    }

    private void tellAll(UUID making) {
        while (makings.get(making).making().current().isPresent()) {
            tell(making);
        }
    }

    private String atHand(StoredMaking making) {
        return makings.get(making.id()).making().current().map(Act::key).orElse("made");
    }

    @Test
    void fourPulls_plannedInTwoActs_andTheFirstTwoMadeOverlapping(Page page) {
        UUID id = piece("Ferry stub", "gel-lay");
        page.navigate(studio.address() + "/pieces/" + id + "/make");
        page.locator("#pulls").fill("4");
        page.locator("#pulls").press("Enter");
        assertThat(page.getByText("All 4 in")).containsText("one after the other");
        assertThat(page.locator("section[aria-label^=How] g text").filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("pull"))).hasCount(4);
        page.getByText("Begin at the bench").click();
        assertThat(page.locator(".top b")).hasText("Ferry stub, pull 1 of 4");
        List<StoredMaking> pulls = makings.series(makings.get(UUID.fromString(page.url().substring(page.url().lastIndexOf('/') + 1))));
        assertEquals(4, pulls.size());
        UUID first = pulls.getFirst().id();
        while (!atHand(pulls.getFirst()).equals("pass-1-wet")) {
            tell(first);
        }
        page.reload();
        assertThat(page.locator(".slip").first()).containsText("Begin it meanwhile");
        assertThat(page.locator(".slip").first()).containsText("Ferry stub, pull 2");
        page.locator(".slip a").first().click();
        assertThat(page.locator(".top b")).hasText("Ferry stub, pull 2 of 4");
        UUID second = pulls.get(1).id();
        while (!atHand(pulls.get(1)).equals("pass-1-wet")) {
            tell(second);
        }
        studio.clock().forward(Duration.ofHours(3));
        assertTrue(makings.get(first).making().clock().orElseThrow().opens().isBefore(studio.clock().instant()), "both dried at once");
        tellAll(first);
        tellAll(second);
        page.navigate(studio.address() + "/bench/" + first);
        assertThat(page.locator("body[data-ready]")).hasCount(1);
        page.keyboard().press("1");
        assertThat(page.locator(".result[aria-pressed=true]")).containsText("good");
        page.getByText("Pull 2: made").click();
        page.locator(".result").nth(1).click();
        assertThat(page.locator(".result[aria-pressed=true]")).containsText("a ghost");
        assertEquals(List.of("Ferry stub, pull 1", "Ferry stub, pull 2"), prints.pulls().stream().filter(kept -> kept.entry().piece().equals(id)).map(kept -> kept.owned().name()).toList());
        assertEquals(List.of(LogEntry.Verdict.AS_WISHED, LogEntry.Verdict.OTHERWISE_GOOD), List.of(entry(first).verdict(), entry(second).verdict()));
        page.getByText("Write more of it down").click();
        page.getByLabel("What I see").fill("Pale, and of use.");
        page.getByLabel("Who printed the copy").fill("shop at the quay");
        page.getByLabel("A photograph of it").setInputFiles(new com.microsoft.playwright.options.FilePayload("ghost.png", "image/png", Samples.cornerPng()));
        page.locator("main button.press").click();
        assertThat(page.locator("article").first()).containsText("Pale, and of use.");
        assertEquals("shop at the quay", entry(second).printedBy());
        assertTrue(entry(second).photo() != null, "a photograph can be added to a line told in a word");
        page.navigate(studio.address() + "/shelf/prints");
        page.getByLabel("Begin a piece from it: Ferry stub, pull 2,").click();
        assertThat(page.locator("h1")).hasText("After Ferry stub, pull 2");
        page.navigate(studio.address() + "/");
        assertThat(page.locator(".now")).containsText("Begin Ferry stub, pull 3");
        assertFalse(page.locator(".now").innerText().contains("pull 4"), "one after the other");
        page.navigate(studio.address() + "/pieces/" + id + "/make");
        assertThat(page.getByText("Pull 1", new Page.GetByTextOptions().setExact(true)).locator("xpath=..")).containsText("made: good");
    }

    private LogEntry entry(UUID making) {
        return log.ofPiece(piece).stream().filter(entry -> making.equals(entry.making())).findFirst().orElseThrow();
    }

    @Test
    void whatIsMixedInOnePull_isMixedInAll_andTakenBackInAll() {
        StoredMaking first = makings.begin(piece("Mixed bell", "film-release"), 3, 1);
        List<StoredMaking> pulls = makings.series(first);
        assertTrue(pulls.stream().allMatch(pull -> atHand(pull).equals("mix")));
        Instant mixed = tell(first.id()).told().getLast().deed().at();
        assertTrue(pulls.stream().noneMatch(pull -> atHand(pull).equals("mix")), "mixed for all");
        assertEquals(mixed, makings.get(pulls.get(2).id()).told().getFirst().deed().at(), "its rest is counted from then");
        assertFalse(makings.get(pulls.get(1).id()).underWay());
        assertThrows(UnusableValue.class, () -> makings.takeBack(pulls.get(1).id(), 1));
        tell(pulls.get(1).id());
        makings.takeBack(pulls.get(1).id(), 2);
        assertEquals(1, makings.get(pulls.get(1).id()).told().size(), "what is mixed stays mixed");
        tell(pulls.get(2).id());
        makings.takeBack(first.id(), 1);
        assertEquals(List.of("mix", "mix"), List.of(atHand(pulls.get(0)), atHand(pulls.get(1))));
        assertFalse(atHand(pulls.get(2)).equals("mix"), "it was gone on with");
    }

    @Test
    void onePullMore_andOneLess() {
        StoredMaking alone = makings.begin(piece("Growing bell", "gel-lay"));
        assertEquals("Growing bell", alone.called("Growing bell"));
        tell(alone.id());
        StoredMaking second = makings.oneMore(alone.id());
        assertEquals("Growing bell, pull 1", makings.get(alone.id()).called("Growing bell"));
        assertEquals("Growing bell, pull 2", second.called("Growing bell"));
        assertEquals(alone.plan().plan().acts(), second.plan().plan().acts());
        makings.layAside(second.id());
        assertEquals(1, makings.series(makings.get(alone.id())).size());
        assertThrows(kindveil.studio.work.NotFound.class, () -> makings.get(second.id()), "nothing was told of it");
        StoredMaking third = makings.oneMore(alone.id());
        tell(third.id());
        makings.layAside(third.id());
        makings.takeUp(third.id());
        assertEquals(2, makings.series(makings.get(alone.id())).size(), "taken up beside its mate");
        for (int i = 3; i <= 12; i++) {
            makings.oneMore(alone.id());
        }
        assertTrue(assertThrows(UnusableValue.class, () -> makings.oneMore(alone.id())).getMessage().contains("13"));
    }

    @Test
    void result_toldAgain_isAnother_andWordsOfTheArtistStay() {
        UUID made = makings.begin(piece("Doubted bell", "tape-lift")).id();
        assertThrows(UnusableValue.class, () -> results.came(made, Result.GOOD), "its acts are not told");
        tellAll(made);
        for (Result result : List.of(Result.GOOD, Result.SPOILED, Result.SPOILED, Result.GHOST)) {
            results.came(made, result);
        }
        assertEquals(List.of("Good.", "Spoiled.", "A ghost."), log.history(entry(made).id()).stream().map(LogEntry::came).toList(), "each change of mind is kept, none twice");
        assertEquals("ghost", prints.pulls().stream().filter(kept -> made.equals(kept.owned().id())).findFirst().orElseThrow().owned().what());
        LogEntry said = entry(made);
        log.correct(said.id(), said.revision(), new LogWork.Said(LogEntry.Verdict.NEARLY, "Pale, but the bell rings.", "", LogEntry.Findings.NONE));
        results.came(made, Result.SPOILED);
        assertEquals("Pale, but the bell rings.", entry(made).came());
        assertTrue(prints.pulls().stream().noneMatch(kept -> made.equals(kept.owned().id())));
    }

    @Test
    void onePlate_keepsTheNextPullWaiting_aSecondDoesNot() {
        for (int plates = 1; plates <= 2; plates++) {
            StoredMaking first = makings.begin(piece("Plated bell %d".formatted(plates), "plate-pull"), 3, plates);
            while (!atHand(first).equals("image-paint")) {
                tell(first.id());
            }
            tell(first.id());
            assertEquals(plates == 1, meanwhile(first).plateBusy());
            while (!atHand(first).equals("dry") && makings.get(first.id()).making().coming().stream().anyMatch(kindveil.reading.SeriesReading::onPlate)) {
                tell(first.id());
            }
            assertFalse(meanwhile(first).plateBusy(), "the sheet is off it");
            clear();
        }
    }

    private Meanwhile meanwhile(StoredMaking first) {
        List<Meanwhile> all = Meanwhile.of(makings.series(makings.get(first.id())), studio.clock().instant());
        assertEquals(1, all.size());
        assertEquals(2, all.getFirst().next().pull().number());
        return all.getFirst();
    }

    @Test
    void hands_thatWouldBeMissedElsewhere_waitUntilThen() {
        StoredMaking first = makings.begin(piece("Pressing bell", "gel-lay"), 2, 1);
        while (!atHand(first).equals("lay")) {
            tell(first.id());
        }
        Meanwhile next = meanwhile(first);
        assertFalse(next.fits(studio.clock().instant()), "the bed is open for some minutes, and laying a print takes longer");
        tell(first.id());
        assertTrue(next.hands().compareTo(Duration.ofMinutes(5)) > 0, next.hands().toString());
    }

    /** What cannot be foreseen is said, and the number that was typed stays. */
    @Test
    void inAirThatDriesNothing_itIsSaidWhyNoSeriesCanBeForeseen() {
        try (Studio damp = OpenStudio.open("jdbc:h2:mem:damp;DB_CLOSE_DELAY=-1")) {
            Web web = new Web(damp.address());
            assertEquals(200, web.post("/room", java.util.Map.of("version", "-1", "degrees", "12", "percent", "95", "units", "METRIC", "ago", "0")).status());
            UUID id = damp.bean(PieceWork.class).begin("Damp bell", kindveil.measure.Length.ofMillimetres(80), "bell.png", Samples.cornerPng()).id();
            String asked = web.get("/pieces/" + id + "/make?pulls=3").words();
            assertTrue(asked.contains("no end in this room"), asked);
            assertTrue(asked.contains("how they go into each other cannot be told"), asked);
            assertTrue(asked.contains("for 3 pulls of"), asked);
            Web.Answer begun = web.post("/pieces/" + id + "/make", java.util.Map.of("pulls", "3", "plates", "1"));
            assertTrue(begun.words().contains("A fan does not help"), begun.words());
        }
    }

    @Test
    void impossibleNumbers_areRefusedByName() {
        UUID id = piece("Countless bell", "gel-lay");
        Web web = new Web(studio.address());
        for (String wrong : List.of("0", "13", "-1")) {
            Web.Answer answer = web.get("/pieces/" + id + "/make?pulls=" + wrong);
            assertTrue(answer.words().contains("Pulls") && answer.words().contains("1 to 12"), answer.words());
        }
        assertTrue(web.get("/pieces/" + id + "/make?pulls=many").words().contains("Pulls: “many” cannot be used"));
        assertTrue(web.post("/pieces/" + id + "/make", java.util.Map.of("pulls", "99")).words().contains("1 to 12"));
        assertEquals(List.of(), makings.ofPiece(id));
    }
}
