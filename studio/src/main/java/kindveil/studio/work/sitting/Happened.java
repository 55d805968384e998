package kindveil.studio.work.sitting;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import kindveil.studio.work.making.StoredMaking;

/** One task as it was planned, and as it was begun. */
public record Happened(String piece, String words, Instant planned, Instant begun) {
    private static final int MOST = 24;

    /** What was planned and is told by now, the last first. @param found a making by its id */
    static List<Happened> of(Worked worked, Function<UUID, Optional<StoredMaking>> found) {
        Map<String, StoredMaking> told = new HashMap<>();
        List<Happened> happened = new ArrayList<>();
        for (Diary.Kept kept : worked.diary().planned()) {
            StoredMaking making = told.computeIfAbsent(kept.job(), job -> found.apply(Diary.of(job)).orElse(null));
            if (making != null) {
                making.making().moments().stream().filter(moment -> moment.act().id().toString().equals(kept.act()) && !making.making().assumed(moment.act().id())).findFirst()
                        .ifPresent(moment -> happened.add(new Happened(kept.piece(), kept.words(), kept.at(), making.begun().plus(moment.start()))));
            }
        }
        happened.sort(Comparator.comparing(Happened::begun).reversed());
        return List.copyOf(happened.subList(0, Math.min(MOST, happened.size())));
    }
}
