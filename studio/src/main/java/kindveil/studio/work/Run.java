package kindveil.studio.work;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.reading.AmountReading;
import kindveil.way.Trace;
import kindveil.way.Work;

/**
 * One making of a piece.
 *
 * @param work as it stood when it was begun
 * @param told what was told, oldest first
 * @param laidAside whether it is no longer followed
 */
public record Run(UUID id, UUID piece, Instant begun, Work work, List<ToldDeed> told, boolean laidAside) {
    public Run {
        told = List.copyOf(told);
    }

    public Making making() {
        return Making.asFarAsItFits(work.expand(), begun, told.stream().map(ToldDeed::deed).toList());
    }

    public boolean active() {
        return !laidAside && !making().finished();
    }

    /** What an act takes. */
    public Optional<AmountReading.Portion> portion(String act) {
        return amounts(act).forAct(act);
    }

    public Optional<AmountReading.Batch> batch(String act) {
        return amounts(act).batch(act);
    }

    private AmountReading amounts(String act) {
        int part = Work.partOf(act, work.parts().size());
        Length width = work.parts().get(part).brief().width();
        Length height = work.parts().get(part).brief().height();
        return AmountReading.of(Trace.of(work.expand()).part(part + 1), width, height);
    }

    /** The way an act belongs to. */
    public String wayOf(String act) {
        return work.parts().get(Work.partOf(act, work.parts().size())).way().name();
    }
}
