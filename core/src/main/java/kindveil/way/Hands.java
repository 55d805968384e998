package kindveil.way;

import java.util.Optional;
import java.util.OptionalDouble;
import kindveil.bench.Mask;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.measure.Area;
import kindveil.measure.Length;

/** How long hands are busy with what grows with the area, in cm² a minute (assumed, until the artist's own clock says more). */
public final class Hands {
    private static final double FLOOR_MINUTES = 0.5;
    /** Nobody plans by the second. */
    private static final double QUARTERS = 4;
    private static final double ROUNDED = 1e-9;
    private static final double RUBBING = 60;
    private static final double SANDING = 100;
    private static final double OILING = 60;
    /** Exactly along a contour it goes slower than all over. */
    private static final double ALONG_A_CONTOUR = 0.25;

    private Hands() {
    }

    /** Minutes for a picture of some size. @param practised what practice says: how long it takes where it does not grow with the area, and how long rubbing takes at least */
    static double minutes(Step step, Length width, Length height, Pace pace, double practised) {
        double grown = grown(step, width, height).orElse(practised);
        double usual = step instanceof Step.RubAway ? Math.max(practised, grown) : grown;
        return work(step).map(work -> quarters(usual * pace.of(work))).orElse(usual);
    }

    /** What kind of work it is; empty for what takes as long for a large one as for a small one. */
    public static Optional<HandWork> work(Step step) {
        return switch (step) {
            case Step.Apply apply -> Double.isNaN(spreading(apply.tool())) ? Optional.empty() : Optional.of(HandWork.SPREADING);
            case Step.Press press -> Double.isNaN(pressing(press.tool())) ? Optional.empty() : Optional.of(HandWork.PRESSING);
            case Step.RubAway rub -> Optional.of(HandWork.RUBBING);
            case Step.Abrade abrade -> Optional.of(HandWork.SANDING);
            case Step.Infuse infuse -> Optional.of(HandWork.OILING);
            default -> Optional.empty();
        };
    }

    /** Empty for what takes as long for a large one as for a small one. */
    private static OptionalDouble grown(Step step, Length width, Length height) {
        return switch (step) {
            case Step.Apply apply -> over(new Area(apply.share() * apply.extent().area(width, height).squareMillimetres()),
                    spreading(apply.tool()) * (apply.part() == Mask.Part.BACKED ? ALONG_A_CONTOUR : 1));
            case Step.Press press -> over(Area.of(width, height), pressing(press.tool()));
            case Step.RubAway rub -> over(Area.of(width, height), RUBBING);
            case Step.Abrade abrade -> over(Area.of(width, height), SANDING);
            case Step.Infuse infuse -> over(Area.of(width, height), OILING);
            case Step.SetOut s -> OptionalDouble.empty();
            case Step.Prepare s -> OptionalDouble.empty();
            case Step.Mix s -> OptionalDouble.empty();
            case Step.Join s -> OptionalDouble.empty();
            case Step.Load s -> OptionalDouble.empty();
            case Step.Unload s -> OptionalDouble.empty();
            case Step.Part s -> OptionalDouble.empty();
            case Step.Wet s -> OptionalDouble.empty();
            case Step.Dissolve s -> OptionalDouble.empty();
            case Step.Heat s -> OptionalDouble.empty();
            case Step.Move s -> OptionalDouble.empty();
            case Step.Cut s -> OptionalDouble.empty();
            case Step.Outline s -> OptionalDouble.empty();
            case Step.Blot s -> OptionalDouble.empty();
            case Step.WashUp s -> OptionalDouble.empty();
            case Step.Judge s -> OptionalDouble.empty();
        };
    }

    private static OptionalDouble over(Area area, double squareCentimetresAMinute) {
        return Double.isNaN(squareCentimetresAMinute) ? OptionalDouble.empty() : OptionalDouble.of(quarters(area.squareMillimetres() / 100 / squareCentimetresAMinute));
    }

    private static double quarters(double minutes) {
        return Math.max(FLOOR_MINUTES, Math.ceil(minutes * QUARTERS - ROUNDED) / QUARTERS);
    }

    /** Not a number for a tool nothing is spread with. */
    private static double spreading(Tool tool) {
        return switch (tool) {
            case BRUSH -> 200;
            case SPREADER -> 120;
            case BRAYER -> 1000;
            case FOAM_ROLLER -> 600;
            case SPRAY_CAN -> 400;
            case SPONGE, SOFT_CLOTH, WET_CLOTH -> 300;
            case FINGERS -> 100;
            case POURING_CUP -> 300;
            case CARD, BAREN, SPOON, ROD, SPRAY_BOTTLE, TOOTHBRUSH, FINE_PAPER, FLAT_WEIGHT, TRAY, HOT_TRAY, HEAT_TOOL, KNIFE, LINO_TOOL, DROPPER, PENCIL -> Double.NaN;
        };
    }

    /** Small and hard presses strongest and takes longest. */
    private static double pressing(Tool tool) {
        return switch (tool) {
            case SPOON -> 60;
            case FINGERS -> 90;
            case CARD, SOFT_CLOTH -> 120;
            case BAREN -> 150;
            case ROD, FOAM_ROLLER -> 300;
            case BRAYER -> 400;
            case BRUSH, SPREADER, SPRAY_BOTTLE, SPRAY_CAN, SPONGE, WET_CLOTH, TOOTHBRUSH, FINE_PAPER, FLAT_WEIGHT, TRAY, HOT_TRAY, HEAT_TOOL, KNIFE, LINO_TOOL, POURING_CUP, DROPPER, PENCIL -> Double.NaN;
        };
    }
}
