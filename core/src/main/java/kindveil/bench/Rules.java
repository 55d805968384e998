package kindveil.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Refusal.Kind;
import kindveil.drying.Damp;
import kindveil.drying.DryingAdvice;
import kindveil.drying.Stage;
import kindveil.light.Fibre.Filling;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.product.Product;
import kindveil.product.Trait;

/**
 * What cannot work, and why: every rule of the bench, asked before a step is taken. What concerns coats is in
 * {@link CoatRules}, laying in {@link JoinRules}, water and rubbing in {@link WaterRules}, parting in {@link PartRules}.
 */
final class Rules {
    private static final Duration STAGE_SLACK = Duration.ofSeconds(2);

    private Rules() {
    }

    static List<Refusal> judge(Bench bench, Step step) {
        return switch (step) {
            case Step.WashUp washUp -> List.of();
            case Step.Judge judge -> List.of();
            case Step.Move move -> there(bench, new Face(move.thing(), Face.Side.FRONT));
            case Step.Blot blot -> there(bench, blot.face());
            case Step.Outline outline -> there(bench, outline.of());
            case Step.SetOut setOut -> setOut(bench, setOut.thing().kind());
            case Step.Prepare prepare -> bench.has(prepare.thing()) ? FinishRules.put(bench, prepare.what()) : there(bench, new Face(prepare.thing(), Face.Side.FRONT));
            case Step.Mix mix -> mix(mix);
            case Step.Apply apply -> CoatRules.apply(bench, apply);
            case Step.Infuse infuse -> CoatRules.infuse(bench, infuse);
            case Step.Heat heat -> CoatRules.heat(bench, heat);
            case Step.Join join -> JoinRules.join(bench, join);
            case Step.Press press -> JoinRules.press(bench, press);
            case Step.Load load -> JoinRules.joined(bench, load.over());
            case Step.Unload unload -> JoinRules.unload(bench, unload);
            case Step.Wet wet -> WaterRules.wet(bench, wet);
            case Step.RubAway rub -> WaterRules.rub(bench, rub);
            case Step.Dissolve dissolve -> WaterRules.dissolve(bench, dissolve);
            case Step.Abrade abrade -> throughUnder(bench, abrade.face(), "sanding");
            case Step.Part part -> PartRules.part(bench, part);
            case Step.Cut cut -> PartRules.cut(bench, cut);
        };
    }

    static List<Refusal> there(Bench bench, Face face) {
        return bench.has(face.thing()) ? List.of() : List.of(notThere(face));
    }

    private static List<Refusal> setOut(Bench bench, ThingKind kind) {
        return bench.bond(kind).isEmpty() ? List.of() : List.of(new Refusal(Kind.STILL_IN_USE, new Face(kind, Face.Side.FRONT),
                "The %s before it still lies where it was laid.".formatted(kind.words()), "Part those two first."));
    }

    private static List<Refusal> mix(Step.Mix step) {
        double least = step.mixture().leastBottlePercent();
        boolean releases = step.mixture().gives() != null && step.mixture().gives().releases();
        return step.bottlePercent() >= least ? List.of() : List.of(new Refusal(Kind.WEAK_BOTTLE, Face.SUPPORT_FRONT,
                "The alcohol is %s %% in its bottle; under %s %% %s.".formatted(
                        Figures.plain(step.bottlePercent()), Figures.plain(least), releases ? "the solution does not let the ink go" : "its water clouds the film"),
                "Take a bottle of at least %s %%; the strength counts before mixing, not after.".formatted(Figures.plain(least))));
    }

    /** Rubbing, sanding and wetting over a bed ask for it to be through, and for no weight on it. */
    static List<Refusal> throughUnder(Bench bench, Face face, String act) {
        List<Refusal> found = new ArrayList<>();
        Optional<Bond> bond = bench.bond(face.thing());
        if (bond.map(Bond::loaded).orElse(false)) {
            found.add(new Refusal(Kind.STILL_LOADED, face, "The weight is still on it.", "Take the weight off first."));
        }
        for (Face bed : bond.map(b -> List.of(b.onto(), b.moving())).orElse(List.of(face))) {
            notYet(bench, bed, Stage.THROUGH, act + " now lifts the image").ifPresent(found::add);
        }
        return found;
    }

    /** The slowest coat on a face has not reached a stage. */
    static Optional<Refusal> notYet(Bench bench, Face face, Stage stage, String consequence) {
        Coating slowest = null;
        Duration longest = Duration.ZERO;
        for (Coating coat : bench.layers(face, Coating.class)) {
            Optional<Duration> wait = coat.until(stage, bench.now());
            if (wait.isEmpty()) {
                return Optional.of(notDry(bench, face, coat, stage, consequence, "It will not get there in this room at %s. %s".formatted(bench.air().last().humidity(), DryingAdvice.of(stage, bench.air().last()).words())));
            }
            if (wait.get().compareTo(longest) > 0) {
                slowest = coat;
                longest = wait.get();
            }
        }
        return slowest == null || longest.compareTo(STAGE_SLACK) <= 0 ? Optional.empty()
                : Optional.of(notDry(bench, face, slowest, stage, consequence, "Wait about %s more.".formatted(Span.words(longest))));
    }

    private static Refusal notDry(Bench bench, Face face, Coating coat, Stage stage, String consequence, String remedy) {
        String what = bench.bond(face).isPresent() ? "bed under the print" : "last coat on " + face;
        double done = (1 - coat.waterShare(bench.now())) / (1 - stage.waterShare());
        String state = coat.drying() == null ? "The %s, %s, has not set; %s.".formatted(what, coat.product().words(), consequence)
                : "The %s is %s of the way to %s; %s.".formatted(what, percent(done), stage.words(), consequence);
        return new Refusal(Kind.NOT_DRY, face, state, remedy);
    }

    static Optional<Refusal> dampFibre(Bench bench, Face face, Product agent) {
        return bench.layers(face, Residue.class).stream().filter(r -> r.filling() == Filling.WATER).findFirst().map(damp -> new Refusal(Kind.STILL_WET, face,
                "The fibre is still damp: you cannot see yet what is left, and %s would shut the water in.".formatted(agent.words()),
                damp.white() == null ? "It will not dry in this room at %s. %s".formatted(bench.air().last().humidity(), DryingAdvice.of(Damp.residue(), bench.air().last()).words())
                        : "Wait about %s until it has turned white, then judge.".formatted(Span.words(Span.longer(damp.white().minus(bench.now()), Span.minutes(1))))));
    }

    /** Inkjet on plain paper bleeds, unless a dry fixative lies over it or it is kept dry on a block. */
    static Optional<Refusal> inkRuns(Bench bench, Face face, String what) {
        Face front = new Face(face.thing(), Face.Side.FRONT);
        return fixed(bench, front) || bench.keepsDry() ? Optional.empty() : bench.layers(front, Layer.Image.class).stream().filter(image -> !image.print().waterproof()).findFirst()
                .map(image -> new Refusal(Kind.WATER_RUNS_INK, face,
                        "%s dissolves in water and bleeds from %s.".formatted(Words.capital(image.print().words()), what),
                        "Take a laser or photocopy of it, or fix the print with acrylic spray outdoors and use a way made for that."));
    }

    /** Whether a dry fixative lies on a face. */
    static boolean fixed(Bench bench, Face face) {
        return bench.layers(face, Coating.class).stream().anyMatch(coat -> coat.product().is(Trait.FIXES) && coat.until(Stage.RECOAT, bench.now()).filter(Duration::isZero).isPresent());
    }

    static Refusal notThere(Face face) {
        return new Refusal(Kind.NOT_THERE, face, "%s is not on the bench.".formatted(Words.capital(face.toString())),
                "Undo the act that took it away, or set it out first.");
    }

    static String percent(double share) {
        return Figures.rounded(Math.floor(share * 100), 0) + " %";
    }

    /** With its article, to begin a sentence. */
    static String one(String words) {
        return ("aeiou".indexOf(words.charAt(0)) >= 0 ? "An " : "A ") + words;
    }
}
