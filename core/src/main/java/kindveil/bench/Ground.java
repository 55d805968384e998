package kindveil.bench;

import java.util.Set;

/** What is already on the support; rules ask for what it is like. */
public enum Ground {
    RAW("nothing: raw"), GESSO("gesso, dry", Trait.SEALED, Trait.ABSORBS), ACRYLIC_PAINT("acrylic paint, dry", Trait.SEALED),
    FRESH_PAINT("acrylic paint laid today, not dry yet", Trait.SEALED, Trait.WET),
    WATER_SOLUBLE("watercolour or other paint that water lifts", Trait.RUNS), PAPERS("glued papers", Trait.LIFTS),
    METAL_LEAF("metal leaf", Trait.SEALED, Trait.LIFTS), OIL("oil paint, or a finish of oil", Trait.SEALED, Trait.OILY);

    /** What a ground is like. */
    public enum Trait {
        /** Keeps water out of the support. */
        SEALED,
        /** Chalk in it takes up a little water, whatever it lies on. */
        ABSORBS,
        /** Not dry yet. */
        WET,
        /** Water lifts it. */
        RUNS,
        /** Rubbing and peeling can lift it. */
        LIFTS,
        /** Sheds water. */
        OILY
    }

    private final String words;
    private final Set<Trait> traits;

    Ground(String words, Trait... traits) {
        this.words = words;
        this.traits = Set.of(traits);
    }

    public String words() {
        return words;
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /** What it holds itself of the water of a coat on it, g/m² (assumed). */
    double holds() {
        return is(Trait.ABSORBS) ? 4 : 0;
    }

    boolean seals() {
        return is(Trait.SEALED);
    }

    public boolean waterResistant() {
        return !is(Trait.RUNS);
    }
}
