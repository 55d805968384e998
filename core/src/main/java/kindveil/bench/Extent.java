package kindveil.bench;

/** How far a coat reaches: only the picture, a little past its edge, or the whole face. */
public enum Extent {
    PICTURE, BEYOND, WHOLE
}
