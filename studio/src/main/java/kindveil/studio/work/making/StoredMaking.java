package kindveil.studio.work.making;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindveil.drying.RoomCourse;
import kindveil.making.Begun;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.making.Sign;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.reading.SeriesReading;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Plan;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/**
 * One making of a piece, as it is kept.
 *
 * @param plan what it was begun with; it never changes
 * @param told what was told, oldest first
 * @param signs what was seen and felt of what dries and what was laid, oldest first
 * @param rooms the air as it was told while it was made, oldest first
 * @param laidAside whether it is no longer followed
 * @param pull which of a series it is, or null where it is made by itself
 * @param result what came of it, or null where that was not told
 */
public record StoredMaking(UUID id, UUID piece, Instant begun, Begun plan, List<ToldDeed> told, List<Sign> signs, List<ToldRoom> rooms, boolean laidAside, @Nullable Pull pull, @Nullable Result result) {
    /** Made by itself, and nothing told of its result. */
    public StoredMaking(UUID id, UUID piece, Instant begun, Begun plan, List<ToldDeed> told, List<Sign> signs, List<ToldRoom> rooms, boolean laidAside) {
        this(id, piece, begun, plan, told, signs, rooms, laidAside, null, null);
    }

    public StoredMaking {
        told = List.copyOf(told);
        signs = List.copyOf(signs);
        rooms = List.copyOf(rooms);
    }

    /** How far it is: its plan, in the air it stands in, with everything told. */
    public Making making() {
        return Making.asFarAsItFits(inItsAir(), begun, deeds(), signs);
    }

    private Plan inItsAir() {
        return rooms.isEmpty() ? plan.plan() : plan.plan().in(air());
    }

    /** The rooms told since it was begun, on the bench's time; before the first of them the one it was planned for. */
    public RoomCourse air() {
        RoomCourse air = RoomCourse.of(plan.plan().bench().room());
        for (ToldRoom told : rooms) {
            air = air.from(Span.longer(Duration.ZERO, Duration.between(begun, told.at())), told.room());
        }
        return air;
    }

    public List<Deed> deeds() {
        return told.stream().map(ToldDeed::deed).toList();
    }

    /** A piece's title, and which pull of it this is. */
    public String called(String title) {
        return pull == null ? title : "%s, pull %d".formatted(title, pull.number());
    }

    /** Whether anything was told of it beyond what was made ready for all pulls at once. */
    public boolean underWay() {
        return told.stream().anyMatch(deed -> !madeReady(deed));
    }

    /** Whether it was made ready with another pull. */
    boolean madeReady(ToldDeed deed) {
        return pull != null && deed.deed().assumed() && plan.plan().act(deed.deed().act()).filter(SeriesReading::shared).isPresent();
    }

    /** What the way an act belongs to takes. */
    public AmountReading amounts(ActId act) {
        Brief brief = plan.parts().get(act.part()).brief();
        return AmountReading.of(Trace.of(plan.plan()).part(act.part()), brief.width(), brief.height());
    }

    /** The way an act belongs to. */
    public String wayOf(ActId act) {
        return plan.parts().get(act.part()).name();
    }
}
