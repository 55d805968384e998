package kindveil.studio.page.make;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.bench.Step;
import kindveil.drying.Belief;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.HoldReading;
import kindveil.reading.LookState;
import kindveil.reading.Remedies;
import kindveil.reading.TimeReading;
import kindveil.studio.page.Knot;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Refused;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.piece.Planned;

/**
 * The Make page: the acts on their thread, what they take, what to beware of, and the way to the bench.
 *
 * @param takes how long it takes, and in which air
 * @param series how many pulls, and how they go into each other
 * @param bench address of the making that is under way, or empty
 * @param before what is said of makings that were finished, or empty
 * @param aside makings that were laid aside and can be taken up again
 * @param area what the needs are reckoned for
 * @param states a picture of it can be taken in
 */
record MakeView(PieceHead head, List<Knot> knots, String elapsed, String takes, SeriesView series, Refused refused, String bench, String before, List<Aside> aside, String area, List<Need> needs, List<Pick> states, List<String> cautions,
        String deference, List<String> problems) implements PageView {

    /** What is needed of one thing in all. */
    record Need(String what, String volume) {
    }

    /** A making that was laid aside. */
    record Aside(UUID id, String words) {
        static Aside of(MakingLine line, Say say) {
            return new Aside(line.id(), "Laid aside at “%s”, begun %s".formatted(line.atHand(), say.date(line.begun())));
        }
    }

    /** @param remedies of the veil the bench refuses first */
    static MakeView of(Planned planned, SeriesView series, List<Remedies> remedies, List<MakingLine> makings, List<String> problems, Say say) {
        TimeReading times = planned.times();
        List<AmountReading> amounts = planned.amounts();
        long before = makings.stream().filter(MakingLine::finished).count();
        Optional<MakingLine> open = makings.stream().filter(MakingLine::active).min(Comparator.comparingInt(MakingLine::number));
        return new MakeView(PieceHead.of(planned.piece(), "Make"),
                times.entries().stream().map(entry -> Knot.of(entry, amount(planned, entry, amounts.get(entry.act().id().part()), say), say)).toList(), Knot.elapsed(times),
                "from start to end at %s, if every wait is the safe one; your hands are busy for %s of it.".formatted(say.air(), Span.words(times.handsOn())), series,
                Refused.of(planned.whole(), remedies, say), open.map(line -> "/bench/" + line.id()).orElse(""),
                before == 0 ? "" : before == 1 ? "One making of it is finished." : "%d makings of it are finished.".formatted(before),
                makings.stream().filter(line -> line.laidAside() && !line.finished()).map(line -> Aside.of(line, say)).toList(),
                "What it takes, for " + (series.pulls() == 1 ? "" : "%d pulls of ".formatted(series.pulls())) + say.area(planned.brief().area()), planned.needs().entrySet().stream().map(need -> new Need(need.getKey().words(), say.both(need.getValue().times(series.pulls())))).toList(),
                Pick.of(LookState.of(planned.whole()), LookState::name, state -> state.words(planned.whole()), state -> "", LookState.finished(planned.whole()).name()),
                CautionReading.of(planned.whole()).keySet().stream().map(say::it).toList(), CautionReading.DEFERENCE, problems);
    }

    /** What an act takes or, where a print's paper is rubbed away or it is lifted off wet, whether that will come out well. */
    private static String amount(Planned planned, TimeReading.Entry entry, AmountReading amounts, Say say) {
        return planned.whole().moments().stream().filter(moment -> moment.act().id().equals(entry.act().id())).findFirst()
                .flatMap(moment -> HoldReading.of(planned.whole().plan(), moment.before(), moment.act(), moment.waits(), Belief.UNLEARNED, Map.of())).filter(hold -> entry.act().step() instanceof Step.RubAway || entry.act().step() instanceof Step.Part).map(hold -> Knot.holds(hold, "then", say))
                .orElseGet(() -> Knot.amount(amounts, entry.act().id(), say));
    }
}
