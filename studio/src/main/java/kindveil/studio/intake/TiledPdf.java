package kindveil.studio.intake;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import kindveil.sheet.Tiles;

/** Something of a work drawn in its own size, on as many sheets as it takes: crosses to lay on crosses, and a line of 50 mm to measure. */
final class TiledPdf {
    private static final double CROSS = 4;
    private static final double THIN = 0.2;
    private static final double RULED = 0.25;
    private static final double RULE = 50;
    private static final double NOTE = 7;
    private static final double WORDS = 6.5;

    private TiledPdf() {
    }

    /** Draws the whole work; each sheet shows its part of it. */
    interface Drawn {
        void draw(PdfPen pen, Placing placing) throws IOException;
    }

    /** From the work to one of its sheets. @param wide of the work, mm @param reversed whether left is right */
    record Placing(Tiles.Part part, double wide, boolean reversed) {
        double[] at(double x, double y) {
            return new double[] {(reversed ? wide - x : x) - part.left() + Tiles.MARGIN, y - part.top() + Tiles.MARGIN};
        }
    }

    /** @param words said on each sheet, above its foot */
    static byte[] write(String title, String words, double wide, Tiles tiles, boolean reversed, Drawn drawn) {
        List<PdfPen.Page> pages = new ArrayList<>();
        for (Tiles.Part part : tiles.parts()) {
            pages.add(new PdfPen.Page(tiles.sheet().width(), tiles.sheet().height(), 1, pen -> {
                drawn.draw(pen, new Placing(part, wide, reversed));
                for (double[] cross : tiles.crosses()) {
                    cross(pen, cross[0] - part.left() + Tiles.MARGIN, cross[1] - part.top() + Tiles.MARGIN);
                }
                pen.textWithin(Tiles.MARGIN, tiles.sheet().height().millimetres() - WORDS, NOTE, tiles.sheet().width().millimetres() - 2 * Tiles.MARGIN, words);
                note(pen, "%s · sheet %d of %d, row %d column %d%s · the line is 50 mm: measure it".formatted(title, tiles.parts().indexOf(part) + 1, tiles.parts().size(), part.row() + 1, part.column() + 1,
                        tiles.parts().size() == 1 ? "" : " · lay crosses on crosses"), tiles.sheet().width().millimetres(), tiles.sheet().height().millimetres());
            }));
        }
        return PdfPen.write(title, pages);
    }

    static void cross(PdfPen pen, double x, double y) throws IOException {
        pen.line(x - CROSS, y, x + CROSS, y, THIN);
        pen.line(x, y - CROSS, x, y + CROSS, THIN);
    }

    private static void note(PdfPen pen, String words, double wide, double tall) throws IOException {
        double y = tall - 3;
        pen.line(Tiles.MARGIN, y, Tiles.MARGIN + RULE, y, RULED);
        pen.line(Tiles.MARGIN, y - 1.5, Tiles.MARGIN, y, RULED);
        pen.line(Tiles.MARGIN + RULE, y - 1.5, Tiles.MARGIN + RULE, y, RULED);
        pen.textWithin(Tiles.MARGIN + RULE + 3, y, NOTE, wide - 2 * Tiles.MARGIN - RULE - 3, words);
    }
}
