package kindveil.finish;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import kindveil.bench.Bench;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.finish.BookReading.Between;
import kindveil.finish.BookReading.Book;
import kindveil.finish.BookReading.Laid;
import kindveil.measure.UnusableValue;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import org.junit.jupiter.api.Test;

/** A journal closed, by cases worked by hand. */
class BookReadingTest {
    private static final Book JOURNAL = new Book(40, 160, 12);

    private static Laid laid(String name, Support support, String... ways) {
        List<Sequence.Part> parts = Arrays.stream(ways).map(way -> {
            String[] words = way.split(" ");
            Brief brief = Samples.usual(Catalogue.way(words[0])).with(support);
            return new Sequence.Part(Catalogue.way(words[0]), words.length == 1 ? brief : brief.with(words[1].split("=")[0], words[1].split("=")[1]));
        }).toList();
        Trace trace = Trace.of(Sequence.on(parts.getFirst().brief().base(), parts).expand());
        assertEquals(List.of(), trace.refusals());
        return new Laid(name, trace.end(), trace, Duration.ZERO);
    }

    private static Laid laid(String... ways) {
        return laid(String.join(" ", ways), Support.JOURNAL_PAGE, ways);
    }

    /** Forty leaves of 160 g/m² at 1.3 µm a gram are 8.3 mm, with nothing in them. */
    @Test
    void emptyBook_isItsPaper() {
        BookReading empty = BookReading.of(JOURNAL, Map.of());
        assertEquals(40 * 160 * 1.3 / 1000, empty.bare(), 1e-9);
        assertEquals(empty.bare(), empty.closed(), 1e-9);
        assertEquals(Duration.ZERO, empty.closes());
        assertEquals(List.of(), empty.openings());
    }

    /** One work across both pages faces itself, is folded at the gutter, and counts on both leaves. */
    @Test
    void spread_facesItself_andIsFolded() {
        Laid thin = laid("gel-lay");
        BookReading spread = BookReading.of(JOURNAL, Map.of(4, thin, 5, thin));
        assertTrue(spread.openings().getFirst().across());
        assertEquals(Between.ALWAYS, spread.openings().getFirst().between());
        assertEquals("", spread.openings().getFirst().fold());
        assertEquals(2, spread.leaves().size());
        Laid thick = laid("gel-lay school=deep-bed");
        assertTrue(BookReading.micrometres(thick) > 300, String.valueOf(BookReading.micrometres(thick)));
        assertTrue(BookReading.of(JOURNAL, Map.of(4, thick, 5, thick)).openings().getFirst().fold().contains("cracks at the gutter"));
        assertEquals("", BookReading.of(JOURNAL, Map.of(4, thick, 7, thick)).openings().getFirst().fold(), "on pages that do not face each other nothing is folded");
        Laid panel = laid("panel", Support.BIRCH_PANEL, "gel-lay");
        assertEquals(Between.NEVER, BookReading.of(JOURNAL, Map.of(4, panel, 5, panel)).openings().getFirst().between());
    }

    /** Pages 4 and 5 face each other, 5 and 6 are two sides of a leaf. */
    @Test
    void acrylicFaces_needReleasePaperForGood_whereTheyFaceEachOther() {
        Laid gel = laid("gel-lay");
        BookReading facing = BookReading.of(JOURNAL, Map.of(4, gel, 5, gel));
        assertEquals(List.of(Between.ALWAYS), facing.openings().stream().map(BookReading.Opening::between).toList());
        assertNull(facing.openings().getFirst().cured());
        BookReading back = BookReading.of(JOURNAL, Map.of(5, gel, 6, gel));
        assertEquals(List.of(Between.UNTIL_CURED, Between.UNTIL_CURED), back.openings().stream().map(BookReading.Opening::between).toList());
        assertEquals(List.of(4, 6), back.openings().stream().map(BookReading.Opening::left).toList());
        assertEquals(1, back.leaves().size());
        assertTrue(back.openings().getFirst().cured().compareTo(back.openings().getFirst().from()) > 0);
    }

    @Test
    void pastel_keepsTheBookOpen_untilItIsFixed_andWatercolourMarks() {
        BookReading loose = BookReading.of(JOURNAL, Map.of(2, laid("gel-lay", "drawing-over drawn=pastel")));
        assertNull(loose.closes());
        assertEquals(Between.NEVER, loose.openings().getFirst().between());
        assertTrue(loose.openings().getFirst().why().contains("fix it"));
        BookReading fixed = BookReading.of(JOURNAL, Map.of(2, laid("gel-lay", "drawing-over drawn=pastel", "spray-fixing")));
        assertTrue(fixed.closes() != null);
        assertEquals(Between.ALWAYS, BookReading.of(JOURNAL, Map.of(2, laid("gel-lay", "glazing with=watercolour"))).openings().getFirst().between());
    }

    /** What lies on a page by its dry layers: a bed of 100 µm gel keeps 40; a piece glued in brings its own paper. */
    @Test
    void thickness_isTheSumOfItsLayers_andOfWhatCarriesThem() {
        Laid gel = laid("gel-lay");
        double own = kindveil.reading.StackReading.of(gel.end()).layers().stream().filter(seen -> seen.kind() != kindveil.reading.StackReading.Kind.GROUND).mapToDouble(kindveil.reading.StackReading.Seen::micrometres).sum();
        assertTrue(own > 40 && own < 250, own + " µm");
        BookReading one = BookReading.of(JOURNAL, Map.of(7, gel));
        assertEquals(one.bare() + (own + 45) / 1000, one.closed(), 1e-9);
        Laid glued = laid("glued in", Support.WATERCOLOUR_PAPER, "gel-lay");
        assertTrue(BookReading.micrometres(glued) - 300 * 1.3 > 40, "its own paper");
        assertEquals(0, BookReading.water(glued.made()));
    }

    /** A spine bears fifteen in a hundred more than it was sewn for. */
    @Test
    void spine_isStrained_byWhatIsGluedIn() {
        Laid thick = laid("board", Support.COATED_BOARD, "gel-lay");
        Book thin = new Book(40, 160, 8.5);
        assertTrue(!BookReading.of(thin, Map.of(1, laid("tape-lift"))).strained());
        BookReading full = BookReading.of(thin, Map.of(1, thick, 3, thick));
        assertTrue(full.strained() && full.gapes() > 3, full.closed() + " mm");
    }

    /** Beds wet a light page enough to cockle; tape brings none of its water. */
    @Test
    void lightPages_cockle() {
        assertTrue(BookReading.of(new Book(40, 90, 10), Map.of(2, laid("gesso-bed"))).leaves().getFirst().cockles().startsWith("cockles"));
        assertEquals("", BookReading.of(new Book(40, 300, 20), Map.of(2, laid("tape-lift"))).leaves().getFirst().cockles());
    }

    /** It closes when the slowest of its pages is dry through, later where that was begun later. */
    @Test
    void book_closesWhenItsSlowestPageIsThrough() {
        Laid gel = laid("gel-lay");
        Bench end = gel.end();
        Duration alone = BookReading.of(JOURNAL, Map.of(2, gel)).closes();
        assertTrue(alone.compareTo(end.now()) >= 0);
        Laid later = new Laid("later", end, gel.made(), Duration.ofDays(2));
        assertEquals(alone.plusDays(2), BookReading.of(JOURNAL, Map.of(2, gel, 9, later)).closes());
    }

    @Test
    void whatCannotBe_isRefusedWithItsRange() {
        assertTrue(assertThrows(UnusableValue.class, () -> BookReading.of(new Book(2, 160, 12), Map.of(5, laid("tape-lift")))).getMessage().contains("4"));
        assertThrows(UnusableValue.class, () -> new Book(0, 160, 12));
        assertThrows(UnusableValue.class, () -> new Book(40, 20, 12));
    }
}
