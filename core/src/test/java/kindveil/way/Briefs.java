package kindveil.way;

import java.util.Map;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.drying.Room;
import kindveil.measure.Length;

/** Briefs for tests. */
public final class Briefs {
    private Briefs() {
    }

    public static Brief sound() {
        return new Brief(Length.ofMillimetres(120), Length.ofMillimetres(160), PrintKind.GOOD_TONER, 0, Hand.READS_RIGHT,
                Support.BIRCH_PANEL, Ground.ACRYLIC_PAINT, Wish.CLEAN, Map.of(), Map.of(), Map.of(), Room.of(21, 50));
    }
}
