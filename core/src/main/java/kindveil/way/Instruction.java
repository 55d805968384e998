package kindveil.way;

import java.util.List;
import java.util.Locale;
import kindveil.bench.Step;
import kindveil.bench.Tool;

/** How an act is done, in words, with what the step itself says and the way's sentence does not: the tool that was chosen, and water that is not cool. */
final class Instruction {
    private Instruction() {
    }

    static String of(Step step, String title, String how) {
        return switch (step) {
            case Step.Press press -> with(press.tool(), title, how);
            case Step.Apply apply when apply.tool().spreads() && apply.tool() != Tool.BRUSH -> with(apply.tool(), title, how);
            case Step.Wet wet -> (wet.tool() == Tool.SPRAY_BOTTLE ? how : with(wet.tool(), title, how)) + water(wet.warmth(), title + how);
            default -> how;
        };
    }

    private static String with(Tool tool, String title, String how) {
        String said = (title + " " + how).toLowerCase(Locale.ROOT);
        return nouns(tool).stream().anyMatch(said::contains) ? how : "With %s. %s".formatted(phrase(tool), how);
    }

    private static String water(Step.Warmth warmth, String said) {
        return switch (warmth) {
            case COOL -> "";
            case LUKEWARM -> said.toLowerCase(Locale.ROOT).contains("lukewarm") ? "" : " Lukewarm water.";
            case WARM -> said.toLowerCase(Locale.ROOT).contains(" warm") ? "" : " Warm water.";
        };
    }

    private static List<String> nouns(Tool tool) {
        return switch (tool) {
            case BRUSH -> List.of("brush");
            case SPREADER -> List.of("knife", "card", "palette");
            case BRAYER -> List.of("brayer");
            case FOAM_ROLLER -> List.of("roller");
            case FINGERS -> List.of("finger");
            case CARD -> List.of("card");
            case BAREN -> List.of("baren");
            case SPOON -> List.of("spoon");
            case SPONGE -> List.of("sponge");
            case WET_CLOTH, SOFT_CLOTH -> List.of("cloth");
            case TOOTHBRUSH -> List.of("toothbrush", "scrubber");
            case TRAY, HOT_TRAY -> List.of("tray", "water");
            default -> List.of(tool.words());
        };
    }

    private static String phrase(Tool tool) {
        return switch (tool) {
            case FINGERS -> tool.words();
            case SPOON -> "the " + tool.words();
            case CARD -> "the edge of a card";
            default -> "a " + tool.words();
        };
    }
}
