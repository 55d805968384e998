package kindveil.way;

import java.time.Duration;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.bench.Layer;
import kindveil.bench.Wetness;
import kindveil.drying.Curve;

/**
 * When a window lets the next act begin, counted from the end of the act it starts at.
 *
 * @param earliest the first check; not before
 * @param advised the safe time
 * @param closing from when on it is nearly too late, or null
 * @param latest too late from here on, or null
 * @param spread of the drying behind it, or null where practice alone tells
 * @param never true when the stage is out of reach in this room's air; then earliest and advised are practice's
 */
public record Times(Duration earliest, Duration advised, Duration closing, Duration latest, Curve.Spread spread, boolean never) {
    private static final double CLOSING_SHARE = 0.7;
    private static final double DWELL_CLOSING_SHARE = 0.67;

    /** Of a window, on the bench as it is at the end of the act the window starts at. */
    public static Times of(Window window, Bench bench) {
        return switch (window) {
            case Window.Open open -> open(open, bench);
            case Window.Dwell dwell -> new Times(dwell.least(), dwell.least(),
                    between(dwell.least(), dwell.most(), DWELL_CLOSING_SHARE), dwell.most(), null, false);
            case Window.Dry dry -> dry(dry, bench);
            case Window.Soak soak -> new Times(soak.least(), soak.least(),
                    soak.most() == null ? null : between(soak.least(), soak.most(), DWELL_CLOSING_SHARE), soak.most(), null, false);
        };
    }

    private static Times open(Window.Open open, Bench bench) {
        Optional<Curve.Spread> spread = Optional.ofNullable(open.bed()).flatMap(bench::topCoat)
                .filter(coat -> coat.wetness() != null).flatMap(coat -> fromNow(coat.wetness(), bench, open.limit()));
        Duration latest = spread.map(s -> least(s.half(), open.most())).orElse(open.most());
        Duration closing = spread.map(s -> least(s.quarter(), between(Duration.ZERO, latest, CLOSING_SHARE)))
                .orElse(between(Duration.ZERO, latest, CLOSING_SHARE));
        return new Times(Duration.ZERO, Duration.ZERO, closing, latest, spread.orElse(null), false);
    }

    private static Times dry(Window.Dry dry, Bench bench) {
        Optional<Wetness> wettest = dry.stage() == null ? Optional.empty() : bench.wettest(dry.on()).map(Layer.Coating::wetness);
        if (wettest.isEmpty()) {
            return new Times(dry.least(), dry.usual(), null, null, null, false);
        }
        Optional<Curve.Spread> spread = fromNow(wettest.get(), bench, dry.stage());
        return new Times(spread.map(s -> most(dry.least(), s.half())).orElse(dry.least()),
                spread.map(s -> most(dry.usual(), s.nineTenths())).orElse(dry.usual()), null, null, spread.orElse(null), spread.isEmpty());
    }

    private static Optional<Curve.Spread> fromNow(Wetness wetness, Bench bench, kindveil.drying.Stage stage) {
        Duration gone = bench.now().minus(wetness.since());
        return wetness.curve().spread(stage).map(s -> new Curve.Spread(after(s.quarter(), gone), after(s.half(), gone), after(s.nineTenths(), gone)));
    }

    private static Duration after(Duration time, Duration gone) {
        return most(Duration.ZERO, time.minus(gone));
    }

    private static Duration between(Duration from, Duration to, double share) {
        return from.plusMillis(Math.round(to.minus(from).toMillis() * share));
    }

    private static Duration least(Duration a, Duration b) {
        return a.compareTo(b) <= 0 ? a : b;
    }

    private static Duration most(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
