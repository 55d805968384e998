package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindveil.measure.Span;
import org.jspecify.annotations.Nullable;

/**
 * Two tracks done by one pair of hands: at each moment the act that can begin first, by what practice usually waits;
 * where both can, the track the hands are at. Each track keeps its own order.
 */
final class Tracks {
    private Tracks() {
    }

    static List<Act> interleaved(List<Act> first, List<Act> second, List<Window> windows) {
        List<Act> merged = new ArrayList<>();
        Map<ActId, Duration> ended = new HashMap<>();
        Duration now = Duration.ZERO;
        int i = 0;
        int j = 0;
        boolean atFirst = true;
        while (i < first.size() || j < second.size()) {
            @Nullable Duration one = i < first.size() ? ready(first.get(i), windows, ended) : null;
            @Nullable Duration two = j < second.size() ? ready(second.get(j), windows, ended) : null;
            boolean takeFirst = two == null || one != null && (atFirst ? Span.longer(one, now).compareTo(Span.longer(two, now)) <= 0
                    : Span.longer(one, now).compareTo(Span.longer(two, now)) < 0);
            Act act = takeFirst ? first.get(i++) : second.get(j++);
            atFirst = takeFirst;
            now = Span.longer(takeFirst ? one : two, now).plus(act.handsOn());
            ended.put(act.id(), now);
            merged.add(act);
        }
        return merged;
    }

    private static Duration ready(Act act, List<Window> windows, Map<ActId, Duration> ended) {
        return windows.stream().filter(window -> window.to().equals(act.id()) && ended.containsKey(window.from()))
                .map(window -> ended.get(window.from()).plus(usual(window))).reduce(Duration.ZERO, Span::longer);
    }

    private static Duration usual(Window window) {
        return switch (window) {
            case Window.Open open -> Duration.ZERO;
            case Window.Dwell dwell -> dwell.least();
            case Window.Dry dry -> dry.usual();
            case Window.Soak soak -> soak.least();
        };
    }
}
