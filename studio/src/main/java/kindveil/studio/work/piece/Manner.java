package kindveil.studio.work.piece;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.way.Choice;
import kindveil.way.Settings;
import kindveil.way.Way;

/**
 * Which way a veil is made, and what is chosen of it; what is missing is the way's own.
 *
 * @param way its lasting name
 * @param choices option by choice; likewise {@code dials} and {@code colours}
 * @param lots the artist's own lot by the built-in product it stands for
 */
public record Manner(String way, Map<String, String> choices, Map<String, Double> dials, Map<String, Colour> colours, Map<String, UUID> lots) {
    public Manner {
        choices = Map.copyOf(choices);
        dials = Map.copyOf(dials);
        colours = Map.copyOf(colours);
        lots = Map.copyOf(lots);
        Catalogue.way(way);
    }

    public static Manner of(Way way) {
        return new Manner(way.key(), Map.of(), Map.of(), Map.of(), Map.of());
    }

    public Way theWay() {
        return Catalogue.way(way);
    }

    public Manner set(Map<String, String> newChoices, Map<String, Double> newDials, Map<String, Colour> newColours) {
        return new Manner(way, newChoices, newDials, newColours, lots);
    }

    /** With some choices made otherwise. */
    public Manner choosing(Map<String, String> other) {
        Map<String, String> all = new HashMap<>(choices);
        all.putAll(other);
        return new Manner(way, all, dials, colours, lots);
    }

    public Manner dialled(String dial, double value) {
        Map<String, Double> all = new HashMap<>(dials);
        all.put(dial, value);
        return new Manner(way, choices, all, colours, lots);
    }

    /** With any of a built-in product again. */
    public Manner usingAny(String builtIn) {
        Map<String, UUID> all = new HashMap<>(lots);
        all.remove(builtIn);
        return new Manner(way, choices, dials, colours, all);
    }

    /** With a lot of the artist's own in the place of a built-in product. */
    public Manner using(String builtIn, UUID lot) {
        Map<String, UUID> all = new HashMap<>(lots);
        all.put(builtIn, lot);
        return new Manner(way, choices, dials, colours, all);
    }

    /** With a paint of the shelf in a pot; its colour is kept for when it is taken away from there. */
    public Manner painted(String pot, UUID paint, Colour colour) {
        Map<String, Colour> coloured = new HashMap<>(colours);
        coloured.put(pot, colour);
        return new Manner(way, choices, dials, coloured, lots).using(Settings.POT + pot, paint);
    }

    /** With no paint in a pot: its colour alone counts. */
    public Manner unpainted(String pot) {
        Map<String, UUID> all = new HashMap<>(lots);
        all.remove(Settings.POT + pot);
        return new Manner(way, choices, dials, colours, all);
    }

    /** The paint of the shelf that stands in a pot. */
    public Optional<UUID> paint(String pot) {
        return Optional.ofNullable(lots.get(Settings.POT + pot));
    }

    /** Another way; of the choices only those it knows, and only where something else than the usual was chosen: its own usual may be another. */
    public Manner doing(Way other) {
        Map<String, String> kept = new HashMap<>();
        for (Choice choice : other.choices()) {
            String option = choices.get(choice.key());
            if (option != null && !usual(choice.key(), option) && choice.options().stream().anyMatch(o -> o.key().equals(option))) {
                kept.put(choice.key(), option);
            }
        }
        return new Manner(other.key(), kept, Map.of(), Map.of(), lots);
    }

    private boolean usual(String choice, String option) {
        return theWay().choices().stream().anyMatch(one -> one.key().equals(choice) && one.options().getFirst().key().equals(option));
    }
}
