package kindveil.way;

/** Kinds of work whose time grows with the area, each at a pace of its own. */
public enum HandWork {
    SPREADING("spreading coats"), PRESSING("pressing down"), RUBBING("rubbing away"), SANDING("sanding"), OILING("oiling");

    private final String words;

    HandWork(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
