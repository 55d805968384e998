package kindveil.studio.page.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.measure.Figures;
import kindveil.reading.ColourPairs;
import kindveil.reading.ColourPairs.Kind;
import kindveil.reading.ColourPairs.Pair;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.PairsWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.shelf.Paints;
import org.jspecify.annotations.Nullable;

/**
 * Every paint on the shelf against every other, with a picture in each cell.
 *
 * @param pieces whose picture it can be
 * @param picture address of all cells in one picture, {@code wide} by {@code tall} pixels; empty where there is nothing to show
 * @param usable whether a pair can be taken for the piece
 * @param columns names over the cells, empty where they are sorted
 * @param rows of cells
 * @param pages other parts of a larger shelf
 */
record PairsView(List<Pick> pieces, String piece, int version, List<Pick> kinds, String paper, List<Pick> orders, String empty, String picture, int wide, int tall, boolean usable, String first, String second, List<String> columns, List<Row> rows, List<Page> pages, List<String> problems) implements PageView {
    /** Cells beside each other. @param name before them, or empty */
    record Row(String name, List<Cell> cells) {
    }

    /** One pair. @param frame what of the one picture it is @param value what is sent when it is taken @param strength strong, weak or empty */
    record Cell(String frame, String value, String names, String step, String drowns, String strength, String said) {
    }

    /** Twelve of a side. */
    record Page(String words, String href, boolean here) {
    }

    static PairsView nothing(String why, List<Pick> pieces, PairsController.Form form, List<String> problems) {
        return new PairsView(pieces, form.piece(), 0, kinds(form.kind()), form.paper(), orders(form.sorted()), why, "", 0, 0, false, "", "", List.of(), List.of(), List.of(), problems);
    }

    static PairsView of(Piece piece, List<Pick> pieces, List<Paints.Mine> paints, PairsWork.Seen seen, PairsController.Form form, boolean usable, Say say) {
        boolean plate = form.kind().equals(Kind.PLATE.name());
        List<Row> rows = new ArrayList<>();
        for (int row = 0; row < seen.down(); row++) {
            List<Cell> cells = new ArrayList<>();
            for (int at = row * seen.across(); at < Math.min(seen.pairs().size(), (row + 1) * seen.across()); at++) {
                cells.add(cell(seen, at, paints, plate, form.sorted(), say));
            }
            rows.add(new Row(form.sorted() ? "" : paints.get(seen.pairs().get(row * seen.across()).first()).name(), List.copyOf(cells)));
        }
        List<String> columns = form.sorted() ? List.of() : seen.pairs().subList(0, seen.across()).stream().map(pair -> paints.get(pair.second()).name()).toList();
        return new PairsView(pieces, form.piece(), piece.version(), kinds(form.kind()), form.paper(), orders(form.sorted()), "", "/shelf/pairs.png?%s&v=%d".formatted(form.query(), piece.version()), seen.across() * seen.width(), seen.down() * seen.height(),
                usable, plate ? "image paint" : "glaze", plate ? "pull paint" : "ground", columns, rows, pages(paints.size(), form, plate), List.of());
    }

    private static Cell cell(PairsWork.Seen seen, int at, List<Paints.Mine> paints, boolean plate, boolean sorted, Say say) {
        Pair pair = seen.pairs().get(at);
        Paints.Mine first = paints.get(pair.first());
        Paints.Mine second = paints.get(pair.second());
        long step = Math.round(Math.abs(pair.step()));
        boolean negative = seen.step(pair) < 0;
        String share = say.percent(pair.drowns());
        String drowns = share.equals("0 %") ? "all reads" : share.equals("100 %") ? "all drowns" : share + " drowns";
        String strength = Math.abs(pair.step()) >= ColourPairs.STRONG ? "strong" : Math.abs(pair.step()) < ColourPairs.WEAK ? "weak" : "";
        String words = step == 0 ? "no step" : "%s%d L*".formatted(negative ? "−" : "+", step);
        return new Cell("%d %d %d %d".formatted(at % seen.across() * seen.width(), at / seen.across() * seen.height(), seen.width(), seen.height()), first.id() + "," + second.id(), sorted ? "%s %s %s".formatted(first.name(), plate ? "under" : "over", second.name()) : "",
                words, drowns, strength, "%s %s %s: %s, %s L* between light and dark, %s".formatted(first.name(), plate ? "under" : "over", second.name(), negative ? "a negative" : "a positive", Figures.rounded(Math.abs(pair.step()), 0), drowns));
    }

    private static List<Page> pages(int paints, PairsController.Form form, boolean plate) {
        List<Page> pages = new ArrayList<>();
        if (paints > PairsWork.SIDE) {
            for (int row = 0; row < paints; row += PairsWork.SIDE) {
                for (int column = 0; column < paints; column += PairsWork.SIDE) {
                    pages.add(new Page("%s %d–%d, %s %d–%d".formatted(plate ? "image" : "glaze", row + 1, Math.min(paints, row + PairsWork.SIDE), plate ? "pull" : "ground", column + 1, Math.min(paints, column + PairsWork.SIDE)),
                            "/shelf/pairs?" + form.at(row, column).query(), form.row() == row && form.column() == column));
                }
            }
        }
        return pages;
    }

    private static List<Pick> kinds(String chosen) {
        return List.of(new Pick(Kind.PLATE.name(), "pulled from a plate", "", chosen.equals(Kind.PLATE.name())), new Pick(Kind.GLAZE.name(), "printed, and glazed", "", chosen.equals(Kind.GLAZE.name())));
    }

    private static List<Pick> orders(boolean sorted) {
        return IntStream.range(0, 2).mapToObj(i -> new Pick(i == 0 ? "shelf" : "reads", i == 0 ? "as the shelf stands" : "what reads best first", "", sorted == (i == 1))).toList();
    }

    static @Nullable Kind kind(String name) {
        for (Kind kind : Kind.values()) {
            if (kind.name().equals(name)) {
                return kind;
            }
        }
        return null;
    }
}
