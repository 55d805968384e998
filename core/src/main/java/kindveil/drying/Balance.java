package kindveil.drying;

import org.jspecify.annotations.Nullable;

/**
 * The balance of water and heat of one bed in one room, as rates of change of [coat, print, what carries it, surface
 * temperature]; see the package specification for the equations.
 *
 * <p>Magnus coefficients 611.2 Pa, 17.62, 243.12 °C (WMO-No. 8, 2018, annex 4.B), water's gas constant 461.5 J/(kg·K).
 * Diffusion of water in acrylic binder 6·10⁻¹¹ m²/s at 21 °C, activation temperature 4200 K (assumed, inside the range
 * measured for drying latex). Heat to the surface by the analogy of heat and mass transfer with a Lewis factor of 0.9,
 * radiation 5.7 W/m²K, latent heat 2450 J/g.
 */
final class Balance implements Rosenbrock.Equations {
    static final double SORPTION = 0.01;
    private static final double PAPER_SORPTION = 0.15;
    private static final double TAKE_UP_SECONDS = 180;
    private static final double LARGEST_TAKE_UP_SHARE = 0.5;
    private static final double AT_REST = 0.02;
    private static final double INTO_PRINT = 55;
    private static final double TONER_LID = 165;
    private static final double INTO_STORE = 55;
    static final double DRY_PAPER = 95;
    private static final double DIFFUSION = 6e-11;
    private static final double ACTIVATION = 4200;
    private static final double STANDARD_KELVIN = 294.15;
    private static final double AIR_HEAT = 1.2 * 1006 * 0.9;
    private static final double RADIATION = 5.7;
    private static final double LATENT = 2450;
    static final double WATER_HEAT = 4.18;
    private static final double NEARLY = 5e-4;
    private static final double WELL_THROUGH = Stage.THROUGH.waterShare() - 0.005;

    private final Bed bed;
    private final Overlay.@Nullable Paper print;
    private final Cover over;
    private final double rate;
    private final double initial;
    private final double sides;
    private final double sink;
    private final double roomCelsius;
    private final double airCelsius;
    private final double transfer;
    private final double outside;
    private final double equilibrium;
    private final boolean last;

    Balance(Bed bed, Room room, double rate, boolean last) {
        this.bed = bed;
        print = bed.print();
        over = bed.over();
        this.rate = rate;
        this.last = last;
        initial = bed.coat().water();
        sides = bed.bothSides() ? 2 : 1;
        sink = Math.min(bed.underlay().capacity(), LARGEST_TAKE_UP_SHARE * initial);
        roomCelsius = room.airing().wallsCelsius(room);
        airCelsius = room.airing().airCelsius(room);
        transfer = room.airing().transferMetresPerSecond();
        outside = room.humidity().share() * saturation(room.temperature().celsius());
        equilibrium = equilibrium(room);
    }

    /** Saturated vapour, g/m³, at °C. */
    static double saturation(double celsius) {
        return 611.2 * Math.exp(17.62 * celsius / (243.12 + celsius)) / (461.5 * (celsius + 273.15)) * 1000;
    }

    /** Relative humidity where it dries: the room's own vapour, in warmer air where that is warmed all round. */
    private static double humidity(Room room) {
        double walls = room.airing().wallsCelsius(room);
        double celsius = room.temperature().celsius();
        return walls == celsius ? room.humidity().share() : Math.min(1, room.humidity().share() * saturation(celsius) / saturation(walls));
    }

    /** The share of its water at which a coat takes and gives no more in this room. */
    static double equilibrium(Room room) {
        double humidity = humidity(room);
        return SORPTION * humidity / (1 + SORPTION - humidity);
    }

    /** What paper of a capacity holds in this room when it has lain there long, g/m². */
    static double heldByPaper(double capacity, Room room) {
        double humidity = humidity(room);
        return capacity * PAPER_SORPTION * humidity / (1 + PAPER_SORPTION - humidity);
    }

    /** A bed as it is laid, in this room. */
    static Water fresh(Bed bed, Room room) {
        return new Water(bed.coat().water(), laid(bed.print(), room), bed.underlay().stores() ? heldByPaper(bed.underlay().capacity(), room) : 0, room.temperature().celsius());
    }

    /** What a print holds when it is laid. */
    static double laid(Overlay.@Nullable Paper print, Room room) {
        return print == null ? 0 : heldByPaper(print.capacity(), room) + print.brings();
    }

    static double paperActivity(double held) {
        return held * (1 + PAPER_SORPTION) / (held + PAPER_SORPTION);
    }

    @Override
    public double[] slope(double[] y) {
        double water = Math.max(0, y[0]);
        double w = water / initial;
        double surface = saturation(y[3]);
        double thickness = bed.coat().thicknessMicrometres() * 1e-6;
        double diffusion = DIFFUSION * Math.exp(ACTIVATION * (1 / STANDARD_KELVIN - 1 / (y[3] + 273.15)));
        double inner = diffusion * Math.PI * Math.PI / 4 * initial / (thickness * thickness) * sides * sides;
        double below = below(y[2], w, surface);
        double leaves;
        double evaporates;
        double intoPrint = 0;
        if (print == null) {
            leaves = sides * throughSurface(w, inner / sides, 1 / transfer + over.resistance(), surface, outside);
            evaporates = leaves;
        } else {
            double held = Math.max(0, y[1]) / print.capacity();
            double vapour = surface * Math.min(paperActivity(held), 1);
            leaves = throughSurface(w, inner, INTO_PRINT + TONER_LID * print.solidToner(), surface, vapour);
            evaporates = (vapour - outside) / (1 / transfer + over.resistance() + DRY_PAPER * Math.max(0, 1 - held));
            intoPrint = leaves - evaporates;
        }
        return new double[] {-rate * (leaves + below), rate * intoPrint, rate * below, warming(sides, transfer, airCelsius, roomCelsius, y[3], over,
                bed.bothSides() ? 0 : bed.underlay().back(), rate * evaporates, bed.underlay().heatCapacity() + WATER_HEAT * (water + Math.max(0, y[1])))};
    }

    /** Into what carries it, or out of it. */
    private double below(double taken, double w, double surface) {
        if (bed.underlay().stores() && bed.underlay().capacity() > 0) {
            double activity = w * (1 + SORPTION) / (w + SORPTION);
            return surface * (activity - paperActivity(Math.max(0, taken) / bed.underlay().capacity())) / INTO_STORE;
        }
        return Math.max(sink - taken, 0) / TAKE_UP_SECONDS * Math.clamp((w - equilibrium) / AT_REST, 0, 1);
    }

    /** Through the film to its surface and from there outwards, in series; {@code inner} in g/m²s for all its water. */
    private static double throughSurface(double w, double inner, double resistance, double saturated, double ambient) {
        double most = saturated * (1 + SORPTION) / resistance;
        double back = ambient / resistance;
        double half = most - back - inner * (w - SORPTION);
        double x = (-half + Math.sqrt(half * half + 4 * inner * SORPTION * (back + inner * w))) / (2 * inner);
        return most * x / (x + SORPTION) - back;
    }

    /** K/s of a surface that air of {@code airCelsius} passes, that sees a room and loses heat by evaporation, g/m²s. */
    static double warming(double sides, double transfer, double airCelsius, double roomCelsius, double celsius, Cover cover, double back, double evaporates, double heatCapacity) {
        double byAir = transfer * AIR_HEAT;
        double gain = sides * (byAir * (airCelsius - celsius) + RADIATION * (roomCelsius - celsius)) / (1 + (byAir + RADIATION) * cover.thermalResistance())
                + back * (roomCelsius - celsius);
        return (gain - LATENT * evaporates) / heatCapacity;
    }

    @Override
    public double[] tolerance() {
        double small = 1e-5 * initial;
        return new double[] {small, small, small, 1e-3};
    }

    @Override
    public boolean settled(double[] y) {
        double w = y[0] / initial;
        return last && (w < WELL_THROUGH || Math.abs(w - equilibrium) < NEARLY);
    }
}
