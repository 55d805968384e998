package kindveil.studio.work.log;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import kindveil.bench.Hand;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What comes of makings as things: each told in a word at the bench, kept as a line of the log and, unless it is spoiled, in the stock. */
@Service
@Transactional
public class Results {
    private static final int LONGEST = 2000;
    private final Log log;
    private final LogWork entries;
    private final Makings makings;
    private final PieceWork pieces;
    private final LookWork looks;
    private final Shelf shelf;
    private final Clock clock;

    Results(Log log, LogWork entries, Makings makings, PieceWork pieces, LookWork looks, Shelf shelf, Clock clock) {
        this.log = log;
        this.entries = entries;
        this.makings = makings;
        this.pieces = pieces;
        this.looks = looks;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** Told again it is another; what the artist wrote in words of their own stays as it is. */
    public void came(UUID id, Result result) {
        StoredMaking making = makings.find(id).orElseThrow(() -> new NotFound("making", id));
        if (!making.making().finished()) {
            throw new UnusableValue("Making", "under way", "one whose acts are all told", "Tell its last act first.");
        }
        Piece piece = pieces.get(making.piece());
        Optional<LogEntry> there = of(making);
        if (there.isEmpty()) {
            LogWork.Said said = new LogWork.Said(LogEntry.Verdict.of(result), line(making, result), making.otherwise(LONGEST), LogEntry.Findings.NONE);
            entries.write(new LogWork.Entry(entry(id), piece, id, said, ""), "", null);
        } else if (making.result() != null && making.result() != result && there.get().came().equals(line(making, making.result()))) {
            LogEntry before = there.get();
            log.add(before.corrected(LogEntry.Verdict.of(result), line(making, result), before.different(), before.findings(), clock.instant()));
        }
        makings.came(id, result);
        if (result.kept()) {
            Length width = piece.leading().design().printWidth();
            Planned planned = pieces.plan(piece.at(piece.veils().indexOf(piece.leading()) + 1));
            Hand hand = planned.hand().map(reading -> reading.finishedOf(planned.printHand())).orElse(Hand.READS_RIGHT);
            shelf.keep(Print.of(id, result == Result.GOOD ? "good" : "ghost", making.called(piece.title()), 1, new Owned.Size(width, width.times(looks.aspect(piece))), clock.instant(), planned.lineage(hand, "", clock.instant())));
        } else {
            shelf.remove(id);
        }
    }

    /** What was written of a making, if anything was. */
    public Optional<LogEntry> of(StoredMaking making) {
        return log.ofPiece(making.piece()).stream().filter(entry -> making.id().equals(entry.making())).findFirst();
    }

    private static String line(StoredMaking making, Result result) {
        return Words.capital(making.pull() == null ? result.words() : "pull %d: %s".formatted(making.pull().number(), result.words())) + ".";
    }

    /** The id of the line a result writes. */
    private static UUID entry(UUID making) {
        return UUID.nameUUIDFromBytes(("result of " + making).getBytes(StandardCharsets.UTF_8));
    }
}
