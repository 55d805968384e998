package kindveil.studio.intake;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import kindveil.measure.Length;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Rect;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** A print sheet as PDF at exact size: 1 pt = 1/72 in, nothing scaled. */
public final class PrintPdf {
    private static final float HAIRLINE = 0.25f;
    private static final Length HALF_TICK = Length.ofInches(HAIRLINE / 72);
    private static final float TEXT_SIZE = 8;
    private static final Length MARK_GAP = Length.ofMillimetres(1);

    private PrintPdf() {
    }

    /**
     * @param image as it is to stand on paper, mirrored already if it must be
     * @param sheets how many sheets, all alike
     * @param note the line in the waste margin
     */
    public static byte[] write(PrintSheet sheet, BufferedImage image, int sheets, String note) {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(note);
            PDViewerPreferences preferences = new PDViewerPreferences(document.getDocumentCatalog().getCOSObject());
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            PDImageXObject picture = LosslessFactory.createFromImage(document, image);
            // a reader must not smooth the outermost pixels away
            picture.getCOSObject().setBoolean(COSName.INTERPOLATE, false);
            for (int i = 0; i < sheets; i++) {
                page(document, sheet, picture, note);
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: a sheet could not be written.", impossible);
        }
    }

    private static void page(PDDocument document, PrintSheet sheet, PDImageXObject picture, String note) throws IOException {
        PDPage page = new PDPage(new PDRectangle(points(sheet.width()), points(sheet.height())));
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            for (Rect place : sheet.places()) {
                content.drawImage(picture, points(place.x()), fromFoot(sheet, place.bottom()), points(place.width()), points(place.height()));
                cropMarks(content, sheet, place);
            }
            rule(content, sheet);
            text(content, sheet, note);
        }
    }

    private static float points(Length length) {
        return (float) (length.inches() * 72);
    }

    private static float fromFoot(PrintSheet sheet, Length fromTop) {
        return points(sheet.height().minus(fromTop));
    }

    private static void cropMarks(PDPageContentStream content, PrintSheet sheet, Rect r) throws IOException {
        content.setLineWidth(HAIRLINE);
        for (Length x : new Length[] {r.x(), r.right()}) {
            line(content, sheet, x, r.y().minus(PrintSheet.MARK), x, r.y().minus(MARK_GAP));
            line(content, sheet, x, r.bottom().plus(MARK_GAP), x, r.bottom().plus(PrintSheet.MARK));
        }
        for (Length y : new Length[] {r.y(), r.bottom()}) {
            line(content, sheet, r.x().minus(PrintSheet.MARK), y, r.x().minus(MARK_GAP), y);
            line(content, sheet, r.right().plus(MARK_GAP), y, r.right().plus(PrintSheet.MARK), y);
        }
    }

    /** A rule with a tick each 10 mm, to lay a ruler on: 50 mm from outer edge to outer edge of its end ticks. */
    private static void rule(PDPageContentStream content, PrintSheet sheet) throws IOException {
        content.setLineWidth(2 * HAIRLINE);
        Length x = sheet.note().x();
        Length y = sheet.note().bottom().minus(Length.ofMillimetres(3));
        line(content, sheet, x, y, x.plus(PrintSheet.CHECK_RULE), y);
        for (int i = 0; i <= 5; i++) {
            Length inwards = i == 0 ? HALF_TICK : i == 5 ? Length.ZERO.minus(HALF_TICK) : Length.ZERO;
            Length at = x.plus(PrintSheet.CHECK_RULE.times(i / 5.0)).plus(inwards);
            line(content, sheet, at, y.minus(Length.ofMillimetres(i % 5 == 0 ? 2.5 : 1.5)), at, y);
        }
    }

    private static void line(PDPageContentStream content, PrintSheet sheet, Length x1, Length y1, Length x2, Length y2) throws IOException {
        content.moveTo(points(x1), fromFoot(sheet, y1));
        content.lineTo(points(x2), fromFoot(sheet, y2));
        content.stroke();
    }

    private static void text(PDPageContentStream content, PrintSheet sheet, String note) throws IOException {
        PDFont font = new PDType1Font(FontName.HELVETICA);
        Length x = sheet.note().x();
        write(content, font, points(x), fromFoot(sheet, sheet.note().y().plus(Length.ofMillimetres(5))), printable(font, note));
        write(content, font, points(x.plus(PrintSheet.CHECK_RULE)) + 6, fromFoot(sheet, sheet.note().bottom().minus(Length.ofMillimetres(3))),
                "50 mm: measure it. Print at 100 %, no fit-to-page, mirror OFF in the dialogue.");
    }

    private static void write(PDPageContentStream content, PDFont font, float x, float y, String words) throws IOException {
        content.beginText();
        content.setFont(font, TEXT_SIZE);
        content.newLineAtOffset(x, y);
        content.showText(words);
        content.endText();
    }

    /** Signs the standard font does not have become a question mark. */
    private static String printable(PDFont font, String words) {
        StringBuilder out = new StringBuilder();
        words.codePoints().forEach(c -> {
            String sign = Character.toString(c);
            try {
                font.encode(sign);
                out.append(sign);
            } catch (IllegalArgumentException | IOException missing) {
                out.append('?');
            }
        });
        return out.toString();
    }
}
