package kindveil.studio.work.making;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.making.Begun;
import kindveil.making.Replanning;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan of a making changed while it is made. */
@Service
@Transactional
public class ReplanWork {
    private static final int LONGEST_SHOWN = 40;
    private final MakeWork bench;
    private final Makings makings;
    private final Clock clock;

    ReplanWork(MakeWork bench, Makings makings, Clock clock) {
        this.bench = bench;
        this.makings = makings;
        this.clock = clock;
    }

    private Replanning replanning(StoredMaking making) {
        return new Replanning(making.now(), making.making(), making.deeds(), Catalogue::way);
    }

    /** What of a making's plan can still be otherwise. */
    public List<Replanning.Open> open(StoredMaking now) {
        return now.laidAside() ? List.of() : replanning(now).open(clock.instant());
    }

    /** Changes the plan from the act at hand on: an option of a choice, or a number. @param value of a number, or null for an option */
    public void replan(UUID id, int seq, int part, String key, String option, @Nullable Double value) {
        StoredMaking making = bench.seen(id, seq);
        Replanning.Open open = open(making).stream().filter(one -> one.part() == part && one.key().equals(key)).findFirst()
                .orElseThrow(() -> new UnusableValue("Change", Words.shown(key, LONGEST_SHOWN), "something of what is still to come", "What is done cannot be otherwise: look at the bench again."));
        Optional<Begun> changed;
        if (open.dial() != null) {
            UnusableValue.requireWithin(open.question(), value == null ? Double.NaN : value, open.dial().possibleLeast(), open.dial().possibleMost(), open.dial().usual().unit(), "Usual is %s.".formatted(open.dial().usual()));
            changed = replanning(making).turned(part, key, value == null ? 0 : value);
        } else {
            changed = replanning(making).changed(part, key, option);
        }
        Begun plan = changed.orElseThrow(() -> new UnusableValue(open.question(), value == null ? Words.shown(option, LONGEST_SHOWN) : Figures.plain(value), "something else than it is, that leaves what is done as it is", "Choose one of those shown."));
        Replan replan = new Replan(seq, clock.instant(), Replanning.words(making.now(), plan), plan);
        List<Replan> all = new ArrayList<>(making.replans());
        all.add(replan);
        makings.replan(id, seq, making.replans().size(), replan, making.replanned(all).making());
    }
}
