package kindveil.studio.work.making;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.drying.RoomCourse;
import kindveil.making.Begun;
import kindveil.making.Making;
import kindveil.reading.AmountReading;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.ActId;
import kindveil.way.Plan;
import kindveil.way.Trace;

/**
 * One making of a piece, as it is kept.
 *
 * @param plan what it was begun with; it never changes
 * @param told what was told, oldest first
 * @param rooms the air as it was told while it was made, oldest first
 * @param laidAside whether it is no longer followed
 */
public record StoredMaking(UUID id, UUID piece, Instant begun, Begun plan, List<ToldDeed> told, List<ToldRoom> rooms, boolean laidAside) {
    public StoredMaking {
        told = List.copyOf(told);
        rooms = List.copyOf(rooms);
    }

    /** How far it is: its plan, in the air it stands in, with everything told. */
    public Making making() {
        return Making.asFarAsItFits(inItsAir(), begun, told.stream().map(ToldDeed::deed).toList());
    }

    private Plan inItsAir() {
        return rooms.isEmpty() ? plan.plan() : plan.plan().in(air());
    }

    /** The rooms told since it was begun, on the bench's time; before the first of them the one it was planned for. */
    public RoomCourse air() {
        RoomCourse air = RoomCourse.of(plan.plan().bench().room());
        for (ToldRoom told : rooms) {
            Duration from = Duration.between(begun, told.at());
            air = air.from(from.isNegative() ? Duration.ZERO : from, told.room());
        }
        return air;
    }

    /** What an act takes. */
    public Optional<AmountReading.Portion> portion(ActId act) {
        return amounts(act).forAct(act);
    }

    public Optional<AmountReading.Batch> batch(ActId act) {
        return amounts(act).batch(act);
    }

    private AmountReading amounts(ActId act) {
        return Planned.amounts(plan.parts().stream().map(Begun.Part::brief).toList(), Trace.of(plan.plan())).get(act.part());
    }

    /** The way an act belongs to. */
    public String wayOf(ActId act) {
        return plan.parts().get(act.part()).name();
    }
}
