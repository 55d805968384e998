package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Four pulls planned, some of them made: finish, dates, last coats and the result belong to one that is, whichever it is. */
@ExtendWith(OpenStudio.class)
class FinishPullsTest {
    private final Studio studio;
    private final MakeWork makings;
    private final PieceWork pieces;
    private final Web web;

    FinishPullsTest(Studio studio) {
        this.studio = studio;
        this.makings = studio.bean(MakeWork.class);
        this.pieces = studio.bean(PieceWork.class);
        this.web = new Web(studio.address());
    }

    private Piece piece() {
        return pieces.begin("Four bells", Length.ofMillimetres(90), "bells.png", Samples.cornerPng());
    }

    private List<StoredMaking> pulls(Piece piece) {
        return makings.series(makings.begin(piece.id(), 4, 1));
    }

    private void make(UUID id) {
        for (StoredMaking making = makings.get(id); making.making().current().isPresent(); making = makings.get(id)) {
            makings.tell(id, making.told().size(), making.making().current().orElseThrow().expected(), 0, true);
        }
    }

    @Test
    void oneOfFourMade_finishAndResultAreAboutIt_whicheverItIs() {
        for (int made = 0; made < 4; made++) {
            Piece piece = piece();
            List<StoredMaking> pulls = pulls(piece);
            make(pulls.get(made).id());
            Web.Answer finish = web.get("/pieces/" + piece.id() + "/finish");
            assertTrue(finish.text().contains("name=\"making\" value=\"" + pulls.get(made).id()), "pull " + (made + 1));
            assertFalse(finish.words().contains("hung at once"), finish.words());
            Web.Answer notes = web.get("/pieces/" + piece.id() + "/notes");
            for (int other = 0; other < 4; other++) {
                assertEquals(other == made, notes.text().contains("value=\"" + pulls.get(other).id()), "only what is begun is offered: pull %d of made %d".formatted(other + 1, made + 1));
            }
            web.post("/pieces/" + piece.id() + "/coats", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "coat", firstCoat(finish), "making", pulls.get(made).id().toString()));
            assertFalse(makings.get(pulls.get(made).id()).making().finished(), "its bench goes on with the coat");
            assertTrue(web.get("/bench/" + pulls.get(made).id()).status() == 200);
        }
    }

    @Test
    void twoOfFourMade_whichPullIsAsked_andEachKeepsItsOwn() {
        Piece piece = piece();
        List<StoredMaking> pulls = pulls(piece);
        make(pulls.get(2).id());
        make(pulls.get(1).id());
        Web.Answer finish = web.get("/pieces/" + piece.id() + "/finish");
        assertTrue(finish.words().contains("Pull 2 Pull 3") && !finish.words().contains("Pull 4"), finish.words());
        assertTrue(finish.text().contains("name=\"making\" value=\"" + pulls.get(1).id()), "the one last told of");
        assertTrue(web.get("/pieces/" + piece.id() + "/finish?making=" + pulls.get(2).id()).text().contains("name=\"making\" value=\"" + pulls.get(2).id()));
        String coat = firstCoat(finish);
        web.post("/pieces/" + piece.id() + "/coats", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "coat", coat, "making", pulls.get(2).id().toString()));
        assertFalse(makings.get(pulls.get(2).id()).making().finished(), "pull 3 goes on");
        assertTrue(makings.get(pulls.get(1).id()).making().finished(), "pull 2 stays as it was");
        assertEquals(404, web.get("/pieces/" + piece.id() + "/finish?making=no-id").status());
    }

    private static String firstCoat(Web.Answer finish) {
        java.util.regex.Matcher coat = java.util.regex.Pattern.compile("name=\"coat\" value=\"([^\"]+)\"").matcher(finish.text());
        assertTrue(coat.find());
        return coat.group(1);
    }
}
