package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Way;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Blocks of a piece, their cut files and editions. */
@ExtendWith(OpenStudio.class)
class BlockPageTest {
    private final PieceWork pieces;
    private final Web web;

    BlockPageTest(Studio studio, PieceWork pieces) {
        this.pieces = pieces;
        this.web = new Web(studio.address());
    }

    private Piece piece(String way) {
        Piece piece = pieces.begin("Rowlock", Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        return pieces.change(piece.doing(Catalogue.way(way)));
    }

    /** Only ways that print from a block or carve one have one, and all of those. */
    @Test
    void everyWay_thatHasABlock_offersIt_andNoOther() {
        List<String> with = new ArrayList<>();
        for (Way way : Catalogue.ways().stream().filter(way -> way.card().bringsPicture()).toList()) {
            Piece piece = piece(way.key());
            int status = web.get("/pieces/" + piece.id() + "/print/block").status();
            boolean linked = web.get("/pieces/" + piece.id() + "/print").text().contains("/print/block");
            assertEquals(linked, status == 200, way.key());
            if (linked) {
                with.add(way.key());
            }
        }
        assertEquals(List.of("block-guide", "block-overprint"), with.stream().sorted().toList());
    }

    private static List<double[]> points(String svg) {
        Matcher data = Pattern.compile("id=\"prints\" transform=\"([^\"]*)\" d=\"([^\"]*)\"").matcher(svg);
        assertTrue(data.find(), svg);
        List<double[]> points = new ArrayList<>();
        Matcher each = Pattern.compile("[ML](-?[\\d.]+) (-?[\\d.]+)").matcher(data.group(2));
        Matcher put = Pattern.compile("translate\\(([\\d.]+) ([\\d.]+)\\)( scale\\(-1 1\\))?").matcher(data.group(1));
        assertTrue(put.find());
        double sign = put.group(3) == null ? 1 : -1;
        while (each.find()) {
            points.add(new double[] {Double.parseDouble(put.group(1)) + sign * Double.parseDouble(each.group(1)), Double.parseDouble(put.group(2)) + Double.parseDouble(each.group(2))});
        }
        return points;
    }

    /** The cut file in its size, colour and line, mirrored against the one of a piece that is to end mirrored. */
    @Test
    void cutFile_isTrueToSize_andMirroredWhenItMustBe() throws IOException {
        Piece right = piece("block-overprint");
        String query = "?border=7+mm&colour=%23112233&line=0.1+mm";
        String svg = web.get("/pieces/" + right.id() + "/block.svg" + query).text();
        assertTrue(svg.contains("width=\"104.000mm\"") && svg.contains("stroke=\"#112233\"") && svg.contains("stroke-width=\"0.100\""), svg.substring(0, 300));
        List<double[]> one = points(svg);
        assertTrue(one.stream().allMatch(p -> p[0] >= 7 - 1e-6 && p[0] <= 97 + 1e-6), "it lies within its border");
        Piece turned = pieces.change(pieces.get(right.id()).with(right.design().withPrint(HandWish.MIRRORED, right.design().paper(), 1)));
        List<double[]> other = points(web.get("/pieces/" + turned.id() + "/block.svg" + query).text());
        assertEquals(one.size(), other.size());
        for (int i = 0; i < one.size(); i++) {
            assertEquals(104, one.get(i)[0] + other.get(i)[0], 0.002);
            assertEquals(one.get(i)[1], other.get(i)[1], 0.002);
        }
        try (PDDocument pdf = Loader.loadPDF(web.bytes("/pieces/" + right.id() + "/block.pdf" + query))) {
            assertEquals(104 * 72 / 25.4, pdf.getPage(0).getMediaBox().getWidth(), 0.01);
        }
    }

    @Test
    void severalBlocks_shareOneFrame_andTheDarkerLiesWithinTheLighter() {
        Piece piece = piece("block-overprint");
        Web.Answer page = web.get("/pieces/" + piece.id() + "/print/block?blocks=3&impressions=24");
        assertEquals(200, page.status());
        assertTrue(page.words().contains("Block 1 of 3, the lightest, printed first") && page.words().contains("For 24 impressions: 27 sheets ready, one in ten spoiled, and 6 pulls on scrap"), page.words());
        for (int number = 1; number <= 3; number++) {
            assertTrue(web.get("/pieces/" + piece.id() + "/block.svg?blocks=3&number=" + number).text().contains("width=\"100.000mm\""));
        }
        assertEquals(404, web.get("/pieces/" + piece.id() + "/block.svg?blocks=3&number=4").status());
    }

    /** Two colours side by side on white: a block each, of one frame, the lighter running under the darker where they meet. */
    @Test
    void colours_areABlockEach_registeredToOneFrame_andTrapped() {
        java.awt.image.BufferedImage image = new java.awt.image.BufferedImage(300, 200, java.awt.image.BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D pen = image.createGraphics();
        pen.setColor(java.awt.Color.WHITE);
        pen.fillRect(0, 0, 300, 200);
        pen.setColor(new java.awt.Color(0xe2b84e));
        pen.fillRect(50, 50, 100, 100);
        pen.setColor(new java.awt.Color(0x2f4f6a));
        pen.fillRect(150, 50, 100, 100);
        pen.dispose();
        Piece begun = pieces.begin("Two sails", Length.ofMillimetres(90), "sails.png", Samples.encoded(image, "png"));
        Piece piece = pieces.change(begun.doing(Catalogue.way("block-overprint")));
        String words = web.get("/pieces/" + piece.id() + "/print/block?blocks=2&parted=COLOURS").words();
        assertTrue(words.contains("Block 1 of 2, the lightest, printed first") && words.contains("runs 0.3 mm under the darker ones") && words.contains("2 blocks 0"), words);
        double[][] reach = new double[2][];
        for (int number = 1; number <= 2; number++) {
            String svg = web.get("/pieces/" + piece.id() + "/block.svg?blocks=2&parted=COLOURS&border=5+mm&number=" + number).text();
            assertTrue(svg.contains("width=\"100.000mm\""), "one frame");
            List<double[]> points = points(svg);
            reach[number - 1] = new double[] {points.stream().mapToDouble(p -> p[0]).min().orElseThrow(), points.stream().mapToDouble(p -> p[0]).max().orElseThrow()};
        }
        boolean mirrored = reach[0][0] > reach[1][0];
        double lighterMeets = mirrored ? 100 - reach[0][0] : reach[0][1];
        double darkerMeets = mirrored ? 100 - reach[1][1] : reach[1][0];
        assertEquals(0.3, lighterMeets - darkerMeets, 0.12, "it runs under");
        assertEquals(5 + 45, darkerMeets, 0.4);
        assertTrue(web.get("/pieces/" + piece.id() + "/print/block?blocks=4&parted=COLOURS").words().contains("no more than 2 colours"));
        assertEquals(404, web.get("/pieces/" + piece.id() + "/block.svg?blocks=4&parted=COLOURS&number=3").status());
        assertEquals(422, web.get("/pieces/" + piece.id() + "/print/block?parted=HUES").status());
    }

    @Test
    void everythingWrong_isShownAtOnce() {
        Piece piece = piece("block-overprint");
        Web.Answer page = web.get("/pieces/" + piece.id() + "/print/block?blocks=9&impressions=none&border=-3+mm&tool=20+mm&line=9+mm&colour=red");
        assertEquals(422, page.status());
        for (String told : List.of("Blocks: “9 blocks”", "“none”", "Border: “-3 mm”", "Tool: “20 mm”", "“9 mm”", "“red”")) {
            assertTrue(page.words().contains(told), told + " is not told in " + page.words());
        }
        assertFalse(page.text().contains("block.svg?"));
        assertEquals(400, web.get("/pieces/" + piece.id() + "/block.svg?border=x").status());
    }
}
