package kindveil.product;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is mixed before it is used.
 *
 * @param id its lasting name
 * @param gives what comes of it, or null where it is a bath that nothing is coated with
 * @param leastBottlePercent the weakest the spirit may be in its bottle, before mixing, in per cent; 0 where it does not matter
 */
public record Mixture(String id, @Nullable Product gives, List<Ingredient> ingredients, double leastBottlePercent, Set<Hazard> hazards) {
    /** One part of it. */
    public record Ingredient(String words, double parts) {
    }

    public Mixture {
        ingredients = List.copyOf(ingredients);
        hazards = Ordered.of(Hazard.class, hazards);
    }

    /** Share of its spirit by volume once it is mixed, in per cent, for a bottle of some strength; 0 where there is none in it. */
    public double strength(double bottlePercent) {
        double all = ingredients.stream().mapToDouble(Ingredient::parts).sum();
        return ingredients.stream().filter(ingredient -> ingredient.words().contains("alcohol")).mapToDouble(Ingredient::parts).sum() / all * bottlePercent;
    }

    /** With other parts of one ingredient, counted from 0. */
    public Mixture with(int ingredient, double parts) {
        List<Ingredient> other = new java.util.ArrayList<>(ingredients);
        other.set(ingredient, new Ingredient(ingredients.get(ingredient).words(), parts));
        return new Mixture(id, gives, other, leastBottlePercent, hazards);
    }

    /** The same, giving something of the artist's own. */
    public Mixture giving(Product other) {
        return new Mixture(id, other, ingredients, leastBottlePercent, hazards);
    }
}
