package kindveil.studio.work.making;

import kindveil.studio.work.Kept;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.PieceWork;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
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
    private final Clock clock;

    MakeWork(Makings makings, PieceWork pieces, Clock clock) {
        this.makings = makings;
        this.pieces = pieces;
        this.clock = clock;
    }

    public StoredMaking get(UUID id) {
        return makings.find(id).orElseThrow(() -> new NotFound("making", id));
    }

    /** Newest first, each in a line. */
    public List<MakingLine> ofPiece(UUID piece) {
        return makings.ofPiece(piece);
    }

    /** The newest of a piece, whole. */
    public Optional<StoredMaking> newest(UUID piece) {
        return makings.newest(piece);
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

    /** Begins a making of the piece as it is planned now, or goes on with the one that is under way; a plan the bench refuses cannot be begun. */
    public StoredMaking begin(UUID pieceId) {
        pieces.held(pieceId);
        Optional<MakingLine> active = makings.ofPiece(pieceId).stream().filter(MakingLine::active).findFirst();
        if (active.isPresent()) {
            return get(active.get().id());
        }
        Planned planned = pieces.plan(pieces.get(pieceId));
        if (!planned.sound()) {
            throw new UnusableValue("Plan", planned.piece().title(), "one the bench accepts", planned.whole().refusals().getFirst().words());
        }
        StoredMaking making = new StoredMaking(UUID.randomUUID(), pieceId, clock.instant(), Begun.of(planned.sequence()), List.of(), List.of(), List.of(), false);
        makings.add(making);
        return making;
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
        Making making = reaching(seen(id, seq), told(minutesAgo)).making();
        Act act = making.current().orElseThrow(() -> new UnusableValue("act", "done", "nothing more: this making is finished", "Write down what came of it."));
        UnusableValue.requireWithin("Answer", answer, 0, Math.max(0, act.answers().size() - 1), "", "Choose one of those the act has.");
        Instant at = ago(making, minutesAgo);
        Deed deed = new Deed(act.id(), answer, at, false);
        boolean goesOn = answer >= act.answers().size() || !(act.answers().get(answer).effect() instanceof Answer.Effect.Rescue);
        List<String> against = goesOn ? Stream.concat(against(making, at).stream(), beside(id, act, at).stream()).toList() : List.of();
        if (!against.isEmpty() && !anyway) {
            return against;
        }
        Making after = making.with(deed);
        makings.tell(id, seq, List.of(new ToldDeed(deed, clock.instant(), !against.isEmpty())), after);
        return List.of();
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

    /** A making of which nothing was told yet may have begun before it was entered. */
    private StoredMaking reaching(StoredMaking making, Instant at) {
        if (!making.told().isEmpty() || !at.isBefore(making.begun())) {
            return making;
        }
        makings.backdate(making.id(), at);
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

    private StoredMaking seen(UUID id, int seq) {
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
    }

    /** Takes back the last thing told. */
    public void takeBack(UUID id, int seq) {
        StoredMaking making = seen(id, seq);
        if (seq == 0) {
            throw new UnusableValue("Undo", "nothing", "an act to take back", "Nothing has been told yet.");
        }
        StoredMaking before = new StoredMaking(id, making.piece(), making.begun(), making.plan(), making.told().subList(0, seq - 1), List.of(), making.rooms(), making.laidAside());
        ActId here = making.making().current().map(Act::id).orElse(making.told().getLast().deed().act());
        makings.takeBack(id, seq - 1, here, before.making());
    }

    /** Takes everything before {@code act} as done {@code minutesAgo}. */
    public void startAt(UUID id, int seq, ActId act, double minutesAgo) {
        Instant at = told(minutesAgo);
        Making making = reaching(seen(id, seq), at).making();
        if (!making.ahead(act)) {
            throw new UnusableValue("Start at", act.toString(), "an act further on", "Take back acts one by one to go the other way.");
        }
        List<ToldDeed> told = new ArrayList<>();
        Making after = making;
        for (Deed deed : making.upTo(act, at.isBefore(making.lastDeed()) ? making.lastDeed() : at)) {
            told.add(new ToldDeed(deed, clock.instant(), false));
            after = after.with(deed);
        }
        makings.tell(id, seq, told, after);
    }

    public void layAside(UUID id) {
        get(id);
        makings.layAside(id, true);
    }

    /** Follows again what was laid aside, unless another making of its piece is under way by now. */
    public void takeUp(UUID id) {
        StoredMaking making = get(id);
        pieces.held(making.piece());
        if (makings.ofPiece(making.piece()).stream().anyMatch(line -> line.active() && !line.id().equals(id))) {
            throw new UnusableValue("Making", pieces.get(making.piece()).title(), "a piece that is not on the bench already", "Finish the making that is under way, or lay that one aside first.");
        }
        makings.layAside(id, false);
    }
}
