package kindveil.studio.page.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Lay;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Tracing sheets, their lines read back in millimetres. */
@ExtendWith(OpenStudio.class)
class TracingTest {
    private final PieceWork pieces;
    private final Web web;

    TracingTest(Studio studio) {
        this.pieces = studio.bean(PieceWork.class);
        this.web = new Web(studio.address());
    }

    /** A piece of 100 mm at 30, 40 on a page. */
    private Piece piece(double wide, double tall) {
        Piece begun = pieces.begin("Long jetty", Length.ofMillimetres(100), "jetty.png", Samples.cornerPng());
        return pieces.change(begun.with(begun.basis().sized(new Page(Length.ofMillimetres(wide), Length.ofMillimetres(tall)))).with(begun.veil().at(Length.ofMillimetres(30), Length.ofMillimetres(40))));
    }

    /** Every place a line goes to, mm from the top left of its sheet. */
    private static final class Lines extends PDFGraphicsStreamEngine {
        private final double height;
        private final List<double[]> points = new ArrayList<>();

        Lines(PDPage page) {
            super(page);
            height = page.getMediaBox().getHeight();
        }

        private void at(float x, float y) {
            points.add(new double[] {x * 25.4 / 72, (height - y) * 25.4 / 72});
        }

        boolean holds(double x, double y) {
            return points.stream().anyMatch(p -> Math.hypot(p[0] - x, p[1] - y) < 0.05);
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
            // none is drawn
        }

        @Override
        public void drawImage(PDImage image) {
            // none is drawn
        }

        @Override
        public void clip(int rule) {
            // none is
        }

        @Override
        public void moveTo(float x, float y) {
            at(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            at(x, y);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            at(x3, y3);
        }

        @Override
        public Point2D getCurrentPoint() {
            return new Point2D.Float();
        }

        @Override
        public void closePath() {
            // it ends where it began
        }

        @Override
        public void endPath() {
            // drawn or not, it was met
        }

        @Override
        public void strokePath() {
            // met already
        }

        @Override
        public void fillPath(int rule) {
            // met already
        }

        @Override
        public void fillAndStrokePath(int rule) {
            // met already
        }

        @Override
        public void shadingFill(COSName name) {
            // none is
        }
    }

    private List<Lines> read(Piece piece, String query) throws IOException {
        try (PDDocument document = Loader.loadPDF(web.bytes("/pieces/" + piece.id() + "/tracing.pdf" + query))) {
            List<Lines> all = new ArrayList<>();
            for (PDPage page : document.getPages()) {
                Lines lines = new Lines(page);
                lines.processPage(page);
                all.add(lines);
            }
            return all;
        }
    }

    @Test
    void anImage_liesInItsPlaceOnThePage_reversedOnTheOtherSide() throws IOException {
        Piece piece = piece(180, 250);
        List<Lines> sheets = read(piece, "");
        assertEquals(1, sheets.size());
        double tall = pieces.plan(piece).brief().height().millimetres();
        for (double[] corner : new double[][] {{30, 40}, {130, 40}, {130, 40 + tall}, {30, 40 + tall}, {0, 0}, {180, 250}}) {
            assertTrue(sheets.getFirst().holds(corner[0] + 8, corner[1] + 8), corner[0] + ", " + corner[1]);
        }
        // the square of the sample, a tenth in and a quarter wide, is traced where it lies
        assertTrue(sheets.getFirst().points.stream().anyMatch(p -> Math.abs(p[0] - 8 - 30 - 10) < 0.8 && Math.abs(p[1] - 8 - 40 - 20) < 10), "its left edge");
        Lines reversed = read(piece, "?reversed=true").getFirst();
        assertTrue(reversed.holds(150 + 8, 48) && reversed.holds(50 + 8, 48));
        assertFalse(reversed.holds(30 + 8, 48));
        pieces.remove(piece.id(), piece.title());
    }

    /** Turned by a quarter about its middle: 100 mm wide, it is as high as it was wide. */
    @Test
    void turned_itIsTracedTurned_withRegisterMarks_andTheJigHasItsPlace() throws IOException {
        Piece piece = piece(180, 250);
        piece = pieces.change(piece.with(piece.design().with(new Lay(90, null))));
        double tall = pieces.plan(piece).brief().height().millimetres();
        double x = 30 + 50;
        double y = 40 + tall / 2;
        Lines lines = read(piece, "").getFirst();
        for (double[] corner : new double[][] {{x - tall / 2, y - 50}, {x + tall / 2, y - 50}, {x + tall / 2, y + 50}, {x - tall / 2, y + 50}}) {
            assertTrue(lines.holds(corner[0] + 8, corner[1] + 8), corner[0] + ", " + corner[1]);
        }
        assertFalse(lines.holds(30 + 8, 40 + 8));
        assertTrue(lines.holds(x + 8, y - 50 - 3 + 8) && lines.holds(x + 8, y - 50 + 3 + 8), "a register mark over the middle of a side");
        try (PDDocument document = Loader.loadPDF(web.bytes("/pieces/" + piece.id() + "/jig.pdf"))) {
            Lines jig = new Lines(document.getPage(0));
            jig.processPage(document.getPage(0));
            assertTrue(jig.holds(x - tall / 2 + 8, y - 50 + 8) && jig.holds(8, 8) && jig.holds(180 + 8, 250 + 8));
            assertTrue(new PDFTextStripper().getText(document).contains("into its stops"));
        }
        pieces.remove(piece.id(), piece.title());
    }

    /** Where the page is laid face down on what brings the image, the jig is reversed. */
    @Test
    void onAPlate_theJigIsReversed() throws IOException {
        Piece piece = piece(180, 250);
        piece = pieces.change(piece.doing(Catalogue.way("plate-pull")));
        double tall = pieces.plan(piece).brief().height().millimetres();
        try (PDDocument document = Loader.loadPDF(web.bytes("/pieces/" + piece.id() + "/jig.pdf"))) {
            Lines jig = new Lines(document.getPage(0));
            jig.processPage(document.getPage(0));
            assertTrue(jig.holds(180 - 30 + 8, 40 + 8) && jig.holds(180 - 130 + 8, 40 + tall + 8));
            assertTrue(new PDFTextStripper().getText(document).contains("the page face down"));
        }
        assertTrue(web.get("/pieces/" + piece.id() + "/arrange").words().contains("face down on the gel plate: take the tracing reversed"));
        pieces.remove(piece.id(), piece.title());
    }

    @Test
    void aLargePage_isTiled_andEachSheetGoesOnWhereTheOtherEnds() throws IOException {
        Piece piece = piece(300, 400);
        List<Lines> sheets = read(piece, "");
        assertEquals(4, sheets.size());
        assertTrue(sheets.get(0).holds(8, 8), "the page's upper left on the first");
        double step = 210 - 16 - 12;
        assertTrue(sheets.get(1).holds(300 - step + 8, 8), "its upper right on the second");
        assertTrue(web.get("/pieces/" + piece.id() + "/make").text().contains("/tracing.pdf"));
        pieces.remove(piece.id(), piece.title());
    }
}
