package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import kindveil.bench.Ground;
import kindveil.bench.Support;
import kindveil.bench.Support.Property;
import kindveil.bench.Support.WetStrength;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.intake.PlanFile;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.shelf.Supports;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A support of one's own, from being told to the piece, the making, the plan file and the archive. */
@ExtendWith(OpenStudio.class)
class SupportsPageTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final Supports supports;
    private final Web web;

    SupportsPageTest(Studio studio, PieceWork pieces, Supports supports) {
        this.studio = studio;
        this.pieces = pieces;
        this.supports = supports;
        this.web = new Web(studio.address());
    }

    private static Map<String, String> silk(Map<String, String> other) {
        Map<String, String> fields = new HashMap<>(Map.of("id", "", "name", "sari silk", "like", "fabric", "weight", "60", "uptake", "35", "stretch", "", "wetStrength", "BEARS_MISTING", "texture", "0.1",
                "heatLimit", "80", "colour", "#a03048"));
        fields.putAll(other);
        return fields;
    }

    private Support kept() {
        return supports.own().stream().filter(own -> own.words().equals("sari silk")).reduce((x, y) -> y).orElseThrow();
    }

    @Test
    void told_isOffered_laidUnderThePiece_andFollowsWhatIsMeasuredLater() {
        Piece piece = pieces.begin("Sari", Length.ofMillimetres(120), "sari.png", Samples.cornerPng());
        piece = pieces.change(piece.with(piece.basis().on(piece.base().with(Ground.RAW))));
        Web.Answer answer = web.post("/supports", silk(Map.of("piece", piece.id().toString(), "coloured", "yes")));
        assertEquals(200, answer.status());
        Support silk = kept();
        assertEquals(WetStrength.BEARS_MISTING, silk.wetStrength());
        assertEquals(java.util.Set.of(Property.STRETCH), silk.guessed(), "only what was left empty is guessed");
        Piece laid = pieces.get(piece.id());
        assertEquals(silk, laid.base().support());
        assertEquals(Colour.parse("bare", "#a03048"), laid.groundColour(), "bare it is seen in its colour");
        assertTrue(web.get("/pieces/" + piece.id() + "/build").text().contains("value=\"" + silk.id() + "\""));
        assertTrue(web.get("/ways?support=" + silk.id()).words().contains("sari silk"));
        assertEquals(200, web.get("/ways/film-release?support=" + silk.id()).status());

        UUID making = studio.bean(MakeWork.class).begin(pieces.change(laid.with(laid.basis().on(laid.base().with(Ground.GESSO)))).id()).id();
        assertEquals(200, web.post("/supports", silk(Map.of("id", silk.id(), "stretch", "2.5"))).status());
        assertEquals(2.5, pieces.get(piece.id()).base().support().stretch(), "the piece follows what is measured later");
        assertTrue(kept().guessed().isEmpty());
        assertEquals(200, web.post("/supports", silk(Map.of("id", silk.id(), "stretch", "2.6", "piece", piece.id().toString()))).status(), "asked from a piece that lies on it");
        assertEquals(2.6, pieces.get(piece.id()).base().support().stretch());
        web.post("/supports", silk(Map.of("id", silk.id(), "stretch", "2.5", "uptake", "0.0000000001")));
        assertEquals(0, kept().uptake(), "less than scales can tell is nothing, and is reckoned as quickly");
        web.post("/supports", silk(Map.of("id", silk.id(), "stretch", "2.5")));
        assertEquals(silk, studio.bean(MakeWork.class).get(making).plan().plan().bench().support().orElseThrow().support(), "a making keeps what it was begun on");

        assertEquals(200, web.post("/supports/" + silk.id() + "/remove", Map.of()).status());
        assertFalse(supports.own().stream().anyMatch(own -> own.id().equals(silk.id())));
        assertEquals("sari silk", pieces.get(piece.id()).base().support().words(), "what is made on it stays");
        assertEquals(200, web.get("/pieces/" + piece.id() + "/build").status());
    }

    @Test
    void everythingWrong_isShownAtOnce_andNothingIsKept() {
        int before = supports.own().size();
        Web.Answer answer = web.post("/supports", silk(Map.of("name", "", "like", "glass", "weight", "2", "uptake", "much", "stretch", "44", "texture", "5", "heatLimit", "900", "wetStrength", "SOGGY", "coloured", "yes", "colour", "red")));
        assertEquals(422, answer.status());
        for (String told : new String[] {"Name:", "“glass”", "“2 g/m²”", "“much”", "“44 %”", "“5 mm”", "“900 °C”", "“SOGGY”", "“red”"}) {
            assertTrue(answer.words().contains(told), told + " is not told in " + answer.words());
        }
        assertEquals("44", answer.field("stretch"), "what was typed stays");
        assertEquals(before, supports.own().size());
        assertEquals(404, web.post("/supports", silk(Map.of("id", UUID.randomUUID().toString()))).status());
    }

    @Test
    void figures_followWhatIsTyped() {
        String thin = web.get("/supports?like=fabric&uptake=10").words();
        String thirsty = web.get("/supports?like=fabric&uptake=100").words();
        assertTrue(thin.contains("gives it 0.3 ml 2.7 ml"), thin);
        assertTrue(thirsty.contains("gives it 3 ml 2.7 ml"), thirsty);
        assertTrue(web.get("/supports?like=fabric").words().contains("Not measured: its weight, what it drinks"));
    }

    @Test
    void planFileAndArchive_carryIt() throws IOException {
        Piece piece = pieces.begin("Sari by post", Length.ofMillimetres(90), "sari.png", Samples.cornerPng());
        Support silk = Support.FABRIC.own(UUID.randomUUID().toString(), "post silk", new Support.Told(60.0, 35.0, null, WetStrength.BEARS_MISTING, 0.1, 80.0, Colour.parse("c", "#a03048")));
        supports.keep(silk);
        piece = pieces.lay(piece, silk);
        Support read = PlanFile.read(pieces.planFile(piece).getBytes(StandardCharsets.UTF_8)).support();
        assertEquals(silk.told(), read.told());
        assertEquals(silk.words(), read.words());
        assertEquals(silk.like(), read.like());
        byte[] file = web.bytes("/pieces/" + piece.id() + "/archive.zip");
        try (Studio other = OpenStudio.open("jdbc:h2:mem:silk;DB_CLOSE_DELAY=-1")) {
            Web.Answer taken = new Web(other.address()).upload("/archive", Map.of(), "archive", "silk.kind-veil.zip", file);
            assertEquals(200, taken.status());
            assertEquals(silk, other.bean(PieceWork.class).get(piece.id()).base().support());
        }
    }
}
