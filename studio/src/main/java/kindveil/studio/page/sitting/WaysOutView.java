package kindveil.studio.page.sitting;

import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.sitting.Bounds;
import kindveil.sitting.Conflict;
import kindveil.sitting.Problem;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.sitting.WaysOut;
import kindveil.studio.work.sitting.Worked;
import org.jspecify.annotations.Nullable;

/** What stands in the way, and what would make it fit. */
record WaysOutView(int version, String conflict, List<Out> outs) implements PageView {
    /** One way out. */
    record Out(int number, String words) {
    }

    static WaysOutView of(Worked worked, @Nullable Conflict conflict, List<WaysOut.Way> ways, Say say) {
        String said = conflict == null ? "" : say.it(said(worked, conflict));
        return new WaysOutView(worked.diary().version(), said, IntStream.range(0, ways.size()).mapToObj(i -> new Out(i, Words.capital(ways.get(i).words()))).toList());
    }

    private static String said(Worked worked, Conflict conflict) {
        Problem core = conflict.core();
        if (core.jobs().size() > 1 || conflict.demands().size() > 2) {
            return "%s: these cannot all be had%s.".formatted(Words.capital(String.join(", ", conflict.demands())), conflict.proven() ? "" : ", as far as was looked");
        }
        String name = core.jobs().getFirst().words();
        int[] soonest = Bounds.heads(core);
        for (int task = 0; task < soonest.length; task++) {
            if (core.tasks().get(task).latest() < soonest[task]) {
                return "%s: “%s” must begin by %s, and your hands are not free for it before %s.".formatted(name, core.tasks().get(task).words(), worked.said(worked.at(core.tasks().get(task).latest())),
                        soonest[task] >= core.horizon() ? "that" : worked.said(worked.at(soonest[task])));
            }
        }
        return "%s does not fit into these hours by itself%s: from its first act to its last it takes %s, however free your hands are.".formatted(name, conflict.demands().size() < 2 ? "" : ", with " + conflict.demands().getLast(),
                Span.words(Duration.ofMinutes(core.alone(0).shortest())));
    }
}
