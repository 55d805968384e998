package kindveil.reading;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.way.Material;
import kindveil.way.Step;
import kindveil.way.Trace;

/** What can hurt, at which step. Labels, safety data sheets and local rules come first. */
public final class CautionReading {
    /** Said once, under every summary. */
    public static final String DEFERENCE =
            "The label and safety data sheet of what you hold, and your local rules, come before anything said here.";

    private CautionReading() {
    }

    /** The caution at one step. */
    public static Optional<String> of(Step step) {
        return switch (step) {
            case Step.Prepare prepare -> prepare(prepare.what());
            case Step.Apply apply -> apply(apply.material());
            case Step.Abrade abrade -> Optional.of("Sanding dust: dampen it, or wear a dust mask.");
            case Step.RubAway rub -> Optional.of("Pulp and acrylic go into the bin, not down the sink. Gloves if you rub for long.");
            case Step.WashUp wash -> Optional.of("Wipe the tool on paper first; as little acrylic as you can down the drain. Studio cups never go back to the kitchen.");
            case Step.Load load -> Optional.of("Lift weights with both hands, away from your feet.");
            case Step.Infuse infuse -> Optional.of("Mineral oil does not dry: spread the cloth to air outdoors, then bin it; never leave drying-oil rags in a heap, they self-heat.");
            case Step.Join join -> Optional.empty();
            case Step.Press press -> Optional.empty();
            case Step.Unload unload -> Optional.empty();
            case Step.Wet wet -> Optional.empty();
            case Step.Judge judge -> Optional.empty();
        };
    }

    private static Optional<String> prepare(Step.Preparation what) {
        return switch (what) {
            case TRIM_PRINT -> Optional.of("Cut away from your hand. Work from a copy, never the only original; check your right to use another's picture.");
            case CLEAN_SUPPORT -> Optional.of("Brush dust off outdoors or with a mask on.");
            case TOUCH_UP -> Optional.empty();
        };
    }

    private static Optional<String> apply(Material material) {
        return switch (material.kind()) {
            case VARNISH -> Optional.of("Varnish: open the windows, no flame, gloves; a mask if its label asks for one. Children and pets out of the room.");
            case MEDIUM -> Optional.of("Acrylic binder: keep it off your skin for long, out of eyes and out of the drain.");
            case OIL -> Optional.of("Oil makes floors slippery: wipe up drops at once.");
        };
    }

    /** Every caution of a plan once, with the acts it belongs to. */
    public static Map<String, List<String>> of(Trace trace) {
        Map<String, List<String>> all = new LinkedHashMap<>();
        for (Trace.Moment moment : trace.moments()) {
            of(moment.act().step()).ifPresent(caution -> all.merge(caution, List.of(moment.act().title()), CautionReading::both));
        }
        return all;
    }

    private static List<String> both(List<String> a, List<String> b) {
        return a.containsAll(b) ? a : java.util.stream.Stream.concat(a.stream(), b.stream()).toList();
    }
}
