package kindveil.reading;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.way.Trace;

/**
 * What must lie ready for some acts of a plan, in the order it is taken up.
 *
 * @param things what is worked on and laid out
 * @param tools without hands themselves
 */
public record GatherReading(List<String> things, List<String> tools) {
    public GatherReading {
        things = List.copyOf(things);
        tools = List.copyOf(tools);
    }

    public static GatherReading of(List<Trace.Moment> moments) {
        Set<String> things = new LinkedHashSet<>();
        Set<String> tools = new LinkedHashSet<>();
        for (Trace.Moment moment : moments) {
            moment.before().things().forEach(thing -> things.add(thing.kind().words()));
            if (moment.act().step() instanceof Step.SetOut out) {
                things.add(out.thing().kind().words());
            }
            tools(moment.act().step()).stream().filter(tool -> tool != Tool.FINGERS).forEach(tool -> tools.add(tool.words()));
        }
        return new GatherReading(new ArrayList<>(things), new ArrayList<>(tools));
    }

    private static List<Tool> tools(Step step) {
        return switch (step) {
            case Step.Apply apply -> List.of(apply.tool());
            case Step.Press press -> List.of(press.tool());
            case Step.Load load -> List.of(Tool.FLAT_WEIGHT);
            case Step.Wet wet -> List.of(wet.tool());
            case Step.Abrade abrade -> List.of(abrade.tool());
            case Step.Infuse infuse -> List.of(infuse.tool());
            case Step.Dissolve dissolve -> List.of(Tool.TRAY);
            case Step.Heat heat -> List.of(Tool.HEAT_TOOL);
            case Step.Cut cut -> List.of(Tool.KNIFE);
            case Step.Blot blot -> List.of(Tool.SOFT_CLOTH);
            case Step.SetOut s -> s.thing().kind() == ThingKind.PLATE ? List.of(Tool.BRAYER) : List.of();
            case Step.Prepare s -> List.of();
            case Step.Mix s -> List.of();
            case Step.Join s -> List.of();
            case Step.Unload s -> List.of();
            case Step.Part s -> List.of();
            case Step.RubAway s -> List.of();
            case Step.Move s -> List.of();
            case Step.Outline s -> List.of();
            case Step.WashUp s -> List.of();
            case Step.Judge s -> List.of();
        };
    }
}
