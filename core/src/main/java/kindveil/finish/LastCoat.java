package kindveil.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import kindveil.measure.UnusableValue;
import kindveil.way.Choice;
import kindveil.way.Way;

/**
 * One way of finishing in one of its kinds.
 *
 * @param choices made of it, by their keys
 */
public record LastCoat(Way way, Map<String, String> choices) {
    public LastCoat {
        choices = Map.copyOf(choices);
    }

    /** Each way in every kind its choices allow. */
    public static List<LastCoat> all(List<Way> ways) {
        List<LastCoat> all = new ArrayList<>();
        for (Way way : ways) {
            List<Map<String, String>> kinds = List.of(Map.of());
            for (Choice choice : way.choices()) {
                kinds = kinds.stream().flatMap(made -> choice.options().stream().map(option -> {
                    Map<String, String> more = new TreeMap<>(made);
                    more.put(choice.key(), option.key());
                    return more;
                })).collect(Collectors.toList());
            }
            kinds.forEach(made -> all.add(new LastCoat(way, made)));
        }
        return all;
    }

    /** Its name and what is chosen of it. */
    public String words() {
        String chosen = way.choices().stream().map(choice -> choice.chosen(choices.get(choice.key())).words()).collect(Collectors.joining(", "));
        return chosen.isEmpty() ? way.name() : "%s: %s".formatted(way.name(), chosen);
    }

    /** One of them by its lasting name. */
    public static LastCoat of(List<Way> ways, String key) {
        return all(ways).stream().filter(coat -> coat.key().equals(key)).findFirst().orElseThrow(() -> new UnusableValue("last coat", key, "one of those offered", "Look at the page again."));
    }

    /** Its lasting name, in addresses. */
    public String key() {
        return way.key() + way.choices().stream().map(choice -> "." + choice.chosen(choices.get(choice.key())).key()).collect(Collectors.joining());
    }
}
