package kindveil.studio.page;

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

/** Bodies and layers that lie on each other where an act is done, from below upwards. */
public final class Pile {
    private Pile() {
    }

    /** One layer. @param broken whether it lies only under the darks */
    public record Slab(double height, String fill, boolean broken, String words) {
    }

    /** What lies at a face, as it is drawn. */
    public static List<Slab> of(Bench bench, Face face) {
        return pile(bench, face).stream().map(Pile::slab).filter(slab -> slab.height() > 0).toList();
    }

    /** The face whose pile an act changes. */
    public static Optional<Face> face(Step step) {
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

    /** The face an act is done at, whether or not its pile changes. */
    public static Optional<Face> touched(Step step) {
        return face(step).or(() -> Optional.ofNullable(switch (step) {
            case Step.Press s -> s.over();
            case Step.Prepare s -> new Face(s.thing(), Side.FRONT);
            case Step.Cut s -> new Face(s.thing(), Side.FRONT);
            case Step.Move s -> new Face(s.thing(), Side.FRONT);
            case Step.Outline s -> s.of();
            case Step.Load s -> s.over();
            case Step.Unload s -> s.over();
            case Step.Wet s -> s.face();
            case Step.Abrade s -> s.face();
            case Step.Heat s -> s.face();
            case Step.Blot s -> s.face();
            case Step.Judge s -> s.face();
            default -> null;
        }));
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

    private static Slab slab(Object part) {
        return switch (part) {
            case Support support -> new Slab(18, SupportHue.of(support), false, support.words());
            case ThingKind kind -> new Slab(16, kind == ThingKind.PLATE ? "#cfe3df" : kind == ThingKind.BLOCK ? "#d9b98f" : "#fbfaf6", false, kind.words());
            case Layer layer -> slab(layer);
            default -> throw new IllegalStateException("Impossible state: %s in a pile.".formatted(part));
        };
    }

    private static Slab slab(Layer layer) {
        boolean broken = layer.mask().part() != Part.ALL;
        return switch (layer) {
            case Undercolour ground -> new Slab(ground.ground() == kindveil.bench.Ground.RAW ? 0 : 4, "#c9b48a", false, "ground");
            case Coating coat when coat.product().is(Trait.TACKY) -> new Slab(2, "#e9d9a8", false, "adhesive");
            case Coating coat -> new Slab(Math.clamp(3 + coat.wetMicrometres() / 90, 3, 13), coat.colour() != null ? coat.colour().toString() : fill(coat.product()), broken, coat.product().words());
            case Image image -> new Slab(3, "#151515", true, "image");
            case Carrier sheet -> new Slab(sheet.sheet() == kindveil.bench.Sheet.TISSUE ? 3 : 9, sheet.sheet() == kindveil.bench.Sheet.COATED_FILM ? "#dfeaf0" : "#ffffff", false, sheet.sheet().words() + (sheet.damp() ? ", damp" : ""));
            case Receiver receiver -> new Slab(2, "#f3e3c3", false, "receiver coating");
            case Foil foil -> new Slab(3, "#d7e6ea", false, "tape");
            case Relief relief -> new Slab(4, "#b28b57", true, "relief");
            case Residue residue -> new Slab(2 + residue.gramsPerSquareMetre() / 3, residue.bare() ? "#ffffff" : "#dbe7e6", false, "fibre, " + residue.passes());
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
