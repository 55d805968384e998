package kindveil.studio.page.today;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindveil.finish.ReadyReading;
import kindveil.studio.page.Say;
import kindveil.studio.work.finish.FinishWork;

/**
 * A finished piece that still cures.
 *
 * @param words what it may be by now, and what from when on
 * @param href where its last coats stand
 */
record Curing(String piece, String words, String href) {
    /** What became possible so lately is still said. */
    private static final Duration LATELY = Duration.ofDays(1);

    static List<Curing> of(String piece, String href, FinishWork.Ready ready, Say say) {
        Instant now = say.now();
        Map<String, List<String>> byDay = new LinkedHashMap<>();
        boolean news = false;
        for (ReadyReading.Ready each : ready.reading().uses()) {
            if (each.from() != null) {
                Instant from = ready.origin().plus(each.from());
                news |= from.isAfter(now.minus(LATELY));
                String day = say.day(from);
                byDay.computeIfAbsent(day, key -> new ArrayList<>()).add(each.use().words());
            }
        }
        if (!news) {
            return List.of();
        }
        List<String> said = new ArrayList<>();
        byDay.forEach((day, uses) -> said.add("%s: %s".formatted(day.equals("now") ? "now" : "from " + day, String.join(", ", uses))));
        return List.of(new Curing(piece, String.join("; ", said), href));
    }
}
