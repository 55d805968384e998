package kindveil.studio.page.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kindveil.reading.SeriesReading;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.making.StoredMaking;
import org.jspecify.annotations.Nullable;

/**
 * Which of a series a making is, and what came of it.
 *
 * @param of how many there are, as it follows its name, or empty
 * @param results that can be told once it is made
 * @param notes address where more is written of it
 * @param mates the others of its series
 * @param more whether another can be begun beside it
 */
public record PullView(String of, List<ResultView> results, String notes, List<Mate> mates, boolean more) {
    /** What can come of it. @param told whether it did */
    public record ResultView(Result result, int key, String words, String meaning, boolean told) {
    }

    /** Another pull. */
    public record Mate(String href, String words) {
    }

    /** @param series all of it that is followed @param entry what was written of it, or null @param base address of its piece */
    static PullView of(StoredMaking making, List<MakingLine> series, @Nullable UUID entry, String base) {
        List<ResultView> results = new ArrayList<>();
        for (Result result : Result.values()) {
            results.add(new ResultView(result, results.size() + 1, result.words(), result.meaning(), result == making.result()));
        }
        List<Mate> mates = series.stream().filter(mate -> !mate.id().equals(making.id())).map(mate -> new Mate("/bench/" + mate.id(),
                "Pull %d: %s".formatted(mate.number(), mate.finished() ? mate.result() == null ? "made" : mate.result().words() : mate.atHand().toLowerCase(Locale.ROOT)))).toList();
        return new PullView(series.size() < 2 ? "" : " of " + series.size(), results, base + (entry == null ? "/notes?making=" + making.id() : "/notes?again=" + entry), mates, !making.laidAside() && series.size() < SeriesReading.MOST);
    }
}
