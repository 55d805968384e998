package kindveil.studio.work;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.making.Clock.Phase;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.way.Act;
import kindveil.way.Answer;
import kindveil.way.Trace;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The bench: begun, told, taken back. */
@Service
@Transactional
public class MakeWork {
    /** Further back than this nobody remembers to the minute. */
    private static final double MOST_MINUTES_AGO = 14 * 24 * 60;
    private final Runs runs;
    private final PieceWork pieces;
    private final Clock clock;

    MakeWork(Runs runs, PieceWork pieces, Clock clock) {
        this.runs = runs;
        this.pieces = pieces;
        this.clock = clock;
    }

    public Run get(UUID id) {
        return runs.find(id).orElseThrow(() -> new NotFound("making", id));
    }

    public List<Run> ofPiece(UUID piece) {
        return runs.ofPiece(piece);
    }

    /** Makings that still have something to do. */
    public List<Run> active() {
        return runs.open().stream().filter(Run::active).toList();
    }

    /** Begins a making of the piece as it is planned now; a plan the bench refuses cannot be begun. */
    public Run begin(UUID pieceId) {
        Planned planned = pieces.plan(pieces.get(pieceId));
        if (!planned.sound()) {
            throw new UnusableValue("Plan", planned.piece().title(), "one the bench accepts", planned.whole().refusals().getFirst().words());
        }
        Run run = new Run(UUID.randomUUID(), pieceId, clock.instant(), planned.work(), List.of(), false);
        runs.add(run);
        return run;
    }

    /**
     * Tells that the act at hand is done.
     *
     * @param seq how many deeds the page that tells it had seen
     * @param minutesAgo how long ago, 0 for now
     * @param anyway whether it was done although it is too soon
     * @return what speaks against it and was not overruled; empty when it is noted
     */
    public List<String> tell(UUID id, int seq, int answer, double minutesAgo, boolean anyway) {
        Run run = reaching(seen(id, seq), told(minutesAgo));
        Making making = run.making();
        Act act = making.current().orElseThrow(() -> new UnusableValue("act", "done", "nothing more: this making is finished", "Write down what came of it."));
        Instant at = ago(making, minutesAgo);
        boolean goesOn = answer >= act.answers().size() || !(act.answers().get(answer).effect() instanceof Answer.Effect.Rescue);
        List<String> against = goesOn ? against(making, at) : List.of();
        if (!against.isEmpty() && !anyway) {
            return against;
        }
        ToldDeed told = new ToldDeed(new Deed(act.key(), answer, at, false), clock.instant(), !against.isEmpty());
        requireFits(run, told);
        runs.tell(id, seq, told);
        return List.of();
    }

    private static void requireFits(Run run, ToldDeed told) {
        List<Deed> deeds = new ArrayList<>(run.told().stream().map(ToldDeed::deed).toList());
        deeds.add(told.deed());
        Making.of(run.making().plan(), run.begun(), deeds);
    }

    private static List<String> against(Making making, Instant at) {
        List<String> against = new ArrayList<>(making.refusals(at).stream().map(refusal -> refusal.words()).toList());
        making.clock().ifPresent(window -> {
            if (window.phase(at) == Phase.TOO_SOON && against.isEmpty()) {
                against.add("Too soon: %s Wait %s more.".formatted(window.why(), Span.words(Duration.between(at, window.opens()))));
            }
        });
        return against;
    }

    private Instant told(double minutesAgo) {
        UnusableValue.requireWithin("How long ago", minutesAgo, 0, MOST_MINUTES_AGO, "min", "Give the minutes since it was done, 0 for just now.");
        return clock.instant().minus(Span.minutes(minutesAgo));
    }

    /** A making of which nothing was told yet may have begun before it was entered. */
    private Run reaching(Run run, Instant at) {
        if (!run.told().isEmpty() || !at.isBefore(run.begun())) {
            return run;
        }
        runs.backdate(run.id(), at);
        return get(run.id());
    }

    private Instant ago(Making making, double minutesAgo) {
        Instant at = told(minutesAgo);
        if (at.isBefore(making.lastDeed())) {
            double most = Math.max(0, Math.floor(Span.inMinutes(Duration.between(making.lastDeed(), clock.instant()))));
            if (minutesAgo < 1) {
                return making.lastDeed();
            }
            throw new UnusableValue("How long ago", Figures.plain(minutesAgo) + " min", "0 to %s min, since the act before it was done then".formatted(Figures.plain(most)),
                    "Take back the act before it first if that time is wrong.");
        }
        return at;
    }

    private Run seen(UUID id, int seq) {
        Run run = get(id);
        if (run.told().size() != seq) {
            throw new Outdated("The bench");
        }
        return run;
    }

    /** Takes back the last thing told. */
    public void takeBack(UUID id, int seq) {
        seen(id, seq);
        if (seq == 0) {
            throw new UnusableValue("Undo", "nothing", "an act to take back", "Nothing has been told yet.");
        }
        runs.takeBack(id, seq - 1);
    }

    /** Takes everything before {@code actKey} as done {@code minutesAgo}. */
    public void startAt(UUID id, int seq, String actKey, double minutesAgo) {
        Instant at = told(minutesAgo);
        Run run = reaching(seen(id, seq), at);
        Making making = run.making();
        int target = making.plan().indexOf(actKey);
        int index = making.current().map(act -> making.plan().indexOf(act.key())).orElse(Integer.MAX_VALUE);
        if (target <= index) {
            throw new UnusableValue("Start at", actKey, "an act further on", "Take back acts one by one to go the other way.");
        }
        Instant when = at.isBefore(making.lastDeed()) ? making.lastDeed() : at;
        int next = seq;
        while (index < target) {
            Act act = making.plan().acts().get(index);
            int expected = Trace.next(making.plan(), index, act.answers().get(act.expected())) <= target ? act.expected() : 0;
            runs.tell(id, next++, new ToldDeed(new Deed(act.key(), expected, when, true), clock.instant(), false));
            index = Trace.next(making.plan(), index, act.answers().get(expected));
        }
    }

    public void layAside(UUID id) {
        get(id);
        runs.layAside(id);
    }
}
