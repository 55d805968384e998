package kindveil.studio.work;

/** A change from a page that no longer shows how things stand. */
public final class Outdated extends RuntimeException {
    public Outdated(String what) {
        super("“%s” was changed in another window after this page was opened. What is stored there was kept; what you entered is still below: "
                .formatted(what) + "look at it and save again if you want it to stand.");
    }
}
