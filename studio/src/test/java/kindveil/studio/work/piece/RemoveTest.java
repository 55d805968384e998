package kindveil.studio.work.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.UUID;
import javax.sql.DataSource;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.log.LogWork;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A piece taken away for good. */
class RemoveTest {
    private static long rows(Studio studio, String table) {
        return new JdbcTemplate(studio.bean(DataSource.class)).queryForObject("select count(*) from " + table, Long.class);
    }

    @Test
    void piece_takenAway_takesItsPicturesAlong_butNoneThatAnotherShows() {
        try (Studio studio = OpenStudio.open("jdbc:h2:mem:remove;DB_CLOSE_DELAY=-1")) {
            Web web = new Web(studio.address());
            PieceWork pieces = studio.bean(PieceWork.class);
            Piece kept = pieces.begin("Rowlock", Length.ofMillimetres(80), "rowlock.png", Samples.cornerPng());
            Piece oar = pieces.begin("Oar", Length.ofMillimetres(80), kept.picture());
            pieces.add(oar, kindveil.catalogue.Catalogue.way("tape-lift"), "stub.png", Samples.encoded(Samples.corner(90, 90), "png"));
            String bench = web.post("/pieces/" + oar.id() + "/make", Map.of()).path();
            web.post(bench + "/tell", Map.of("seq", "0", "answer", "0", "ago", "0"));
            UUID entry = UUID.randomUUID();
            web.uploads("/pieces/" + oar.id() + "/notes", Map.of("once", entry.toString(), "verdict", "NEARLY"), Map.of("photo", Samples.cornerPng()));
            web.post("/sheets/gather", Map.of("piece", oar.id().toString(), "veil", "1"));
            // what came of it is the source of another piece, and stays for that
            UUID photo = studio.bean(LogWork.class).get(entry).photo();
            Piece after = pieces.begin("After", Length.ofMillimetres(60), photo);

            Web.Answer refused = web.post("/pieces/" + oar.id() + "/delete", Map.of("title", "oar"));
            assertEquals(422, refused.status());
            assertTrue(refused.words().contains("Expected “Oar”, as it is called") && refused.words().contains("With it go one making, one entry of the log and its pictures"), refused.words());

            assertEquals("/pieces", web.post("/pieces/" + oar.id() + "/delete", Map.of("title", "Oar")).path());
            assertEquals(404, web.get("/pieces/" + oar.id() + "/build").status());
            assertEquals(0, rows(studio, "deed") + rows(studio, "making") + rows(studio, "entry"));
            assertEquals(2, rows(studio, "picture"), "its tape's picture and what was foreseen are gone");
            for (String page : new String[] {"/", "/pieces", "/log", "/sheets", "/pieces/" + kept.id() + "/build", "/pieces/" + after.id() + "/source"}) {
                assertEquals(200, web.get(page).status(), page);
            }
            web.post("/pieces/" + after.id() + "/delete", Map.of("title", "After"));
            web.post("/pieces/" + kept.id() + "/delete", Map.of("title", "Rowlock"));
            assertEquals(0, rows(studio, "picture") + rows(studio, "piece") + rows(studio, "veil"));
        }
    }
}
