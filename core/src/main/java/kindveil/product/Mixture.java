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
    /** One part of it. @param of lasting name of the product it is, or null where it is water or nothing one keeps */
    public record Ingredient(String words, double parts, @Nullable String of) {
        public Ingredient(Product of, double parts) {
            this(of.words(), parts, of.id());
        }

        /** Of what is not bought. */
        public Ingredient(String words, double parts) {
            this(words, parts, null);
        }

        /** Whether it is let in by the drop. */
        public boolean dropped() {
            return words.contains("drops");
        }

        Ingredient parts(double other) {
            return new Ingredient(words, other, of);
        }
    }

    public Mixture {
        ingredients = List.copyOf(ingredients);
        hazards = Ordered.of(Hazard.class, hazards);
    }

    /** Share of its spirit by volume once it is mixed, in per cent, for a bottle of some strength; 0 where there is none in it. */
    public double strength(double bottlePercent) {
        return spirit().stream().mapToDouble(Ingredient::parts).sum() / parts() * bottlePercent;
    }

    /** What of it is alcohol out of a bottle. */
    private List<Ingredient> spirit() {
        return ingredients.stream().filter(ingredient -> ingredient.words().contains("alcohol")).toList();
    }

    /** The least of its parts that is any at all. */
    public Ingredient smallest() {
        return ingredients.stream().filter(i -> i.parts > 0).min(java.util.Comparator.comparingDouble(Ingredient::parts)).orElseThrow();
    }

    public double parts() {
        return ingredients.stream().mapToDouble(Ingredient::parts).sum();
    }

    /** Share of the bottle's spirit in it, 0 to 1. */
    public double spiritShare() {
        return strength(100) / 100;
    }

    /** With other parts of one ingredient, counted from 0. */
    public Mixture with(int ingredient, double parts) {
        List<Ingredient> other = new java.util.ArrayList<>(ingredients);
        other.set(ingredient, ingredients.get(ingredient).parts(parts));
        return new Mixture(id, gives, other, leastBottlePercent, hazards);
    }

    /** The same, giving something of the artist's own. */
    public Mixture giving(Product other) {
        return new Mixture(id, other, ingredients, leastBottlePercent, hazards);
    }
}
