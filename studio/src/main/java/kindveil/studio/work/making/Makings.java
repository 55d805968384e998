package kindveil.studio.work.making;

import java.time.Instant;
import java.util.List;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.making.Making;
import kindveil.making.Sign;
import kindveil.studio.work.Kept;
import kindveil.way.ActId;
import org.jspecify.annotations.Nullable;

/** Keeps makings. */
public interface Makings {
    Optional<StoredMaking> find(UUID id);

    /** Newest first, each in a line. */
    List<MakingLine> ofPiece(UUID piece);

    /** Of each piece that has any, in a line: the one under way, else the newest. */
    Map<UUID, MakingLine> newest();

    /** The newest of a piece, whole. */
    default Optional<StoredMaking> newest(UUID piece) {
        return ofPiece(piece).stream().findFirst().flatMap(line -> find(line.id()));
    }

    /** All pulls of a series, by their numbers. */
    List<StoredMaking> ofSeries(UUID series);

    /** Of a piece's newest making and the other pulls of its series, those of which anything was told and that are not laid aside, in their order. */
    default List<StoredMaking> begun(UUID piece) {
        Optional<StoredMaking> newest = newest(piece);
        return newest.map(one -> ofPiece(piece).stream().filter(line -> line.id().equals(one.id()) || Pull.together(line.pull(), one.pull())).filter(line -> !line.laidAside()).sorted(Comparator.comparingInt(MakingLine::number))
                .flatMap(line -> find(line.id()).stream()).filter(StoredMaking::underWay).toList()).orElse(List.of());
    }

    /** What is asked about: the one that is named; else, of those begun, the one last told of. One that is not begun never stands for the others. */
    default Optional<StoredMaking> about(UUID piece, @Nullable UUID named) {
        return named == null ? begun(piece).stream().max(Comparator.comparing(making -> making.told().getLast().told())) : find(named).filter(making -> making.piece().equals(piece));
    }

    /** Neither laid aside nor finished, oldest first; what cannot be read set apart. */
    Kept<StoredMaking> active();

    /** The newest in which something was seen or felt, oldest first; what cannot be read is left out. */
    List<StoredMaking> withSigns(int most);

    /** The newest that are finished, oldest first; what cannot be read is left out. */
    List<StoredMaking> finished(int most);

    /** Those finished that were begun since, the newest first, each in a line. */
    List<MakingLine> finishedSince(Instant begun, int most);

    /** How many are finished. */
    long finished();

    /** How many signs are kept: another number is another record. */
    long signed();

    /** Keeps a new one, and where it stands. */
    void add(StoredMaking making);

    /** Appends as number {@code seq}, from 0; {@link kindveil.studio.work.Outdated} when that number is taken or not the next. @param after where it stands then */
    void tell(UUID making, int seq, List<ToldDeed> deeds, Making after);

    /** Takes back number {@code seq}, which must be the last, and what was seen at an act since. @param after where it stands then */
    void takeBack(UUID making, int seq, ActId signs, Making after);

    /** Keeps what was seen at the act at hand, all of it, instead of what was kept of that act; {@link kindveil.studio.work.Outdated} unless {@code seq} deeds are told. */
    void sign(UUID making, int seq, ActId act, List<Sign> signs);

    /** Keeps a changed plan as number {@code number}; {@link kindveil.studio.work.Outdated} unless {@code seq} deeds and so many changes are told. @param after where it stands then */
    void replan(UUID making, int seq, int number, Replan replan, Making after);

    /** Takes back the last change of its plan. @param after where it stands then */
    void unplan(UUID making, int seq, Making after);

    /** Moves the beginning of a making of which nothing was told yet. */
    void backdate(UUID making, Instant begun);

    /** Makes it a pull of a series. */
    void join(UUID making, Pull pull);

    /** Keeps what came of it. */
    void came(UUID making, @Nullable Result result);

    /** Takes away one of which nothing was told yet. */
    void remove(UUID making);

    /** No longer followed, or followed again. */
    void layAside(UUID making, boolean aside);
}
