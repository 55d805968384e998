package kindveil.bench;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Undercolour;
import kindveil.drying.Airing;
import kindveil.drying.Belief;
import kindveil.drying.Room;
import kindveil.drying.Learned;
import kindveil.drying.RoomCourse;

/**
 * Everything on the table at one moment; immutable. See the package specification for what valid means.
 *
 * @param now time since the bench was set up
 * @param things what lies there
 * @param bonds what lies on what
 * @param air around it, over its time
 */
public record Bench(Duration now, List<Thing> things, List<Bond> bonds, RoomCourse air) {
    /** Faces an image can lie on, the one it is made for first. */
    private static final List<Face> EYE = List.of(Face.IMPRESSION, Face.SUPPORT_FRONT, Face.SKIN_FRONT, Face.SKIN_BACK, Face.TAPE_BACK, Face.PLATE, Face.BLOCK, Face.PRINT_FRONT);

    public Bench {
        things = List.copyOf(things);
        bonds = List.copyOf(bonds);
        requireOnce("thing", things.stream().map(Thing::kind).toList());
        for (Bond bond : bonds) {
            requireSound(bond, things);
        }
        if (!bonds.isEmpty()) {
            requireOnce("bond", bonds.stream().flatMap(b -> Stream.of(b.moving(), b.onto())).toList());
        }
    }

    private static void requireOnce(String what, List<?> all) {
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (all.get(i).equals(all.get(j))) {
                    throw new IllegalStateException("Impossible state: %s in two of the bench's %ss.".formatted(all.get(i), what));
                }
            }
        }
    }

    private static void requireSound(Bond bond, List<Thing> things) {
        if (!lies(bond.moving(), things) || !lies(bond.onto(), things) || bond.moving().thing() == bond.onto().thing()) {
            throw new IllegalStateException("Impossible state: a bond between %s and %s.".formatted(bond.moving(), bond.onto()));
        }
    }

    private static boolean lies(Face face, List<Thing> things) {
        for (Thing thing : things) {
            if (thing.kind() == face.thing()) {
                return true;
            }
        }
        return false;
    }

    /** The air as it is now. */
    public Room room() {
        return air.at(now);
    }

    /** The same bench standing in other air from its beginning; only before anything is wet on it. */
    public Bench in(RoomCourse other) {
        return new Bench(now, things, bonds, other);
    }

    /** From now on in air that is moved otherwise; what dries on it goes on as it did. */
    public Bench aired(Airing airing) {
        return new Bench(now, things, bonds, air.with(airing));
    }

    /** With nothing on it but a support and its ground. */
    public static Bench with(Support support, Ground ground, Room room) {
        Thing thing = Thing.of(ThingKind.SUPPORT, List.of(new Undercolour(ground, support)), List.of(), support.matter(ground));
        return new Bench(Duration.ZERO, List.of(thing), List.of(), RoomCourse.of(room));
    }

    /** The bench once {@code elapsed} has passed since it was set up. */
    public Bench at(Duration elapsed) {
        if (elapsed.compareTo(now) < 0) {
            throw new IllegalStateException("Impossible state: the bench cannot go back from %s to %s.".formatted(now, elapsed));
        }
        return Moves.rest(new Bench(elapsed, things, bonds, air));
    }

    /** Some time later, when all fibre on it has turned white. */
    public Bench whitened() {
        return Moves.whitened(this);
    }

    /** Everything the rules have against {@code step}; empty when it is sound. */
    public List<Refusal> refusals(Step step) {
        return Rules.judge(this, step);
    }

    /** Everything that may not come well of {@code step}. */
    public List<Concern> concerns(Step step) {
        return Concerns.of(this, step);
    }

    /** The bench after {@code step}, whatever the rules say. */
    public Bench after(Step step) {
        return Moves.take(this, step);
    }

    public Optional<Thing> thing(ThingKind kind) {
        for (Thing thing : things) {
            if (thing.kind() == kind) {
                return Optional.of(thing);
            }
        }
        return Optional.empty();
    }

    public boolean has(ThingKind kind) {
        return thing(kind).isPresent();
    }

    public List<Layer> layers(Face face) {
        return thing(face.thing()).map(thing -> thing.layers(face.side())).orElse(List.of());
    }

    public <T extends Layer> List<T> layers(Face face, Class<T> type) {
        return thing(face.thing()).map(thing -> thing.of(face.side(), type)).orElse(List.of());
    }

    public Optional<Bond> bond(Face face) {
        return bonds.stream().filter(bond -> bond.joins(face)).findFirst();
    }

    /** The bond a thing is part of, by either of its faces. */
    public Optional<Bond> bond(ThingKind thing) {
        return bonds.stream().filter(b -> b.joins(thing)).findFirst();
    }

    /** The coat on a face that has most water left: the one everything waits for. */
    public Optional<Coating> wettest(Face face) {
        return layers(face, Coating.class).stream().filter(coating -> coating.drying() != null)
                .max((a, b) -> Double.compare(a.waterShare(now), b.waterShare(now)));
    }

    /** Every coat that lies anywhere. */
    public Stream<Coating> coats() {
        return things.stream().flatMap(thing -> Stream.of(Face.Side.values()).flatMap(side -> layers(new Face(thing.kind(), side), Coating.class).stream()));
    }

    /** The outermost coat on a face. */
    public Optional<Coating> topCoat(Face face) {
        List<Coating> coats = layers(face, Coating.class);
        return coats.isEmpty() ? Optional.empty() : Optional.of(coats.getLast());
    }

    /** What is believed of how fast a bed dries before anything is seen of it, by what lies under it. */
    public Belief belief(Face bed) {
        boolean onSupport = bed.thing() == ThingKind.SUPPORT || bond(bed.thing()).map(bond -> bond.joins(ThingKind.SUPPORT)).orElse(false);
        Belief under = onSupport ? support().map(Undercolour::support).map(Support::belief).orElse(Belief.UNLEARNED) : Belief.UNLEARNED;
        Learned learned = room().learned();
        return learned.checks() == 0 ? under : wettest(bed).map(coat -> under.learning(learned.of(coat.product().id()))).orElse(under);
    }

    /** What is believed of it, with what was seen. */
    public Belief belief(Face bed, Belief seen) {
        return seen.seen() == 0 ? belief(bed) : seen;
    }

    /** What the support is; nothing once none lies there. */
    public Optional<Undercolour> support() {
        return layers(Face.SUPPORT_FRONT, Undercolour.class).stream().findFirst();
    }

    /** What lies on it whose vapour is still in the air, and can catch fire. */
    public Optional<Coating> vapouring() {
        return things.stream().flatMap(thing -> Stream.concat(thing.front().stream(), thing.back().stream())).filter(Coating.class::isInstance).map(Coating.class::cast)
                .filter(coat -> coat.vapours(now)).findFirst();
    }

    /** Whether it is a school to lay inkjet here that is kept dry until its bed is: on a closed block under thin gel. */
    public boolean keepsDry() {
        return supportIs(Support.Trait.CARVES);
    }

    /** Whether a print whose ink water takes lies here unfixed. */
    public boolean keptDry() {
        return keepsDry() && layers(Face.PRINT_FRONT, Layer.Image.class).stream().anyMatch(image -> !image.print().waterproof()) && !Rules.fixed(this, Face.PRINT_FRONT);
    }

    boolean groundIs(Ground.Trait trait) {
        return support().map(under -> under.ground().is(trait)).orElse(false);
    }

    /** What of a coat goes into what it is laid on, g/m²: the support drinks of the first that comes to it. */
    public double drinks(Face onto) {
        return onto.equals(Face.SUPPORT_FRONT) && layers(onto, Coating.class).isEmpty() ? support().map(under -> under.support().drinks(under.ground())).orElse(0.0) : 0;
    }

    public boolean supportIs(Support.Trait trait) {
        return support().map(under -> under.support().is(trait)).orElse(false);
    }

    /** Where a picture of the work lies now, seen last first: on an impression, the support, a skin, tape, plate or its print. */
    public Optional<Mask> picture(int picture) {
        return EYE.stream().flatMap(face -> pictures(face).stream().filter(mask -> mask.picture() == picture)).findFirst();
    }

    /** Whether a picture of the work lies on the support. */
    public boolean shows(int picture) {
        return pictures(Face.SUPPORT_FRONT).stream().anyMatch(mask -> mask.picture() == picture);
    }

    /** The darks that lie on a face, outermost first. */
    public List<Mask> pictures(Face face) {
        return layers(face).reversed().stream().map(Layer::mask).filter(mask -> mask.part() == Mask.Part.DARKS).toList();
    }

    public Bench with(List<Thing> newThings, List<Bond> newBonds) {
        return new Bench(now, newThings, newBonds, air);
    }

    /** Its print having lain in water past its window: longer by {@code past} times what that allows. */
    public Bench soaked(double past) {
        return past <= 0 ? this : Moves.change(this, ThingKind.PRINT, print -> print.mapped(layer -> layer instanceof Layer.Image image ? Bleeding.soaked(image, past) : layer));
    }

    /** The same with other layers on a face, as it would be at a place where some of them are not. */
    public Bench having(Face face, List<Layer> layers) {
        return thing(face.thing()).map(thing -> with(thing.withLayers(face.side(), layers))).orElse(this);
    }

    Bench with(Thing changed) {
        return with(things.stream().map(thing -> thing.kind() == changed.kind() ? changed : thing).toList(), bonds);
    }

    Bench without(ThingKind kind) {
        return with(things.stream().filter(thing -> thing.kind() != kind).toList(), bonds.stream().filter(bond -> !bond.joins(kind)).toList());
    }
}
