package kindveil.product;

import java.util.List;
import java.util.Optional;
import kindveil.light.Colour;
import kindveil.light.Paint;
import kindveil.light.Paint.Opacity;

/**
 * Generic pigments by their Colour Index names, to begin a shelf with: no maker's paint is any of them. Masstones and grades are
 * assumed, as the pigment usually looks in an acrylic binder; a drawdown of one's own tube replaces them.
 */
public final class Pigments {
    /** Lightest first within each hue. */
    private static final List<Pigment> ALL = List.of(
            new Pigment("PW6", "titanium white", "#f4f3ee", Opacity.OPAQUE),
            new Pigment("PW4", "zinc white", "#eff0ec", Opacity.SEMI_TRANSPARENT),
            new Pigment("PW6 PY42", "buff titanium", "#ddd0b4", Opacity.OPAQUE),
            new Pigment("PY3", "arylide yellow, cool", "#f2dc1e", Opacity.SEMI_TRANSPARENT),
            new Pigment("PY74", "arylide yellow", "#f6c714", Opacity.SEMI_OPAQUE),
            new Pigment("PY83", "diarylide yellow", "#eba20f", Opacity.SEMI_TRANSPARENT),
            new Pigment("PY42", "yellow ochre", "#b9862f", Opacity.SEMI_OPAQUE),
            new Pigment("PY43", "raw sienna", "#94622a", Opacity.SEMI_TRANSPARENT),
            new Pigment("PY150", "nickel azo yellow", "#9b6a0e", Opacity.TRANSPARENT),
            new Pigment("PO73", "pyrrole orange", "#e2531c", Opacity.SEMI_OPAQUE),
            new Pigment("PR254", "pyrrole red", "#bb1f24", Opacity.SEMI_OPAQUE),
            new Pigment("PR112", "naphthol red", "#b21d2b", Opacity.SEMI_TRANSPARENT),
            new Pigment("PR101", "iron oxide red", "#7c2f22", Opacity.OPAQUE),
            new Pigment("PBr7", "burnt sienna", "#5f2f1d", Opacity.SEMI_TRANSPARENT),
            new Pigment("PR122", "quinacridone magenta", "#7d1240", Opacity.TRANSPARENT),
            new Pigment("PV19", "quinacridone rose", "#8f1230", Opacity.TRANSPARENT),
            new Pigment("PV23", "dioxazine violet", "#22142f", Opacity.TRANSPARENT),
            new Pigment("PB29", "ultramarine blue", "#1c2372", Opacity.SEMI_TRANSPARENT),
            new Pigment("PB28", "cobalt blue", "#1d3f96", Opacity.SEMI_OPAQUE),
            new Pigment("PB35", "cerulean blue", "#1f6591", Opacity.OPAQUE),
            new Pigment("PB15:3", "phthalo blue", "#123d70", Opacity.TRANSPARENT),
            new Pigment("PB27", "iron blue", "#142f4f", Opacity.TRANSPARENT),
            new Pigment("PG50", "cobalt teal", "#1b8f8e", Opacity.OPAQUE),
            new Pigment("PG7", "phthalo green", "#0b4d45", Opacity.TRANSPARENT),
            new Pigment("PG17", "chromium oxide green", "#4a6136", Opacity.OPAQUE),
            new Pigment("PG23", "green earth", "#6c7a5c", Opacity.TRANSPARENT),
            new Pigment("PBr7 raw", "raw umber", "#463422", Opacity.SEMI_OPAQUE),
            new Pigment("PBr7 burnt", "burnt umber", "#38241b", Opacity.SEMI_OPAQUE),
            new Pigment("PBk7", "carbon black", "#1b1b1c", Opacity.OPAQUE),
            new Pigment("PBk11", "iron oxide black", "#242322", Opacity.OPAQUE),
            new Pigment("flakes, gold", "gold-coloured flakes", "#b08a3c", Opacity.FLAKES),
            new Pigment("flakes, silver", "silver-coloured flakes", "#a9abac", Opacity.FLAKES),
            new Pigment("flakes, copper", "copper-coloured flakes", "#a4633f", Opacity.FLAKES));

    private Pigments() {
    }

    /** One of them. @param index its Colour Index name, with a word where two share it */
    public record Pigment(String index, String words, Colour masstone, Opacity opacity) {
        private Pigment(String index, String words, String hex, Opacity opacity) {
            this(index, words, Colour.parse(words, hex), opacity);
        }

        public Paint paint() {
            return new Paint(masstone, opacity);
        }

        /** As it stands on a tube. */
        public String called() {
            return "%s (%s)".formatted(words, index);
        }
    }

    public static List<Pigment> all() {
        return ALL;
    }

    public static Optional<Pigment> of(String index) {
        return ALL.stream().filter(pigment -> pigment.index.equals(index)).findFirst();
    }
}
