package kindveil.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Receiver;
import kindveil.bench.Layer.Residue;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.light.Fibre.Filling;
import kindveil.measure.Span;
import kindveil.product.Trait;

/**
 * What each step does to the bench, whether it was wise or not. Partings are in {@link Partings}, what it does to coats that
 * dry in {@link Dryings}.
 */
final class Moves {
    /** Ink seen of a film pressed into weave and cracks (assumed). */
    private static final double SUNK = 0.85;

    private Moves() {
    }

    static Bench take(Bench bench, Step step) {
        return switch (step) {
            case Step.SetOut setOut -> setOut(bench, setOut.thing());
            case Step.Prepare prepare -> change(bench, prepare.thing(), thing -> thing.prepared(prepare.what()));
            case Step.Mix mix -> bench;
            case Step.Judge judge -> bench;
            case Step.WashUp washUp -> bench;
            case Step.Press press -> pressed(bench, press);
            case Step.Abrade abrade -> change(bench, abrade.face().thing(), thing -> thing.mapped(layer -> layer instanceof Carrier sheet && sheet.sheet().rubsAway() && abrade.face().equals(Face.PRINT_BACK) ? sheet.sanded() : layer));
            case Step.Move move -> move.place() == Step.Place.HANG ? Dryings.hung(bench, move.thing()) : bench;
            case Step.Cut cut -> bench;
            case Step.Blot blot -> change(bench, blot.face().thing(), thing -> thing.mapped(layer -> layer instanceof Residue fibre ? fibre.blotted(bench.air(), bench.now()) : layer));
            case Step.Apply apply -> apply(bench, apply);
            case Step.Join join -> join(bench, join);
            case Step.Load load -> loaded(bench, load.over(), true);
            case Step.Unload unload -> loaded(bench, unload.over(), false);
            case Step.Wet wet -> wet(bench, wet.face());
            case Step.RubAway rub -> Partings.rub(bench, rub);
            case Step.Part part -> Partings.part(bench, part);
            case Step.Dissolve dissolve -> Partings.dissolve(bench, dissolve);
            case Step.Infuse infuse -> fill(bench, infuse.face(), infuse.agent().is(Trait.OILY) ? Filling.OIL : Filling.ACRYLIC,
                    new Coating(infuse.agent(), 0, Mask.ALL, Extent.BEYOND, null, bench.now(), bench.air(), null));
            case Step.Heat heat -> Dryings.heated(bench, heat);
            case Step.Outline outline -> setOut(bench, Thing.of(ThingKind.TRACING, List.of(), List.of(), Underlay.none()));
        };
    }

    /** Ink that is being let go goes into what it is pressed on hard, and is paler for it. */
    private static Bench pressed(Bench bench, Step.Press step) {
        boolean hard = step.tool() == Tool.BRAYER || step.tool() == Tool.BAREN || step.tool() == Tool.SPOON || step.tool() == Tool.ROD;
        Optional<Bond> under = bench.bond(step.over()).filter(bond -> bond.joins(ThingKind.PRINT));
        Face onto = under.map(bond -> bond.moving().thing() == ThingKind.PRINT ? bond.onto() : bond.moving()).orElse(step.over());
        boolean letsGo = hard && under.isPresent() && bench.layers(Face.PRINT_FRONT, Layer.Image.class).stream().anyMatch(image -> image.print().receiver()) && Partings.releasing(bench, onto).isPresent();
        return letsGo ? change(bench, ThingKind.PRINT, print -> print.mapped(layer -> layer instanceof Layer.Image image ? image.faded(SUNK) : layer)) : bench;
    }

    private static Bench setOut(Bench bench, Thing thing) {
        if (bench.bond(thing.kind()).isPresent()) {
            return bench;
        }
        Bench cleared = bench.without(thing.kind());
        List<Thing> things = new ArrayList<>(cleared.things());
        things.add(thing);
        return cleared.with(things, cleared.bonds());
    }

    private static Bench apply(Bench bench, Step.Apply step) {
        Coating coating = new Coating(step.product(), step.wetMicrometres(), mask(bench, step), step.extent(), step.colour(), bench.now(), bench.air(), Dryings.fresh(bench, step));
        return fill(Dryings.coatedOver(bench, step), step.onto(), Filling.ACRYLIC, coating);
    }

    /** Part of the picture that lies outermost on the face; everywhere where there is none. */
    private static Mask mask(Bench bench, Step.Apply step) {
        return step.part() == Mask.Part.ALL || step.part() == Mask.Part.EDGE ? Mask.ALL.of(step.part())
                : bench.pictures(step.onto()).stream().findFirst().map(mask -> mask.of(step.part())).orElse(Mask.ALL);
    }

    /** Lays {@code coating} on a face; fibre lying bare outermost there is filled by it. */
    static Bench fill(Bench bench, Face face, Filling filling, Coating coating) {
        return change(bench, face.thing(), thing -> thing.withLayers(face.side(), filled(thing.layers(face.side()), filling)).plus(face.side(), coating));
    }

    private static List<Layer> filled(List<Layer> layers, Filling filling) {
        return layers.stream().map(layer -> layer instanceof Residue r && r.bare() ? r.filled(filling) : layer).toList();
    }

    private static Bench join(Bench bench, Step.Join step) {
        if (!JoinRules.canJoin(bench, step)) {
            return bench;
        }
        Bench under = Dryings.joined(bench, step);
        if (step.forGood()) {
            return settle(under, step);
        }
        List<Bond> bonds = new ArrayList<>(under.bonds());
        bonds.add(new Bond(step.moving(), step.onto(), false, bench.now()));
        return under.with(under.things(), bonds);
    }

    /** The moving thing becomes part of the face it is laid on: its layers follow outwards, those of the contact side turned. */
    private static Bench settle(Bench bench, Step.Join step) {
        Thing moving = bench.thing(step.moving().thing()).orElseThrow();
        boolean wetBed = bench.topCoat(step.onto()).filter(coat -> coat.drying() != null && coat.open(bench.now(), Stage.OPEN)).isPresent();
        List<Layer> outwards = new ArrayList<>();
        List<Layer> contact = moving.layers(step.moving().side());
        for (Layer layer : (wetBed ? filled(contact, Filling.ACRYLIC) : contact).reversed()) {
            outwards.add(layer.turned());
        }
        outwards.addAll(moving.layers(step.moving().side().other()));
        Bench parted = bench.without(moving.kind());
        return change(parted, step.onto().thing(), thing -> thing.plus(step.onto().side(), outwards.toArray(Layer[]::new)));
    }

    private static Bench loaded(Bench bench, Face over, boolean load) {
        List<Bond> touched = bench.bonds().stream().filter(bond -> bond.joins(over.thing())).toList();
        Bench weighted = load ? Dryings.loaded(bench, over.thing()) : Dryings.unloaded(bench, over.thing());
        return weighted.with(weighted.things(), bench.bonds().stream().map(bond -> touched.contains(bond) ? bond.withLoad(load) : bond).toList());
    }

    private static Bench wet(Bench bench, Face face) {
        return change(bench, face.thing(), thing -> thing.mapped(layer -> switch (layer) {
            case Carrier c -> new Carrier(c.sheet(), true, c.gramsPerSquareMetre());
            case Residue r when r.bare() -> Residue.damp(r.gramsPerSquareMetre(), r.passes(), r.picture(), bench.air(), bench.now());
            case Residue r -> r;
            case Coating c -> c;
            case Layer.Image i -> Bleeding.wetted(bench, face, i);
            case Layer.Undercolour u -> u;
            case Receiver r -> r;
            case Layer.Foil f -> f;
            case Layer.Relief r -> r;
        }));
    }

    /** What time alone does: damp fibre turns white again. */
    static Bench rest(Bench bench) {
        return dried(bench, r -> r.white() != null && bench.now().compareTo(r.white()) >= 0);
    }

    /** As long after as its dampest fibre takes; where it would never dry, as if it had. */
    static Bench whitened(Bench bench) {
        Duration last = bench.things().stream().flatMap(thing -> Stream.concat(thing.front().stream(), thing.back().stream()))
                .map(layer -> layer instanceof Residue r && r.white() != null ? r.white() : bench.now()).reduce(bench.now(), Span::longer);
        return dried(bench.at(last), r -> true);
    }

    private static Bench dried(Bench bench, Predicate<Residue> which) {
        Predicate<Layer> dries = layer -> layer instanceof Residue r && r.filling() == Filling.WATER && which.test(r);
        if (bench.things().stream().noneMatch(thing -> thing.front().stream().anyMatch(dries) || thing.back().stream().anyMatch(dries))) {
            return bench;
        }
        UnaryOperator<Layer> dry = layer -> dries.test(layer) ? ((Residue) layer).filled(Filling.AIR) : layer;
        return bench.with(bench.things().stream().map(thing -> thing.mapped(dry)).toList(), bench.bonds());
    }

    static Bench change(Bench bench, ThingKind kind, UnaryOperator<Thing> change) {
        return bench.thing(kind).map(thing -> bench.with(change.apply(thing))).orElse(bench);
    }

    /** Time since a bond was made. */
    static Duration dwelt(Bench bench, Bond bond) {
        return bench.now().minus(bond.since());
    }
}
