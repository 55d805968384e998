package kindveil.product;

/** Where it stands on the shelf; no rule asks for it, only how it is measured out. */
public enum Family {
    MEDIUM("medium"), GESSO("gesso and paste"), PAINT("paint"), VARNISH("varnish"), ADHESIVE("glue and size"), INK("printing ink"),
    SPRAY("spray"), SOLUTION("solution"), GUM("gum"), SHELLAC("shellac"), OIL("oil"), LEAF("papers and leaf"), WAX("wax"), RESIN("resin"), DRAWING("pencils and pastels");

    private final String words;

    Family(String words) {
        this.words = words;
    }

    /** Whether it is poured or spread, and so measured as a volume; papers and leaf are laid in pieces. */
    public boolean poured() {
        return this != LEAF && this != DRAWING;
    }

    public String words() {
        return words;
    }
}
