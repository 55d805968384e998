package kindveil.bench;

import java.util.List;
import java.util.Set;

/** What is mixed before it is used. */
public enum Mixture {
    RELEASE_SOLUTION(Material.RELEASE_SOLUTION, List.of(new Ingredient("release concentrate", 1), new Ingredient("isopropyl alcohol, at least 90 %", 8)),
            90, Hazard.FLAMMABLE, Hazard.KITCHEN),
    SHELLAC(Material.SHELLAC, List.of(new Ingredient("shellac", 1), new Ingredient("alcohol", 1)), 0, Hazard.FLAMMABLE),
    SLURRY(Material.SLURRY, List.of(new Ingredient("soft gel", 1), new Ingredient("gloss medium", 1)), 0, Hazard.ACRYLIC),
    LET_DOWN_INK(Material.LITHO_INK, List.of(new Ingredient("stiff oil-based ink", 15), new Ingredient("boiled linseed oil, in drops", 0.3)), 0,
            Hazard.SELF_HEATING, Hazard.SOLVENT_SKIN),
    THINNED_GEL(Material.THINNED_GEL, List.of(new Ingredient("gel", 12), new Ingredient("water, in drops", 1)), 0, Hazard.ACRYLIC),
    WETTING_BATH(null, List.of(new Ingredient("wetting agent", 1), new Ingredient("water", 16)), 0, Hazard.KITCHEN);

    /** One part of it. */
    public record Ingredient(String words, double parts) {
    }

    private final Material gives;
    private final List<Ingredient> ingredients;
    private final double leastBottlePercent;
    private final Set<Hazard> hazards;

    Mixture(Material gives, List<Ingredient> ingredients, double leastBottlePercent, Hazard... hazards) {
        this.gives = gives;
        this.ingredients = ingredients;
        this.leastBottlePercent = leastBottlePercent;
        this.hazards = Set.of(hazards);
    }

    /** What comes of it, or null where it is a bath that nothing is coated with. */
    public Material gives() {
        return gives;
    }

    public List<Ingredient> ingredients() {
        return ingredients;
    }

    /** The weakest the spirit may be in its bottle, before mixing, in per cent; 0 where it does not matter. */
    double leastBottlePercent() {
        return leastBottlePercent;
    }

    public Set<Hazard> hazards() {
        return hazards;
    }
}
