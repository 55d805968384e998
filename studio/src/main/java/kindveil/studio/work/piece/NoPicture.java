package kindveil.studio.work.piece;

/** A picture was asked for of what is laid without one, such as a glaze or a varnish. */
public final class NoPicture extends RuntimeException {
    NoPicture(String way) {
        super("“%s” brings no picture of its own.".formatted(way));
    }
}
