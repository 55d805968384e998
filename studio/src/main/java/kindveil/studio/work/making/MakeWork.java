package kindveil.studio.work.making;

import kindveil.studio.work.Kept;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.piece.PieceWork;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.making.Clock.Phase;
import kindveil.making.Begun;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.making.Sign;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.reading.SeriesReading;
import kindveil.bench.Step;
import kindveil.measure.Words;
import kindveil.measure.UnusableValue;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Answer;
import kindveil.way.TellTale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The bench: begun, told, taken back. */
@Service
@Transactional
public class MakeWork {
    /** Further back than this nobody remembers to the minute. */
    private static final double MOST_MINUTES_AGO = 14 * 24 * 60;
    private static final Duration CHANGE_OF_MIND = Duration.ofMinutes(10);
    private final Makings makings;
    private final PieceWork pieces;
    private final LearnWork learning;
    private final Clock clock;
    private final Mates mates;
    private final Using using;

    MakeWork(Makings makings, PieceWork pieces, LearnWork learning, Clock clock, Using using) {
        this.using = using;
        this.learning = learning;
        this.makings = makings;
        this.pieces = pieces;
        this.clock = clock;
        this.mates = new Mates(makings, clock);
    }

    public Optional<StoredMaking> find(UUID id) {
        return makings.find(id);
    }

    public StoredMaking get(UUID id) {
        return find(id).orElseThrow(() -> new NotFound("making", id));
    }

    /** Another number is another state of it; -1 where it is gone. */
    public int changes(UUID id) {
        return find(id).map(StoredMaking::changes).orElse(-1);
    }

    /** Newest first, each in a line. */
    public List<MakingLine> ofPiece(UUID piece) {
        return makings.ofPiece(piece);
    }

    /** The newest of a piece, whole. */
    public Optional<StoredMaking> newest(UUID piece) {
        return makings.newest(piece);
    }

    /** Pulls of a piece of which anything was told. */
    public List<StoredMaking> begun(UUID piece) {
        return makings.begun(piece);
    }

    /** The newest of each piece that has any. */
    public Map<UUID, MakingLine> newest() {
        return makings.newest();
    }

    /** Makings that still have something to do. */
    public List<StoredMaking> active() {
        return kept().read();
    }

    /** The same, with makings that cannot be read set apart. */
    public Kept<StoredMaking> kept() {
        return makings.active();
    }

    /** Those finished that were begun since, the newest first. */
    public List<MakingLine> finishedSince(Instant begun, int most) {
        return makings.finishedSince(begun, most);
    }

    /** All pulls of a making's series that are followed; itself where it is made by itself. */
    public List<StoredMaking> series(StoredMaking making) {
        return mates.of(making);
    }

    /** The same, each in a line. */
    public List<MakingLine> pulls(StoredMaking making) {
        return makings.ofPiece(making.piece()).stream().filter(line -> line.id().equals(making.id()) || Pull.together(line.pull(), making.pull()) && !line.laidAside()).sorted(Comparator.comparingInt(MakingLine::number)).toList();
    }

    /** Begins one making. */
    public StoredMaking begin(UUID pieceId) {
        return begin(pieceId, 1, 1);
    }

    /**
     * Begins a making of the piece as it is planned now, or a series of them, or goes on with the one that is under way; a plan the bench
     * refuses cannot be begun.
     *
     * @param plates gel plates there are for it
     * @return the first of them
     */
    public StoredMaking begin(UUID pieceId, int pulls, int plates) {
        UnusableValue.requireWithin("Pulls", pulls, 1, SeriesReading.MOST, "", "More of them are a second series.");
        UnusableValue.requireWithin("Gel plates", plates, 1, SeriesReading.MOST, "", "Count those of its size.");
        pieces.held(pieceId);
        Optional<MakingLine> active = makings.ofPiece(pieceId).stream().filter(MakingLine::active).min(Comparator.comparingInt(MakingLine::number));
        if (active.isPresent()) {
            return get(active.get().id());
        }
        Planned planned = pieces.plan(pieces.get(pieceId));
        if (!planned.sound()) {
            throw new UnusableValue("Plan", planned.piece().title(), "one the bench accepts", planned.whole().refusals().getFirst().words());
        }
        Begun plan = Begun.of(planned.sequence());
        UUID series = pulls == 1 ? null : UUID.randomUUID();
        List<StoredMaking> begun = new ArrayList<>();
        for (int number = 1; number <= pulls; number++) {
            StoredMaking making = new StoredMaking(UUID.randomUUID(), pieceId, clock.instant(), plan, List.of(), List.of(), List.of(), false, series == null ? null : new Pull(series, number, plates), null, List.of());
            makings.add(making);
            begun.add(making);
        }
        return begun.getFirst();
    }

    /** Another pull beside one that is made, by the same plan. */
    public StoredMaking oneMore(UUID id) {
        StoredMaking making = get(id);
        pieces.held(making.piece());
        if (making.laidAside()) {
            throw new UnusableValue("Making", "laid aside", "one that is followed", "Take it up again first, or begin from Make.");
        }
        Pull first = making.pull() == null ? new Pull(UUID.randomUUID(), 1, 1) : making.pull();
        if (making.pull() == null) {
            makings.join(id, first);
        }
        List<StoredMaking> all = makings.ofSeries(first.series());
        UnusableValue.requireWithin("Pulls", all.size() + 1, 1, SeriesReading.MOST, "", "More of them are a second series.");
        int number = all.stream().mapToInt(mate -> mate.pull() == null ? 1 : mate.pull().number()).max().orElse(1) + 1;
        StoredMaking more = new StoredMaking(UUID.randomUUID(), making.piece(), clock.instant(), making.now(), List.of(), List.of(), List.of(), false, new Pull(first.series(), number, first.plates()), null, List.of());
        makings.add(more);
        mates.follow(first.series());
        return get(more.id());
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
        return tell(id, seq, answer, minutesAgo, anyway, Using.Source.AFRESH);
    }

    /** The same. @param source of what was to be mixed */
    public List<String> tell(UUID id, int seq, int answer, double minutesAgo, boolean anyway, Using.Source source) {
        StoredMaking stored = reaching(seen(id, seq), told(minutesAgo));
        Making making = stored.making();
        Act act = making.current().orElseThrow(() -> new UnusableValue("act", "done", "nothing more: this making is finished", "Write down what came of it."));
        UnusableValue.requireWithin("Answer", answer, 0, Math.max(0, act.answers().size() - 1), "", "Choose one of those the act has.");
        Instant at = ago(making, minutesAgo);
        Deed deed = new Deed(act.id(), answer, at, false, source.jar() == null ? null : using.ready(source.jar(), act));
        boolean goesOn = answer >= act.answers().size() || !(act.answers().get(answer).effect() instanceof Answer.Effect.Rescue);
        List<String> against = goesOn ? Stream.concat(against(making, at).stream(), beside(id, act, at).stream()).toList() : List.of();
        if (!against.isEmpty() && !anyway) {
            return against;
        }
        Making after = making.with(deed);
        makings.tell(id, seq, List.of(new ToldDeed(deed, clock.instant(), !against.isEmpty())), after);
        if (goesOn) {
            using.told(stored, after, act, together(stored), seq, source, clock.instant());
        }
        follow(id);
        return List.of();
    }

    private List<UUID> together(StoredMaking making) {
        return making.pull() == null ? List.of(making.id()) : makings.ofSeries(making.pull().series()).stream().map(StoredMaking::id).toList();
    }

    private void follow(UUID id) {
        Optional.ofNullable(get(id).pull()).ifPresent(pull -> mates.follow(pull.series()));
    }

    /** What lies on the same bench for other pieces and speaks against an act: vapour that burns, and heat. */
    public List<String> beside(UUID id, Act act, Instant at) {
        return act.step() instanceof Step.Heat ? active().stream().filter(other -> !other.id().equals(id)).flatMap(other -> other.making().bench(at).vapouring().stream()
                .map(coat -> "%s of “%s”, on the same bench, still gives off vapour that burns. No heat tool near it: open the windows and let it dry.".formatted(Words.capital(coat.product().words()), pieces.get(other.piece()).title()))).toList() : List.of();
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

    /** A making of which nothing was told yet may have begun before it was entered; a pull of a series begins when hands come to it. */
    private StoredMaking reaching(StoredMaking making, Instant at) {
        boolean waited = making.pull() != null && making.pull().number() > 1;
        if (!making.told().isEmpty() || !waited && !at.isBefore(making.begun())) {
            return making;
        }
        Duration hands = waited ? making.making().current().map(Act::handsOn).orElse(Duration.ZERO) : Duration.ZERO;
        makings.backdate(making.id(), at.minus(hands));
        return get(making.id());
    }

    private Instant ago(Making making, double minutesAgo) {
        Instant at = told(minutesAgo);
        if (at.isBefore(making.lastDeed())) {
            double most = Math.max(0, Math.floor(Span.inMinutes(Duration.between(making.lastDeed(), clock.instant()))));
            if (minutesAgo < 1) {
                return making.lastDeed();
            }
            throw new UnusableValue("How long ago", Figures.plain(minutesAgo) + " min", most < 1 ? "just now, since the act before it was done less than a minute ago" : "0 to %s min, since the act before it was done then".formatted(Figures.plain(most)),
                    "Take back the act before it first if that time is wrong.");
        }
        return at;
    }

    /** One that is followed, as a page saw it. */
    StoredMaking seen(UUID id, int seq) {
        StoredMaking making = get(id);
        if (making.laidAside()) {
            throw new UnusableValue("Making", "laid aside", "one that is followed", "Take it up again first.");
        }
        if (making.told().size() != seq) {
            throw new Outdated("The bench");
        }
        return making;
    }

    /**
     * Keeps what is seen or felt while an act is at hand: evidence of how dry its coat is, or of how much was laid. The same thing told
     * again within a few minutes is a change of mind; told twice alike it is taken back.
     */
    public void sign(UUID id, int seq, TellTale tale, int reply) {
        StoredMaking stored = seen(id, seq);
        Making making = stored.making();
        Instant now = clock.instant();
        if (!making.tellTales(now).contains(tale)) {
            throw new UnusableValue("Tell-tale", tale.question(), "one of what can be told at the act at hand", "Look at the bench again.");
        }
        Sign sign = new Sign(making.current().orElseThrow().id(), tale, reply, now);
        List<Sign> before = making.signs().stream().filter(other -> other.tale() != tale || other.at().isBefore(now.minus(CHANGE_OF_MIND))).toList();
        boolean again = making.signs().stream().anyMatch(other -> !before.contains(other) && other.reply() == reply);
        makings.sign(id, seq, sign.act(), again ? before : Stream.concat(before.stream(), Stream.of(sign)).toList());
        learning.told();
    }

    /** One more way after all of it: what was finished goes on. @param words of what was added */
    public void goOn(UUID id, Begun plan, String words) {
        StoredMaking making = get(id);
        StoredMaking after = making.replanned(Stream.concat(making.replans().stream(), Stream.of(new Replan(making.told().size(), clock.instant(), words, plan))).toList());
        makings.replan(id, making.told().size(), making.replans().size(), after.replans().getLast(), after.making());
    }

    /** Takes back the last thing told, and what was only made ready with another pull since. */
    public void takeBack(UUID id, int seq) {
        StoredMaking making = seen(id, seq);
        if (making.justReplanned()) {
            makings.unplan(id, seq, making.replanned(making.replans().subList(0, making.replans().size() - 1)).making());
            return;
        }
        if (!making.underWay()) {
            throw new UnusableValue("Undo", "nothing", "an act to take back", making.told().isEmpty() ? "Nothing has been told yet." : "What was made ready with another pull is taken back there.");
        }
        while (making.madeReady(making.told().getLast())) {
            making = mates.drop(making);
        }
        ActId act = making.told().getLast().deed().act();
        mates.drop(making);
        using.tookBack(id, making.told().size() - 1);
        mates.unfollow(making, act);
        follow(id);
    }

    /** Takes everything before {@code act} as done {@code minutesAgo}. */
    public void startAt(UUID id, int seq, ActId act, double minutesAgo) {
        Instant at = told(minutesAgo);
        StoredMaking stored = reaching(seen(id, seq), at);
        Making making = stored.making();
        if (!making.ahead(act)) {
            throw new UnusableValue("Start at", act.toString(), "an act further on", "Take back acts one by one to go the other way.");
        }
        List<ToldDeed> told = new ArrayList<>();
        List<Act> acts = new ArrayList<>();
        List<Making> folded = new ArrayList<>();
        Making after = making;
        for (Deed deed : making.upTo(act, at.isBefore(making.lastDeed()) ? making.lastDeed() : at)) {
            told.add(new ToldDeed(deed, clock.instant(), false));
            acts.add(after.current().orElseThrow());
            after = after.with(deed);
            folded.add(after);
        }
        makings.tell(id, seq, told, after);
        List<UUID> together = together(stored);
        for (int i = 0; i < told.size(); i++) {
            using.told(stored, folded.get(i), acts.get(i), together, seq + i, Using.Source.AFRESH, clock.instant());
        }
        follow(id);
    }

    /** No longer followed; a pull of which nothing was told is taken away. */
    public void layAside(UUID id) {
        StoredMaking making = get(id);
        if (making.pull() != null && !making.underWay()) {
            makings.remove(id);
        } else {
            makings.layAside(id, true);
        }
    }

    /** Follows again what was laid aside, unless another making of its piece is under way by now. */
    public void takeUp(UUID id) {
        StoredMaking making = get(id);
        pieces.held(making.piece());
        if (makings.ofPiece(making.piece()).stream().anyMatch(line -> line.active() && !line.id().equals(id) && !Pull.together(line.pull(), making.pull()))) {
            throw new UnusableValue("Making", pieces.get(making.piece()).title(), "a piece that is not on the bench already", "Finish the making that is under way, or lay that one aside first.");
        }
        makings.layAside(id, false);
    }
}
