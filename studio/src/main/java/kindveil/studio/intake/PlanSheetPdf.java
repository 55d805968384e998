package kindveil.studio.intake;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet.Rect;

/** A plan on one page for the studio wall: how it will look, what lies on what, what it takes, and its acts with their windows. */
public final class PlanSheetPdf {
    private static final double MARGIN = 13;
    private static final double PICTURE = 74;
    private static final double TALLEST = 98;
    private static final double GAP = 6;
    private static final double TOP = 31;
    private static final double SECTION = 50;
    private static final double BAND = 13;
    private static final double LEAD = 5.6;
    private static final double LEAST_LEAD = 2.2;
    /** Points of type to a millimetre of lead. */
    private static final double TYPE = 1.95;
    private static final double CLOCK = 17;
    private static final double HAIR = 0.15;
    private static final double SMALL = 7.2;
    private static final double LEAST_TYPE = 4.4;
    /** Millimetres of lead to a point of type. */
    private static final double TIGHT = 0.43;
    private static final double AFTER = 0.8;
    private static final double FINE = 0.86;

    private PlanSheetPdf() {
    }

    /** What lies in the section, the uppermost first. */
    public record Layer(String name, String detail, Colour fill) {
    }

    /** An act. @param takes of medium and paint, or empty @param waits what is waited for before it, or empty @param closes whether a window closes there */
    public record Act(String clock, String title, String takes, String waits, boolean closes) {
        private int lines() {
            return 1 + (waits.isEmpty() ? 0 : 1) + (takes.isEmpty() ? 0 : 1);
        }
    }

    /** Something under a heading. */
    public record Part(String heading, List<String> lines) {
    }

    /**
     * What stands on it.
     *
     * @param said of it in a sentence, under its title
     * @param section from the eye down
     * @param parts beside the section: what it takes, how it is printed, what to take care of
     * @param foot what comes before anything said here
     */
    public record Sheet(String title, String said, BufferedImage look, String place, List<Layer> section, List<Part> parts, List<Act> acts, String foot) {
    }

    public static byte[] write(Sheet sheet, Paper paper) {
        return PdfPen.write(sheet.title, List.of(new PdfPen.Page(paper.width(), paper.height(), 1, pen -> draw(pen, sheet, paper.width().millimetres(), paper.height().millimetres()))));
    }

    private static void draw(PdfPen pen, Sheet sheet, double wide, double tall) throws IOException {
        pen.textWithin(MARGIN, 17, 19, wide - 2 * MARGIN, sheet.title);
        pen.paragraph(MARGIN, 22.5, 8.6, wide - 2 * MARGIN, 3.8, sheet.said);
        double aspect = sheet.look.getHeight() / (double) sheet.look.getWidth();
        double w = Math.min(PICTURE, TALLEST / aspect);
        pen.image(sheet.look, new Rect(Length.ofMillimetres(MARGIN), Length.ofMillimetres(TOP), Length.ofMillimetres(w), Length.ofMillimetres(w * aspect)), false);
        double right = MARGIN + PICTURE + GAP;
        section(pen, sheet, right);
        parts(pen, sheet.parts, right + SECTION + GAP, wide - MARGIN);
        acts(pen, sheet.acts, TOP + TALLEST + 9, wide, tall - MARGIN - 4);
        pen.textWithin(MARGIN, tall - MARGIN + 2, 6.4, wide - 2 * MARGIN, sheet.foot);
    }

    private static void section(PdfPen pen, Sheet sheet, double x) throws IOException {
        pen.textWithin(x, TOP + 2.4, SMALL, SECTION, sheet.place);
        double each = Math.min(16, (TALLEST - 6) / Math.max(1, sheet.section.size()));
        double y = TOP + 5;
        for (Layer layer : sheet.section) {
            pen.fill(x, y, BAND, each, layer.fill);
            pen.line(x, y, x + BAND, y, HAIR);
            pen.textWithin(x + BAND + 2.5, y + each / 2 - (each > 7 ? 0.4 : -1), SMALL, SECTION - BAND - 2.5, layer.name);
            if (each > 7) {
                pen.textWithin(x + BAND + 2.5, y + each / 2 + 2.7, 6.2, SECTION - BAND - 2.5, layer.detail);
            }
            y += each;
        }
        pen.line(x, y, x + BAND, y, HAIR);
        pen.line(x, TOP + 5, x, y, HAIR);
        pen.line(x + BAND, TOP + 5, x + BAND, y, HAIR);
    }

    /** As large as all of it fits: of what is to be taken care of nothing is left away. */
    private static void parts(PdfPen pen, List<Part> parts, double x, double right) throws IOException {
        double size = SMALL;
        while (size > LEAST_TYPE && deep(pen, parts, size, right - x) > TALLEST) {
            size -= 0.2;
        }
        double lead = size * TIGHT;
        double y = TOP + 2.4;
        for (Part part : parts) {
            pen.textWithin(x, y, size * 1.14, right - x, part.heading);
            pen.line(x, y + 1.2, right, y + 1.2, HAIR);
            y += lead * 1.4;
            for (String line : part.lines) {
                for (String folded : pen.folded(size, right - x, line)) {
                    pen.text(x, y, size, folded);
                    y += lead;
                }
            }
            y += lead * AFTER;
        }
    }

    private static double deep(PdfPen pen, List<Part> parts, double size, double room) throws IOException {
        double lines = 0;
        for (Part part : parts) {
            lines += 1.4 + AFTER;
            for (String line : part.lines) {
                lines += pen.folded(size, room, line).size();
            }
        }
        return lines * size * TIGHT;
    }

    /** In two columns, as large as all of them fit. */
    private static void acts(PdfPen pen, List<Act> acts, double top, double wide, double foot) throws IOException {
        int lines = acts.stream().mapToInt(Act::lines).sum();
        int each = Math.ceilDiv(lines, 2) + 1;
        double lead = Math.clamp((foot - top) / each, LEAST_LEAD, LEAD);
        double type = lead * TYPE;
        double column = (wide - 2 * MARGIN - GAP) / 2;
        double x = MARGIN;
        double y = top;
        int placed = 0;
        pen.line(MARGIN, top - lead, wide - MARGIN, top - lead, HAIR);
        for (Act act : acts) {
            if (placed > 0 && placed + act.lines() > each && x == MARGIN) {
                x = MARGIN + column + GAP;
                y = top;
            }
            if (!act.waits.isEmpty()) {
                pen.dot(x + CLOCK - 2.2, y - lead * 0.28, act.closes ? 1.5 : 0.7);
                pen.textWithin(x + CLOCK, y, type * FINE, column - CLOCK, act.waits);
                y += lead;
            }
            pen.textWithin(x, y, type * FINE, CLOCK - 3.5, act.clock);
            pen.textWithin(x + CLOCK, y, type, column - CLOCK, act.title);
            y += lead;
            if (!act.takes.isEmpty()) {
                pen.textWithin(x + CLOCK, y - lead * 0.08, type * FINE, column - CLOCK, act.takes);
                y += lead;
            }
            placed += act.lines();
        }
    }
}
