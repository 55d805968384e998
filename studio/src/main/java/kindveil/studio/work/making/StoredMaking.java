package kindveil.studio.work.making;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import kindveil.drying.RoomCourse;
import kindveil.making.Begun;
import kindveil.making.Deed;
import kindveil.making.Departure;
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
 * @param replans how its plan was changed while it was made, oldest first
 */
public record StoredMaking(UUID id, UUID piece, Instant begun, Begun plan, List<ToldDeed> told, List<Sign> signs, List<ToldRoom> rooms, boolean laidAside, @Nullable Pull pull, @Nullable Result result, List<Replan> replans) {
    /** Made by itself, and nothing told of its result. */
    public StoredMaking(UUID id, UUID piece, Instant begun, Begun plan, List<ToldDeed> told, List<Sign> signs, List<ToldRoom> rooms, boolean laidAside) {
        this(id, piece, begun, plan, told, signs, rooms, laidAside, null, null, List.of());
    }

    public StoredMaking {
        told = List.copyOf(told);
        signs = List.copyOf(signs);
        rooms = List.copyOf(rooms);
        replans = List.copyOf(replans);
    }

    /** How far it is: its plan, in the air it stands in, with everything told. */
    public Making making() {
        return Making.asFarAsItFits(inItsAir(), begun, deeds(), signs);
    }

    /** Its plan as it is by now: the one it was begun with, or as it was changed since. */
    public Begun now() {
        return replans.isEmpty() ? plan : replans.getLast().plan();
    }

    private Plan inItsAir() {
        return rooms.isEmpty() ? now().plan() : now().plan().in(air());
    }

    /** The rooms told since it was begun, on the bench's time; before the first of them the one it was planned for. */
    public RoomCourse air() {
        RoomCourse air = RoomCourse.of(plan.plan().bench().room());
        for (ToldRoom told : rooms) {
            air = air.from(Span.longer(Duration.ZERO, Duration.between(begun, told.at())), told.room());
        }
        // what was known of how things dry when it was begun stays known
        return air.knowing(plan.plan().bench().room().learned());
    }

    public List<Deed> deeds() {
        return told.stream().map(ToldDeed::deed).toList();
    }

    /** Another number is another state of it. */
    public int changes() {
        return Objects.hash(told.size(), told.isEmpty() ? begun : told.getLast().told(), signs.size(), replans.size(), laidAside, result == null ? "" : result.name());
    }

    /** Whether the last thing told is a change of the plan. */
    public boolean justReplanned() {
        return !replans.isEmpty() && replans.getLast().after() == told.size();
    }

    /** Where it left what was planned, changes of the plan first, one on a line. @param most signs in all */
    public String otherwise(int most) {
        StringBuilder changed = new StringBuilder();
        replans.stream().map(replan -> "At the bench: " + replan.words() + ".\n").distinct().filter(line -> changed.length() + line.length() < most / 2).forEach(changed::append);
        return (changed + Departure.told(Departure.of(making()), most - changed.length() - replans.size())).strip();
    }

    /** With other changes of its plan. */
    StoredMaking replanned(List<Replan> other) {
        return new StoredMaking(id, piece, begun, plan, told, signs, rooms, laidAside, pull, result, other);
    }

    /** With another set of what was told. */
    StoredMaking telling(List<ToldDeed> other) {
        return new StoredMaking(id, piece, begun, plan, other, List.of(), rooms, laidAside, pull, result, replans);
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
        return pull != null && deed.deed().assumed() && now().plan().act(deed.deed().act()).filter(SeriesReading::shared).isPresent();
    }

    /** What the way an act belongs to takes. */
    public AmountReading amounts(ActId act) {
        Brief brief = now().parts().get(act.part()).brief();
        return AmountReading.of(Trace.of(now().plan()).part(act.part()), brief.width(), brief.height());
    }

    /** The way an act belongs to. */
    public String wayOf(ActId act) {
        return now().parts().get(act.part()).name();
    }
}
