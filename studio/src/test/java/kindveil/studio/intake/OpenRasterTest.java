package kindveil.studio.intake;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Layers taken away, laid over each other again by the platform's own drawing, are the picture. */
@ExtendWith(OpenStudio.class)
class OpenRasterTest {
    private final PieceWork pieces;
    private final Web web;

    OpenRasterTest(Studio studio) {
        this.pieces = studio.bean(PieceWork.class);
        this.web = new Web(studio.address());
    }

    private static void over(BufferedImage below, BufferedImage layer) {
        Graphics2D g = below.createGraphics();
        g.drawImage(layer, 0, 0, null);
        g.dispose();
    }

    private static int apart(BufferedImage one, BufferedImage other) {
        int most = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                for (int shift = 0; shift <= 16; shift += 8) {
                    most = Math.max(most, Math.abs((one.getRGB(x, y) >> shift & 255) - (other.getRGB(x, y) >> shift & 255)));
                }
            }
        }
        return most;
    }

    /** Every change of one colour into another, the second colour standing still or going the other way. */
    @Test
    void liftedAndLaidBack_isWhatItWas() {
        BufferedImage below = new BufferedImage(256, 256, BufferedImage.TYPE_INT_RGB);
        BufferedImage above = new BufferedImage(256, 256, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 256; y++) {
            for (int x = 0; x < 256; x++) {
                below.setRGB(x, y, x << 16 | 128 << 8 | y);
                above.setRGB(x, y, y << 16 | 128 << 8 | x);
            }
        }
        BufferedImage lifted = OpenRaster.lifted(below, above);
        for (int i = 0; i < 256; i++) {
            assertEquals(0, lifted.getRGB(i, i) >>> 24, "what stays is not in the layer");
        }
        over(below, lifted);
        assertTrue(apart(below, above) <= 1, apart(below, above) + " of 255");
    }

    private record Read(List<String> names, Map<String, byte[]> files) {
        BufferedImage image(String name) throws IOException {
            return ImageIO.read(new ByteArrayInputStream(files.get(name)));
        }
    }

    private static Read read(byte[] ora) throws IOException {
        List<String> names = new ArrayList<>();
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(ora))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        return new Read(names, files);
    }

    @Test
    void aWorkOfThreeVeils_comesBackFromItsLayers() throws Exception {
        Piece piece = pieces.begin("Wide <weir>", Length.ofMillimetres(80), "weir.png", Samples.cornerPng());
        piece = pieces.add(piece, Catalogue.way("tape-lift"), "weir", null);
        piece = pieces.add(piece, Catalogue.way("gel-lay"), "weir", null);
        Read read = read(web.bytes("/pieces/" + piece.id() + "/layers.ora"));
        assertEquals("mimetype", read.names.getFirst());
        assertEquals("image/openraster", new String(read.files.get("mimetype")));
        Element image = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(read.files.get("stack.xml"))).getDocumentElement();
        BufferedImage merged = read.image("mergedimage.png");
        assertEquals(merged.getWidth(), Integer.parseInt(image.getAttribute("w")));
        assertEquals(merged.getWidth() / (80 / 25.4), Integer.parseInt(image.getAttribute("xres")), 1);
        NodeList layers = image.getElementsByTagName("layer");
        assertEquals(4, layers.getLength());
        assertEquals("Ground", ((Element) layers.item(3)).getAttribute("name"));
        BufferedImage laid = new BufferedImage(merged.getWidth(), merged.getHeight(), BufferedImage.TYPE_INT_RGB);
        for (int i = layers.getLength() - 1; i >= 0; i--) {
            over(laid, read.image(((Element) layers.item(i)).getAttribute("src")));
        }
        assertTrue(apart(laid, merged) <= 3, apart(laid, merged) + " of 255");
        BufferedImage thumbnail = read.image("Thumbnails/thumbnail.png");
        assertTrue(Math.max(thumbnail.getWidth(), thumbnail.getHeight()) <= 256);
        BufferedImage whole = ImageIO.read(new ByteArrayInputStream(web.bytes("/pieces/" + piece.id() + "/picture.png")));
        assertEquals(0, apart(whole, merged));
        pieces.remove(piece.id(), piece.title());
    }

    @Test
    void aPicture_isAsLargeAsItWasAsked_inTheStateThatWasAsked() throws Exception {
        Piece piece = pieces.begin("Small weir", Length.ofMillimetres(80), "weir.png", Samples.cornerPng());
        String at = "/pieces/" + piece.id() + "/picture.png";
        BufferedImage wet = ImageIO.read(new ByteArrayInputStream(web.bytes(at + "?state=WET&longest=150")));
        BufferedImage dried = ImageIO.read(new ByteArrayInputStream(web.bytes(at + "?state=DRIED&longest=150")));
        assertEquals(150, Math.max(wet.getWidth(), wet.getHeight()));
        assertTrue(apart(wet, dried) > 10);
        assertTrue(web.get(at + "?longest=20000").words().contains("100 to 4000 pixels"), web.get(at + "?longest=20000").words());
        assertTrue(web.get(at + "?state=MELTED").words().contains("MELTED"));
        assertTrue(web.get("/pieces/" + piece.id() + "/make").text().contains("/picture.png"));
        pieces.remove(piece.id(), piece.title());
    }
}
