package kindveil.studio.page.book;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.finish.BookReading;
import kindveil.finish.BookReading.Between;
import kindveil.finish.BookReading.Leaf;
import kindveil.finish.BookReading.Opening;
import kindveil.measure.Length;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.book.BookWork.Read;
import kindveil.studio.work.piece.Piece;
import org.jspecify.annotations.Nullable;

/**
 * One book, seen from its foot as it would lie closed, and what its pages need.
 *
 * @param thick how thick it is, in a sentence
 * @param strained whether its spine does not bear that
 * @param closes from when on it may be closed, in a sentence
 * @param leaves each a line from the spine to the fore edge
 * @param papers release paper, likewise
 */
record BookView(UUID id, int version, BooksView.Form form, String thick, boolean strained, String closes, List<Facing> openings, List<On> on, List<Line> leaves, List<String> papers, String spine, List<Choice> choices, List<String> problems) implements PageView {
    private static final double FORE_EDGE = 560;
    private static final double SPINE_AT = 30;
    private static final double FOOT = 210;
    private static final double TALLEST = 190;
    private static final double MICRO = 1000;
    private static final double LEAST_HALF = 0.9;

    /** Two facing pages. */
    record Facing(String pages, String what, String needs, boolean never, String when, String fold) {
    }

    /** A piece on its page. */
    record On(int page, String pages, String title, String href, String thick, String cockles) {
    }

    /** One leaf: a line, or its outline where something lies on it. @param title said of it; empty where nothing does */
    record Line(String path, String title) {
    }

    /** A piece to be laid in. */
    record Choice(UUID id, String title) {
    }

    static BookView of(Read read, List<Piece> pieces, BooksView.@Nullable Form typed, List<String> problems, Say say) {
        BookReading reading = read.reading();
        Map<Integer, Leaf> leaves = new HashMap<>();
        reading.leaves().forEach(leaf -> leaves.put(leaf.number(), leaf));
        double perMillimetre = TALLEST / Math.max(reading.closed(), reading.book().spine());
        String thick = "%s closed, %s of it paper; its spine is %s wide.".formatted(say.one(Length.ofMillimetres(reading.closed())), say.one(Length.ofMillimetres(reading.bare())), say.one(Length.ofMillimetres(reading.book().spine())));
        String gapes = reading.strained() ? " It gapes by %s: take leaves out, or spread what is thick over more of it.".formatted(say.one(Length.ofMillimetres(reading.gapes()))) : reading.gapes() > 0 ? " The spine gives that much." : "";
        return new BookView(read.book().id(), read.book().version(), typed == null ? BooksView.Form.of(read.book(), say) : typed, thick + gapes, reading.strained(), closes(read, say),
                reading.openings().stream().map(opening -> facing(opening, read, say)).toList(),
                read.on().entrySet().stream().filter(each -> each.getKey() % 2 == 0 || !each.getValue().equals(read.on().get(each.getKey() - 1))).map(each -> on(each.getKey(), each.getValue().equals(read.on().get(each.getKey() + 1)) && each.getKey() % 2 == 0, each.getValue(), leaves.get((each.getKey() + 1) / 2), say)).toList(),
                lines(reading, leaves, perMillimetre, say), papers(reading, leaves, perMillimetre),
                "M%.1f %.1fV%.1f".formatted(SPINE_AT, FOOT, FOOT - perMillimetre * reading.book().spine()),
                pieces.stream().filter(piece -> !read.on().containsValue(piece)).map(piece -> new Choice(piece.id(), piece.title())).toList(), problems);
    }

    private static String closes(Read read, Say say) {
        if (read.on().isEmpty()) {
            return "Nothing lies in it yet.";
        }
        Duration from = read.reading().closes();
        if (from == null) {
            return "It may not be closed as it is: look below.";
        }
        String when = say.day(read.zero().plus(from));
        return when.equals("now") ? "It may be closed now, with what stands below between its pages." : "It must lie open until %s; then closed with what stands below between its pages.".formatted(when);
    }

    private static Facing facing(Opening opening, Read read, Say say) {
        String pages = opening.left() == 0 ? "cover and 1" : "%d and %d".formatted(opening.left(), opening.left() + 1);
        String what = opening.across() ? opening.onLeft() + ", across both" : "%s · %s".formatted(opening.onLeft() == null ? "bare" : opening.onLeft(), opening.onRight() == null ? "bare" : opening.onRight());
        String until = opening.between() == Between.UNTIL_CURED && opening.cured() != null ? ", that is until " + say.day(read.zero().plus(opening.cured())) : "";
        String when = opening.from() == null ? "" : "closed from " + say.day(read.zero().plus(opening.from()));
        return new Facing(pages, what, "%s%s. %s".formatted(kindveil.measure.Words.capital(opening.between().words()), until, say.it(opening.why())), opening.from() == null, when, say.it(opening.fold()));
    }

    private static On on(int page, boolean across, Piece piece, Leaf leaf, Say say) {
        return new On(page, across ? "%d–%d".formatted(page, page + 1) : String.valueOf(page), piece.title(), "/pieces/%s/finish".formatted(piece.id()), "%s mm on its leaf".formatted(kindveil.measure.Figures.rounded(leaf.micrometres() / MICRO, 2)), leaf.cockles());
    }

    /** Leaves leave the spine evenly, and lie at the fore edge as thick as they are. */
    private static List<Line> lines(BookReading reading, Map<Integer, Leaf> leaves, double perMillimetre, Say say) {
        List<Line> lines = new ArrayList<>();
        double paper = reading.bare() / reading.book().leaves();
        double up = 0;
        for (int number = 1; number <= reading.book().leaves(); number++) {
            Leaf leaf = leaves.get(number);
            double own = leaf == null ? 0 : leaf.micrometres() / MICRO;
            double middle = FOOT - perMillimetre * (up + (paper + own) / 2);
            double spine = FOOT - perMillimetre * reading.book().spine() * (number - 0.5) / reading.book().leaves();
            double half = Math.max(LEAST_HALF, perMillimetre * (paper + own) / 2);
            double sewn = Math.min(half, perMillimetre * reading.book().spine() / reading.book().leaves() / 2);
            lines.add(leaf == null ? new Line("M%.1f %.1fL%.1f %.1f".formatted(SPINE_AT, spine, FORE_EDGE, middle), "")
                    : new Line("M%.1f %.1fL%.1f %.1fV%.1fL%.1f %.1fZ".formatted(SPINE_AT, spine - sewn, FORE_EDGE, middle - half, middle + half, SPINE_AT, spine + sewn), "leaf %d, pages %d and %d".formatted(number, 2 * number - 1, 2 * number)));
            up += paper + own;
        }
        return lines;
    }

    private static List<String> papers(BookReading reading, Map<Integer, Leaf> leaves, double perMillimetre) {
        List<String> papers = new ArrayList<>();
        double paper = reading.bare() / reading.book().leaves();
        for (Opening opening : reading.openings()) {
            if (opening.between() == Between.ALWAYS || opening.between() == Between.UNTIL_CURED) {
                int below = opening.left() / 2;
                double up = below * paper + leaves.values().stream().filter(leaf -> leaf.number() <= below).mapToDouble(leaf -> leaf.micrometres() / MICRO).sum();
                papers.add("M%.1f %.1fL%.1f %.1f".formatted(SPINE_AT, FOOT - perMillimetre * reading.book().spine() * below / reading.book().leaves(), FORE_EDGE + 18, FOOT - perMillimetre * up));
            }
        }
        return papers;
    }
}
