package kindveil.studio.work.sitting;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindveil.drying.RoomCourse;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.sitting.Bounds;
import kindveil.sitting.Cost;
import kindveil.sitting.Hours;
import kindveil.sitting.Job;
import kindveil.sitting.JobReading;
import kindveil.sitting.Problem;
import kindveil.sitting.Repair;
import kindveil.sitting.Rewalk;
import kindveil.sitting.Schedule;
import kindveil.sitting.Scheduler;
import kindveil.sitting.Sitting;
import kindveil.sitting.Solved;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.Caches;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.Pull;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;
import kindveil.way.Walk;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Fits pieces into evenings. */
@Service
public class SittingWork {
    /** So far ahead sittings are looked for. */
    public static final int DAYS = 21;
    private static final int MOST_UNDONE = 30;
    /** So often a plan is walked through its nights and looked for again. */
    private static final int MOST_WALKS = 8;
    private final Diaries diaries;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Rooms rooms;
    private final LearnWork learning;
    private final WaysOut waysOut;
    private final JarWork jars;
    private final Clock clock;
    private final ZoneId zone;
    /** Fresh pieces thought through, by piece, version and room. */
    private final Cache<List<Object>, Fresh> fresh = Caches.bounded().maximumSize(200).build();
    private final Deque<Diary> earlier = new ArrayDeque<>();
    private volatile @Nullable Proven proven;

    SittingWork(Diaries diaries, PieceWork pieces, MakeWork makings, Rooms rooms, LearnWork learning, WaysOut waysOut, JarWork jars, Clock clock, ZoneId zone) {
        this.jars = jars;
        this.waysOut = waysOut;
        this.learning = learning;
        this.diaries = diaries;
        this.pieces = pieces;
        this.makings = makings;
        this.rooms = rooms;
        this.clock = clock;
        this.zone = zone;
    }

    record Fresh(String title, Trace trace, Length width, Length height, boolean sound, JobReading reading, List<Supply.Mixing> mixings) {
    }

    public LocalDate today() {
        return clock.instant().atZone(zone).toLocalDate();
    }

    public Diary diary() {
        return diaries.now();
    }

    /** All that could be fitted in: what is not begun, and what is under way. */
    public List<Piece> candidates() {
        Set<UUID> away = pieces.putAway();
        Map<UUID, MakingLine> newest = makings.newest();
        List<UUID> chosen = diaries.now().pieces();
        return pieces.all().stream().filter(piece -> !away.contains(piece.id()) && (chosen.contains(piece.id()) || !newest.containsKey(piece.id()) || newest.get(piece.id()).active())).toList();
    }

    /** As it is kept, made good where it no longer holds. */
    public Worked now() {
        return worked(diaries.now(), Scheduler.QUICK);
    }

    public Worked worked(Diary asked, Scheduler scheduler) {
        Instant zero = clock.instant().truncatedTo(ChronoUnit.MINUTES);
        List<StoredMaking> active = makings.active();
        Diary diary = asked.renamed(begun(asked, active));
        List<Hours.Free> free = diary.hours().free(zero, DAYS, zone);
        List<Supply.Wants> wants = wants(diary);
        Supply standing = wants.isEmpty() ? Supply.NONE : Supply.standing(wants, jars.standing(), zero);
        Supply batched = wants.isEmpty() || free.isEmpty() ? Supply.NONE : standing.batched(wants, zero.plus(Math.max(0, Math.ceilDiv(Duration.between(zero, free.getFirst().from()).toSeconds(), 60L)), ChronoUnit.MINUTES),
                (job, act) -> diary.pin(job, act.toString()).or(() -> diary.planned(job, act.toString())).filter(at -> !at.isBefore(zero)));
        Worked each = worked(diary, zero, active, free, standing, scheduler);
        if (!batched.mixesForOthers()) {
            return each;
        }
        // mixed once for all of them, where that costs nobody anything
        Worked once = worked(diary, zero, active, free, batched, scheduler);
        return once.fits() && (!each.fits() || Cost.of(once.problem(), once.plan()).total() <= Cost.of(each.problem(), each.plan()).total()) ? once : each;
    }

    /** Pulls not begun that mix something that keeps. */
    private List<Supply.Wants> wants(Diary diary) {
        Map<UUID, Piece> known = pieces.all(diary.pieces());
        Map<UUID, MakingLine> newest = makings.newest();
        List<Supply.Wants> wants = new ArrayList<>();
        for (UUID id : diary.pieces()) {
            List<Integer> coming = known.containsKey(id) ? unbegun(diary, id, newest.get(id)) : List.of();
            Fresh plan = coming.isEmpty() ? null : fresh(known.get(id));
            if (plan != null && plan.sound && plan.reading.plot() != null && !plan.mixings.isEmpty()) {
                coming.forEach(number -> wants.add(new Supply.Wants(Diary.job(id, number), called(plan.title, diary.pulls(id), number), plan.reading.plot(), plan.mixings)));
            }
        }
        return wants;
    }

    /** Which pulls of a piece are still to be begun, by number: what was made meanwhile is not made again. */
    private List<Integer> unbegun(Diary diary, UUID piece, @Nullable MakingLine newest) {
        boolean again = newest == null || !newest.active() && !newest.finished();
        int begun = again ? 0 : diary.pulls(piece) == 1 ? 1 : (int) makings.ofPiece(piece).stream().filter(line -> line.id().equals(newest.id()) || !line.laidAside() && Pull.together(line.pull(), newest.pull())).count();
        return IntStream.rangeClosed(begun + 1, diary.pulls(piece)).boxed().toList();
    }

    /** How many pulls of a piece are still to be begun, where several are wanted; otherwise one. */
    public int toBegin(Diary diary, UUID piece) {
        return diary.pieces().contains(piece) && diary.pulls(piece) > 1 ? unbegun(diary, piece, makings.newest().get(piece)).size() : 1;
    }

    private static String called(String title, int pulls, int number) {
        return pulls == 1 ? title : "%s, pull %d".formatted(title, number);
    }

    private Worked worked(Diary diary, Instant zero, List<StoredMaking> active, List<Hours.Free> free, Supply supply, Scheduler scheduler) {
        List<Worked.Pull> jobs = new ArrayList<>();
        List<Worked.Unfit> unfit = new ArrayList<>();
        List<Problem.Plot> plots = plots(diary, zero, active, supply, jobs, unfit);
        Problem problem = Problem.of(plots, diary.there(), sittings(free, zero), diary.tired());
        Worked bare = new Worked(diary, zero, zone, free, problem, jobs, unfit, null, false, List.of());
        if (plots.isEmpty() || free.isEmpty()) {
            return bare;
        }
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
        Worked worked = new Worked(diary, zero, zone, free, problem, jobs, unfit, solved.schedule(), !solved.found() || !Objects.requireNonNull(solved.schedule()).starts().equals(known), astray);
        return rooms.now().night().alike() ? worked : through(worked, known, scheduler);
    }

    /** A plan walked through the nights it falls into, and made good where a wait takes longer in them. */
    private static Worked through(Worked first, List<@Nullable Integer> known, Scheduler scheduler) {
        Worked worked = first;
        for (int round = 0; worked.fits() && round < MOST_WALKS; round++) {
            Problem problem = worked.problem();
            for (int job = 0; job < problem.jobs().size(); job++) {
                problem = Rewalk.of(problem, job, worked.moments(job), Duration.between(worked.jobs().get(job).origin(), worked.zero()));
            }
            if (problem == worked.problem()) {
                return worked;
            }
            Solved solved = Repair.of(problem, new ArrayList<>(worked.plan().starts()), scheduler);
            worked = new Worked(worked.diary(), worked.zero(), worked.zone(), worked.free(), problem, worked.jobs(), worked.unfit(), solved.schedule(), !solved.found() || !Objects.requireNonNull(solved.schedule()).starts().equals(known), worked.astray());
        }
        return worked;
    }

    /** The air from a moment on, as it was told last, with its nights. */
    private RoomCourse air(Instant zero) {
        StudioRoom room = rooms.now();
        RoomCourse air = RoomCourse.of(room.air());
        for (ToldRoom each : ToldRoom.nightly(List.of(room.asTold().asOf(zero, zone)), zone)) {
            air = air.from(Span.longer(Duration.ZERO, Duration.between(zero, each.at())), each.room());
        }
        return air.knowing(learning.now());
    }

    /** Pulls begun by now, by their making: what was planned for them is planned for it. */
    private static Map<String, String> begun(Diary diary, List<StoredMaking> active) {
        Map<String, String> begun = new HashMap<>();
        for (UUID piece : diary.pieces()) {
            List<StoredMaking> own = active.stream().filter(making -> making.piece().equals(piece)).toList();
            own.forEach(making -> begun.put(Diary.job(piece, own.size() == 1 && diary.pulls(piece) == 1 || making.pull() == null ? 1 : making.pull().number()), making.id().toString()));
        }
        return begun;
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
                    astray.add("“%s”, %s, cannot begin at %s.".formatted(bare.task(task).words(), bare.pull(task).words(), bare.said(pin.get())));
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

    private List<Problem.Plot> plots(Diary diary, Instant zero, List<StoredMaking> active, Supply supply, List<Worked.Pull> jobs, List<Worked.Unfit> unfit) {
        List<Problem.Plot> plots = new ArrayList<>();
        RoomCourse nights = rooms.now().night().alike() ? null : air(zero);
        Map<UUID, MakingLine> newest = makings.newest();
        Map<UUID, Piece> known = pieces.all(diary.pieces());
        Integer due = diary.due() == null ? null : (int) Duration.between(zero, diary.due().atZone(zone).toInstant()).toMinutes();
        for (UUID id : diary.pieces()) {
            Piece piece = known.get(id);
            if (piece == null) {
                continue;
            }
            List<StoredMaking> own = active.stream().filter(making -> making.piece().equals(id)).toList();
            List<Integer> coming = unbegun(diary, id, newest.get(id));
            if (own.isEmpty() && coming.isEmpty()) {
                continue;
            }
            Fresh plan = fresh(piece);
            if (!coming.isEmpty() && !plan.sound) {
                unfit.add(new Worked.Unfit(id, piece.title(), plan.trace.refusals().getFirst().words()));
                continue;
            }
            for (int number : coming) {
                String key = Diary.job(id, number);
                JobReading reading = plan.reading.plot() == null ? plan.reading : new JobReading(supply.on(key, plan.reading.plot(), plan.trace.plan(), zero, rooms.now().units()), null, null);
                add(plots, jobs, unfit, reading, new Worked.Pull(key, id, called(piece.title(), diary.pulls(id), number), null, plan.width, plan.height, zero, plan.trace.plan(), begins -> {
                    Walk walk = Walk.of(nights == null ? plan.trace.plan() : plan.trace.plan().in(nights));
                    supply.stood(key).forEach((act, since) -> walk.stood(act, Duration.between(zero, since)));
                    return walk.toTheEndAt(act -> begins.apply(act).map(at -> Duration.between(zero, at)));
                }), due);
            }
            for (StoredMaking making : own) {
                List<Moment> left = making.making().forecast(zero);
                if (!left.isEmpty()) {
                    String called = making.called(piece.title());
                    JobReading reading = JobReading.of(new Job(making.id().toString(), called, null), left, plan.width, plan.height, Duration.between(making.begun(), zero));
                    add(plots, jobs, unfit, reading, new Worked.Pull(making.id().toString(), id, called, making.id(), plan.width, plan.height, making.begun(), making.making().plan(), making.making()::forecast), due);
                }
            }
        }
        return plots;
    }

    private static void add(List<Problem.Plot> plots, List<Worked.Pull> jobs, List<Worked.Unfit> unfit, JobReading reading, Worked.Pull pull, @Nullable Integer due) {
        if (reading.plot() == null) {
            unfit.add(new Worked.Unfit(pull.piece(), pull.words(), "It never dries in this room’s air. %s %s".formatted(Objects.requireNonNull(reading.never()).window().why(), Objects.requireNonNull(reading.advice()).words())));
        } else {
            plots.add(new Problem.Plot(new Job(pull.key(), pull.words(), due), reading.plot().tasks(), reading.plot().lags(), reading.plot().holdings()));
            jobs.add(pull);
        }
    }

    private Fresh fresh(Piece piece) {
        return fresh.get(List.of(piece.id(), piece.version(), rooms.now().version(), learning.now(), learning.pace()), key -> fresh(pieces.plan(piece)));
    }

    static Fresh fresh(Planned planned) {
        Length width = planned.sequence().parts().getFirst().brief().width();
        Length height = planned.sequence().parts().getFirst().brief().height();
        return new Fresh(planned.piece().title(), planned.whole(), width, height, planned.sound(), JobReading.of(new Job("", planned.piece().title(), null), planned.whole().moments(), width, height), Supply.Mixing.of(planned));
    }

    // ---- what is told

    /** Says when hands are free, what is to be fitted in and by when; and plans it. */
    public Worked say(Diary asked) {
        return keep(worked(asked, Scheduler.QUICK));
    }

    /** A better plan is looked for, for a moment, from what is known. */
    public Worked better(int version) {
        Diary diary = diaries.now().at(version);
        Worked found = worked(diary.planned(List.of()), Scheduler.THOROUGH);
        Worked kept = diary.planned().isEmpty() ? found : worked(diary, Scheduler.QUICK);
        Worked best = keep(kept.fits() && (!found.fits() || kept.cost().total() < found.cost().total()) ? kept : found);
        proven = best.fits() ? new Proven(diaries.now().version(), best.cost().total() - Scheduler.THOROUGH.bound(best.problem(), best.plan())) : null;
        return best;
    }

    /** How much better than the plan that is kept any other could be, by what was proven of it or by its bound. */
    public int better(Worked worked) {
        Proven known = proven;
        int gap = worked.cost().total() - Bounds.of(worked.problem());
        return known != null && !worked.anew() && known.version == worked.diary().version() ? Math.min(gap, known.gap) : gap;
    }

    /** What was proven of the plan of one version of the diary: it stays so while time goes by and nothing is changed. */
    private record Proven(int version, int gap) {
    }

    private Worked keep(Worked found) {
        Diary before = diaries.now();
        Worked worked = found.fits() ? found.keeping() : found;
        diaries.replace(worked.diary());
        synchronized (earlier) {
            earlier.push(before);
            while (earlier.size() > MOST_UNDONE) {
                earlier.removeLast();
            }
        }
        return worked;
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
        return keep(worked);
    }

    /** The soonest moment after one that is asked for at which a task could begin. */
    private static String later(Worked worked, String job, String act, Instant at) {
        for (int task = 0; task < worked.problem().tasks().size(); task++) {
            if (worked.job(task).equals(job) && worked.act(task).equals(act)) {
                int number = task;
                Schedule found = Scheduler.QUICK.solve(worked.problem().with(task, each -> each.within(Math.max(each.earliest(), worked.minute(at)), Math.max(each.latest(), worked.minute(at))))).schedule();
                return found == null ? "a moment before that" : "%s, or before that".formatted(worked.said(worked.at(found.start(number))));
            }
        }
        return "a moment of a task that is planned";
    }

    /** What was kept for today and is still to come, in its order. @param coming acts still to come of each making under way, by it and by its piece */
    public List<Diary.Kept> today(Map<String, Set<String>> coming) {
        LocalDate today = today();
        Diary diary = diaries.now();
        Set<String> chosen = diary.pieces().stream().map(UUID::toString).collect(Collectors.toSet());
        List<Diary.Kept> all = diary.planned().stream().filter(kept -> kept.at().atZone(zone).toLocalDate().equals(today) && (coming.containsKey(kept.job()) ? coming.get(kept.job()).contains(kept.act()) : chosen.contains(Diary.of(kept.job()).toString())))
                .sorted(Comparator.comparing(Diary.Kept::at)).toList();
        if (all.stream().allMatch(kept -> coming.containsKey(kept.job()))) {
            return all;
        }
        // planned and not under way: not begun yet, or finished by now
        Map<UUID, MakingLine> newest = makings.newest();
        Map<UUID, List<Integer>> unbegun = new HashMap<>();
        return all.stream().filter(kept -> coming.containsKey(kept.job()) || unbegun.computeIfAbsent(Diary.of(kept.job()), piece -> unbegun(diary, piece, newest.get(piece))).stream().anyMatch(number -> Diary.job(Diary.of(kept.job()), number).equals(kept.job()))).toList();
    }

    /** What was planned and is told by now, the last first. */
    public List<Happened> happened(Worked worked) {
        return Happened.of(worked, makings::find);
    }

    /** One sitting made longer, shorter, moved or left out. @param to null where it is left out */
    public Worked stretch(int version, Instant from, @Nullable Instant begins, @Nullable Instant ends) {
        Diary diary = diaries.now().at(version);
        Hours.Free was = diary.hours().free(clock.instant().truncatedTo(ChronoUnit.MINUTES), DAYS, zone).stream().filter(each -> !each.from().toInstant().isAfter(from) && each.to().toInstant().isAfter(from)).findFirst()
                .orElseThrow(() -> new UnusableValue("Sitting", Hours.said(from.atZone(zone).toLocalDateTime()), "one that is planned", "It was left out, perhaps in another window: look again."));
        Hours.Free to = begins == null || ends == null ? null : new Hours.Free(begins.atZone(zone), ends.atZone(zone));
        if (to != null && Duration.between(to.from(), to.to()).toMinutes() < Hours.SHORTEST) {
            throw new UnusableValue("Sitting", Span.words(Duration.between(to.from(), to.to())), "five minutes at least", "Leave it out instead.");
        }
        return say(diary.with(diary.hours().changed(was, to, zone)));
    }

    /** Takes one of the ways. @param number among those found for what is kept now */
    public void take(int version, int number) {
        Worked worked = worked(diaries.now().at(version), Scheduler.QUICK);
        List<WaysOut.Way> ways = worked.fits() ? List.of() : waysOut.ways(worked);
        if (number < 0 || number >= ways.size()) {
            throw new UnusableValue("Way out", String.valueOf(number + 1), "one of those shown", "Things have changed since: look again.");
        }
        WaysOut.Way way = ways.get(number);
        if (way.change() != null) {
            say(way.change());
        } else {
            Piece piece = pieces.get(Objects.requireNonNull(way.piece()));
            pieces.change(WaysOut.otherwise(piece, Objects.requireNonNull(way.choice()), Objects.requireNonNull(way.option())));
            say(diaries.now());
        }
    }
}
