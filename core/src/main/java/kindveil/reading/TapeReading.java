package kindveil.reading;

import java.util.Optional;
import kindveil.bench.Layer.Foil;
import kindveil.bench.Step;
import kindveil.measure.Length;
import kindveil.sheet.TapeStrips;
import kindveil.way.Trace;

/** How tape is cut and laid over a picture, where a plan cuts it into strips. */
public final class TapeReading {
    private TapeReading() {
    }

    /** Of a picture's width and height; empty where no tape is cut. */
    public static Optional<TapeStrips> of(Trace trace, Length width, Length height) {
        return of(trace, width, height, null, null);
    }

    /** The same with seams kept out of a part, along the height and along the width; null where none is marked. */
    public static Optional<TapeStrips> of(Trace trace, Length width, Length height, TapeStrips.Focal down, TapeStrips.Focal right) {
        return trace.moments().stream().filter(moment -> moment.act().step() instanceof Step.Cut cut && cut.how() == Step.Cutting.STRIPS).findFirst()
                .flatMap(moment -> moment.before().thing(kindveil.bench.ThingKind.TAPE).flatMap(tape -> tape.front().stream().filter(Foil.class::isInstance).findFirst())
                        .map(foil -> TapeStrips.of(width, height, Length.ofMillimetres(((Foil) foil).millimetres()),
                                Length.ofMillimetres(((Step.Cut) moment.act().step()).overlapMillimetres()), down, right)));
    }
}
