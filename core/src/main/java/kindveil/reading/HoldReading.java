package kindveil.reading;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.drying.Rate;
import kindveil.measure.Span;
import kindveil.way.Act;
import kindveil.way.Plan;
import org.jspecify.annotations.Nullable;

/**
 * Whether an image will hold when its paper is rubbed away: a chance, before the hands act, and what waiting would give.
 *
 * @param chance now, 0 to 1
 * @param waiting the least of a few waits after which it is as good as it gets, or null where waiting gives nothing to speak of
 * @param then the chance after it
 */
public record HoldReading(double chance, @Nullable Duration waiting, double then) {
    private static final List<Duration> WAITS = List.of(Span.minutes(15), Span.minutes(30), Span.minutes(60), Span.minutes(120), Span.minutes(240), Span.minutes(480), Span.minutes(1440), Span.minutes(2880));
    private static final double AS_GOOD = 0.01;
    private static final double WORTH_WAITING = 0.02;
    private static final double LATER_ROUND = 0.97;
    private static final double WET_CLOTH = 0.97;
    private static final double BRUSHED = 0.9;

    /**
     * Before the first round of rubbing; empty for every other act, and where nothing that dries holds the image.
     *
     * @param bench as it is when the hands would begin
     */
    public static Optional<HoldReading> of(Plan plan, Bench bench, Act act, Rate belief) {
        if (!(act.step() instanceof Step.RubAway rub) || rub.pass() != 1) {
            return Optional.empty();
        }
        List<Coating> beds = Stream.of(rub.keeps(), Face.PRINT_FRONT).flatMap(face -> bench.layers(face, Coating.class).stream()).filter(coat -> coat.drying() != null).toList();
        if (beds.isEmpty()) {
            return Optional.empty();
        }
        double hands = hands(plan, act);
        double now = hands * dried(beds, bench.now(), belief);
        double best = hands * dried(beds, bench.now().plus(WAITS.getLast()), belief);
        Optional<Duration> wait = WAITS.stream().filter(later -> best - hands * dried(beds, bench.now().plus(later), belief) <= AS_GOOD).findFirst();
        if (best - now < WORTH_WAITING || wait.isEmpty()) {
            return Optional.of(new HoldReading(now, null, now));
        }
        return Optional.of(new HoldReading(now, wait.get(), hands * dried(beds, bench.now().plus(wait.get()), belief)));
    }

    /** The bed that is least ready decides. */
    private static double dried(List<Coating> beds, Duration at, Rate belief) {
        return beds.stream().mapToDouble(coat -> coat.drying().holds(at, belief)).min().orElse(1);
    }

    /** What tool and later rounds leave of it (assumed). */
    private static double hands(Plan plan, Act act) {
        double share = 1;
        for (int index : plan.path(0)) {
            Act other = plan.acts().get(index);
            if (other.id().part() != act.id().part()) {
                continue;
            }
            if (other.step() instanceof Step.RubAway later && later.pass() > 1) {
                share *= LATER_ROUND;
            }
            if (other.step() instanceof Step.Wet wet && plan.indexOf(other.id()) < plan.indexOf(act.id())) {
                share *= wet.tool() == Tool.WET_CLOTH ? WET_CLOTH : wet.tool() == Tool.TOOTHBRUSH ? BRUSHED : 1;
            }
        }
        return share;
    }
}
