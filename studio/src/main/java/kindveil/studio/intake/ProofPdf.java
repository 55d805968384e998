package kindveil.studio.intake;

import java.io.IOException;
import java.util.List;
import kindveil.light.Lab;
import kindveil.light.Srgb;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Rect;
import kindveil.sheet.ProofStrip;

/** Proof strips as PDF at exact size, as many as the sheet has places. */
public final class ProofPdf {
    private static final double SMALL = 5;

    private ProofPdf() {
    }

    /**
     * @param sheet laid out for images of the strip's size
     * @param title whose strips they are
     * @param mirrored whether they are turned left for right
     */
    public static byte[] write(PrintSheet sheet, String title, boolean mirrored, String note, String settings) {
        List<ProofStrip.Mark> marks = ProofStrip.marks(title);
        return PdfPen.write(title, List.of(new PdfPen.Page(sheet.width(), sheet.height(), 1, pen -> {
            for (PrintSheet.Placed placed : sheet.places()) {
                pen.at(placed.rect(), mirrored, () -> {
                    for (ProofStrip.Mark mark : marks) {
                        draw(pen, mark);
                    }
                });
            }
            PrintPdf.foot(pen, sheet, note, settings);
        })));
    }

    private static void draw(PdfPen pen, ProofStrip.Mark mark) throws IOException {
        switch (mark) {
            case ProofStrip.Tone tone -> fill(pen, tone.place(), Srgb.encode(Lab.luminanceOf(tone.lightness())));
            case ProofStrip.Corner corner -> {
                fill(pen, corner.upright(), 0);
                fill(pen, corner.foot(), 0);
            }
            case ProofStrip.Pairs pairs -> {
                for (double x : pairs.lines()) {
                    pen.fill(x, pairs.place().y().millimetres(), pairs.millimetres(), pairs.place().height().millimetres(), 0);
                }
            }
            case ProofStrip.Dots dots -> {
                for (double[] middle : dots.middles()) {
                    pen.dot(middle[0], middle[1], dots.millimetres());
                }
            }
            case ProofStrip.Lettering lettering -> pen.text(lettering.x(), lettering.baseline(), lettering.points(), lettering.text());
            case ProofStrip.Words words -> pen.text(words.x(), words.baseline(), SMALL, words.text());
        }
    }

    private static void fill(PdfPen pen, Rect place, double grey) throws IOException {
        pen.fill(place.x().millimetres(), place.y().millimetres(), place.width().millimetres(), place.height().millimetres(), grey);
    }
}
