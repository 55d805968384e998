package kindveil.mixing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import kindveil.light.Colour;
import kindveil.measure.UnusableValue;
import kindveil.product.Hazard;
import kindveil.product.Law;
import kindveil.product.Mixture;
import kindveil.product.Mixture.Ingredient;
import kindveil.product.Product;

/** A recipe of the artist's own: what comes of several products stirred together, with water where they bear it. */
public final class Blend {
    /** More water than this and a binder no longer holds together (practice). */
    public static final double MOST_WATER = 0.3;
    private static final double WATERIEST = 0.95;

    private Blend() {
    }

    /** So many parts of a product. */
    public record Share(Product product, double parts) {
    }

    /** @param id lasting name of what it gives @param water parts of water, 0 for none */
    public static Mixture of(String id, String name, List<Share> all, double water) {
        List<Share> shares = all.stream().filter(share -> share.parts > 0).toList();
        if (shares.isEmpty() || shares.size() == 1 && water <= 0) {
            throw new UnusableValue("Recipe", shares.isEmpty() ? "nothing" : shares.getFirst().product.words() + " alone", "two things at least", "Tell how many parts of each, and of water.");
        }
        refuseWhatMustNotMeet(shares, water);
        double parts = shares.stream().mapToDouble(Share::parts).sum() + water;
        Share base = shares.stream().filter(share -> share.product.paint().isEmpty()).max(Comparator.comparingDouble(Share::parts)).orElseGet(() -> shares.stream().max(Comparator.comparingDouble(Share::parts)).orElseThrow());
        Product gives = coloured(base, shares, parts);
        if (gives.law() instanceof Law.LosesWater) {
            double watered = (shares.stream().mapToDouble(share -> share.parts * share.product.waterShare()).sum() + water) / parts;
            gives = gives.with(new Law.LosesWater(Math.min(WATERIEST, watered)));
        }
        Set<Hazard> hazards = EnumSet.noneOf(Hazard.class);
        shares.forEach(share -> hazards.addAll(share.product.hazards()));
        List<Ingredient> ingredients = new ArrayList<>(shares.stream().map(share -> new Ingredient(share.product, share.parts)).toList());
        if (water > 0) {
            ingredients.add(new Ingredient("water", water));
        }
        return new Mixture(id, gives.called(id, name), ingredients, 0, hazards);
    }

    /** Pigment of the largest paint in it, by its share; the base itself where there is none. */
    private static Product coloured(Share base, List<Share> shares, double parts) {
        Optional<Share> paint = shares.stream().filter(share -> share != base && share.product.paint().isPresent()).max(Comparator.comparingDouble(Share::parts));
        if (paint.isEmpty() || base.product.paint().isPresent()) {
            return base.product;
        }
        Product pigment = paint.get().product;
        return base.product.stirred(paint.get().parts / parts, pigment, pigment.colour() == null ? Colour.grey(0.5) : pigment.colour());
    }

    private static void refuseWhatMustNotMeet(List<Share> shares, double water) {
        for (int i = 0; i < shares.size(); i++) {
            Product one = shares.get(i).product;
            for (int j = i + 1; j < shares.size(); j++) {
                Product other = shares.get(j).product;
                Meeting.against(one, other).ifPresent(why -> {
                    throw new UnusableValue("Recipe", "%s with %s".formatted(one.words(), other.words()), "what may meet in one cup", why + " Use one over the other instead, each dry.");
                });
            }
            if (water > 0 && Meeting.carrier(one) != Meeting.Carrier.WATER && Meeting.carrier(one) != Meeting.Carrier.GUM) {
                throw new UnusableValue("Recipe", "water in %s".formatted(one.words()), "what water does not spoil", "Thin it with what its label names.");
            }
        }
    }

    /** What is doubtful about a recipe; empty where nothing is. */
    public static String doubt(Mixture mixture) {
        double water = mixture.ingredients().stream().filter(part -> part.of() == null).mapToDouble(Ingredient::parts).sum() / mixture.parts();
        boolean binds = mixture.gives() != null && mixture.gives().law() instanceof Law.LosesWater;
        return binds && water > MOST_WATER ? "More than three tenths of water: the film may powder. Let it down with medium instead." : "";
    }
}
