package kindveil.studio.page;

import kindveil.bench.Support;
import kindveil.bench.Support.Trait;

/** How a support is drawn in a section. */
public final class SupportHue {
    private SupportHue() {
    }

    /** As the artist told its colour, or as such a thing usually looks. */
    public static String of(Support support) {
        if (support.colour() != null) {
            return support.colour().toString();
        }
        return support.is(Trait.WOOD) ? "#dcbf92" : support.is(Trait.METAL) ? "#c9d0d3" : support.is(Trait.LEAF) ? "#3a3f42" : "#f1ece0";
    }
}
