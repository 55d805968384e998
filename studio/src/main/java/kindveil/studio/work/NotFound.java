package kindveil.studio.work;

/** What an address names is not there. */
public final class NotFound extends RuntimeException {
    public NotFound(String what, Object id) {
        super("There is no %s “%s” in this studio.".formatted(what, id));
    }
}
