package kindveil.bench;

import java.time.Duration;
import java.util.Set;
import kindveil.light.Paint.Opacity;
import kindveil.measure.Span;

/**
 * What can be laid on. Those that dry by losing water follow the drying model; for the others practice alone
 * tells how long they stay open and when they are set.
 */
public enum Material {
    GLOSS_MEDIUM("gloss acrylic medium", Kind.MEDIUM, 0.60, true),
    MATTE_MEDIUM("matte acrylic medium", Kind.MEDIUM, 0.60, false),
    GLOSS_GEL("soft gloss gel", Kind.MEDIUM, 0.60, true),
    MATTE_GEL("soft matte gel", Kind.MEDIUM, 0.60, false),
    HEAVY_GLOSS_GEL("heavy gloss gel", Kind.MEDIUM, 0.55, true),
    HEAVY_MATTE_GEL("heavy matte gel", Kind.MEDIUM, 0.55, false),
    THINNED_GEL("gel thinned by drops", Kind.MEDIUM, 0.65, true),
    STIFFENING_MEDIUM("thin stiffening medium", Kind.MEDIUM, 0.70, true),
    SLURRY("slurry of soft gel and gloss medium", Kind.MEDIUM, 0.60, true),
    RECEPTIVE_COAT("clear receptive coat", Kind.MEDIUM, 0.65, false),
    CRACKLE_MEDIUM("thick pouring medium", Kind.MEDIUM, 0.55, true),
    GESSO("gesso", Kind.GESSO, 0.50, false),
    STENCIL_PASTE("stencil paste", Kind.GESSO, 0.50, false),
    OPAQUE_PAINT("opaque acrylic paint", Kind.PAINT, 0.55, false),
    PLATE_PAINT("acrylic paint", Kind.PAINT, 0.55, false),
    UNDERCOLOUR("acrylic undercolour", Kind.PAINT, 0.60, false),
    GLAZE("transparent glaze", Kind.GLAZE, 0.60, true),
    GLOSS_VARNISH("gloss acrylic varnish", Kind.VARNISH, 0.60, true),
    MATTE_VARNISH("matte acrylic varnish", Kind.VARNISH, 0.60, false),
    PVA("thinned PVA glue", Kind.ADHESIVE, 0.50, true),
    LEAF_SIZE("leaf size", Kind.ADHESIVE, 0.55, true),
    GUM_ARABIC("gum arabic", Kind.GUM, 20, 120),
    WATER_INK("water-based block ink", Kind.INK, 8, 60),
    OIL_BLOCK_INK("oil-type block ink", Kind.OIL_INK, 60, 3 * 1440),
    LITHO_INK("oil-based ink let down with linseed oil", Kind.OIL_INK, 30, 1440),
    SOLUBLE_INK("soluble spray ink", Kind.SOLUBLE, 3, 20),
    FIXATIVE("matte acrylic spray fixative", Kind.SPRAY, 1, 30),
    RELEASE_SOLUTION("release solution", Kind.SOLVENT, 2, 10),
    TRANSFER_GEL("transfer gel", Kind.SOLVENT, 5, 60),
    SHELLAC("shellac cut 1:1 with alcohol", Kind.SHELLAC, 4, 60),
    TAPE_ADHESIVE("tape adhesive", Kind.TACK, 1e6, 0),
    MINERAL_OIL("mineral oil", Kind.OIL, 60, 0);

    /** How a material behaves. */
    public enum Kind {
        MEDIUM(true, Hazard.ACRYLIC), GESSO(true, Hazard.ACRYLIC), PAINT(true, Hazard.ACRYLIC), GLAZE(true, Hazard.ACRYLIC),
        VARNISH(true, Hazard.VARNISH), ADHESIVE(true, Hazard.KITCHEN), GUM(true), INK(true, Hazard.KITCHEN), SOLUBLE(true, Hazard.SPRAY),
        OIL_INK(false, Hazard.SOLVENT_SKIN, Hazard.SELF_HEATING), SPRAY(false, Hazard.SPRAY, Hazard.FLAMMABLE),
        SOLVENT(false, Hazard.FLAMMABLE, Hazard.KITCHEN), SHELLAC(false, Hazard.FLAMMABLE), TACK(false), OIL(false, Hazard.SLIPPERY);

        private final boolean waterBorne;
        private final Set<Hazard> hazards;

        Kind(boolean waterBorne, Hazard... hazards) {
            this.waterBorne = waterBorne;
            this.hazards = Set.of(hazards);
        }
    }

    private final String words;
    private final Kind kind;
    private final double volatileShare;
    private final boolean gloss;
    private final Duration openFor;
    private final Duration setsIn;

    Material(String words, Kind kind, double volatileShare, boolean gloss) {
        this(words, kind, volatileShare, gloss, null, null);
    }

    Material(String words, Kind kind, double openMinutes, double setMinutes) {
        this(words, kind, 0, kind != Kind.SPRAY, Span.minutes(openMinutes), Span.minutes(setMinutes));
    }

    Material(String words, Kind kind, double volatileShare, boolean gloss, Duration openFor, Duration setsIn) {
        this.words = words;
        this.kind = kind;
        this.volatileShare = volatileShare;
        this.gloss = gloss;
        this.openFor = openFor;
        this.setsIn = setsIn;
    }

    public String words() {
        return words;
    }

    public Kind kind() {
        return kind;
    }

    /** Water over the whole, 0 to 1; 0 for what does not dry by losing water. */
    public double volatileShare() {
        return volatileShare;
    }

    /** Whether the drying model knows it. */
    public boolean modelled() {
        return volatileShare > 0;
    }

    /** How long it stays wet, by practice; only where it is not modelled. */
    Duration openFor() {
        return openFor;
    }

    /** When it is set, by practice; only where it is not modelled. */
    Duration setsIn() {
        return setsIn;
    }

    public boolean gloss() {
        return gloss;
    }

    public boolean waterBorne() {
        return kind.waterBorne;
    }

    public boolean flammable() {
        return kind.hazards.contains(Hazard.FLAMMABLE);
    }

    public Set<Hazard> hazards() {
        return kind.hazards;
    }

    /** Whether it shuts paper against water when it lies on its back. */
    boolean seals() {
        return switch (kind) {
            case MEDIUM, GESSO, PAINT, GLAZE, VARNISH, ADHESIVE, SHELLAC, OIL, SPRAY -> true;
            case GUM, INK, SOLUBLE, OIL_INK, SOLVENT, TACK -> false;
        };
    }

    /** Whether it spoils the tool it is spread with unless that is washed at once. */
    public boolean hardensInTools() {
        return switch (kind) {
            case MEDIUM, GESSO, PAINT, GLAZE, VARNISH, ADHESIVE, SHELLAC, INK, OIL_INK -> true;
            case GUM, SOLUBLE, SOLVENT, SPRAY, TACK, OIL -> false;
        };
    }

    /** Wet thickness of one ordinary coat, µm (assumed); opacity is told for that. */
    public double ordinaryCoatMicrometres() {
        return switch (kind) {
            case GESSO, MEDIUM, ADHESIVE -> 100;
            case PAINT -> this == PLATE_PAINT ? 8 : 80;
            case INK, OIL_INK -> 8;
            case GLAZE, GUM -> 30;
            case SOLUBLE, SPRAY -> 10;
            case VARNISH, SHELLAC, SOLVENT, TACK, OIL -> 80;
        };
    }

    /** Share of colour in it, against the same paint undiluted (assumed): a glaze is mostly medium. */
    public double strength() {
        return kind == Kind.GLAZE ? 0.12 : 1;
    }

    /** How far one ordinary coat hides what is under it. */
    public Opacity opacity() {
        return switch (kind) {
            case GESSO -> Opacity.OPAQUE;
            case PAINT -> this == UNDERCOLOUR ? Opacity.SEMI_OPAQUE : Opacity.OPAQUE;
            case INK, OIL_INK -> Opacity.SEMI_OPAQUE;
            case SOLUBLE -> Opacity.SEMI_TRANSPARENT;
            case MEDIUM, GLAZE, VARNISH, ADHESIVE, GUM, SPRAY, SOLVENT, SHELLAC, TACK, OIL -> Opacity.TRANSPARENT;
        };
    }
}
