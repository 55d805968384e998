package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.tone.Treatments;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Pieces called something else, made again, put away, taken away and brought back; and found among many. */
class ShelfTest {
    private Studio studio;
    private Web web;
    private PieceWork pieces;
    private Piece rope;

    @BeforeEach
    void open() {
        studio = OpenStudio.open("jdbc:h2:mem:shelf-" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        web = new Web(studio.address());
        pieces = studio.bean(PieceWork.class);
        rope = pieces.begin("Mooring rope", Length.ofMillimetres(90), "rope.png", Samples.cornerPng());
    }

    @AfterEach
    void close() {
        studio.close();
    }

    private String at(Piece piece) {
        return "/pieces/" + piece.id();
    }

    private List<String> shelf(String query) {
        return Pattern.compile("underline-offset-4\">([^<]*)</b>").matcher(web.get("/pieces" + query).text()).results().map(found -> found.group(1)).toList();
    }

    private Piece more(String title, double width, String way, String ground) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(width), "x.png", Samples.cornerPng());
        return pieces.change(piece.with(piece.basis().of(Colour.parse("g", ground))).with(piece.design().doing(Catalogue.way(way))));
    }

    @Test
    void renamed_isCalledSoEverywhere_andAnOldPageIsRefused() {
        assertEquals(200, web.post(at(rope) + "/title", Map.of("version", "0", "title", "Mooring line")).status());
        assertEquals("Mooring line", pieces.get(rope.id()).title());
        assertTrue(web.get("/").words().contains("Begin the mooring line"));
        Web.Answer stale = web.post(at(rope) + "/title", Map.of("version", "0", "title", "Hawser"));
        assertEquals(409, stale.status());
        for (String wrong : List.of("", "   ", "x".repeat(121), "a\u0000b")) {
            Web.Answer refused = web.post(at(rope) + "/title", Map.of("version", "1", "title", wrong));
            assertEquals(400, refused.status(), wrong);
            assertTrue(refused.words().contains("Title"), refused.words());
        }
        assertEquals("Mooring line", pieces.get(rope.id()).title());
    }

    @Test
    void anotherLikeIt_isPlannedTheSame_onceHoweverOftenItIsSent() {
        Piece planned = pieces.change(rope.with(rope.design().doing(Catalogue.way("gesso-bed")).treated(Treatments.parse("threshold 40"))));
        String page = web.get(at(rope) + "/build").text();
        assertTrue(page.contains("value=\"Mooring rope, 2\""));
        String once = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            assertEquals(200, web.post(at(rope) + "/another", Map.of("once", once, "title", "Mooring rope, 2")).status());
        }
        assertEquals(2, pieces.all().size());
        Piece second = pieces.get(UUID.fromString(once));
        assertEquals(planned.veils(), second.veils());
        assertEquals(planned.basis(), second.basis());
        assertTrue(web.get(at(second) + "/build").text().contains("value=\"Mooring rope, 3\""));

        Web.Answer other = web.upload(at(rope) + "/another", Map.of("title", "Fender"), "picture", "fender.png", Samples.encoded(Samples.corner(300, 200), "png"));
        assertEquals(200, other.status());
        Piece fender = pieces.all().stream().filter(piece -> piece.title().equals("Fender")).findFirst().orElseThrow();
        assertEquals("gesso-bed", fender.design().way());
        assertNotEquals(planned.picture(), fender.picture());
        assertEquals(List.of(), fender.design().treatments().list(), "what suited one picture is not done to another");
        assertEquals(400, web.upload(at(rope) + "/another", Map.of("title", "Fender"), "picture", "fender.png", new byte[] {1, 2, 3}).status());
        assertEquals(3, pieces.all().size());
    }

    @Test
    void putAway_isOffTheTable_andKept() {
        assertTrue(web.get("/").words().contains("mooring rope"), "ready to be made");
        assertEquals(200, web.post(at(rope) + "/put-away", Map.of()).status());
        assertFalse(web.get("/").words().contains("mooring rope"));
        assertEquals(List.of(), shelf(""));
        assertEquals(List.of("Mooring rope"), shelf("?standing=PUT_AWAY"));
        assertEquals(200, web.get(at(rope) + "/build").status());
        assertEquals(rope.version(), pieces.get(rope.id()).version(), "a page that shows it need not be asked for again");
        web.post(at(rope) + "/put-away", Map.of("away", "false"));
        assertEquals(List.of("Mooring rope"), shelf(""));
    }

    @Test
    void takenAway_canBeBroughtBackForAWeek_withItsMakingAndLog() {
        String bench = web.post(at(rope) + "/make", Map.of()).path();
        web.post(bench + "/tell", Map.of("seq", "0", "answer", "0", "ago", "0"));
        web.post(at(rope) + "/notes", Map.of("once", UUID.randomUUID().toString(), "verdict", "NEARLY", "came", "A pale corner."));
        assertEquals(200, web.post(at(rope) + "/take-away", Map.of()).status());
        assertEquals(List.of(), shelf(""));
        assertFalse(web.get("/").text().contains(bench), "nothing of it waits any more");
        assertTrue(web.get("/pieces").words().contains("Taken away, kept for a week Mooring rope"));
        for (String page : List.of("/", "/log", "/sheets", bench)) {
            assertEquals(200, web.get(page).status(), page);
        }
        assertEquals(200, web.post(at(rope) + "/bring-back", Map.of()).status());
        assertEquals(List.of("Mooring rope"), shelf(""));
        assertTrue(web.get("/").text().contains(bench));
        assertTrue(web.get("/log").words().contains("A pale corner."));

        web.post(at(rope) + "/take-away", Map.of());
        studio.clock().forward(Duration.ofDays(7).minusMinutes(5));
        pieces.sweep();
        assertTrue(web.get("/pieces").words().contains("Bring it back"));
        studio.clock().forward(Duration.ofMinutes(10));
        assertFalse(web.get("/pieces").words().contains("Bring it back"));
        pieces.sweep();
        assertEquals(404, web.get(at(rope) + "/build").status());
        assertFalse(web.get("/log").words().contains("A pale corner."));
    }

    @Test
    void find_byEveryWordOfAPiece_andInEveryOrder() {
        more("Kingfisher", 120, "film-release", "#2040c0");
        more("Reed bed", 60, "tape-lift", "#f0e6cc");
        web.post(at(rope) + "/make", Map.of());
        assertEquals(List.of("Reed bed", "Kingfisher", "Mooring rope"), shelf(""));
        assertEquals(List.of("Kingfisher"), shelf("?q=FILM+release"));
        assertEquals(List.of("Kingfisher"), shelf("?q=blue"), "by its ground's colour");
        assertEquals(List.of("Reed bed"), shelf("?q=reed+tape"));
        assertEquals(List.of(), shelf("?q=reed+film"), "every word is to be found");
        assertEquals(List.of("Mooring rope"), shelf("?standing=ON_THE_BENCH"));
        assertEquals(List.of("Reed bed", "Kingfisher"), shelf("?standing=PLANNED"));
        assertEquals(List.of("Kingfisher", "Mooring rope", "Reed bed"), shelf("?order=TITLE"));
        assertEquals(List.of("Kingfisher", "Mooring rope", "Reed bed"), shelf("?order=SIZE"));
        assertEquals(List.of("Kingfisher", "Mooring rope", "Reed bed"), shelf("?order=WAY"));
        assertEquals(List.of("Reed bed", "Kingfisher", "Mooring rope"), shelf("?order=STANDING"));
        assertEquals(3, shelf("?standing=GILDED&order=SIDEWAYS").size(), "what is not known asks for nothing");
        assertTrue(web.get("/pieces?q=walrus").words().contains("None is like that."));
        assertEquals(400, web.get("/pieces?q=" + "w".repeat(201)).status());
    }
}
