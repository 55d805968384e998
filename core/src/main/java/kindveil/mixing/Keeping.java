package kindveil.mixing;

import java.time.Duration;
import kindveil.measure.Span;
import kindveil.product.Hazard;
import kindveil.product.Law;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.product.Trait;

/**
 * How something mixed keeps, by what is in it.
 *
 * @param ready how long it stands before it is used, and why
 * @param cautious until when nobody doubts it; {@code longest} until when it may be used by those who look at it
 * @param sound what it looks like as long as it is good; {@code spoilt} when it is not
 */
public record Keeping(Duration ready, String why, Duration cautious, Duration longest, String sound, String spoilt) {
    public static Keeping of(Mixture mixture) {
        Product gives = mixture.gives();
        if (gives == null) {
            return new Keeping(Duration.ZERO, "", Duration.ofHours(12), Duration.ofHours(24), "clean water", "scum, a smell");
        }
        return switch (gives.law()) {
            // three hours before it is used, and a life of two or three days to a month: practice
            case Law.LosesSolvent l when gives.releases() -> new Keeping(Duration.ofHours(3), "It thickens in three to four hours, stirred now and then.", Duration.ofDays(3), Duration.ofDays(30), "clear", "cloudy");
            case Law.LosesSolvent l -> new Keeping(Duration.ZERO, "", Duration.ofDays(90), Duration.ofDays(180), "a drop of it is hard in an hour", "a drop of it stays tacky");
            case Law.LosesWater l -> wet(mixture);
            case Law.Oxidises o -> new Keeping(Duration.ZERO, "", o.open(), Duration.ofDays(1), "soft to its bottom", "a skin on it");
            case Law.Sets s -> new Keeping(Duration.ZERO, "", s.open(), gives.is(Trait.CAST) ? s.open() : Duration.ofDays(30), "runs off the spoon", gives.is(Trait.CAST) ? "warm, or drawing threads" : "scum, a smell");
            case Law.Stays s -> new Keeping(Duration.ZERO, "", Duration.ofDays(90), Duration.ofDays(365), "as it was", "a smell");
        };
    }

    /** Bubbles rise out of what was stirred; binder let down with water goes off sooner (assumed). */
    private static Keeping wet(Mixture mixture) {
        boolean watered = mixture.ingredients().stream().anyMatch(i -> i.of() == null && i.words().contains("water"));
        return new Keeping(Span.minutes(30), "Bubbles rise out of it in half an hour.", Duration.ofDays(watered ? 7 : 30), Duration.ofDays(watered ? 30 : 180), "smooth", "lumps, mould or a smell");
    }

    /** Whether what is left of it is worth a jar. */
    public boolean keeps() {
        return longest.compareTo(Duration.ofDays(1)) > 0;
    }

    /** How it is thrown away, by what is in it; local rules come first. */
    public static String discard(java.util.Set<Hazard> hazards) {
        if (hazards.contains(Hazard.RESIN)) {
            return "Let small amounts of both parts set together outdoors, then to the rubbish; never by the drain. Local rules come first.";
        }
        if (hazards.contains(Hazard.SELF_HEATING)) {
            return "Rags flat outdoors or under water in a lidded can; the rest to the collection for hazardous waste. Local rules come first.";
        }
        if (hazards.contains(Hazard.FLAMMABLE) || hazards.contains(Hazard.SOLVENT_SKIN)) {
            return "Lidded, to the collection for hazardous waste; never by the drain, and no naked flame near it. Local rules come first.";
        }
        if (hazards.contains(Hazard.ACRYLIC) || hazards.contains(Hazard.VARNISH)) {
            return "Let it dry in the open, then to the rubbish; not by the drain. Local rules come first.";
        }
        return "Thin it well and pour it where its label allows. Local rules come first.";
    }
}
