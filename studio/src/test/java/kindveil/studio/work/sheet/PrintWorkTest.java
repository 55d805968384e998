package kindveil.studio.work.sheet;

import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.Map;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.Samples;
import kindveil.tone.Treatments;
import kindveil.way.Schools;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class PrintWorkTest {
    private final PrintWork prints;
    private final PieceWork pieces;
    private final LookWork looks;

    PrintWorkTest(PrintWork prints, PieceWork pieces, LookWork looks) {
        this.prints = prints;
        this.pieces = pieces;
        this.looks = looks;
    }

    private static Piece printed(Piece piece, PrintKind kind) {
        Design d = piece.design();
        return piece.with(d.withBuild(d.choices(), d.manner().dials(), d.manner().colours(), d.wish(), kind));
    }

    /** Red on the left, blue on the right. */
    private Piece coloured() {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 300; y++) {
            for (int x = 0; x < 400; x++) {
                image.setRGB(x, y, x < 200 ? 0xC03020 : 0x2040C0);
            }
        }
        return pieces.begin("Two colours", Length.ofMillimetres(100), "x.png", Samples.encoded(image, "png"));
    }

    @Test
    void image_onToner_isGreyAndMirrored() {
        BufferedImage image = prints.image(pieces.plan(coloured()));
        assertEquals(BufferedImage.TYPE_BYTE_GRAY, image.getType());
        assertEquals(400, image.getWidth());
        assertTrue(image.getRaster().getSample(20, 20, 0) < image.getRaster().getSample(380, 20, 0), "blue, the darker, now lies at the left");
    }

    /** What will be cut out is left white in the file, where the cut goes on the mirrored print. */
    @Test
    void image_withAnOpening_leavesItUnprinted() {
        Piece piece = coloured();
        Design d = piece.design();
        Planned planned = pieces.plan(pieces.change(piece.with(d.withBuild(Map.of("opening", "round"), Map.of("opening-across", 25.0, "opening-x", 20.0), Map.of(), d.wish(), d.print()))));
        assertTrue(planned.mirrored());
        BufferedImage image = prints.image(planned);
        assertEquals(255, image.getRaster().getSample(320, 150, 0));
        assertEquals(255, image.getRaster().getSample(320 + 46, 150, 0), "11.5 mm from its middle");
        assertTrue(image.getRaster().getSample(320 + 50, 150, 0) < 200, "the knife goes 12.5 mm from it");
        assertTrue(image.getRaster().getSample(80, 150, 0) < 200);
        Planned closed = pieces.plan(pieces.change(planned.piece().with(planned.piece().design().choosing(Map.of("opening", "none")))));
        assertTrue(prints.image(closed).getRaster().getSample(320, 150, 0) < 200);
    }

    @Test
    void image_onColouredFilm_keepsItsColours() {
        Piece piece = pieces.change(printed(coloured().with(coloured().design().doing(Catalogue.way("film-release"))), PrintKind.FILM_PIGMENT));
        Planned planned = pieces.plan(piece);
        BufferedImage image = prints.image(planned);
        int red = image.getRGB(planned.mirrored() ? 380 : 20, 20);
        assertEquals(0xC0, red >> 16 & 255, 2);
        assertEquals(0x20, red & 255, 2);
        Piece bits = pieces.change(piece.with(piece.design().treated(Treatments.parse("threshold 40"))));
        assertEquals(BufferedImage.TYPE_BYTE_BINARY, prints.image(pieces.plan(bits)).getType());
    }

    /** Halftoned it is drawn at 600 dots to the inch, whatever the source has. */
    @Test
    void image_halftoned_isDrawnAsFinelyAsItIsPrinted() {
        Piece piece = coloured();
        Piece dots = pieces.change(piece.with(piece.design().treated(Treatments.parse("halftone dot 45 1"))));
        BufferedImage image = prints.image(pieces.plan(dots));
        assertEquals(Math.round(100 / 25.4 * 600), image.getWidth(), 1);
        assertEquals(BufferedImage.TYPE_BYTE_BINARY, image.getType());
        long black = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth() / 2; x++) {
                black += image.getRaster().getSample(x, y, 0) == 0 ? 1 : 0;
            }
        }
        double blue = 0.2126 * kindveil.light.Srgb.decode(0x20 / 255.0) + 0.7152 * kindveil.light.Srgb.decode(0x40 / 255.0) + 0.0722 * kindveil.light.Srgb.decode(0xC0 / 255.0);
        double share = black / (double) (image.getHeight() * (image.getWidth() / 2));
        double grown = 0.01 * 2 * Math.sqrt(2) * 4 * share * (1 - share);
        assertEquals(kindveil.light.Tone.of(dots.design().print().inks()).coverage((float) blue), share + grown, 0.015, "drawn so that its dots, grown in print, cover what the tone asks");
    }

    /** Light paint over a dark pull turns light and dark round; printed inverted they come out as they were. */
    @Test
    void negative_lightPaintOnDark_turnsTonesRound() {
        Piece piece = pieces.begin("Half", Length.ofMillimetres(100), "x.png", Samples.cornerPng());
        Map<String, Colour> light = Map.of("image", Colour.parse("image", "#f4ead0"), "pull", Colour.parse("pull", "#101830"));
        Design plate = piece.design().doing(Catalogue.way("plate-pull"));
        Piece asIs = pieces.change(piece.with(plate.withBuild(Map.of(Schools.TONES.key(), "as-is"), Map.of(), light, plate.wish(), plate.print())));
        assertEquals(true, looks.negative(asIs).orElseThrow());
        Piece inverted = pieces.change(asIs.with(plate.withBuild(Map.of(Schools.TONES.key(), Schools.INVERTED), Map.of(), light, plate.wish(), plate.print())));
        assertEquals(false, looks.negative(inverted).orElseThrow());
        assertEquals(false, looks.negative(pieces.begin("Gel", Length.ofMillimetres(100), "x.png", Samples.cornerPng())).orElseThrow());
    }
}
