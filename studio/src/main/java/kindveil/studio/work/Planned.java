package kindveil.studio.work;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Hand;
import kindveil.bench.Material;
import kindveil.measure.Volume;
import kindveil.reading.AmountReading;
import kindveil.reading.HandReading;
import kindveil.reading.TimeReading;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Work;

/**
 * A piece thought through: its plan walked on the bench.
 *
 * @param picture of the veil in hand, or null where it brings none
 * @param work all veils in order, each with its print as it must stand
 * @param hand of the veil in hand, counted on an unmirrored print
 * @param trace what the veil in hand does
 * @param whole what all of them do
 */
public record Planned(Piece piece, StoredPicture picture, Work work, Optional<HandReading> hand, Hand printHand, Trace trace, Trace whole) {
    public boolean sound() {
        return whole.refusals().isEmpty();
    }

    public Brief brief() {
        return work.parts().get(piece.inHand()).brief();
    }

    /** One way's amounts: an act's key says which. */
    public Optional<AmountReading.Portion> portion(String act) {
        return amountsOf(act).forAct(act);
    }

    public Optional<AmountReading.Batch> batch(String act) {
        return amountsOf(act).batch(act);
    }

    private AmountReading amountsOf(String act) {
        return amounts().get(Work.partOf(act, work.parts().size()));
    }

    /** Of each veil in order. */
    public List<AmountReading> amounts() {
        return amounts(work, whole);
    }

    static List<AmountReading> amounts(Work work, Trace whole) {
        return java.util.stream.IntStream.range(0, work.parts().size()).mapToObj(i -> {
            Brief brief = work.parts().get(i).brief();
            return AmountReading.of(whole.part(i + 1), brief.width(), brief.height());
        }).toList();
    }

    /** In all, each material once. */
    public Map<Material, Volume> needs() {
        Map<Material, Volume> all = new EnumMap<>(Material.class);
        for (AmountReading reading : amounts()) {
            reading.byMaterial().forEach((material, volume) -> all.merge(material, volume, (a, b) -> new Volume(a.millilitres() + b.millilitres())));
        }
        return all;
    }

    public TimeReading times() {
        return TimeReading.of(whole);
    }

    public boolean mirrored() {
        return printHand == Hand.MIRRORED;
    }
}
