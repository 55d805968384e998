package kindveil.studio.work.finish;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.bench.Bench;
import kindveil.catalogue.Catalogue;
import kindveil.finish.FinishReading;
import kindveil.finish.LastCoat;
import kindveil.finish.ReadyReading;
import kindveil.making.Begun;
import kindveil.making.Making;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.studio.work.Caches;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Manner;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.room.Rooms;
import kindveil.way.Brief;
import kindveil.way.Settings;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What may come last over a piece, and when it is ready for what. */
@Service
public class FinishWork {
    private static final List<LastCoat> ALL = LastCoat.all(Catalogue.finishes());
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Makings stored;
    private final LookWork looks;
    private final Rooms rooms;
    private final Clock clock;
    private final Cache<List<Object>, Finished> read = Caches.bounded().maximumSize(60).build();
    private final Cache<List<Object>, Ready> ready = Caches.bounded().maximumSize(100).build();

    FinishWork(PieceWork pieces, MakeWork makings, Makings stored, LookWork looks, Rooms rooms, Clock clock) {
        this.stored = stored;
        this.pieces = pieces;
        this.makings = makings;
        this.looks = looks;
        this.rooms = rooms;
        this.clock = clock;
    }

    /**
     * What may come over a piece.
     *
     * @param origin of the bench's time; null where nothing of it is made yet
     * @param end when the last act before any of it is over, on the bench's time
     * @param making it goes on with, or null
     */
    public record Finished(FinishReading reading, ReadyReading ready, @Nullable Instant origin, Bench bench, @Nullable UUID making) {
        /** When the last of it is done, on the bench's time. */
        public Duration end() {
            return bench.now();
        }
    }

    /** When what is made is ready. @param origin of the bench's time */
    public record Ready(ReadyReading reading, Instant origin) {
    }

    /** The making a piece's last coats go on with. @param pull which, or null for the one last told of */
    private Optional<StoredMaking> followed(Piece piece, @Nullable UUID pull) {
        return stored.about(piece.id(), pull).filter(making -> !making.laidAside() && making.underWay());
    }

    /** Pulls there are to choose from. */
    public List<StoredMaking> pulls(Piece piece) {
        return makings.begun(piece.id()).stream().filter(making -> making.pull() != null).toList();
    }

    /** @param pull of which, or null for the one last told of */
    public Finished read(Planned planned, @Nullable UUID pull) {
        Piece piece = planned.piece();
        Optional<StoredMaking> making = followed(piece, pull);
        Instant hour = clock.instant().truncatedTo(ChronoUnit.HOURS);
        return read.get(List.of(piece.id(), piece.version(), rooms.now().version(), making.map(one -> List.<Object>of(one.id(), one.changes())).orElse(List.of()), hour), key -> read(planned, making.orElse(null)));
    }

    /** A piece as it ends. @param made all that was and will be done for it @param origin of its bench's time; null where nothing of it is made yet */
    public record Ended(Bench end, Trace made, @Nullable Instant origin) {
    }

    /** As it is made, where it is being made or is made; otherwise as it is planned. */
    public Ended ended(Planned planned) {
        return ended(planned, followed(planned.piece(), null).orElse(null));
    }

    private Ended ended(Planned planned, @Nullable StoredMaking making) {
        if (making == null) {
            return new Ended(planned.whole().end(), planned.whole(), null);
        }
        Making going = making.making();
        List<Moment> coming = going.forecast(clock.instant());
        return new Ended(end(going, coming), new Trace(going.plan(), Stream.concat(going.moments().stream(), coming.stream()).toList()), making.begun());
    }

    private Finished read(Planned planned, @Nullable StoredMaking making) {
        Brief brief = planned.sequence().parts().getFirst().brief();
        Ended ended = ended(planned, making);
        Bench end = ended.end();
        int part = making == null ? planned.sequence().parts().size() : making.now().parts().size();
        return new Finished(FinishReading.of(ALL, end, brief, part), ReadyReading.of(end, ended.made().timed()), making == null ? null : making.begun(), end, making == null ? null : making.id());
    }

    /** The bench when all of a making is done: as it is now where it is. */
    private Bench end(Making making, List<Moment> coming) {
        if (!coming.isEmpty()) {
            return coming.getLast().after();
        }
        Bench last = making.moments().getLast().after();
        Duration now = Duration.between(making.begun(), clock.instant());
        return now.compareTo(last.now()) > 0 ? last.at(now) : last;
    }

    /** When a finished making is ready for what; reckoned once. */
    public Ready ready(MakingLine line) {
        return ready.get(List.of(line.id(), rooms.now().version(), rooms.now().told()), key -> {
            StoredMaking making = makings.get(line.id());
            return new Ready(ReadyReading.of(making.making().moments().getLast().after()), making.begun());
        });
    }

    /** Several coats over a piece, in their order; where it is being made or is made, its making goes on with them. @param keys of last coats @param pull whose, or null */
    @Transactional
    public Piece lay(Piece piece, List<String> keys, @Nullable UUID pull) {
        List<LastCoat> coats = keys.stream().map(key -> LastCoat.of(Catalogue.finishes(), key)).toList();
        Planned before = pieces.plan(piece);
        Finished finished = read(before, pull);
        Piece changed = pieces.change(with(piece, coats));
        StoredMaking making = finished.making() == null ? null : makings.get(finished.making());
        if (making != null) {
            Begun plan = making.now();
            for (LastCoat coat : coats) {
                plan = plan.then(coat.way(), brief(plan.parts().getFirst().brief(), coat));
            }
            makings.goOn(making.id(), plan, "then " + String.join(", ", coats.stream().map(LastCoat::words).toList()));
        }
        return changed;
    }

    /** The last coat in hand taken off again; from its making too, as long as nothing was told since. */
    @Transactional
    public Piece takeOff(Piece piece, @Nullable UUID pull) {
        Optional<StoredMaking> making = followed(piece, pull);
        Piece changed = pieces.change(piece.without());
        making.filter(StoredMaking::justReplanned).filter(each -> each.now().parts().getLast().way().equals(piece.design().way())).ifPresent(each -> makings.takeBack(each.id(), each.told().size()));
        return changed;
    }

    private static Brief brief(Brief first, LastCoat coat) {
        Brief brief = first.with(new Settings(coat.choices(), Map.of(), Map.of(), Map.of()));
        return coat.way().checked(coat.way().without(brief));
    }

    /** A piece with coats over it. */
    private static Piece with(Piece piece, List<LastCoat> coats) {
        if (piece.veils().size() + coats.size() > Piece.MOST_VEILS) {
            throw new UnusableValue("veils", String.valueOf(piece.veils().size() + coats.size()), "1 to " + Piece.MOST_VEILS, "Take one off first, or make the result the source of another piece.");
        }
        Piece more = piece;
        for (LastCoat coat : coats) {
            Design design = piece.leading().design().treated(kindveil.tone.Treatments.NONE).doing(coat.way());
            more = more.plus(Veil.first(null, design.with(Manner.of(coat.way())).choosing(coat.choices())));
        }
        return more;
    }

    /** The piece as it would look under one more coat, small. */
    public byte[] look(Piece piece, String key) {
        Piece with = with(piece, List.of(LastCoat.of(Catalogue.finishes(), key)));
        Planned planned = pieces.plan(with);
        return looks.png(with, key, LookState.finished(planned.trace()), planned.trace().plannedPasses());
    }

    /** The last coats a piece has, in their order, by the number of their veil. */
    public static List<Map.Entry<Integer, Veil>> on(Piece piece) {
        List<Map.Entry<Integer, Veil>> on = new ArrayList<>();
        for (int i = 0; i < piece.veils().size(); i++) {
            if (Catalogue.finishes().contains(piece.veils().get(i).design().theWay())) {
                on.add(Map.entry(i + 1, piece.veils().get(i)));
            }
        }
        return on;
    }
}
