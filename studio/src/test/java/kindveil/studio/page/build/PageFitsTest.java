package kindveil.studio.page.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.Map;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** An image laid on its page: as large as fits, filling it, or in the middle. */
@ExtendWith(OpenStudio.class)
class PageFitsTest {
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final Web web;

    PageFitsTest(Studio studio, PieceWork pieces, PictureWork pictures) {
        this.pieces = pieces;
        this.pictures = pictures;
        this.web = new Web(studio.address());
    }

    private Piece piece() {
        return pieces.begin("Fitted bell", Length.ofMillimetres(60), "bell.png", Samples.cornerPng());
    }

    private Web.Answer lay(Piece piece, int veil, String fit, String margin, String... more) {
        Map<String, String> fields = new HashMap<>(Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "pageWidth", "148 mm", "pageHeight", "148 mm", "fit", fit, "margin", margin));
        for (int i = 0; i < more.length; i += 2) {
            fields.put(more[i], more[i + 1]);
        }
        return web.post("/pieces/%s%s/page".formatted(piece.id(), veil == 1 ? "" : "/veils/" + veil), fields);
    }

    private double aspect(Piece piece) {
        Piece now = pieces.get(piece.id());
        return pictures.shape(now.veil().source(), now.design().treatments()).aspect();
    }

    @Test
    void eachFit_isWhatItSaidBefore_andTheWholeIsNotCut() {
        Piece piece = piece();
        double aspect = aspect(piece);
        String told = web.get("/pieces/%s/fits?pageWidth=148+mm&pageHeight=148+mm&margin=9+mm".formatted(piece.id())).words();
        assertTrue(told.contains("As large as it is, in the middle") && told.contains("nothing cut") && told.contains("of its height cut off"), told);
        lay(piece, 1, "WHOLE", "9 mm");
        Piece whole = pieces.get(piece.id());
        assertEquals(130, whole.design().printWidth().millimetres() * aspect, 0.2);
        assertEquals(aspect, aspect(piece), 1e-6);
        assertEquals(9, whole.veil().y().millimetres(), 0.1);
        lay(piece, 1, "FILL", "9 mm");
        Piece filled = pieces.get(piece.id());
        assertEquals(130, filled.design().printWidth().millimetres());
        assertEquals(1, aspect(piece), 0.01);
        assertEquals(9, filled.veil().x().millimetres());
        // filled again on a wider page, more is cut; taken back, it is whole again
        assertTrue(lay(piece, 1, "FILL", "0", "pageHeight", "100 mm").words().contains("It lies at the left, at the right, at the top and at the foot."));
        assertEquals(100 / 148.0, aspect(piece), 0.01);
        assertEquals(1, pieces.get(piece.id()).design().treatments().list().size(), "one cut, not one upon another");
        for (int i = 0; i < 3; i++) {
            pieces.undo(piece.id(), pieces.get(piece.id()).version());
        }
        assertEquals(aspect, aspect(piece), 1e-6);
    }

    @Test
    void anotherVeil_isLaidByItself() {
        Piece piece = piece();
        lay(piece, 1, "WHOLE", "0");
        Piece two = pieces.add(pieces.get(piece.id()), Catalogue.way("tape-lift"), "second.png", Samples.cornerPng());
        Length before = pieces.get(piece.id()).design().printWidth();
        lay(two, 2, "MIDDLE", "0");
        Piece laid = pieces.get(piece.id()).at(2);
        assertEquals(laid.veil().x().millimetres(), 148 - laid.veil().x().millimetres() - laid.design().printWidth().millimetres(), 0.2);
        assertEquals(before, laid.at(1).design().printWidth());
    }

    @Test
    void whatCannotBe_isSaidWithItsRange_andNothingIsChanged() {
        Piece piece = piece();
        assertTrue(lay(piece, 1, "WHOLE", "80 mm").words().contains("71.5 mm"));
        assertTrue(lay(piece, 1, "STRETCH", "5 mm").words().contains("STRETCH"));
        assertTrue(lay(piece, 1, "WHOLE", "wide").words().contains("Margin"));
        assertTrue(lay(piece, 1, "WHOLE", "5 mm", "pageWidth", "", "pageHeight", "").words().contains("Give its width and height first"));
        assertTrue(lay(piece, 1, "MIDDLE", "0", "pageWidth", "50 mm").words().contains("Choose another"));
        assertEquals(0, pieces.get(piece.id()).version());
        assertTrue(web.get("/pieces/%s/fits?pageWidth=148+mm&pageHeight=148+mm&margin=90+mm".formatted(piece.id())).words().contains("71.5 mm"));
    }

    @Test
    void laidAfterAFileWasTaken_isAskedAbout() {
        Piece piece = piece();
        web.bytes("/pieces/" + piece.id() + "/sheet.pdf");
        assertTrue(lay(piece, 1, "WHOLE", "0").words().contains("is real already"));
        assertEquals(60, pieces.get(piece.id()).design().printWidth().millimetres());
        assertFalse(lay(piece, 1, "WHOLE", "0", "anyway", "true").words().contains("is real already"));
        assertTrue(pieces.get(piece.id()).design().printWidth().millimetres() > 100);
    }
}
