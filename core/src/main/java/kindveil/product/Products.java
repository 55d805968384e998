package kindveil.product;

import static kindveil.product.Trait.BINDS;
import static kindveil.product.Trait.CAST;
import static kindveil.product.Trait.CLEARS_FIBRE;
import static kindveil.product.Trait.CLOSES;
import static kindveil.product.Trait.CRACKS;
import static kindveil.product.Trait.FINAL;
import static kindveil.product.Trait.FIXES;
import static kindveil.product.Trait.GLUES;
import static kindveil.product.Trait.ISOLATES;
import static kindveil.product.Trait.LOOSE;
import static kindveil.product.Trait.OILY;
import static kindveil.product.Trait.OVER_WET;
import static kindveil.product.Trait.PRINTS;
import static kindveil.product.Trait.RECEPTIVE;
import static kindveil.product.Trait.REMOVABLE;
import static kindveil.product.Trait.SOLUBLE;
import static kindveil.product.Trait.TACKY;
import static kindveil.product.Trait.WATER_BORNE;
import static kindveil.product.Trait.WAXY;

import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kindveil.light.Colour;
import kindveil.light.Paint.Opacity;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.product.Optics.Body;
import org.jspecify.annotations.Nullable;

/** The kinds of products the studio knows by itself, as a table: starting values by practice where a time is told, otherwise assumed. */
public final class Products {
    private static final Body CLEAR = new Body.Clear();
    private static final Body MATTE = new Body.Clouds(Optics.MATTE_PER_MICROMETRE);
    private static final NotOver OIL_ENDS_IT = new NotOver(OILY, "oil ends the water-borne sequence", "Whatever holds by water or by sticking comes before the oil; leave the oil as the last coat.");
    private static final Cleaning NEVER_HARDENS = new Cleaning("soap and water", null);
    private static final Set<Hazard> ACRYLIC = Set.of(Hazard.ACRYLIC);

    public static final Product GLOSS_MEDIUM = medium("gloss-medium", "gloss acrylic medium", 0.60, CLEAR);
    public static final Product MATTE_MEDIUM = medium("matte-medium", "matte acrylic medium", 0.60, MATTE);
    public static final Product GLOSS_GEL = medium("gloss-gel", "soft gloss gel", 0.60, CLEAR);
    public static final Product MATTE_GEL = medium("matte-gel", "soft matte gel", 0.60, MATTE);
    public static final Product HEAVY_GLOSS_GEL = medium("heavy-gloss-gel", "heavy gloss gel", 0.55, CLEAR);
    public static final Product HEAVY_MATTE_GEL = medium("heavy-matte-gel", "heavy matte gel", 0.55, MATTE);
    /** Fine pumice in it: tooth, and a grey veil. */
    public static final Product PUMICE_GEL = medium("pumice-gel", "fine pumice gel", 0.50, new Body.Clouds(3 * Optics.MATTE_PER_MICROMETRE));
    public static final Product THINNED_GEL = medium("thinned-gel", "gel thinned by drops", 0.65, CLEAR);
    public static final Product STIFFENING_MEDIUM = medium("stiffening-medium", "thin stiffening medium", 0.70, CLEAR);
    public static final Product SLURRY = medium("slurry", "slurry of soft gel and gloss medium", 0.60, CLEAR);
    public static final Product RECEPTIVE_COAT = water("receptive-coat", "clear receptive coat", Family.MEDIUM, 0.65, new Optics(false, CLEAR, 100), ACRYLIC, Cleaning.ACRYLIC, BINDS, CLOSES, CLEARS_FIBRE, RECEPTIVE);
    public static final Product CRACKLE_MEDIUM = water("crackle-medium", "thick pouring medium", Family.MEDIUM, 0.55, new Optics(true, CLEAR, 100), ACRYLIC, Cleaning.ACRYLIC, BINDS, CLOSES, CLEARS_FIBRE, CRACKS);
    public static final Product GESSO = water("gesso", "gesso", Family.GESSO, 0.50, pigment(false, Opacity.OPAQUE, 1, 100), ACRYLIC, Cleaning.ACRYLIC, CLOSES);
    public static final Product STENCIL_PASTE = water("paste", "stencil paste", Family.GESSO, 0.50, pigment(false, Opacity.OPAQUE, 1, 100), ACRYLIC, Cleaning.ACRYLIC, CLOSES, CRACKS);
    public static final Product OPAQUE_PAINT = water("opaque-paint", "opaque acrylic paint", Family.PAINT, 0.55, pigment(false, Opacity.OPAQUE, 1, 80), ACRYLIC, Cleaning.ACRYLIC, CLOSES);
    /** Metallic: seen face-on, an average; its flakes hide in fewer coats. */
    public static final Product METALLIC_PAINT = water("metallic-paint", "metallic acrylic paint", Family.PAINT, 0.55, pigment(true, Opacity.FLAKES, 1, 80), ACRYLIC, Cleaning.ACRYLIC, CLOSES);
    public static final Product PLATE_PAINT = water("plate-paint", "acrylic paint", Family.PAINT, 0.55, pigment(false, Opacity.OPAQUE, 1, 8), ACRYLIC, Cleaning.ACRYLIC, CLOSES);
    public static final Product UNDERCOLOUR = water("undercolour", "acrylic undercolour", Family.PAINT, 0.60, pigment(false, Opacity.SEMI_OPAQUE, 1, 80), ACRYLIC, Cleaning.ACRYLIC, CLOSES);
    public static final Product GLAZE = water("glaze", "transparent glaze", Family.PAINT, 0.60, pigment(true, Opacity.TRANSPARENT, 0.12, 30), ACRYLIC, Cleaning.ACRYLIC, CLOSES);
    /** Runs again in water until something fixes it. */
    public static final Product WATERCOLOUR = other("watercolour", "watercolour", Family.PAINT, new Law.Sets(Span.minutes(3), Span.minutes(15)), pigment(false, Opacity.TRANSPARENT, 0.2, 30), Set.of(),
            NEVER_HARDENS, null, WATER_BORNE, SOLUBLE);
    /** Thinned to a glaze; ends what is water-borne. */
    public static final Product OIL_COLOUR = other("oil-colour", "oil colour thinned to a glaze", Family.PAINT, new Law.Oxidises(Duration.ofHours(4), Duration.ofDays(5)), pigment(true, Opacity.TRANSPARENT, 0.2, 30),
            Set.of(Hazard.SOLVENT_SKIN, Hazard.SELF_HEATING), new Cleaning("what its label says for oil colour", Duration.ofHours(2)), null, OILY, OVER_WET);
    public static final Product WOOD_GLUE = water("wood-glue", "wood glue", Family.ADHESIVE, 0.50, new Optics(true, CLEAR, 150), Set.of(Hazard.KITCHEN), new Cleaning("warm water", Span.minutes(20)), CLOSES);
    public static final Product GLOSS_VARNISH = water("gloss-varnish", "gloss acrylic varnish", Family.VARNISH, 0.60, new Optics(true, CLEAR, 80), Set.of(Hazard.VARNISH), Cleaning.ACRYLIC, CLOSES, FINAL);
    public static final Product MATTE_VARNISH = water("matte-varnish", "matte acrylic varnish", Family.VARNISH, 0.60, new Optics(false, CLEAR, 80), Set.of(Hazard.VARNISH), Cleaning.ACRYLIC, CLOSES, FINAL);
    public static final Product PVA = water("pva", "thinned PVA glue", Family.ADHESIVE, 0.50, new Optics(true, CLEAR, 100), Set.of(Hazard.KITCHEN), new Cleaning("warm water", Span.minutes(30)), CLOSES, GLUES);
    public static final Product LEAF_SIZE = water("leaf-size", "leaf size", Family.ADHESIVE, 0.55, new Optics(true, CLEAR, 100), Set.of(Hazard.KITCHEN), Cleaning.ACRYLIC, CLOSES);
    public static final Product GUM_ARABIC = other("gum-arabic", "gum arabic", Family.GUM, new Law.Sets(Span.minutes(20), Span.minutes(120)), new Optics(true, CLEAR, 30), Set.of(), NEVER_HARDENS, null, WATER_BORNE, OVER_WET);
    public static final Product WATER_INK = other("water-ink", "water-based block ink", Family.INK, new Law.Sets(Span.minutes(8), Span.minutes(60)), pigment(true, Opacity.SEMI_OPAQUE, 1, 8), Set.of(Hazard.KITCHEN),
            new Cleaning("water", Span.minutes(30)), null, WATER_BORNE, PRINTS);
    public static final Product OIL_BLOCK_INK = other("oil-block-ink", "oil-type block ink", Family.INK, new Law.Oxidises(Span.minutes(60), Duration.ofDays(3)), pigment(true, Opacity.SEMI_OPAQUE, 1, 8),
            Set.of(Hazard.SOLVENT_SKIN, Hazard.SELF_HEATING), new Cleaning("what its label says for ink", Span.minutes(30)), null, PRINTS, OVER_WET);
    public static final Product LITHO_INK = other("litho-ink", "oil-based ink let down with linseed oil", Family.INK, new Law.Oxidises(Span.minutes(30), Duration.ofDays(1)), pigment(true, Opacity.SEMI_OPAQUE, 1, 8),
            Set.of(Hazard.SOLVENT_SKIN, Hazard.SELF_HEATING), new Cleaning("what its label says for ink", Span.minutes(30)), null, PRINTS, OVER_WET);
    public static final Product SOLUBLE_INK = other("soluble-ink", "soluble spray ink", Family.INK, new Law.Sets(Span.minutes(3), Span.minutes(20)), pigment(true, Opacity.SEMI_TRANSPARENT, 1, 10), Set.of(Hazard.SPRAY),
            NEVER_HARDENS, null, WATER_BORNE, SOLUBLE, OVER_WET);
    public static final Product FIXATIVE = other("fixative", "matte acrylic spray fixative", Family.SPRAY, new Law.LosesSolvent(Span.minutes(1), Span.minutes(30)), new Optics(false, CLEAR, 10),
            Set.of(Hazard.SPRAY, Hazard.FLAMMABLE), NEVER_HARDENS, null, CLOSES, FIXES);
    public static final Product RELEASE_SOLUTION = other("release-solution", "release solution", Family.SOLUTION, new Law.LosesSolvent(Span.minutes(2), Span.minutes(10)), new Optics(true, CLEAR, 80),
            Set.of(Hazard.FLAMMABLE, Hazard.KITCHEN, Hazard.SOLVENT_SKIN), NEVER_HARDENS, new Release(Set.of(Release.Lets.RECEIVED_INK), Duration.ofSeconds(110), Duration.ofSeconds(150), true));
    public static final Product TRANSFER_GEL = other("transfer-gel", "transfer gel", Family.SOLUTION, new Law.LosesSolvent(Span.minutes(5), Span.minutes(60)), new Optics(true, CLEAR, 80),
            Set.of(Hazard.FLAMMABLE, Hazard.KITCHEN, Hazard.SOLVENT_SKIN), NEVER_HARDENS, new Release(Set.of(Release.Lets.RECEIVED_INK), Duration.ofSeconds(50), Duration.ofSeconds(80), false));
    public static final Product SHELLAC = other("shellac", "shellac cut 1:1 with alcohol", Family.SHELLAC, new Law.LosesSolvent(Span.minutes(4), Span.minutes(60)), new Optics(true, CLEAR, 80),
            Set.of(Hazard.FLAMMABLE), new Cleaning("alcohol", Span.minutes(30)), null, CLOSES);
    public static final Product TAPE_ADHESIVE = other("tape-adhesive", "tape adhesive", Family.ADHESIVE, new Law.Stays(Duration.ofDays(700)), new Optics(true, CLEAR, 80), Set.of(), NEVER_HARDENS, null, TACKY);
    public static final Product MINERAL_OIL = other("mineral-oil", "mineral oil", Family.OIL, new Law.Stays(Duration.ofHours(1)), new Optics(true, CLEAR, 80), Set.of(Hazard.SLIPPERY), NEVER_HARDENS, null, CLOSES, OILY, CLEARS_FIBRE);

    public static final Product PRINTED_PAPERS = other("printed-papers", "printed papers", Family.LEAF, new Law.Stays(Span.minutes(20)), pigment(false, Opacity.OPAQUE, 1, 100), Set.of(), NEVER_HARDENS, null, OVER_WET);
    public static final Product METAL_LEAF = other("gilding-leaf", "metal leaf", Family.LEAF, new Law.Stays(Span.minutes(20)), pigment(true, Opacity.OPAQUE, 1, 1), Set.of(), NEVER_HARDENS, null, OVER_WET);

    /** Laid so that a varnish can be taken off again without what it protects. */
    public static final Product ISOLATING_COAT = water("isolating-coat", "clear isolating coat", Family.MEDIUM, 0.60, new Optics(true, CLEAR, 100), ACRYLIC, Cleaning.ACRYLIC, BINDS, CLOSES, CLEARS_FIBRE, ISOLATES);
    public static final Product SATIN_VARNISH = water("satin-varnish", "satin acrylic varnish", Family.VARNISH, 0.60, new Optics(false, new Body.Clouds(0.3 * Optics.MATTE_PER_MICROMETRE), 80), Set.of(Hazard.VARNISH), Cleaning.ACRYLIC, CLOSES, FINAL);
    public static final Product REMOVABLE_GLOSS = varnish("removable-gloss-varnish", "removable gloss varnish", new Optics(true, CLEAR, 60), Set.of(Hazard.VARNISH, Hazard.FLAMMABLE, Hazard.SOLVENT_SKIN), CLOSES, FINAL, REMOVABLE);
    public static final Product REMOVABLE_MATTE = varnish("removable-matte-varnish", "removable matte varnish", new Optics(false, new Body.Clouds(0.6 * Optics.MATTE_PER_MICROMETRE), 60), Set.of(Hazard.VARNISH, Hazard.FLAMMABLE, Hazard.SOLVENT_SKIN), CLOSES, FINAL, REMOVABLE);
    public static final Product REMOVABLE_SATIN = varnish("removable-satin-varnish", "removable satin varnish", new Optics(false, new Body.Clouds(0.3 * Optics.MATTE_PER_MICROMETRE), 60), Set.of(Hazard.VARNISH, Hazard.FLAMMABLE, Hazard.SOLVENT_SKIN), CLOSES, FINAL, REMOVABLE);
    public static final Product SPRAY_SATIN = varnish("spray-satin-varnish", "satin spray varnish", new Optics(false, new Body.Clouds(0.3 * Optics.MATTE_PER_MICROMETRE), 20), Set.of(Hazard.SPRAY, Hazard.FLAMMABLE), CLOSES, FINAL, FIXES, REMOVABLE);
    public static final Product SPRAY_GLOSS = varnish("spray-gloss-varnish", "gloss spray varnish", new Optics(true, CLEAR, 20), Set.of(Hazard.SPRAY, Hazard.FLAMMABLE), CLOSES, FINAL, FIXES, REMOVABLE);
    public static final Product SPRAY_MATTE = varnish("spray-matte-varnish", "matte spray varnish", new Optics(false, new Body.Clouds(0.6 * Optics.MATTE_PER_MICROMETRE), 20), Set.of(Hazard.SPRAY, Hazard.FLAMMABLE), CLOSES, FINAL, FIXES, REMOVABLE);
    public static final Product COLD_WAX = other("cold-wax", "cold wax paste", Family.WAX, new Law.LosesSolvent(Span.minutes(10), Duration.ofHours(12)), new Optics(true, CLEAR, 20),
            Set.of(Hazard.SOLVENT_SKIN), new Cleaning("what its label says for wax", Duration.ofHours(2)), null, CLOSES, CLEARS_FIBRE, WAXY);
    public static final Product POURING_RESIN = other("pouring-resin", "two-part pouring resin", Family.RESIN, new Law.Sets(Span.minutes(30), Duration.ofDays(3)), new Optics(true, CLEAR, 2000),
            Set.of(Hazard.RESIN), new Cleaning("what its sheet says, before it sets", Span.minutes(30)), null, CLOSES, CLEARS_FIBRE, FINAL, CAST);
    public static final Product SOFT_PASTEL = other("soft-pastel", "soft pastel", Family.DRAWING, new Law.Stays(Span.minutes(20)), pigment(false, Opacity.SEMI_OPAQUE, 0.6, 15), Set.of(Hazard.DUST), NEVER_HARDENS, null, LOOSE, SOLUBLE);
    public static final Product WATER_PENCIL = other("water-pencil", "water-soluble pencil", Family.DRAWING, new Law.Stays(Span.minutes(20)), pigment(false, Opacity.SEMI_TRANSPARENT, 0.5, 10), Set.of(), NEVER_HARDENS, null, SOLUBLE);
    public static final Product COLOURED_PENCIL = other("coloured-pencil", "coloured pencil", Family.DRAWING, new Law.Stays(Span.minutes(20)), pigment(false, Opacity.SEMI_TRANSPARENT, 0.5, 10), Set.of(), NEVER_HARDENS, null);

    private static final List<Product> ALL = List.of(GLOSS_MEDIUM, MATTE_MEDIUM, GLOSS_GEL, MATTE_GEL, HEAVY_GLOSS_GEL, HEAVY_MATTE_GEL, PUMICE_GEL, THINNED_GEL, STIFFENING_MEDIUM, SLURRY, RECEPTIVE_COAT,
            CRACKLE_MEDIUM, GESSO, STENCIL_PASTE, OPAQUE_PAINT, METALLIC_PAINT, PLATE_PAINT, UNDERCOLOUR, GLAZE, WATERCOLOUR, OIL_COLOUR, GLOSS_VARNISH, MATTE_VARNISH, PVA, WOOD_GLUE, LEAF_SIZE, GUM_ARABIC, WATER_INK, OIL_BLOCK_INK, LITHO_INK,
            SOLUBLE_INK, FIXATIVE, RELEASE_SOLUTION, TRANSFER_GEL, SHELLAC, TAPE_ADHESIVE, MINERAL_OIL, PRINTED_PAPERS, METAL_LEAF,
            ISOLATING_COAT, SATIN_VARNISH, REMOVABLE_GLOSS, REMOVABLE_MATTE, SPRAY_GLOSS, SPRAY_MATTE, REMOVABLE_SATIN, SPRAY_SATIN, COLD_WAX, POURING_RESIN, SOFT_PASTEL, WATER_PENCIL, COLOURED_PENCIL);

    /** What a bed is ordinarily laid with, where nothing else is said. */
    public static Product ordinaryBed() {
        return GLOSS_GEL;
    }

    /** What wood, or a ground, is ordinarily sealed with. */
    public static Product ordinarySeal() {
        return GLOSS_MEDIUM;
    }

    private Products() {
    }

    /** A tube of the artist's own: it dries, washes out and warns as any acrylic colour. @param colour in full @param body what is in it, told for an ordinary brushed coat */
    public static Product tube(String id, String name, Colour colour, boolean gloss, Optics.Body body) {
        return UNDERCOLOUR.called(id, name).of(colour).with(new Optics(gloss, body, UNDERCOLOUR.optics().ordinaryCoatMicrometres()));
    }

    private static Product medium(String id, String words, double share, Body body) {
        return water(id, words, Family.MEDIUM, share, new Optics(body instanceof Body.Clear, body, 100), ACRYLIC, Cleaning.ACRYLIC, BINDS, CLOSES, CLEARS_FIBRE);
    }

    private static Optics pigment(boolean gloss, Opacity opacity, double strength, double coat) {
        return new Optics(gloss, new Body.Pigment(opacity, strength), coat);
    }

    private static Product water(String id, String words, Family family, double share, Optics optics, Set<Hazard> hazards, Cleaning cleaning, Trait... more) {
        Set<Trait> traits = EnumSet.of(WATER_BORNE, more);
        return new Product(id, words, family, traits, new Law.LosesWater(share), optics, null, hazards, cleaning, List.of(OIL_ENDS_IT), null);
    }

    /** Solvent leaves it within the day. */
    private static Product varnish(String id, String words, Optics optics, Set<Hazard> hazards, Trait... traits) {
        return other(id, words, hazards.contains(Hazard.SPRAY) ? Family.SPRAY : Family.VARNISH, new Law.LosesSolvent(Span.minutes(hazards.contains(Hazard.SPRAY) ? 2 : 8), Span.minutes(hazards.contains(Hazard.SPRAY) ? 60 : 720)), optics, hazards,
                hazards.contains(Hazard.SPRAY) ? NEVER_HARDENS : new Cleaning("the thinner its label names", Span.minutes(30)), null, traits);
    }

    private static Product other(String id, String words, Family family, Law law, Optics optics, Set<Hazard> hazards, Cleaning cleaning, @Nullable Release release, Trait... traits) {
        Set<Trait> all = Set.of(traits);
        return new Product(id, words, family, all, law, optics, null, hazards, cleaning, all.contains(WATER_BORNE) || all.contains(TACKY) || release != null ? List.of(OIL_ENDS_IT) : List.of(), release);
    }

    public static List<Product> all() {
        return ALL;
    }

    /** By its lasting name. */
    public static Product of(String id) {
        return ALL.stream().filter(product -> product.id().equals(id)).findFirst()
                .orElseThrow(() -> new UnusableValue("product", id, "one of " + ALL.stream().map(Product::id).toList(), "Choose one of these, or describe your own."));
    }

    /** What takes the white of fibre away, for trying each: clear binders as they are brushed on, and oil. */
    public static List<Product> clearing() {
        return List.of(GLOSS_MEDIUM, MATTE_MEDIUM, MINERAL_OIL);
    }
}
