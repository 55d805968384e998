package kindveil.reading;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import kindveil.bench.Step;

/** What hands do, in a word: for a knot on a line. */
public enum ShortWord {
    SET_OUT("set out", 0), READY("ready", 1), LOOK("look", 1), MOVE("move", 1), WASH("wash up", 0), MIX("mix", 3), CUT("cut", 4), TRACE("trace", 5), WET("wet", 4), PRESS("press", 2), WEIGH("weigh down", 3),
    BLOT("blot", 2), SAND("sand", 5), COAT("coat", 6), OIL("oil", 6), RINSE("rinse", 6), HEAT("heat", 6), SOAK("soak", 7), LAY("lay", 8), PART("lift", 8), RUB("rub", 9);

    private static final int MOST = 2;
    private final String words;
    private final int weight;

    ShortWord(String words, int weight) {
        this.words = words;
        this.weight = weight;
    }

    /** The weightiest of several, in their order. */
    public static String of(List<Step> steps) {
        List<ShortWord> all = steps.stream().map(ShortWord::of).distinct().toList();
        List<ShortWord> kept = all.stream().sorted(Comparator.comparingInt((ShortWord word) -> word.weight).reversed()).limit(MOST).toList();
        int most = kept.stream().mapToInt(word -> word.weight).max().orElse(0);
        return all.stream().filter(kept::contains).filter(word -> word.weight * 2 > most).map(word -> word.words).collect(Collectors.joining(", "));
    }

    private static ShortWord of(Step step) {
        return switch (step) {
            case Step.SetOut s -> SET_OUT;
            case Step.Prepare s -> READY;
            case Step.Mix s -> MIX;
            case Step.Apply s -> COAT;
            case Step.Join s -> LAY;
            case Step.Press s -> PRESS;
            case Step.Load s -> WEIGH;
            case Step.Unload s -> MOVE;
            case Step.Part s -> PART;
            case Step.RubAway s -> RUB;
            case Step.Wet s -> s.bath().immerses() ? SOAK : WET;
            case Step.Abrade s -> SAND;
            case Step.Infuse s -> OIL;
            case Step.Dissolve s -> RINSE;
            case Step.Heat s -> HEAT;
            case Step.Move s -> MOVE;
            case Step.Cut s -> CUT;
            case Step.Outline s -> TRACE;
            case Step.Blot s -> BLOT;
            case Step.WashUp s -> WASH;
            case Step.Judge s -> LOOK;
        };
    }
}
