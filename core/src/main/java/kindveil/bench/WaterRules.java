package kindveil.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Receiver;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Refusal.Kind;
import kindveil.drying.Stage;
import kindveil.light.Fibre.Filling;
import kindveil.measure.Words;
import kindveil.product.Trait;

/** Rules for water: wetting, rubbing paper away, dissolving. */
final class WaterRules {
    private WaterRules() {
    }

    static List<Refusal> wet(Bench bench, Step.Wet step) {
        if (!bench.has(step.face().thing())) {
            return List.of(Rules.notThere(step.face()));
        }
        List<Refusal> found = new ArrayList<>();
        boolean onSupport = step.face().thing() == ThingKind.SUPPORT || bench.bond(ThingKind.SUPPORT).map(bond -> bond.joins(step.face().thing())).orElse(false);
        if (bench.bond(step.face().thing()).isPresent() || !bench.pictures(step.face()).isEmpty()) {
            found.addAll(Rules.throughUnder(bench, step.face(), "water"));
        }
        if (onSupport) {
            groundRuns(bench).ifPresent(found::add);
            if (step.bath().immerses()) {
                bath(bench).or(() -> softened(bench, Face.SUPPORT_FRONT, "a bath")).ifPresent(found::add);
            }
        }
        tissue(bench, step.face()).ifPresent(found::add);
        if (step.bath() != Step.Bath.HOT_TRAY) {
            Rules.inkRuns(bench, step.face(), "water").ifPresent(found::add);
        }
        return found;
    }

    /** A bath for the whole support. */
    private static Optional<Refusal> bath(Bench bench) {
        if (bench.supportIs(Support.Trait.BOUND)) {
            return Optional.of(new Refusal(Kind.BOUND_PAGE, Face.SUPPORT_FRONT, "A bound journal page is never soaked: the whole book swells.",
                    "Make it on a loose heavy sheet and collage it in, or choose a way that only mists."));
        }
        boolean soaks = bench.supportIs(Support.Trait.SOAKS) || bench.supportIs(Support.Trait.METAL);
        return soaks ? Optional.empty() : Optional.of(new Refusal(Kind.WARPS, Face.SUPPORT_FRONT,
                "%s warps or lets go when it is immersed.".formatted(Words.capital(bench.support().map(u -> u.support().words()).orElse("the support"))),
                "Wet only the print, with a mist or a sponge, or work on a heavy loose sheet."));
    }

    /** Tissue that water gets at. */
    private static Optional<Refusal> tissue(Bench bench, Face face) {
        boolean tissue = bareTissue(bench, face) || face.thing() == ThingKind.SUPPORT && bench.support().map(under -> under.support().wetStrength() == Support.WetStrength.TEARS).orElse(false);
        return tissue ? Optional.of(new Refusal(Kind.TEARS, face, "Tissue tears as soon as water softens it.",
                "Wet it out with thin medium once it lies in place, and leave water away from it.")) : Optional.empty();
    }

    /** Whether tissue lies on a thing with nothing over it that closes it: what lies under such a coat is safe. */
    static boolean bareTissue(Bench bench, Face face) {
        boolean reached = false;
        for (Layer layer : bench.layers(new Face(face.thing(), Face.Side.FRONT))) {
            reached = layer instanceof Carrier sheet && sheet.sheet() == Sheet.TISSUE || reached && !(layer instanceof Layer.Coating coat && coat.product().is(Trait.CLOSES));
        }
        return reached;
    }

    /** A support that bears misting and no more, with nothing between it and a tray of water or a rubbing finger. */
    private static Optional<Refusal> softened(Bench bench, Face face, String what) {
        return bench.support().filter(under -> under.support().wetStrength() == Support.WetStrength.BEARS_MISTING && !under.ground().seals() && !sealed(bench))
                .map(under -> new Refusal(Kind.TEARS, face, "%s bears misting, not %s: wet through, it tears.".formatted(Words.capital(under.support().words()), what),
                        "Seal it with a coat of clear medium, or prime it, and let that dry, before anything else."));
    }

    /** Whether a closing coat lies over all of the support. */
    private static boolean sealed(Bench bench) {
        return bench.layers(Face.SUPPORT_FRONT, Coating.class).stream().anyMatch(coat -> coat.extent() == Extent.WHOLE && coat.product().is(Trait.CLOSES));
    }

    /** The ground, where water lifts it and nothing keeps water from it. */
    static Optional<Layer.Undercolour> lifted(Bench bench) {
        return sealed(bench) ? Optional.empty() : bench.support().filter(under -> !under.ground().waterResistant());
    }

    /** Water reaches a soluble ground unless a clear coat over the whole face has dried on it. */
    private static Optional<Refusal> groundRuns(Bench bench) {
        return lifted(bench).map(under -> new Refusal(Kind.WATER_RUNS_GROUND, Face.SUPPORT_FRONT,
                        "The ground is %s: the water for rubbing lifts it.".formatted(under.ground().words()),
                        "Seal it with a coat of clear medium and let that dry, before anything else."));
    }

    static List<Refusal> rub(Bench bench, Step.RubAway step) {
        boolean paperThere = bench.has(step.carrier());
        Face bed = paperThere ? new Face(step.carrier(), Face.Side.FRONT) : step.keeps();
        List<Refusal> found = new ArrayList<>(Rules.throughUnder(bench, bed, "rubbing"));
        if (paperThere) {
            paper(bench, step, found);
        } else {
            fibre(bench, step, found);
        }
        if (step.keeps().thing() == ThingKind.SUPPORT) {
            softened(bench, step.keeps(), "rubbing").ifPresent(found::add);
        }
        return found;
    }

    private static void paper(Bench bench, Step.RubAway step, List<Refusal> found) {
        List<Carrier> sheets = bench.layers(Face.PRINT_FRONT, Carrier.class);
        boolean ofItsOwn = step.keeps().thing() == ThingKind.SKIN;
        if (!ofItsOwn && bench.bond(step.carrier()).isEmpty()) {
            found.add(new Refusal(Kind.NOT_JOINED, step.keeps(), "The print has not been laid.", "Lay it into the wet bed first."));
        }
        if (ofItsOwn && bench.layers(Face.PRINT_FRONT, Coating.class).isEmpty()) {
            found.add(new Refusal(Kind.NOT_PREPARED, step.keeps(), "Nothing will hold the image once its paper is gone.",
                    "Coat the face of the print first; the coats become the skin."));
        }
        sheets.stream().filter(c -> !c.sheet().rubsAway()).findFirst().ifPresent(c -> found.add(new Refusal(Kind.DOES_NOT_RUB, step.keeps(),
                "%s does not rub away.".formatted(Words.capital(c.sheet().words())),
                "Print it with toner on thin copy paper for this way.")));
        bench.layers(Face.PRINT_FRONT, Image.class).stream().filter(image -> !image.print().lifts()).findFirst()
                .ifPresent(image -> found.add(new Refusal(Kind.DOES_NOT_LIFT, step.keeps(),
                        "%s keeps its ink: the coating under it does not let go.".formatted(Rules.one(image.print().words())),
                        "Ask of a page: does it shine, does a wet finger darken it? Take a dull one, or a photocopy of this one.")));
        if (sheets.stream().noneMatch(Carrier::damp)) {
            found.add(dryPaper(step.keeps()));
        }
    }

    /** Only the paper of the picture in hand: what lies there of others is under later coats, or left as it is. */
    private static void fibre(Bench bench, Step.RubAway step, List<Refusal> found) {
        List<Residue> fibre = bench.layers(step.keeps(), Residue.class).stream().filter(r -> r.picture() == step.picture()).toList();
        if (fibre.stream().allMatch(r -> r.filling() == Filling.AIR)) {
            found.add(dryPaper(step.keeps()));
        }
        if (fibre.stream().anyMatch(r -> !r.bare())) {
            found.add(new Refusal(Kind.PAPER_SEALED_IN, step.keeps(), "The fibre is already under a clear coat.", "Rub before clearing; what is sealed in stays."));
        }
    }

    private static Refusal dryPaper(Face face) {
        return new Refusal(Kind.DRY_PAPER, face, "The paper is dry: rubbing it now tears the image.", "Wet it evenly grey first and give the water a minute.");
    }

    static List<Refusal> dissolve(Bench bench, Step.Dissolve step) {
        if (!bench.has(step.face().thing())) {
            return List.of(Rules.notThere(step.face()));
        }
        List<Refusal> found = new ArrayList<>();
        switch (step.what()) {
            case RECEIVER -> {
                if (bench.layers(step.face(), Receiver.class).isEmpty()) {
                    found.add(new Refusal(Kind.NOTHING_DISSOLVES, step.face(), "There is no receiver coating to rinse off.", "Go on without the rinse."));
                }
                Rules.notYet(bench, step.face(), Stage.THROUGH, "the rinse would float the image off").ifPresent(found::add);
                bath(bench).ifPresent(found::add);
            }
            case SUBLIMED_DYE -> bench.layers(Face.PRINT_FRONT, Image.class).stream().filter(image -> image.print().ink() != PrintKind.Ink.SUBLIMED).findFirst()
                    .ifPresent(image -> found.add(new Refusal(Kind.NOTHING_DISSOLVES, step.face(),
                            "%s has no dye layer that floats off in hot water.".formatted(Rules.one(image.print().words())),
                            "Have it made as a dye-sublimation photo print, the kind of instant photo kiosks.")));
        }
        return found;
    }
}
