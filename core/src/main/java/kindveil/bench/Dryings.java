package kindveil.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.drying.Airing;
import kindveil.drying.Bed;
import kindveil.drying.Coat;
import kindveil.drying.Cover;
import kindveil.drying.Drying;
import kindveil.drying.Overlay;
import kindveil.drying.Stage;
import kindveil.drying.Underlay;
import kindveil.measure.Span;
import kindveil.product.Law;
import kindveil.product.Trait;
import org.jspecify.annotations.Nullable;

/** What a step does to the coats that dry: what carries them, what lies on them, what they share. */
final class Dryings {
    /** A film begins to hold below this share of its water; two faces wetter than it run together. */
    private static final double RUNS_TOGETHER = 0.35;

    private Dryings() {
    }

    /** The life of a coat as it is laid; null where the model does not know the product. */
    static @Nullable Drying fresh(Bench bench, Step.Apply step) {
        return step.product().law() instanceof Law.LosesWater water
                ? Drying.fresh(Bed.open(new Coat(Math.max(1, step.wetMicrometres()), water.share()), below(bench, step.onto())), bench.air(), bench.now()) : null;
    }

    /** What carries a new coat on a face: its matter, less what earlier coats took of it, and closed by those that close. */
    private static Underlay below(Bench bench, Face face) {
        Underlay matter = bench.thing(face.thing()).map(Thing::matter).orElse(Underlay.none());
        List<Coating> coats = bench.layers(face, Coating.class);
        if (coats.stream().anyMatch(coat -> coat.product().is(Trait.CLOSES))) {
            return matter.closed();
        }
        double taken = coats.stream().filter(coat -> coat.drying() != null).mapToDouble(coat -> coat.drying().takenBelow(bench.now())).max().orElse(0);
        return matter.used(taken);
    }

    /** Coats still drying below a new one give their water through it. */
    static Bench coatedOver(Bench bench, Step.Apply step) {
        return step.product().law() instanceof Law.LosesWater
                ? onFace(bench, step.onto(), bed -> bed.under(Cover.coat(step.wetMicrometres()))) : bench;
    }

    /** Two faces laid on each other: what is wet on them lies covered; where both are wet they are one bed. */
    static Bench joined(Bench bench, Step.Join step) {
        UnaryOperator<Bed> lies = lying(bench, step);
        Optional<Coating> onto = wet(bench, step.onto());
        Optional<Coating> moving = wet(bench, step.moving());
        Underlay support = bench.layers(step.onto(), Coating.class).isEmpty() ? bench.thing(step.onto().thing()).map(Thing::matter).orElse(Underlay.none()) : below(bench, step.onto());
        Bench covered = onFace(onFace(bench, step.onto(), lies), step.moving(), bed -> lies.apply(bed.on(support)));
        if (onto.isEmpty() || moving.isEmpty()) {
            return covered;
        }
        Drying both = onto.get().drying().joined(moving.get().drying(), lies.apply(onto.get().drying().bed()), moving.get().drying(), bench.now());
        return replaced(replaced(covered, step.onto(), onto.get(), both), step.moving(), moving.get(), both);
    }

    private static Optional<Coating> wet(Bench bench, Face face) {
        return bench.topCoat(face).filter(coat -> coat.drying() != null && coat.waterShare(bench.now()) > RUNS_TOGETHER);
    }

    private static Bench replaced(Bench bench, Face face, Coating was, Drying drying) {
        List<Layer> layers = bench.layers(face);
        int at = layers.indexOf(bench.topCoat(face).orElse(was));
        return Moves.change(bench, face.thing(), thing -> {
            List<Layer> changed = new ArrayList<>(layers);
            changed.set(at, was.with(drying));
            return thing.withLayers(face.side(), changed);
        });
    }

    /** How a coat lies once the moving face is on it. */
    private static UnaryOperator<Bed> lying(Bench bench, Step.Join step) {
        Thing moving = bench.thing(step.moving().thing()).orElseThrow();
        return switch (moving.kind()) {
            case PRINT -> print(moving, step.onto().thing() == ThingKind.PLATE);
            case SKIN -> bed -> step.forGood() ? bed.under(Cover.ACRYLIC_SKIN) : bed.under(new Overlay.Closed(Cover.ACRYLIC_SKIN));
            case TAPE -> bed -> step.forGood() ? bed.under(Cover.CLOSED_FILM) : bed.under(new Overlay.Closed(Cover.CLOSED_FILM));
            case SUPPORT, IMPRESSION, TRACING -> bed -> bed.under(Overlay.dry(moving.matter().capacity(), 0));
            case PLATE, BLOCK -> bed -> bed.under(new Overlay.Closed(Cover.CLOSED_FILM));
        };
    }

    /** On a plate what is to stay lies under solid toner. */
    private static UnaryOperator<Bed> print(Thing print, boolean onPlate) {
        List<Carrier> sheets = print.of(Face.Side.FRONT, Carrier.class);
        if (sheets.stream().anyMatch(c -> c.sheet() == Sheet.COATED_FILM)) {
            return bed -> bed.under(new Overlay.Closed(Cover.CLOSED_FILM));
        }
        double toner = onPlate ? 1 : print.of(Face.Side.FRONT, Image.class).stream().mapToDouble(Image::coverage).max().orElse(0);
        boolean damp = sheets.stream().anyMatch(Carrier::damp);
        return bed -> bed.under(damp ? Overlay.damp(toner) : Overlay.dry(print.matter().capacity(), toner));
    }

    static Bench loaded(Bench bench, ThingKind over) {
        return onThings(bench, reached(bench, over), bed -> bed.loaded(Cover.weight(bed.overlay() instanceof Overlay.Closed)));
    }

    static Bench unloaded(Bench bench, ThingKind over) {
        return onThings(bench, reached(bench, over), Bed::unloaded);
    }

    /** Its coats lie open to the air again. */
    static Bench uncovered(Bench bench, ThingKind kind) {
        return onThings(bench, List.of(kind), Bed::uncovered);
    }

    /** A film of its own hung up dries from both faces. */
    static Bench hung(Bench bench, ThingKind kind) {
        return kind == ThingKind.SKIN ? onThings(bench, List.of(kind), Bed::hung) : bench;
    }

    /** Layers as the paper that lay on them takes them along. */
    static List<Layer> takenAlong(Bench bench, Thing paper, List<Layer> layers) {
        return layers.stream().map(layer -> layer instanceof Coating c && drying(bench, c) ? c.with(c.drying().takenAlong(paper.matter(), bench.now())) : layer).toList();
    }

    /** Layers of a print whose paper is gone, as they are on what keeps them. */
    static List<Layer> freed(Bench bench, List<Layer> layers, boolean alone) {
        return layers.stream().map(layer -> layer instanceof Coating c && drying(bench, c)
                ? c.with(c.drying().changed(alone ? c.drying().bed().uncovered().on(Underlay.none()) : c.drying().bed().uncovered(), bench.now())) : layer).toList();
    }

    /** The coats on a face have had hot air for as long as the act lasted; from now on they dry as before. */
    static Bench heated(Bench bench, Step.Heat step) {
        UnaryOperator<Layer> heated = layer -> layer instanceof Coating c && c.drying() != null
                ? c.with(c.drying().heated(Span.left(step.lasts(), bench.now()), bench.now(), Airing.heatTool(step.centimetres()))) : layer;
        return mapped(bench, reached(bench, step.face().thing()), heated);
    }

    /** A thing, and what is joined to it. */
    private static List<ThingKind> reached(Bench bench, ThingKind thing) {
        return Stream.concat(Stream.of(thing), bench.bonds().stream().filter(bond -> bond.joins(thing))
                .flatMap(bond -> Stream.of(bond.moving().thing(), bond.onto().thing()))).distinct().toList();
    }

    private static Bench onThings(Bench bench, List<ThingKind> things, UnaryOperator<Bed> change) {
        return mapped(bench, things, relaid(bench, change));
    }

    private static Bench onFace(Bench bench, Face face, UnaryOperator<Bed> change) {
        UnaryOperator<Layer> relaid = relaid(bench, change);
        return Moves.change(bench, face.thing(), thing -> thing.withLayers(face.side(), thing.layers(face.side()).stream().map(relaid).toList()));
    }

    private static UnaryOperator<Layer> relaid(Bench bench, UnaryOperator<Bed> change) {
        return layer -> layer instanceof Coating c && drying(bench, c) ? c.with(c.drying().changed(change.apply(c.drying().bed()), bench.now())) : layer;
    }

    private static Bench mapped(Bench bench, List<ThingKind> things, UnaryOperator<Layer> change) {
        Bench changed = bench;
        for (ThingKind thing : things) {
            changed = Moves.change(changed, thing, t -> t.mapped(change));
        }
        return changed;
    }

    /** Whether it still dries: what is through stays through, whatever is laid on it. */
    private static boolean drying(Bench bench, Coating coat) {
        return coat.drying() != null && coat.waterShare(bench.now()) > Stage.THROUGH.waterShare();
    }
}
