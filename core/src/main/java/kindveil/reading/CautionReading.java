package kindveil.reading;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Undercolour;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.drying.Airing;
import kindveil.product.Hazard;
import kindveil.product.Trait;
import kindveil.way.Trace;

/** What can hurt, at which step: by the material, the tool and the act. Labels, safety data sheets and local rules come first. */
public final class CautionReading {
    /** Said once, under every summary. */
    public static final String DEFERENCE =
            "The label and safety data sheet of what you hold, and your local rules, come before anything said here.";

    private CautionReading() {
    }

    /** The hazards of one step. */
    public static Set<Hazard> of(Step step) {
        Set<Hazard> found = EnumSet.noneOf(Hazard.class);
        switch (step) {
            case Step.Apply apply -> {
                found.addAll(apply.product().hazards());
                found.addAll(apply.tool().hazards());
            }
            case Step.Infuse infuse -> {
                found.addAll(infuse.agent().hazards());
                found.addAll(infuse.tool().hazards());
            }
            case Step.Prepare prepare -> found.addAll(prepare.what().hazards());
            case Step.Mix mix -> {
                found.addAll(mix.mixture().hazards());
                if (mix.mixture().gives() != null && mix.mixture().gives().is(Trait.WATER_BORNE)) {
                    found.add(Hazard.SPOILED);
                }
            }
            case Step.Abrade abrade -> found.addAll(abrade.tool().hazards());
            case Step.Press press -> found.addAll(press.tool().hazards());
            case Step.Wet wet -> {
                found.addAll(wet.tool().hazards());
                if (wet.bath() == Step.Bath.TRAY) {
                    found.add(Hazard.MOULD);
                }
            }
            case Step.RubAway rub -> found.add(Hazard.PULP);
            case Step.WashUp wash -> found.add(Hazard.WASHING);
            case Step.Load load -> found.add(Hazard.WEIGHT);
            case Step.Heat heat -> found.add(Hazard.HEAT);
            case Step.Cut cut -> found.add(Hazard.BLADE);
            case Step.Dissolve dissolve -> found.add(dissolve.what() == Step.Soluble.SUBLIMED_DYE ? Hazard.SCALD : Hazard.KITCHEN);
            case Step.SetOut s -> { }
            case Step.Join s -> { }
            case Step.Unload s -> { }
            case Step.Part s -> { }
            case Step.Move s -> { }
            case Step.Outline s -> { }
            case Step.Blot s -> { }
            case Step.Judge s -> { }
        }
        return found;
    }

    /** The hazards of one step where it is done: a solvent coat still gives its vapour off when something is laid on it, pressed or peeled; some things come near mouth or skin. */
    public static Set<Hazard> of(Step step, Bench before) {
        Set<Hazard> found = of(step);
        Stream<Face> touched = switch (step) {
            case Step.Join join -> Stream.of(join.onto(), join.moving());
            case Step.Press press -> Stream.of(press.over(), Face.SUPPORT_FRONT);
            case Step.Part part -> Stream.of(part.from());
            default -> Stream.of();
        };
        touched.flatMap(face -> before.layers(face, Coating.class).stream()).filter(coat -> coat.vapours(before.now())).flatMap(coat -> coat.product().hazards().stream())
                .filter(hazard -> hazard == Hazard.FLAMMABLE || hazard == Hazard.SOLVENT_SKIN).forEach(found::add);
        if (step instanceof Step.Apply && before.room().airing() == Airing.WARM_CUPBOARD) {
            found.add(Hazard.CUPBOARD);
        }
        if (step instanceof Step.Prepare prepare && prepare.what() == Preparation.CLEAN_SUPPORT) {
            before.support().map(Undercolour::support).ifPresent(support -> found.addAll(near(support)));
        }
        return found;
    }

    private static Set<Hazard> near(Support support) {
        return support.is(Support.Trait.CURVED) ? Set.of(Hazard.FOOD) : support.is(Support.Trait.SLACK) && support.is(Support.Trait.WOVEN) ? Set.of(Hazard.SMALL_CHILD) : Set.of();
    }

    /** Their words, for the step. */
    public static List<String> words(Step step, Bench before) {
        return of(step, before).stream().map(Hazard::words).toList();
    }

    /** Every caution of a plan once, with the acts it belongs to. */
    public static Map<String, List<String>> of(Trace trace) {
        Map<String, List<String>> all = new LinkedHashMap<>();
        for (Trace.Moment moment : trace.moments()) {
            for (Hazard hazard : of(moment.act().step(), moment.before())) {
                List<String> acts = all.computeIfAbsent(hazard.words(), words -> new ArrayList<>());
                if (!acts.contains(moment.act().title())) {
                    acts.add(moment.act().title());
                }
            }
        }
        return all;
    }
}
