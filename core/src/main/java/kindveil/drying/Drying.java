package kindveil.drying;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import kindveil.measure.Span;
import org.jspecify.annotations.Nullable;

/**
 * The life of one bed from wet to through, on the bench's time: laid, covered, weighted, heated, uncovered, each time going on
 * with the water it had. The spread is a rate that holds its whole life long: what is asked for one rate is run for that rate
 * from the beginning, hot phases included. Immutable; curves are worked out when they are first asked for.
 */
public final class Drying {
    /** Share of its first water at which a film begins to hold, and at which it is safe (assumed). */
    private static final double BEGINS_TO_HOLD = 0.35;
    private static final double HOLDS = 0.12;
    /** Between the rates curves are worked out for, in their logarithm: half of the standard deviation nobody has taught. */
    private static final double NODE = 0.175;
    private static final double QUARTER = 0.25;
    private static final double HALF = 0.5;
    private static final double NINE_TENTHS = 0.9;
    private final Bed bed;
    private final RoomCourse air;
    private final Duration since;
    private final DoubleFunction<Water> start;
    private final Map<Double, Curve> curves = new ConcurrentHashMap<>();

    private Drying(Bed bed, RoomCourse air, Duration since, DoubleFunction<Water> start) {
        this.bed = bed;
        this.air = air;
        this.since = since;
        this.start = start;
    }

    /** A coat freshly laid. */
    public static Drying fresh(Bed bed, RoomCourse air, Duration now) {
        Water water = Balance.fresh(bed, air.at(now));
        return new Drying(bed, air, now, rate -> water);
    }

    /** The same water, from {@code now} on lying otherwise: under a print, a weight, another coat, open again. */
    public Drying changed(Bed other, Duration now) {
        return continued(other, air, now);
    }

    private Drying continued(Bed other, RoomCourse otherAir, Duration now) {
        boolean samePrint = other.print() != null && other.print().equals(bed.print());
        double print = Balance.laid(other.print(), otherAir.at(now));
        return new Drying(other, otherAir, now, rate -> {
            Water was = water(now, rate);
            return new Water(was.inCoat(), samePrint ? was.inOverlay() : print, was.inUnderlay(), was.surfaceCelsius());
        });
    }

    /** Taken along by the paper that lay on it: what the paper drank is below it from now on. */
    public Drying takenAlong(Underlay paper, Duration now) {
        return new Drying(bed.uncovered().on(paper), air, now, rate -> {
            Water was = water(now, rate);
            return new Water(was.inCoat(), 0, was.inOverlay(), was.surfaceCelsius());
        });
    }

    /** With hot air on it from {@code from} until {@code until}, and as it was from then on. */
    public Drying heated(Duration from, Duration until, Airing hot) {
        return continued(bed, air.with(hot), Span.longer(since, from)).continued(bed, air, until);
    }

    /** In other air from {@code now} on. */
    public Drying in(RoomCourse other, Duration now) {
        return continued(bed, other, now);
    }

    /**
     * Two wet faces laid on each other: one bed with the water of both, lying as {@code lies} says.
     *
     * @param printTook what the print on it has taken up already while its own coat dried: that coat's life, or null
     */
    public Drying joined(Drying other, Bed lies, @Nullable Drying printTook, Duration now) {
        Bed both = lies.of(bed.coat().joined(other.bed.coat()));
        double dry = Balance.laid(both.print(), air.at(now));
        return new Drying(both, air, now, rate -> {
            Water one = water(now, rate);
            Water two = other.water(now, rate);
            double print = printTook == null || both.print() == null ? dry : Math.max(dry, printTook.water(now, rate).inUnderlay());
            return new Water(one.inCoat() + two.inCoat(), print, one.inUnderlay(), (one.surfaceCelsius() + two.surfaceCelsius()) / 2);
        });
    }

    public Bed bed() {
        return bed;
    }

    public Duration since() {
        return since;
    }

    private Curve curve(double rate) {
        Curve known = curves.get(rate);
        if (known == null) {
            known = Lately.curve(bed, start.apply(rate), air.since(since), rate);
            curves.put(rate, known);
        }
        return known;
    }

    private Water water(Duration at, double rate) {
        return curve(rate).after(elapsed(at));
    }

    private Duration elapsed(Duration at) {
        return Span.left(since, at);
    }

    /** Share of its first water left at a time, 0 to 1, in the middle studio. */
    public double waterShare(Duration at) {
        return waterShare(at, Rate.UNLEARNED.middle());
    }

    /** The same in a studio where it dries at another rate. */
    public double waterShare(Duration at, double rate) {
        return curve(rate).shareAfter(elapsed(at));
    }

    /** What has gone into what carries it by a time, g/m². */
    public double takenBelow(Duration at) {
        return water(at, Rate.UNLEARNED.middle()).inUnderlay();
    }

    /** When the middle studio reaches a stage, on the bench's time; empty when it never will. */
    public Optional<Duration> reaches(Stage stage) {
        return reaches(stage, Rate.UNLEARNED.middle());
    }

    private Optional<Duration> reaches(Stage stage, double rate) {
        return curve(rate).reaches(stage).map(since::plus);
    }

    /** When a stage is reached by one coat in four, half of them, nine in ten, on the bench's time; empty when one of them never does. */
    public Optional<Spread> spread(Stage stage, Belief belief) {
        boolean plain = belief.seen() == 0;
        Rate rate = belief.rate();
        return reaches(stage, plain ? rate.slowTenth() : belief.exceeded(NINE_TENTHS)).flatMap(slow -> reaches(stage, plain ? rate.middle() : belief.exceeded(HALF)).flatMap(middle ->
                reaches(stage, plain ? rate.quickQuarter() : belief.exceeded(QUARTER)).map(quick -> new Spread(quick, middle, slow))));
    }

    /** The chance that a stage has been reached by a time, 0 to 1: how much is believed in the rates that have got there. */
    public double chance(Stage stage, Duration at, Belief belief) {
        double slowest = slowest(stage, elapsed(at), belief);
        double half = belief.step() / 2;
        return belief.mean(stage.waterShare(), log -> Math.clamp((log + half - slowest) / (2 * half), 0, 1));
    }

    /** The logarithm of the slowest rate that has got to a stage after a time; infinite where none, or every one, has. */
    private double slowest(Stage stage, Duration elapsed, Belief belief) {
        int low = (int) Math.floor(belief.least() / NODE) - 1;
        int high = (int) Math.ceil(belief.most() / NODE) + 1;
        if (!reached(stage, elapsed, high)) {
            return Double.POSITIVE_INFINITY;
        }
        if (reached(stage, elapsed, low)) {
            return Double.NEGATIVE_INFINITY;
        }
        while (high - low > 1) {
            int middle = Math.floorDiv(low + high, 2);
            if (reached(stage, elapsed, middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return NODE * (high - between(node(low).reaches(stage), node(high).reaches(stage).orElseThrow(), elapsed));
    }

    /** How far from the quicker of two rates to the slower one lies that gets there just now, 0 to 1; times go with the inverse of a rate, nearly. */
    private static double between(Optional<Duration> slow, Duration quick, Duration elapsed) {
        if (slow.isEmpty()) {
            return 0;
        }
        double a = Math.max(1, quick.toMillis());
        double b = Math.max(1, slow.get().toMillis());
        double now = Math.max(1, elapsed.toMillis());
        return Math.clamp(Math.log(now / a) / Math.log(b / a), 0, 1);
    }

    private boolean reached(Stage stage, Duration elapsed, int node) {
        return node(node).reaches(stage).filter(after -> after.compareTo(elapsed) <= 0).isPresent();
    }

    /** How far it holds what is rubbed over it at a time, 0 to 1: the mean over all rates of how far its film has closed. */
    public double holds(Duration at, Belief belief) {
        DoubleUnaryOperator left = sharesByRate(at, belief);
        return belief.mean(HOLDS, log -> Math.clamp((BEGINS_TO_HOLD - left.applyAsDouble(log)) / (BEGINS_TO_HOLD - HOLDS), 0, 1));
    }

    /** Share of its first water left at a time, by the logarithm of the rate: cubic between curves whose rates lie half a standard deviation apart. */
    DoubleUnaryOperator sharesByRate(Duration at, Belief belief) {
        int first = (int) Math.floor(belief.least() / NODE) - 1;
        double[] shares = new double[(int) Math.ceil(belief.most() / NODE) + 2 - first + 1];
        Duration elapsed = elapsed(at);
        for (int i = 0; i < shares.length; i++) {
            shares[i] = node(first + i).shareAfter(elapsed);
        }
        return log -> {
            double at0 = Math.clamp(log / NODE - first, 1, shares.length - 2.001);
            int i = (int) at0;
            double t = at0 - i;
            double a = shares[i];
            double b = shares[i + 1];
            double before = (b - shares[i - 1]) / 2;
            double after = (shares[i + 2] - a) / 2;
            double cubic = (1 + 2 * t) * (1 - t) * (1 - t) * a + t * (1 - t) * (1 - t) * before + t * t * (3 - 2 * t) * b - t * t * (1 - t) * after;
            return Math.clamp(cubic, Math.min(a, b), Math.max(a, b));
        };
    }

    private Curve node(int node) {
        return curve(Math.exp(node * NODE));
    }

    /** The dampest air, in per cent, in which a stage is reached at all. */
    public static double dampestPercent(Stage stage) {
        double share = stage.waterShare();
        return 100 * share * (1 + Balance.SORPTION) / (share + Balance.SORPTION);
    }

    /**
     * Times by which a stage is reached.
     *
     * @param quarter by one coat in four
     * @param half by half of them
     * @param nineTenths by nine in ten
     */
    public record Spread(Duration quarter, Duration half, Duration nineTenths) {
        /** The same counted from another time; what has passed then is nought. */
        public Spread from(Duration time) {
            return new Spread(Span.left(time, quarter), Span.left(time, half), Span.left(time, nineTenths));
        }
    }
}
