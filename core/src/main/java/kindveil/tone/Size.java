package kindveil.tone;

/** Width and height of a picture, in pixels or any other measure, not rounded. */
public record Size(double width, double height) {
    /** Height over width. */
    public double aspect() {
        return height / width;
    }
}
