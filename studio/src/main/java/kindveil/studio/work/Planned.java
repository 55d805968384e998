package kindveil.studio.work;

import kindveil.reading.AmountReading;
import kindveil.reading.HandReading;
import kindveil.reading.TimeReading;
import kindveil.way.Brief;
import kindveil.way.Hand;
import kindveil.way.Trace;

/**
 * A piece thought through: its plan walked on the bench.
 *
 * @param hand counted on an unmirrored print
 * @param printHand how the print must stand for what the artist wants
 * @param trace of the plan with that print
 */
public record Planned(Piece piece, StoredPicture picture, Brief brief, double bed, HandReading hand, Hand printHand, Trace trace) {
    public boolean sound() {
        return trace.refusals().isEmpty();
    }

    public AmountReading amounts() {
        return AmountReading.of(trace, brief.area());
    }

    public TimeReading times() {
        return TimeReading.of(trace);
    }

    public boolean mirrored() {
        return printHand == Hand.MIRRORED;
    }
}
