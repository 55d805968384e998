package kindveil.measure;

/** Where a default stands: what practitioners do, what a model gives, or what was assumed for want of either. */
public enum Provenance {
    PRACTICE("practice"), DERIVED("derived"), ASSUMED("assumed"), OWN("your own record");

    private final String word;

    Provenance(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
