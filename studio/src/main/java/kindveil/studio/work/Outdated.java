package kindveil.studio.work;

/** A change from a page that no longer shows how things stand. */
public final class Outdated extends RuntimeException {
    private final String what;

    public Outdated(String what) {
        super("“%s” was changed in another window after this page was opened. What is stored there was kept; what you entered is still below: "
                .formatted(what) + "look at it and save again if you want it to stand.");
        this.what = what;
    }

    /** Where what was entered cannot be shown again. */
    public String nothingBelow() {
        return "“%s” was changed after this page was opened: in another window, or by what was pressed just before. ".formatted(what)
                + "What is stored there was kept, and nothing of this change was. Go back to it, look at it as it is now, and do it again if it should stand.";
    }
}
