package kindveil.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Refusal.Kind;
import kindveil.drying.Stage;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.product.Release;

/** Rules for parting things whole, and for cutting. */
final class PartRules {
    /** Paper that has drunk the paint off a plate holds fast to it from here on (practice). */
    private static final Duration LONGEST_ON_PLATE = Span.minutes(4);

    private PartRules() {
    }

    static List<Refusal> part(Bench bench, Step.Part step) {
        Optional<Bond> bond = bench.bond(step.away());
        if (bond.isEmpty()) {
            return List.of(new Refusal(Kind.NOT_JOINED, step.from(), "Nothing is laid there yet.", "Lay it first."));
        }
        return switch (step.split()) {
            case PEEL -> peel(bench, step, bond.get());
            case LIFT -> lift(bench, step);
            case PULL -> pulled(bench, step, bond.get());
            case GIVE -> wetPaint(bench, step);
        };
    }

    private static List<Refusal> peel(Bench bench, Step.Part step, Bond bond) {
        List<Refusal> found = new ArrayList<>();
        Optional<Coating> bed = Partings.releasing(bench, step.from());
        if (bed.isEmpty()) {
            return List.of(new Refusal(Kind.DOES_NOT_LIFT, step.from(), "Only film peels whole; this print's paper is rubbed away.",
                    "Let the bed dry through, then wet and rub."));
        }
        Release release = bed.get().product().release();
        Duration least = release.least();
        Duration most = release.most();
        Duration dwelt = Moves.dwelt(bench, bond);
        String sheet = bench.layers(Face.PRINT_FRONT, Layer.Receiver.class).isEmpty() ? "sheet" : "film";
        if (dwelt.compareTo(least) < 0) {
            found.add(new Refusal(Kind.TOO_SOON_TO_PEEL, step.from(), "The %s has lain for %s; the ink lets go after %s.".formatted(sheet, Span.words(dwelt), Span.words(least)),
                    "Lay it back without moving it and wait %s more.".formatted(Span.words(least.minus(dwelt)))));
        }
        if (dwelt.compareTo(most) > 0) {
            found.add(new Refusal(Kind.DWELL_PASSED, step.from(), "The %s has lain for %s; from %s on the bed dries and the ink holds to the %s again."
                    .formatted(sheet, Span.words(dwelt), Span.words(most), sheet), "Peel what comes, from the other side where a patch stays; note the time for the next one."));
        }
        return found;
    }

    private static List<Refusal> lift(Bench bench, Step.Part step) {
        List<Refusal> found = new ArrayList<>(wetPaint(bench, step));
        bench.layers(Face.PRINT_FRONT, Image.class).stream().filter(image -> !image.print().holdsPaint()).findFirst()
                .ifPresent(image -> found.add(new Refusal(Kind.HOLDS_NO_PAINT, step.from(),
                        "%s takes paint up all over: only toner on plain paper parts it.".formatted(Rules.one(image.print().words())),
                        "Make a photocopy or laser print of it, with strong blacks.")));
        return found;
    }

    /** Paper laid on a plate drinks the paint and so takes it along, until it holds fast; a block's ink must be wet. */
    private static List<Refusal> pulled(Bench bench, Step.Part step, Bond bond) {
        boolean drunk = step.from().thing() == ThingKind.PLATE && bench.topCoat(step.from()).isPresent();
        if (!drunk) {
            return wetPaint(bench, step);
        }
        return Moves.dwelt(bench, bond).compareTo(LONGEST_ON_PLATE) <= 0 ? List.of() : List.of(dried(bench.topCoat(step.from()).get(), step.from()));
    }

    /** Paint or ink must still be wet when the two part. */
    private static List<Refusal> wetPaint(Bench bench, Step.Part step) {
        Face inked = step.split() == Step.Split.GIVE ? new Face(step.away(), Face.Side.FRONT) : step.from();
        Stage limit = step.from().thing() == ThingKind.PLATE ? Stage.TOUCH_DRY : Stage.OPEN;
        Optional<Coating> top = bench.topCoat(inked);
        if (top.isEmpty()) {
            return List.of(new Refusal(Kind.NO_WET_BED, inked, "There is no paint or ink on it to part.", "Roll it on first, thin."));
        }
        return top.get().open(bench.now(), limit) ? List.of() : List.of(dried(top.get(), inked));
    }

    private static Refusal dried(Coating coat, Face inked) {
        return new Refusal(Kind.PAINT_DRIED, inked, "The %s has dried: it stays where it is, or tears the paper.".formatted(coat.product().words()),
                "Clean up, roll it fresh and thin, and work without a pause.");
    }

    static List<Refusal> cut(Bench bench, Step.Cut step) {
        Face face = new Face(step.thing(), Face.Side.FRONT);
        if (!bench.has(step.thing())) {
            return List.of(Rules.notThere(face));
        }
        if (step.how() == Step.Cutting.CARVE) {
            return carve(bench, face);
        }
        return step.how() == Step.Cutting.CUT_OUT && bench.supportIs(Support.Trait.BOUND) ? List.of(new Refusal(Kind.NOT_TO_BE_CUT, face,
                "A bound page cannot be cut out and laid elsewhere.", "Work on a loose sheet for collage.")) : List.of();
    }

    private static List<Refusal> carve(Bench bench, Face face) {
        List<Refusal> found = new ArrayList<>();
        if (!bench.supportIs(Support.Trait.CARVES)) {
            found.add(new Refusal(Kind.NOT_TO_BE_CUT, face, "%s is not for carving.".formatted(
                    Words.capital(bench.support().map(u -> u.support().words()).orElse("this"))), "Take a lino, vinyl or wood block."));
        }
        boolean damp = bench.layers(face, Layer.Residue.class).stream().anyMatch(r -> r.filling() == kindveil.light.Fibre.Filling.WATER);
        if (damp) {
            found.add(new Refusal(Kind.STILL_WET, face, "The block is damp: it dulls the tools and the guide smears.", "Let it dry, about 15 min, before you carve."));
        }
        return found;
    }
}
