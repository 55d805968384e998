package kindveil.studio.work.sitting;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindveil.measure.Span;
import kindveil.sitting.Conflict;
import kindveil.sitting.Hours;
import kindveil.sitting.Job;
import kindveil.sitting.Lag;
import kindveil.sitting.Problem;
import kindveil.sitting.Relaxation;
import kindveil.sitting.Schedule;
import kindveil.sitting.Scheduler;
import kindveil.sitting.Sitting;
import kindveil.sitting.Task;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Choice;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Where pieces do not fit into the hours there are: what stands in the way, and the least that would make it fit, ready to be taken. */
@Service
public class WaysOut {
    private static final int HALF_HOUR = 30;
    private static final int NOT_WEEKLY = 2;
    private static final Duration EXTRA = Duration.ofHours(2);
    private static final int EXTRA_FROM = 19;
    private final PieceWork pieces;

    WaysOut(PieceWork pieces) {
        this.pieces = pieces;
    }

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
        return several(worked, worked.problem(), more(worked, until(worked)), false).or(() -> several(worked, worked.problem().undue(), more(worked, worked.zero().plus(Duration.ofDays(SittingWork.DAYS))), true));
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
                    change = change.fewer(worked.jobs().get(job).piece());
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
                yield new Way(each, "%d minutes longer on %s".formatted(each.by(), day(was)), diary.with(diary.hours().changed(was, new Hours.Free(was.from(), was.to().plusMinutes(each.by())), worked.zone())), null, null, null);
            }
            case EARLIER_SITTING -> {
                Hours.Free was = worked.free().get(each.of());
                yield new Way(each, "%d minutes sooner on %s".formatted(each.by(), day(was)), diary.with(diary.hours().changed(was, new Hours.Free(was.from().minusMinutes(each.by()), was.to()), worked.zone())), null, null, null);
            }
            case ONE_SITTING_MORE -> {
                Sitting extra = more.get(each.of());
                List<Hours.Entry> entries = new ArrayList<>(diary.hours().entries());
                entries.add(once(worked, extra.from(), extra.from() + each.by()));
                yield new Way(each, "a sitting more: " + new Hours(entries.subList(entries.size() - 1, entries.size())).words(), diary.with(new Hours(entries)), null, null, null);
            }
            case LATER -> new Way(each, "all due %s later".formatted(Span.words(Duration.ofMinutes(each.by()))), diary.due(java.util.Objects.requireNonNull(diary.due()).plusMinutes(each.by())), null, null, null);
            case ONE_FEWER -> new Way(each, "without " + worked.jobs().get(each.of()).words(), diary.fewer(worked.jobs().get(each.of()).piece()), null, null, null);
            case OTHERWISE -> {
                Airing airing = airings.get(each.of());
                yield new Way(each, airing.otherwise.words(), null, airing.piece, airing.choice, airing.option);
            }
        };
    }

    private static String day(Hours.Free free) {
        return free.from().getDayOfWeek().getDisplayName(java.time.format.TextStyle.FULL, java.util.Locale.ENGLISH) + " " + free.from().toLocalTime();
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
                        SittingWork.Fresh read = other.sound() ? SittingWork.fresh(other) : null;
                        if (read != null && read.reading().plot() != null && quicker(read.reading().plot(), worked.problem().alone(job))) {
                            Problem.Plot plot = read.reading().plot();
                            airings.add(new Airing(new Relaxation.Otherwise(job, "%s: %s".formatted(pull.words(), option.words()),
                                    new Problem.Plot(worked.problem().jobs().get(job), plot.tasks(), plot.lags(), plot.holdings())), pull.piece(), choice.key(), option.key()));
                        }
                    }
                }
            }
        }
        return airings;
    }

    static Piece otherwise(Piece piece, String choice, String option) {
        return piece.with(piece.design().with(piece.design().manner().choosing(Map.of(choice, option))));
    }

    private static boolean quicker(Problem.Plot plot, Problem.Plot than) {
        return waits(plot) < waits(than);
    }

    private static int waits(Problem.Plot plot) {
        return plot.lags().stream().mapToInt(Lag::least).sum() + plot.tasks().stream().mapToInt(Task::minutes).sum();
    }

    private static Instant until(Worked worked) {
        return worked.due() == null ? worked.zero().plus(Duration.ofDays(SittingWork.DAYS)) : worked.due();
    }

    /** Two hours of each evening nothing is done in, until some moment. */
    private List<Sitting> more(Worked worked, Instant until) {
        List<Sitting> more = new ArrayList<>();
        for (int day = 0; day < SittingWork.DAYS / NOT_WEEKLY; day++) {
            Instant from = worked.zero().atZone(worked.zone()).toLocalDate().plusDays(day).atTime(EXTRA_FROM, 0).atZone(worked.zone()).toInstant();
            int minute = worked.minute(from);
            int end = minute + (int) EXTRA.toMinutes();
            if (minute >= 0 && from.isBefore(until) && worked.problem().sittings().stream().noneMatch(sitting -> sitting.from() < end && minute < sitting.to())) {
                more.add(new Sitting(minute, end, day));
            }
        }
        return more;
    }
}
