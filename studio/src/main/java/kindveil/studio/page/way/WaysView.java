package kindveil.studio.page.way;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Words;
import kindveil.reading.CompatibilityReading;
import kindveil.studio.page.PageView;
import kindveil.measure.Span;
import kindveil.studio.page.HavingForm;
import kindveil.studio.page.Knot;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.WaysWork.Order;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.way.Fit.Verdict;
import kindveil.way.Way;
import kindveil.way.Wish;

/**
 * The Ways page: what goes with what one has, and every way against every print or support.
 *
 * @param orders by what the ways can be put in order; {@code order} by what they are
 * @param sought the word searched for, or empty
 * @param table {@code print} or {@code support}; {@code other} the one it is not
 * @param key the marks with their words
 * @param seen what the words sought say of something gone wrong
 */
record WaysView(HavingForm asked, List<Pick> orders, String order, String query, String sought, List<Ranked> ranked, List<OverOrUnder> overAndUnder, String table, String other, Matrix matrix, List<Mark> key, List<SymptomsView.Entry> seen) implements PageView {
    private static final int MOST_REASONS = 2;

    /** One way with its verdict. @param figure by which it stands where it does, or empty @param words what it does, or the weightiest reasons with what would help */
    record Ranked(String name, String address, String mark, String verdict, String figure, List<String> words) {
        static Ranked of(CompatibilityReading reading, Having having, String figure) {
            List<String> reasons = reading.reasons().stream().limit(MOST_REASONS).map(r -> (r.words() + " " + r.remedy()).strip()).toList();
            return new Ranked(reading.way().name(), WaysView.address(reading.way(), having), WaysView.mark(reading.verdict()), reading.verdict().words(), figure, reasons.isEmpty() ? List.of(reading.way().card().summary()) : reasons);
        }
    }

    /** A way that goes over or under a transfer. */
    record OverOrUnder(String name, String address, String summary) {
        static OverOrUnder of(Way way) {
            return new OverOrUnder(way.name(), "/ways/" + way.key(), way.card().summary());
        }
    }

    /** A verdict's mark and its words. */
    record Mark(String mark, String words) {
    }

    /** The table, ready to draw. */
    record Matrix(List<Column> columns, List<Row> rows, double width) {
        private static final double FIRST = 12;
        /** Of all columns; likewise the narrowest and widest one. */
        private static final double ALL = 350;
        private static final double NARROWEST = 16.5;
        private static final double WIDEST = 25;
        private static final double TOP = 14;
        private static final double DOWN = 27;
        private static final int NAMES = 192;

        /** A column. */
        record Column(String words, String change, boolean chosen) {
        }

        /** A row. @param y of its name's foot @param line under it */
        record Row(String name, double y, String line, List<Cell> cells) {
        }

        /** One verdict in it. @param chosen whether it is the one asked for */
        record Cell(String change, String mark, String words, String address, boolean chosen) {
        }

        static Matrix of(Having having, boolean byPrint, WaysWork ways, List<Support> supports) {
            List<Having> asked = byPrint ? Stream.of(PrintKind.values()).map(having::with).toList() : supports.stream().map(having::with).toList();
            double across = Math.clamp(ALL / asked.size(), NARROWEST, WIDEST);
            List<Column> columns = IntStream.range(0, asked.size()).mapToObj(i -> new Column(shortened(byPrint ? asked.get(i).print().words() : asked.get(i).support().words()), "translate(%s -10) rotate(-68)".formatted(x(i, across) + 4), asked.get(i).equals(having))).toList();
            List<WaysWork.Row> table = byPrint ? ways.byPrint(having) : ways.bySupport(having, supports);
            return new Matrix(columns, IntStream.range(0, table.size()).mapToObj(i -> row(table.get(i), TOP + i * DOWN, having, asked, byPrint, across)).toList(), asked.size() * across + NAMES);
        }

        private static String shortened(String words) {
            return words.replace(" on plain paper", "").replace("page of an ", "").replace("page of a ", "").replace(", pigment black and dye colours", ", mixed").replace(" or newspaper", "");
        }

        private static double x(int column, double across) {
            return FIRST + column * across;
        }

        private static Row row(WaysWork.Row row, double y, Having having, List<Having> asked, boolean byPrint, double across) {
            return new Row(row.way().name(), y + 4, "M-118 %sH%s".formatted(y + DOWN / 2, row.cells().size() * across + 2),
                    IntStream.range(0, row.cells().size()).mapToObj(c -> cell(row, c, x(c, across), y, having, asked.get(c), byPrint)).toList());
        }

        private static Cell cell(WaysWork.Row row, int column, double x, double y, Having having, Having there, boolean byPrint) {
            CompatibilityReading reading = row.cells().get(column);
            String what = byPrint ? there.print().words() : there.support().words();
            String words = "%s, %s: %s%s".formatted(row.way().name(), what, reading.verdict().words(), reading.reasons().isEmpty() ? "" : ". " + reading.reasons().getFirst().words());
            return new Cell("translate(%s %s)".formatted(x, y), WaysView.mark(reading.verdict()), words, WaysView.address(row.way(), there), there.equals(having));
        }
    }

    static WaysView of(Having having, boolean byPrint, Order order, String sought, WaysWork ways, List<Support> supports, Say say) {
        List<Way> found = sought.isBlank() ? Catalogue.ways() : Catalogue.search(sought);
        return new WaysView(HavingForm.of(having, supports), Pick.of(Order.values(), Order::words, order), order.name(), query(having), sought,
                ways.ranked(found.stream().filter(Catalogue.transfers()::contains).toList(), having, order).stream().map(reading -> Ranked.of(reading, having, figure(order, reading, ways, having, say))).toList(),
                found.stream().filter(Catalogue.besides()::contains).map(OverOrUnder::of).toList(), byPrint ? "print" : "support", byPrint ? "support" : "print",
                Matrix.of(having, byPrint, ways, supports), Arrays.stream(Verdict.values()).map(verdict -> new Mark(mark(verdict), verdict.words())).toList(), SymptomsView.spokenOf(sought));
    }

    private static String figure(Order order, CompatibilityReading reading, WaysWork ways, Having having, Say say) {
        if (order == Order.FIT || reading.verdict() == Verdict.NO) {
            return "";
        }
        WaysWork.Weighed weighed = ways.weighed(reading.way(), having);
        return switch (order) {
            case FIT -> "";
            case FINISH -> Knot.elapsed(weighed.read().times());
            case RUBBING -> weighed.rubbing().isZero() ? "no rubbing" : Span.words(weighed.rubbing()) + " of rubbing";
            case TAKES -> Knot.takes(weighed.read(), say);
            case FIRST_TRY -> weighed.read().holds().isEmpty() ? "nothing at stake" : Knot.holds(weighed.read(), say);
        };
    }

    static String query(Having having) {
        return "print=%s&support=%s&ground=%s&wish=%s".formatted(having.print(), having.support().id(), having.ground(), having.wish());
    }

    static String address(Way way, Having having) {
        return "/ways/%s?%s".formatted(way.key(), query(having));
    }

    static String mark(Verdict verdict) {
        return Words.token(verdict);
    }
}
