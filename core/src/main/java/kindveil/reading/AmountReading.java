package kindveil.reading;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.measure.Area;
import kindveil.measure.Preset;
import kindveil.measure.Volume;
import kindveil.way.Act;
import kindveil.way.Material;
import kindveil.way.Step;
import kindveil.way.Trace;

/**
 * How much of what the plan takes, waste included.
 *
 * @param byAct in order, one for each act that lays something on
 * @param byMaterial in all, each material once
 */
public record AmountReading(List<Portion> byAct, Map<Material, Volume> byMaterial) {
    /** What stays on the brush and goes beyond the edge (practice). */
    public static final Preset WASTE = Preset.practice(1.15, 1.05, 1.4, "times the film");
    /** Oil rubbed in with a cloth, over the area (assumed). */
    private static final double OIL_MICROMETRES = 15;

    /** What one act takes. */
    public record Portion(Act act, Material material, Volume volume, double micrometres) {
    }

    public AmountReading {
        byAct = List.copyOf(byAct);
    }

    public static AmountReading of(Trace trace, Area area) {
        List<Portion> portions = new ArrayList<>();
        Map<Material, Volume> all = new EnumMap<>(Material.class);
        for (Trace.Moment moment : trace.moments()) {
            portion(moment.act(), area).ifPresent(portion -> {
                portions.add(portion);
                all.merge(portion.material(), portion.volume(), (a, b) -> new Volume(a.millilitres() + b.millilitres()));
            });
        }
        return new AmountReading(portions, all);
    }

    private static Optional<Portion> portion(Act act, Area area) {
        return switch (act.step()) {
            case Step.Apply apply -> Optional.of(new Portion(act, apply.material(),
                    withWaste(Volume.ofFilm(area, apply.wetMicrometres())), apply.wetMicrometres()));
            case Step.Infuse infuse -> Optional.of(new Portion(act, infuse.agent(),
                    withWaste(Volume.ofFilm(area, OIL_MICROMETRES)), OIL_MICROMETRES));
            case Step.Prepare s -> Optional.empty();
            case Step.Join s -> Optional.empty();
            case Step.Press s -> Optional.empty();
            case Step.Load s -> Optional.empty();
            case Step.Unload s -> Optional.empty();
            case Step.Wet s -> Optional.empty();
            case Step.Abrade s -> Optional.empty();
            case Step.RubAway s -> Optional.empty();
            case Step.WashUp s -> Optional.empty();
            case Step.Judge s -> Optional.empty();
        };
    }

    private static Volume withWaste(Volume film) {
        return film.times(WASTE.value());
    }

    public Optional<Portion> forAct(String key) {
        return byAct.stream().filter(portion -> portion.act().key().equals(key)).findFirst();
    }
}
