package kindveil.mixing;

import java.util.List;
import java.util.Optional;
import kindveil.product.Law;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.product.Trait;

/** Whether two wet things may meet in one jar, tray or cup. */
public final class Meeting {
    /** What something is carried by. */
    enum Carrier {
        WATER, GUM, ALCOHOL, SPIRIT, LETS_GO, THINNER, OIL, WAX, REACTS
    }

    private Meeting() {
    }

    static Carrier carrier(Product product) {
        if (product.is(Trait.CAST)) {
            return Carrier.REACTS;
        }
        if (product.is(Trait.WAXY)) {
            return Carrier.WAX;
        }
        return switch (product.law()) {
            case Law.LosesWater l -> Carrier.WATER;
            case Law.LosesSolvent l when product.releases() -> Carrier.LETS_GO;
            // what is laid for good and taken off again is cut with another thinner than shellac is
            case Law.LosesSolvent l -> product.is(Trait.FINAL) || product.is(Trait.FIXES) ? Carrier.THINNER : product.is(Trait.CLOSES) ? Carrier.SPIRIT : Carrier.ALCOHOL;
            case Law.Oxidises o -> Carrier.OIL;
            case Law.Sets s -> Carrier.GUM;
            case Law.Stays s -> product.is(Trait.OILY) ? Carrier.OIL : Carrier.GUM;
        };
    }

    /** Why the two must not meet; empty where they may. The order does not matter. */
    public static Optional<String> against(Product one, Product other) {
        Carrier a = carrier(one);
        Carrier b = carrier(other);
        if (a.compareTo(b) > 0) {
            return against(other, one);
        }
        if (a == b) {
            return a == Carrier.LETS_GO && !one.id().equals(other.id()) ? Optional.of("Two solutions that let prints go are cut differently: only their labels know what comes of both.") : Optional.empty();
        }
        return switch (b) {
            case WATER -> throw new IllegalStateException("Impossible state: water comes first.");
            // gum and glue are thinned with water as acrylics are
            case GUM -> Optional.empty();
            case ALCOHOL -> Optional.of(spirit(a));
            // more alcohol is what both are let down with
            case SPIRIT, LETS_GO -> a == Carrier.ALCOHOL ? Optional.empty() : Optional.of(a == Carrier.SPIRIT ? "Shellac in it closes the film it is to open." : spirit(a));
            case THINNER -> Optional.of(a == Carrier.WATER || a == Carrier.GUM ? "Thinner and water part; what is carried by them falls out." : "Alcohol and thinner cut different films: the mixture dries cloudy.");
            case OIL -> Optional.of(a == Carrier.THINNER ? "Oil stays soft in a varnish that dries by its thinner." : a == Carrier.ALCOHOL || a == Carrier.SPIRIT || a == Carrier.LETS_GO ? "Oil and alcohol part again in the jar." : "Oil and water part again, and the film never holds.");
            case WAX -> Optional.of("Wax sets apart in it, and nothing holds over what has wax in it.");
            case REACTS -> Optional.of("Resin and hardener are counted for each other alone: anything else leaves it sticky.");
        };
    }

    private static String spirit(Carrier water) {
        return water == Carrier.WATER ? "Alcohol makes acrylic and glue run together in strings." : "Gum falls out of alcohol in strings.";
    }

    /** What of a mixture must not meet what stands in a jar; each said once. */
    public static List<String> against(Mixture mixture, Product standing) {
        return mixture.gives() == null ? List.of() : against(mixture.gives(), standing).stream().toList();
    }
}
