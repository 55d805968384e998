package kindveil.way;

/** What the artist wants of it: an imperfection that is wanted is not a failure. */
public enum Wish {
    CLEAN("clean", "all paper gone, black as the copy", 4),
    SOFT("soft", "a trace of veil is welcome", 2),
    GHOSTED("ghosted", "white ghosts are part of it", 1),
    TORN("torn", "holes and rough edges are part of it", 2),
    DISTORTED("distorted", "slides, folds and smears are part of it", 3),
    BROKEN("broken", "bare ground between the strokes of the brush is part of it", 3);

    private final String words;
    private final String meaning;
    private final int usualPasses;

    Wish(String words, String meaning, int usualPasses) {
        this.words = words;
        this.meaning = meaning;
        this.usualPasses = usualPasses;
    }

    public String words() {
        return words;
    }

    public String meaning() {
        return meaning;
    }

    /** How many rounds of wetting and rubbing usually give it. */
    public int usualPasses() {
        return usualPasses;
    }
}
