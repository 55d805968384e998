package kindveil.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Receiver;
import kindveil.bench.Layer.Residue;
import kindveil.drying.Airing;
import kindveil.drying.Coat;
import kindveil.drying.Cover;
import kindveil.drying.Stage;
import kindveil.light.Fibre.Filling;

/** What each step does to the bench, whether it was wise or not. Partings are in {@link Partings}. */
final class Moves {
    private static final double CLOSED_CAPACITY = 5;

    private Moves() {
    }

    static Bench take(Bench bench, Step step) {
        return switch (step) {
            case Step.SetOut setOut -> setOut(bench, setOut.thing());
            case Step.Prepare prepare -> change(bench, prepare.thing(), thing -> thing.prepared(prepare.what()));
            case Step.Mix mix -> bench;
            case Step.Judge judge -> bench;
            case Step.WashUp washUp -> bench;
            case Step.Press press -> bench;
            case Step.Abrade abrade -> bench;
            case Step.Move move -> bench;
            case Step.Cut cut -> bench;
            case Step.Blot blot -> bench;
            case Step.Apply apply -> apply(bench, apply);
            case Step.Join join -> join(bench, join);
            case Step.Load load -> loaded(bench, load.over(), true);
            case Step.Unload unload -> loaded(bench, unload.over(), false);
            case Step.Wet wet -> wet(bench, wet.face());
            case Step.RubAway rub -> Partings.rub(bench, rub);
            case Step.Part part -> Partings.part(bench, part);
            case Step.Dissolve dissolve -> Partings.dissolve(bench, dissolve);
            case Step.Infuse infuse -> fill(bench, infuse.face(), Filling.OIL,
                    new Coating(infuse.agent(), 0, Mask.ALL, Extent.BEYOND, null, bench.now(), null));
            case Step.Heat heat -> heat(bench, heat);
            case Step.Outline outline -> setOut(bench, Thing.of(ThingKind.TRACING, List.of(), List.of(), 0));
        };
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
        Wetness wetness = null;
        if (step.material().modelled()) {
            Coat coat = new Coat(step.wetMicrometres(), step.material().volatileShare(), capacityLeft(bench, step.onto()), Cover.NONE);
            wetness = Wetness.fresh(coat, bench.room(), bench.now());
        }
        Coating coating = new Coating(step.material(), step.wetMicrometres(), mask(bench, step), step.extent(), step.colour(), bench.now(), wetness);
        return fill(bench, step.onto(), Filling.ACRYLIC, coating);
    }

    /** Part of the picture that lies outermost on the face; everywhere where there is none. */
    private static Mask mask(Bench bench, Step.Apply step) {
        return step.part() == Mask.Part.ALL || step.part() == Mask.Part.EDGE ? Mask.ALL.of(step.part())
                : bench.pictures(step.onto()).stream().findFirst().map(mask -> mask.of(step.part())).orElse(Mask.ALL);
    }

    /** A coat already on a face closes it, whatever lay under it (assumed: 5 g/m²). */
    private static double capacityLeft(Bench bench, Face face) {
        double matter = bench.thing(face.thing()).map(Thing::capacity).orElse(0.0);
        return bench.topCoat(face).isPresent() ? Math.min(matter, CLOSED_CAPACITY) : matter;
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
        Cover cover = cover(bench, step.moving());
        boolean damp = bench.layers(step.moving(), Carrier.class).stream().anyMatch(Carrier::damp);
        double drinks = bench.thing(step.onto().thing()).map(Thing::capacity).orElse(0.0)
                + (damp ? 0 : bench.thing(step.moving().thing()).map(Thing::capacity).orElse(0.0));
        UnaryOperator<Layer> covered = recoat(bench, coat -> coat.under(cover).withCapacity(drinks));
        Bench under = change(change(bench, step.moving().thing(), thing -> thing.mapped(covered)), step.onto().thing(), thing -> thing.mapped(covered));
        if (step.forGood()) {
            return settle(under, step);
        }
        List<Bond> bonds = new ArrayList<>(under.bonds());
        bonds.add(new Bond(step.moving(), step.onto(), false, bench.now()));
        return under.with(under.things(), bonds);
    }

    private static Cover cover(Bench bench, Face moving) {
        return switch (moving.thing()) {
            case PRINT -> bench.layers(Face.PRINT_FRONT, Carrier.class).stream().anyMatch(c -> c.sheet() == Sheet.COATED_FILM) ? Cover.CLOSED_FILM : Cover.PAPER_PRINT;
            case SKIN -> Cover.ACRYLIC_SKIN;
            case TAPE -> Cover.CLOSED_FILM;
            case SUPPORT, PLATE, TRACING, IMPRESSION, BLOCK -> Cover.PAPER_PRINT;
        };
    }

    /** The moving thing becomes part of the face it is laid on: its layers follow outwards, those of the contact side turned. */
    private static Bench settle(Bench bench, Step.Join step) {
        Thing moving = bench.thing(step.moving().thing()).orElseThrow();
        boolean wetBed = bench.topCoat(step.onto()).filter(coat -> coat.wetness() != null && coat.open(bench.now(), Stage.OPEN)).isPresent();
        List<Layer> outwards = new ArrayList<>();
        List<Layer> contact = moving.layers(step.moving().side());
        for (Layer layer : (wetBed ? filled(contact, Filling.ACRYLIC) : contact).reversed()) {
            outwards.add(layer.turned());
        }
        outwards.addAll(moving.layers(step.moving().side().other()));
        Bench parted = bench.without(moving.kind());
        return change(parted, step.onto().thing(), thing -> thing.plus(step.onto().side(), outwards.toArray(Layer[]::new)));
    }

    private static UnaryOperator<Layer> recoat(Bench bench, UnaryOperator<Coat> change) {
        return layer -> layer instanceof Coating c && c.wetness() != null && c.wetness().waterShare(bench.now()) > Stage.THROUGH.waterShare()
                ? c.with(c.wetness().changed(change.apply(c.wetness().coat()), bench.room(), bench.now())) : layer;
    }

    /** Its coats lie open to the air again. */
    static Bench uncovered(Bench bench, ThingKind kind) {
        return change(bench, kind, thing -> thing.mapped(recoat(bench, coat -> coat.under(Cover.NONE))));
    }

    private static Bench loaded(Bench bench, Face over, boolean load) {
        List<Bond> touched = bench.bonds().stream().filter(bond -> bond.joins(over.thing())).toList();
        UnaryOperator<Layer> cover = recoat(bench, coat -> coat.under(load ? Cover.WEIGHT : Cover.PAPER_PRINT));
        if (touched.isEmpty()) {
            return change(bench, over.thing(), thing -> thing.mapped(cover));
        }
        Bench covered = bench;
        for (Bond bond : touched) {
            covered = change(change(covered, bond.moving().thing(), thing -> thing.mapped(cover)), bond.onto().thing(), thing -> thing.mapped(cover));
        }
        return covered.with(covered.things(), bench.bonds().stream().map(bond -> touched.contains(bond) ? bond.withLoad(load) : bond).toList());
    }

    private static Bench wet(Bench bench, Face face) {
        return change(bench, face.thing(), thing -> thing.mapped(layer -> switch (layer) {
            case Carrier c -> new Carrier(c.sheet(), true);
            case Residue r when r.bare() -> new Residue(r.gramsPerSquareMetre(), Filling.WATER, r.passes(), bench.now());
            case Residue r -> r;
            case Coating c -> c;
            case Layer.Image i -> i;
            case Layer.Undercolour u -> u;
            case Receiver r -> r;
            case Layer.Foil f -> f;
            case Layer.Relief r -> r;
        }));
    }

    /** The coats on a face have had hot air for as long as the act lasted; from now on they dry in still air again. */
    private static Bench heat(Bench bench, Step.Heat step) {
        UnaryOperator<Layer> heated = layer -> layer instanceof Coating c && c.wetness() != null
                ? c.with(c.wetness().heated(step.lasts(), bench.room(), bench.room().with(Airing.HEAT_TOOL), bench.now())) : layer;
        Bench warm = bench;
        for (ThingKind kind : reached(bench, step.face())) {
            warm = change(warm, kind, thing -> thing.mapped(heated));
        }
        return warm;
    }

    private static List<ThingKind> reached(Bench bench, Face face) {
        return bench.bond(face.thing()).map(bond -> List.of(bond.moving().thing(), bond.onto().thing())).orElse(List.of(face.thing()));
    }

    /** What time alone does: damp fibre turns white again. */
    static Bench rest(Bench bench) {
        UnaryOperator<Layer> dry = layer -> layer instanceof Residue r && r.filling() == Filling.WATER
                && bench.now().minus(r.wetted()).compareTo(Residue.DRIES_IN) >= 0 ? r.filled(Filling.AIR) : layer;
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
