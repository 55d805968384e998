package kindveil.bench;

import java.time.Duration;
import kindveil.drying.Coat;
import kindveil.drying.Curve;
import kindveil.drying.DryingModel;
import kindveil.drying.Room;

/**
 * A coat on its way from wet to through.
 *
 * @param coat as laid, under what covers it now
 * @param curve from {@code since} on
 * @param laid when it was laid
 * @param since when its present cover began
 */
public record Wetness(Coat coat, Curve curve, Duration laid, Duration since) {
    static Wetness fresh(Coat coat, Room room, Duration now) {
        return new Wetness(coat, DryingModel.dry(coat, room), now, now);
    }

    /** The same water, from now on under another cover or with other matter to drink it. */
    Wetness changed(Coat other, Room room, Duration now) {
        Duration elapsed = now.minus(since);
        double share = Math.max(0.001, curve.waterShareAfter(elapsed));
        return new Wetness(other, DryingModel.dry(other, room, share, curve.takenAfter(elapsed)), laid, now);
    }

    /** As after {@code lasts} of hot air up to {@code now}, and still air from then on. */
    Wetness heated(Duration lasts, Room still, Room hot, Duration now) {
        Duration begun = now.minus(lasts).isNegative() ? Duration.ZERO : now.minus(lasts);
        Duration from = begun.compareTo(since) < 0 ? since : begun;
        Wetness warm = changed(coat, hot, from);
        return warm.changed(coat, still, now);
    }

    /** Share of the first water left at a time on the bench, 0 to 1. */
    public double waterShare(Duration now) {
        return curve.waterShareAfter(now.minus(since));
    }
}
