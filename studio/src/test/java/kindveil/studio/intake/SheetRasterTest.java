package kindveil.studio.intake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.png.PngDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.sheet.Packing;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.sheet.PrintSheet.Rect;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The same sheet as PDF, PNG and TIFF, measured. */
class SheetRasterTest {
    private static final int DOTS = 600;
    @TempDir
    Path folder;

    /** Two images, black but for a white quarter at the top left, one of them so long that it must be turned. */
    private static PrintPdf.Leaf leaf(double scale) {
        List<PrintSheet> sheets = Packing.of(Paper.A4.size(), List.of(new Packing.Wanted("rope", Length.ofMillimetres(180), Length.ofMillimetres(60), 1),
                new Packing.Wanted("heron", Length.ofMillimetres(230), Length.ofMillimetres(50), 1)));
        assertEquals(1, sheets.size());
        BufferedImage bits = Rasters.bits(Plane.compute(400, 200, (x, y) -> x < 100 && y < 50 ? 1 : 0));
        return new PrintPdf.Leaf(sheets.getFirst(), Map.of("rope", bits, "heron", bits), Map.of("rope", "Rope", "heron", "Heron"), "Sheet 1 of 1", "Print at 100 %.", scale, true);
    }

    private static boolean dark(BufferedImage page, double x, double y) {
        return page.getRaster().getSample((int) (x / 25.4 * DOTS), (int) (y / 25.4 * DOTS), 0) < (page.getRaster().getSampleModel().getSampleSize(0) == 1 ? 1 : 128);
    }

    /** First and last dark place across the middle of an image, and down it, mm. */
    private static double[] extent(BufferedImage page, Rect r, double scale) {
        double cx = page.getWidth() * 25.4 / DOTS / 2;
        double cy = page.getHeight() * 25.4 / DOTS / 2;
        double x = cx + (r.x().millimetres() + r.width().millimetres() * 0.6 - cx) * scale;
        double y = cy + (r.y().millimetres() + r.height().millimetres() * 0.6 - cy) * scale;
        double step = 25.4 / DOTS;
        return new double[] {last(page, x, y, -step, 0), last(page, x, y, step, 0), last(page, x, y, 0, -step), last(page, x, y, 0, step)};
    }

    private static double last(BufferedImage page, double x, double y, double dx, double dy) {
        double ax = x;
        double ay = y;
        while (dark(page, ax + dx, ay + dy)) {
            ax += dx;
            ay += dy;
        }
        return dx != 0 ? ax : ay;
    }

    private static void requirePlaces(BufferedImage page, PrintPdf.Leaf leaf) {
        double cx = leaf.sheet().width().millimetres() / 2;
        double cy = leaf.sheet().height().millimetres() / 2;
        assertTrue(leaf.sheet().places().stream().anyMatch(Placed::turned) || leaf.sheet().turned());
        for (Placed placed : leaf.sheet().places()) {
            Rect r = placed.rect();
            double[] found = extent(page, r, leaf.scale());
            assertEquals(cx + (r.x().millimetres() - cx) * leaf.scale(), found[0], 0.2, placed.what());
            assertEquals(cx + (r.right().millimetres() - cx) * leaf.scale(), found[1], 0.2, placed.what());
            assertEquals(cy + (r.y().millimetres() - cy) * leaf.scale(), found[2], 0.2, placed.what());
            assertEquals(cy + (r.bottom().millimetres() - cy) * leaf.scale(), found[3], 0.2, placed.what());
            // the white quarter lies at the top left, or, turned clockwise, at the top right
            double w = r.width().millimetres();
            double h = r.height().millimetres();
            double px = r.x().millimetres() + w * (placed.turned() ? 0.9 : 0.1);
            double py = r.y().millimetres() + h * 0.1;
            assertTrue(!dark(page, cx + (px - cx) * leaf.scale(), cy + (py - cy) * leaf.scale()), placed.toString());
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 1.031, 0.97})
    void draw_placesImagesAsThePdfDoes(double scale) throws Exception {
        PrintPdf.Leaf leaf = leaf(scale);
        requirePlaces(SheetRaster.draw(leaf, DOTS), leaf);
        requirePlaces(PrintPdfTest.render(folder, PrintPdf.write("x", List.of(leaf))), leaf);
    }

    @Test
    void draw_onlyBlackAndWhite_isABitAPixel() {
        assertEquals(BufferedImage.TYPE_BYTE_BINARY, SheetRaster.draw(leaf(1), 300).getType());
    }

    @Test
    void png_saysItsDensity() throws Exception {
        byte[] png = SheetRaster.png(SheetRaster.draw(leaf(1), 300), 300);
        Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(png));
        int perMetre = metadata.getDirectoriesOfType(PngDirectory.class).stream().filter(d -> d.containsTag(PngDirectory.TAG_PIXELS_PER_UNIT_X)).findFirst().orElseThrow().getInteger(PngDirectory.TAG_PIXELS_PER_UNIT_X);
        assertEquals(300 / 0.0254, perMetre, 1);
    }

    @Test
    void tiff_saysItsDensityAndReadsBackTheSame() throws Exception {
        BufferedImage page = SheetRaster.draw(leaf(1), 300);
        byte[] tiff = SheetRaster.tiff(page, 300);
        ExifIFD0Directory tags = ImageMetadataReader.readMetadata(new ByteArrayInputStream(tiff)).getFirstDirectoryOfType(ExifIFD0Directory.class);
        assertEquals(300, tags.getRational(ExifIFD0Directory.TAG_X_RESOLUTION).doubleValue());
        assertEquals(300, tags.getRational(ExifIFD0Directory.TAG_Y_RESOLUTION).doubleValue());
        assertEquals(2, tags.getInteger(ExifIFD0Directory.TAG_RESOLUTION_UNIT));
        BufferedImage back = ImageIO.read(new ByteArrayInputStream(tiff));
        assertEquals(page.getWidth(), back.getWidth());
        assertEquals(0, IntStream.range(0, page.getHeight()).filter(y -> back.getRGB(y % page.getWidth(), y) != page.getRGB(y % page.getWidth(), y)).count());
    }
}
