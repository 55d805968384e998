package kindveil.reading;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import kindveil.bench.Sheet;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.measure.Length;
import kindveil.sheet.TapeStrips;
import kindveil.way.Brief;
import kindveil.way.Trace;

/**
 * What a way takes off the shelf that is not poured.
 *
 * @param sheet its print is printed on, or empty where none is laid out or it is cut from a page
 * @param tape its strips, where tape is cut
 * @param plate whether a gel plate as large as its picture is wanted; {@code tray} and {@code weight} likewise
 * @param tools in the order they are taken up, without hands
 */
public record ThingReading(Optional<Sheet> sheet, Optional<TapeStrips> tape, boolean plate, boolean tray, boolean weight, Set<String> tools) {
    private static final Set<Tool> TRAYS = EnumSet.of(Tool.TRAY, Tool.HOT_TRAY);
    private static final Set<Sheet> FOUND = EnumSet.of(Sheet.MAGAZINE, Sheet.COATED_MAGAZINE);

    public ThingReading {
        tools = new LinkedHashSet<>(tools);
    }

    public static ThingReading of(Trace trace, Brief brief) {
        List<Step> steps = trace.moments().stream().map(moment -> moment.act().step()).toList();
        boolean printed = steps.stream().anyMatch(step -> step instanceof Step.SetOut out && out.thing().kind() == ThingKind.PRINT);
        Sheet sheet = brief.print().sheet();
        boolean plate = trace.moments().stream().anyMatch(moment -> moment.before().has(ThingKind.PLATE) || moment.act().step() instanceof Step.SetOut out && out.thing().kind() == ThingKind.PLATE);
        return new ThingReading(printed && !FOUND.contains(sheet) ? Optional.of(sheet) : Optional.empty(), TapeReading.of(trace, brief.width(), brief.height()), plate, steps.stream().anyMatch(ThingReading::trayed),
                steps.stream().anyMatch(Step.Load.class::isInstance), new LinkedHashSet<>(GatherReading.of(trace.moments()).tools()));
    }

    private static boolean trayed(Step step) {
        return step instanceof Step.Dissolve || step instanceof Step.Wet wet && TRAYS.contains(wet.tool()) || step instanceof Step.Mix mix && mix.mixture().gives() == null;
    }

    /** How large a tray has to be for something. */
    public static Length trayed(Length side) {
        return side.plus(AmountReading.beside()).plus(AmountReading.beside());
    }
}
