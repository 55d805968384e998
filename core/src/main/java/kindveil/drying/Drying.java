package kindveil.drying;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleFunction;
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
        return Math.clamp(belief.mean(rate -> curve(rate).reaches(stage).filter(after -> after.compareTo(elapsed(at)) <= 0).isPresent() ? 1 : 0), 0, 1);
    }

    /** How far it holds what is rubbed over it at a time, 0 to 1: the mean over all rates of how far its film has closed. */
    public double holds(Duration at, Belief belief) {
        return Math.clamp(belief.mean(rate -> Math.clamp((BEGINS_TO_HOLD - waterShare(at, rate)) / (BEGINS_TO_HOLD - HOLDS), 0, 1)), 0, 1);
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
