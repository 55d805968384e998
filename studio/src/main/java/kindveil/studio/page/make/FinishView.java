package kindveil.studio.page.make;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import kindveil.measure.Length;
import kindveil.bench.Support;
import kindveil.finish.HangingReading;
import kindveil.bench.Concern;
import kindveil.bench.Step;
import kindveil.catalogue.Finishing;
import kindveil.finish.FinishReading.Offer;
import kindveil.finish.LastCoat;
import kindveil.finish.ReadyReading;
import kindveil.measure.Span;
import kindveil.reading.LookState;
import kindveil.reading.Remedies;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Refused;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.finish.FinishWork;
import kindveil.studio.work.finish.FinishWork.Finished;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Choice;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/**
 * The Finish page: last coats to choose from, looked at over the piece itself, what else may come over it and what that closes off, the
 * order they go on in, and from when on it may be put to its uses.
 *
 * @param frame height of a small picture, 100 wide
 * @param made whether it is made or being made, so that times are dates
 * @param hanging what it weighs, and what bears that
 * @param waits what everything waits for; empty where nothing cures
 * @param making it is about, or empty
 * @param pulls to choose from, where there are several
 */
record FinishView(PieceHead head, long frame, List<Coat> coats, List<Layer> order, Refused refused, List<On> on, List<Group> holding, List<Against> against, boolean made, List<Ready> ready, String waits, String hanging, String making, List<Pull> pulls) implements PageView {
    private static final Map<Choice, LookState> LAST = Map.of(Finishing.CLEARING, LookState.CLEARED, Finishing.SEALING, LookState.SEALED);
    private static final int MOST_DOUBTS = 2;

    /** One pull that is begun. @param shown whether the page is about it */
    record Pull(String words, String href, boolean shown) {
        static Pull of(StoredMaking making, Piece piece, Finished finished) {
            return new Pull("Pull %d".formatted(Objects.requireNonNull(making.pull()).number()), "%s/finish?making=%s".formatted(PieceHead.base(piece), making.id()), making.id().equals(finished.making()));
        }
    }

    /** One option of a last coat, looked at over the piece itself. */
    record Shown(String key, String words, String buys, String costs, boolean chosen, String picture, String refusal) {
    }

    /** One of the way's last choices with its options. */
    record Coat(String name, String question, List<Shown> options) {
    }

    /** What goes on, in order. */
    record Layer(String title, String when, String how) {
    }

    /** A last coat that is planned. @param off address that takes it off */
    record On(String words, String off) {
    }

    /** A way of finishing that holds. */
    record Group(String name, String does, List<Line> lines) {
    }

    /**
     * Kinds of it that differ in one choice.
     *
     * @param words of what they have in common; empty where that is all of it
     * @param closes ways that no longer hold after it
     */
    record Line(String words, String picture, String when, String becomes, List<String> doubts, String closes, List<Button> buttons) {
    }

    /** @param words on it @param more what a voice says besides */
    record Button(String key, String words, String more) {
    }

    /** A way of finishing that does not hold here. @param path last coats that would, by their keys */
    record Against(String name, String why, String instead, List<String> path) {
    }

    /** One use, and from when on. @param from in words, or why never */
    record Ready(String use, String from, boolean never, String why) {
    }

    static FinishView of(Planned planned, PieceWork pieces, LookWork looks, Finished finished, List<StoredMaking> pulls, Say say) {
        Piece piece = planned.piece();
        return new FinishView(PieceHead.of(piece, "Finish"), Math.round(100 * looks.aspect(piece)), coats(planned, pieces, say), order(planned.whole(), say),
                Refused.of(planned.trace(), pieces.remedies(planned), say),
                FinishWork.on(piece).stream().map(on -> new On(say.it(on.getValue().design().theWay().name()), "/pieces/%s/veils/%d/coats/off".formatted(piece.id(), on.getKey()))).toList(),
                holding(piece, finished, say), against(finished, say), finished.origin() != null, ready(finished.ready(), finished.origin(), finished.end(), say), say.it(finished.ready().slowest()), hanging(planned, finished.bench(), say),
                finished.making() == null ? "" : finished.making().toString(), (pulls.size() < 2 ? List.<StoredMaking>of() : pulls).stream().map(pull -> Pull.of(pull, piece, finished)).toList());
    }

    /** What hangs on its hardware. */
    private static String hanging(Planned planned, kindveil.bench.Bench end, Say say) {
        Piece piece = planned.piece();
        // a page of a book hangs nowhere
        if (piece.base().support().is(Support.Trait.BOUND)) {
            return "";
        }
        Length width = piece.basis().page().map(page -> page.width()).orElse(planned.brief().width());
        Length height = piece.basis().page().map(page -> page.height()).orElse(planned.brief().height());
        HangingReading hangs = HangingReading.of(end, width, height);
        return "It weighs about %s: two D-rings, wire and wall fixing each rated for %s at least; a wire slung at 30° pulls %s on each side.%s".formatted(say.weight(hangs.grams()), say.weight(hangs.rated()), say.weight(hangs.wire()),
                hangs.framed() ? " Too soft to bear them itself: frame and glass come on top of that." : "");
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
                order.add(new Layer(say.it(moment.act().title()), !moment.timed() ? "never, in this room’s air" : longest.isZero() ? "once the fibre has dried white" : "after " + say.words(longest), say.it(moment.act().how())));
            }
        }
        return order;
    }

    // ---- what may come over it

    private static List<Group> holding(Piece piece, Finished finished, Say say) {
        Map<String, Map<String, List<Offer>>> byWay = new LinkedHashMap<>();
        finished.reading().offers().stream().filter(Offer::holds).forEach(offer -> byWay.computeIfAbsent(offer.coat().way().key(), key -> new LinkedHashMap<>()).computeIfAbsent(common(offer.coat()), key -> new ArrayList<>()).add(offer));
        return byWay.values().stream().map(lines -> {
            LastCoat first = lines.values().iterator().next().getFirst().coat();
            return new Group(say.it(first.way().name()), say.it(first.way().card().summary()), lines.entrySet().stream().map(line -> line(piece, line.getKey(), line.getValue(), finished, say)).toList());
        }).toList();
    }

    /** What is chosen of it but the last choice. */
    private static String common(LastCoat coat) {
        List<Choice> choices = coat.way().choices();
        return choices.size() < 2 ? "" : String.join(", ", choices.subList(0, choices.size() - 1).stream().map(choice -> choice.chosen(coat.choices().get(choice.key())).words()).toList());
    }

    private static Line line(Piece piece, String words, List<Offer> offers, Finished finished, Say say) {
        Offer first = offers.getFirst();
        List<Button> buttons = offers.stream().map(offer -> {
            List<Choice> choices = offer.coat().way().choices();
            Choice last = choices.isEmpty() ? null : choices.getLast();
            return new Button(offer.coat().key(), last == null ? "lay it" : say.it(last.chosen(offer.coat().choices().get(last.key())).words()), say.it(offer.coat().words()));
        }).toList();
        boolean same = offers.stream().map(offer -> offer.becomes().sheen()).distinct().count() == 1;
        String becomes = "%s%s; %s".formatted(same ? first.becomes().sheen() + "; " : "", first.becomes().reversible(), first.becomes().ages());
        List<String> doubts = first.doubts().stream().map(Concern::words).distinct().limit(MOST_DOUBTS).map(say::it).toList();
        return new Line(say.it(words), "/pieces/%s/coats/%s.png?v=%d".formatted(piece.id(), first.coat().key(), piece.version()), when(first.from(), finished.origin(), finished.end(), say), say.it(becomes), doubts,
                first.closes().isEmpty() ? "" : say.it(String.join(", ", first.closes())), buttons);
    }

    private static List<Against> against(Finished finished, Say say) {
        List<Against> against = new ArrayList<>();
        Map<String, List<Offer>> byWay = new LinkedHashMap<>();
        finished.reading().offers().forEach(offer -> byWay.computeIfAbsent(offer.coat().way().key() + common(offer.coat()), key -> new ArrayList<>()).add(offer));
        for (List<Offer> offers : byWay.values()) {
            if (offers.stream().noneMatch(Offer::holds)) {
                Offer first = offers.getFirst();
                String common = common(first.coat());
                String name = common.isEmpty() ? first.coat().way().name() : "%s, %s".formatted(first.coat().way().name(), common);
                against.add(new Against(say.it(name), say.it(first.against().getFirst()), say.it(String.join(", then ", first.instead().stream().map(LastCoat::words).toList())), first.instead().stream().map(LastCoat::key).toList()));
            }
        }
        return against;
    }

    /** A moment as a date where the piece is made, and otherwise how long after all else is done. */
    private static String when(@Nullable Duration from, @Nullable Instant origin, Duration end, Say say) {
        if (from == null) {
            return "never, in this room’s air";
        }
        if (origin != null) {
            String day = say.day(origin.plus(from));
            return day.equals("now") ? "now" : "from " + day;
        }
        Duration after = Span.left(end, from);
        return after.compareTo(Duration.ofMinutes(5)) < 0 ? "at once" : "about %s after the last act".formatted(say.words(after));
    }

    private static List<Ready> ready(ReadyReading reading, @Nullable Instant origin, Duration end, Say say) {
        return reading.uses().stream().map(each -> new Ready(each.use().words(), each.from() == null ? "not" : when(each.from(), origin, end, say), each.from() == null, say.it(each.why()))).toList();
    }
}
