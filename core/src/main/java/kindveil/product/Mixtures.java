package kindveil.product;

import java.util.List;
import java.util.Set;
import kindveil.measure.UnusableValue;
import kindveil.product.Mixture.Ingredient;

/** The mixtures the studio knows by itself (practice; the label of what is held wins). */
public final class Mixtures {
    public static final Mixture RELEASE_SOLUTION = new Mixture("release-solution", Products.RELEASE_SOLUTION,
            List.of(new Ingredient(Goods.CONCENTRATE, 1), new Ingredient(Goods.ISOPROPYL, 8)), 90, Set.of(Hazard.FLAMMABLE, Hazard.KITCHEN));
    public static final Mixture SHELLAC = new Mixture("shellac", Products.SHELLAC, List.of(new Ingredient("shellac", 1, Goods.SHELLAC_STOCK.id()), new Ingredient("alcohol", 1, Goods.SPIRIT.id())), 91, Set.of(Hazard.FLAMMABLE));
    public static final Mixture SLURRY = new Mixture("slurry", Products.SLURRY, List.of(new Ingredient("soft gel", 1, Products.GLOSS_GEL.id()), new Ingredient("gloss medium", 1, Products.GLOSS_MEDIUM.id())), 0, Set.of(Hazard.ACRYLIC));
    public static final Mixture LET_DOWN_INK = new Mixture("let-down-ink", Products.LITHO_INK,
            List.of(new Ingredient(Goods.STIFF_INK, 15), new Ingredient("boiled linseed oil, in drops", 0.3, Goods.LINSEED.id())), 0, Set.of(Hazard.SELF_HEATING, Hazard.SOLVENT_SKIN));
    public static final Mixture THINNED_GEL = new Mixture("thinned-gel", Products.THINNED_GEL, List.of(new Ingredient("gel", 12, Products.GLOSS_GEL.id()), new Ingredient("water, in drops", 1)), 0, Set.of(Hazard.ACRYLIC));
    public static final Mixture WETTING_BATH = new Mixture("wetting-bath", null, List.of(new Ingredient(Goods.WETTING_AGENT, 1), new Ingredient("water", 16)), 0, Set.of(Hazard.KITCHEN));
    private static final List<Mixture> ALL = List.of(RELEASE_SOLUTION, SHELLAC, SLURRY, LET_DOWN_INK, THINNED_GEL, WETTING_BATH);

    private Mixtures() {
    }

    public static List<Mixture> all() {
        return ALL;
    }

    /** By its lasting name. */
    public static Mixture of(String id) {
        return ALL.stream().filter(mixture -> mixture.id().equals(id)).findFirst()
                .orElseThrow(() -> new UnusableValue("mixture", id, "one of " + ALL.stream().map(Mixture::id).toList(), "Choose one of these."));
    }
}
