package kindveil.studio.work.sitting;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.reading.TaskReading.Resource;
import kindveil.sitting.Hours;
import kindveil.sitting.Tiredness;
import org.jspecify.annotations.Nullable;

/**
 * When hands are free, and what is to be fitted in.
 *
 * @param version counts its changes
 * @param due when all of it must be done, or null
 * @param pieces to be fitted in
 * @param there how much there is of what is kept busy
 * @param planned when each task was to begin
 * @param pins tasks the artist put somewhere
 */
public record Diary(int version, Hours hours, @Nullable LocalDateTime due, List<UUID> pieces, Map<Resource, Integer> there, Tiredness tired, List<Kept> planned, List<Kept> pins) {
    public static final int MOST_PIECES = 12;
    private static final int MOST_THERE = 99_999;
    /** As long as nothing was told (assumed). */
    public static final Map<Resource, Integer> USUAL = Map.of(Resource.PLATE, 1, Resource.WEIGHT, 2, Resource.HEAT_TOOL, 1, Resource.TRAY, 1, Resource.FLAT_SPACE, 6000);
    public static final Diary EMPTY = new Diary(-1, Hours.NONE, null, List.of(), USUAL, Tiredness.USUAL, List.of(), List.of());

    /** One task. @param job whose it is @param act its first, by its lasting name @param words whose it is and what it is */
    public record Kept(String job, String act, Instant at, int minutes, String piece, String words) {
        public Kept(String job, String act, Instant at) {
            this(job, act, at, 0, "", "");
        }

        public Instant end() {
            return at.plus(java.time.Duration.ofMinutes(minutes));
        }

        Kept of(Map<String, String> jobs) {
            String other = jobs.get(job);
            return other == null ? this : new Kept(other, act, at, minutes, piece, words);
        }

        boolean is(String otherJob, String otherAct) {
            return job.equals(otherJob) && act.equals(otherAct);
        }
    }

    public Diary {
        pieces = pieces.stream().distinct().toList();
        there = Map.copyOf(there);
        planned = List.copyOf(planned);
        pins = List.copyOf(pins);
        UnusableValue.requireWithin("Pieces at once", pieces.size(), 0, MOST_PIECES, "", "Plan these first; the others when some of them are done.");
        there.forEach((what, count) -> UnusableValue.requireWithin(what.words(), count, 0, MOST_THERE, "", "Count what there is."));
    }

    /** Nothing was ever told. */
    public boolean saysNothing() {
        return equals(EMPTY.at(version));
    }

    public Diary saying(Hours other, @Nullable LocalDateTime otherDue, List<UUID> otherPieces) {
        return new Diary(version, other, otherDue, otherPieces, there, tired, planned, pins);
    }

    public Diary with(Hours other) {
        return new Diary(version, other, due, pieces, there, tired, planned, pins);
    }

    public Diary due(@Nullable LocalDateTime other) {
        return new Diary(version, hours, other, pieces, there, tired, planned, pins);
    }

    public Diary with(Map<Resource, Integer> otherThere, Tiredness otherTired) {
        return new Diary(version, hours, due, pieces, otherThere, otherTired, planned, pins);
    }

    public Diary planned(List<Kept> other) {
        return new Diary(version, hours, due, pieces, there, tired, other, pins);
    }

    public Diary without(UUID piece) {
        return new Diary(version, hours, due, pieces.stream().filter(each -> !each.equals(piece)).toList(), there, tired, planned, pins);
    }

    /** With a task put somewhere, or free again. */
    public Diary pinned(String job, String act, @Nullable Instant at) {
        List<Kept> other = new ArrayList<>(pins.stream().filter(pin -> !pin.is(job, act)).toList());
        if (at != null) {
            other.add(new Kept(job, act, at));
        }
        return new Diary(version, hours, due, pieces, there, tired, planned, other);
    }

    Optional<Instant> planned(String job, String act) {
        return planned.stream().filter(kept -> kept.is(job, act)).map(Kept::at).findFirst();
    }

    public Optional<Instant> pin(String job, String act) {
        return pins.stream().filter(kept -> kept.is(job, act)).map(Kept::at).findFirst();
    }

    /** What was planned or put for one job stays so under another name of it. */
    Diary renamed(Map<String, String> jobs) {
        return jobs.isEmpty() ? this : new Diary(version, hours, due, pieces, there, tired, planned.stream().map(kept -> kept.of(jobs)).toList(), pins.stream().map(kept -> kept.of(jobs)).toList());
    }

    public Diary at(int otherVersion) {
        return new Diary(otherVersion, hours, due, pieces, there, tired, planned, pins);
    }
}
