package kindveil.studio.work.sitting;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
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
 * @param pulls how many are wanted of those of which more than one is
 * @param there how much there is of what is kept busy
 * @param planned when each task was to begin
 * @param pins tasks the artist put somewhere
 */
public record Diary(int version, Hours hours, @Nullable LocalDateTime due, List<UUID> pieces, Map<UUID, Integer> pulls, Map<Resource, Integer> there, Tiredness tired, List<Kept> planned, List<Kept> pins) {
    public static final int MOST_PIECES = 12;
    private static final int MOST_THERE = 99_999;
    /** As long as nothing was told (assumed). */
    public static final Map<Resource, Integer> USUAL = Map.of(Resource.PLATE, 1, Resource.WEIGHT, 2, Resource.HEAT_TOOL, 1, Resource.TRAY, 1, Resource.FLAT_SPACE, 6000);
    public static final Diary EMPTY = new Diary(-1, Hours.NONE, null, List.of(), Map.of(), USUAL, Tiredness.USUAL, List.of(), List.of());

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
        List<UUID> chosen = pieces;
        pulls = pulls.entrySet().stream().filter(each -> chosen.contains(each.getKey()) && each.getValue() > 1).collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        there = Map.copyOf(there);
        planned = List.copyOf(planned);
        pins = List.copyOf(pins);
        UnusableValue.requireWithin(pulls.isEmpty() ? "Pieces at once" : "Pieces and pulls at once", pieces.size() + pulls.values().stream().mapToInt(each -> each - 1).sum(), 0, MOST_PIECES, "", "Plan these first; the others when some of them are done.");
        there.forEach((what, count) -> UnusableValue.requireWithin(what.words(), count, 0, MOST_THERE, "", "Count what there is."));
    }

    /** Nothing was ever told. */
    public boolean saysNothing() {
        return equals(EMPTY.at(version));
    }

    public Diary saying(Hours other, @Nullable LocalDateTime otherDue, List<UUID> otherPieces) {
        return new Diary(version, other, otherDue, otherPieces, pulls, there, tired, planned, pins);
    }

    /** @param other how many pulls of which piece */
    public Diary pulling(Map<UUID, Integer> other) {
        return new Diary(version, hours, due, pieces, other, there, tired, planned, pins);
    }

    /** How many are wanted of a piece. */
    public int pulls(UUID piece) {
        return pulls.getOrDefault(piece, 1);
    }

    /** The name of one pull of a piece that is not begun. @param number from 1 */
    public static String job(UUID piece, int number) {
        return number == 1 ? piece.toString() : piece + "#" + number;
    }

    /** What a name is of: a piece, or a making. */
    public static UUID of(String job) {
        return UUID.fromString(job.replaceFirst("#.*", ""));
    }

    /** With one pull of a piece fewer, or without it. */
    public Diary fewer(UUID piece) {
        if (pulls(piece) == 1) {
            return without(piece);
        }
        Map<UUID, Integer> other = new HashMap<>(pulls);
        other.merge(piece, -1, Integer::sum);
        return pulling(other);
    }

    public Diary with(Hours other) {
        return new Diary(version, other, due, pieces, pulls, there, tired, planned, pins);
    }

    public Diary due(@Nullable LocalDateTime other) {
        return new Diary(version, hours, other, pieces, pulls, there, tired, planned, pins);
    }

    public Diary with(Map<Resource, Integer> otherThere, Tiredness otherTired) {
        return new Diary(version, hours, due, pieces, pulls, otherThere, otherTired, planned, pins);
    }

    public Diary planned(List<Kept> other) {
        return new Diary(version, hours, due, pieces, pulls, there, tired, other, pins);
    }

    public Diary without(UUID piece) {
        return new Diary(version, hours, due, pieces.stream().filter(each -> !each.equals(piece)).toList(), pulls, there, tired, planned, pins);
    }

    /** With a task put somewhere, or free again. */
    public Diary pinned(String job, String act, @Nullable Instant at) {
        List<Kept> other = new ArrayList<>(pins.stream().filter(pin -> !pin.is(job, act)).toList());
        if (at != null) {
            other.add(new Kept(job, act, at));
        }
        return new Diary(version, hours, due, pieces, pulls, there, tired, planned, other);
    }

    Optional<Instant> planned(String job, String act) {
        return planned.stream().filter(kept -> kept.is(job, act)).map(Kept::at).findFirst();
    }

    public Optional<Instant> pin(String job, String act) {
        return pins.stream().filter(kept -> kept.is(job, act)).map(Kept::at).findFirst();
    }

    /** What was planned or put for one job stays so under another name of it. */
    Diary renamed(Map<String, String> jobs) {
        return jobs.isEmpty() ? this : new Diary(version, hours, due, pieces, pulls, there, tired, planned.stream().map(kept -> kept.of(jobs)).toList(), pins.stream().map(kept -> kept.of(jobs)).toList());
    }

    public Diary at(int otherVersion) {
        return new Diary(otherVersion, hours, due, pieces, pulls, there, tired, planned, pins);
    }
}
