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
import kindveil.making.Making;
import kindveil.studio.work.Caches;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.StoredMaking;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Learns how fast things dry here from what was seen and felt at the bench. */
@Service
public class LearnWork {
    /** So many makings are learned from, the newest. */
    private static final int MOST = 60;
    private static final Duration AT_MOST = Duration.ofMinutes(1);

    private record Known(Learned learned, Instant at) {
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

    /** All checks, the newest first, and what comes of them. */
    public record Taught(Teaching teaching, List<Seen> seen, DryingReading reading) {
        public Taught {
            seen = List.copyOf(seen);
        }
    }

    /** What plans are made with. */
    public Learned now() {
        Known last = known;
        Instant now = clock.instant();
        if (last == null || last.at.isAfter(now) || last.at.plus(AT_MOST).isBefore(now)) {
            last = new Known(learned(), now);
            known = last;
        }
        return last.learned;
    }

    private Learned learned() {
        if (!teachings.now().used()) {
            return Learned.NOTHING;
        }
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
        return taught.get(List.of(teaching, makings.signed()), key -> read(teaching));
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
        return new Taught(teaching, seen, DryingReading.of(counted));
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
