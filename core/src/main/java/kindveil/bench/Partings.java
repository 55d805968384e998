package kindveil.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Receiver;
import kindveil.bench.Layer.Residue;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.light.Fibre;
import kindveil.light.Fibre.Filling;
import kindveil.product.Release;
import kindveil.product.Trait;

/** Who keeps which layer when two things part, per part of the picture and in which plane. */
final class Partings {
    private Partings() {
    }

    static Bench part(Bench bench, Step.Part step) {
        if (bench.bond(step.away()).isEmpty() || !bench.has(step.from().thing())) {
            return bench;
        }
        return switch (step.split()) {
            case PEEL -> peel(bench, step);
            case LIFT -> lift(bench, step);
            case PULL -> pull(bench, step);
            case GIVE -> give(bench, step);
        };
    }

    /** What lets a print go into a face: the solution under it, or one that came through its sheet from behind. */
    static Optional<Coating> releasing(Bench bench, Face from) {
        Release.Lets wanted = bench.layers(Face.PRINT_FRONT, Image.class).stream().map(image -> image.print().letsGo()).findFirst().orElse(Release.Lets.RECEIVED_INK);
        return Stream.of(from, Face.PRINT_FRONT, Face.PRINT_BACK).flatMap(face -> bench.topCoat(face).stream())
                .filter(coat -> coat.product().releases(wanted)).findFirst();
    }

    /** Ink, and what of the receiver was not dissolved, stays with the face; the sheet goes. */
    private static Bench peel(Bench bench, Step.Part step) {
        boolean dissolved = releasing(bench, step.from()).map(coat -> coat.product().release().dissolvesReceiver()).orElse(false);
        List<Layer> stays = turned(bench.layers(Face.PRINT_FRONT)).stream()
                .filter(layer -> !(layer instanceof Carrier) && !(dissolved && layer instanceof Receiver)).toList();
        return Dryings.uncovered(onto(bench.without(ThingKind.PRINT), step.from(), stays), step.from().thing());
    }

    /** Paint on the plate stays where toner lay on it; the lights take theirs along with the print. */
    private static Bench lift(Bench bench, Step.Part step) {
        List<Mask> darks = bench.pictures(Face.PRINT_FRONT);
        Bench parted = bench.without(ThingKind.PRINT);
        if (darks.isEmpty()) {
            return parted;
        }
        Mask stays = darks.getFirst().turned();
        return Moves.change(Dryings.uncovered(parted, step.from().thing()), step.from().thing(), plate -> plate.withLayers(step.from().side(), plate.layers(step.from().side()).stream()
                .map(layer -> layer instanceof Coating c && c.mask().part() == Mask.Part.ALL ? c.on(stays) : layer).toList()));
    }

    /** From a plate everything comes; from a block only what is wet on it. */
    private static Bench pull(Bench bench, Step.Part step) {
        boolean plate = step.from().thing() == ThingKind.PLATE;
        List<Layer> below = bench.layers(step.from());
        List<Layer> comes = below.stream().filter(layer -> plate || wetInk(bench, layer)).toList();
        Face catches = bench.bond(step.away()).map(bond -> bond.moving().thing() == step.away() ? bond.moving() : bond.onto()).orElseThrow();
        Bench parted = bench.with(bench.things(), bench.bonds().stream().filter(bond -> !bond.joins(step.away())).toList());
        Bench emptied = Moves.change(parted, step.from().thing(),
                thing -> thing.withLayers(step.from().side(), below.stream().filter(layer -> !comes.contains(layer)).toList()));
        return onto(emptied, catches, Dryings.takenAlong(bench, bench.thing(step.away()).orElseThrow(), turned(comes)));
    }

    private static boolean wetInk(Bench bench, Layer layer) {
        return layer instanceof Coating c && c.product().is(Trait.PRINTS) && c.open(bench.now(), Stage.OPEN);
    }

    /** What the print or block was inked with stays on the face; the print, with its toner, goes. */
    private static Bench give(Bench bench, Step.Part step) {
        List<Layer> ink = bench.layers(new Face(step.away(), Face.Side.FRONT)).stream().filter(layer -> wetInk(bench, layer)).toList();
        return onto(bench.without(step.away()), step.from(), turned(ink));
    }

    /** Fibre of the pass stays; on the first pass the image passes to the face that keeps it, or becomes a skin of its own. */
    static Bench rub(Bench bench, Step.RubAway step) {
        if (!bench.has(step.carrier())) {
            // a later round leaves as much less as it would of ordinary paper
            return Moves.change(bench, step.keeps().thing(), thing -> thing.mapped(layer -> layer instanceof Residue r && r.picture() == step.picture() && r.bare()
                    ? r.atMost(r.gramsPerSquareMetre() * Fibre.residue(step.pass()).value() / Fibre.residue(r.passes()).value(), step.pass()) : layer));
        }
        double left = Fibre.residue(step.pass()).value()
                * bench.layers(Face.PRINT_FRONT, Carrier.class).stream().mapToDouble(sheet -> sheet.sheet().residueShare(sheet.gramsPerSquareMetre())).findFirst().orElse(1);
        Residue residue = Residue.damp(left, step.pass(), step.picture(), bench.air(), bench.now());
        if (step.keeps().thing() == ThingKind.SKIN) {
            return skin(bench, step.carrier(), residue);
        }
        List<Layer> stays = new ArrayList<>(Dryings.freed(bench, turned(bench.layers(Face.PRINT_FRONT)), false).stream().filter(layer -> !(layer instanceof Carrier)).toList());
        stays.add(residue);
        return onto(Dryings.uncovered(bench.without(step.carrier()), step.keeps().thing()), step.keeps(), stays);
    }

    /** Coats on the face of a print that is rubbed away are a skin: its front the coats, its back the ink. */
    private static Bench skin(Bench bench, ThingKind print, Residue residue) {
        List<Layer> face = bench.layers(new Face(print, Face.Side.FRONT));
        List<Layer> back = new ArrayList<>(face.stream().filter(Image.class::isInstance).map(Layer::turned).toList());
        back.add(residue);
        return withSkin(bench.without(print), Dryings.freed(bench, face.stream().filter(Coating.class::isInstance).toList(), true), back);
    }

    private static Bench withSkin(Bench bench, List<Layer> front, List<Layer> back) {
        Bench cleared = bench.without(ThingKind.SKIN);
        List<Thing> things = new ArrayList<>(cleared.things());
        things.add(Thing.of(ThingKind.SKIN, front, back, Underlay.none()));
        return cleared.with(things, cleared.bonds());
    }

    static Bench dissolve(Bench bench, Step.Dissolve step) {
        return switch (step.what()) {
            case RECEIVER -> Moves.change(bench, step.face().thing(), thing -> thing.withLayers(step.face().side(),
                    thing.layers(step.face().side()).stream().filter(layer -> !(layer instanceof Receiver)).toList()));
            case SUBLIMED_DYE -> bench.has(ThingKind.PRINT)
                    ? withSkin(bench.without(ThingKind.PRINT), bench.layers(Face.PRINT_FRONT).stream().filter(Image.class::isInstance).toList(), List.of())
                    : bench;
        };
    }

    /** A face's layers as another face that lay on it receives them: the outermost first, each turned. */
    private static List<Layer> turned(List<Layer> layers) {
        return layers.reversed().stream().map(Layer::turned).toList();
    }

    private static Bench onto(Bench bench, Face face, List<Layer> layers) {
        return Moves.change(bench, face.thing(), thing -> thing.plus(face.side(), layers.toArray(Layer[]::new)));
    }
}
