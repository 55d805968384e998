package kindveil.studio.page.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.bench.Concern;
import kindveil.bench.Step;
import kindveil.drying.Belief;
import kindveil.measure.Span;
import kindveil.measure.Volume;
import kindveil.product.Product;
import kindveil.product.Products;
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
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.jar.OnShelf;
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
    record Need(String what, String volume, String shelf, boolean lacking, List<Pick> lots, String product) {
        /**
         * @param millilitres of it, all pulls together
         * @param shelf what stands there
         */
        static Need of(Product product, Volume needed, Planned planned, OnShelf shelf, Say say) {
            Optional<Double> left = product.family().poured() ? shelf.left(product) : Optional.empty();
            boolean lacking = left.map(there -> there + 1e-9 < needed.millilitres()).orElse(false);
            String words = left.map(there -> lacking ? "%s short: %s on your shelf".formatted(say.one(new Volume(needed.millilitres() - there)), say.one(new Volume(there))) : "%s left after".formatted(say.one(new Volume(there - needed.millilitres()))))
                    .orElse(shelf.lots().isEmpty() || !product.family().poured() ? "" : "none on your shelf");
            String kind = planned.piece().standsFor(product.id());
            List<JarWork.Left<Lot>> lots = Products.all().stream().filter(one -> one.id().equals(kind)).findFirst().map(shelf::instead).orElse(List.of());
            List<Pick> picks = new ArrayList<>();
            if (!lots.isEmpty()) {
                picks.add(new Pick("", "any of it", "", kind.equals(product.id())));
                lots.forEach(lot -> picks.add(new Pick(lot.owned().id().toString(), "%s, %s".formatted(lot.owned().name(), say.one(new Volume(lot.left()))), "", lot.owned().id().toString().equals(product.id()))));
            }
            return new Need(product.words(), say.both(needed), words, lacking || words.startsWith("none"), picks, kind);
        }
    }

    /** A making that was laid aside. */
    record Aside(UUID id, String words) {
        static Aside of(MakingLine line, Say say) {
            return new Aside(line.id(), "Laid aside at “%s”, begun %s".formatted(line.atHand(), say.date(line.begun())));
        }
    }

    /** @param remedies of the veil the bench refuses first */
    static MakeView of(Planned planned, SeriesView series, List<Remedies> remedies, List<MakingLine> makings, OnShelf shelf, List<String> problems, Say say) {
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
                takes(planned, series.pulls(), say), planned.needs().entrySet().stream().map(need -> Need.of(need.getKey(), need.getValue().times(series.pulls()), planned, shelf, say)).toList(),
                Pick.of(LookState.of(planned.whole()), LookState::name, state -> state.words(planned.whole()), state -> "", LookState.finished(planned.whole()).name()),
                CautionReading.of(planned.whole()).keySet().stream().map(say::it).toList(), CautionReading.DEFERENCE, problems);
    }

    /** An image's area is said where it is all there is; pastes and coats beside it go as far as they go. */
    private static String takes(Planned planned, int pulls, Say say) {
        boolean alone = planned.piece().veils().size() == 1 && planned.trace().picture().isPresent();
        String of = pulls == 1 ? "" : "%d pulls".formatted(pulls);
        String area = alone ? say.area(planned.brief().area()) : "";
        return of.isEmpty() && area.isEmpty() ? "What it takes" : "What it takes, for %s%s%s".formatted(of, of.isEmpty() || area.isEmpty() ? "" : " of ", area);
    }

    /** What an act takes or, where a print's paper is rubbed away or it is lifted off wet, whether that will come out well. */
    private static String amount(Planned planned, TimeReading.Entry entry, AmountReading amounts, Say say) {
        // of a plan the bench refuses there is no chance to tell
        boolean refused = !planned.whole().refusals().isEmpty();
        List<Concern> doubts = planned.whole().concerns();
        return planned.whole().moments().stream().filter(moment -> !refused).filter(moment -> moment.act().id().equals(entry.act().id())).findFirst()
                .flatMap(moment -> HoldReading.of(planned.whole().plan(), moment.before(), moment.act(), moment.waits(), Belief.UNLEARNED, Map.of())).map(hold -> hold.doubted(doubts)).filter(hold -> entry.act().step() instanceof Step.RubAway || entry.act().step() instanceof Step.Part).map(hold -> Knot.holds(hold, "then", say))
                .orElseGet(() -> Knot.amount(amounts, entry.act().id(), say));
    }
}
