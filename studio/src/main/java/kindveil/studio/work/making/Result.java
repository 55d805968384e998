package kindveil.studio.work.making;

/** What came of a making, as a thing: it is kept, it is a paler second, or it is lost. */
public enum Result {
    GOOD("good", "one to keep"), GHOST("a ghost", "paler, and of use"), SPOILED("spoiled", "only its lesson is kept");

    private final String words;
    private final String meaning;

    Result(String words, String meaning) {
        this.words = words;
        this.meaning = meaning;
    }

    public String words() {
        return words;
    }

    public String meaning() {
        return meaning;
    }

    /** Whether there is something that goes to the stock. */
    public boolean kept() {
        return this != SPOILED;
    }
}
