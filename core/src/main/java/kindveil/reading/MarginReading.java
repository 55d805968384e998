package kindveil.reading;

import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Step;
import kindveil.measure.Length;
import kindveil.sheet.TapeStrips;
import kindveil.way.Trace;

/** How much paper must stay around the image of a print, for what is laid on its face past the picture. */
public final class MarginReading {
    private MarginReading() {
    }

    /** On each side; nothing where all that is laid on it ends with the picture. */
    public static Length of(Trace trace) {
        return trace.moments().stream().map(moment -> of(moment.act().step())).max(Length::compareTo).orElse(Length.ZERO);
    }

    private static Length of(Step step) {
        return switch (step) {
            case Step.Apply apply when apply.onto() == Face.PRINT_FRONT && apply.extent() != Extent.PICTURE -> AmountReading.BEYOND.times(0.5);
            case Step.Join join when join.onto() == Face.PRINT_FRONT && join.moving() == Face.TAPE_BACK -> TapeStrips.BORDER;
            default -> Length.ZERO;
        };
    }
}
