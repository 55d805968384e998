package kindveil.studio.work.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.drying.Learned;
import kindveil.bench.Step;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Act;
import kindveil.way.HandWork;
import kindveil.way.TellTale;
import kindveil.way.Trace;
import kindveil.way.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is felt at one bench is planned with at the next. */
@ExtendWith(OpenStudio.class)
class LearnWorkTest {
    private static int rounds;
    private final Studio studio;
    private final LearnWork learning;
    private final Teachings teachings;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final List<UUID> begun = new ArrayList<>();

    LearnWorkTest(Studio studio) {
        this.studio = studio;
        this.learning = studio.bean(LearnWork.class);
        this.teachings = studio.bean(Teachings.class);
        this.pieces = studio.bean(PieceWork.class);
        this.makings = studio.bean(MakeWork.class);
    }

    /** Other tests feel of beds too. */
    @BeforeEach
    void anew() {
        // each test later than the one before, whose checks are forgotten so
        studio.clock().forward(Duration.ofDays(30L * ++rounds));
        learning.forget(teachings.now().version());
        learning.use(teachings.now().version(), true);
    }

    @AfterEach
    void forgotten() {
        begun.forEach(makings::layAside);
        learning.use(teachings.now().version(), false);
    }

    private Piece piece(String title) {
        return pieces.begin(title, Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
    }

    /** A bed under a print, and what a corner of it says so many minutes after it was laid. */
    private StoredMaking felt(int minutes, int reply) {
        StoredMaking making = makings.begin(piece("Felt bed").id());
        begun.add(making.id());
        while (makings.get(making.id()).making().tellTales(studio.clock().instant()).stream().noneMatch(tale -> tale.of() instanceof TellTale.Of.Drying)) {
            makings.tell(making.id(), makings.get(making.id()).told().size(), makings.get(making.id()).making().current().orElseThrow().expected(), 0, true);
        }
        studio.clock().forward(Duration.ofMinutes(minutes));
        StoredMaking now = makings.get(making.id());
        TellTale tale = now.making().tellTales(studio.clock().instant()).stream().filter(each -> each.of() instanceof TellTale.Of.Drying).findFirst().orElseThrow();
        makings.sign(making.id(), now.told().size(), tale, Math.min(reply, tale.replies().size() - 1));
        return makings.get(making.id());
    }

    /** How long the first bed of a plan is waited for. */
    private static Duration waited(Trace trace) {
        return trace.moments().stream().flatMap(moment -> moment.waits().stream()).filter(wait -> wait.times().spread() != null && wait.times().latest() == null).map(wait -> wait.times().spread().nineTenths()).max(Duration::compareTo).orElseThrow();
    }

    @Test
    void stillWet_late_slowsEveryPlan_untilItIsLeftOut() {
        Piece next = piece("Next bed");
        Duration before = waited(pieces.plan(next).whole());
        felt(100, 0);
        felt(120, 0);
        felt(110, 0);
        assertEquals(3, learning.taught().seen().size());
        assertTrue(learning.now().others().logMean() < 0, learning.now().toString());
        Duration slow = waited(pieces.plan(next).whole());
        assertTrue(slow.compareTo(before) > 0, slow + " after " + before);
        // a making begun now keeps it, through its store
        StoredMaking begunNow = makings.begin(next.id());
        begun.add(begunNow.id());
        assertEquals(learning.now(), makings.get(begunNow.id()).plan().plan().bench().room().learned());
        for (LearnWork.Seen seen : learning.taught().seen()) {
            learning.count(teachings.now().version(), seen.key(), false);
        }
        assertEquals(Learned.NOTHING, learning.now());
        assertEquals(before, waited(pieces.plan(next).whole()));
        learning.count(teachings.now().version(), learning.taught().seen().getFirst().key(), true);
        assertEquals(1, learning.now().checks());
    }

    @Test
    void notUsed_orBegunAnew_isAsBefore() {
        felt(110, 0);
        assertTrue(learning.now().checks() > 0);
        learning.use(teachings.now().version(), false);
        assertEquals(Learned.NOTHING, learning.now());
        learning.use(teachings.now().version(), true);
        studio.clock().forward(Duration.ofMinutes(1));
        learning.forget(teachings.now().version());
        assertEquals(List.of(), learning.taught().seen());
        int version = teachings.now().version();
        learning.remember(version);
        assertTrue(learning.now().checks() > 0);
        assertThrows(Outdated.class, () -> learning.use(version, false));
    }

    /** Acts told one after the other are clocked: slow hands are planned with, until that is left out; what is told late clocks nothing. */
    @Test
    void slowHands_areClocked_andPlannedWith() {
        Piece next = piece("Next oar");
        double before = rubs(next);
        List<String> clocked = new ArrayList<>();
        for (StoredMaking making : List.of(makings.begin(piece("Slow oar").id()), makings.begin(piece("Slow skiff").id()))) {
            while (makings.get(making.id()).making().current().isPresent()) {
                StoredMaking now = makings.get(making.id());
                Act act = now.making().current().orElseThrow();
                Duration stoodBy = now.plan().plan().endingAt(act.id()).stream().map(window -> window instanceof Window.Soak soak ? soak.least() : window instanceof Window.Dwell dwell ? dwell.least() : window instanceof Window.Open ? Duration.ZERO : Duration.ofDays(2)).max(Duration::compareTo).orElse(Duration.ZERO);
                studio.clock().forward(stoodBy.plus(act.handsOn().multipliedBy(2)));
                makings.tell(making.id(), now.told().size(), act.expected(), 0, true);
            }
            clocked = learning.taught().timed().stream().map(LearnWork.Timed::title).toList();
            assertTrue(!clocked.isEmpty(), "nothing clocked");
        }
        learning.told();
        double factor = learning.pace().of(HandWork.RUBBING);
        assertTrue(factor > 1.25 && factor < 2.1, "hands twice as slow are taken to be %s".formatted(factor));
        assertEquals(before * factor, rubs(next), 0.25 * 8);
        assertTrue(rubs(next) > before);
        String page = new Web(studio.address()).get("/room").text();
        assertTrue(page.contains("rubbing away: " + Figures.rounded(factor, 2)), page);
        // a making begun now keeps it, through its store
        StoredMaking begunNow = makings.begin(next.id());
        begun.add(begunNow.id());
        assertEquals(learning.pace(), makings.get(begunNow.id()).plan().parts().getFirst().brief().pace());
        for (LearnWork.Timed timed : learning.taught().timed()) {
            learning.count(teachings.now().version(), timed.key(), false);
        }
        assertEquals(before, rubs(next));
    }

    /** Minutes of rubbing in all. */
    private double rubs(Piece piece) {
        return pieces.plan(piece).whole().moments().stream().filter(moment -> moment.act().step() instanceof Step.RubAway).mapToDouble(moment -> Span.inMinutes(moment.act().handsOn())).sum();
    }

    @Test
    void room_saysIt_andLeavesOneOut() {
        felt(110, 0);
        Web web = new Web(studio.address());
        String page = web.get("/room").text();
        assertTrue(page.contains("1 check") && page.contains("slower than usual"), page);
        String key = learning.taught().seen().getFirst().key();
        assertEquals(200, web.post("/room/learning", Map.of("version", String.valueOf(teachings.now().version()), "leave", key)).status());
        assertTrue(web.get("/room").text().contains("Nothing is learned yet"));
        assertTrue(web.get("/room").text().contains("count it"));
    }
}
