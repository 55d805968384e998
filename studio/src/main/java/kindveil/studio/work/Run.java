package kindveil.studio.work;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindveil.making.Making;
import kindveil.way.Brief;
import kindveil.way.Catalogue;

/**
 * One making of a piece.
 *
 * @param brief as it stood when it was begun
 * @param told what was told, oldest first
 * @param laidAside whether it is no longer followed
 */
public record Run(UUID id, UUID piece, Instant begun, String way, Brief brief, double bedMicrometres, List<ToldDeed> told, boolean laidAside) {
    public Run {
        told = List.copyOf(told);
    }

    public Making making() {
        return Making.of(Catalogue.way(way).expand(brief, bedMicrometres), begun, told.stream().map(ToldDeed::deed).toList());
    }

    public boolean active() {
        return !laidAside && !making().finished();
    }
}
