package kindveil.way;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import kindveil.drying.Coat;
import kindveil.drying.Cover;
import kindveil.light.Fibre;
import kindveil.light.Fibre.Filling;
import kindveil.way.Layer.Carrier;
import kindveil.way.Layer.Coating;
import kindveil.way.Layer.Image;
import kindveil.way.Layer.Residue;
import kindveil.way.Layer.Undercolour;

/** What each step does to the bench, whether it was wise or not. */
final class Moves {
    /** Water taken up by the print when it lies dry on a bed, g/m² (assumed). */
    static final double COPY_PAPER_CAPACITY = 15;
    private static final double CLOSED_CAPACITY = 5;

    private Moves() {
    }

    static Bench take(Bench bench, Step step) {
        return switch (step) {
            case Step.Prepare prepare -> bench;
            case Step.Judge judge -> bench;
            case Step.WashUp washUp -> bench;
            case Step.Press press -> bench;
            case Step.Abrade abrade -> bench;
            case Step.Apply apply -> apply(bench, apply);
            case Step.Join join -> join(bench, join);
            case Step.Load load -> loaded(bench, load.over(), true);
            case Step.Unload unload -> loaded(bench, unload.over(), false);
            case Step.Wet wet -> wet(bench, wet.face());
            case Step.RubAway rub -> rub(bench, rub);
            case Step.Infuse infuse -> fill(bench, infuse.face(), Filling.OIL,
                    new Coating(infuse.agent(), 0, null));
        };
    }

    private static Bench apply(Bench bench, Step.Apply step) {
        Coat coat = new Coat(step.wetMicrometres(), step.material().volatileShare(),
                capacityLeft(bench, step.onto()), Cover.NONE);
        Coating coating = new Coating(step.material(), step.wetMicrometres(),
                Wetness.fresh(coat, bench.room(), bench.now()));
        return fill(bench, step.onto(), Filling.ACRYLIC, coating);
    }

    /** A coat already on a face closes it, whatever lay under it (assumed: 5 g/m²). */
    private static double capacityLeft(Bench bench, Face face) {
        double matter = bench.thing(face.thing()).map(Thing::capacity).orElse(0.0);
        return bench.topCoat(face).isPresent() ? Math.min(matter, CLOSED_CAPACITY) : matter;
    }

    /** Lays {@code coating} on a face; fibre lying bare there is filled by it. */
    private static Bench fill(Bench bench, Face face, Filling filling, Coating coating) {
        return change(bench, face.thing(), thing -> {
            List<Layer> layers = thing.layers(face.side()).stream().map(layer -> layer instanceof Residue r && r.bare()
                    ? r.filled(filling) : layer).toList();
            return thing.withLayers(face.side(), layers).plus(face.side(), coating);
        });
    }

    private static Bench join(Bench bench, Step.Join step) {
        boolean damp = bench.layers(step.moving(), Carrier.class).stream().anyMatch(Carrier::damp);
        double drinks = bench.thing(step.onto().thing()).map(Thing::capacity).orElse(0.0)
                + (damp ? 0 : COPY_PAPER_CAPACITY);
        UnaryOperator<Layer> cover = recoat(bench, coat -> coat.under(Cover.PAPER_PRINT).withCapacity(drinks));
        Bench covered = change(change(bench, step.moving().thing(), thing -> thing.mapped(cover)),
                step.onto().thing(), thing -> thing.mapped(cover));
        List<Bond> bonds = new ArrayList<>(covered.bonds());
        if (Rules.canJoin(bench, step)) {
            bonds.add(new Bond(step.moving(), step.onto(), false));
        }
        return covered.with(covered.things(), bonds);
    }

    private static UnaryOperator<Layer> recoat(Bench bench, UnaryOperator<Coat> change) {
        return layer -> layer instanceof Coating c && c.wetness() != null
                && c.wetness().waterShare(bench.now()) > kindveil.drying.Stage.THROUGH.waterShare()
                ? new Coating(c.material(), c.wetMicrometres(),
                        c.wetness().changed(change.apply(c.wetness().coat()), bench.room(), bench.now()))
                : layer;
    }

    private static Bench loaded(Bench bench, Face over, boolean load) {
        UnaryOperator<Layer> cover = recoat(bench, coat -> coat.under(load ? Cover.WEIGHT : Cover.PAPER_PRINT));
        Bench covered = bench;
        for (Bond bond : bench.bonds()) {
            if (bond.moving().thing() == over.thing() || bond.onto().thing() == over.thing()) {
                covered = change(change(covered, bond.moving().thing(), thing -> thing.mapped(cover)),
                        bond.onto().thing(), thing -> thing.mapped(cover));
            }
        }
        return covered.with(covered.things(), bench.bonds().stream()
                .map(bond -> bond.moving().thing() == over.thing() || bond.onto().thing() == over.thing() ? bond.withLoad(load) : bond)
                .toList());
    }

    private static Bench wet(Bench bench, Face face) {
        return change(bench, face.thing(), thing -> thing.mapped(layer -> switch (layer) {
            case Carrier c -> new Carrier(c.gramsPerSquareMetre(), true);
            case Residue r when r.bare() -> new Residue(r.gramsPerSquareMetre(), Filling.WATER, r.passes(), bench.now());
            case Residue r -> r;
            case Coating c -> c;
            case Image i -> i;
            case Undercolour u -> u;
        }));
    }

    /** What time alone does: damp fibre turns white again. */
    static Bench rest(Bench bench) {
        UnaryOperator<Layer> dry = layer -> layer instanceof Residue r && r.filling() == Filling.WATER
                && bench.now().minus(r.wetted()).compareTo(Residue.DRIES_IN) >= 0 ? r.filled(Filling.AIR) : layer;
        return bench.with(bench.things().stream().map(thing -> thing.mapped(dry)).toList(), bench.bonds());
    }

    private static Bench rub(Bench bench, Step.RubAway step) {
        double left = Fibre.residue(step.pass()).value();
        if (bench.thing(step.carrier()).isPresent()) {
            return partFromCarrier(bench, step, left);
        }
        return change(bench, step.from().thing(), thing -> thing.mapped(layer -> layer instanceof Residue r
                ? new Residue(Math.min(r.gramsPerSquareMetre(), left), r.filling(), step.pass(), r.wetted()) : layer));
    }

    /** The image and what was under it stay with the support, turned once; the paper goes, some fibre stays. */
    private static Bench partFromCarrier(Bench bench, Step.RubAway step, double left) {
        Thing carrier = bench.thing(step.carrier()).orElseThrow();
        Thing support = bench.thing(step.from().thing()).orElseThrow();
        List<Layer> layers = new ArrayList<>(support.layers(step.from().side()));
        List<Layer> outwards = carrier.front().reversed();
        for (Layer layer : outwards) {
            switch (layer) {
                case Image image -> layers.add(new Image(image.print(), image.toner(), image.hand().turned()));
                case Coating coating -> layers.add(coating);
                case Carrier paper -> layers.add(new Residue(left, Filling.WATER, step.pass(), bench.now()));
                case Residue residue -> layers.add(residue);
                case Undercolour colour -> layers.add(colour);
            }
        }
        List<Thing> things = bench.things().stream().filter(thing -> thing.kind() != step.carrier())
                .map(thing -> thing.kind() == support.kind() ? support.withLayers(step.from().side(), layers) : thing).toList();
        List<Bond> bonds = bench.bonds().stream().filter(bond -> bond.moving().thing() != step.carrier()
                && bond.onto().thing() != step.carrier()).toList();
        return bench.with(things, bonds);
    }

    private static Bench change(Bench bench, Face.ThingKind kind, UnaryOperator<Thing> change) {
        return bench.thing(kind).map(thing -> bench.with(change.apply(thing))).orElse(bench);
    }
}
