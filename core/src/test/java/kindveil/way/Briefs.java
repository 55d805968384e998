package kindveil.way;

import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.drying.Room;
import kindveil.measure.Length;

/** Briefs for tests. */
public final class Briefs {
    private Briefs() {
    }

    public static Brief sound() {
        return new Brief(new Base(Support.BIRCH_PANEL, Ground.ACRYLIC_PAINT), Room.of(21, 50), Length.ofMillimetres(120), Length.ofMillimetres(160),
                Printed.of(PrintKind.GOOD_TONER), Wish.CLEAN, Settings.NONE);
    }
}
