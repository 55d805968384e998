package kindveil.studio.intake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import kindveil.measure.Length;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.studio.Samples;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Sheets rendered by an independent program at 600 dpi and measured. */
public class PrintPdfTest {
    private static final double DOTS_PER_MM = 600 / 25.4;
    @TempDir
    Path folder;

    /** Renders the first page with poppler's pdftoppm. */
    public static BufferedImage render(Path folder, byte[] pdf) throws IOException, InterruptedException {
        Path file = Files.write(folder.resolve("sheet.pdf"), pdf);
        Process process = new ProcessBuilder("pdftoppm", "-r", "600", "-gray", "-png", "-singlefile", file.toString(), folder.resolve("page").toString()).inheritIO().start();
        assertTrue(process.waitFor(60, TimeUnit.SECONDS));
        return ImageIO.read(folder.resolve("page.png").toFile());
    }

    private static byte[] write(PrintSheet sheet, BufferedImage image, int sheets, String note) {
        return PrintPdf.write(note, Collections.nCopies(sheets, new PrintPdf.Leaf(sheet, Map.of("", image), Map.of("", "a name"), note, "Print at 100 %, no fit-to-page.", 1, false)));
    }

    private static boolean dark(BufferedImage page, double xMm, double yMm) {
        return (page.getRGB((int) (xMm * DOTS_PER_MM), (int) (yMm * DOTS_PER_MM)) & 255) < 128;
    }

    /** First and last place along a line where it is dark, in mm. */
    private static double[] extent(int size, IntPredicate darkAt) {
        int first = IntStream.range(0, size).filter(darkAt).findFirst().orElseThrow();
        int last = IntStream.iterate(size - 1, i -> i >= 0, i -> i - 1).filter(darkAt).findFirst().orElseThrow();
        return new double[] {first / DOTS_PER_MM, (last + 1) / DOTS_PER_MM};
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void write_oneCopy_measuresRightToTwoTenths(Paper paper) throws Exception {
        PrintSheet sheet = PrintSheet.of(paper, Length.ofMillimetres(120), Length.ofMillimetres(160), 1);
        BufferedImage page = render(folder, write(sheet, Samples.corner(600, 800), 1, "Heron · 120 × 160 mm"));
        assertEquals(paper.width().millimetres(), page.getWidth() / DOTS_PER_MM, 0.1);
        assertEquals(paper.height().millimetres(), page.getHeight() / DOTS_PER_MM, 0.1);
        PrintSheet.Rect place = sheet.places().getFirst().rect();
        int row = (int) ((place.y().millimetres() + 150) * DOTS_PER_MM);
        int column = (int) ((place.x().millimetres() + 110) * DOTS_PER_MM);
        int above = (int) ((place.y().millimetres() - 0.6) * DOTS_PER_MM);
        int foot = (int) ((place.bottom().millimetres() + 0.6) * DOTS_PER_MM);
        double[] across = extent(page.getWidth(), x -> (page.getRGB(x, row) & 255) < 128);
        double[] down = extent(foot, y -> y > above && (page.getRGB(column, y) & 255) < 128);
        assertEquals(place.x().millimetres(), across[0], 0.2);
        assertEquals(place.right().millimetres(), across[1], 0.2);
        assertEquals(place.y().millimetres(), down[0], 0.2);
        assertEquals(place.bottom().millimetres(), down[1], 0.2);
    }

    @Test
    void write_checkRule_isFiftyMillimetres() throws Exception {
        PrintSheet sheet = PrintSheet.of(Paper.A4, Length.ofMillimetres(60), Length.ofMillimetres(60), 1);
        BufferedImage page = render(folder, write(sheet, Samples.corner(100, 100), 1, "x"));
        int row = (int) ((sheet.note().bottom().millimetres() - 3) * DOTS_PER_MM);
        int until = (int) ((sheet.note().x().millimetres() + 51) * DOTS_PER_MM);
        double[] rule = extent(until, x -> (page.getRGB(x, row) & 255) < 160 || (page.getRGB(x, row - 1) & 255) < 160 || (page.getRGB(x, row + 1) & 255) < 160);
        assertEquals(50, rule[1] - rule[0], 0.2);
    }

    @Test
    void write_cropMarks_standAtTheCornersAndNotInTheImage() throws Exception {
        PrintSheet sheet = PrintSheet.of(Paper.A4, Length.ofMillimetres(60), Length.ofMillimetres(60), 2);
        BufferedImage white = new BufferedImage(10, 10, BufferedImage.TYPE_INT_RGB);
        white.createGraphics().fillRect(0, 0, 10, 10);
        BufferedImage page = render(folder, write(sheet, white, 1, "x"));
        for (PrintSheet.Rect r : sheet.places().stream().map(PrintSheet.Placed::rect).toList()) {
            double x = r.x().millimetres();
            boolean mark = IntStream.range(-4, 5).anyMatch(i -> (page.getRGB((int) (x * DOTS_PER_MM) + i, (int) ((r.y().millimetres() - 2.5) * DOTS_PER_MM)) & 255) < 200);
            assertTrue(mark, "no crop mark above " + x);
            assertTrue(!dark(page, x + 30, r.y().millimetres() + 30));
        }
    }

    @Test
    void write_trimLine_liesSoFarAroundTheImage_inDashes() throws Exception {
        PrintSheet sheet = PrintSheet.of(Paper.A4, Length.ofMillimetres(60), Length.ofMillimetres(60), 1);
        BufferedImage white = new BufferedImage(10, 10, BufferedImage.TYPE_INT_RGB);
        white.createGraphics().fillRect(0, 0, 10, 10);
        PrintPdf.Leaf leaf = new PrintPdf.Leaf(sheet, Map.of("", white), Map.of(), "x", "y", 1, false, Map.of("", Length.ofMillimetres(5)));
        BufferedImage page = render(folder, PrintPdf.write("x", java.util.List.of(leaf)));
        PrintSheet.Rect r = sheet.places().getFirst().rect();
        int middle = (int) ((r.x().millimetres() - 5) * DOTS_PER_MM);
        int from = (int) ((r.y().millimetres() - 4) * DOTS_PER_MM);
        int to = (int) ((r.bottom().millimetres() + 4) * DOTS_PER_MM);
        double drawn = IntStream.range(from, to).filter(y -> IntStream.range(-3, 4).anyMatch(i -> (page.getRGB(middle + i, y) & 255) < 200)).count() / (double) (to - from);
        assertEquals(2 / 3.5, drawn, 0.05, "two of three and a half millimetres");
    }

    @Test
    void write_note_isOnEverySheetAndPrintScalingIsOff() throws Exception {
        PrintSheet sheet = PrintSheet.of(Paper.LETTER, Length.ofMillimetres(120), Length.ofMillimetres(160), 3);
        try (PDDocument document = Loader.loadPDF(write(sheet, Samples.corner(60, 80), 3, "Reiher am Steg · mirrored ☂"))) {
            assertEquals(3, document.getNumberOfPages());
            PDFTextStripper text = new PDFTextStripper();
            text.setStartPage(3);
            String words = text.getText(document);
            assertTrue(words.contains("Reiher am Steg") && words.contains("mirrored ?") && words.contains("100 %"), words);
            assertEquals("None", document.getDocumentCatalog().getViewerPreferences().getPrintScaling());
        }
    }
}
