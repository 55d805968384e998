package kindveil.studio.work.learning;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import kindveil.drying.Learned;
import kindveil.learning.DryingReading;
import kindveil.learning.PaceReading;
import kindveil.making.Begun;
import kindveil.measure.Span;
import kindveil.studio.work.making.ToldDeed;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Plan;
import kindveil.way.HandWork;
import kindveil.way.Hands;
import kindveil.way.Pace;
import kindveil.way.Window;
import java.util.Optional;
import kindveil.making.Making;
import kindveil.studio.work.Caches;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.StoredMaking;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Learns how fast things dry here from what was seen and felt at the bench, and how long hands take from what the bench clocked. */
@Service
public class LearnWork {
    /** So many makings are learned from, the newest. */
    private static final int MOST = 60;
    private static final Duration AT_MOST = Duration.ofMinutes(1);
    /** What is told later than this was not clocked. */
    private static final Duration AT_ONCE = Duration.ofSeconds(90);
    /** Hands that wait no longer than this wait beside the work. */
    private static final Duration STOOD_BY = Duration.ofMinutes(5);
    private static final double SHORTEST_MINUTES = 0.02;

    private record Known(Learned learned, Pace pace, Instant at) {
    }

    private final Makings makings;
    private final Teachings teachings;
    private final Clock clock;
    /** What was last made of it: every plan asks. */
    private volatile @Nullable Known known;
    /** By what was told since: one check more, or one less, is another reading. */
    private final Cache<List<Object>, Taught> taught = Caches.bounded().maximumSize(4).build();

    LearnWork(Makings makings, Teachings teachings, Clock clock) {
        this.makings = makings;
        this.teachings = teachings;
        this.clock = clock;
    }

    /**
     * One check.
     *
     * @param key its lasting name
     * @param product what was looked at
     * @param counted whether it is learned from
     */
    public record Seen(String key, UUID making, UUID piece, String product, Instant at, String question, String reply, boolean counted) {
    }

    /** All checks and all clocked acts, the newest first, and what comes of them. */
    public record Taught(Teaching teaching, List<Seen> seen, DryingReading reading, List<Timed> timed, PaceReading hands) {
        public Taught {
            seen = List.copyOf(seen);
            timed = List.copyOf(timed);
        }
    }

    /** One act the bench clocked. @param key its lasting name @param counted whether it is learned from */
    public record Timed(String key, UUID making, UUID piece, String title, Instant at, PaceReading.Clocked clocked, boolean counted) {
    }

    /** How fast things dry, as plans are made with it. */
    public Learned now() {
        return known().learned;
    }

    /** How long hands take, as plans are made with it. */
    public Pace pace() {
        return known().pace;
    }

    private Known known() {
        Known last = known;
        Instant now = clock.instant();
        if (last == null || last.at.isAfter(now) || last.at.plus(AT_MOST).isBefore(now)) {
            last = teachings.now().used() ? new Known(learned(), taught().hands.pace(), now) : new Known(Learned.NOTHING, Pace.USUAL, now);
            known = last;
        }
        return last;
    }

    private Learned learned() {
        Learned learned = taught().reading.learned();
        return learned.checks() > 0 ? learned : Learned.NOTHING;
    }

    /** Something was seen, or taken back: the next plan is made with it. */
    public void told() {
        known = null;
    }

    private void replace(Teaching teaching) {
        teachings.replace(teaching);
        told();
    }

    public Taught taught() {
        Teaching teaching = teachings.now();
        return taught.get(List.of(teaching, makings.signed(), makings.finished()), key -> read(teaching));
    }

    private Taught read(Teaching teaching) {
        List<Seen> seen = new ArrayList<>();
        List<DryingReading.Check> counted = new ArrayList<>();
        for (StoredMaking making : makings.withSigns(MOST)) {
            for (Making.Check check : making.making().checks()) {
                Instant at = check.sign().at();
                if (teaching.since() != null && at.isBefore(teaching.since())) {
                    continue;
                }
                String key = "%s.%d.%s".formatted(making.id(), at.toEpochMilli(), check.sign().tale().name().toLowerCase(java.util.Locale.ROOT));
                boolean counts = !teaching.leftOut().contains(key);
                seen.add(new Seen(key, making.id(), making.piece(), check.bed().product().words(), at, check.sign().tale().question(), check.sign().tale().replies().get(check.sign().reply()).words(), counts));
                if (counts) {
                    counted.add(new DryingReading.Check(check.bed().product().id(), making.id() + " " + check.bed().laid(), check.bed().drying(), check.at(), share -> check.sign().tale().likelihood(check.sign().reply(), share)));
                }
            }
        }
        seen.sort(Comparator.comparing(Seen::at).reversed());
        List<Timed> timed = timed(teaching);
        return new Taught(teaching, seen, DryingReading.of(counted), timed, PaceReading.of(timed.stream().filter(Timed::counted).map(Timed::clocked).toList()));
    }

    /** Acts told one right after the other, with nothing to be waited for between: their times are the hands' own. */
    private List<Timed> timed(Teaching teaching) {
        List<Timed> timed = new ArrayList<>();
        for (StoredMaking making : makings.finished(MOST)) {
            for (int i = 1; i < making.told().size(); i++) {
                ToldDeed before = making.told().get(i - 1);
                ToldDeed told = making.told().get(i);
                Begun plan = making.now();
                Optional<Act> act = plan.plan().act(told.deed().act());
                boolean clocked = act.isPresent() && !told.deed().act().equals(before.deed().act()) && atOnce(before) && atOnce(told) && plan.plan().endingAt(act.get().id()).stream().allMatch(LearnWork::brief);
                Optional<HandWork> work = clocked ? Hands.work(act.get().step()) : Optional.empty();
                double minutes = Span.inMinutes(Duration.between(before.deed().at(), told.deed().at()).minus(waited(plan.plan(), told.deed().act(), before.deed().act())));
                if (work.isPresent() && minutes >= SHORTEST_MINUTES && (teaching.since() == null || told.deed().at().isAfter(teaching.since()))) {
                    String key = "%s.%d.hands".formatted(making.id(), told.deed().at().toEpochMilli());
                    double usual = Span.inMinutes(act.get().handsOn()) / plan.parts().get(act.get().id().part()).brief().pace().of(work.get());
                    timed.add(new Timed(key, making.id(), making.piece(), act.get().title(), told.deed().at(), new PaceReading.Clocked(work.get(), minutes, usual), !teaching.leftOut().contains(key)));
                }
            }
        }
        timed.sort(Comparator.comparing(Timed::at).reversed());
        return timed;
    }

    /** Whether hands stand by while it lasts. */
    private static boolean brief(Window window) {
        return least(window).compareTo(STOOD_BY) <= 0;
    }

    private static Duration least(Window window) {
        return switch (window) {
            case Window.Open open -> Duration.ZERO;
            case Window.Dwell dwell -> dwell.least();
            case Window.Soak soak -> soak.least();
            case Window.Dry dry -> dry.what() instanceof Window.Dries.Practice ? dry.usual() : Span.longer(dry.usual(), STOOD_BY.plusSeconds(1));
        };
    }

    /** Of the time since the act before, what was stood by. */
    private static Duration waited(Plan plan, ActId act, ActId before) {
        return plan.endingAt(act).stream().filter(window -> window.from().equals(before)).map(LearnWork::least).reduce(Duration.ZERO, Span::longer);
    }

    private static boolean atOnce(ToldDeed told) {
        return !told.deed().assumed() && Duration.between(told.deed().at(), told.told()).compareTo(AT_ONCE) < 0;
    }

    public void use(int version, boolean used) {
        replace(teachings.now().at(version).used(used));
    }

    /** Begins anew: what was seen until now is not learned from. */
    public void forget(int version) {
        replace(teachings.now().at(version).since(clock.instant()));
    }

    /** Takes that back. */
    public void remember(int version) {
        replace(teachings.now().at(version).since(null));
    }

    public void count(int version, String check, boolean counted) {
        replace(teachings.now().at(version).counting(check, counted));
    }
}
