package kindveil.studio.work.log;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.drying.Room;
import kindveil.making.Begun;
import kindveil.making.Departure;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.reading.LookState;
import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.room.ToldRoom;
import kindveil.studio.work.sheet.Gatherings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log: what came of each making. */
@Service
@Transactional
public class LogWork {
    /** Pulls that tell how a way grows. */
    private static final int LATEST = 5;
    private static final String FORESEEN = "foreseen.png";
    private final Log log;
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final LookWork looks;
    private final Makings makings;
    private final Gatherings gatherings;
    private final Clock clock;

    LogWork(Log log, PieceWork pieces, PictureWork pictures, LookWork looks, Makings makings, Gatherings gatherings, Clock clock) {
        this.log = log;
        this.pieces = pieces;
        this.pictures = pictures;
        this.looks = looks;
        this.makings = makings;
        this.gatherings = gatherings;
        this.clock = clock;
    }

    /**
     * An entry as it comes in, about the veil in hand; {@code once} makes a second sending of the same form harmless.
     *
     * @param making it came of, or null for the newest of the piece
     */
    public record Entry(UUID once, Piece piece, @Nullable UUID making, Said said, String printedBy) {
    }

    /** What the artist says of it. */
    public record Said(LogEntry.Verdict verdict, String came, String different, LogEntry.Findings findings) {
    }

    /** Writes it, with a photograph if there are bytes of one. */
    public void write(Entry entry, String photoName, byte @Nullable [] photo) {
        if (log.find(entry.once()).isPresent()) {
            return;
        }
        Piece piece = entry.piece();
        Optional<StoredMaking> making = making(piece, entry.making());
        Judged judged = judged(pieces.plan(piece), making, entry.printedBy().strip());
        UUID picture = photo == null ? null : pictures.take(photoName, photo).id();
        log.add(new LogEntry(entry.once(), 0, piece.id(), making.map(StoredMaking::id).orElse(null), clock.instant(), entry.said().verdict(), entry.said().came().strip(),
                entry.said().different().strip(), entry.said().findings(), judged, picture, false));
    }

    /** One of a piece's makings; where none is named the pull last told of, or what was made by itself. */
    public Optional<StoredMaking> making(Piece piece, @Nullable UUID named) {
        return makings.about(piece.id(), named).or(() -> makings.newest(piece.id()).filter(making -> named == null && making.pull() == null));
    }

    private Judged judged(Planned planned, Optional<StoredMaking> making, String printedBy) {
        Piece piece = planned.piece();
        LookState state = LookState.finished(planned.trace());
        int pass = planned.trace().plannedPasses();
        UUID foreseen = pictures.take(FORESEEN, looks.png(piece, Map.of(), state, pass, true)).id();
        return judged(planned, making, printedBy, runs(planned), state, pass, foreseen);
    }

    /** How often the sheet of such a print goes through its machine, as the sheets are set up. */
    private int runs(Planned planned) {
        return gatherings.now().setUps().stream().filter(setUp -> setUp.kind() == planned.brief().print()).mapToInt(setUp -> setUp.runs()).findFirst().orElse(planned.runs());
    }

    /** Everything an entry judges: of its making, where there is one, otherwise of the piece as it is planned. */
    public static Judged judged(Planned planned, Optional<StoredMaking> making, String printedBy, int runs, LookState state, int pass, @Nullable UUID foreseen) {
        Begun plan = making.map(StoredMaking::now).orElseGet(() -> Begun.of(planned.sequence()));
        Judged.Print print = new Judged.Print(planned.brief().print(), printedBy, runs, planned.brief().print().sheet().words());
        Room first = plan.plan().bench().room();
        List<ToldRoom> air = new ArrayList<>();
        // what the night will be is told nobody by what was made
        making.ifPresent(m -> m.rooms().stream().filter(told -> !told.at().isAfter(m.told().isEmpty() ? m.begun() : m.told().getLast().told())).forEach(air::add));
        if (air.isEmpty()) {
            air.add(ToldRoom.of(making.map(StoredMaking::begun).orElse(planned.piece().created()), first));
        }
        return new Judged(planned.piece().title(), planned.piece().inHand(), Judged.WayOf.of(plan), planned.brief().wish(), print, air,
                making.map(m -> Departure.of(m.making())).orElse(List.of()), making.map(m -> Judged.Answered.of(m.now().plan(), m.deeds())).orElse(List.of()), state, pass, foreseen);
    }

    /** Writes it again; what it judged stays as it was. */
    public void correct(UUID id, int seen, Said said) {
        correct(id, seen, said, "", "", null);
    }

    /** Writes it again, with who printed it and a photograph where there were none. */
    public void correct(UUID id, int seen, Said said, String printedBy, String photoName, byte @Nullable [] photo) {
        LogEntry entry = seen(id, seen);
        UUID picture = photo == null || entry.photo() != null ? null : pictures.take(photoName, photo).id();
        log.add(entry.completed(printedBy.strip(), picture).corrected(said.verdict(), said.came().strip(), said.different().strip(), said.findings(), clock.instant()));
    }

    /** Strikes it out, or counts it again. */
    public void strike(UUID id, int seen, boolean out) {
        log.add(seen(id, seen).struck(out, clock.instant()));
    }

    private LogEntry seen(UUID id, int revision) {
        LogEntry entry = get(id);
        if (entry.revision() != revision) {
            throw new Outdated("The log entry");
        }
        return entry;
    }

    public LogEntry get(UUID id) {
        return log.find(id).orElseThrow(() -> new NotFound("log entry", id));
    }

    public List<LogEntry> history(UUID id) {
        return log.history(id);
    }

    /** With those that cannot be read set apart. */
    public Kept<LogEntry> kept() {
        return log.kept();
    }

    /** The entry whose result a picture shows, if it is one: where a source comes from. */
    public Optional<LogEntry> cameFrom(@Nullable UUID picture) {
        return log.all().stream().filter(entry -> picture != null && picture.equals(entry.photo())).findFirst();
    }

    /** How much what came of a way grew against its print. @param percent below 0 it shrank @param pulls measured */
    public record Grown(double percent, int pulls) {
        /** What a length of the print becomes. */
        public double factor() {
            return 1 + percent / 100;
        }
    }

    /** The mean of the last few times it was measured; empty where it never was, or nothing to speak of came of it. */
    public Optional<Grown> grown(String way) {
        double[] measured = log.all().stream().filter(entry -> !entry.struck() && entry.findings().stretch() != null && entry.judged().way().key().equals(way))
                .sorted(Comparator.comparing(LogEntry::written).reversed()).limit(LATEST).mapToDouble(entry -> entry.findings().stretch()).toArray();
        double mean = Math.round(10 * Arrays.stream(measured).average().orElse(0)) / 10.0;
        return mean == 0 ? Optional.empty() : Optional.of(new Grown(mean, measured.length));
    }

    public static String requireShort(String thing, String text, int most) {
        if (text.length() > most) {
            throw new UnusableValue(thing, text.length() + " signs", "at most %d signs".formatted(most), "Shorten it a little.");
        }
        return Words.requireWritten(thing, text);
    }

    public List<LogEntry> all() {
        return log.all();
    }

    public List<LogEntry> ofPiece(UUID piece) {
        return log.ofPiece(piece);
    }

    /** Who printed copies so far, each once. */
    public List<String> printers() {
        return log.all().stream().map(LogEntry::printedBy).filter(name -> !name.isEmpty()).distinct().sorted().toList();
    }
}
