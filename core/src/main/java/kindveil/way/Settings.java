package kindveil.way;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import kindveil.light.Colour;
import kindveil.product.Product;

/**
 * What is chosen of a way's own; what is missing takes the way's default.
 *
 * @param choices option by choice
 * @param dials value by dial
 * @param colours colour by pot
 * @param lots the artist's own product by the built-in one it stands for, or the paint by the pot it stands in
 */
public record Settings(Map<String, String> choices, Map<String, Double> dials, Map<String, Colour> colours, Map<String, Product> lots) {
    /** Before the name of a pot, where a paint stands in it. */
    public static final String POT = "pot.";
    public static final Settings NONE = new Settings(Map.of(), Map.of(), Map.of(), Map.of());

    public Settings {
        choices = Map.copyOf(choices);
        dials = Map.copyOf(dials);
        colours = Map.copyOf(colours);
        lots = Map.copyOf(lots);
    }

    public Settings choosing(Map<String, String> all) {
        return new Settings(all, dials, colours, lots);
    }

    public Settings with(String choice, String option) {
        return choosing(and(choices, choice, option));
    }

    public Settings dialled(Map<String, Double> all) {
        return new Settings(choices, all, colours, lots);
    }

    public Settings dialled(String dial, double value) {
        return dialled(and(dials, dial, value));
    }

    public Settings coloured(Map<String, Colour> all) {
        return new Settings(choices, dials, all, lots);
    }

    public Settings coloured(String pot, Colour colour) {
        return coloured(and(colours, pot, colour));
    }

    /** With something of the artist's own in the place of a built-in product. */
    public Settings using(String builtIn, Product lot) {
        return new Settings(choices, dials, colours, and(lots, builtIn, lot));
    }

    /** With one of the artist's own paints in a pot. */
    public Settings painted(String pot, Product paint) {
        return using(POT + pot, paint);
    }

    /** The artist's own paint in a pot; empty where a colour alone was chosen. */
    public Optional<Product> paint(String pot) {
        return Optional.ofNullable(lots.get(POT + pot));
    }

    private static <T> Map<String, T> and(Map<String, T> map, String key, T value) {
        Map<String, T> changed = new HashMap<>(map);
        changed.put(key, value);
        return changed;
    }
}
