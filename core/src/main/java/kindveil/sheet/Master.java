package kindveil.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.sheet.Packing.Wanted;

/**
 * Sheets for a copy shop to copy: each is copied as often as the others, so that one number is said at the counter.
 *
 * @param sheets the masters
 * @param copies how often each is copied
 * @param extra how many images come out beyond those that were wanted
 */
public record Master(List<PrintSheet> sheets, int copies, int extra) {
    public Master {
        sheets = List.copyOf(sheets);
    }

    /** That many copies with the fewest sheets paid for, and among those with the fewest masters; an image may come out more often than wanted. */
    public static Master of(SheetSize size, List<Wanted> wanted) {
        int most = wanted.stream().mapToInt(Wanted::copies).max().orElse(0);
        return IntStream.rangeClosed(1, most).mapToObj(copies -> copied(size, wanted, copies))
                .min(java.util.Comparator.comparingInt(Master::paid).thenComparingInt(m -> m.sheets.size()).thenComparingInt(Master::extra)).orElse(new Master(List.of(), 0, 0));
    }

    private static Master copied(SheetSize size, List<Wanted> wanted, int copies) {
        List<Wanted> once = new ArrayList<>();
        int extra = 0;
        for (Wanted w : wanted) {
            int places = (w.copies() + copies - 1) / copies;
            once.add(new Wanted(w.what(), w.width(), w.height(), places, w.margin()));
            extra += places * copies - w.copies();
        }
        return new Master(Packing.of(size, once), copies, extra);
    }

    /** Sheets that come out of the machine. */
    public int paid() {
        return sheets.size() * copies;
    }
}
