package kindveil.bench;

import kindveil.measure.Area;
import kindveil.measure.Length;

/** How far a coat reaches: only the picture, a little past its edge, or the whole face. */
public enum Extent {
    PICTURE, BEYOND, WHOLE;

    /** A coat that reaches beyond the picture is so much wider and higher, half of it on each side (assumed). */
    public static final Length PAST = Length.ofMillimetres(20);

    /** What it covers for a picture of some size. */
    public Area area(Length width, Length height) {
        return this == PICTURE ? Area.of(width, height) : Area.of(width.plus(PAST), height.plus(PAST));
    }
}
