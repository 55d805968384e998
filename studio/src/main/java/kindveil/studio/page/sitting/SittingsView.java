package kindveil.studio.page.sitting;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import kindveil.measure.Span;
import kindveil.measure.UnitSystem;
import kindveil.reading.TaskReading.Resource;
import kindveil.sitting.Chance;
import kindveil.sitting.Cost;
import kindveil.sitting.Hours;
import kindveil.sitting.Schedule;
import kindveil.sitting.Task;
import kindveil.sitting.Why;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.sitting.Diary;
import kindveil.studio.work.sitting.Happened;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.studio.work.sitting.Worked;
import org.jspecify.annotations.Nullable;

/**
 * Sittings, from the diary thought through.
 *
 * @param told what comes of it, in a sentence or two
 * @param anew what is said where the plan is another than was kept, or empty
 * @param ask whether what would make it fit is still to be looked for
 */
record SittingsView(String heading, String told, String sure, String anew, int version, Form form, List<String> problems, List<String> notes, @Nullable Chart chart, @Nullable Card card, List<Row> rows, List<Beside> happened, boolean ask, boolean undoable)
        implements PageView {
    private static final double NEARLY = 0.995;
    /** Minutes within which it was as planned. */
    private static final int ABOUT = 3;
    /** In cm². */
    private static final double SQUARE_INCH = 6.4516;

    /** What was said. @param pieces all that could be fitted in */
    record Form(String hours, String due, List<Pick> pieces, List<Thing> there, int rubbing, int rest) {
    }

    /** A piece to be fitted in or not. @param several whether it is asked how many of it are wanted */
    record Pick(UUID id, String title, boolean chosen, boolean several, String pulls) {
    }

    /** So much of something. */
    record Thing(String name, String words, int count) {
    }

    /** One sitting, its acts in order. @param from in milliseconds, as its name */
    record Row(String heading, String told, long from, int number, List<Act> acts) {
    }

    /** One task in it. */
    record Act(String time, String piece, String words, String minutes, String href, String why) {
    }

    /** As it was planned and as it happened. @param apart how far they lie from each other, in words @param x where it was begun, drawn beside 80, where it was planned; two hours are as far as is drawn */
    record Beside(String planned, String begun, String piece, String words, String apart, double x) {
        private static final double MIDDLE = 80;
        private static final double FARTHEST = 72;
        private static final double AN_HOUR = 36;

        static Beside of(Happened each, Worked worked, Say say) {
            long late = Duration.between(each.planned(), each.begun()).toMinutes();
            String apart = Math.abs(late) <= ABOUT ? "as planned" : Span.words(Duration.ofMinutes(Math.abs(late))) + (late > 0 ? " later" : " sooner");
            return new Beside(worked.said(each.planned()), say.time(each.begun()), each.piece(), each.words(), apart, Math.round(10 * (MIDDLE + Math.clamp(late / 60.0 * AN_HOUR, -FARTHEST, FARTHEST))) / 10.0);
        }
    }

    /** What is asked about one task. @param at as a field has it @param put whether the artist put it there */
    record Card(String key, String job, String act, String heading, String why, List<String> acts, String at, boolean put, String href) {
    }

    static SittingsView of(Worked worked, int gap, List<Happened> happened, List<Piece> candidates, Form form, String asked, List<String> problems, boolean undoable, Say say) {
        Diary diary = worked.diary();
        List<String> notes = new ArrayList<>(worked.astray());
        worked.unfit().forEach(unfit -> notes.add(say.it("“%s” is left out: %s".formatted(unfit.words(), unfit.why()))));
        boolean said = worked.asked() && !worked.problem().sittings().isEmpty();
        Chart chart = worked.fits() ? Chart.of(worked, asked, worked.due() == null ? null : "all due, " + Hours.said(java.util.Objects.requireNonNull(diary.due()))) : null;
        return new SittingsView(heading(worked), told(worked, gap, form, candidates, say), sure(worked), worked.anew() && !diary.planned().isEmpty() ? "Things have moved on since this was kept: it is planned from now, with as little changed as can be." : "", diary.version(), form, problems, notes, chart,
                worked.fits() && !asked.isEmpty() ? card(worked, asked, say) : null, worked.fits() ? rows(worked, say) : List.of(), happened.stream().map(each -> Beside.of(each, worked, say)).toList(), said && !worked.fits(), undoable);
    }

    static Form form(Diary diary, List<Piece> candidates, Say say) {
        return new Form(diary.hours().words(), diary.due() == null ? "" : Hours.said(diary.due()), candidates.stream().map(piece -> new Pick(piece.id(), piece.title(), diary.pieces().contains(piece.id()), diary.pieces().contains(piece.id()) || piece.design().theWay().card().bridges(), String.valueOf(diary.pulls(piece.id())))).toList(),
                diary.there().entrySet().stream().sorted(java.util.Map.Entry.comparingByKey()).map(each -> thing(each.getKey(), each.getValue(), say)).toList(), diary.tired().rubbingADay(), diary.tired().rest());
    }

    private static Thing thing(Resource what, int count, Say say) {
        if (what != Resource.FLAT_SPACE) {
            return new Thing(what.name(), what.words() + "s", count);
        }
        return say.measure() == UnitSystem.US ? new Thing(what.name(), "flat space, sq in", (int) Math.round(count / SQUARE_INCH)) : new Thing(what.name(), what.words(), count);
    }

    /** Flat space as it was typed, in cm². */
    static int flat(int typed, Say say) {
        return say.measure() == UnitSystem.US ? (int) Math.round(typed * SQUARE_INCH) : typed;
    }

    private static String heading(Worked worked) {
        if (!worked.asked()) {
            return "Sittings";
        }
        LocalDateTime due = worked.diary().due();
        int all = (int) worked.jobs().stream().map(Worked.Pull::piece).distinct().count();
        return "%s%s%s".formatted(count(all, "piece"), all == worked.jobs().size() ? "" : ", " + count(worked.jobs().size(), "pull").toLowerCase(java.util.Locale.ROOT), due == null ? "" : " by " + Hours.said(due));
    }

    static String count(int n, String what) {
        String[] words = {"No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten", "Eleven", "Twelve"};
        return "%s %s%s".formatted(n < words.length ? words[n] : String.valueOf(n), what, n == 1 ? "" : "s");
    }

    /** @param gap by so much any other plan could be better at most */
    private static String told(Worked worked, int gap, Form form, List<Piece> candidates, Say say) {
        if (candidates.isEmpty()) {
            return "There is no piece to fit in yet: begin one, and it can be.";
        }
        if (worked.diary().pieces().isEmpty() || worked.diary().hours().entries().isEmpty()) {
            return "Say when your hands are free and what you want to make: it is fitted in, so that no bed closes while you are away and nothing is rubbed before it is through.";
        }
        if (worked.problem().sittings().isEmpty()) {
            return "None of these hours lies in the next three weeks.";
        }
        if (!worked.asked()) {
            return "Nothing of what was chosen is left to do.";
        }
        if (!worked.fits()) {
            return "They do not fit into these hours.";
        }
        Cost cost = worked.cost();
        Schedule schedule = worked.plan();
        int hands = worked.problem().handsOn();
        int last = IntStream.range(0, worked.problem().tasks().size()).boxed().max(Comparator.comparingInt(task -> schedule.end(worked.problem(), task))).orElseThrow();
        int better = (int) Math.ceil(100.0 * gap / cost.total());
        return "They fit in %s: %s of hands, %s idle. All is done %s; %s comes last.%s %s".formatted(count(cost.sittings(), "sitting").toLowerCase(java.util.Locale.ROOT), Span.words(Duration.ofMinutes(hands)),
                Span.words(Duration.ofMinutes(cost.idle(worked.problem()))), say.time(worked.end(last)), worked.pull(last).words(), rolled(worked),
                better <= 0 ? "No plan is better." : "No plan is more than %d\u00a0%% better.".formatted(better));
    }

    /** How often the roller is washed between two colours, where several things are rolled. */
    private static String rolled(Worked worked) {
        long rolled = worked.problem().loads().stream().map(load -> worked.task(load.task()).job()).distinct().count();
        int washes = worked.cost().washes();
        return rolled < 2 ? "" : washes == 0 ? " The roller stays loaded with one colour throughout." : " The roller is loaded %s and washed between colours %s.".formatted(times(worked.problem().loads().size()), times(washes));
    }

    private static String times(int count) {
        return count == 1 ? "once" : count == 2 ? "twice" : count(count, "time").toLowerCase(java.util.Locale.ROOT);
    }

    private static String sure(Worked worked) {
        if (!worked.fits() || worked.diary().due() == null) {
            return "";
        }
        Chance chance = worked.chance();
        String breaks = chance.breaks() < 0 ? "" : " What breaks it most often is %s waiting for “%s”.".formatted(worked.pull(chance.breaks()).words(), worked.task(chance.breaks()).words());
        return chance.inTime() >= NEARLY ? "In all of %d evenings tried it is done in time.".formatted(Chance.EVENINGS) : "In %d of 100 evenings tried it is done in time.%s".formatted(Math.round(chance.inTime() * 100), breaks);
    }

    private static List<Row> rows(Worked worked, Say say) {
        List<Row> rows = new ArrayList<>();
        Schedule schedule = worked.plan();
        int lastUsed = IntStream.range(0, worked.problem().sittings().size()).filter(k -> !schedule.in(worked.problem(), k).isEmpty()).max().orElse(-1);
        for (int k = 0; k <= lastUsed; k++) {
            List<Integer> in = schedule.in(worked.problem(), k);
            Hours.Free free = worked.free().get(k);
            int hands = in.stream().mapToInt(task -> worked.task(task).handsOn()).sum();
            String told = in.isEmpty() ? "nothing needs it" : "%s of hands, from %s to %s".formatted(Span.words(Duration.ofMinutes(hands)), say.time(worked.start(in.getFirst())), say.time(in.stream().map(worked::end).max(Comparator.naturalOrder()).orElseThrow()));
            rows.add(new Row(free.words(), told, free.from().toInstant().toEpochMilli(), k + 1, in.stream().map(task -> act(worked, task, say)).toList()));
        }
        return rows;
    }

    private static Act act(Worked worked, int task, Say say) {
        Task it = worked.task(task);
        Worked.Pull pull = worked.pull(task);
        String words = it.acts().size() == 1 ? it.words() : "%s … %s".formatted(it.words(), it.acts().getLast().title());
        return new Act(worked.wall(worked.start(task)).toString(), pull.words(), words, it.minutes() + " min", href(pull, worked), "/sittings?knot=%s~%s#why".formatted(worked.job(task), worked.act(task)));
    }

    private static String href(Worked.Pull pull, Worked worked) {
        int pulls = worked.diary().pulls(pull.piece());
        return pull.making() == null ? "/pieces/%s/make%s".formatted(pull.piece(), pulls == 1 ? "" : "?pulls=" + pulls) : "/bench/" + pull.making();
    }

    private static @Nullable Card card(Worked worked, String asked, Say say) {
        for (int task = 0; task < worked.problem().tasks().size(); task++) {
            String key = worked.job(task) + "~" + worked.act(task);
            if (key.equals(asked)) {
                Task it = worked.task(task);
                Worked.Pull pull = worked.pull(task);
                Instant start = worked.start(task);
                int from = task;
                return new Card(key, worked.job(task), worked.act(task), "%s, %s".formatted(pull.words(), say.time(start)), why(worked, task, say),
                        it.acts().stream().map(timed -> "%s %s".formatted(worked.wall(worked.start(from).plus(Span.minutes(timed.from()))), timed.title())).toList(),
                        worked.said(start), worked.diary().pin(worked.job(task), worked.act(task)).isPresent(), href(pull, worked));
            }
        }
        return null;
    }

    private static String why(Worked worked, int task, Say say) {
        Why why = Why.of(worked.problem(), worked.plan(), task);
        String other = why.task() < 0 ? "" : "“%s” of %s".formatted(worked.task(why.task()).words(), worked.pull(why.task()).words());
        if (worked.diary().pin(worked.job(task), worked.act(task)).isPresent()) {
            return "You put it there.";
        }
        return switch (why.because()) {
            case FIRST -> "Nothing could begin sooner: your hours begin here.";
            case WAIT -> why.task() < 0 ? "What was laid before needs until then." : "It is ready then, after %s. %s".formatted(other, why.words());
            case AFTER -> "It goes on from %s, as soon as that is done.".formatted(other);
            case HANDS -> "Until then your hands are at %s.".formatted(other);
            case REST -> "Your fingers rest from %s.".formatted(other);
            case THING -> "Something it needs is taken until then: a plate, a weight, a tray or room to lie.";
            case SITTING -> why.words().isEmpty() ? "Your hands are free from then on; the sitting before has no room for it." : "It was ready at %s; this is the first sitting after. %s".formatted(say.time(worked.at(why.until())), why.words());
            case NEXT -> "What comes after it must not wait too long.";
            case FREE -> "It could begin sooner; nothing would be gained by it.";
        };
    }
}
