package kindveil.bench;

/** The things a way can put on the bench. */
public enum ThingKind {
    PRINT("print"), SUPPORT("support"), PLATE("gel plate"), TAPE("tape"), SKIN("skin"), TRACING("tracing"), IMPRESSION("impression"), BLOCK("block");

    private final String words;

    ThingKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
