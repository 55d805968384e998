package kindveil.studio.work.piece;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import kindveil.bench.Hand;
import kindveil.measure.Volume;
import kindveil.product.Product;
import kindveil.reading.AmountReading;
import kindveil.reading.HandReading;
import kindveil.reading.TimeReading;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.shelf.Lineage;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/**
 * A piece thought through: its plan walked on the bench.
 *
 * @param picture of the veil in hand, or null where it brings none
 * @param sequence all veils in order, each with its print as it must stand
 * @param hand of the veil in hand, counted on an unmirrored print
 * @param trace what the veil in hand does
 * @param whole what all of them do
 */
public record Planned(Piece piece, @Nullable StoredPicture picture, Sequence sequence, Optional<HandReading> hand, Hand printHand, Trace trace, Trace whole) {
    public boolean sound() {
        return whole.refusals().isEmpty();
    }

    public Brief brief() {
        return sequence.parts().get(piece.inHand()).brief();
    }

    /** Of each veil in order. */
    public List<AmountReading> amounts() {
        List<Brief> briefs = sequence.parts().stream().map(Sequence.Part::brief).toList();
        return IntStream.range(0, briefs.size()).mapToObj(i -> AmountReading.of(whole.part(i), briefs.get(i).width(), briefs.get(i).height())).toList();
    }

    /** In all, each product once. */
    public Map<Product, Volume> needs() {
        Map<Product, Volume> all = new LinkedHashMap<>();
        for (AmountReading reading : amounts()) {
            reading.byProduct().forEach((product, volume) -> all.merge(product, volume, (a, b) -> new Volume(a.millilitres() + b.millilitres())));
        }
        return all;
    }

    public TimeReading times() {
        return TimeReading.of(whole);
    }

    /** How often the print of the veil in hand is run over itself. */
    public int runs() {
        return piece.design().runs();
    }

    /** Where a print of the veil in hand comes from. @param standing how the picture stands on it @param by whose machine, or empty */
    public Lineage lineage(Hand standing, String by, Instant at) {
        return new Lineage(piece.id(), piece.title(), piece.inHand() + 1, picture == null ? "" : picture.name(), piece.veil().source(), brief().print(), standing, by, at, null);
    }

    public boolean mirrored() {
        return printHand == Hand.MIRRORED;
    }
}
