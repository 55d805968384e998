package kindveil.way;

import java.time.Duration;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.bench.Curing;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Residue;
import kindveil.drying.Belief;
import kindveil.drying.Damp;
import kindveil.drying.Drying;
import kindveil.drying.DryingAdvice;
import kindveil.drying.Room;
import kindveil.drying.Stage;
import kindveil.measure.Span;
import org.jspecify.annotations.Nullable;

/**
 * When a window lets the next act begin, counted from the end of the act it starts at.
 *
 * @param earliest the first check; not before. Where the stage is out of reach it is practice's, for a walk alone, and counts in no sum
 * @param advised the safe time: what nine in ten need, and never less than practice says; only for a walk where there is none
 * @param closing from when on it is nearly too late, or null
 * @param latest too late from here on, or null
 * @param spread of the drying behind it by the model alone, or null where practice alone tells
 * @param reach whether the drying behind it gets there
 */
public record Times(Duration earliest, Duration advised, @Nullable Duration closing, @Nullable Duration latest, Drying.@Nullable Spread spread, Reach reach) {
    /** Whether there is a safe time at all. */
    public enum Reach {
        REACHED,
        /** What was felt of it fits no rate: there is a next check, and no safe time. */
        CONTRADICTED,
        /** Out of reach in this room's air. */
        NEVER;

        /** Of two that are both waited for. */
        public Reach and(Reach other) {
            return compareTo(other) >= 0 ? this : other;
        }
    }

    private static final double CLOSING_SHARE = 0.7;
    private static final double DWELL_CLOSING_SHARE = 0.67;
    private static final double EVEN = 0.5;
    private static final Duration SOONEST_AGAIN = Duration.ofMinutes(5);
    private static final long AGAIN_AFTER = 4;
    private static final Duration WORTH_SAYING = Duration.ofMinutes(1);

    /** Of a window, on the bench as it is at the end of the act the window starts at. */
    public static Times of(Window window, Bench bench) {
        return of(window, bench, Belief.UNLEARNED);
    }

    /** The same, with what was seen of what dries. */
    static Times of(Window window, Bench bench, Belief belief) {
        return switch (window) {
            case Window.Open open -> open(open, bench);
            case Window.Dwell dwell -> new Times(dwell.least(), dwell.least(), between(dwell.least(), dwell.latest(), DWELL_CLOSING_SHARE), dwell.latest(), null, Reach.REACHED);
            case Window.Dry dry -> dry(dry, bench, belief);
            case Window.Soak soak -> soak(soak);
        };
    }

    /** A soak planned past its window may be ended sooner, and is meant to be as long as it is planned. */
    private static Times soak(Window.Soak soak) {
        if (soak.latest() == null) {
            return new Times(soak.least(), soak.least(), null, null, null, Reach.REACHED);
        }
        Duration earliest = Span.shorter(soak.least(), soak.latest());
        return new Times(earliest, soak.least(), between(earliest, soak.latest(), DWELL_CLOSING_SHARE), Span.longer(soak.least(), soak.latest()), null, Reach.REACHED);
    }

    private static Times open(Window.Open open, Bench bench) {
        Optional<Drying.Spread> spread = Optional.ofNullable(open.bed()).flatMap(bench::topCoat).filter(coat -> coat.drying() != null)
                .flatMap(coat -> coat.drying().spread(open.limit(), bench.belief(open.bed()))).map(s -> s.from(bench.now()));
        Duration latest = spread.map(s -> Span.shorter(s.half(), open.latest())).orElse(open.latest());
        Duration closing = spread.map(s -> Span.shorter(s.quarter(), between(Duration.ZERO, latest, CLOSING_SHARE)))
                .orElse(between(Duration.ZERO, latest, CLOSING_SHARE));
        return new Times(Duration.ZERO, Duration.ZERO, closing, latest, spread.orElse(null), Reach.REACHED);
    }

    private static Times dry(Window.Dry dry, Bench bench, Belief belief) {
        return switch (dry.what()) {
            case Window.Dries.Coats coats -> coats(dry, coats, bench, belief);
            case Window.Dries.Fibre fibre -> bench.layers(fibre.on(), Residue.class).stream().filter(r -> r.filling() == kindveil.light.Fibre.Filling.WATER).findFirst()
                    .map(damp -> modelled(dry, Optional.ofNullable(damp.white()).map(white -> steady(white, bench)))).orElse(practice(dry));
            case Window.Dries.Sheet sheet -> modelled(dry, Damp.sheet(sheet.hung()).dry(bench.air(), bench.now()).map(at -> steady(at, bench)));
            case Window.Dries.Cured cured -> cured(dry, Curing.left(bench, cured.on()));
            case Window.Dries.Practice practice -> practice(dry);
        };
    }

    /** What would let a window's drying get there that this room's air keeps out of reach. */
    public static DryingAdvice advice(Window.Dry dry, Room room) {
        return switch (dry.what()) {
            case Window.Dries.Coats coats -> DryingAdvice.of(coats.stage(), room);
            case Window.Dries.Sheet sheet -> DryingAdvice.of(Damp.sheet(sheet.hung()), room);
            case Window.Dries.Fibre fibre -> DryingAdvice.of(Damp.residue(), room);
            case Window.Dries.Cured cured -> DryingAdvice.of(Stage.THROUGH, room);
            case Window.Dries.Practice practice -> DryingAdvice.of(Stage.THROUGH, room);
        };
    }

    private static Times cured(Window.Dry dry, Duration left) {
        return new Times(Span.longer(dry.least(), left), Span.longer(dry.usual(), left), null, null, null, Reach.REACHED);
    }

    private static Times practice(Window.Dry dry) {
        return new Times(dry.least(), dry.usual(), null, null, null, Reach.REACHED);
    }

    private static Drying.Spread steady(Duration at, Bench bench) {
        Duration held = Span.left(bench.now(), at);
        return new Drying.Spread(held, held, held);
    }

    /** The slowest coat decides. */
    private static Times coats(Window.Dry dry, Window.Dries.Coats coats, Bench bench, Belief belief) {
        Drying.Spread slowest = null;
        Duration sets = Duration.ZERO;
        for (Coating coat : bench.layers(coats.on(), Coating.class)) {
            if (coat.drying() == null) {
                // what the model does not know has set when practice says so
                sets = Span.longer(sets, coat.until(coats.stage(), bench.now()).orElse(Duration.ZERO));
                continue;
            }
            if (coat.waterShare(bench.now()) <= coats.stage().waterShare()) {
                continue;
            }
            Belief believed = bench.belief(coats.on(), belief);
            Optional<Drying.Spread> spread = coat.drying().spread(coats.stage(), believed);
            if (spread.isEmpty()) {
                return modelled(dry, Optional.empty());
            }
            if (believed.contradicted() && coat.drying().chance(coats.stage(), believed.lastFelt(), believed) < EVEN) {
                return feltAgain(coat, believed, bench);
            }
            slowest = slowest == null || spread.get().nineTenths().compareTo(slowest.nineTenths()) > 0 ? spread.get() : slowest;
        }
        Times times = slowest == null ? practice(dry) : modelled(dry, Optional.of(slowest.from(bench.now())));
        return new Times(Span.longer(times.earliest, sets), Span.longer(times.advised, sets), times.closing, times.latest, times.spread, times.reach);
    }

    /** What no rate explains is felt again when a quarter as much time has passed as lay before; when it is safe nobody can say. */
    private static Times feltAgain(Coating coat, Belief believed, Bench bench) {
        Duration felt = believed.lastFelt();
        Duration again = Span.left(bench.now(), felt.plus(Span.longer(SOONEST_AGAIN, felt.minus(coat.laid()).dividedBy(AGAIN_AFTER))));
        return new Times(again, again, null, null, null, Reach.CONTRADICTED);
    }

    private static Times modelled(Window.Dry dry, Optional<Drying.Spread> spread) {
        return spread.map(s -> new Times(Span.longer(dry.least(), s.half()), Span.longer(dry.usual(), s.nineTenths()), null, null, s, Reach.REACHED))
                .orElse(new Times(dry.least(), dry.usual(), null, null, null, Reach.NEVER));
    }

    /** Whether this room's air keeps it from ever getting there. */
    public boolean never() {
        return reach == Reach.NEVER;
    }

    /** The model's own time where practice's minimum is longer and hides it: what a fan or heat really does. */
    public Optional<Duration> hidden() {
        return spread == null || latest != null || advised.minus(spread.nineTenths()).compareTo(WORTH_SAYING) < 0 ? Optional.empty() : Optional.of(spread.nineTenths());
    }

    private static Duration between(Duration from, Duration to, double share) {
        return from.plusMillis(Math.round(to.minus(from).toMillis() * share));
    }
}
