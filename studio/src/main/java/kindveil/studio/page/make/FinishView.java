package kindveil.studio.page.make;

import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.piece.LookView;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindveil.bench.Step;
import kindveil.catalogue.Finishing;
import kindveil.measure.Span;
import kindveil.reading.LookState;
import kindveil.reading.Remedies;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Refused;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Choice;
import kindveil.way.Trace;

/**
 * The Finish page: last coats to choose from, looked at over the piece itself, and the order they go on in.
 *
 * @param frame height of a small picture, 100 wide
 */
record FinishView(PieceHead head, long frame, List<Coat> coats, List<Layer> order, Refused refused) implements PageView {
    private static final Map<Choice, LookState> LAST = Map.of(Finishing.CLEARING, LookState.CLEARED, Finishing.SEALING, LookState.SEALED);

    /** One option of a last coat, looked at over the piece itself. */
    record Shown(String key, String words, String buys, String costs, boolean chosen, String picture, String refusal) {
    }

    /** One of the way's last choices with its options. */
    record Coat(String name, String question, List<Shown> options) {
    }

    /** What goes on, in order. */
    record Layer(String title, String when, String how) {
    }

    static FinishView of(Planned planned, PieceWork pieces, LookWork looks, Say say) {
        Piece piece = planned.piece();
        return new FinishView(PieceHead.of(piece, "Finish"), Math.round(100 * looks.aspect(piece)), coats(planned, pieces, say), order(planned.trace(), say),
                Refused.of(planned.trace(), pieces.remedies(planned), say));
    }

    /** The choices of the way that are about what goes on last. */
    private static List<Coat> coats(Planned planned, PieceWork pieces, Say say) {
        return planned.piece().design().theWay().choices().stream().filter(LAST::containsKey).map(choice -> new Coat("choice." + choice.key(), choice.question(),
                choice.options().stream().map(option -> shown(planned, choice, option, pieces, say)).toList())).toList();
    }

    private static Shown shown(Planned planned, Choice choice, Choice.Option option, PieceWork pieces, Say say) {
        Piece piece = planned.piece();
        Design design = piece.design().choosing(Map.of(choice.key(), option.key()));
        Trace trace = pieces.plan(piece.with(design)).trace();
        String refusal = trace.refusals().isEmpty() ? "" : trace.refusals().getFirst().reason();
        String picture = "%s/look/%s.png?pass=%d&v=%d&small=true&choice.%s=%s".formatted(PieceHead.base(piece), LookView.word(LAST.get(choice)), planned.trace().plannedPasses(), piece.version(),
                choice.key(), option.key());
        boolean chosen = piece.design().theWay().chosen(planned.brief(), choice.key()).key().equals(option.key());
        return new Shown(option.key(), say.it(option.words()), say.it(option.buys()), say.it(option.costs()), chosen, picture, say.it(refusal));
    }

    private static List<Layer> order(Trace trace, Say say) {
        List<Layer> order = new ArrayList<>();
        for (Trace.Moment moment : trace.moments()) {
            if (moment.act().step() instanceof Step.Infuse || moment.act().step() instanceof Step.Apply apply && trace.overImage(apply)) {
                Duration longest = moment.waits().stream().map(wait -> wait.times().advised()).max(Duration::compareTo).orElse(Duration.ZERO);
                order.add(new Layer(say.it(moment.act().title()), longest.isZero() ? "once the fibre has dried white" : "after " + Span.words(longest), say.it(moment.act().how())));
            }
        }
        return order;
    }
}
