package kindveil.studio.page.build;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.reading.OptionReading;
import kindveil.studio.page.Knot;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.jar.OnShelf;
import kindveil.studio.work.look.Alternatives;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Gear;
import kindveil.way.Choice;
import kindveil.way.Rubbing;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;

/**
 * What is decided at one place of a build, with what each alternative would change.
 *
 * @param due address of the figures that are still being looked at, or empty
 */
record CardView(Where where, String title, List<Numbered> numbers, List<Choosing> choices, List<Choosing> folded, List<BuildForm.Pot> pots, String due) {
    /** How long one request looks. */
    static final Duration AT_A_TIME = Duration.ofMillis(700);
    static final String UNKNOWN = "…";

    /** A number with what the shelf has of it: a value, and what it is of. @param list its name where it has any, or empty @param yours the first of them, said where the plan is for another */
    record Numbered(BuildForm.Number number, String list, List<Pick> offers, String yours) {
        static Numbered of(BuildForm.Number number, Planned planned, OnShelf shelf) {
            List<Gear> weighed = number.name().equals(BuildForm.DIAL + Rubbing.PAPER) ? shelf.weighed(planned.brief().print().sheet()) : List.of();
            double asPlanned = planned.brief().settings().dials().getOrDefault(Rubbing.PAPER, planned.brief().print().sheet().gramsPerSquareMetre());
            boolean same = weighed.isEmpty() || Objects.requireNonNull(weighed.getFirst().grams()) == asPlanned;
            return new Numbered(number, weighed.isEmpty() ? "" : number.name() + "-offers", weighed.stream().map(paper -> new Pick(Figures.plain(Objects.requireNonNull(paper.grams())), paper.name(), "", false)).toList(),
                    same ? "" : "Your “%s” has %s g/m².".formatted(weighed.getFirst().name(), Figures.plain(Objects.requireNonNull(weighed.getFirst().grams()))));
        }
    }

    /** A choice with its options. */
    record Choosing(BuildForm.Slot slot, List<Row> rows) {
    }

    /**
     * One option.
     *
     * @param shelf whether the shelf has what it takes, or null where that is not asked
     * @param adds what it is doubted for and the plan as it is now is not, or empty
     */
    record Row(Pick pick, String id, String drowns, String takes, String inAll, String holds, String adds, OnShelf.@Nullable Level shelf) {
        /** What the shelf has for it, in words; empty where it has none of it. */
        public String stock() {
            return shelf == OnShelf.Level.ENOUGH ? "on your shelf" : shelf == OnShelf.Level.RUNS_OUT ? "runs out on your shelf" : "";
        }

        public boolean enough() {
            return shelf == OnShelf.Level.ENOUGH;
        }

        public String cell() {
            return cell(id);
        }

        private static String cell(String id) {
            return "drowns-" + id;
        }
    }

    /** A figure that was looked at, and the place it is for. */
    record Late(String cell, String figure) {
        static Late of(Alternatives.Drowned drowned, Say say) {
            return new Late(Row.cell(id(drowned.choice(), drowned.option())), percent(drowned.drowns(), say));
        }
    }

    static CardView of(Planned planned, Doors doors, LookView view, BuildForm form, String title, Alternatives alternatives, OnShelf shelf, Say say) {
        Where where = doors.open();
        List<BuildForm.Slot> slots = form.slots(where);
        Alternatives.Looked looked = alternatives.look(planned.piece(), slots.stream().map(BuildForm.Slot::choice).toList(), view.right(), view.pass(), Duration.ZERO);
        OptionReading now = Alternatives.reading(planned);
        List<Choosing> all = slots.stream().map(slot -> new Choosing(slot, slot.choice().options().parallelStream().map(option -> row(planned, slot, option, now, looked, alternatives, shelf, say)).sorted(Comparator.comparing(row -> !shelf.lots().isEmpty() && !row.enough())).toList())).toList();
        String due = looked.done() ? "" : due(planned.piece(), view, doors);
        return new CardView(where, Words.capital(title), form.numbers(where).stream().map(number -> Numbered.of(number, planned, shelf)).toList(), all.stream().filter(one -> !one.slot().folded()).toList(), all.stream().filter(one -> one.slot().folded()).toList(), form.pots(where), due);
    }

    public boolean ofEdge() {
        return where == Where.EDGE;
    }

    public boolean ofGround() {
        return where == Where.GROUND;
    }

    public boolean ofSupport() {
        return where == Where.SUPPORT;
    }

    static String due(Piece piece, LookView view, Doors doors) {
        return "%s/alternatives?%s%s".formatted(PieceHead.base(piece), view.query(view.left(), view.right(), view.pass()), doors.query());
    }

    private static Row row(Planned planned, BuildForm.Slot slot, Choice.Option option, OptionReading now, Alternatives.Looked looked, Alternatives alternatives, OnShelf shelf, Say say) {
        Pick pick = slot.options().stream().filter(one -> one.value().equals(option.key())).findFirst().orElseThrow();
        Optional<OptionReading> read = pick.chosen() ? Optional.of(now) : alternatives.reading(planned.piece(), slot.choice(), option);
        String drowns = looked.each().stream().filter(one -> one.choice().equals(slot.choice()) && one.option().equals(option)).findFirst().map(one -> percent(one.drowns(), say)).orElse(UNKNOWN);
        return new Row(pick, id(slot.choice(), option), drowns, read.map(one -> Knot.takes(one, say)).orElse("–"), read.map(one -> one.times().elapsed().map(Span::words).orElse("no end")).orElse("–"),
                read.map(one -> Knot.holds(one, say)).orElse("–"), read.flatMap(one -> one.beyond(now)).map(say::it).orElse(""), shelf.lots().isEmpty() ? null : read.map(one -> shelf.level(one.products())).orElse(null));
    }

    private static String id(Choice choice, Choice.Option option) {
        return choice.key() + "-" + option.key();
    }

    private static String percent(Optional<Double> drowns, Say say) {
        return drowns.map(say::percent).orElse("–");
    }
}
