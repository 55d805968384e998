package kindveil.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Foil;
import kindveil.bench.Layer.Receiver;
import kindveil.drying.Airing;
import kindveil.drying.Stage;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.product.NotOver;
import kindveil.product.Product;
import kindveil.product.Trait;

/** Rules for coats, oil and heat. */
final class CoatRules {
    private static final double NEAREST_HEAT_CENTIMETRES = 20;

    private CoatRules() {
    }

    static List<Refusal> apply(Bench bench, Step.Apply step) {
        Face face = step.onto();
        if (!bench.has(face.thing())) {
            return List.of(Rules.notThere(face));
        }
        List<Refusal> found = new ArrayList<>();
        sealsPaper(bench, step).ifPresent(found::add);
        notOver(bench, face, step.product()).ifPresent(found::add);
        found.addAll(FinishRules.over(bench, face, step.product(), step.tool()));
        if (step.product().is(Trait.WATER_BORNE)) {
            Rules.inkRuns(bench, face, step.product().words()).ifPresent(found::add);
        }
        if (face.equals(Face.SUPPORT_FRONT)) {
            ground(bench, step, found);
        }
        if (step.part() == Mask.Part.DARKS) {
            inked(bench, face).ifPresent(found::add);
        }
        if (!bench.pictures(face).isEmpty()) {
            Rules.dampFibre(bench, face, step.product()).ifPresent(found::add);
        }
        before(bench, step, found);
        return found;
    }

    /** Ink that is to sit only on the darks needs a print that repels it elsewhere. */
    private static Optional<Refusal> inked(Bench bench, Face face) {
        return bench.layers(face, Layer.Image.class).stream().filter(image -> face.thing() == ThingKind.PRINT && !image.print().holdsPaint()).findFirst()
                .map(image -> new Refusal(Refusal.Kind.HOLDS_NO_PAINT, face, "%s holds ink all over, not on its darks alone.".formatted(Rules.one(image.print().words())),
                        "Make a photocopy or laser print of it, with strong blacks."));
    }

    private static Optional<Refusal> sealsPaper(Bench bench, Step.Apply step) {
        boolean rubbed = bench.layers(Face.PRINT_FRONT, Carrier.class).stream().anyMatch(c -> c.sheet().rubsAway());
        return step.onto().equals(Face.PRINT_BACK) && rubbed && step.product().is(Trait.CLOSES) ? Optional.of(new Refusal(Refusal.Kind.PAPER_SEALED_IN, step.onto(),
                "%s on the back of the print seals the paper in: no water will get to it again.".formatted(Words.capital(step.product().words())),
                "Wipe it off at once with a damp cloth; keep the back clean and dry.")) : Optional.empty();
    }

    /** What it may not lie on: by the traits of the coat under it, or of the ground where no coat is. */
    static Optional<Refusal> notOver(Bench bench, Face onto, Product product) {
        Optional<Coating> top = bench.topCoat(onto);
        for (NotOver rule : product.notOver()) {
            boolean oilGround = onto.equals(Face.SUPPORT_FRONT) && top.isEmpty() && rule.below() == Trait.OILY && bench.groundIs(Ground.Trait.OILY);
            Optional<String> below = top.filter(coat -> coat.product().is(rule.below())).map(coat -> coat.product().words())
                    .or(() -> oilGround ? bench.support().map(under -> under.ground().words()) : Optional.empty());
            if (below.isPresent()) {
                return Optional.of(new Refusal(Refusal.Kind.NOT_OVER, onto,
                        "%s over %s does not hold: %s.".formatted(Words.capital(product.words()), below.get(), rule.why()), rule.remedy()));
            }
        }
        return Optional.empty();
    }

    private static void ground(Bench bench, Step.Apply step, List<Refusal> found) {
        bench.support().filter(under -> under.ground().is(Ground.Trait.WET)).ifPresent(under -> found.add(new Refusal(Refusal.Kind.GROUND_NOT_DRY, step.onto(),
                "The ground is %s: %s drags it and dries slower over it.".formatted(under.ground().words(), step.product().words()),
                "Let the ground dry through first, overnight if it is thick.")));
        boolean metal = bench.supportIs(Support.Trait.METAL) && !prepared(bench, Preparation.DEGREASE);
        boolean loose = bench.support().map(under -> under.support().stretches()).orElse(false) && step.product().releases() && !prepared(bench, Preparation.TAPE_DOWN);
        if (metal) {
            found.add(new Refusal(Refusal.Kind.NOT_PREPARED, step.onto(), "Bare metal sheds %s: grease keeps it off.".formatted(step.product().words()),
                    "Degrease it, scuff it with fine paper, wash it and let it dry first."));
        }
        if (loose) {
            found.add(new Refusal(Refusal.Kind.NOT_PREPARED, step.onto(), "%s stretches when it is wetted and takes the image askew."
                    .formatted(Words.capital(bench.support().orElseThrow().support().words())), "Tape it down on all sides first."));
        }
        if (!step.product().releases() && !bench.layers(step.onto(), Receiver.class).isEmpty()) {
            found.add(new Refusal(Refusal.Kind.RECEIVER_ON, step.onto(),
                    "The film's receiver coating still lies on top: %s will not take on it, and swells it.".formatted(step.product().words()),
                    "Rinse it off first: a tray of water, rocked, never rubbed, and dry overnight."));
        }
    }

    private static boolean prepared(Bench bench, Preparation what) {
        return bench.thing(ThingKind.SUPPORT).map(thing -> thing.prepared().contains(what)).orElse(false);
    }

    /** What has to be dry under a new coat, by what the coat is and where it goes. */
    private static void before(Bench bench, Step.Apply step, List<Refusal> found) {
        Face face = step.onto();
        if (step.product().is(Trait.FINAL)) {
            FinishRules.notCured(bench, face, step.product().words() + " over it stays soft and clouds").ifPresent(found::add);
        } else if (face.equals(Face.PLATE)) {
            Rules.notYet(bench, face, Stage.TOUCH_DRY, "the second colour drags the image").ifPresent(found::add);
        } else if (!step.product().is(Trait.OVER_WET)) {
            boolean wettingOut = bench.layers(face).stream().anyMatch(Carrier.class::isInstance);
            // what meets the coat before it at an edge is to run into it
            boolean overImage = !bench.pictures(face).isEmpty() && !wettingOut && step.part() != Mask.Part.EDGE;
            if (overImage || step.part() == Mask.Part.BACKED || face.thing() != ThingKind.SUPPORT) {
                Rules.notYet(bench, face, Stage.RECOAT, "a coat now drags it").ifPresent(found::add);
            }
        }
        boolean loosens = step.product().is(Trait.WATER_BORNE) || step.product().releases();
        if (loosens && step.tool().spreads()) {
            soluble(bench, face, "under a brush with " + step.product().words()).ifPresent(found::add);
        }
    }

    /** What water lifts again lies on top. */
    static Optional<Refusal> soluble(Bench bench, Face face, String how) {
        return bench.topCoat(face).filter(coat -> coat.product().is(Trait.SOLUBLE)).map(coat -> new Refusal(Refusal.Kind.SOLUBLE_BELOW, face,
                "%s lies on top and runs %s.".formatted(Words.capital(coat.product().words()), how), "Fix it with a light spray first, outdoors."));
    }

    static List<Refusal> infuse(Bench bench, Step.Infuse step) {
        List<Refusal> found = new ArrayList<>();
        if (bench.has(ThingKind.PRINT) && bench.bond(step.face()).isPresent()) {
            found.add(new Refusal(Refusal.Kind.PAPER_STILL_ON, step.face(), "The paper is still on the image.", "Rub it away first."));
        }
        Rules.dampFibre(bench, step.face(), step.agent()).ifPresent(found::add);
        found.addAll(FinishRules.over(bench, step.face(), step.agent(), step.tool()));
        Rules.notYet(bench, step.face(), Stage.THROUGH, step.agent().words() + " shuts the water in").ifPresent(found::add);
        return found;
    }

    static List<Refusal> heat(Bench bench, Step.Heat step) {
        if (!bench.has(step.face().thing())) {
            return List.of(Rules.notThere(step.face()));
        }
        List<Refusal> found = new ArrayList<>();
        if (step.centimetres() < NEAREST_HEAT_CENTIMETRES) {
            found.add(new Refusal(Refusal.Kind.TOO_CLOSE, step.face(), "%s cm is too close: paper bubbles and scorches.".formatted(Figures.plain(step.centimetres())),
                    "Keep 20 to 25 cm away, and keep moving."));
        }
        bench.vapouring().ifPresent(coat -> found.add(new Refusal(Refusal.Kind.FLAMMABLE, step.face(),
                "%s laid %s ago still gives off vapour that burns.".formatted(Words.capital(coat.product().words()), Span.words(bench.now().minus(coat.laid()))),
                "No heat tool near it: open the windows and let it dry by itself.")));
        melting(reached(bench, step), step.face(), Airing.heatTool(step.centimetres()).airCelsius(bench.room())).ifPresent(words -> found.add(new Refusal(Refusal.Kind.MELTS, step.face(),
                "%s under a heat tool at %s cm.".formatted(words, Figures.plain(step.centimetres())), "Let it dry in the air, or use a fan.")));
        return found;
    }

    /** The bench as it is where the air goes: without the tissue that lies elsewhere, with its picture. */
    private static Bench reached(Bench bench, Step.Heat step) {
        List<Layer> all = bench.layers(step.face());
        List<Layer> there = IntStream.range(0, all.size()).filter(i -> !(all.get(i) instanceof Carrier && IntStream.of(i - 1, i + 1).filter(near -> near >= 0 && near < all.size())
                .anyMatch(near -> all.get(near) instanceof Layer.Image image && step.apart().contains(image.mask().picture())))).mapToObj(all::get).toList();
        return there.size() == all.size() ? bench : bench.having(step.face(), there);
    }

    /** @param celsius of the air that reaches it */
    private static Optional<String> melting(Bench bench, Face face, double celsius) {
        List<Layer> all = new ArrayList<>(bench.layers(face));
        bench.bond(face.thing()).ifPresent(bond -> all.addAll(bench.layers(new Face(bond.moving().thing(), Face.Side.FRONT))));
        if (face.thing() == ThingKind.TAPE || all.stream().anyMatch(Foil.class::isInstance)) {
            return Optional.of("Tape shrinks and melts");
        }
        if (face.thing() == ThingKind.SKIN) {
            return Optional.of("A skin softens and sticks");
        }
        if (carries(all, Sheet.COATED_FILM)) {
            return Optional.of("Film shrinks and melts");
        }
        Face seen = bench.bond(face.thing()).map(bond -> bond.moving()).orElse(face);
        boolean bare = WaterRules.bareTissue(bench, face) || WaterRules.bareTissue(bench, seen);
        if (carries(all, Sheet.TISSUE) && celsius > (bare ? Sheet.BARE_TISSUE_BEARS : Sheet.HELD_TISSUE_BEARS)) {
            return Optional.of(bare ? "Bare tissue lifts and burns" : "Tissue burns, even under its coat,");
        }
        return bench.support().map(Layer.Undercolour::support).filter(support -> celsius > support.heatLimit()).map(support -> "%s bears %s °C and no more; there it gets %s °C".formatted(
                Words.capital(support.words()), Figures.plain(support.heatLimit()), Figures.plain(celsius)));
    }

    private static boolean carries(List<Layer> layers, Sheet sheet) {
        return layers.stream().anyMatch(layer -> layer instanceof Carrier c && c.sheet() == sheet);
    }
}
