package kindveil.product;

/** What rules ask of a product, and nothing else is asked of it. */
public enum Trait {
    /** Dries by giving water to what it lies on and to the air. */
    WATER_BORNE("water-borne"),
    /** Dries to a clear binder film: a bed, an isolating coat. */
    BINDS("dries to a clear film"),
    /** Closes what it dries on against water. */
    CLOSES("closes paper against water"),
    /** Fills the pores of fibre and takes their white away. */
    CLEARS_FIBRE("clears the white of fibre"),
    /** What a skin of dye holds to, dry. */
    RECEPTIVE("holds a skin of dye"),
    /** Sheds water. */
    OILY("oily"),
    /** Water lifts it again after it has dried. */
    SOLUBLE("water lifts it again"),
    /** Holds what is laid on it without being wet. */
    TACKY("sticks without being wet"),
    /** Holds paper as it is, which is meant to stay. */
    GLUES("glues paper down"),
    /** Keeps water-soluble ink where it is, once dry. */
    FIXES("fixes soluble ink"),
    /** Shuts in what is below: asks for it to be cured. */
    FINAL("a last coat"),
    /** Keeps what is taken off over it from taking the work along. */
    ISOLATES("isolates what lies below"),
    /** Comes off again with what its label says. */
    REMOVABLE("can be taken off again"),
    /** Nothing but more of it holds over it. */
    WAXY("wax: nothing holds over it"),
    /** Cast in a thick hard sheet: stiff, and sheds what is laid over it. */
    CAST("a thick hard sheet"),
    /** Dust that holds by its roughness alone: a brush takes it along. */
    LOOSE("brushes off until it is fixed"),
    /** Gives itself to what is pressed on it, as long as it is wet. */
    PRINTS("prints off while wet"),
    /** May be laid on what is still wet. */
    OVER_WET("goes over wet coats"),
    /** Cracks where it is thick and dries fast. */
    CRACKS("cracks where it dries thick and fast");

    private final String words;

    Trait(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
