package kindveil.way;

import java.util.List;
import kindveil.measure.UnusableValue;

/** All ways there are. */
public final class Catalogue {
    private static final List<Way> WAYS = List.of(new GelLay());

    private Catalogue() {
    }

    public static List<Way> ways() {
        return WAYS;
    }

    public static Way way(String key) {
        return WAYS.stream().filter(way -> way.key().equals(key)).findFirst()
                .orElseThrow(() -> new UnusableValue("way", key, "one of " + WAYS.stream().map(Way::key).toList(), "Choose one of these."));
    }
}
