package kindveil.mixing;

import java.util.List;
import kindveil.measure.UnusableValue;
import kindveil.product.Mixture;
import kindveil.product.Mixture.Ingredient;

/**
 * A mixture measured as one batch: its smallest part is what the measure can measure, and the others keep the ratio exactly.
 *
 * @param needed ml asked for
 * @param parts in the mixture's order
 */
public record Recipe(Mixture mixture, double needed, Measure measure, List<Part> parts) {
    public static final double MOST_MILLILITRES = 20_000;

    /** So much of one ingredient, ml. */
    public record Part(Ingredient of, double millilitres) {
    }

    public Recipe {
        parts = List.copyOf(parts);
    }

    public static Recipe of(Mixture mixture, double needed, Measure measure) {
        UnusableValue.requireWithin("To mix", needed, 0, MOST_MILLILITRES, "ml", "Mix it in several batches.");
        double all = mixture.parts();
        if (all <= 0) {
            throw new UnusableValue("Parts", "0", "more than nothing of one of them", "Tell how many parts of each.");
        }
        double scale = needed <= 0 ? 0 : scale(mixture, needed / all, measure);
        return new Recipe(mixture, needed, measure, mixture.ingredients().stream().map(i -> new Part(i, scale * needed * i.parts() / all)).toList());
    }

    /** A tray or a jar filled: nothing more than it holds. */
    public static Recipe filling(Mixture mixture, double millilitres) {
        return new Recipe(mixture, millilitres, Measure.usual(mixture), mixture.ingredients().stream().map(i -> new Part(i, millilitres * i.parts() / mixture.parts())).toList());
    }

    /** How much more has to be mixed so that its smallest part can be measured. */
    private static double scale(Mixture mixture, double aPart, Measure measure) {
        double asked = aPart * mixture.smallest().parts();
        return measure.atLeast(asked) / asked;
    }

    /** What is mixed in all, ml. */
    public double mixed() {
        return parts.stream().mapToDouble(Part::millilitres).sum();
    }

    /** What is mixed beyond what is asked for, ml. */
    public double left() {
        return Math.max(0, mixed() - needed);
    }
}
