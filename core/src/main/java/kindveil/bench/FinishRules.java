package kindveil.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Concern.Grade;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Foil;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.product.Law;
import kindveil.product.Product;
import kindveil.product.Trait;
import org.jspecify.annotations.Nullable;

/** Rules for what comes last: what has cured, what holds over what, what may lie under glass or against another face. */
final class FinishRules {
    private static final String TAKES = "3 days for thin films, 7 for normal ones, 14 or more for deep beds, longer where it is cool or damp";
    /** Before so much of its cure has passed it is certainly too soon. */
    private static final double SURELY_TOO_SOON = 0.5;

    private FinishRules() {
    }

    /** Against laying a product on a face, by what lies on top there. */
    static List<Refusal> over(Bench bench, Face face, Product product, Tool tool) {
        List<Refusal> found = new ArrayList<>(sheds(bench, face, product).stream().toList());
        Optional<Product> below = bench.topCoat(face).map(Coating::product);
        boolean tape = outermost(bench, face) instanceof Foil;
        boolean last = (product.is(Trait.FINAL) || product.is(Trait.ISOLATES)) && !sprayed(tool);
        if (tape && last) {
            found.add(nothingHolds(face, product, "tape", "it beads, and peels off in one piece.", "Spray varnish holds on tape in thin passes; so does nothing at all, with release paper between the pages."));
        }
        if (tape && product.is(Trait.OILY)) {
            found.add(nothingHolds(face, product, "tape", "tape drinks none of it: it stays on top and smears.", "Leave it, or spray it with varnish in thin passes."));
        }
        if ((product.is(Trait.FINAL) || product.is(Trait.FIXES)) && !product.is(Trait.WATER_BORNE) && never(bench, face)) {
            found.add(nothingHolds(face, product, "oil that never dries", "it stays soft.", "Polish wax over the oil, or leave the oil as the last coat."));
        }
        boolean dust = below.filter(under -> under.is(Trait.LOOSE)).isPresent();
        if (dust && !sprayed(tool)) {
            found.add(new Refusal(Refusal.Kind.LOOSE_BELOW, face, "%s lies on top: whatever is brushed or poured over it takes it along.".formatted(Words.capital(below.get().words())), "Fix it with light passes of a spray first, outdoors."));
        }
        if (product.is(Trait.CAST) && bench.support().filter(under -> bends(under.support())).isPresent()) {
            found.add(new Refusal(Refusal.Kind.BENDS, face, "%s bends, and a thick hard sheet on it cracks or pulls it hollow.".formatted(Words.capital(bench.support().orElseThrow().support().words())),
                    "Mount it on a panel first; or varnish it, which bends along."));
        }
        return found;
    }

    /** What lies on top and lets nothing hold. */
    static Optional<Refusal> sheds(Bench bench, Face face, Product product) {
        Optional<Product> below = bench.topCoat(face).map(Coating::product);
        if (below.filter(under -> under.is(Trait.WAXY)).isPresent() && !product.is(Trait.WAXY)) {
            return Optional.of(nothingHolds(face, product, below.get(), "nothing holds on wax.", "Leave the wax as the last coat; or take it off with what its label says, before anything else."));
        }
        if (below.filter(under -> under.is(Trait.REMOVABLE)).isPresent() && !(product.is(Trait.REMOVABLE) || product.is(Trait.WAXY))) {
            return Optional.of(nothingHolds(face, product, below.get(), "it comes off with it whenever that is taken off.", "Lay it before the varnish; over a removable varnish only more of it, or wax."));
        }
        if (below.filter(under -> under.is(Trait.CAST)).isPresent() && !product.is(Trait.WAXY)) {
            return Optional.of(nothingHolds(face, product, below.get(), "it sheds whatever is laid on it.", "The resin is the last coat: polish wax on it, or sand it and pour again."));
        }
        return Optional.empty();
    }

    private static Refusal nothingHolds(Face face, Product product, Product below, String why, String remedy) {
        return nothingHolds(face, product, below.words(), why, remedy);
    }

    private static Refusal nothingHolds(Face face, Product product, String below, String why, String remedy) {
        return new Refusal(Refusal.Kind.NOTHING_HOLDS, face, "%s over %s: %s".formatted(Words.capital(product.words()), below, why), remedy);
    }

    private static boolean bends(Support support) {
        return !support.is(Support.Trait.RIGID);
    }

    private static boolean sprayed(Tool tool) {
        return tool == Tool.SPRAY_CAN;
    }

    private static @Nullable Layer outermost(Bench bench, Face face) {
        List<Layer> layers = bench.layers(face);
        return layers.isEmpty() ? null : layers.getLast();
    }

    /** Whether oil lies there that never dries. */
    private static boolean never(Bench bench, Face face) {
        return bench.topCoat(face).filter(coat -> coat.product().is(Trait.OILY) && coat.product().law() instanceof Law.Stays).isPresent();
    }

    /** Against shutting in what has not cured. @param what shuts it in, and what comes of it */
    static Optional<Refusal> notCured(Bench bench, Face face, String what) {
        return Curing.of(bench, face).filter(slowest -> tooSoon(bench, slowest, SURELY_TOO_SOON)).map(slowest -> new Refusal(Refusal.Kind.NOT_CURED, face,
                "The %s, laid %s µm thick %s ago, has not cured: %s.".formatted(slowest.coat().product().words(), Figures.rounded(slowest.coat().wetMicrometres(), 0), Span.words(bench.now().minus(slowest.coat().laid())), what),
                "Wait about %s more: %s.".formatted(Span.words(Span.left(bench.now(), slowest.at())), TAKES)));
    }

    static Optional<Concern> nearlyCured(Bench bench, Face face, String what) {
        return Curing.of(bench, face).filter(slowest -> !tooSoon(bench, slowest, SURELY_TOO_SOON) && tooSoon(bench, slowest, 1)).map(slowest -> new Concern(Grade.CARE, face,
                "The %s has cured for more than half its time only: %s.".formatted(slowest.coat().product().words(), what), "Wait about %s more if you can.".formatted(Span.words(Span.left(bench.now(), slowest.at())))));
    }

    private static boolean tooSoon(Bench bench, Curing.Slowest slowest, double share) {
        Duration needs = slowest.at().minus(slowest.coat().laid());
        Duration had = bench.now().minus(slowest.coat().laid());
        return had.toSeconds() + 60 < share * needs.toSeconds();
    }

    /** Against framing or interleaving what lies on the support. */
    static List<Refusal> put(Bench bench, Preparation what) {
        List<Refusal> found = new ArrayList<>();
        if (what == Preparation.FRAME) {
            notCured(bench, Face.SUPPORT_FRONT, "behind glass it sweats, and sticks wherever it touches").ifPresent(found::add);
        }
        if (what == Preparation.INTERLEAVE) {
            Rules.notYet(bench, Face.SUPPORT_FRONT, kindveil.drying.Stage.THROUGH, "release paper over it shuts its water in").ifPresent(found::add);
            bench.topCoat(Face.SUPPORT_FRONT).filter(coat -> coat.product().is(Trait.LOOSE)).ifPresent(coat -> found.add(new Refusal(Refusal.Kind.LOOSE_BELOW, Face.SUPPORT_FRONT,
                    "%s smears under whatever lies on it.".formatted(Words.capital(coat.product().words())), "Fix it with light passes of a spray first, outdoors.")));
        }
        return found;
    }

    /** What a last coat is doubted for. */
    static List<Concern> doubts(Bench bench, Step.Apply step) {
        List<Concern> found = new ArrayList<>();
        Face face = step.onto();
        boolean isolated = bench.layers(face, Coating.class).stream().anyMatch(coat -> coat.product().is(Trait.ISOLATES) || coat.product().is(Trait.FINAL));
        if (step.product().is(Trait.REMOVABLE) && !step.product().is(Trait.FIXES) && !isolated) {
            found.add(new Concern(Grade.CARE, face, "Whoever takes %s off later takes paint and image with it.".formatted(step.product().words()), "An isolating coat first, cured: it stays when the varnish goes."));
        }
        if (step.product().is(Trait.BINDS) && !step.product().is(Trait.ISOLATES) && step.tool().spreads() && outermost(bench, face) instanceof Foil) {
            found.add(new Concern(Grade.CARE, face, "On tape it holds by what it grips around it alone.", "Brush it well past the tape on all sides."));
        }
        if (step.product().is(Trait.FINAL)) {
            nearlyCured(bench, face, "a last coat over it may cloud").ifPresent(found::add);
        }
        if (step.product().is(Trait.WAXY) && bench.supportIs(Support.Trait.BOUND)) {
            found.add(new Concern(Grade.CARE, face, "Wax softens in the warmth of a hand, and marks the page that faces it.", "Release paper between the pages; or a matte varnish instead."));
        }
        boolean drinks = step.product().is(Trait.CAST) && bench.layers(face, Coating.class).stream().noneMatch(coat -> coat.product().is(Trait.CLOSES));
        if (drinks) {
            found.add(new Concern(Grade.POOR, face, "Resin soaks into what is not sealed: it stays dark there, and bubbles rise from it.", "Two coats of gloss medium first."));
        }
        return found;
    }
}
