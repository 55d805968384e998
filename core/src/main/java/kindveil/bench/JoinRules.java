package kindveil.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Receiver;
import kindveil.bench.Refusal.Kind;
import kindveil.drying.Stage;
import kindveil.measure.Words;
import kindveil.product.Release;
import kindveil.product.Trait;

/** Rules for laying one face on another, pressing and weighting. */
final class JoinRules {
    /** From this thickness on a brayer drives a bed into ridges (assumed). */
    static final double RIDGED_MICROMETRES = 160;

    /** A skin so thin settles by its own tack (assumed). */
    private static final double SETTLES_MICROMETRES = 110;

    private JoinRules() {
    }

    static boolean canJoin(Bench bench, Step.Join step) {
        return step.moving().thing() != step.onto().thing() && bench.has(step.moving().thing()) && bench.has(step.onto().thing())
                && bench.bond(step.moving()).isEmpty() && bench.bond(step.onto()).isEmpty()
                && !(step.forGood() && (bench.bond(step.moving().thing()).isPresent() || step.moving().thing() == ThingKind.SUPPORT));
    }

    static List<Refusal> join(Bench bench, Step.Join step) {
        for (Face face : List.of(step.moving(), step.onto())) {
            if (!bench.has(face.thing())) {
                return List.of(Rules.notThere(face));
            }
        }
        if (!canJoin(bench, step)) {
            return List.of(new Refusal(Kind.ALREADY_JOINED, step.onto(), "Something already lies on it.", "Go on to pressing."));
        }
        List<Refusal> found = new ArrayList<>();
        if (floating(bench, step.moving())) {
            receptive(bench, step).ifPresent(found::add);
            return found;
        }
        fits(bench, step).ifPresent(found::add);
        receiverOn(bench, step).ifPresent(found::add);
        hides(bench, step).ifPresent(found::add);
        peels(bench, step).ifPresent(found::add);
        if (film(bench, step.moving())) {
            film(bench, step, found);
        } else {
            bed(bench, step).ifPresent(found::add);
            releases(bench, step).ifPresent(found::add);
        }
        tape(bench, step).ifPresent(found::add);
        holds(bench, step.moving(), step.onto()).or(() -> holds(bench, step.onto(), step.moving())).ifPresent(found::add);
        loosens(bench, step.moving(), step.onto()).or(() -> loosens(bench, step.onto(), step.moving())).ifPresent(found::add);
        if (!(step.onto().thing() == ThingKind.TAPE || step.moving().thing() == ThingKind.TAPE)) {
            Rules.inkRuns(bench, step.moving(), "a wet bed").ifPresent(found::add);
        }
        return found;
    }

    /** What lies on one face goes on to what lies on the other. */
    private static Optional<Refusal> holds(Bench bench, Face from, Face to) {
        return bench.layers(from, Coating.class).stream().flatMap(coat -> Stream.concat(CoatRules.notOver(bench, to, coat.product()).stream(), FinishRules.sheds(bench, to, coat.product()).stream())).findFirst();
    }

    /** Water on one face lifts what is soluble on the other. */
    private static Optional<Refusal> loosens(Bench bench, Face from, Face to) {
        return wets(bench, from) ? CoatRules.soluble(bench, to, "into what is laid on it wet") : Optional.empty();
    }

    /** Whether what lies on a face gives water to what it meets. */
    static boolean wets(Bench bench, Face from) {
        boolean damp = bench.layers(from, Carrier.class).stream().anyMatch(Carrier::damp);
        boolean wet = bench.layers(from, Coating.class).stream().anyMatch(coat -> coat.product().is(Trait.WATER_BORNE) && !coat.product().is(Trait.SOLUBLE)
                && coat.open(bench.now(), from.thing() == ThingKind.PLATE ? Stage.PLATE_LIMIT : Stage.OPEN));
        return damp || wet;
    }

    private static boolean floating(Bench bench, Face moving) {
        return moving.thing() == ThingKind.SKIN && bench.layers(Face.SKIN_FRONT, Image.class).stream()
                .anyMatch(image -> image.print().ink() == PrintKind.Ink.SUBLIMED);
    }

    /** A dye skin holds to a dry receptive coat and to nothing else. */
    private static Optional<Refusal> receptive(Bench bench, Step.Join step) {
        boolean coated = bench.topCoat(step.onto()).map(coat -> coat.product().is(Trait.RECEPTIVE)).orElse(false);
        return coated ? Rules.notYet(bench, step.onto(), Stage.RECOAT, "the skin sinks into it and tears")
                : Optional.of(new Refusal(Kind.NO_RECEPTIVE_COAT, step.onto(), "The dye skin has nothing to hold to: there is no receptive coat.",
                        "Coat the support twice with clear receptive coat, dried between, before the hot soak."));
    }

    private static boolean film(Bench bench, Face moving) {
        return bench.layers(new Face(moving.thing(), Face.Side.FRONT), Carrier.class).stream().anyMatch(c -> c.sheet() == Sheet.COATED_FILM);
    }

    private static void film(Bench bench, Step.Join step, List<Refusal> found) {
        if (step.moving().side() == Face.Side.BACK) {
            found.add(new Refusal(Kind.WRONG_SIDE, step.moving(), "This is the bare side of the film; the ink lies on the coated one.",
                    "Turn it over: a damp fingertip sticks a little on the coated side."));
        }
        Optional<Coating> bed = bench.topCoat(step.onto()).filter(coat -> coat.product().releases(Release.Lets.RECEIVED_INK));
        if (bed.isEmpty()) {
            found.add(new Refusal(Kind.NO_RELEASE, step.onto(), "Film lets its ink go only into release solution or transfer gel; there is none on %s.".formatted(step.onto()),
                    "Print it with toner on thin copy paper for this one; the ranking of ways says where film goes."));
        } else if (!bed.get().open(bench.now(), Stage.OPEN)) {
            found.add(new Refusal(Kind.BED_CLOSED, step.onto(), "The %s has dried off: dry edges stay on the film.".formatted(bed.get().product().words()),
                    "Wet it again all over, past the edges, and lay the film at once."));
        }
    }

    /** A print on a wet bed of solution must be one that lets go into it. */
    private static Optional<Refusal> releases(Bench bench, Step.Join step) {
        Optional<Coating> bed = bench.topCoat(step.onto()).filter(coat -> coat.product().releases() && coat.open(bench.now(), Stage.OPEN));
        return bed.isPresent() && step.moving().thing() == ThingKind.PRINT
                && bench.layers(Face.PRINT_FRONT, Image.class).stream().noneMatch(image -> bed.get().product().releases(image.print().letsGo()))
                ? Optional.of(new Refusal(Kind.NO_RELEASE, step.moving(), "%s has no coating that lets go into %s.".formatted(
                        Words.capital(printWords(bench)), bed.get().product().words()),
                        "Print it on the coated side of release film, with pigment ink.")) : Optional.empty();
    }

    private static String printWords(Bench bench) {
        return bench.layers(Face.PRINT_FRONT, Image.class).stream().findFirst().map(image -> image.print().words()).orElse("the print");
    }

    /** Something flat on something curved, and paper on a plate that it cannot take paint from. */
    private static Optional<Refusal> fits(Bench bench, Step.Join step) {
        boolean curved = step.onto().equals(Face.SUPPORT_FRONT) && bench.supportIs(Support.Trait.CURVED);
        if (step.onto().thing() == ThingKind.PLATE && step.moving().equals(Face.SUPPORT_FRONT) && bench.supportIs(Support.Trait.CURVED)) {
            return Optional.of(new Refusal(Kind.DOES_NOT_LIE, step.moving(), "A curved form does not lie on a flat plate.", "Pull onto paper, and glue that on; or make a thin skin."));
        }
        return curved && step.moving().thing() == ThingKind.PRINT ? Optional.of(new Refusal(Kind.DOES_NOT_LIE, step.onto(),
                "A flat print does not lie on a curved form: it creases and stands off.",
                "Make a thin skin of it first; a skin bears about 6 % of stretch.")) : Optional.empty();
    }

    /** A sheet that stays must be one that light goes through, unless it is glued down to be what is seen. */
    private static Optional<Refusal> hides(Bench bench, Step.Join step) {
        boolean glued = bench.topCoat(step.onto()).map(coat -> coat.product().is(Trait.GLUES)).orElse(false);
        return !step.forGood() || glued ? Optional.empty() : bench.layers(new Face(step.moving().thing(), Face.Side.FRONT), Carrier.class).stream()
                .filter(c -> c.sheet() != Sheet.TISSUE).findFirst().map(c -> new Refusal(Kind.HIDES_THE_GROUND, step.moving(),
                        "%s stays where it is laid and hides what is under it.".formatted(Words.capital(c.sheet().words())),
                        "Print it on tissue, laser only, mounted on a carrier sheet; or choose a way that rubs the paper away."));
    }

    /** A sheet that stays is only as firm as what holds it, and on bare plastic nothing does. */
    private static Optional<Refusal> peels(Bench bench, Step.Join step) {
        boolean stays = step.forGood() && !bench.layers(new Face(step.moving().thing(), Face.Side.FRONT), Carrier.class).isEmpty();
        boolean bare = step.onto().thing() == ThingKind.SUPPORT && bench.supportIs(Support.Trait.PLASTIC) && bench.layers(step.onto(), Coating.class).stream().noneMatch(coat -> coat.product().is(Trait.RECEPTIVE));
        return stays && bare ? Optional.of(new Refusal(Kind.NOTHING_HOLDS, step.onto(), "Medium dries on plastic and peels off with what it holds.",
                "Lay it on paper, wood, canvas or metal; or float a skin onto this sheet, over two receptive coats.")) : Optional.empty();
    }

    private static Optional<Refusal> receiverOn(Bench bench, Step.Join step) {
        return bench.layers(step.onto(), Receiver.class).isEmpty() ? Optional.empty() : Optional.of(new Refusal(Kind.RECEIVER_ON, step.onto(),
                "The film's receiver coating still lies on top: nothing printed or laid over it takes.",
                "Rinse it off first: a tray of water, rocked, never rubbed, and dry overnight."));
    }

    private static Stage limit(Step.Join step) {
        return step.onto().thing() == ThingKind.PLATE ? Stage.PLATE_LIMIT : Stage.OPEN;
    }

    /** Whatever is laid needs a coat still open on one of the two faces, or one that comes through its sheet from behind. */
    private static Optional<Refusal> bed(Bench bench, Step.Join step) {
        List<Coating> beds = new ArrayList<>();
        for (Face face : List.of(step.onto(), step.moving())) {
            bench.layers(face, Coating.class).stream().filter(coat -> coat.product().is(Trait.TACKY)).forEach(beds::add);
            bench.topCoat(face).ifPresent(beds::add);
        }
        bench.topCoat(step.moving().other()).filter(coat -> coat.product().releases()).ifPresent(beds::add);
        if (beds.isEmpty() && settles(bench, step)) {
            return Optional.empty();
        }
        if (beds.isEmpty()) {
            return Optional.of(new Refusal(Kind.NO_WET_BED, step.onto(), "There is no wet coat to hold the %s.".formatted(step.moving().thing().words()),
                    "Lay the coat first, then the %s into it.".formatted(step.moving().thing().words())));
        }
        if (beds.stream().anyMatch(coat -> coat.open(bench.now(), limit(step)))) {
            return Optional.empty();
        }
        if (step.onto().thing() == ThingKind.PLATE) {
            return Optional.of(new Refusal(Kind.PAINT_DRIED, step.onto(), "The paint on the plate has dried too far to move: %s of its water is gone."
                    .formatted(gone(bench, beds)), "Clean the plate, roll a fresh thin film and lay within seconds."));
        }
        return Optional.of(new Refusal(Kind.BED_CLOSED, step.onto(),
                "The bed has lost %s of its water and no longer wets the toner: the print would lift in patches.".formatted(gone(bench, beds)),
                "Lay a fresh thin coat, and the print at once."));
    }

    /** A thin skin slid on water settles by its own tack. */
    private static boolean settles(Bench bench, Step.Join step) {
        double dry = bench.layers(Face.SKIN_FRONT, Coating.class).stream().mapToDouble(Coating::dryMicrometres).sum();
        return step.moving().thing() == ThingKind.SKIN && step.onto().equals(Face.SUPPORT_FRONT) && dry <= SETTLES_MICROMETRES;
    }

    private static String gone(Bench bench, List<Coating> beds) {
        double wettest = beds.stream().mapToDouble(coat -> coat.waterShare(bench.now())).max().orElse(0);
        return Rules.percent(1 - wettest);
    }

    private static Optional<Refusal> tape(Bench bench, Step.Join step) {
        boolean damp = bench.layers(Face.PRINT_FRONT, Carrier.class).stream().anyMatch(Carrier::damp);
        return step.moving().thing() == ThingKind.TAPE && step.onto().thing() == ThingKind.PRINT && damp
                ? Optional.of(new Refusal(Kind.STILL_WET, step.onto(), "Tape does not stick to damp paper.", "Let the copy dry, or take a fresh one.")) : Optional.empty();
    }

    static List<Refusal> press(Bench bench, Step.Press step) {
        List<Refusal> found = new ArrayList<>(joined(bench, step.over()));
        boolean film = film(bench, step.over());
        if (film && bench.supportIs(Support.Trait.METAL) && step.tool() == Tool.FINGERS) {
            found.add(new Refusal(Kind.WRONG_TOOL, step.over(), "Fingers push the film sideways on metal, and the ink with it.",
                    "Hold the film still and roll a brayer over it lightly, straight down."));
        }
        boolean thick = bench.topCoat(Face.SUPPORT_FRONT).map(coat -> coat.wetMicrometres() >= RIDGED_MICROMETRES && coat.open(bench.now(), Stage.OPEN)).orElse(false);
        if (thick && step.tool() == Tool.BRAYER) {
            found.add(new Refusal(Kind.WRONG_TOOL, step.over(), "A brayer squeezes a thick bed into ridges and out at the edge.",
                    "Use the edge of a card, a cloth or your fingers, from the centre outwards."));
        }
        return found;
    }

    static List<Refusal> joined(Bench bench, Face over) {
        boolean mounted = over.thing() == ThingKind.SUPPORT && bench.layers(Face.SUPPORT_FRONT).size() > 1;
        return bench.bond(over.thing()).isPresent() || mounted ? List.of() : List.of(new Refusal(Kind.NOT_JOINED, over,
                "Nothing is laid there yet.", "Lay the print first."));
    }

    static List<Refusal> unload(Bench bench, Step.Unload step) {
        boolean loaded = bench.bond(step.over().thing()).map(Bond::loaded).orElse(step.over().thing() == ThingKind.SUPPORT);
        return loaded ? List.of() : List.of(new Refusal(Kind.NOTHING_LOADED, step.over(), "There is no weight on it.", "Go on."));
    }
}
