package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.drying.Stage;
import kindveil.light.Fibre.Filling;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.way.Layer.Carrier;
import kindveil.way.Layer.Coating;
import kindveil.way.Layer.Image;
import kindveil.way.Layer.Residue;
import kindveil.way.Layer.Undercolour;
import kindveil.way.Refusal.Kind;

/** What cannot work, and why: every rule of the bench, asked before a step is taken. */
final class Rules {
    /** A varnish coat before this is certainly too soon; the finish reading asks for longer (practice). */
    private static final Duration LEAST_CURE = Duration.ofDays(3);
    private static final Duration STAGE_SLACK = Duration.ofSeconds(2);

    private Rules() {
    }

    static List<Refusal> judge(Bench bench, Step step) {
        return switch (step) {
            case Step.Prepare prepare -> List.of();
            case Step.WashUp washUp -> List.of();
            case Step.Judge judge -> List.of();
            case Step.Apply apply -> apply(bench, apply);
            case Step.Join join -> join(bench, join);
            case Step.Press press -> press(bench, press);
            case Step.Load load -> joined(bench, load.over());
            case Step.Unload unload -> unload(bench, unload);
            case Step.Wet wet -> wet(bench, wet);
            case Step.Abrade abrade -> throughUnder(bench, abrade.face(), "sanding");
            case Step.RubAway rub -> rub(bench, rub);
            case Step.Infuse infuse -> infuse(bench, infuse);
        };
    }

    static boolean canJoin(Bench bench, Step.Join step) {
        return bench.thing(step.moving().thing()).isPresent() && bench.thing(step.onto().thing()).isPresent()
                && bench.bond(step.moving()).isEmpty() && bench.bond(step.onto()).isEmpty();
    }

    private static List<Refusal> apply(Bench bench, Step.Apply step) {
        Face face = step.onto();
        if (bench.thing(face.thing()).isEmpty()) {
            return List.of(notThere(face));
        }
        List<Refusal> found = new ArrayList<>();
        if (face.equals(Face.PRINT_BACK)) {
            found.add(new Refusal(Kind.PAPER_SEALED_IN, face,
                    "%s on the back of the print seals the paper in: no water will get to it again.".formatted(capital(step.material().words())),
                    "Wipe it off at once with a damp cloth; keep the back clean and dry."));
        }
        if (step.material().waterBorne()) {
            oil(bench, face, step.material()).ifPresent(found::add);
            inkRuns(bench, face, step.material().words()).ifPresent(found::add);
        }
        if (onTheImage(bench, face)) {
            finish(bench, step, found);
        }
        return found;
    }

    private static boolean onTheImage(Bench bench, Face face) {
        return face.equals(Face.SUPPORT_FRONT) && !bench.layers(face, Image.class).isEmpty();
    }

    private static void finish(Bench bench, Step.Apply step, List<Refusal> found) {
        dampFibre(bench, step.onto(), step.material()).ifPresent(found::add);
        if (step.material().kind() == Material.Kind.VARNISH) {
            bench.topCoat(step.onto()).filter(coat -> coat.wetness() != null).filter(coat -> age(bench, coat).compareTo(LEAST_CURE) < 0)
                    .ifPresent(coat -> found.add(new Refusal(Kind.NOT_CURED, step.onto(),
                            "The last coat is %s old and not cured; varnish over it stays soft and clouds.".formatted(
                                    Span.words(age(bench, coat))),
                            "Wait 3 days for thin films, 7 for normal ones, 14 or more for deep beds.")));
        } else {
            notYet(bench, step.onto(), Stage.RECOAT, "a coat now drags it").ifPresent(found::add);
        }
    }

    private static Optional<Refusal> oil(Bench bench, Face face, Material material) {
        return bench.topCoat(face).filter(coat -> coat.material().kind() == Material.Kind.OIL)
                .map(coat -> new Refusal(Kind.WATER_OVER_OIL, face,
                        "%s over %s does not hold: oil ends the water-borne sequence.".formatted(
                                capital(material.words()), coat.material().words()),
                        "Lay water-borne coats before the oil, or leave the oil as the last coat."));
    }

    private static List<Refusal> join(Bench bench, Step.Join step) {
        for (Face face : List.of(step.moving(), step.onto())) {
            if (bench.thing(face.thing()).isEmpty()) {
                return List.of(notThere(face));
            }
        }
        if (!canJoin(bench, step)) {
            return List.of(new Refusal(Kind.ALREADY_JOINED, step.onto(), "Something already lies on it.", "Go on to pressing."));
        }
        List<Refusal> found = new ArrayList<>();
        bed(bench, step).ifPresent(found::add);
        boolean wetInk = bench.layers(step.moving(), Image.class).stream().anyMatch(image -> !image.print().waterproof());
        if (wetInk) {
            inkRuns(bench, step.moving(), "a wet bed").ifPresent(found::add);
        }
        return found;
    }

    /** The print needs a coat still open on one of the two faces. */
    private static Optional<Refusal> bed(Bench bench, Step.Join step) {
        List<Coating> beds = new ArrayList<>();
        bench.topCoat(step.onto()).filter(coat -> coat.wetness() != null).ifPresent(beds::add);
        bench.topCoat(step.moving()).filter(coat -> coat.wetness() != null).ifPresent(beds::add);
        if (beds.isEmpty()) {
            return Optional.of(new Refusal(Kind.NO_WET_BED, step.onto(), "There is no wet coat to hold the print.",
                    "Lay the coat first, then the print into it."));
        }
        double wettest = beds.stream().mapToDouble(coat -> coat.wetness().waterShare(bench.now())).max().orElse(0);
        if (wettest >= Stage.OPEN.waterShare() - 0.005) {
            return Optional.empty();
        }
        return Optional.of(new Refusal(Kind.BED_CLOSED, step.onto(),
                "The bed has lost %s of its water and no longer wets the toner: the print would lift in patches."
                        .formatted(percent(1 - wettest)),
                "Lay a fresh thin coat, and the print at once."));
    }

    private static List<Refusal> press(Bench bench, Step.Press step) {
        return joined(bench, step.over());
    }

    private static List<Refusal> joined(Bench bench, Face over) {
        return bench.bond(over.thing()).isPresent() ? List.of() : List.of(new Refusal(Kind.NOT_JOINED, over,
                "Nothing is laid there yet.", "Lay the print first."));
    }

    private static List<Refusal> unload(Bench bench, Step.Unload step) {
        boolean loaded = bench.bond(step.over().thing()).map(Bond::loaded).orElse(false);
        return loaded ? List.of() : List.of(new Refusal(Kind.NOTHING_LOADED, step.over(), "There is no weight on it.", "Go on."));
    }

    private static List<Refusal> wet(Bench bench, Step.Wet step) {
        if (bench.thing(step.face().thing()).isEmpty()) {
            return List.of(notThere(step.face()));
        }
        List<Refusal> found = new ArrayList<>();
        boolean onBed = bench.bond(step.face().thing()).isPresent() || onTheImage(bench, step.face());
        if (onBed) {
            found.addAll(throughUnder(bench, step.face(), "water"));
            groundRuns(bench).ifPresent(found::add);
        }
        inkRuns(bench, step.face(), "water").ifPresent(found::add);
        return found;
    }

    private static List<Refusal> rub(Bench bench, Step.RubAway step) {
        List<Refusal> found = new ArrayList<>(throughUnder(bench, step.from(), "rubbing"));
        boolean paperThere = bench.thing(step.carrier()).isPresent();
        if (paperThere && bench.bond(step.from()).isEmpty()) {
            found.add(new Refusal(Kind.NOT_JOINED, step.from(), "The print has not been laid.", "Lay it into the wet bed first."));
        }
        boolean dry = paperThere
                ? bench.thing(step.carrier()).orElseThrow().of(Face.Side.FRONT, Carrier.class).stream().noneMatch(Carrier::damp)
                : bench.layers(step.from(), Residue.class).stream().allMatch(r -> r.filling() == Filling.AIR);
        if (dry) {
            found.add(new Refusal(Kind.DRY_PAPER, step.from(), "The paper is dry: rubbing it now tears the image.",
                    "Wet it evenly grey first and give the water a minute."));
        }
        if (!paperThere && bench.layers(step.from(), Residue.class).stream().anyMatch(r -> !r.bare())) {
            found.add(new Refusal(Kind.PAPER_SEALED_IN, step.from(), "The fibre is already under a clear coat.",
                    "Rub before clearing; what is sealed in stays."));
        }
        return found;
    }

    private static List<Refusal> infuse(Bench bench, Step.Infuse step) {
        List<Refusal> found = new ArrayList<>();
        if (bench.thing(Face.ThingKind.PRINT).isPresent() && bench.bond(step.face()).isPresent()) {
            found.add(new Refusal(Kind.PAPER_STILL_ON, step.face(), "The paper is still on the image.", "Rub it away first."));
        }
        dampFibre(bench, step.face(), step.agent()).ifPresent(found::add);
        notYet(bench, step.face(), Stage.THROUGH, "oil shuts the water in").ifPresent(found::add);
        return found;
    }

    private static Optional<Refusal> dampFibre(Bench bench, Face face, Material agent) {
        boolean damp = bench.layers(face, Residue.class).stream().anyMatch(r -> r.filling() == Filling.WATER);
        return damp ? Optional.of(new Refusal(Kind.STILL_WET, face,
                "The fibre is still damp: you cannot see yet what is left, and %s would shut the water in.".formatted(agent.words()),
                "Wait about 15 min until it has turned white, then judge.")) : Optional.empty();
    }

    /** Rubbing, sanding and wetting over a bed ask for it to be through, and for no weight on it. */
    private static List<Refusal> throughUnder(Bench bench, Face face, String act) {
        List<Refusal> found = new ArrayList<>();
        if (bench.bond(face.thing()).map(Bond::loaded).orElse(false)) {
            found.add(new Refusal(Kind.STILL_LOADED, face, "The weight is still on it.", "Take the weight off first."));
        }
        for (Face bed : bench.bond(face.thing()).map(b -> List.of(b.onto(), b.moving())).orElse(List.of(face))) {
            notYet(bench, bed, Stage.THROUGH, act + " now lifts the image").ifPresent(found::add);
        }
        return found;
    }

    private static Optional<Refusal> notYet(Bench bench, Face face, Stage stage, String consequence) {
        return bench.wettest(face).flatMap(coat -> {
            Wetness wetness = coat.wetness();
            double left = wetness.waterShare(bench.now());
            if (left <= stage.waterShare() + 0.0005) {
                return Optional.empty();
            }
            Optional<Duration> wait = wetness.curve().reaches(stage).map(t -> wetness.since().plus(t).minus(bench.now()));
            if (wait.isPresent() && wait.get().compareTo(STAGE_SLACK) <= 0) {
                return Optional.empty();
            }
            String remedy = wait.map(w -> "Wait about %s more.".formatted(Span.words(w)))
                    .orElse("It will not get there in this room at %s: warm it, dry the air or bring a fan."
                            .formatted(bench.room().humidity()));
            return Optional.of(new Refusal(Kind.NOT_DRY, face, "The %s is %s of the way to %s; %s.".formatted(
                    bench.bond(face).isPresent() ? "bed under the print" : "last coat on " + face,
                    percent((1 - left) / (1 - stage.waterShare())), stage.words(), consequence), remedy));
        });
    }

    private static Optional<Refusal> inkRuns(Bench bench, Face face, String what) {
        return bench.layers(new Face(face.thing(), Face.Side.FRONT), Image.class).stream()
                .filter(image -> !image.print().waterproof()).findFirst()
                .map(image -> new Refusal(Kind.WATER_RUNS_INK, face,
                        "%s dissolves in water and bleeds from %s.".formatted(capital(image.print().words()), what),
                        "Take a laser or photocopy of it, or fix the print with acrylic spray outdoors and use a way made for that."));
    }

    private static Optional<Refusal> groundRuns(Bench bench) {
        return bench.layers(Face.SUPPORT_FRONT, Undercolour.class).stream()
                .filter(colour -> !colour.ground().waterResistant()).findFirst()
                .map(colour -> new Refusal(Kind.WATER_RUNS_GROUND, Face.SUPPORT_FRONT,
                        "The ground is %s: the water for rubbing lifts it.".formatted(colour.ground().words()),
                        "Seal it with a coat of clear medium and let that dry, before anything else."));
    }

    private static Duration age(Bench bench, Coating coat) {
        return bench.now().minus(coat.wetness().laid());
    }

    private static Refusal notThere(Face face) {
        return new Refusal(Kind.NOT_THERE, face, "%s is no longer on the bench.".formatted(capital(face.toString())),
                "Undo the act that took it away.");
    }

    private static String percent(double share) {
        return Figures.rounded(Math.floor(share * 100), 0) + " %";
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
