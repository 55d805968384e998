package kindveil.studio.intake;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import kindveil.measure.Length;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.sheet.PrintSheet.Rect;

/** Print sheets as PDF at exact size. */
public final class PrintPdf {
    private static final double DASH = 2;
    private static final double BETWEEN_DASHES = 1.5;
    private static final double HAIRLINE = 0.25 * 25.4 / 72;
    private static final double MARK_GAP = 1;
    private static final double NOTE_SIZE = 8;
    private static final double SETTINGS_SIZE = 6.8;
    private static final double SETTINGS_LEAD = 2.7;
    private static final double NAME_SIZE = 4.6;
    private static final double NAME_BELOW = 1.8;
    private static final double CROSS = 1.8;
    private static final double NAME_ROOM = 0.7;

    private PrintPdf() {
    }

    /**
     * One sheet to print.
     *
     * @param images by what they are called on the sheet, as they are to stand on paper, mirrored already if they must be
     * @param names what stands in small type under each, likewise
     * @param note the line in the waste margin
     * @param settings how to print it, beside the rule
     * @param scale by how much it is drawn larger about its middle, so that a machine that scales comes out right
     * @param register whether crosses in the corners let it be run over itself
     * @param trims how far around each image what is laid over it reaches and is trimmed, likewise
     */
    public record Leaf(PrintSheet sheet, Map<String, BufferedImage> images, Map<String, String> names, String note, String settings, double scale, boolean register, Map<String, Length> trims) {
        public Leaf(PrintSheet sheet, Map<String, BufferedImage> images, Map<String, String> names, String note, String settings, double scale, boolean register) {
            this(sheet, images, names, note, settings, scale, register, Map.of());
        }

        public Leaf withoutImages() {
            return new Leaf(sheet, Map.of(), names, note, settings, scale, register, trims);
        }
    }

    public static byte[] write(String title, List<Leaf> leaves) {
        return PdfPen.write(title, leaves.stream().map(leaf -> new PdfPen.Page(leaf.sheet.width(), leaf.sheet.height(), leaf.scale, pen -> draw(pen, leaf))).toList());
    }

    private static void draw(PdfPen pen, Leaf leaf) throws IOException {
        for (Placed placed : leaf.sheet.places()) {
            BufferedImage image = leaf.images.get(placed.what());
            if (image != null) {
                pen.image(image, placed.rect(), placed.turned());
            }
            cropMarks(pen, placed.rect());
            Length trim = leaf.trims.get(placed.what());
            if (trim != null && trim.compareTo(Length.ZERO) > 0) {
                trimLine(pen, placed.rect(), trim.millimetres());
            }
            String name = leaf.names.get(placed.what());
            if (name != null) {
                Rect r = placed.rect();
                pen.textWithin(r.x().millimetres() + NAME_ROOM, r.bottom().millimetres() + NAME_BELOW, NAME_SIZE, r.width().millimetres() - 2 * NAME_ROOM, name + " · " + placed.copy());
            }
        }
        if (leaf.register) {
            register(pen, leaf.sheet);
        }
        foot(pen, leaf.sheet, leaf.note, leaf.settings);
    }

    private static void cropMarks(PdfPen pen, Rect r) throws IOException {
        double mark = PrintSheet.MARK.millimetres();
        double top = r.y().millimetres();
        double foot = r.bottom().millimetres();
        double left = r.x().millimetres();
        double right = r.right().millimetres();
        for (double x : new double[] {left, right}) {
            pen.line(x, top - mark, x, top - MARK_GAP, HAIRLINE);
            pen.line(x, foot + MARK_GAP, x, foot + mark, HAIRLINE);
        }
        for (double y : new double[] {top, foot}) {
            pen.line(left - mark, y, left - MARK_GAP, y, HAIRLINE);
            pen.line(right + MARK_GAP, y, right + mark, y, HAIRLINE);
        }
    }

    /** Where what is laid past the image ends, and is cut once it has dried: dashes, since it is no edge of the image. */
    private static void trimLine(PdfPen pen, Rect r, double around) throws IOException {
        double left = r.x().millimetres() - around;
        double right = r.right().millimetres() + around;
        double top = r.y().millimetres() - around;
        double foot = r.bottom().millimetres() + around;
        for (double x = left; x < right; x += DASH + BETWEEN_DASHES) {
            for (double y : new double[] {top, foot}) {
                pen.line(x, y, Math.min(right, x + DASH), y, HAIRLINE);
            }
        }
        for (double y = top; y < foot; y += DASH + BETWEEN_DASHES) {
            for (double x : new double[] {left, right}) {
                pen.line(x, y, x, Math.min(foot, y + DASH), HAIRLINE);
            }
        }
    }

    /** Crosses in the corners, and which edge goes in first. */
    private static void register(PdfPen pen, PrintSheet sheet) throws IOException {
        double in = PrintSheet.MARGIN.millimetres() + CROSS;
        double w = sheet.width().millimetres();
        double h = sheet.height().millimetres();
        for (double x : new double[] {in, w - in}) {
            for (double y : new double[] {in, h - in}) {
                pen.line(x - CROSS, y, x + CROSS, y, HAIRLINE);
                pen.line(x, y - CROSS, x, y + CROSS, HAIRLINE);
            }
        }
        pen.text(w / 2 - 12, PrintSheet.MARGIN.millimetres() + 2, NAME_SIZE, "this edge in first, every time");
    }

    /** The note, a rule with a tick each 10 mm to lay a ruler on, 50 mm from outer edge to outer edge of its end ticks, and the settings beside it. */
    static void foot(PdfPen pen, PrintSheet sheet, String note, String settings) throws IOException {
        double x = sheet.note().x().millimetres();
        double y = sheet.note().bottom().millimetres() - 3;
        double fifty = PrintSheet.CHECK_RULE.millimetres();
        double thick = PrintSheet.RULE_LINE.millimetres();
        pen.line(x, y, x + fifty, y, thick);
        for (int i = 0; i <= 5; i++) {
            double inwards = i == 0 ? thick / 2 : i == 5 ? -thick / 2 : 0;
            double at = x + fifty * i / 5 + inwards;
            pen.line(at, y - (i % 5 == 0 ? PrintSheet.END_TICK.millimetres() : 1.5), at, y, thick);
        }
        double room = sheet.note().width().millimetres();
        pen.textWithin(x, sheet.note().y().millimetres() + 4.5, NOTE_SIZE, room, note);
        pen.paragraph(x + fifty + 3, sheet.note().y().millimetres() + 8, SETTINGS_SIZE, room - fifty - 3, SETTINGS_LEAD, "50 mm: measure it. " + settings);
    }
}
