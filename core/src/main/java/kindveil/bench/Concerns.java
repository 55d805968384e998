package kindveil.bench;

import java.util.ArrayList;
import java.util.List;
import kindveil.bench.Concern.Grade;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Residue;
import kindveil.measure.Figures;
import kindveil.measure.Words;
import kindveil.product.Law;
import kindveil.product.Trait;

/** What the bench takes but doubts: care or poor, never impossible. */
final class Concerns {
    private static final double CLOSED_BED_MOST = 100;
    private static final double TEARS_BELOW = 55;
    private static final double TACKY_UNDER = 5;
    /** What a solid of toner run twice over itself lets through is under this. */
    private static final double RUN_OVER = 0.3;

    private Concerns() {
    }

    static List<Concern> of(Bench bench, Step step) {
        return switch (step) {
            case Step.SetOut setOut -> setOut(setOut.thing());
            case Step.Apply apply -> apply(bench, apply);
            case Step.Join join -> join(bench, join);
            case Step.Part part -> part(bench, part);
            case Step.RubAway rub -> rub(bench, rub);
            case Step.Heat heat -> List.of(new Concern(Grade.CARE, heat.face(), "Hot air raises bubbles in a thick coat.", "Keep moving; further away first."));
            case Step.Prepare s -> List.of();
            case Step.Mix s -> List.of();
            case Step.Press press -> press(bench, press);
            case Step.Load s -> List.of();
            case Step.Unload s -> List.of();
            case Step.Wet wet -> wet(bench, wet);
            case Step.Abrade s -> List.of();
            case Step.Infuse infuse -> infuse(bench, infuse);
            case Step.Dissolve s -> List.of();
            case Step.Move s -> List.of();
            case Step.Cut s -> List.of();
            case Step.Outline s -> List.of();
            case Step.Blot s -> List.of();
            case Step.WashUp s -> List.of();
            case Step.Judge s -> List.of();
        };
    }

    private static List<Concern> setOut(Thing thing) {
        List<Concern> found = new ArrayList<>();
        for (Image image : thing.of(Face.Side.FRONT, Image.class)) {
            Face face = new Face(thing.kind(), Face.Side.FRONT);
            if (image.print() == PrintKind.WEAK_TONER && image.toner().transmittance() > RUN_OVER) {
                found.add(new Concern(Grade.CARE, face, "A weak single run carries little toner: greys break up.", "Run it two or three times over itself, registered, or have it copied."));
            }
            if (image.print() == PrintKind.MAGAZINE) {
                found.add(new Concern(Grade.CARE, face, "Magazine ink is thin: blacks come grey, and print of the other side may show.", "Try a corner; a photocopy of it is stronger."));
            }
        }
        return found;
    }

    private static List<Concern> apply(Bench bench, Step.Apply step) {
        List<Concern> found = new ArrayList<>();
        boolean medium = step.product().is(Trait.BINDS);
        if (medium && step.onto().equals(Face.SUPPORT_FRONT) && bench.supportIs(Support.Trait.CLOSED) && step.wetMicrometres() > CLOSED_BED_MOST) {
            found.add(new Concern(Grade.CARE, step.onto(), "%s µm on a closed surface dries only from the top and lifts.".formatted(Figures.plain(step.wetMicrometres())),
                    "Lay it thinner, 60 µm or so, and give it a day."));
        }
        if (step.tool() == Tool.FOAM_ROLLER && step.onto().equals(Face.SUPPORT_FRONT) && bench.has(ThingKind.SKIN)) {
            found.add(new Concern(Grade.CARE, step.onto(), "A foam roller leaves froth, and a skin shuts it in: pale bubbles that stay.", "Brush it on, or wait until the froth has sunk and lay the skin then, while it is still wet."));
        }
        boolean watery = step.product().is(Trait.WATER_BORNE) && step.tool().spreads();
        if (watery && step.onto().equals(Face.SUPPORT_FRONT)) {
            WaterRules.lifted(bench).ifPresent(under -> found.add(new Concern(Grade.CARE, step.onto(),
                    "%s lifts %s as it is spread.".formatted(Words.capital(step.product().words()), under.ground().words()), "One stroke each way and never back; or fix the ground with a light spray first, outdoors.")));
        }
        boolean beads = step.product().is(Trait.SOLUBLE) && step.product().is(Trait.WATER_BORNE) && step.tool().spreads() && bench.topCoat(step.onto()).map(coat -> coat.product().is(Trait.CLOSES) && coat.product().gloss()).orElse(false);
        if (beads) {
            found.add(new Concern(Grade.CARE, step.onto(), "%s beads on a gloss face and dries in spots.".formatted(Words.capital(step.product().words())),
                    "A thin coat of matte medium or fine pumice gel first: it gives tooth."));
        }
        found.addAll(FinishRules.doubts(bench, step));
        boolean matteBelow = bench.layers(step.onto(), Coating.class).stream().anyMatch(c -> c.product().clouds());
        if (step.product().clouds() && matteBelow) {
            found.add(new Concern(Grade.CARE, step.onto(), "Matte over matte goes milky.", "Build with gloss and finish with matte."));
        }
        return found;
    }

    /** What presses strongly smears what is thick and wet. */
    private static List<Concern> press(Bench bench, Step.Press step) {
        boolean thick = bench.topCoat(Face.SUPPORT_FRONT).map(coat -> coat.wetMicrometres() >= JoinRules.RIDGED_MICROMETRES && coat.open(bench.now(), kindveil.drying.Stage.OPEN)).orElse(false);
        return thick && step.tool() == Tool.BAREN ? List.of(new Concern(Grade.CARE, step.over(), "A baren pushes so thick a bed about, and smears the image with it.", "The edge of a card, from the centre outwards; or a thinner bed.")) : List.of();
    }

    /** Thin paper in a bath, or rubbed with a cloth, goes to pieces before it comes off. */
    private static List<Concern> wet(Bench bench, Step.Wet step) {
        List<Concern> found = new ArrayList<>(paper(bench, step));
        boolean under = bench.bond(ThingKind.PRINT).map(bond -> bond.joins(ThingKind.SUPPORT)).orElse(false);
        if (step.bath().immerses() && under) {
            bench.layers(Face.SUPPORT_FRONT, Image.class).stream().filter(image -> !image.print().waterproof()).findFirst().ifPresent(image -> found.add(new Concern(Grade.POOR, Face.SUPPORT_FRONT,
                    "The whole sheet goes into the water, and %s laid before fades in it once more.".formatted(image.print().words()), "Lay all of them first and soak the sheet once, or lay each on a sheet of its own.")));
        }
        return found;
    }

    private static List<Concern> paper(Bench bench, Step.Wet step) {
        double grams = bench.layers(Face.PRINT_FRONT, Layer.Carrier.class).stream().filter(sheet -> sheet.sheet().rubsAway()).mapToDouble(Layer.Carrier::gramsPerSquareMetre).findFirst().orElse(Double.MAX_VALUE);
        return grams < TEARS_BELOW && step.face().equals(Face.PRINT_BACK) ? List.of(new Concern(Grade.CARE, step.face(), "Paper of %s g/m² tears as soon as it is wet through.".formatted(Figures.plain(grams)),
                "Only a mist at a time, and lift the pulp instead of rubbing it.")) : List.of();
    }

    private static List<Concern> infuse(Bench bench, Step.Infuse step) {
        boolean page = step.face().equals(Face.SUPPORT_FRONT) && bench.supportIs(Support.Trait.BOUND) && step.agent().is(Trait.OILY);
        return page ? List.of(new Concern(Grade.POOR, step.face(), "Oil creeps through a bound page and stains its neighbours.", "Clear it with a thin coat of gloss medium instead.")) : List.of();
    }

    private static List<Concern> join(Bench bench, Step.Join step) {
        List<Concern> found = new ArrayList<>();
        boolean ontoSupport = step.onto().equals(Face.SUPPORT_FRONT);
        boolean resisted = bench.topCoat(Face.SUPPORT_FRONT).map(coat -> coat.product().is(Trait.CLOSES)).orElse(bench.supportIs(Support.Trait.CLOSED));
        if (resisted && ontoSupport && bench.topCoat(step.moving()).filter(coat -> coat.product().is(Trait.PRINTS) && coat.product().law() instanceof Law.Oxidises).isPresent()) {
            found.add(new Concern(Grade.POOR, step.onto(), "Oil-type ink gives its oil to what drinks it; this face drinks none, and the ink may never dry.", "Water-based ink, or raw paper."));
        }
        if (ontoSupport && step.moving().thing() == ThingKind.TAPE) {
            if (bench.supportIs(Support.Trait.CURVED)) {
                found.add(new Concern(Grade.POOR, step.onto(), "Tape bears about half a per cent of stretch: on a curve it kinks.", "What stretches lies on it: a thin skin bears about 6 %."));
            }
            double left = bench.layers(Face.TAPE_BACK, Residue.class).stream().mapToDouble(Residue::gramsPerSquareMetre).max().orElse(0);
            if (left > TACKY_UNDER) {
                found.add(new Concern(Grade.CARE, step.onto(), "With %s g/m² of fibre on it the tape hardly sticks.".formatted(Figures.rounded(left, 1)),
                        "One more round of rubbing, or a little gel medium under the darks."));
            }
        }
        if (ontoSupport && JoinRules.wets(bench, step.moving())) {
            WaterRules.lifted(bench).ifPresent(under -> found.add(new Concern(Grade.POOR, step.onto(),
                    "What is laid is damp: it lifts %s wherever they touch.".formatted(under.ground().words()), "Seal the ground with a coat of clear medium and let that dry, before anything else.")));
        }
        if (ontoSupport && step.moving().thing() == ThingKind.PRINT && bench.keptDry()) {
            found.add(new Concern(Grade.POOR, step.moving(), "Its ink runs wherever water gets to it: a school that works only as long as it is kept dry.",
                    "Coat the block alone, thin; no drop on the paper until the medium is through, and try a corner first. A photocopy of it is sure."));
        }
        if (ontoSupport && step.moving().thing() == ThingKind.PRINT) {
            bench.support().filter(under -> under.ground().is(Ground.Trait.LIFTS)).ifPresent(under -> found.add(new Concern(Grade.CARE,
                    step.onto(), "Rubbing and peeling can lift %s at its edges.".formatted(under.ground().words()),
                    "Seal it with a thin coat first and let that dry.")));
        }
        return found;
    }

    private static List<Concern> part(Bench bench, Step.Part step) {
        if (step.split() != Step.Split.PEEL) {
            return List.of();
        }
        List<Concern> found = new ArrayList<>();
        for (Image image : bench.layers(Face.PRINT_FRONT, Image.class)) {
            double dye = image.print().dyeShare(image.colourShare());
            if (dye >= PrintKind.COLOURFUL) {
                found.add(new Concern(dye > 0.5 ? Grade.POOR : Grade.CARE, step.from(),
                        image.print().ink() == PrintKind.Ink.MIXED ? "%s of this picture is coloured, and the colours are dye: they may stay on the film.".formatted(Rules.percent(image.colourShare()))
                                : "Dye ink is unpredictable on film: colour may stay behind, fine writing blurs.",
                        "Print with pigment ink, or make the picture black and white."));
            }
        }
        if (bench.supportIs(Support.Trait.OPEN)) {
            found.add(new Concern(Grade.CARE, step.from(), "Gauze and mesh skew and stick to what lies below.", "Move it to a fresh sheet at once and let it dry there."));
        }
        if (bench.supportIs(Support.Trait.CLINGS)) {
            found.add(new Concern(Grade.CARE, step.from(), "Film clings to leather: pulled fast, it takes ink back with it.", "Low and slow, rolled back over a rod, and the leather held flat beside it."));
        }
        if (bench.supportIs(Support.Trait.METAL)) {
            found.add(new Concern(Grade.CARE, step.from(), "On metal the ink slides until it is dry.", "Peel without any sideways movement."));
        }
        return found;
    }

    /** Less than that of its ink left is seen. */
    private static final double HARDLY_FADED = 0.9;

    private static List<Concern> rub(Bench bench, Step.RubAway step) {
        boolean page = step.keeps().thing() == ThingKind.SUPPORT && bench.supportIs(Support.Trait.BOUND) && step.pass() == 1;
        List<Concern> found = new ArrayList<>();
        if (page) {
            found.add(new Concern(Grade.CARE, step.keeps(), "A journal page softens and cockles under wet rubbing.", "Only a mist, a sheet of film under the page, and long rests."));
        }
        bench.layers(Face.PRINT_FRONT, Image.class).stream().filter(image -> image.kept() < HARDLY_FADED).findFirst().ifPresent(image -> found.add(new Concern(Grade.POOR, step.keeps(),
                "It lay in the water too long: %s of its ink is left.".formatted(Rules.percent(image.kept())), "Take it out at its time, by the clock; or print it stronger.")));
        return found;
    }
}
