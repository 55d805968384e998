package kindveil.product;

/** Where it stands on the shelf; no rule asks for it. */
public enum Family {
    MEDIUM("medium"), GESSO("gesso and paste"), PAINT("paint"), VARNISH("varnish"), ADHESIVE("glue and size"), INK("printing ink"),
    SPRAY("spray"), SOLUTION("solution"), GUM("gum"), SHELLAC("shellac"), OIL("oil");

    private final String words;

    Family(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
