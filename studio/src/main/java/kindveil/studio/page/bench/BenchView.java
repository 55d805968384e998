package kindveil.studio.page.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.making.Clock;
import kindveil.making.Making;
import kindveil.making.Sign;
import kindveil.drying.Belief;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.reading.HoldReading;
import kindveil.reading.CautionReading;
import kindveil.studio.page.Knot;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.making.Meanwhile;
import kindveil.studio.work.making.StoredMaking;
import kindveil.way.Act;
import kindveil.way.Answer;
import kindveil.way.Window;
import kindveil.bench.Bench;
import kindveil.bench.Concern;
import kindveil.bench.Step;
import kindveil.way.TellTale;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/**
 * One making as the bench shows it.
 *
 * @param seq how many deeds this page has seen
 * @param slips the other things that run, the most pressing few
 * @param ahead what of another piece closes next, or asks next where nothing closes; null where nothing else runs
 * @param more how many more there are
 * @param startsDwell whether going on counts 3, 2, 1 first
 * @param drawing of the act, where nothing is waited for
 * @param counts seconds the hands are at it, where that can be counted down; 0 where it cannot
 * @param late how the act at hand is told late, or null where it cannot have been earlier
 * @param pull which of a series it is, and what came of it; null where it is made by itself and under way
 * @param undo whether anything was told that can be taken back
 * @param laidAside whether it is no longer followed, and takes no acts
 */
public record BenchView(UUID making, UUID piece, String pieceTitle, String way, int position, int all, int seq, String title, String how, String amount, String caution, @Nullable Chance chance, List<Tale> tales,
        @Nullable ClockView clock, List<AnswerView> answers, String rescue, String next, List<Slip> slips, int more, @Nullable Slip ahead, List<LaterAct> later, boolean finished, String last, boolean startsDwell, @Nullable ActDrawing drawing, long counts, @Nullable Late late, boolean laidAside, PullView pull, boolean undo) {
    private static final int MOST_SLIPS = 3;
    private static final int LONG_TITLE = 22;
    private static final long SHORTEST_COUNT = 5;
    private static final long LONGEST_COUNT = 300;

    /** Whether its title is set smaller. */
    public boolean longTitled() {
        return title.length() > LONG_TITLE;
    }

    /**
     * Whether it will hold, or come over whole.
     *
     * @param changed what it was before anything was seen, and what waiting gives; empty where there is nothing to say
     */
    public record Chance(String asked, String figure, String changed) {
        static Chance of(HoldReading seen, HoldReading plain, Say say) {
            List<String> words = new ArrayList<>();
            if (!say.percent(seen.chance()).equals(say.percent(plain.chance()))) {
                words.add("%s before anything was seen".formatted(say.percent(plain.chance())));
            }
            if (seen.waiting() != null) {
                words.add(Knot.waited(seen, say));
            }
            if (!seen.practised().isEmpty()) {
                words.add("as practised: " + Knot.practised(seen, say));
            }
            return new Chance(switch (seen.of()) {
                case HOLDING -> "will it hold, rubbed now?";
                case COMING_OVER -> "will it come over whole?";
                case DRY_ENOUGH -> "is it dry enough?";
            }, say.percent(seen.chance()), String.join("; ", words));
        }
    }

    /**
     * An act told late.
     *
     * @param most minutes since the act before it was done
     * @param guess minutes ago it will have been done, if the plan was followed
     */
    public record Late(long most, long guess) {
        private static final long LONGEST = Duration.ofDays(14).toMinutes();

        static @Nullable Late of(Making making, Act act, Instant now) {
            long most = making.moments().isEmpty() ? LONGEST : Math.min(LONGEST, Duration.between(making.lastDeed(), now).toMinutes());
            if (most < 1) {
                return null;
            }
            Instant soonest = making.lastDeed().plus(act.handsOn());
            Instant planned = making.clock().map(Clock::advised).filter(soonest::isBefore).orElse(soonest);
            return new Late(most, Math.clamp(Duration.between(planned, now).toMinutes(), 0, making.moments().isEmpty() ? 0 : most));
        }

        /** A line to drag along; what began before anything was told is typed. */
        public boolean lined() {
            return most < LONGEST;
        }
    }

    /** Something that can be seen or felt now. */
    public record Tale(TellTale tale, String question, List<TaleReply> replies) {
        public static List<Tale> of(Making making, Instant now) {
            List<Tale> tales = new ArrayList<>();
            char key = 'a';
            for (TellTale tale : making.tellTales(now)) {
                int told = making.signs().stream().filter(sign -> sign.tale() == tale).reduce((x, y) -> y).map(Sign::reply).orElse(-1);
                List<TaleReply> replies = new ArrayList<>();
                for (TellTale.Reply reply : tale.replies()) {
                    replies.add(new TaleReply(replies.size(), String.valueOf(key++), reply.words(), reply.meaning(), replies.size() == told));
                }
                tales.add(new Tale(tale, tale.question(), replies));
            }
            return tales;
        }
    }

    /** One reply to it. */
    public record TaleReply(int index, String key, String words, String meaning, boolean told) {
    }

    /** One answer to the act's check. */
    public record AnswerView(int index, int key, String words, String meaning, boolean main) {
        public String hold() {
            return main ? "hold space" : String.valueOf(key);
        }
    }

    /**
     * Something else that runs.
     *
     * @param href of its bench
     * @param from when it opens, epoch ms; {@code until} when it is too late, or 0
     */
    public record Slip(String href, String name, String what, String when, String away, boolean closing, long from, long until, int tone) {
        /** When it next asks for a hand. */
        long turning() {
            return until > 0 ? Math.max(from, until) : from;
        }
    }

    /** An act one can start at. */
    public record LaterAct(String key, String title) {
    }

    /**
     * A window as it is drawn over 1168 units; instants as epoch milliseconds, 0 where there is none.
     */
    public record ClockView(long began, long opens, long advised, long closing, long gone, double openX, double advisedX, double closingX, double goneX, double scaleMs,
            String opensWords, String advisedWords, String closesWords, String why, String unusual) {
        private static final double WIDTH = 1168;
        /** Where a label of its length still ends inside the drawing. */
        private static final double LAST_LABEL = 990;
        private static final double LABEL = 200;
        private static final double SOON_LABEL = 110;

        /** Whether it has a safe time, and so is drawn. */
        public boolean drawn() {
            return unusual.isEmpty();
        }

        /** Whether it is too late at some time. */
        public boolean closes() {
            return gone > 0;
        }

        /** The window in words. */
        public String said() {
            return closes() ? "Good from %s, too late at %s".formatted(opensWords, closesWords) : "Good from %s, safe from %s".formatted(opensWords, advisedWords);
        }

        public String narrow() {
            return closes() ? "good from %s, too late at %s".formatted(opensWords, closesWords) : "first check %s, safe from %s".formatted(opensWords, advisedWords);
        }

        public double goodWidth() {
            return closingX - openX;
        }

        /** From the first check to where it is safe; 0 where a window closes. */
        public double perhapsWidth() {
            return closes() ? 0 : Math.max(0, advisedX - openX);
        }

        public double closingWidth() {
            return goneX - closingX;
        }

        public String late() {
            return "M%s 58H1168V116H%s".formatted(goneX, goneX);
        }

        public boolean saysSoon() {
            return openX > SOON_LABEL;
        }

        public String goodWords() {
            return openX < 1 ? "good now" : "good from " + opensWords;
        }

        public String lateWords() {
            return closesWords.contains(":") ? "too late from " + closesWords : "too late after " + closesWords;
        }

        public double firstX() {
            return Math.min(openX, advisedX - LABEL);
        }

        public double safeX() {
            return Math.min(advisedX, LAST_LABEL);
        }

        static ClockView of(Clock clock, Say say) {
            long began = clock.began().toEpochMilli();
            if (clock.opens() == null || clock.advised() == null) {
                return new ClockView(began, millis(clock.opens()), 0, 0, 0, 0, 0, 0, 0, 1, clock.opens() == null ? "" : say.time(clock.opens()), "", "", say.it(clock.why()), say.it(clock.unusual()));
            }
            long end = clock.gone() != null ? after(began, clock.gone(), 1.22) : after(began, clock.advised(), 1.5);
            double scale = Math.max(1, end - began);
            double openX = x(clock.opens(), began, scale);
            double goneX = clock.gone() == null ? WIDTH : x(clock.gone(), began, scale);
            double closingX = clock.closing() == null ? WIDTH : x(clock.closing(), began, scale);
            return new ClockView(began, clock.opens().toEpochMilli(), clock.advised().toEpochMilli(), millis(clock.closing()), millis(clock.gone()), openX,
                    x(clock.advised(), began, scale), closingX, goneX, scale, mark(clock.opens(), clock.began(), say), mark(clock.advised(), clock.began(), say),
                    clock.gone() == null ? "" : mark(clock.gone(), clock.began(), say), say.it(clock.why()), "");
        }

        private static long after(long began, Instant to, double factor) {
            return began + Math.max(60_000, Math.round((to.toEpochMilli() - began) * factor));
        }

        private static double x(Instant at, long began, double scale) {
            return Math.round(Math.clamp((at.toEpochMilli() - began) / scale, 0, 1) * WIDTH * 10) / 10.0;
        }

        private static long millis(@Nullable Instant instant) {
            return instant == null ? 0 : instant.toEpochMilli();
        }

        /** Minutes and seconds for short windows, the time of day for long ones. */
        private static String mark(Instant at, Instant began, Say say) {
            Duration since = Duration.between(began, at);
            return since.toMinutes() >= 20 ? say.time(at) : since.toSecondsPart() == 0 ? "%d min".formatted(since.toMinutes()) : since.toMinutes() == 0 ? "%d s".formatted(since.toSeconds()) : "%d min %d s".formatted(since.toMinutes(), since.toSecondsPart());
        }
    }

    /** @param others what runs elsewhere; this making's own windows come before it */
    static BenchView of(StoredMaking stored, Piece piece, List<Slip> others, PullView pull, List<String> beside, Say say) {
        Comparator<Slip> pressing = Comparator.comparingLong(Slip::turning);
        Making making = stored.making();
        List<Slip> own = slips(stored, making, stored.called(piece.title()), false, say, say.now());
        List<Slip> slips = Stream.concat(own.stream().sorted(pressing), others.stream().sorted(pressing)).limit(MOST_SLIPS).toList();
        int more = own.size() + others.size() - slips.size();
        Slip ahead = others.stream().filter(slip -> slip.until > 0 && slip.from <= say.now().toEpochMilli()).min(pressing).or(() -> others.stream().filter(slip -> slip.from > 0).min(pressing)).orElse(null);
        String last = stored.justReplanned() ? "the change of plan" : making.moments().isEmpty() ? "" : say.it(making.moments().getLast().act().title());
        int seq = stored.told().size();
        if (making.finished()) {
            return new BenchView(stored.id(), piece.id(), stored.called(piece.title()) + pull.of(), made(stored), making.position() - 1, making.position() - 1, seq, "Made", "", "", "", null, List.of(),
                    null, List.of(), "", "", slips, more, ahead, List.of(), true, last, false, null, 0, null, false, pull, stored.underWay() || stored.justReplanned());
        }
        Act act = making.current().orElseThrow();
        ClockView clock = making.clock().map(c -> ClockView.of(c, say)).orElse(null);
        AmountReading amounts = stored.amounts(act.id());
        String amount = amounts.forAct(act.id()).map(p -> say.both(p.volume()) + " of " + p.product().words())
                .or(() -> amounts.batch(act.id()).map(b -> String.join(", ", b.shares().stream().map(share -> say.both(share.volume()) + " " + share.words()).toList()) + Knot.strength(b))).orElse("");
        return new BenchView(stored.id(), piece.id(), stored.called(piece.title()) + pull.of(), stored.wayOf(act.id()).toLowerCase(Locale.ROOT), making.position(), making.position() + making.remaining() - 1, seq,
                say.it(act.title()), say.it(act.how()), amount, say.it(String.join(" ", Stream.concat(beside.stream(), CautionReading.words(act.step(), making.bench(say.now())).stream()).toList())), chance(making, act, say), Tale.of(making, say.now()), clock, answers(making, act, say),
                say.it(making.rescue().map(Answer::meaning).orElse("")), say.it(following(making)), slips, more, ahead, later(making, say), false, last, startsDwell(making, act), clock == null ? ActDrawing.of(making.bench(say.now()), act.step(), say) : null, counts(act), Late.of(making, act, say.now()), stored.laidAside(), pull, stored.underWay() || stored.justReplanned());
    }

    /** The way of the act told last. */
    private static String made(StoredMaking stored) {
        List<Trace.Moment> all = stored.making().moments();
        return all.isEmpty() ? "" : stored.wayOf(all.getLast().act().id()).toLowerCase(Locale.ROOT);
    }

    private static @Nullable Chance chance(Making making, Act act, Say say) {
        Bench bench = making.bench(say.now());
        List<Trace.Wait> waits = making.waits();
        Optional<HoldReading> plain = HoldReading.of(making.plan(), bench, act, waits, Belief.UNLEARNED, Map.of());
        Belief belief = making.belief();
        Optional<HoldReading> seen = belief.seen() == 0 && making.films().isEmpty() ? plain : HoldReading.of(making.plan(), bench, act, waits, belief, making.films());
        List<Concern> doubts = Stream.concat(making.moments().stream().flatMap(moment -> moment.concerns().stream()), bench.concerns(act.step()).stream()).toList();
        return plain.flatMap(before -> seen.map(after -> Chance.of(after.doubted(doubts), before.doubted(doubts), say))).orElse(null);
    }

    /** Hands that move for so long want a count at two metres; what takes many minutes is judged by eye. */
    private static long counts(Act act) {
        boolean moving = switch (act.step()) {
            case Step.Press s -> true;
            case Step.RubAway s -> true;
            case Step.Blot s -> true;
            case Step.Heat s -> true;
            case Step.Wet s -> true;
            case Step.Abrade s -> true;
            default -> false;
        };
        long seconds = act.handsOn().toSeconds();
        return moving && seconds >= SHORTEST_COUNT && seconds <= LONGEST_COUNT ? seconds : 0;
    }

    public String countWords() {
        return Span.words(Duration.ofSeconds(counts));
    }

    private static String following(Making making) {
        return making.following().map(Act::title).orElse("write down what came");
    }

    /** Whether a dwell begins at the end of an act: it is begun on a count, since both hands hold the film. */
    private static boolean startsDwell(Making making, Act act) {
        return making.plan().windows().stream().anyMatch(window -> window instanceof Window.Dwell && window.from().equals(act.id()));
    }

    private static List<AnswerView> answers(Making making, Act act, Say say) {
        List<AnswerView> answers = new ArrayList<>();
        for (int i = 0; i < act.answers().size(); i++) {
            Answer answer = act.answers().get(i);
            boolean rescue = answer.effect() instanceof Answer.Effect.Rescue;
            String meaning = i == 0 && startsDwell(making, act) ? "counts 3, 2, 1: lay it at nought" : answer.meaning().isEmpty() ? "then " + following(making) : rescue ? "shows the rescue" : answer.meaning();
            answers.add(new AnswerView(i, i + 1, answer.words(), say.it(meaning), i == 0));
        }
        return answers;
    }

    private static List<LaterAct> later(Making making, Say say) {
        int here = making.plan().indexOf(making.current().orElseThrow().id());
        return making.plan().acts().stream().skip(here + 1L).map(act -> new LaterAct(act.id().toString(), say.it(label(act)))).toList();
    }

    private static String label(Act act) {
        return act.step() instanceof Step.RubAway rub ? "%s (round %d)".formatted(act.title(), rub.pass()) : act.title();
    }

    /** The windows of a making beside its act at hand, and that act's own when {@code withCurrent}. */
    static List<Slip> slips(StoredMaking stored, Making making, String name, boolean withCurrent, Say say, Instant now) {
        List<Slip> slips = new ArrayList<>();
        if (withCurrent) {
            making.current().ifPresent(act -> making.clock().ifPresent(clock -> slips.add(slip("/bench/" + stored.id(), name, act.title(), clock, say, now, slips.size()))));
        }
        for (Clock.Running running : making.running()) {
            slips.add(slip("/bench/" + stored.id(), name, running.act().title(), running.clock(), say, now, slips.size()));
        }
        return slips;
    }

    /** A pull that can be begun while others dry, or why not yet. @param own whether it is of the series that is looked at, and comes first */
    static Slip slip(Meanwhile next, String name, boolean own, Say say, Instant now) {
        String when = next.plateBusy() ? "when a plate is free" : next.fits(now) || next.bound() == null ? "now" : "after " + say.time(next.bound());
        return new Slip("/bench/" + next.next().id(), name, "Begin it meanwhile", when, Span.words(next.hands()) + " of hands", false, own ? -1 : 0, 0, 0);
    }

    private static Slip slip(String href, String name, String title, Clock clock, Say say, Instant now, int tone) {
        boolean closes = clock.closes();
        if (clock.opens() == null) {
            return new Slip(href, name, say.it(title), "not in this air", "", false, 0, 0, tone);
        }
        Instant turning = closes && !now.isBefore(clock.opens()) ? clock.gone() : clock.opens();
        String when = (closes && !now.isBefore(clock.opens()) ? "by " : "from ") + say.time(turning);
        boolean closing = closes && (clock.phase(now) == Clock.Phase.CLOSING || clock.phase(now) == Clock.Phase.GONE);
        return new Slip(href, name, say.it(title), when, say.away(turning), closing, clock.opens().toEpochMilli(), closes ? clock.gone().toEpochMilli() : 0, tone);
    }
}
