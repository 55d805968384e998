package kindveil.drying;

import java.time.Duration;

/**
 * The water balance of one coat; see the package specification for the equations.
 *
 * <p>Magnus coefficients 611.2 Pa, 17.62, 243.12 °C (WMO-No. 8, 2018, annex 4.B), water's gas constant
 * 461.5 J/(kg·K). Diffusion of water in acrylic binder 6·10⁻¹¹ m²/s, three times that when heated (assumed,
 * inside the range measured for drying latex). Evaporative cooling factor 0.93 (derived). Sorption scale ws
 * 0.01 and take-up time 180 s (assumed, fitted to practice).
 */
public final class DryingModel {
    private static final double DIFFUSION = 6e-11;
    private static final double HEATED_DIFFUSION = 3;
    private static final double COOLING = 0.93;
    private static final double SORPTION = 0.01;
    private static final double TAKE_UP_SECONDS = 180;
    private static final double LARGEST_TAKE_UP_SHARE = 0.5;
    private static final double LONGEST_SECONDS = Duration.ofDays(40).toSeconds();
    private static final double SHORTEST_STEP = 0.05;
    private static final double LONGEST_STEP = 60;
    private static final double STEP_GROWTH = 0.004;
    private static final double DONE_MARGIN = 0.002;

    private final double initialWater;
    private final double capacity;
    private final double thicknessMetres;
    private final double resistance;
    private final double factor;
    private final double surfaceSaturation;
    private final double ambient;
    private final double diffusion;
    private final double equilibriumShare;

    private DryingModel(Coat coat, Room room) {
        Airing airing = room.airing();
        initialWater = coat.water();
        capacity = Math.min(coat.capacity(), LARGEST_TAKE_UP_SHARE * initialWater);
        thicknessMetres = coat.thicknessMicrometres() * 1e-6;
        resistance = 1 / airing.transferMetresPerSecond() + coat.cover().resistance();
        factor = airing.heated() ? 1 : COOLING;
        surfaceSaturation = saturation(airing.surfaceCelsius(room));
        ambient = room.humidity().share() * saturation(room.temperature().celsius());
        diffusion = DIFFUSION * (airing.heated() ? HEATED_DIFFUSION : 1) * Math.PI * Math.PI / 4;
        double activity = ambient / surfaceSaturation;
        equilibriumShare = SORPTION * activity / (1 + SORPTION - activity);
    }

    /** The curve of a coat freshly laid. */
    public static Curve dry(Coat coat, Room room) {
        return dry(coat, room, 1, 0);
    }

    /**
     * Goes on from a coat part dry: when a print is laid, a weight taken off, a fan switched on.
     *
     * @param waterShare water left over water at first, above 0 to 1
     * @param taken water already taken up by porous matter, g/m²
     */
    public static Curve dry(Coat coat, Room room, double waterShare, double taken) {
        return new DryingModel(coat, room).run(waterShare, taken);
    }

    /** Saturated vapour, g/m³, at °C. */
    static double saturation(double celsius) {
        return 611.2 * Math.exp(17.62 * celsius / (243.12 + celsius)) / (461.5 * (celsius + 273.15)) * 1000;
    }

    private Curve run(double waterShare, double takenAtFirst) {
        Curve.Builder curve = new Curve.Builder(equilibriumShare);
        double water = waterShare * initialWater;
        double taken = takenAtFirst;
        double t = 0;
        curve.add(t, water / initialWater, taken);
        double until = Math.max(Stage.THROUGH.waterShare() * 0.8, equilibriumShare + DONE_MARGIN);
        while (water / initialWater > until && t < LONGEST_SECONDS) {
            double dt = Math.min(Math.max(SHORTEST_STEP, t * STEP_GROWTH), LONGEST_STEP);
            double half = dt / 2;
            double s1 = takeUp(taken);
            double w1 = -evaporation(water) - s1;
            double s2 = takeUp(taken + half * s1);
            double w2 = -evaporation(water + half * w1) - s2;
            double s3 = takeUp(taken + half * s2);
            double w3 = -evaporation(water + half * w2) - s3;
            double s4 = takeUp(taken + dt * s3);
            double w4 = -evaporation(water + dt * w3) - s4;
            water = Math.max(0, water + dt / 6 * (w1 + 2 * w2 + 2 * w3 + w4));
            taken += dt / 6 * (s1 + 2 * s2 + 2 * s3 + s4);
            t += dt;
            curve.add(t, water / initialWater, taken);
        }
        return curve.build();
    }

    private double takeUp(double taken) {
        return Math.max(0, capacity - taken) / TAKE_UP_SECONDS;
    }

    private double evaporation(double water) {
        double w = Math.max(0, water) / initialWater;
        double activity = w * (1 + SORPTION) / (w + SORPTION);
        double intoAir = factor * (surfaceSaturation * activity - ambient) / resistance;
        if (intoAir <= 0) {
            return 0;
        }
        double excess = Math.max(water - equilibriumShare * initialWater, 1e-12);
        double through = diffusion * excess / (thicknessMetres * thicknessMetres);
        return 1 / (1 / intoAir + 1 / through);
    }
}
