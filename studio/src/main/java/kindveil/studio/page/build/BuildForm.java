package kindveil.studio.page.build;

import kindveil.measure.Words;
import kindveil.way.Base;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Figures;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Problems;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;

/**
 * The build as a sentence of words, numbers and colours that can be changed.
 *
 * @param typed what was typed into its numbers and colours, by name
 */
public record BuildForm(List<Slot> slots, List<Number> numbers, List<Pot> pots, Map<String, String> typed) {
    private static final String CHOICE = "choice.";
    private static final String DIAL = "dial.";
    private static final String COLOUR = "colour.";

    /** A choice as a word in the sentence. */
    public record Slot(String name, String question, List<Pick> options) {
        /** Within the sentence. */
        public String asked() {
            return question.toLowerCase(Locale.ROOT);
        }
    }

    /** A dial as a number in the sentence. */
    public record Number(String name, String words, String unit, String usual, String hint) {
    }

    /** A colour. */
    public record Pot(String name, String words, String colour) {
        /** Within the sentence. */
        public String said() {
            return words.toLowerCase(Locale.ROOT);
        }
    }

    static BuildForm of(Planned planned) {
        Map<String, String> typed = new TreeMap<>();
        planned.brief().settings().dials().forEach((key, value) -> typed.put(DIAL + key, Figures.plain(value)));
        return of(planned, typed);
    }

    static BuildForm of(Planned planned, Map<String, String> typed) {
        Way way = planned.piece().design().theWay();
        Brief brief = planned.brief();
        return new BuildForm(way.choices().stream().map(choice -> slot(choice, way.chosen(brief, choice.key()))).toList(),
                way.dials(brief).stream().map(BuildForm::number).toList(),
                way.card().pots().stream().map(pot -> new Pot(COLOUR + pot.key(), pot.words(), way.coloured(brief, pot.key()).toString())).toList(), Map.copyOf(typed));
    }

    private static Slot slot(Choice choice, Choice.Option chosen) {
        return new Slot(CHOICE + choice.key(), choice.question(), Pick.of(choice.options(), Choice.Option::key, Choice.Option::words, o -> o.buys() + " · " + o.costs(), chosen.key()));
    }

    private static Number number(Dial dial) {
        return new Number(DIAL + dial.key(), dial.words(), dial.usual().unit(), Figures.plain(dial.usual().value()),
                "%s, %s; empty takes the usual. Less: %s More: %s".formatted(dial.usual(), dial.usual().provenance().word(), dial.below(), dial.above().isEmpty() ? "no harm." : dial.above()));
    }

    public String typedNumber(String name) {
        return typed.getOrDefault(name, "");
    }

    public static Map<String, String> choices(Map<String, String> all) {
        Map<String, String> choices = new HashMap<>();
        named(all, CHOICE).forEach(choices::put);
        return choices;
    }

    private static Map<String, String> named(Map<String, String> all, String prefix) {
        Map<String, String> found = new TreeMap<>();
        all.forEach((key, value) -> {
            if (key.startsWith(prefix)) {
                found.put(key.substring(prefix.length()), value);
            }
        });
        return found;
    }

    /** The piece a filled-in sentence asks for, or null with what is wrong in {@code problems}. */
    static @Nullable Piece read(Piece piece, Planned planned, Map<String, String> all, Problems problems) {
        Design now = piece.design();
        boolean first = piece.inHand() == 0;
        Support support = first ? problems.choice(Support.class, "Support", all.get("support")) : piece.base().support();
        Ground ground = first ? problems.choice(Ground.class, "Ground", all.get("ground")) : piece.base().ground();
        Colour colour = first ? problems.read(() -> Colour.parse("Ground colour", all.get("colour"))) : piece.groundColour();
        Wish wish = problems.choice(Wish.class, "Wish", all.get("wish"));
        PrintKind print = all.containsKey("print") ? problems.choice(PrintKind.class, "Print", all.get("print")) : now.print();
        Map<String, Double> dials = dials(now.theWay(), planned.brief(), all, problems);
        Map<String, Colour> colours = new HashMap<>(now.manner().colours());
        named(all, COLOUR).forEach((key, value) -> {
            Colour read = problems.read(() -> Colour.parse(key, value));
            if (read != null) {
                colours.put(key, read);
            }
        });
        Way way = problems.read(() -> Catalogue.way(all.getOrDefault("way", now.way())));
        if (problems.any()) {
            return null;
        }
        Map<String, String> choices = new HashMap<>(now.choices());
        choices.putAll(choices(all));
        return problems.read(() -> piece.with(piece.basis().on(new Base(support, ground)).of(colour)).with(now.withBuild(choices, dials, colours, wish, print)).doing(way));
    }

    private static Map<String, Double> dials(Way way, Brief brief, Map<String, String> all, Problems problems) {
        Map<String, Double> dials = new HashMap<>();
        for (Dial dial : way.dials(brief)) {
            String text = all.getOrDefault(DIAL + dial.key(), "").strip();
            if (!text.isEmpty()) {
                String plain = text.endsWith(dial.usual().unit()) ? text.substring(0, text.length() - dial.usual().unit().length()).strip() : text;
                Double value = problems.number(Words.capital(dial.words()), plain, dial.possibleLeast(), dial.possibleMost(), dial.usual().unit(),
                        dial.below() + " Leave it empty for the usual " + dial.usual() + ".");
                if (value != null) {
                    dials.put(dial.key(), value);
                }
            }
        }
        return dials;
    }
}
