package kindveil.studio.page.build;

import kindveil.measure.Words;
import kindveil.way.Base;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Preset;
import kindveil.measure.Spoken;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Problems;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Supports;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Rubbing;
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

    /** A choice as a word in the sentence. @param folded whether it is one few would touch, and nobody has */
    public record Slot(String name, String question, List<Pick> options, boolean folded) {
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

    static BuildForm of(Planned planned, UnitSystem measure) {
        Map<String, String> typed = new TreeMap<>();
        planned.brief().settings().dials().forEach((key, value) -> dial(planned, key).ifPresent(dial -> typed.put(DIAL + key, shown(dial, value, measure))));
        return of(planned, typed, measure);
    }

    private static Optional<Dial> dial(Planned planned, String key) {
        return planned.piece().design().theWay().dials(planned.brief()).stream().filter(dial -> dial.key().equals(key)).findFirst();
    }

    /** A dial's value in the artist's measure. */
    private static String shown(Dial dial, double value, UnitSystem measure) {
        return Figures.plain(value / Preset.unitsEach(dial.usual().unit(), measure));
    }

    static BuildForm of(Planned planned, Map<String, String> typed, UnitSystem measure) {
        Way way = planned.piece().design().theWay();
        Brief brief = planned.brief();
        return new BuildForm(way.choices().stream().filter(choice -> choice.actsOn(brief.support())).map(choice -> slot(choice, way.chosen(brief, choice.key()), measure)).toList(),
                way.dials(brief).stream().map(dial -> number(dial, measure)).toList(),
                way.pots(brief).stream().map(pot -> new Pot(COLOUR + pot.key(), pot.words(), way.coloured(brief, pot.key()).toString())).toList(), Map.copyOf(typed));
    }

    private static Slot slot(Choice choice, Choice.Option chosen, UnitSystem measure) {
        return new Slot(CHOICE + choice.key(), choice.question(), Pick.of(choice.options(), Choice.Option::key, o -> Spoken.in(measure, o.words()), o -> Spoken.in(measure, o.buys() + " · " + o.costs()), chosen.key()), choice.aside() && chosen.equals(choice.options().getFirst()));
    }

    private static Number number(Dial dial, UnitSystem measure) {
        Preset usual = dial.usual().in(measure);
        return new Number(DIAL + dial.key(), dial.words(), usual.unit(), Figures.plain(usual.value()),
                "%s, %s; empty takes the usual. Less: %s More: %s".formatted(usual, dial.usual().provenance().word(), dial.below(), dial.above().isEmpty() ? "no harm." : dial.above()));
    }

    /** The choices that stand in the sentence itself. */
    public List<Slot> said() {
        return slots.stream().filter(slot -> !slot.folded).toList();
    }

    /** Those few would touch, until they are touched. */
    public List<Slot> folded() {
        return slots.stream().filter(Slot::folded).toList();
    }

    /** The numbers that stand in the sentence itself. */
    public List<Number> shown() {
        return numbers.stream().filter(number -> !folded(number)).toList();
    }

    /** Those few would touch, until they are touched. */
    public List<Number> aside() {
        return numbers.stream().filter(this::folded).toList();
    }

    private boolean folded(Number number) {
        return number.name.equals(DIAL + Rubbing.PAPER) && typedNumber(number.name).isEmpty();
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
    static @Nullable Piece read(Piece piece, Planned planned, List<Support> supports, Map<String, String> all, UnitSystem measure, Problems problems) {
        Design now = piece.design();
        boolean first = piece.inHand() == 0;
        Support support = first ? problems.read(() -> Supports.find(supports, all.getOrDefault("support", ""))) : piece.base().support();
        Ground ground = first ? problems.choice(Ground.class, "Ground", all.get("ground")) : piece.base().ground();
        Colour colour = first ? problems.read(() -> Colour.parse("Ground colour", all.get("colour"))) : piece.groundColour();
        Wish wish = problems.choice(Wish.class, "Wish", all.get("wish"));
        PrintKind print = all.containsKey("print") ? problems.choice(PrintKind.class, "Print", all.get("print")) : now.print();
        Map<String, Double> dials = dials(now.theWay(), planned.brief(), all, measure, problems);
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
        Colour bare = support.equals(piece.base().support()) || ground != Ground.RAW ? null : support.colour();
        return problems.read(() -> piece.with(piece.basis().on(new Base(support, ground)).of(bare == null ? colour : bare)).with(now.withBuild(choices, dials, colours, wish, print)).doing(way));
    }

    private static Map<String, Double> dials(Way way, Brief brief, Map<String, String> all, UnitSystem measure, Problems problems) {
        Map<String, Double> dials = new HashMap<>();
        for (Dial dial : way.dials(brief)) {
            String text = all.getOrDefault(DIAL + dial.key(), "").strip();
            Double now = brief.settings().dials().get(dial.key());
            if (now != null && text.equals(shown(dial, now, measure))) {
                dials.put(dial.key(), now);
            } else if (!text.isEmpty()) {
                Double value = value(dial, text, measure, problems);
                if (value != null) {
                    dials.put(dial.key(), value);
                }
            }
        }
        return dials;
    }

    /** A number in the artist's measure, or in another that is written after it. */
    private static @Nullable Double value(Dial dial, String text, UnitSystem measure, Problems problems) {
        Preset usual = dial.usual().in(measure);
        double each = Preset.unitsEach(dial.usual().unit(), measure);
        String advice = dial.below() + " Leave it empty for the usual " + usual + ".";
        String plain = text.endsWith(usual.unit()) ? text.substring(0, text.length() - usual.unit().length()).strip() : text;
        double millimetres = Preset.millimetresEach(dial.usual().unit());
        if (millimetres > 0 && plain.matches(".*\\p{L}\\.?")) {
            Length length = problems.read(() -> Length.parse(Words.capital(dial.words()), plain));
            return length == null ? null : problems.read(() -> UnusableValue.requireWithin(Words.capital(dial.words()), length.millimetres() / millimetres, dial.possibleLeast(), dial.possibleMost(), dial.usual().unit(), advice));
        }
        Double value = problems.number(Words.capital(dial.words()), plain, dial.possibleLeast() / each, dial.possibleMost() / each, usual.unit(), advice);
        return value == null ? null : Double.valueOf(Math.clamp(value * each, dial.possibleLeast(), dial.possibleMost()));
    }
}
