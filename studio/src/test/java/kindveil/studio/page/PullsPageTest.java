package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.PullWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A row of pulls from one plate. */
@ExtendWith(OpenStudio.class)
class PullsPageTest {
    private final PieceWork pieces;
    private final PullWork pulls;
    private final Web web;

    PullsPageTest(Studio studio, PieceWork pieces, PullWork pulls) {
        this.pieces = pieces;
        this.pulls = pulls;
        this.web = new Web(studio.address());
    }

    private Piece pull(String title, double wide, String image, String pull) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(wide), "oar.png", Samples.cornerPng()).doing(Catalogue.way("plate-pull"));
        return pieces.change(piece.with(piece.design().with(piece.design().manner().set(Map.of(), Map.of(), Map.of("image", Colour.parse("i", image), "pull", Colour.parse("p", pull))))));
    }

    @Test
    void row_isOrderedForTheFewestCleanings() {
        Piece dark = pull("Night ferry", 90, "#241a14", "#33261c");
        Piece light = pull("Morning ferry", 90, "#f4ead2", "#f1e2bb");
        String query = "/pulls?piece=%s&piece=%s".formatted(dark.id(), light.id());
        String words = web.get(query).words();
        assertTrue(words.contains("No cleaning in between") && words.indexOf("1. Morning ferry") < words.indexOf("2. Night ferry"), words);
        assertTrue(words.contains("Roll the image paint:") && words.contains("drop"), words);
        Piece red = pull("Red ferry", 90, "#b03a2a", "#f3e9cf");
        assertTrue(web.get(query + "&piece=" + red.id()).words().contains("in between"));
        assertTrue(web.get("/pieces").words().contains("A row of pulls from one plate"));
    }

    /** Doses of several tubes make the film or a little more, never less; plate, image and paper are compared. */
    @Test
    void dosesMakeTheFilm_andPlateAndPaperAreCompared() {
        Piece ferry = pull("Dosed ferry", 90, "#26304a", "#e3c88c");
        for (int tubes = 1; tubes <= PullWork.MOST_TUBES; tubes++) {
            int n = tubes;
            pulls.pulled(ferry, Length.ofMillimetres(200), Length.ofMillimetres(250), tubes).films().forEach(film -> {
                assertEquals(film.micrometres() * film.drops() * n * 0.05 / film.volume().millilitres(), film.becomes(), 1e-9);
                assertTrue(film.becomes() >= film.micrometres() - 1e-9 && film.drops() >= 1, film.toString());
            });
        }
        assertEquals("", pulls.pulled(ferry, Length.ofMillimetres(200), Length.ofMillimetres(250), 1).problem());
        assertTrue(pulls.pulled(ferry, Length.ofMillimetres(100), Length.ofMillimetres(120), 1).problem().startsWith("The plate is too small for it: it takes 110 by 140 mm"));
        assertEquals("It fits the plate turned on its side.", pulls.pulled(ferry, Length.ofMillimetres(150), Length.ofMillimetres(115), 1).problem());
        Piece paged = pieces.change(ferry.with(ferry.basis().sized(new Page(Length.ofMillimetres(210), Length.ofMillimetres(297)))));
        assertTrue(pulls.pulled(paged, Length.ofMillimetres(200), Length.ofMillimetres(250), 1).problem().contains("tears at the plate's edge: pull it on a sheet of at most 190 by 240 mm"));
    }

    @Test
    void wrongNumbers_areAllTold() {
        pull("Told ferry", 90, "#26304a", "#e3c88c");
        Web.Answer answer = web.get("/pulls?wide=3+mm&tall=tall&tubes=40");
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("Width of the plate: “3 mm”") && answer.words().contains("Height of the plate: “tall”") && answer.words().contains("Tubes: “40 tubes”"), answer.words());
        assertFalse(answer.text().contains("id=\"cleanings\""));
        assertEquals(200, web.get("/pulls?piece=" + java.util.UUID.randomUUID()).status());
    }
}
