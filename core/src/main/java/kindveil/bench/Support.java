package kindveil.bench;

import static kindveil.bench.Support.WetStrength.BEARS_MISTING;
import static kindveil.bench.Support.WetStrength.BEARS_RUBBING;
import static kindveil.bench.Support.WetStrength.TEARS;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kindveil.drying.Belief;
import kindveil.drying.Underlay;
import kindveil.light.Colour;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * What the image ends up on. The built-in ones are a table; one of the artist's own is another of the same, like one of them.
 * Capacities: paper and card store water and give it back, wood and canvas only drink it (figures assumed).
 *
 * @param id its lasting name
 * @param likeId the built-in one it is like, whose fits are its own where a way tells none of it; itself where there is none
 * @param weight g/m²
 * @param raw what it can take up of water where nothing seals it, g/m²
 * @param sealed likewise under a ground that seals
 * @param texture how far it softens what lies on it: σ of a Gaussian, mm; it adds to the way's own as squares do
 * @param uptake what the first wet coat gives away into its fibre, or through its meshes, before any lies on it, g/m²
 * @param stretch by how much it is longer wet than dry, %
 * @param heatLimit the warmest air it bears, °C
 * @param colour of it bare, or null where it is as its kind is
 * @param guessed what of it nobody has measured: it is the like one's, held to be twice as uncertain
 */
public record Support(String id, String words, String likeId, double weight, double raw, double sealed, double texture, double uptake, double stretch, WetStrength wetStrength,
        double heatLimit, @Nullable Colour colour, Set<Trait> traits, Set<Property> guessed) {
    /** Less than scales can tell, g/m²: it drinks nothing. */
    private static final double LEAST_UPTAKE = 0.1;
    public static final Support BIRCH_PANEL = builtIn("birch-panel", "birch-panel", "birch panel", 2700, 20, 5, 0.05, 15, 0.1, BEARS_RUBBING, 120, Trait.RIGID, Trait.WOOD);
    public static final Support WATERCOLOUR_PAPER = builtIn("watercolour-paper", "watercolour-paper", "heavy watercolour paper", 300, 100, 20, 0.25, 20, 1, BEARS_RUBBING, 120, Trait.SOAKS, Trait.PAPER);
    public static final Support JOURNAL_PAGE = builtIn("journal-page", "journal-page", "bound journal page", 160, 40, 5, 0.1, 12, 1.5, BEARS_RUBBING, 120, Trait.BOUND, Trait.PAPER);
    public static final Support DRAWING_PAPER = builtIn("drawing-paper", "drawing-paper", "smooth drawing paper", 160, 40, 5, 0.08, 15, 1.5, BEARS_RUBBING, 120, Trait.PAPER, Trait.SOAKS);
    public static final Support PRINTMAKING_PAPER = builtIn("printmaking-paper", "printmaking-paper", "hard-sized printmaking paper", 250, 80, 20, 0.08, 2, 1, BEARS_RUBBING, 120, Trait.PAPER, Trait.SOAKS, Trait.SIZED);
    public static final Support DARK_TISSUE = builtIn("dark-tissue", "dark-tissue", "tissue, often dark", 18, 15, 5, 0.05, 15, 2, TEARS, 40, Trait.LEAF);
    public static final Support CANVAS = builtIn("canvas", "canvas", "primed canvas", 400, 20, 5, 0.3, 10, 0.2, BEARS_RUBBING, 120, Trait.WOVEN);
    public static final Support COATED_BOARD = builtIn("coated-board", "coated-board", "clay-coated board", 1500, 10, 5, 0.05, 10, 0.2, BEARS_RUBBING, 120, Trait.RIGID);
    public static final Support FABRIC = builtIn("fabric", "fabric", "cotton fabric", 150, 60, 20, 0.3, 90, 2, BEARS_RUBBING, 120, Trait.WOVEN, Trait.SOAKS, Trait.SLACK);
    public static final Support GAUZE = builtIn("gauze", "gauze", "gauze", 40, 40, 15, 0.8, 60, 4, BEARS_RUBBING, 110, Trait.WOVEN, Trait.SOAKS, Trait.OPEN, Trait.SLACK);
    public static final Support MESH = builtIn("mesh", "mesh", "open mesh", 60, 5, 0, 0.8, 90, 0.5, BEARS_RUBBING, 100, Trait.WOVEN, Trait.OPEN, Trait.SLACK);
    public static final Support LEATHER = builtIn("leather", "leather", "leather, grain side", 900, 25, 5, 0.1, 40, 3, BEARS_RUBBING, 70, Trait.SLACK, Trait.CLINGS);
    public static final Support LEATHER_FLESH = builtIn("leather-flesh", "leather", "leather, flesh side", 900, 60, 15, 0.4, 90, 3, BEARS_RUBBING, 70, Trait.SLACK, Trait.CLINGS);
    public static final Support METAL = builtIn("metal", "metal", "sheet metal", 2700, 0, 0, 0.02, 0, 0, BEARS_RUBBING, 120, Trait.RIGID, Trait.CLOSED, Trait.METAL);
    public static final Support LINO_BLOCK = builtIn("lino-block", "lino-block", "lino or vinyl block", 4000, 5, 5, 0.02, 0, 0, BEARS_RUBBING, 60, Trait.RIGID, Trait.CLOSED, Trait.CARVES);
    public static final Support WOOD_BLOCK = builtIn("wood-block", "wood-block", "wood block", 8000, 15, 5, 0.05, 15, 0.1, BEARS_RUBBING, 120, Trait.RIGID, Trait.WOOD, Trait.CARVES);
    public static final Support FORM = builtIn("form", "form", "egg, shell or vase", 1000, 3, 3, 0.05, 0, 0, BEARS_RUBBING, 120, Trait.RIGID, Trait.CLOSED, Trait.CURVED);
    public static final Support COATED_MAGAZINE = builtIn("coated-magazine", "drawing-paper", "shiny magazine page", 90, 12, 5, 0.03, 3, 1.2, BEARS_MISTING, 120, Trait.PAPER);
    public static final Support NON_WOVEN = builtIn("non-woven", "fabric", "non-woven interfacing", 60, 30, 10, 0.15, 50, 0.2, BEARS_RUBBING, 100, Trait.SOAKS, Trait.SLACK);
    public static final Support CRINKLED_PAPER = builtIn("crinkled-paper", "drawing-paper", "crinkled wrapping paper", 70, 25, 10, 0.5, 12, 4, BEARS_MISTING, 110, Trait.PAPER);
    public static final Support METALLIC_PAPER = builtIn("metallic-paper", "coated-board", "foil-faced paper", 100, 3, 3, 0.03, 0, 0.5, BEARS_MISTING, 100, Trait.CLOSED);
    public static final Support SYNTHETIC_SHEET = builtIn("synthetic-sheet", "coated-board", "synthetic drawing sheet", 110, 0, 0, 0.03, 0, 0, BEARS_RUBBING, 70, Trait.CLOSED, Trait.PLASTIC);

    /** In the order in which they are offered. */
    private static final List<Support> TABLE = List.of(BIRCH_PANEL, WATERCOLOUR_PAPER, JOURNAL_PAGE, DRAWING_PAPER, PRINTMAKING_PAPER, DARK_TISSUE, CANVAS, COATED_BOARD, FABRIC, GAUZE, MESH,
            NON_WOVEN, LEATHER, LEATHER_FLESH, METAL, COATED_MAGAZINE, CRINKLED_PAPER, METALLIC_PAPER, SYNTHETIC_SHEET, LINO_BLOCK, WOOD_BLOCK, FORM);
    /** From so much on it goes askew unless it is held on all sides (assumed). */
    private static final double TO_BE_HELD = 2.5;
    private static final double MOST_UPTAKE = 400;
    private static final int LONGEST_NAME = 60;

    /** What a support is like. */
    public enum Trait {
        RIGID, WOOD, SOAKS, PAPER, BOUND, SIZED, LEAF, WOVEN, OPEN, CLOSED, METAL, CARVES, CURVED, SLACK, CLINGS,
        /** Glue and medium dry on it and peel off. */
        PLASTIC
    }

    /** What it bears once water has softened it. */
    public enum WetStrength {
        TEARS("tears as soon as it is wet"), BEARS_MISTING("bears misting, not rubbing"), BEARS_RUBBING("bears rubbing");

        private final String words;

        WetStrength(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What can be measured of a support of one's own, in the order of {@link Told}. */
    public enum Property {
        WEIGHT("its weight"), UPTAKE("what it drinks"), STRETCH("how far it stretches wet"), WET_STRENGTH("what it bears wet"), TEXTURE("its texture"), HEAT_LIMIT("how warm it may get");

        private final String words;

        Property(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Support {
        if (words.isBlank() || words.length() > LONGEST_NAME) {
            throw new UnusableValue("name", words.isBlank() ? "nothing" : words.length() + " signs", "1 to %d signs".formatted(LONGEST_NAME), "Call it what you would call it on the bench.");
        }
        UnusableValue.requireWithin("weight", weight, 5, 20_000, "g/m²", "Weigh a sheet of 10 by 10 cm and take a hundred times its grams.");
        UnusableValue.requireWithin("uptake", uptake, 0, MOST_UPTAKE, "g/m²", "Weigh a square of 10 by 10 cm dry, wet it, let it drip, weigh it again: a hundred times the difference.");
        UnusableValue.requireWithin("stretch", stretch, 0, 15, "%", "Mark 100 mm, wet it, measure again.");
        UnusableValue.requireWithin("texture", texture, 0, 2, "mm", "Half the width of its threads or grain.");
        UnusableValue.requireWithin("heat limit", heatLimit, 30, 200, "°C", "60 °C is what a heat tool brings at 20 to 25 cm.");
        traits = Set.copyOf(traits);
        guessed = Set.copyOf(guessed);
    }

    private static Support builtIn(String id, String likeId, String words, double weight, double raw, double sealed, double texture, double uptake, double stretch, WetStrength strength, double heatLimit, Trait... traits) {
        return new Support(id, words, likeId, weight, raw, sealed, texture, uptake, stretch, strength, heatLimit, null, Set.of(traits), Set.of());
    }

    /** The built-in ones, in the order in which they are offered. */
    public static List<Support> values() {
        return TABLE;
    }

    public static Optional<Support> find(String id) {
        return TABLE.stream().filter(support -> support.id.equals(id)).findFirst();
    }

    /**
     * One of the artist's own: what is not told is as the other has it. What it holds of water goes with its weight unless it is
     * told what it drinks; then it goes with that.
     */
    public Support own(String newId, String name, Told told) {
        double newWeight = told.weight() == null ? weight : told.weight();
        double newUptake = told.uptake() == null ? Math.min(MOST_UPTAKE, uptake * newWeight / weight) : told.uptake() < LEAST_UPTAKE ? 0 : told.uptake();
        double holds = told.uptake() == null ? newWeight / weight : uptake == 0 ? 1 : newUptake / uptake;
        double rawHeld = uptake == 0 && newUptake > 0 ? Math.max(raw, newUptake) : Math.min(MOST_UPTAKE, raw * holds);
        Set<Trait> kept = EnumSet.noneOf(Trait.class);
        kept.addAll(traits);
        if (newUptake > 0) {
            kept.remove(Trait.CLOSED);
        }
        return new Support(newId, name, own() ? likeId : id, newWeight, rawHeld, Math.min(sealed, rawHeld), told.texture() == null ? texture : told.texture(), newUptake,
                told.stretch() == null ? stretch : told.stretch(), told.wetStrength() == null ? wetStrength : told.wetStrength(), told.heatLimit() == null ? heatLimit : told.heatLimit(), told.colour(), kept, told.untold());
    }

    /** What the artist has measured of it; null where not. */
    public record Told(@Nullable Double weight, @Nullable Double uptake, @Nullable Double stretch, @Nullable WetStrength wetStrength, @Nullable Double texture, @Nullable Double heatLimit,
            @Nullable Colour colour) {
        public static final Told NOTHING = new Told(null, null, null, null, null, null, null);

        private Set<Property> untold() {
            @Nullable Object[] told = {weight, uptake, stretch, wetStrength, texture, heatLimit};
            return Arrays.stream(Property.values()).filter(property -> told[property.ordinal()] == null).collect(Collectors.toSet());
        }
    }

    /** What has been measured of it. */
    public Told told() {
        return new Told(unless(Property.WEIGHT, weight), unless(Property.UPTAKE, uptake), unless(Property.STRETCH, stretch), guessed.contains(Property.WET_STRENGTH) ? null : wetStrength,
                unless(Property.TEXTURE, texture), unless(Property.HEAT_LIMIT, heatLimit), colour);
    }

    private @Nullable Double unless(Property property, double value) {
        return guessed.contains(property) ? null : Double.valueOf(value);
    }

    /** Whether it is one of the artist's own. */
    public boolean own() {
        return find(id).isEmpty();
    }

    /** The built-in one it is like. */
    public Support like() {
        return find(likeId).orElseThrow();
    }

    public double textureMillimetres() {
        return texture;
    }

    /** What the first wet coat on it gives away into it, g/m²: nothing over a ground that seals. */
    public double drinks(Ground ground) {
        return ground.seals() ? 0 : uptake;
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /** Whether it stretches so far that it is held on all sides before it is wetted. */
    public boolean stretches() {
        return stretch >= TO_BE_HELD;
    }

    /** What is believed of how fast a coat on it dries: twice as uncertain where nobody knows what it drinks. */
    public Belief belief() {
        return guessed.contains(Property.UPTAKE) ? Belief.DOUBTED : Belief.UNLEARNED;
    }

    /** What of it is guessed, in words; empty where all is known. */
    public Optional<String> doubt() {
        return guessed.isEmpty() ? Optional.empty() : Optional.of("Not measured: %s. Taken from %s, and held to be twice as uncertain.".formatted(
                EnumSet.copyOf(guessed).stream().map(Property::words).collect(Collectors.joining(", ")), like().words()));
    }

    /** As it carries a coat under a ground. */
    public Underlay matter(Ground ground) {
        double capacity = ground.seals() ? sealed + ground.holds() : raw;
        if (!is(Trait.PAPER) && !is(Trait.LEAF) && !is(Trait.SOAKS)) {
            return Underlay.panel(capacity);
        }
        return is(Trait.BOUND) ? Underlay.card(capacity) : Underlay.paper(capacity);
    }
}
