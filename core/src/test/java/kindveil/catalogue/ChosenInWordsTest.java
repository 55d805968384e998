package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import kindveil.bench.Step;
import kindveil.bench.Tool;
import kindveil.way.Act;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Plan;
import kindveil.way.Schools;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

/** A step's words come from what the step does: the tool that presses or spreads and warm water stand at it, whatever was chosen, and no other tool does. */
class ChosenInWordsTest {
    private static String words(Act act) {
        return (act.title() + " " + act.how()).toLowerCase(Locale.ROOT);
    }

    private static String noun(Tool tool) {
        return switch (tool) {
            case FINGERS -> "finger";
            case CARD -> "card";
            case BAREN -> "baren";
            case BRAYER -> "brayer";
            case SPOON -> "spoon";
            case FOAM_ROLLER -> "roller";
            default -> "";
        };
    }

    @Test
    void everyOptionOfEveryWay_theToolAndTheWaterAreSaidAtTheStep() {
        List<String> silent = new ArrayList<>();
        int looked = 0;
        for (Way way : Catalogue.ways()) {
            Brief usual = Samples.usual(way);
            for (Choice choice : way.choices()) {
                for (Choice.Option option : choice.options()) {
                    for (Act act : Trace.of(way.expand(usual.with(choice.key(), option.key()))).plan().acts()) {
                        String said = words(act);
                        String told = "%s, %s %s, %s: %s".formatted(way.key(), choice.key(), option.key(), act.key(), said);
                        if (act.step() instanceof Step.Press press && !noun(press.tool()).isEmpty()) {
                            looked++;
                            if (!said.contains(noun(press.tool()))) {
                                silent.add(told);
                            }
                            if (said.contains("lightly") && said.contains("firmly")) {
                                silent.add("both lightly and firmly, " + told);
                            }
                        }
                        if (act.step() instanceof Step.Apply apply && apply.tool() == Tool.FOAM_ROLLER && !said.contains("roller")) {
                            silent.add(told);
                        }
                        if (act.step() instanceof Step.Wet wet && wet.warmth() != Step.Warmth.COOL && !said.contains("warm")) {
                            silent.add(told);
                        }
                    }
                }
            }
        }
        assertEquals(List.of(), silent.stream().distinct().toList());
        assertTrue(looked > 250, looked + " looked at");
    }

    /** Whatever is chosen is found at a step, in its words; in an amount or a wait; or in the picture. No two options of a choice read alike. */
    @Test
    void everyOptionOfEveryChoice_isFoundSomewhere() {
        List<String> silent = new ArrayList<>();
        int looked = 0;
        for (Way way : Catalogue.ways()) {
            for (Choice choice : way.choices()) {
                Brief usual = Stream.concat(Stream.of(Samples.usual(way).support()), way.card().supports().keySet().stream()).filter(choice::actsOn).findFirst()
                        .map(support -> Samples.usual(way).with(support)).orElse(null);
                if (usual == null) {
                    continue;
                }
                Map<String, String> found = new HashMap<>();
                for (Choice.Option option : choice.options()) {
                    looked++;
                    if (option.key().equals(Schools.BY_WISH)) {
                        // as many rounds as one of the others
                        continue;
                    }
                    Brief brief = usual.with(choice.key(), option.key());
                    String same = found.put(found(way, brief), option.key());
                    if (same != null) {
                        silent.add("%s on %s, %s: %s and %s".formatted(way.key(), brief.support().id(), choice.key(), same, option.key()));
                    }
                }
            }
        }
        assertEquals(List.of(), silent);
        assertTrue(looked > 350, looked + " looked at");
    }

    /** All that is read of a plan: titles, what to do, amounts, windows, the rounds that are expected; and whether the picture is turned into its negative. */
    private static String found(Way way, Brief brief) {
        Plan plan = way.expand(brief);
        List<String> read = new ArrayList<>(List.of("inverted " + Schools.INVERTED.equals(brief.settings().choices().get(Schools.TONES.key()))));
        for (Act act : plan.acts()) {
            read.add(words(act) + (act.step() instanceof Step.Apply apply ? apply.product().words() + Math.round(apply.wetMicrometres()) + apply.extent() + apply.colour() + apply.part() : "") + act.answers() + act.expected());
        }
        plan.windows().forEach(window -> read.add(window.toString()));
        plan.airings().forEach(airing -> read.add(airing.toString()));
        return String.join("\n", read);
    }

    /** One who chose the baren is not told to use fingers. */
    @Test
    void pressedByAnotherTool_noOtherIsNamed() {
        for (Way way : Catalogue.ways()) {
            for (Choice choice : way.choices()) {
                if (!choice.options().stream().map(Choice.Option::key).toList().contains("baren")) {
                    continue;
                }
                Brief baren = Samples.usual(way).with(choice.key(), "baren");
                Trace.of(way.expand(baren)).plan().acts().stream().filter(act -> act.step() instanceof Step.Press press && press.tool() == Tool.BAREN)
                        .forEach(act -> assertTrue(!words(act).contains("finger") && !words(act).contains("card"), way.key() + ": " + words(act)));
            }
        }
    }
}
