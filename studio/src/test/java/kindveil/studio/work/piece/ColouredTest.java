package kindveil.studio.work.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.reading.LookState;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.look.LookWork;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A picture in colours that is printed black is offered its colours, where they would be there in the finished work. */
@ExtendWith(OpenStudio.class)
class ColouredTest {
    private static final int SEEN = 12;
    private final PieceWork pieces;
    private final LookWork looks;
    private final Studio studio;

    ColouredTest(PieceWork pieces, LookWork looks, Studio studio) {
        this.pieces = pieces;
        this.looks = looks;
        this.studio = studio;
    }

    private Piece begun(Color colour) {
        Piece fresh = pieces.begin("Berries", Length.ofMillimetres(90), "berries.png", Samples.lines(colour, true));
        return pieces.change(fresh.with(fresh.basis().of(Colour.parse("ground", "#f4f4f4"))));
    }

    /** How much redder than green its reddest place is. */
    private int red(Piece piece) {
        LookState last = LookState.finished(pieces.plan(piece).trace());
        BufferedImage image = Rasters.decode(looks.png(piece, Map.of(), last, Math.max(1, pieces.plan(piece).trace().plannedPasses()), true));
        int most = Integer.MIN_VALUE;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int rgb = image.getRGB(x, y);
                most = Math.max(most, (rgb >> 16 & 255) - (rgb >> 8 & 255));
            }
        }
        return most;
    }

    @Test
    void everyWay_offersColours_exactlyWhereTheyWouldBeSeen() {
        Piece piece = begun(new Color(200, 40, 50));
        for (Way way : Catalogue.transfers()) {
            Piece black = pieces.change(pieces.get(piece.id()).with(pieces.get(piece.id()).design().doing(way)));
            PrintKind print = black.design().print();
            if (print.inColours() || pieces.plan(black).trace().refusals().size() > 0) {
                assertTrue(pieces.coloured(black).isEmpty(), way.key());
                continue;
            }
            boolean offered = pieces.coloured(black).isPresent();
            int asBlack = red(black);
            Piece other = pieces.change(black.with(black.design().with(black.design().printing().with(print.coloured().orElse(print)))));
            assertEquals(pieces.plan(other).trace().refusals().isEmpty() && red(other) - asBlack > SEEN, offered, way.key());
        }
    }

    @Test
    void pressed_itIsPrintedInColours_andNoLongerOffered() {
        Piece piece = begun(new Color(40, 90, 180));
        Web web = new Web(studio.address());
        String source = "/pieces/" + piece.id() + "/source";
        assertTrue(web.get(source).text().contains("Make it a laser print in colours"));
        assertEquals(200, web.post(source + "/colours", Map.of("version", "1")).status());
        assertEquals(PrintKind.COLOUR_TONER, pieces.get(piece.id()).design().print());
        assertFalse(web.get(source).text().contains("Make it a"));
        assertEquals(409, web.post(source + "/colours", Map.of("version", "2")).status(), "nothing more to offer");
    }

    @Test
    void greyPicture_isOfferedNone() {
        assertEquals(List.of(), pieces.coloured(begun(new Color(60, 60, 60))).stream().toList());
    }
}
