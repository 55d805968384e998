package kindveil.drying;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The air of the studio over time: constant, told again in the course of the work, day and night, or as a sensor says.
 *
 * @param spells in the order of their times, at least one; before the first, the first holds
 */
public record RoomCourse(List<Spell> spells) {
    /** The room from a time on. */
    public record Spell(Duration from, Room room) {
    }

    public RoomCourse {
        spells = List.copyOf(spells);
        if (spells.isEmpty()) {
            throw new IllegalArgumentException("Impossible state: a course of no rooms.");
        }
        for (int i = 1; i < spells.size(); i++) {
            if (spells.get(i).from().compareTo(spells.get(i - 1).from()) <= 0) {
                throw new IllegalArgumentException("Impossible state: rooms out of the order of their times, %s.".formatted(spells));
            }
        }
    }

    /** The same air all the time. */
    public static RoomCourse of(Room room) {
        return new RoomCourse(List.of(new Spell(Duration.ZERO, room)));
    }

    public Room at(Duration time) {
        Room room = spells.getFirst().room();
        for (Spell spell : spells) {
            if (spell.from().compareTo(time) > 0) {
                return room;
            }
            room = spell.room();
        }
        return room;
    }

    /** The room that holds in the end. */
    public Room last() {
        return spells.getLast().room();
    }

    /** The air alone, its times counted from {@code time} on; what was before is gone. */
    RoomCourse since(Duration time) {
        List<Spell> left = new ArrayList<>();
        left.add(new Spell(Duration.ZERO, at(time).knowing(Learned.NOTHING)));
        spells.stream().filter(spell -> spell.from().compareTo(time) > 0).forEach(spell -> left.add(new Spell(spell.from().minus(time), spell.room().knowing(Learned.NOTHING))));
        return new RoomCourse(left);
    }

    /** Told again: another room from a time on; what was told for later is replaced. */
    public RoomCourse from(Duration time, Room room) {
        List<Spell> kept = new ArrayList<>(spells.stream().filter(spell -> spell.from().compareTo(time) < 0).toList());
        kept.add(new Spell(time, room));
        return new RoomCourse(kept);
    }

    /** Each of its rooms otherwise aired. */
    public RoomCourse with(Airing airing) {
        return mapped(room -> room.with(airing));
    }

    /** Each with what was learned. */
    public RoomCourse knowing(Learned learned) {
        return mapped(room -> room.knowing(learned));
    }

    private RoomCourse mapped(UnaryOperator<Room> change) {
        return new RoomCourse(spells.stream().map(spell -> new Spell(spell.from(), change.apply(spell.room()))).toList());
    }
}
