package kindveil.studio.page.build;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
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
import kindveil.measure.Words;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Problems;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Paints;
import kindveil.studio.work.shelf.Supports;
import kindveil.way.Base;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Way;
import kindveil.way.Where;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;

/**
 * The words, numbers and colours of a build that can be changed, each where it acts.
 *
 * @param typed what was typed into its numbers and colours, by name
 */
public record BuildForm(List<Slot> slots, List<Number> numbers, List<Pot> pots, Map<String, String> typed) {
    /** How wide the image is printed. */
    static final String WIDTH = "width";
    private static final String CHOICE = "choice.";
    static final String DIAL = "dial.";
    private static final String COLOUR = "colour.";
    private static final String PAINT = "paint.";
    private static final String NO_PAINT = "";

    /** A choice. @param folded whether it is one few would touch, and nobody has */
    public record Slot(Choice choice, String name, String question, List<Pick> options, boolean folded) {
        /** Within the thread. */
        public String asked() {
            return question.toLowerCase(Locale.ROOT);
        }

        public String chosen() {
            return options.stream().filter(Pick::chosen).findFirst().map(Pick::words).orElse("");
        }
    }

    /**
     * A dial.
     *
     * @param hint what its usual value is, and what less and more of it do
     * @param range where it stands in what is possible
     * @param typed what was typed, empty where the usual stands
     */
    public record Number(String name, Where where, String words, String unit, String usual, String usually, String hint, Range range, String typed) {
        public String label() {
            return "%s in %s".formatted(words, unit);
        }
    }

    /** Ends of what is possible, and how far along it the usual range and the value stand, 0 to 100. */
    public record Range(String least, String most, double usualFrom, double usualTo, double at, String value) {
        private static final double FAR = 8;

        public double usualAcross() {
            return usualTo - usualFrom;
        }

        static Range of(Dial dial, double value, UnitSystem measure) {
            double each = Preset.unitsEach(dial.usual().unit(), measure);
            return new Range(end(dial.possibleLeast() / each), end(dial.possibleMost() / each), along(dial, dial.usual().least()), along(dial, dial.usual().most()), along(dial, value),
                    Figures.plain(value / each));
        }

        private static String end(double value) {
            return Figures.rounded(value, value < 1 ? 2 : value < 10 ? 1 : 0);
        }

        /** What spans far is drawn by its ratio. */
        private static double along(Dial dial, double value) {
            double least = dial.possibleLeast();
            double most = dial.possibleMost();
            double share = least > 0 && most / least > FAR ? Math.log(value / least) / Math.log(most / least) : most > least ? (value - least) / (most - least) : 0;
            return Math.round(1000 * Math.clamp(share, 0, 1)) / 10.0;
        }
    }

    /** A colour. @param paints of the shelf that could stand there, {@code paintName} what the choice is sent as; none where the shelf is empty */
    public record Pot(String name, Where where, String words, String colour, String paintName, List<Pick> paints) {
        /** Within the sentence. */
        public String said() {
            return words.toLowerCase(Locale.ROOT);
        }
    }

    /** What there is to choose, where its pots are not shown: the shelf need not be read for that. */
    static BuildForm of(Planned planned, UnitSystem measure) {
        return of(planned, List.of(), measure);
    }

    static BuildForm of(Planned planned, List<Paints.Mine> shelf, UnitSystem measure) {
        Map<String, String> typed = new TreeMap<>();
        planned.brief().settings().dials().forEach((key, value) -> dial(planned, key).ifPresent(dial -> typed.put(DIAL + key, shown(dial, value, measure))));
        return of(planned, shelf, typed, measure);
    }

    /** The colour of a pot, and the paints it could be. */
    private static Pot pot(kindveil.way.Pot pot, Planned planned, List<Paints.Mine> shelf) {
        String chosen = planned.piece().design().manner().paint(pot.key()).map(UUID::toString).orElse(NO_PAINT);
        List<Pick> paints = shelf.isEmpty() ? List.of() : Stream.concat(Stream.of(new Pick(NO_PAINT, "a colour, no paint", "", chosen.equals(NO_PAINT))),
                Pick.of(shelf, one -> one.id().toString(), Paints.Mine::name, one -> "", chosen).stream()).toList();
        return new Pot(COLOUR + pot.key(), pot.where(), pot.words(), planned.piece().design().theWay().coloured(planned.brief(), pot.key()).toString(), PAINT + pot.key(), paints);
    }

    private static Optional<Dial> dial(Planned planned, String key) {
        return planned.piece().design().theWay().dials(planned.brief()).stream().filter(dial -> dial.key().equals(key)).findFirst();
    }

    /** A dial's value in the artist's measure. */
    private static String shown(Dial dial, double value, UnitSystem measure) {
        return Figures.plain(value / Preset.unitsEach(dial.usual().unit(), measure));
    }

    static BuildForm of(Planned planned, List<Paints.Mine> shelf, Map<String, String> typed, UnitSystem measure) {
        Way way = planned.piece().design().theWay();
        Brief brief = planned.brief();
        return new BuildForm(way.choices().stream().filter(choice -> choice.actsOn(brief.support())).map(choice -> slot(choice, way.chosen(brief, choice.key()), measure)).toList(),
                way.dials(brief).stream().map(dial -> number(dial, way.dialled(brief, dial.key()), typed.getOrDefault(DIAL + dial.key(), ""), measure)).toList(),
                way.pots(brief).stream().map(pot -> pot(pot, planned, shelf)).toList(), Map.copyOf(typed));
    }

    private static Slot slot(Choice choice, Choice.Option chosen, UnitSystem measure) {
        return new Slot(choice, CHOICE + choice.key(), choice.question(), Pick.of(choice.options(), Choice.Option::key, o -> Spoken.in(measure, o.words()), o -> Spoken.in(measure, o.buys() + " · " + o.costs()), chosen.key()), choice.aside() && chosen.equals(choice.options().getFirst()));
    }

    private static Number number(Dial dial, double value, String typed, UnitSystem measure) {
        Preset usual = dial.usual().in(measure);
        return new Number(DIAL + dial.key(), dial.where(), dial.words(), usual.unit(), Figures.plain(usual.value()), usual.least() == usual.most() ? "usual %s".formatted(Figures.plain(usual.value())) : "usual %s–%s".formatted(Figures.plain(usual.least()), Figures.plain(usual.most())),
                "%s, %s; empty takes the usual. Less: %s More: %s".formatted(usual, dial.usual().provenance().word(), dial.below(), dial.above().isEmpty() ? "no harm." : dial.above()), Range.of(dial, value, measure), typed);
    }

    /** The choices that are met somewhere. */
    public List<Slot> slots(Where where) {
        return slots.stream().filter(slot -> slot.choice.where() == where).toList();
    }

    public List<Number> numbers(Where where) {
        return numbers.stream().filter(number -> number.where == where).toList();
    }

    public List<Pot> pots(Where where) {
        return pots.stream().filter(pot -> pot.where == where).toList();
    }

    /** Whether anything can be chosen somewhere. */
    public boolean asks(Where where) {
        return !slots(where).isEmpty() || !numbers(where).isEmpty() || !pots(where).isEmpty();
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
    static @Nullable Piece read(Piece piece, Planned planned, List<Support> supports, List<Paints.Mine> shelf, Map<String, String> all, UnitSystem measure, Problems problems) {
        Design now = piece.design();
        boolean first = piece.inHand() == 0;
        Support support = first ? problems.read(() -> Supports.find(supports, all.getOrDefault("support", ""))) : piece.base().support();
        Ground ground = first ? problems.choice(Ground.class, "Ground", all.get("ground")) : piece.base().ground();
        Colour colour = first ? problems.read(() -> Colour.parse("Ground colour", all.get("colour"))) : piece.groundColour();
        Wish wish = problems.choice(Wish.class, "Wish", all.get("wish"));
        PrintKind print = all.containsKey("print") ? problems.choice(PrintKind.class, "Print", all.get("print")) : now.print();
        Length width = width(piece, all, measure, problems);
        Map<String, Double> dials = dials(now.theWay(), planned.brief(), all, measure, problems);
        Map<String, Colour> colours = new HashMap<>(now.manner().colours());
        named(all, COLOUR).forEach((key, value) -> {
            Colour read = problems.read(() -> Colour.parse(key, value));
            if (read != null) {
                colours.put(key, read);
            }
        });
        Map<String, Optional<Paints.Mine>> paints = paints(piece, planned, shelf, all, problems);
        Way way = problems.read(() -> Catalogue.way(all.getOrDefault("way", now.way())));
        if (problems.any()) {
            return null;
        }
        Map<String, String> choices = new HashMap<>(now.choices());
        choices.putAll(choices(all));
        Colour bare = support.equals(piece.base().support()) || ground != Ground.RAW ? null : support.colour();
        return problems.read(() -> {
            Design design = now.withSize(width).withBuild(choices, dials, colours, wish, print);
            for (Map.Entry<String, Optional<Paints.Mine>> pot : paints.entrySet()) {
                Design before = design;
                design = pot.getValue().map(paint -> before.painted(pot.getKey(), paint.id(), paint.colour())).orElseGet(() -> before.unpainted(pot.getKey()));
            }
            return piece.with(piece.basis().on(new Base(support, ground)).of(bare == null ? colour : bare)).with(design).doing(way);
        });
    }

    /** What stands in each pot after this: another paint that was chosen, or none where its colour was changed by hand. */
    private static Map<String, Optional<Paints.Mine>> paints(Piece piece, Planned planned, List<Paints.Mine> shelf, Map<String, String> all, Problems problems) {
        Map<String, Optional<Paints.Mine>> paints = new TreeMap<>();
        named(all, PAINT).forEach((pot, sent) -> {
            String before = piece.design().manner().paint(pot).map(UUID::toString).orElse(NO_PAINT);
            String colour = all.getOrDefault(COLOUR + pot, "");
            boolean byHand = sent.equals(before) && planned.piece().design().theWay().card().pots().stream().anyMatch(one -> one.key().equals(pot))
                    && !colour.isEmpty() && !colour.equals(planned.piece().design().theWay().coloured(planned.brief(), pot).toString());
            if (sent.equals(NO_PAINT) || byHand) {
                paints.put(pot, Optional.empty());
            } else if (!sent.equals(before)) {
                Optional<Paints.Mine> chosen = shelf.stream().filter(one -> one.id().toString().equals(sent)).findFirst();
                if (chosen.isEmpty()) {
                    problems.add(new UnusableValue("Paint", Words.shown(sent, 40), "one of those on the shelf", "Choose one of them.").getMessage());
                }
                paints.put(pot, chosen);
            }
        });
        return paints;
    }

    /** How wide it is printed: as it was, unless another width was typed. */
    private static @Nullable Length width(Piece piece, Map<String, String> all, UnitSystem measure, Problems problems) {
        Length now = piece.design().printWidth();
        String text = all.getOrDefault(WIDTH, "").strip();
        return text.isEmpty() || text.equals(now.print(measure)) ? now : problems.read(() -> Length.parseSize("Print width", text, Image.NARROWEST, Image.WIDEST));
    }

    private static Map<String, Double> dials(Way way, Brief brief, Map<String, String> all, UnitSystem measure, Problems problems) {
        Map<String, Double> dials = new HashMap<>();
        for (Dial dial : way.dials(brief)) {
            String sent = all.get(DIAL + dial.key());
            String text = sent == null ? "" : sent.strip();
            Double now = brief.settings().dials().get(dial.key());
            if (now != null && (sent == null || text.equals(shown(dial, now, measure)))) {
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
