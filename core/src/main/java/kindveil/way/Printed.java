package kindveil.way;

import java.util.Map;
import kindveil.tone.Overrun;
import kindveil.measure.Preset;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.measure.UnusableValue;

/**
 * The print a picture comes on.
 *
 * @param kind what carries it
 * @param colourShare how much of the picture is coloured, 0 to 1; some inks depend on it
 * @param coverage how much of it solid ink covers, 0 to 1: solid toner lies on a bed like a lid
 * @param finest its finest lines, mm; 0 where nobody has measured them
 * @param hand how the image stands on it: mirrored if the file is printed mirrored
 */
public record Printed(PrintKind kind, double colourShare, double coverage, double finest, Hand hand) {
    /** How often a weak printer lays the same sheet over itself. */
    static final Dial RUNS = new Dial("runs", "printed over itself", Preset.assumed(1, 1, Overrun.MOST, "runs"), 1, Overrun.MOST, "None is none.", "A fourth only blurs.").at(Where.IMAGE);

    /** How often a weak print was run over itself, by the dials of a way. */
    public static int runs(PrintKind kind, Map<String, Double> dials) {
        return kind == PrintKind.WEAK_TONER ? (int) Math.round(dials.getOrDefault(RUNS.key(), RUNS.usual().value())) : 1;
    }

    public Printed {
        UnusableValue.requireWithin("share of colour", colourShare, 0, 1, "", "0 is black and white, 1 coloured all over.");
        UnusableValue.requireWithin("share covered by ink", coverage, 0, 1, "", "0 is blank, 1 is black all over.");
        UnusableValue.requireWithin("finest line", finest, 0, 1500, "mm", "0 where nobody has measured it.");
    }

    /** Black and white, unmirrored, its darks here and there. */
    public static Printed of(PrintKind kind) {
        return new Printed(kind, 0, 0, 0, Hand.READS_RIGHT);
    }

    public Printed with(PrintKind other) {
        return new Printed(other, colourShare, coverage, finest, hand);
    }

    public Printed with(Hand other) {
        return new Printed(kind, colourShare, coverage, finest, other);
    }

    public Printed finest(double millimetres) {
        return new Printed(kind, colourShare, coverage, millimetres, hand);
    }

    public Printed coloured(double share) {
        return new Printed(kind, share, coverage, finest, hand);
    }
}
