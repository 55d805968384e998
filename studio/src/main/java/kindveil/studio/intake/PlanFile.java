package kindveil.studio.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.shape.Region;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Window;
import kindveil.way.Wish;
import kindveil.bench.Hand;
import kindveil.light.Colour;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A plan as a file: JSON, format {@code kind-veil-plan}, version 1; see {@code docs/plan-format.md} and
 * {@code docs/plan.schema.json}. What is read is support, ground and veils; {@code acts} are written for whoever reads
 * the file elsewhere, are derived from the rest and are not read. Reading is strict: every unknown name, wrong type and
 * value out of range is told with its place, all of them at once.
 *
 * @param page in its full size; null where the leading image fills it
 * @param veils in the order they are made
 */
public record PlanFile(String title, Support support, Ground ground, Colour groundColour, @Nullable Sheet page, List<Veil> veils) {
    public static final String FORMAT = "kind-veil-plan";
    public static final int VERSION = 1;
    public static final int MOST_VEILS = 6;
    private static final int LARGEST_BYTES = 200_000;
    private static final int LONGEST_SHOWN = 60;
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Set<String> PLAN_FIELDS = Set.of("format", "version", "title", "support", "ownSupport", "ground", "groundColour", "page", "veils", "acts");
    private static final Map<String, Figure> OWN_FIGURES = Map.of("weight", new Figure(Support.Told::weight, 5, 20_000, "g/m²"), "uptake", new Figure(Support.Told::uptake, 0, 400, "g/m²"),
            "stretch", new Figure(Support.Told::stretch, 0, 15, "%"), "texture", new Figure(Support.Told::texture, 0, 2, "mm"), "heatLimit", new Figure(Support.Told::heatLimit, 30, 200, "°C"));
    private static final Set<String> OWN_FIELDS = Set.of("name", "weight", "uptake", "stretch", "wetStrength", "texture", "heatLimit", "colour");
    private static final Set<String> PAGE_FIELDS = Set.of("width", "height");
    private static final Set<String> VEIL_FIELDS = Set.of("way", "width", "right", "down", "print", "wish", "hand", "choices", "dials", "colours", "turn", "place");
    private static final Set<String> PLACE_FIELDS = Set.of("width", "height", "outline");

    /** One figure of a support of one's own. */
    private record Figure(Function<Support.Told, @Nullable Double> of, double least, double most, String unit) {
    }

    /** The page or panel. */
    public record Sheet(Length width, Length height) {
    }

    /** Where something without a picture is kept to. @param outline within its box, in widths of it; empty where it is all of the box */
    public record Place(Length width, Length height, Region outline) {
    }

    /**
     * One veil.
     *
     * @param width of its image; null where it brings none
     * @param right of the leading image's left edge, likewise down
     * @param turn of it about its middle, degrees to the right
     * @param place what it is kept to; null where it covers the page, or brings a picture
     */
    public record Veil(Way way, Length width, Length right, Length down, PrintKind print, Wish wish, Hand hand, Map<String, String> choices, Map<String, Double> dials,
            Map<String, Colour> colours, double turn, @Nullable Place place) {
    }

    // ---- writing

    /** With the acts of its trace, for reading elsewhere. */
    public String write(Trace trace) {
        Map<String, Object> plan = new java.util.LinkedHashMap<>();
        plan.put("format", FORMAT);
        plan.put("version", VERSION);
        plan.put("title", title);
        plan.put("support", support.like().id());
        if (support.own()) {
            plan.put("ownSupport", written(support));
        }
        plan.put("ground", Words.token(ground));
        plan.put("groundColour", groundColour.toString());
        if (page != null) {
            plan.put("page", Map.of("width", page.width.millimetres(), "height", page.height.millimetres()));
        }
        plan.put("veils", veils.stream().map(PlanFile::written).toList());
        plan.put("acts", trace.moments().stream().map(PlanFile::written).toList());
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(plan);
    }

    /** What has been measured of it; the rest is as the support it is like. */
    private static Map<String, Object> written(Support own) {
        Support.Told told = own.told();
        Map<String, Object> all = new java.util.LinkedHashMap<>();
        all.put("name", own.words());
        OWN_FIGURES.forEach((field, figure) -> Optional.ofNullable(figure.of().apply(told)).ifPresent(value -> all.put(field, value)));
        if (told.wetStrength() != null) {
            all.put("wetStrength", Words.token(told.wetStrength()));
        }
        if (told.colour() != null) {
            all.put("colour", told.colour().toString());
        }
        return all;
    }

    private static Map<String, Object> written(Veil veil) {
        Map<String, Object> all = new java.util.LinkedHashMap<>();
        all.put("way", veil.way.key());
        if (veil.width != null) {
            all.put("width", veil.width.millimetres());
            all.put("right", veil.right.millimetres());
            all.put("down", veil.down.millimetres());
            all.put("print", Words.token(veil.print));
            all.put("hand", Words.token(veil.hand));
        }
        if (veil.turn != 0) {
            all.put("turn", veil.turn);
        }
        if (veil.place != null) {
            all.put("right", veil.right.millimetres());
            all.put("down", veil.down.millimetres());
            Map<String, Object> place = new java.util.LinkedHashMap<>(Map.of("width", veil.place.width.millimetres(), "height", veil.place.height.millimetres()));
            if (!veil.place.outline.isEmpty()) {
                place.put("outline", veil.place.outline.toString());
            }
            all.put("place", place);
        }
        all.put("wish", Words.token(veil.wish));
        all.put("choices", new TreeMap<>(veil.choices));
        all.put("dials", new TreeMap<>(veil.dials));
        Map<String, String> colours = new TreeMap<>();
        veil.colours.forEach((key, colour) -> colours.put(key, colour.toString()));
        all.put("colours", colours);
        return all;
    }

    private static Map<String, Object> written(Trace.Moment moment) {
        Map<String, Object> act = new java.util.LinkedHashMap<>();
        act.put("key", moment.act().id().toString());
        act.put("title", moment.act().title());
        act.put("step", moment.act().step().getClass().getSimpleName().toLowerCase(Locale.ROOT));
        act.put("handsOn", moment.act().handsOn().toSeconds());
        act.put("waits", moment.waits().stream().map(wait -> {
            Map<String, Object> w = new java.util.LinkedHashMap<>();
            w.put("after", wait.window().from().toString());
            w.put("kind", switch (wait.window()) {
                case Window.Open open -> "open";
                case Window.Dwell dwell -> "dwell";
                case Window.Dry dry -> "dry";
                case Window.Soak soak -> "soak";
            });
            w.put("earliest", wait.times().never() ? null : wait.times().earliest().toSeconds());
            w.put("advised", wait.times().never() ? null : wait.times().advised().toSeconds());
            w.put("latest", wait.times().latest() == null ? null : wait.times().latest().toSeconds());
            return w;
        }).toList());
        return act;
    }

    // ---- reading

    /** Reads a plan; {@link Unreadable} tells everything that is wrong with it. */
    public static PlanFile read(byte[] bytes) {
        Reader reader = new Reader();
        PlanFile plan = reader.plan(parsed(bytes));
        if (!reader.problems.isEmpty()) {
            throw new Unreadable(reader.problems);
        }
        return plan;
    }

    /** A plan that cannot be read, with all that is wrong. */
    public static final class Unreadable extends RuntimeException {
        private final transient List<String> problems;

        Unreadable(List<String> problems) {
            super(String.join(" ", problems));
            this.problems = List.copyOf(problems);
        }

        public List<String> problems() {
            return problems;
        }
    }

    private static JsonNode parsed(byte[] bytes) {
        if (bytes.length == 0) {
            throw new Unreadable(List.of("The plan file is empty (0 bytes). Choose it again; it may not have been saved yet."));
        }
        if (bytes.length > LARGEST_BYTES) {
            throw new Unreadable(List.of("The plan file has %d bytes; a plan has at most %d. Is it another file?".formatted(bytes.length, LARGEST_BYTES)));
        }
        try {
            JsonNode node = JSON.readTree(bytes);
            if (node != null && node.isObject()) {
                return node;
            }
        } catch (JacksonException broken) {
            throw new Unreadable(List.of("The plan file is not JSON: something is wrong in line %d. Take it from Make again, or undo what was changed in it.".formatted(Math.max(1, broken.getLocation() == null ? 1 : broken.getLocation().getLineNr()))));
        }
        throw new Unreadable(List.of("The plan file holds no plan. Expected a JSON object with “format”: “%s”.".formatted(FORMAT)));
    }

    /** Walks the tree and keeps every problem. */
    private static final class Reader {
        private final List<String> problems = new ArrayList<>();

        PlanFile plan(JsonNode node) {
            if (!FORMAT.equals(node.path("format").asString(""))) {
                wrong("format", node.get("format"), "“" + FORMAT + "”");
            }
            JsonNode version = node.get("version");
            if (version == null || !version.isIntegralNumber() || version.asInt(0) != VERSION) {
                wrong("version", node.get("version"), String.valueOf(VERSION) + ", the only one there is");
            }
            known(node, PLAN_FIELDS, "");
            String title = text(node, "title", "");
            Support support = support(node);
            Ground ground = constant(Ground.class, node, "ground", "", null);
            Colour colour = colour(node.get("groundColour"), "groundColour");
            Sheet page = node.has("page") ? page(node.get("page")) : null;
            List<Veil> veils = new ArrayList<>();
            JsonNode list = node.get("veils");
            if (list == null || !list.isArray() || list.isEmpty()) {
                wrong("veils", list, "a list with at least one veil");
            } else if (list.size() > MOST_VEILS) {
                problems.add("veils: %d of them cannot be used. Expected at most %d. Make two pieces of it.".formatted(list.size(), MOST_VEILS));
            } else {
                for (int i = 0; i < list.size(); i++) {
                    veils.add(veil(list.get(i), "veils[" + i + "]."));
                }
            }
            return new PlanFile(title, support, ground, colour, page, veils);
        }

        private Support support(JsonNode node) {
            JsonNode value = node.get("support");
            Support like = Support.find(value == null ? "" : value.asString("")).orElse(null);
            if (like == null) {
                wrong("support", value, "one of " + Support.values().stream().map(Support::id).toList());
            }
            JsonNode own = node.get("ownSupport");
            return own == null || like == null ? like : own(own, like);
        }

        private Support own(JsonNode node, Support like) {
            known(node, OWN_FIELDS, "ownSupport.");
            String name = text(node, "name", "ownSupport.");
            Map<String, Double> figures = new HashMap<>();
            OWN_FIGURES.forEach((field, figure) -> {
                JsonNode value = node.get(field);
                double number = value == null || !value.isNumber() ? Double.NaN : value.asDouble(Double.NaN);
                if (value != null && !(number >= figure.least() && number <= figure.most())) {
                    wrong("ownSupport." + field, value, "%s to %s, in %s".formatted(Figures.plain(figure.least()), Figures.plain(figure.most()), figure.unit()));
                } else if (value != null) {
                    figures.put(field, number);
                }
            });
            Support.WetStrength strength = node.has("wetStrength") ? constant(Support.WetStrength.class, node, "wetStrength", "ownSupport.", null) : null;
            Colour colour = node.has("colour") ? colour(node.get("colour"), "ownSupport.colour") : null;
            Support.Told told = new Support.Told(figures.get("weight"), figures.get("uptake"), figures.get("stretch"), strength, figures.get("texture"), figures.get("heatLimit"), colour);
            try {
                return problems.isEmpty() ? like.own(UUID.randomUUID().toString(), name, told) : like;
            } catch (UnusableValue unusable) {
                problems.add("ownSupport: " + unusable.getMessage());
                return like;
            }
        }

        private @Nullable Sheet page(JsonNode node) {
            if (!node.isObject()) {
                wrong("page", node, "an object with width and height");
                return null;
            }
            known(node, PAGE_FIELDS, "page.");
            return new Sheet(length(node, "width", "page.", 20, 1500), length(node, "height", "page.", 20, 1500));
        }

        private Veil veil(JsonNode node, String at) {
            known(node, VEIL_FIELDS, at);
            Way way = Catalogue.ways().stream().filter(w -> w.key().equals(node.path("way").asString(""))).findFirst().orElse(null);
            if (way == null) {
                wrong(at + "way", node.get("way"), "one of " + Catalogue.ways().stream().map(Way::key).toList());
                return null;
            }
            boolean pictured = way.card().bringsPicture();
            Length width = pictured ? length(node, "width", at, 10, 400) : null;
            Length right = node.has("right") ? length(node, "right", at, -1500, 1500) : Length.ofMillimetres(0);
            Length down = node.has("down") ? length(node, "down", at, -1500, 1500) : Length.ofMillimetres(0);
            PrintKind print = constant(PrintKind.class, node, "print", at, way.card().usualPrint() == null ? PrintKind.GOOD_TONER : way.card().usualPrint());
            Wish wish = constant(Wish.class, node, "wish", at, Wish.CLEAN);
            Hand hand = constant(Hand.class, node, "hand", at, Hand.READS_RIGHT);
            Map<String, Colour> colours = new HashMap<>();
            entries(node.get("colours"), at + "colours").forEach((key, value) -> {
                if (way.card().pots().stream().noneMatch(pot -> pot.key().equals(key))) {
                    wrong(at + "colours." + key, value, "one of " + way.card().pots().stream().map(p -> p.key()).toList());
                } else {
                    colours.put(key, colour(value, at + "colours." + key));
                }
            });
            double turn = node.has("turn") ? turn(node.get("turn"), at + "turn") : 0;
            return new Veil(way, width, right, down, print, wish, hand, choices(way, node, at), dials(node, at), colours, turn, node.has("place") ? place(way, node.get("place"), at + "place") : null);
        }

        private double turn(JsonNode value, String at) {
            double degrees = value.isNumber() ? value.asDouble(Double.NaN) : Double.NaN;
            if (!(degrees >= -180 && degrees <= 180)) {
                wrong(at, value, "-180 to 180, in degrees to the right");
                return 0;
            }
            return degrees;
        }

        private @Nullable Place place(Way way, JsonNode node, String at) {
            if (!node.isObject() || way.card().bringsPicture()) {
                wrong(at, node, way.card().bringsPicture() ? "nothing: a picture is as large as its width says" : "an object with width, height and perhaps an outline");
                return null;
            }
            known(node, PLACE_FIELDS, at + ".");
            Region outline = Region.EMPTY;
            try {
                outline = Region.parse(node.path("outline").asString(""));
            } catch (UnusableValue unusable) {
                wrong(at + ".outline", node.get("outline"), unusable.getMessage());
            }
            return new Place(length(node, "width", at + ".", 3, 1500), length(node, "height", at + ".", 3, 1500), outline);
        }

        private Map<String, String> choices(Way way, JsonNode node, String at) {
            Map<String, String> choices = new HashMap<>();
            entries(node.get("choices"), at + "choices").forEach((key, value) -> {
                var choice = way.choices().stream().filter(c -> c.key().equals(key)).findFirst();
                if (choice.isEmpty()) {
                    wrong(at + "choices." + key, value, "a choice of this way: " + way.choices().stream().map(c -> c.key()).toList());
                } else if (choice.get().options().stream().noneMatch(o -> o.key().equals(value.asString("")))) {
                    wrong(at + "choices." + key, value, "one of " + choice.get().options().stream().map(o -> o.key()).toList());
                } else {
                    choices.put(key, value.asString());
                }
            });
            return choices;
        }

        private Map<String, Double> dials(JsonNode node, String at) {
            Map<String, Double> dials = new HashMap<>();
            entries(node.get("dials"), at + "dials").forEach((key, value) -> {
                double number = value.isNumber() ? value.asDouble(Double.NaN) : Double.NaN;
                if (Double.isFinite(number)) {
                    dials.put(key, number);
                } else {
                    wrong(at + "dials." + key, value, "a number");
                }
            });
            return dials;
        }

        private Map<String, JsonNode> entries(JsonNode node, String at) {
            Map<String, JsonNode> entries = new TreeMap<>();
            if (node == null) {
                return entries;
            }
            if (!node.isObject()) {
                wrong(at, node, "an object of names and values");
                return entries;
            }
            node.properties().forEach(e -> entries.put(e.getKey(), e.getValue()));
            return entries;
        }

        private void known(JsonNode node, Set<String> fields, String at) {
            if (!node.isObject()) {
                wrong(at, node, "an object");
                return;
            }
            node.propertyNames().forEach(name -> {
                if (!fields.contains(name)) {
                    problems.add("%s%s is not known here. Expected only %s.".formatted(at, name, new TreeSet<>(fields)));
                }
            });
        }

        private String text(JsonNode node, String field, String at) {
            JsonNode value = node.get(field);
            if (value == null || !value.isString() || value.asString().isBlank() || value.asString().length() > 120) {
                wrong(at + field, value, "1 to 120 signs");
                return "";
            }
            return value.asString();
        }

        private Length length(JsonNode node, String field, String at, double least, double most) {
            JsonNode value = node.get(field);
            double millimetres = value == null || !value.isNumber() ? Double.NaN : value.asDouble(Double.NaN);
            if (!(millimetres >= least && millimetres <= most)) {
                wrong(at + field, value, "%.0f to %.0f, in millimetres".formatted(least, most));
                return Length.ofMillimetres(least > 0 ? least : 0);
            }
            return Length.ofMillimetres(millimetres);
        }

        private <E extends Enum<E>> E constant(Class<E> type, JsonNode node, String field, String at, E otherwise) {
            JsonNode value = node.get(field);
            if (value == null && otherwise != null) {
                return otherwise;
            }
            for (E constant : type.getEnumConstants()) {
                if (value != null && Words.token(constant).equals(value.asString(""))) {
                    return constant;
                }
            }
            wrong(at + field, value, "one of " + Arrays.stream(type.getEnumConstants()).map(Words::token).toList());
            return otherwise;
        }

        private Colour colour(JsonNode value, String at) {
            try {
                return Colour.parse(at, value == null ? "" : value.asString(""));
            } catch (UnusableValue unusable) {
                problems.add(unusable.getMessage());
                return Colour.grey(0.5);
            }
        }

        private void wrong(String at, @Nullable JsonNode value, String expected) {
            problems.add("%s: %s cannot be used. Expected %s.".formatted(at, value == null ? "nothing" : "“" + Words.shown(value.isString() ? value.asString() : value.toString(), LONGEST_SHOWN) + "”", expected));
        }
    }
}
