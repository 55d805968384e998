package kindveil.studio.page.sitting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.GatherReading;
import kindveil.sitting.Hours;
import kindveil.sitting.Task;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.sitting.Worked;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;

/** One sitting on paper: what to gather, and what to do when. */
record SheetView(String heading, List<String> tools, List<Lies> lies, List<String> amounts, List<Line> lines, List<String> cautions) implements PageView {
    /** What lies ready for one piece. */
    record Lies(String piece, String things) {
    }

    /** One act. @param amount empty where it takes nothing */
    record Line(String time, String piece, String title, String how, String amount) {
    }

    static SheetView of(Worked worked, int sitting, Say say) {
        List<Integer> in = worked.plan().in(worked.problem(), sitting);
        Map<Integer, Trace> walked = new HashMap<>();
        Map<Integer, AmountReading> amountsOf = new HashMap<>();
        Set<String> tools = new LinkedHashSet<>();
        Map<String, Set<String>> lies = new LinkedHashMap<>();
        Set<String> amounts = new LinkedHashSet<>();
        Set<String> cautions = new LinkedHashSet<>();
        List<Line> lines = new ArrayList<>();
        for (int task : in) {
            Task it = worked.task(task);
            Worked.Pull pull = worked.pull(task);
            Trace trace = walked.computeIfAbsent(it.job(), job -> new Trace(pull.plan(), worked.moments(job)));
            List<Moment> own = worked.own(task, trace.moments());
            AmountReading reading = amountsOf.computeIfAbsent(it.job(), job -> AmountReading.of(trace, pull.width(), pull.height()));
            GatherReading gather = GatherReading.of(own);
            tools.addAll(gather.tools());
            lies.computeIfAbsent(pull.words(), name -> new LinkedHashSet<>()).addAll(gather.things());
            for (Task.Timed timed : it.acts()) {
                Moment moment = own.stream().filter(each -> each.act().id().equals(timed.act())).findFirst().orElseThrow();
                String amount = amount(reading, timed, say);
                if (!amount.isEmpty()) {
                    amounts.add("%s, %s".formatted(amount, pull.words()));
                }
                cautions.addAll(CautionReading.words(moment.act().step(), moment.before()));
                lines.add(new Line(worked.wall(worked.start(task).plus(Span.minutes(timed.from()))).toString(), pull.words(), timed.title(), moment.act().how(), amount));
            }
        }
        Hours.Free free = worked.free().get(sitting);
        return new SheetView(free.words(), tools.stream().map(Words::capital).toList(),
                lies.entrySet().stream().map(each -> new Lies(each.getKey(), String.join(", ", each.getValue()))).toList(), List.copyOf(amounts), lines, List.copyOf(cautions));
    }

    private static String amount(AmountReading reading, Task.Timed timed, Say say) {
        Optional<AmountReading.Portion> portion = reading.forAct(timed.act());
        Optional<AmountReading.Batch> batch = reading.batch(timed.act());
        return batch.map(mixed -> "%s of %s".formatted(say.one(mixed.volume()), mixed.shares().stream().map(share -> "%s %s".formatted(say.one(share.volume()), share.words())).collect(Collectors.joining(" and "))))
                .orElseGet(() -> portion.map(each -> "%s %s".formatted(say.one(each.volume()), each.product().words())).orElse(""));
    }
}
