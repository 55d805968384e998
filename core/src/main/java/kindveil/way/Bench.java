package kindveil.way;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.drying.Room;
import kindveil.way.Layer.Coating;

/**
 * Everything on the table at one moment; immutable. See the package specification for what valid means.
 *
 * @param now time since the bench was set up
 * @param things what lies there
 * @param bonds what lies on what
 * @param room the air around it
 */
public record Bench(Duration now, List<Thing> things, List<Bond> bonds, Room room) {
    public Bench {
        things = List.copyOf(things);
        bonds = List.copyOf(bonds);
        if (things.stream().map(Thing::kind).distinct().count() != things.size()) {
            throw new IllegalStateException("Impossible state: one thing lies on the bench twice.");
        }
        for (Bond bond : bonds) {
            requireSound(bond, things);
        }
        List<Face> joined = bonds.stream().flatMap(b -> Stream.of(b.moving(), b.onto())).toList();
        if (joined.stream().distinct().count() != joined.size()) {
            throw new IllegalStateException("Impossible state: one face lies in two bonds.");
        }
    }

    private static void requireSound(Bond bond, List<Thing> things) {
        boolean both = Stream.of(bond.moving(), bond.onto())
                .allMatch(face -> things.stream().anyMatch(thing -> thing.kind() == face.thing()));
        if (!both || bond.moving().thing() == bond.onto().thing()) {
            throw new IllegalStateException("Impossible state: a bond between %s and %s.".formatted(bond.moving(), bond.onto()));
        }
    }

    /** The bench once {@code elapsed} has passed since it was set up. */
    public Bench at(Duration elapsed) {
        if (elapsed.compareTo(now) < 0) {
            throw new IllegalStateException("Impossible state: the bench cannot go back from %s to %s.".formatted(now, elapsed));
        }
        return Moves.rest(new Bench(elapsed, things, bonds, room));
    }

    /** What the rules say of {@code step}, and the bench after it whatever they say. */
    public Outcome take(Step step) {
        return new Outcome(Rules.judge(this, step), Moves.take(this, step));
    }

    public Optional<Thing> thing(Face.ThingKind kind) {
        return things.stream().filter(thing -> thing.kind() == kind).findFirst();
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
    public Optional<Bond> bond(Face.ThingKind thing) {
        return bonds.stream().filter(b -> b.moving().thing() == thing || b.onto().thing() == thing).findFirst();
    }

    /** The coat on a face that has most water left: the one everything waits for. */
    public Optional<Coating> wettest(Face face) {
        return layers(face, Coating.class).stream().filter(coating -> coating.wetness() != null)
                .max((a, b) -> Double.compare(a.wetness().waterShare(now), b.wetness().waterShare(now)));
    }

    /** The outermost coat on a face. */
    public Optional<Coating> topCoat(Face face) {
        List<Coating> coats = layers(face, Coating.class);
        return coats.isEmpty() ? Optional.empty() : Optional.of(coats.getLast());
    }

    Bench with(List<Thing> newThings, List<Bond> newBonds) {
        return new Bench(now, newThings, newBonds, room);
    }

    Bench with(Thing changed) {
        return with(things.stream().map(thing -> thing.kind() == changed.kind() ? changed : thing).toList(), bonds);
    }

    /**
     * What came of a step.
     *
     * @param refusals empty when it is sound
     * @param bench the state after it, as if it had been done all the same
     */
    public record Outcome(List<Refusal> refusals, Bench bench) {
    }
}
