package kindveil.drying;

import java.time.Duration;
import java.util.Optional;

/**
 * Water standing in paper or fibre, which goes into the air from one face or from both: damp residue between rounds of rubbing,
 * a sheet hung after its rinse. Dry is when no more than a twentieth of what was
 * brought is left over what paper holds in that room anyway.
 *
 * <p>J = (ρs(Ts)·aw(q) − outside)/(1/km + 95(1−q)) on each face, with the surface cooled as a coat's is: the second half of
 * the path a print's water takes. Practice says about 15 minutes for residue and overnight for a rinsed sheet.
 *
 * @param brought water at first, g/m²
 * @param bound what of it the fibre itself can hold, g/m²; the rest stands free and leaves as from open water
 * @param bothSides whether both faces are in the air
 */
public record Damp(double brought, double bound, boolean bothSides) {
    /** Fibre misted and rubbed (assumed 20 to 30). */
    public static final double RESIDUE = 25;
    /** A heavy sheet lifted out of its rinse and drained (assumed 150 to 250). */
    public static final double RINSED = 200;
    /** What a dry cloth leaves in it (assumed). */
    private static final double BLOTTED = 9;
    private static final double BOUND_IN_RESIDUE = 5;
    private static final double BOUND_IN_SHEET = 60;
    private static final double LEFT = 0.05;
    private static final double LONGEST_SECONDS = Duration.ofDays(20).toSeconds();
    private static final double LONGEST_STEP = 20;

    /** Fibre lying on the work. */
    public static Damp residue() {
        return new Damp(RESIDUE, BOUND_IN_RESIDUE, false);
    }

    /** Fibre pressed with a dry cloth, which takes up what stands free. */
    public static Damp blotted() {
        return new Damp(BLOTTED, BOUND_IN_RESIDUE, false);
    }

    /** A rinsed sheet: both its faces in the air when it hangs. */
    public static Damp sheet(boolean hung) {
        return new Damp(RINSED, BOUND_IN_SHEET, hung);
    }

    /** When it is dry, on the course's time; empty when it never is. */
    public Optional<Duration> dry(RoomCourse air, Duration now) {
        return Lately.dry(this, air.since(now)).map(now::plus);
    }

    /** How long it takes in air that begins with it; empty when it never is dry. */
    Optional<Duration> dries(RoomCourse air) {
        double t = 0;
        double celsius = air.at(Duration.ZERO).temperature().celsius();
        double held = brought;
        while (true) {
            Standing standing = new Standing(air.at(elapsed(t)));
            if (held <= standing.rest + LEFT * brought) {
                return Optional.of(elapsed(t));
            }
            double evaporates = standing.evaporates(held, celsius);
            if (t > LONGEST_SECONDS) {
                return Optional.empty();
            }
            double step = Math.clamp(0.01 * held / Math.max(1e-9, evaporates), 1, LONGEST_STEP);
            held -= step * evaporates;
            celsius += step * standing.warming(celsius, evaporates, held);
            t += step;
        }
    }

    private static Duration elapsed(double seconds) {
        return Duration.ofMillis(Math.round(1000 * seconds));
    }

    private final class Standing {
        private final double sides = bothSides ? 2 : 1;
        private final Underlay underlay = bothSides ? Underlay.paper(0) : Underlay.panel(0);
        private final Room room;
        private final double outside;
        private final double transfer;
        private final double rest;

        Standing(Room room) {
            this.room = room;
            outside = room.humidity().share() * Balance.saturation(room.temperature().celsius());
            transfer = room.airing().transferMetresPerSecond();
            rest = Balance.heldByPaper(bound, room);
        }

        double evaporates(double held, double celsius) {
            double q = Math.min(1, held / bound);
            return sides * (Balance.saturation(celsius) * Balance.paperActivity(q) - outside) / (1 / transfer + Balance.DRY_PAPER * (1 - q));
        }

        double warming(double celsius, double evaporates, double held) {
            return Balance.warming(sides, transfer, room.airing().airCelsius(room), room.airing().wallsCelsius(room), celsius, Cover.NONE,
                    bothSides ? 0 : underlay.back(), evaporates, underlay.heatCapacity() + Balance.WATER_HEAT * held);
        }
    }
}
