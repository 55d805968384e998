package kindveil.studio.page.way;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.CompatibilityReading;
import kindveil.reading.HandReading;
import kindveil.reading.OptionReading;
import kindveil.reading.TimeReading;
import kindveil.studio.page.HavingForm;
import kindveil.studio.page.Knot;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Fit.Verdict;
import kindveil.way.Trace;
import kindveil.way.Way;

/**
 * The leaf of one way: its verdict, its section growing, its acts, its schools, what it takes and what goes wrong.
 *
 * @param told what is had and wished, in a sentence that can be changed
 * @param growth the section act by act
 * @param takes how long it takes, and in which air
 * @param printed print asked for, or empty where it brings no picture
 * @param deference what all cautions defer to
 */
record WayView(String key, String name, String summary, Judged judged, Told told, Growth growth, String takes, List<Knot> knots, List<Schooling> schooling, Needs needs,
        List<Failure> failures, List<String> cautions, String deference, String printed, List<String> printers, List<With> withPrints, List<With> withSupports, List<String> problems) implements PageView {

    private static final int MOST_INSTEAD = 4;

    /** The sentence. @param ofPrint whether the way takes a print */
    record Told(boolean ofPrint, HavingForm asked, String width, String height) {
    }

    /**
     * Whether it goes with what is had.
     *
     * @param hand how its print must stand, or empty
     * @param instead what would go, where it does not
     */
    record Judged(String mark, String verdict, String hand, List<String> reasons, List<With> instead, String query) {
        static Judged of(CompatibilityReading reading, Trace trace, List<CompatibilityReading.Instead> instead, Having having, Say say) {
            String hand = HandReading.of(trace).map(read -> read.finished() == Hand.MIRRORED ? "Ends mirrored: print it mirrored." : "Ends reading right: print it as it is.").orElse("");
            return new Judged(WaysView.mark(reading.verdict()), Words.capital(reading.verdict().words()), hand, reading.reasons().stream().map(r -> say.it((r.words() + " " + r.remedy()).strip())).toList(),
                    instead.stream().map(other -> new With(other.words(), "", "", WaysView.address(other.way(), having.with(other.print())), false)).toList(), WaysView.query(having));
        }
    }

    /** What goes with it. @param mark its verdict as a mark */
    record With(String words, String mark, String verdict, String href, boolean chosen) {
    }

    /** The choices that stand there at once. */
    public List<Schooling> first() {
        return schooling.stream().filter(one -> !one.aside).toList();
    }

    /** Those few would touch, folded until they are. */
    public List<Schooling> aside() {
        return schooling.stream().filter(Schooling::aside).toList();
    }

    /** What is chosen, with its schools. @param aside whether few would touch it */
    record Schooling(String question, List<School> schools, boolean aside) {
    }

    /**
     * A school beside the others.
     *
     * @param costs what is paid for it
     * @param holds the least chance that the image holds, or comes over
     * @param takes of medium and paint in all, at the size asked for
     */
    record School(String words, String buys, String costs, String takes, String hands, String elapsed, String holds, String risk, boolean chosen) {
    }

    /** What it takes in all, and its numbers that may be changed. */
    record Needs(String heading, List<Need> list, List<Need> dials) {
        /** What something takes. */
        record Need(String what, String volume) {
        }
    }

    /** One way it goes wrong. */
    record Failure(String sees, String cause, String rescue) {
    }

    /** @param width as it was typed; likewise height */
    static WayView of(Way way, Having having, List<Support> supports, Brief brief, String width, String height, WaysWork ways, List<String> printers, List<String> problems, Say say) {
        Trace trace = Trace.of(way.expand(brief));
        TimeReading times = TimeReading.of(trace);
        AmountReading amounts = AmountReading.of(trace, brief.width(), brief.height());
        CompatibilityReading reading = ways.of(way, having);
        List<CompatibilityReading.Instead> instead = reading.verdict() == Verdict.NO ? ways.instead(way, having).stream().limit(MOST_INSTEAD).toList() : List.of();
        boolean printed = way.card().usualPrint() != null;
        Needs needs = new Needs("What it takes at %s × %s".formatted(width, height), amounts.byProduct().entrySet().stream().map(e -> new Needs.Need(e.getKey().words(), say.both(e.getValue()))).toList(),
                way.dials(brief).stream().map(dial -> new Needs.Need(dial.words(), "%s, %s".formatted(dial.usual().in(say.measure()), dial.usual().provenance().word()))).toList());
        return new WayView(way.key(), way.name(), say.it(way.card().summary()), Judged.of(reading, trace, instead, having, say), new Told(printed, HavingForm.of(having, supports), width, height), Growth.of(trace),
                "%s from start to end at %s, hands busy for %s; times where every wait is the safe one.".formatted(Knot.elapsed(times), say.air(), Span.words(times.handsOn())),
                times.entries().stream().map(e -> Knot.of(e, Knot.amount(amounts, e.act().id(), say), say)).toList(), schooling(way, brief, OptionReading.of(trace, brief.width(), brief.height()), say), needs,
                way.card().failures().stream().map(f -> new Failure(say.it(f.sees()), say.it(f.cause() + "."), say.it(f.rescue()))).toList(), CautionReading.of(trace).keySet().stream().map(say::it).toList(), CautionReading.DEFERENCE,
                printed ? having.print().name() : "", printers,
                printed ? Arrays.stream(PrintKind.values()).map(p -> with(way, having.with(p), p.words(), p == having.print(), ways)).toList() : List.of(),
                supports.stream().map(s -> with(way, having.with(s), s.words(), s.equals(having.support()), ways)).toList(), problems);
    }

    private static With with(Way way, Having there, String words, boolean chosen, WaysWork ways) {
        CompatibilityReading reading = ways.of(way, there);
        return new With(words, WaysView.mark(reading.verdict()), reading.verdict().words(), WaysView.address(way, there), chosen);
    }

    private static List<Schooling> schooling(Way way, Brief brief, OptionReading now, Say say) {
        List<Schooling> all = new ArrayList<>();
        for (Choice choice : way.choices()) {
            all.add(new Schooling(choice.question(), choice.options().stream().map(option -> school(way, brief, choice, option, now, say)).toList(), choice.aside() && way.chosen(brief, choice.key()).equals(choice.options().getFirst())));
        }
        return all;
    }

    /** @param now the way as it is chosen: of what is doubted, only what another option adds is said beside it */
    private static School school(Way way, Brief brief, Choice choice, Choice.Option option, OptionReading now, Say say) {
        boolean chosen = way.chosen(brief, choice.key()).equals(option);
        OptionReading read = chosen ? now : OptionReading.of(Trace.of(way.expand(brief.with(choice.key(), option.key()))), brief.width(), brief.height());
        return new School(say.it(option.words()), say.it(option.buys()), say.it(option.costs()), Knot.takes(read, say), Span.words(read.times().handsOn()), Knot.elapsed(read.times()), Knot.holds(read, say),
                read.beyond(now).map(say::it).orElse(""), chosen);
    }
}
