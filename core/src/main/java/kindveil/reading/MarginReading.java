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
            case Step.Apply apply when apply.onto().equals(Face.PRINT_FRONT) && apply.extent() != Extent.PICTURE -> Extent.PAST.times(0.5);
            case Step.Join join when join.onto().equals(Face.PRINT_FRONT) && join.moving().equals(Face.TAPE_BACK) -> TapeStrips.BORDER;
            case Step.SetOut s -> Length.ZERO;
            case Step.Prepare s -> Length.ZERO;
            case Step.Mix s -> Length.ZERO;
            case Step.Apply s -> Length.ZERO;
            case Step.Join s -> Length.ZERO;
            case Step.Press s -> Length.ZERO;
            case Step.Load s -> Length.ZERO;
            case Step.Unload s -> Length.ZERO;
            case Step.Part s -> Length.ZERO;
            case Step.RubAway s -> Length.ZERO;
            case Step.Wet s -> Length.ZERO;
            case Step.Abrade s -> Length.ZERO;
            case Step.Infuse s -> Length.ZERO;
            case Step.Dissolve s -> Length.ZERO;
            case Step.Heat s -> Length.ZERO;
            case Step.Move s -> Length.ZERO;
            case Step.Cut s -> Length.ZERO;
            case Step.Outline s -> Length.ZERO;
            case Step.Blot s -> Length.ZERO;
            case Step.WashUp s -> Length.ZERO;
            case Step.Judge s -> Length.ZERO;
        };
    }
}
