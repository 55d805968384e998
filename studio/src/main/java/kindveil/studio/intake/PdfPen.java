package kindveil.studio.intake;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import kindveil.light.Colour;
import kindveil.light.Srgb;
import kindveil.measure.Length;
import kindveil.sheet.PrintSheet.Rect;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.util.Matrix;

/** Draws pages of a PDF in millimetres from the top left; 1 pt = 1/72 in, and readers are told to scale nothing. */
final class PdfPen {
    private static final double POINTS_PER_MILLIMETRE = 72 / 25.4;
    private static final double CURVE = 0.5522847498;
    private final PDDocument document;
    private final PDFont font = new PDType1Font(FontName.HELVETICA);
    private final Map<BufferedImage, PDImageXObject> images = new IdentityHashMap<>();
    private PDPageContentStream content;
    private double height;

    private PdfPen(PDDocument document) {
        this.document = document;
    }

    /** What draws on one page. */
    @FunctionalInterface
    interface Drawing {
        void on(PdfPen pen) throws IOException;
    }

    /**
     * A page.
     *
     * @param scale by how much it is drawn larger, about its middle
     */
    record Page(Length width, Length height, double scale, Drawing drawing) {
    }

    static byte[] write(String title, List<Page> pages) {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            PDViewerPreferences preferences = new PDViewerPreferences(document.getDocumentCatalog().getCOSObject());
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            PdfPen pen = new PdfPen(document);
            for (Page page : pages) {
                pen.page(page);
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: a page could not be written.", impossible);
        }
    }

    private void page(Page drawn) throws IOException {
        PDPage page = new PDPage(new PDRectangle(points(drawn.width.millimetres()), points(drawn.height.millimetres())));
        document.addPage(page);
        height = drawn.height.millimetres();
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            content = stream;
            if (drawn.scale != 1) {
                float s = (float) drawn.scale;
                stream.transform(new Matrix(s, 0, 0, s, points(drawn.width.millimetres() * (1 - s) / 2), points(height * (1 - s) / 2)));
            }
            drawn.drawing.on(this);
        }
    }

    /** Something drawn in millimetres from the top left of a place. */
    @FunctionalInterface
    interface Part {
        void draw() throws IOException;
    }

    /** Draws from a place's top left; mirrored, left for right within the place. */
    void at(Rect place, boolean mirrored, Part part) throws IOException {
        content.saveGraphicsState();
        double x = place.x().millimetres();
        content.transform(mirrored ? new Matrix(-1, 0, 0, 1, points(x + place.width().millimetres()), -points(place.y().millimetres()))
                : new Matrix(1, 0, 0, 1, points(x), -points(place.y().millimetres())));
        part.draw();
        content.restoreGraphicsState();
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS_PER_MILLIMETRE);
    }

    private float up(double fromTop) {
        return points(height - fromTop);
    }

    /** Fills the place, a quarter turned clockwise if it is. */
    void image(BufferedImage image, Rect place, boolean turned) throws IOException {
        PDImageXObject picture = images.get(image);
        if (picture == null) {
            picture = packed(image);
            // a reader must not smooth the outermost pixels away
            picture.getCOSObject().setBoolean(COSName.INTERPOLATE, false);
            images.put(image, picture);
        }
        float x = points(place.x().millimetres());
        float y = up(place.bottom().millimetres());
        float w = points(place.width().millimetres());
        float h = points(place.height().millimetres());
        if (turned) {
            content.drawImage(picture, new Matrix(0, -h, w, 0, x, y + h));
        } else {
            content.drawImage(picture, x, y, w, h);
        }
    }

    /** Its own bytes, deflated (ISO 32000-1, 7.4.4), where they lie as a PDF wants them. */
    private PDImageXObject packed(BufferedImage image) throws IOException {
        int bits = image.getType() == BufferedImage.TYPE_BYTE_BINARY ? 1 : image.getType() == BufferedImage.TYPE_BYTE_GRAY ? 8 : 0;
        if (bits == 0) {
            return LosslessFactory.createFromImage(document, image);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(out, new Deflater(bits == 1 ? Deflater.DEFAULT_COMPRESSION : Deflater.BEST_SPEED), 1 << 16)) {
            deflated.write(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
        }
        return new PDImageXObject(document, new ByteArrayInputStream(out.toByteArray()), COSName.FLATE_DECODE, image.getWidth(), image.getHeight(), bits, PDDeviceGray.INSTANCE);
    }

    void line(double x1, double y1, double x2, double y2, double millimetres) throws IOException {
        content.setLineWidth(points(millimetres));
        content.moveTo(points(x1), up(y1));
        content.lineTo(points(x2), up(y2));
        content.stroke();
    }

    /** What lines are drawn in from now on. */
    void ink(Colour colour) throws IOException {
        content.setStrokingColor((float) Srgb.encode(colour.red()), (float) Srgb.encode(colour.green()), (float) Srgb.encode(colour.blue()));
    }

    /** A closed line through points. */
    void ring(List<double[]> points, double millimetres) throws IOException {
        content.setLineWidth(points(millimetres));
        content.moveTo(points(points.getFirst()[0]), up(points.getFirst()[1]));
        for (double[] point : points.subList(1, points.size())) {
            content.lineTo(points(point[0]), up(point[1]));
        }
        content.closeAndStroke();
    }

    /** Fills a rectangle with a grey of that encoded value, 0 (black) to 1. */
    void fill(double x, double y, double w, double h, double grey) throws IOException {
        content.setNonStrokingColor((float) grey);
        fill(x, y, w, h);
    }

    /** Fills a rectangle with a colour. */
    void fill(double x, double y, double w, double h, Colour colour) throws IOException {
        content.setNonStrokingColor((float) Srgb.encode(colour.red()), (float) Srgb.encode(colour.green()), (float) Srgb.encode(colour.blue()));
        fill(x, y, w, h);
    }

    /** In what was set; black is set again after it. */
    private void fill(double x, double y, double w, double h) throws IOException {
        content.addRect(points(x), up(y + h), points(w), points(h));
        content.fill();
        content.setNonStrokingColor(0f);
    }

    /** A round black dot about a middle. */
    void dot(double x, double y, double diameter) throws IOException {
        float cx = points(x);
        float cy = up(y);
        float r = points(diameter / 2);
        float k = (float) (r * CURVE);
        content.moveTo(cx + r, cy);
        content.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
        content.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
        content.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
        content.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
        content.fill();
    }

    void text(double x, double baseline, double size, String words) throws IOException {
        content.beginText();
        content.setFont(font, (float) size);
        content.newLineAtOffset(points(x), up(baseline));
        content.showText(printable(words));
        content.endText();
    }

    /** As much of it as fits into that many millimetres. */
    void textWithin(double x, double baseline, double size, double room, String words) throws IOException {
        String printed = printable(words);
        while (!printed.isEmpty() && width(size, printed) > room) {
            printed = printed.substring(0, printed.length() - 1).stripTrailing();
        }
        text(x, baseline, size, printed);
    }

    /** In lines that fit, from the first baseline down. */
    void paragraph(double x, double baseline, double size, double room, double lead, String words) throws IOException {
        double at = baseline;
        for (String line : folded(size, room, words)) {
            text(x, at, size, line);
            at += lead;
        }
    }

    /** The lines it takes within that many millimetres. */
    List<String> folded(double size, double room, String words) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : printable(words).split(" ")) {
            if (!line.isEmpty() && width(size, line + " " + word) > room) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    private double width(double size, String words) throws IOException {
        return font.getStringWidth(words) / 1000 * size / POINTS_PER_MILLIMETRE;
    }

    /** Signs the standard font does not have become a question mark. */
    private String printable(String words) {
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
