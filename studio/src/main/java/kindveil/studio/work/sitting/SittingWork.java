package kindveil.studio.work.sitting;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.sitting.Conflict;
import kindveil.sitting.Hours;
import kindveil.sitting.Job;
import kindveil.sitting.JobReading;
import kindveil.sitting.Lag;
import kindveil.sitting.Problem;
import kindveil.sitting.Relaxation;
import kindveil.sitting.Repair;
import kindveil.sitting.Schedule;
import kindveil.sitting.Scheduler;
import kindveil.sitting.Sitting;
import kindveil.sitting.Solved;
import kindveil.sitting.Task;
import kindveil.studio.work.Caches;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.room.Rooms;
import kindveil.way.Choice;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;
import kindveil.way.Walk;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Fits pieces into evenings. */
@Service
public class SittingWork {
    /** So far ahead sittings are looked for. */
    public static final int DAYS = 21;
    private static final int MOST_UNDONE = 30;
    private static final int HALF_HOUR = 30;
    private static final int NOT_WEEKLY = 2;
    private static final Duration EXTRA = Duration.ofHours(2);
    private static final int EXTRA_FROM = 19;
    private final Diaries diaries;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Rooms rooms;
    private final LearnWork learning;
    private final Clock clock;
    private final ZoneId zone;
    /** Fresh pieces thought through, by piece, version and room. */
    private final Cache<List<Object>, Fresh> fresh = Caches.bounded().maximumSize(200).build();
    private final Deque<Diary> earlier = new ArrayDeque<>();

    SittingWork(Diaries diaries, PieceWork pieces, MakeWork makings, Rooms rooms, LearnWork learning, Clock clock, ZoneId zone) {
        this.learning = learning;
        this.diaries = diaries;
        this.pieces = pieces;
        this.makings = makings;
        this.rooms = rooms;
        this.clock = clock;
        this.zone = zone;
    }

    private record Fresh(String title, Trace trace, Length width, Length height, boolean sound, JobReading reading) {
    }

    public LocalDate today() {
        return clock.instant().atZone(zone).toLocalDate();
    }

    public Diary diary() {
        return diaries.now();
    }

    /** All that could be fitted in: what is not begun, and what is under way. */
    public List<Piece> candidates() {
        List<UUID> away = List.copyOf(pieces.putAway());
        List<UUID> underWay = makings.active().stream().map(StoredMaking::piece).distinct().toList();
        List<UUID> made = List.copyOf(makings.newest().keySet());
        List<UUID> chosen = diaries.now().pieces();
        return pieces.all().stream().filter(piece -> !away.contains(piece.id()) && (underWay.contains(piece.id()) || !made.contains(piece.id()) || chosen.contains(piece.id()))).toList();
    }

    /** As it is kept, made good where it no longer holds. */
    public Worked now() {
        return worked(diaries.now(), Scheduler.QUICK);
    }

    public Worked worked(Diary diary, Scheduler scheduler) {
        Instant zero = clock.instant().truncatedTo(ChronoUnit.MINUTES);
        List<Hours.Free> free = diary.hours().free(zero, DAYS, zone);
        List<Worked.Pull> jobs = new ArrayList<>();
        List<Worked.Unfit> unfit = new ArrayList<>();
        List<Problem.Plot> plots = plots(diary, zero, jobs, unfit);
        Problem problem = Problem.of(plots, diary.there(), sittings(free, zero), diary.tired());
        if (plots.isEmpty() || free.isEmpty()) {
            return new Worked(diary, zero, zone, free, problem, jobs, unfit, null, false, List.of());
        }
        Worked bare = new Worked(diary, zero, zone, free, problem, jobs, unfit, null, false, List.of());
        List<String> astray = new ArrayList<>();
        Problem pinned = pinned(bare, astray);
        List<@Nullable Integer> known = new ArrayList<>();
        for (int task = 0; task < problem.tasks().size(); task++) {
            known.add(diary.planned(bare.job(task), bare.act(task)).map(bare::minute).orElse(null));
        }
        Solved solved = Repair.of(pinned, known, scheduler);
        if (!solved.found() && pinned != problem) {
            astray.add("Where you put things they do not fit together: they are free again here.");
            solved = Repair.of(problem, known, scheduler);
        }
        Schedule schedule = solved.schedule();
        boolean anew = schedule != null && !schedule.starts().equals(known);
        return new Worked(diary, zero, zone, free, problem, jobs, unfit, schedule, anew, astray);
    }

    /** With tasks where the artist put them; what cannot stand there by itself is said. */
    private static Problem pinned(Worked bare, List<String> astray) {
        Problem problem = bare.problem();
        for (int task = 0; task < problem.tasks().size(); task++) {
            Optional<Instant> pin = bare.diary().pin(bare.job(task), bare.act(task));
            if (pin.isPresent()) {
                int at = bare.minute(pin.get());
                Problem with = problem.with(task, each -> each.within(at, at));
                if (Scheduler.QUICK.solve(with).found()) {
                    problem = with;
                } else {
                    astray.add("“%s”, %s, cannot begin at %s.".formatted(problem.tasks().get(task).words(), problem.jobs().get(problem.tasks().get(task).job()).words(), Hours.said(pin.get().atZone(bare.zone()).toLocalDateTime())));
                }
            }
        }
        return problem;
    }

    private List<Sitting> sittings(List<Hours.Free> free, Instant zero) {
        LocalDate first = zero.atZone(zone).toLocalDate();
        List<Sitting> sittings = new ArrayList<>();
        for (Hours.Free each : free) {
            int from = (int) Math.ceilDiv(Duration.between(zero, each.from()).toSeconds(), 60L);
            int to = (int) Duration.between(zero, each.to()).toMinutes();
            if (to > from) {
                sittings.add(new Sitting(from, to, (int) ChronoUnit.DAYS.between(first, each.from().toLocalDate())));
            }
        }
        return sittings;
    }

    private List<Problem.Plot> plots(Diary diary, Instant zero, List<Worked.Pull> jobs, List<Worked.Unfit> unfit) {
        List<Problem.Plot> plots = new ArrayList<>();
        List<StoredMaking> active = makings.active();
        Map<UUID, Piece> known = pieces.all(diary.pieces());
        Integer due = diary.due() == null ? null : (int) Duration.between(zero, diary.due().atZone(zone).toInstant()).toMinutes();
        for (UUID id : diary.pieces()) {
            Piece piece = known.get(id);
            if (piece == null) {
                continue;
            }
            List<StoredMaking> own = active.stream().filter(making -> making.piece().equals(id)).toList();
            Fresh plan = fresh(piece);
            if (own.isEmpty() && !plan.sound) {
                unfit.add(new Worked.Unfit(id, piece.title(), plan.trace.refusals().getFirst().words()));
                continue;
            }
            if (own.isEmpty()) {
                String key = id.toString();
                add(plots, jobs, unfit, plan.reading, new Worked.Pull(key, id, piece.title(), null, plan.width, plan.height, zero, plan.trace.plan(),
                        begins -> Walk.of(plan.trace.plan()).toTheEndAt(act -> begins.apply(act).map(at -> Duration.between(zero, at)))), due);
            }
            for (StoredMaking making : own) {
                List<Moment> coming = making.making().forecast(zero);
                if (!coming.isEmpty()) {
                    String called = making.called(piece.title());
                    JobReading reading = JobReading.of(new Job(making.id().toString(), called, null), coming, plan.width, plan.height, Duration.between(making.begun(), zero));
                    add(plots, jobs, unfit, reading, new Worked.Pull(making.id().toString(), id, called, making.id(), plan.width, plan.height, making.begun(), making.making().plan(), making.making()::forecast), due);
                }
            }
        }
        return plots;
    }

    private static void add(List<Problem.Plot> plots, List<Worked.Pull> jobs, List<Worked.Unfit> unfit, JobReading reading, Worked.Pull pull, @Nullable Integer due) {
        if (reading.plot() == null) {
            unfit.add(new Worked.Unfit(pull.piece(), pull.words(), "It never dries in this room’s air. %s Warm the room, bring a fan, or plan it otherwise.".formatted(java.util.Objects.requireNonNull(reading.never()).window().why())));
        } else {
            plots.add(new Problem.Plot(new Job(pull.key(), pull.words(), due), reading.plot().tasks(), reading.plot().lags(), reading.plot().holdings()));
            jobs.add(pull);
        }
    }

    private Fresh fresh(Piece piece) {
        return fresh.get(List.of(piece.id(), piece.version(), rooms.now().version(), learning.now()), key -> fresh(pieces.plan(piece)));
    }

    private static Fresh fresh(Planned planned) {
        Length width = planned.sequence().parts().getFirst().brief().width();
        Length height = planned.sequence().parts().getFirst().brief().height();
        return new Fresh(planned.piece().title(), planned.whole(), width, height, planned.sound(), JobReading.of(new Job("", planned.piece().title(), null), planned.whole().moments(), width, height));
    }

    // ---- what is told

    /** Says when hands are free, what is to be fitted in and by when; and plans it. */
    public Worked say(Diary asked) {
        return keep(asked, Scheduler.QUICK);
    }

    /** A better plan is looked for, for a moment, from what is known. */
    public Worked better(int version) {
        Diary diary = diaries.now().at(version);
        return keep(diary.planned(List.of()), Scheduler.THOROUGH);
    }

    private Worked keep(Diary asked, Scheduler scheduler) {
        Diary before = diaries.now();
        Worked worked = worked(asked, scheduler);
        if (worked.fits()) {
            worked = settled(worked, asked, before, scheduler);
        }
        diaries.replace(worked.diary());
        synchronized (earlier) {
            earlier.push(before);
            while (earlier.size() > MOST_UNDONE) {
                earlier.removeLast();
            }
        }
        return worked;
    }

    /** The plan it was kept with, and that of a longer search where that is no better, stay. */
    private Worked settled(Worked worked, Diary asked, Diary before, Scheduler scheduler) {
        Worked best = worked;
        if (scheduler == Scheduler.THOROUGH && !before.planned().isEmpty()) {
            Worked kept = worked(asked.planned(before.planned()), Scheduler.QUICK);
            best = kept.fits() && kept.cost().total() < worked.cost().total() ? kept : worked;
        }
        return worked(best.diary().planned(best.kept()), Scheduler.QUICK);
    }

    public boolean undoable() {
        synchronized (earlier) {
            return !earlier.isEmpty();
        }
    }

    /** The last change taken back. */
    public void undo(int version) {
        synchronized (earlier) {
            if (!earlier.isEmpty()) {
                diaries.replace(earlier.peek().at(version));
                earlier.pop();
            }
        }
    }

    /** A task put elsewhere. @param at null where it is free again */
    public Worked pin(int version, String job, String act, @Nullable Instant at) {
        Diary asked = diaries.now().at(version).pinned(job, act, at);
        Worked worked = worked(asked, Scheduler.QUICK);
        if (at != null && !worked.astray().isEmpty()) {
            throw new UnusableValue("Beginning", Hours.said(at.atZone(zone).toLocalDateTime()), later(worked, job, act, at), "What comes before it must be dry, your hands free, and what follows must still be in time. Nothing was moved.");
        }
        return keep(asked, Scheduler.QUICK);
    }

    /** The soonest moment after one that is asked for at which a task could begin. */
    private static String later(Worked worked, String job, String act, Instant at) {
        for (int task = 0; task < worked.problem().tasks().size(); task++) {
            if (worked.job(task).equals(job) && worked.act(task).equals(act)) {
                int number = task;
                Schedule found = Scheduler.QUICK.solve(worked.problem().with(task, each -> each.within(Math.max(each.earliest(), worked.minute(at)), Math.max(each.latest(), worked.minute(at))))).schedule();
                return found == null ? "a moment before that" : "%s, or before that".formatted(Hours.said(worked.at(found.start(number)).atZone(worked.zone()).toLocalDateTime()));
            }
        }
        return "a moment of a task that is planned";
    }

    /** What was kept for one day and is still to come, in its order. @param coming acts still to come of each making under way */
    public List<Diary.Kept> today(Map<String, Set<String>> coming) {
        LocalDate today = today();
        return diaries.now().planned().stream().filter(kept -> kept.at().atZone(zone).toLocalDate().equals(today) && coming.getOrDefault(kept.job(), Set.of(kept.act())).contains(kept.act()))
                .sorted(Comparator.comparing(Diary.Kept::at)).toList();
    }

    /** One sitting made longer, shorter, moved or left out. @param to null where it is left out */
    public Worked stretch(int version, Instant from, @Nullable Instant begins, @Nullable Instant ends) {
        Diary diary = diaries.now().at(version);
        Hours.Free was = diary.hours().free(clock.instant().truncatedTo(ChronoUnit.MINUTES), DAYS, zone).stream().filter(each -> !each.from().toInstant().isAfter(from) && each.to().toInstant().isAfter(from)).findFirst()
                .orElseThrow(() -> new UnusableValue("Sitting", Hours.said(from.atZone(zone).toLocalDateTime()), "one that is planned", "It was left out, perhaps in another window: look again."));
        Hours.Free to = begins == null || ends == null ? null : new Hours.Free(begins.atZone(zone), ends.atZone(zone));
        if (to != null && Duration.between(to.from(), to.to()).toMinutes() < 5) {
            throw new UnusableValue("Sitting", Span.words(Duration.between(to.from(), to.to())), "five minutes at least", "Leave it out instead.");
        }
        return keep(diary.with(diary.hours().changed(was, to, zone)), Scheduler.QUICK);
    }

    // ---- where it does not fit

    public Conflict conflict(Worked worked) {
        return Conflict.of(worked.problem(), Scheduler.QUICK);
    }

    /** One way it would fit, ready to be taken. @param change the diary with it @param piece and {@code choice} where a piece is made otherwise */
    public record Way(Relaxation relaxation, String words, @Nullable Diary change, @Nullable UUID piece, @Nullable String choice, @Nullable String option) {
    }

    /** What would make it fit, each by itself. */
    public List<Way> ways(Worked worked) {
        List<Airing> airings = airings(worked);
        List<Sitting> more = more(worked, until(worked));
        List<Way> ways = new ArrayList<>();
        for (Relaxation each : Relaxation.of(worked.problem(), more, airings.stream().map(Airing::otherwise).toList(), Scheduler.QUICK)) {
            ways.add(way(worked, each, airings, more));
        }
        if (ways.isEmpty()) {
            several(worked).ifPresent(ways::add);
            fewer(worked).ifPresent(ways::add);
        }
        return ways;
    }

    /** Where no single change does, as many evenings more as it takes; and if need be as much later. */
    private Optional<Way> several(Worked worked) {
        return several(worked, worked.problem(), more(worked, until(worked)), false).or(() -> several(worked, worked.problem().undue(), more(worked, worked.zero().plus(Duration.ofDays(DAYS))), true));
    }

    private static Optional<Way> several(Worked worked, Problem asked, List<Sitting> more, boolean later) {
        List<Sitting> sittings = new ArrayList<>(asked.sittings());
        List<Hours.Entry> entries = new ArrayList<>(worked.diary().hours().entries());
        int said = entries.size();
        for (Sitting extra : more) {
            sittings.add(extra);
            entries.add(once(worked, extra.from(), extra.to()));
            Problem problem = asked.in(sittings);
            Schedule schedule = Scheduler.QUICK.solve(problem).schedule();
            if (schedule != null) {
                int end = problem.jobs().stream().mapToInt(job -> schedule.end(problem, job)).max().orElse(0);
                LocalDateTime due = worked.at(Math.ceilDiv(end, HALF_HOUR) * HALF_HOUR).atZone(worked.zone()).toLocalDateTime();
                boolean moved = later && worked.diary().due() != null;
                String words = "more sittings: %s%s".formatted(new Hours(entries.subList(said, entries.size())).words(), moved ? "; and all due " + Hours.said(due) : "");
                Diary change = worked.diary().with(new Hours(entries));
                return Optional.of(new Way(new Relaxation(Relaxation.What.ONE_SITTING_MORE, 0, 0, schedule, problem), words, moved ? change.due(due) : change, null, null, null));
            }
        }
        return Optional.empty();
    }

    private static Hours.Once once(Worked worked, int from, int to) {
        return new Hours.Once(worked.at(from).atZone(worked.zone()).toLocalDate(), worked.at(from).atZone(worked.zone()).toLocalTime(), worked.at(to).atZone(worked.zone()).toLocalTime());
    }

    /** Where no single change does, as many pieces as fit: of each conflict the one that takes longest is left out. */
    private Optional<Way> fewer(Worked worked) {
        List<Integer> kept = new ArrayList<>(IntStream.range(0, worked.jobs().size()).boxed().toList());
        List<Integer> left = new ArrayList<>();
        while (!kept.isEmpty()) {
            Problem problem = worked.problem().only(kept);
            Schedule schedule = Scheduler.QUICK.solve(problem).schedule();
            if (schedule != null) {
                Diary change = worked.diary();
                for (int job : left) {
                    change = change.without(worked.jobs().get(job).piece());
                }
                String words = "without %s; the others fit".formatted(left.stream().map(job -> worked.jobs().get(job).words()).collect(Collectors.joining(", ")));
                return Optional.of(new Way(new Relaxation(Relaxation.What.ONE_FEWER, 0, left.getFirst(), schedule, problem), words, change, null, null, null));
            }
            List<String> conflict = Conflict.of(problem, Scheduler.QUICK).core().jobs().stream().map(Job::key).toList();
            Integer longest = kept.stream().filter(job -> conflict.contains(worked.jobs().get(job).key())).max(Comparator.comparingInt(job -> worked.problem().alone(job).shortest())).orElse(kept.getLast());
            kept.remove(longest);
            left.add(longest);
        }
        return Optional.empty();
    }

    private Way way(Worked worked, Relaxation each, List<Airing> airings, List<Sitting> more) {
        Diary diary = worked.diary();
        return switch (each.what()) {
            case LONGER_SITTING -> {
                Hours.Free was = worked.free().get(each.of());
                yield new Way(each, "%d minutes longer on %s".formatted(each.by(), day(was)), diary.with(diary.hours().changed(was, new Hours.Free(was.from(), was.to().plusMinutes(each.by())), zone)), null, null, null);
            }
            case EARLIER_SITTING -> {
                Hours.Free was = worked.free().get(each.of());
                yield new Way(each, "%d minutes sooner on %s".formatted(each.by(), day(was)), diary.with(diary.hours().changed(was, new Hours.Free(was.from().minusMinutes(each.by()), was.to()), zone)), null, null, null);
            }
            case ONE_SITTING_MORE -> {
                Sitting extra = more.get(each.of());
                List<Hours.Entry> entries = new ArrayList<>(diary.hours().entries());
                entries.add(once(worked, extra.from(), extra.from() + each.by()));
                yield new Way(each, "a sitting more: " + new Hours(entries.subList(entries.size() - 1, entries.size())).words(), diary.with(new Hours(entries)), null, null, null);
            }
            case LATER -> new Way(each, "all due %s later".formatted(Span.words(Duration.ofMinutes(each.by()))), diary.due(java.util.Objects.requireNonNull(diary.due()).plusMinutes(each.by())), null, null, null);
            case ONE_FEWER -> new Way(each, "without " + worked.jobs().get(each.of()).words(), diary.without(worked.jobs().get(each.of()).piece()), null, null, null);
            case OTHERWISE -> {
                Airing airing = airings.get(each.of());
                yield new Way(each, airing.otherwise.words(), null, airing.piece, airing.choice, airing.option);
            }
        };
    }

    private static String day(Hours.Free free) {
        return free.from().getDayOfWeek().getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH) + " " + free.from().toLocalTime();
    }

    /** Takes one of the ways. @param number among those found for what is kept now */
    public void take(int version, int number) {
        Worked worked = worked(diaries.now().at(version), Scheduler.QUICK);
        List<Way> ways = worked.fits() ? List.of() : ways(worked);
        if (number < 0 || number >= ways.size()) {
            throw new UnusableValue("Way out", String.valueOf(number + 1), "one of those shown", "Things have changed since: look again.");
        }
        Way way = ways.get(number);
        if (way.change() != null) {
            keep(way.change(), Scheduler.QUICK);
        } else {
            Piece piece = pieces.get(java.util.Objects.requireNonNull(way.piece()));
            pieces.change(otherwise(piece, java.util.Objects.requireNonNull(way.choice()), java.util.Objects.requireNonNull(way.option())));
            keep(diaries.now(), Scheduler.QUICK);
        }
    }

    /** A piece that is not begun, dried otherwise. */
    private record Airing(Relaxation.Otherwise otherwise, UUID piece, String choice, String option) {
    }

    private List<Airing> airings(Worked worked) {
        List<Airing> airings = new ArrayList<>();
        for (int job = 0; job < worked.jobs().size(); job++) {
            Worked.Pull pull = worked.jobs().get(job);
            if (pull.making() != null) {
                continue;
            }
            Piece piece = pieces.get(pull.piece());
            for (Choice choice : piece.design().theWay().card().choices()) {
                if (choice.where() == Where.DRYING) {
                    for (Choice.Option option : choice.options()) {
                        Planned other = pieces.plan(otherwise(piece, choice.key(), option.key()));
                        Fresh read = other.sound() ? fresh(other) : null;
                        if (read != null && read.reading.plot() != null && quicker(read.reading.plot(), worked.problem().alone(job))) {
                            Problem.Plot plot = read.reading.plot();
                            airings.add(new Airing(new Relaxation.Otherwise(job, "%s: %s".formatted(pull.words(), option.words()),
                                    new Problem.Plot(worked.problem().jobs().get(job), plot.tasks(), plot.lags(), plot.holdings())), pull.piece(), choice.key(), option.key()));
                        }
                    }
                }
            }
        }
        return airings;
    }

    private static Piece otherwise(Piece piece, String choice, String option) {
        return piece.with(piece.design().with(piece.design().manner().choosing(Map.of(choice, option))));
    }

    private static boolean quicker(Problem.Plot plot, Problem.Plot than) {
        return waits(plot) < waits(than);
    }

    private static int waits(Problem.Plot plot) {
        return plot.lags().stream().mapToInt(Lag::least).sum() + plot.tasks().stream().mapToInt(Task::minutes).sum();
    }

    private static Instant until(Worked worked) {
        return worked.due() == null ? worked.zero().plus(Duration.ofDays(DAYS)) : worked.due();
    }

    /** Two hours of each evening nothing is done in, until some moment. */
    private List<Sitting> more(Worked worked, Instant until) {
        List<Sitting> more = new ArrayList<>();
        for (int day = 0; day < DAYS / NOT_WEEKLY; day++) {
            Instant from = today().plusDays(day).atTime(EXTRA_FROM, 0).atZone(zone).toInstant();
            int minute = worked.minute(from);
            int end = minute + (int) EXTRA.toMinutes();
            if (minute >= 0 && from.isBefore(until) && worked.problem().sittings().stream().noneMatch(sitting -> sitting.from() < end && minute < sitting.to())) {
                more.add(new Sitting(minute, end, day));
            }
        }
        return more;
    }
}
