package kindveil.studio.page.way;

import kindveil.product.Trait;
import kindveil.product.Product;
import kindveil.product.Law;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.bench.Bond;
import kindveil.bench.Face;
import kindveil.bench.Face.Side;
import kindveil.bench.Layer;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Foil;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Receiver;
import kindveil.bench.Layer.Relief;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Layer.Undercolour;
import kindveil.bench.Mask.Part;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.Thing;
import kindveil.bench.ThingKind;
import kindveil.studio.page.SupportHue;
import kindveil.way.Trace;

/**
 * The section of a way growing act by act: the pile that each act touches, from below upwards, wherever it changed.
 *
 * @param stages in order
 */
public record Growth(List<Stage> stages) {
    /** Drawn over this width, px: few stages wide, many narrow. */
    private static final double ROOM = 1090;
    private static final double NARROWEST = 92;
    private static final double WIDEST = 176;
    private static final double GAP = 30;
    private static final double FOOT = 200;
    private static final double WORDS = 54;
    private static final double SCALE = 1.8;
    private static final int MOST = 12;

    /** One pile. @param title the act that made it so @param slabs from below upwards */
    public record Stage(String title, List<Slab> slabs) {
        public double top() {
            return slabs.getLast().y();
        }
    }

    /** One layer as it is drawn; {@code broken} where it lies only under the darks, {@code apart} where a thing ends. */
    public record Slab(double y, double height, String fill, boolean broken, String words) {
    }

    static Growth of(Trace trace) {
        List<Stage> stages = new ArrayList<>();
        List<String> before = List.of();
        for (Trace.Moment moment : trace.moments()) {
            Optional<Face> face = face(moment.act().step());
            if (face.isEmpty()) {
                continue;
            }
            List<Slab> slabs = drawn(pile(moment.after(), face.get()));
            List<String> words = slabs.stream().map(Slab::words).toList();
            if (slabs.size() > 1 && !words.equals(before)) {
                stages.add(new Stage(moment.act().title(), slabs));
                before = words;
            }
        }
        return new Growth(stages.size() <= MOST ? stages : thinned(stages));
    }

    /** The first, the last and as many between as there is room for. */
    private static List<Stage> thinned(List<Stage> stages) {
        List<Stage> fewer = new ArrayList<>();
        for (int i = 0; i < MOST; i++) {
            fewer.add(stages.get((int) Math.round(i * (stages.size() - 1.0) / (MOST - 1))));
        }
        return fewer;
    }

    /** From one stage to the next. */
    private double pitch() {
        return Math.floor(Math.clamp(ROOM / stages.size(), NARROWEST, WIDEST));
    }

    /** Where the tallest pile begins. */
    private double top() {
        return stages.stream().mapToDouble(Stage::top).min().orElse(FOOT) - 10;
    }

    public double across() {
        return stages.size() * pitch();
    }

    public double tall() {
        return FOOT + WORDS - top();
    }

    /** What of the drawing is shown. */
    public String box() {
        return "-5 %s %s %s".formatted(top(), across(), tall());
    }

    public String place(int stage) {
        return "translate(%s 0)".formatted(stage * pitch());
    }

    /** From the pile before. */
    public String arrow() {
        return "M-21 %sh12m-4-4l4 4-4 4".formatted(FOOT - 22);
    }

    public double wordsY() {
        return FOOT + 5;
    }

    public double wordsWidth() {
        return pitch() - 12;
    }

    /** A part of a slab's width. */
    public record Across(double x, double width, double stroke) {
    }

    /** All of the pile's width, or three parts of it where the slab lies only under the darks. */
    public List<Across> parts(Slab slab) {
        double width = pitch() - GAP;
        return slab.broken() ? List.of(new Across(width * 0.06, width * 0.24, 0.5), new Across(width * 0.4, width * 0.34, 0.5), new Across(width * 0.84, width * 0.1, 0.5)) : List.of(new Across(0, width, 0.8));
    }

    /** The face whose pile an act changes. */
    private static Optional<Face> face(Step step) {
        return Optional.ofNullable(switch (step) {
            case Step.Apply a -> a.onto();
            case Step.Join j -> j.onto();
            case Step.Part p -> p.split() == Step.Split.PULL ? new Face(p.away(), Side.FRONT) : p.from();
            case Step.RubAway r -> r.keeps();
            case Step.Infuse i -> i.face();
            case Step.Dissolve d -> d.what() == Step.Soluble.RECEIVER ? d.face() : Face.SKIN_FRONT;
            case Step.SetOut s -> s.thing().kind() == ThingKind.PRINT ? Face.PRINT_FRONT : null;
            case Step.Prepare s -> null;
            case Step.Mix s -> null;
            case Step.Press s -> null;
            case Step.Load s -> null;
            case Step.Unload s -> null;
            case Step.Wet s -> null;
            case Step.Abrade s -> null;
            case Step.Heat s -> null;
            case Step.Move s -> null;
            case Step.Cut s -> null;
            case Step.Outline s -> null;
            case Step.Blot s -> null;
            case Step.WashUp s -> null;
            case Step.Judge s -> null;
        });
    }

    /** Bodies and layers from below upwards. */
    private static List<Object> pile(Bench bench, Face face) {
        List<Object> pile = new ArrayList<>();
        Optional<Bond> bond = bench.bond(face.thing());
        if (bond.isEmpty()) {
            bench.thing(face.thing()).ifPresent(thing -> add(pile, thing, Side.BACK, bench));
            return pile;
        }
        bench.thing(bond.get().onto().thing()).ifPresent(thing -> add(pile, thing, other(bond.get().onto().side()), bench));
        bench.thing(bond.get().moving().thing()).ifPresent(thing -> add(pile, thing, bond.get().moving().side(), bench));
        return pile;
    }

    private static Side other(Side side) {
        return side == Side.FRONT ? Side.BACK : Side.FRONT;
    }

    /** A thing lying with {@code down} below. */
    private static void add(List<Object> pile, Thing thing, Side down, Bench bench) {
        pile.addAll(thing.layers(down).reversed());
        if (thing.kind() != ThingKind.SKIN && thing.kind() != ThingKind.TAPE && thing.kind() != ThingKind.PRINT) {
            pile.add(thing.kind() == ThingKind.SUPPORT ? bench.support().map(Undercolour::support).orElse(Support.DRAWING_PAPER) : thing.kind());
        }
        pile.addAll(thing.layers(other(down)));
    }

    private static List<Slab> drawn(List<Object> pile) {
        List<Slab> slabs = new ArrayList<>();
        double y = FOOT;
        for (Object part : pile) {
            Slab slab = slab(part);
            if (slab.height() > 0) {
                double height = Math.round(slab.height() * SCALE * 10) / 10.0;
                y -= height;
                slabs.add(new Slab(Math.round(y * 10) / 10.0, height, slab.fill(), slab.broken(), slab.words()));
            }
        }
        return slabs;
    }

    private static Slab slab(Object part) {
        return switch (part) {
            case Support support -> new Slab(0, 18, SupportHue.of(support), false, support.words());
            case ThingKind kind -> new Slab(0, 16, kind == ThingKind.PLATE ? "#cfe3df" : kind == ThingKind.BLOCK ? "#d9b98f" : "#fbfaf6", false, kind.words());
            case Layer layer -> slab(layer);
            default -> throw new IllegalStateException("Impossible state: %s in a pile.".formatted(part));
        };
    }

    private static Slab slab(Layer layer) {
        boolean broken = layer.mask().part() != Part.ALL;
        return switch (layer) {
            case Undercolour ground -> new Slab(0, ground.ground() == kindveil.bench.Ground.RAW ? 0 : 4, "#c9b48a", false, "ground");
            case Coating coat when coat.product().is(Trait.TACKY) -> new Slab(0, 2, "#e9d9a8", false, "adhesive");
            case Coating coat -> new Slab(0, Math.clamp(3 + coat.wetMicrometres() / 90, 3, 13), coat.colour() != null ? coat.colour().toString() : fill(coat.product()), broken, coat.product().words());
            case Image image -> new Slab(0, 3, "#151515", true, "image");
            case Carrier sheet -> new Slab(0, sheet.sheet() == kindveil.bench.Sheet.TISSUE ? 3 : 9, sheet.sheet() == kindveil.bench.Sheet.COATED_FILM ? "#dfeaf0" : "#ffffff", false, sheet.sheet().words() + (sheet.damp() ? ", damp" : ""));
            case Receiver receiver -> new Slab(0, 2, "#f3e3c3", false, "receiver coating");
            case Foil foil -> new Slab(0, 3, "#d7e6ea", false, "tape");
            case Relief relief -> new Slab(0, 4, "#b28b57", true, "relief");
            case Residue residue -> new Slab(0, 2 + residue.gramsPerSquareMetre() / 3, residue.bare() ? "#ffffff" : "#dbe7e6", false, "fibre, " + residue.passes());
        };
    }

    /** A clear coat by what it is like, since it has no colour of its own. */
    private static String fill(Product product) {
        if (product.is(Trait.OILY)) {
            return "#ead9a6";
        }
        if (product.releases()) {
            return "#d9e9f2";
        }
        if (product.is(Trait.FIXES) || product.law() instanceof Law.LosesSolvent) {
            return "#efe2c0";
        }
        return product.gloss() ? "#bfe0da" : "#dfe8e0";
    }
}
