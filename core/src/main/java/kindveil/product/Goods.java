package kindveil.product;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.product.Optics.Body;

/** What is only bought to be mixed: nothing is coated with it by itself. */
public final class Goods {
    public static final Product ISOPROPYL = spirit("isopropyl-alcohol", "isopropyl alcohol, at least 90 %", Family.SOLUTION);
    public static final Product SPIRIT = spirit("spirit", "alcohol for shellac, at least 95 %", Family.SOLUTION);
    public static final Product CONCENTRATE = spirit("release-concentrate", "release concentrate", Family.SOLUTION);
    public static final Product SHELLAC_STOCK = spirit("shellac-stock", "shellac", Family.SHELLAC, Trait.CLOSES);
    public static final Product WETTING_AGENT = good("wetting-agent", "wetting agent", Family.SOLUTION, new Law.Stays(Duration.ofDays(1)), Set.of(Hazard.KITCHEN), Trait.WATER_BORNE);
    public static final Product STIFF_INK = good("stiff-ink", "stiff oil-based ink", Family.INK, new Law.Oxidises(Span.minutes(60), Duration.ofDays(1)), Set.of(Hazard.SOLVENT_SKIN, Hazard.SELF_HEATING), Trait.PRINTS);
    public static final Product LINSEED = good("boiled-linseed", "boiled linseed oil", Family.OIL, new Law.Oxidises(Duration.ofHours(4), Duration.ofDays(4)), Set.of(Hazard.SELF_HEATING), Trait.OILY);
    private static final List<Product> ALL = List.of(ISOPROPYL, SPIRIT, CONCENTRATE, SHELLAC_STOCK, WETTING_AGENT, STIFF_INK, LINSEED);

    private Goods() {
    }

    private static Product spirit(String id, String words, Family family, Trait... traits) {
        return good(id, words, family, new Law.LosesSolvent(Span.minutes(2), Span.minutes(60)), Set.of(Hazard.FLAMMABLE, Hazard.SOLVENT_SKIN), traits);
    }

    private static Product good(String id, String words, Family family, Law law, Set<Hazard> hazards, Trait... traits) {
        return new Product(id, words, family, Set.of(traits), law, new Optics(true, new Body.Clear(), 80), null, hazards, new Cleaning("what its label says", Span.minutes(30)), List.of(), null);
    }

    public static List<Product> all() {
        return ALL;
    }

    /** All that can stand on a shelf: what pieces are made with, and what that is mixed of. */
    public static List<Product> shelf() {
        return Stream.concat(Products.all().stream(), ALL.stream()).toList();
    }

    /** By its lasting name, of all that can stand on a shelf. */
    public static Product of(String id) {
        return shelf().stream().filter(product -> product.id().equals(id)).findFirst()
                .orElseThrow(() -> new UnusableValue("product", id, "one of " + shelf().stream().map(Product::id).toList(), "Choose one of these, or describe your own."));
    }
}
