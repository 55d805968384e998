package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(OpenStudio.class)
class BadInputTest {
    private final PieceWork pieces;
    private final Web web;
    private Piece piece;

    BadInputTest(Studio studio, PieceWork pieces) {
        this.pieces = pieces;
        this.web = new Web(studio.address());
    }

    @BeforeEach
    void begin() {
        piece = pieces.begin("Water-gauge", kindveil.measure.Length.ofMillimetres(80), "gauge.png", Samples.cornerPng());
    }

    private Web.Answer source(String version, String width, String black, String white, String tones) {
        return web.post("/pieces/" + piece.id() + "/source", Map.of("version", version, "width", width, "black", black, "white", white, "tones", tones));
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {
        "-12 mm; Print width: “-12 mm” cannot be used. Expected 10 mm to 400 mm", "90000 mm; Expected 10 mm to 400 mm (3/8 in to 15 3/4 in)",
        "twelve; Expected a length with its unit", "1,250 mm; this has two: 1.25 mm or 1250 mm", "12 ells; Expected a unit I know", "''; Expected a length with its unit"})
    void width_unusable_isRefusedWithValueRangeAndRemedy(String width, String expected) {
        Web.Answer answer = source("0", width, "0", "100", "");
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains(expected), answer.words());
        assertEquals(80, pieces.get(piece.id()).design().printWidth().millimetres(), "nothing was lost");
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {"12,5 cm; 125", "5 1/2 in; 139.7", "5½ in; 139.7", "120; 120"})
    void width_asPeopleWrite_isTaken(String width, double millimetres) {
        assertEquals(200, source("0", width, "0", "100", "").status());
        assertEquals(millimetres, pieces.get(piece.id()).design().printWidth().millimetres(), 1e-9);
    }

    @Test
    void severalProblems_areAllShownAtOnce_andWhatWasTypedStays() {
        Web.Answer answer = source("0", "-1", "abc", "400", "99");
        assertTrue(answer.words().contains("Print width: “-1”") && answer.words().contains("Black point: “abc”") && answer.words().contains("White point: “400 L*”")
                && answer.words().contains("Number of tones: “99 tones”"), answer.words());
        assertEquals("abc", answer.field("black"));
        assertEquals("-1", answer.field("width"));
    }

    @Test
    void staleForm_isRefused_andBothAreKept() {
        assertEquals(200, source("0", "100 mm", "0", "100", "").status());
        Web.Answer stale = source("0", "55 mm", "0", "100", "");
        assertEquals(422, stale.status());
        assertTrue(stale.words().contains("“Water-gauge” was changed in another window after this page was opened"), stale.words());
        assertEquals("55 mm", stale.field("width"));
        assertEquals(100, pieces.get(piece.id()).design().printWidth().millimetres());
        assertEquals(200, source(stale.field("version"), "55 mm", "0", "100", "").status());
        assertEquals(55, pieces.get(piece.id()).design().printWidth().millimetres());
    }

    @Test
    void badPictures_areRefusedAndNothingIsBegun() {
        int before = pieces.all().size();
        Map<String, String> fields = Map.of("title", "Heron", "width", "120 mm");
        assertTrue(web.upload("/pieces", fields, "picture", "heron.png", new byte[0]).words().contains("this one is empty (0 bytes)"));
        assertTrue(web.upload("/pieces", fields, "picture", "heron.png", "a letter".getBytes(java.nio.charset.StandardCharsets.UTF_8)).words().contains("by its content"));
        assertTrue(web.upload("/pieces", fields, "picture", "big.png", Samples.pngHeader(30000, 30000)).words().contains("30000 × 30000 pixels"));
        Web.Answer several = web.upload("/pieces", Map.of("title", "", "width", "x"), "picture", "dot.png", Samples.encoded(Samples.corner(1, 1), "png"));
        assertEquals(422, several.status());
        assertTrue(several.words().contains("Title:") && several.words().contains("Print width:") && several.words().contains("at least 32 pixels"), several.words());
        assertEquals(before, pieces.all().size());
    }

    @Test
    void build_outsideItsChoicesOrRanges_namesEachOne() {
        Web.Answer answer = web.post("/pieces/" + piece.id() + "/build", Map.of("version", "0", "support", "glass", "ground", "RAW", "wish", "CLEAN", "print", "GOOD_TONER",
                "colour", "blue", "dial.bed", "7,77 km"));
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("Support: “glass”") && answer.words().contains("Ground colour: “blue” cannot be used. Expected a colour written #rrggbb")
                && answer.words().contains("Wet thickness of the bed"), answer.words());
        Web.Answer thick = web.post("/pieces/" + piece.id() + "/build", Map.of("version", "0", "support", "birch-panel", "ground", "RAW", "wish", "CLEAN", "print", "GOOD_TONER",
                "colour", "#aabbcc", "dial.bed", "900"));
        assertTrue(thick.words().contains("Wet thickness of the bed: “900 µm” cannot be used. Expected 30 to 250 µm"), thick.words());
        assertEquals(400, web.get("/pieces/" + piece.id() + "/build?pass=99").status());
        assertEquals(400, web.get("/pieces/" + piece.id() + "/build?left=pink").status());
    }

    @Test
    void sittings_hoursAndPulls_areAllNamed_andStay() {
        Piece piece = pieces.begin("Pulled oar", kindveil.measure.Length.ofMillimetres(90), "oar.png", Samples.cornerPng());
        Web.Answer wrong = web.post("/sittings", Map.of("version", web.get("/sittings").field("version"), "hours", "sometime", "due", "never", "piece", piece.id().toString(), "pulls-" + piece.id(), "forty"));
        for (String said : java.util.List.of("“sometime”", "“never”", "“forty”")) {
            assertTrue(wrong.words().contains(said), said + " in " + wrong.words());
        }
        assertTrue(wrong.text().contains("value=\"forty\""), "what was typed stays");
        Web.Answer many = web.post("/sittings", Map.of("version", web.get("/sittings").field("version"), "hours", "tomorrow 9-12", "due", "", "piece", piece.id().toString(), "pulls-" + piece.id(), "13"));
        assertTrue(many.words().contains("1 to 12"), many.words());
    }

    @Test
    void room_outsideItsRange_isRefused() {
        Web.Answer answer = web.post("/room", Map.of("version", web.get("/room").field("version"), "degrees", "60", "percent", "140", "units", "METRIC"));
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("Temperature: “60 °C” cannot be used. Expected 5 to 40 °C") && answer.words().contains("Relative humidity: “140 %”"), answer.words());
    }

    @Test
    void tooLargeForThePaper_saysTheLargestThatFits() {
        source("0", "300 mm", "0", "100", "");
        Web.Answer answer = web.get("/pieces/" + piece.id() + "/print");
        assertTrue(answer.words().contains("Expected at most 186 mm × 259 mm upright or 273 mm × 172 mm turned on A4"), answer.words());
        assertEquals(400, web.get("/pieces/" + piece.id() + "/sheet.pdf").status());
    }

    @Test
    void way_thatBringsNoPicture_cannotTakeThePlaceOfTheOnlyOne() {
        for (kindveil.way.Way way : kindveil.catalogue.Catalogue.overAndUnder().stream().filter(one -> !one.card().bringsPicture()).toList()) {
            Web.Answer build = web.get("/pieces/" + piece.id() + "/build");
            assertEquals(1, build.text().split("value=\"" + way.key() + "\"", -1).length - 1, "offered to be laid over, not in its place: " + way.key());
            Web.Answer refused = web.post("/pieces/" + piece.id() + "/build", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "way", way.key(), "support", "birch-panel", "ground", "RAW",
                    "colour", "#ffffff", "wish", "CLEAN"));
            assertEquals(422, refused.status(), way.key());
            assertTrue(refused.words().contains("one that brings a picture, since this is the piece's only one") && refused.words().contains("Lay another over it"), refused.words());
        }
        Web.Answer added = web.post("/pieces/" + piece.id() + "/veils", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "way", "glazing"));
        assertEquals(200, added.status());
        Piece two = pieces.get(piece.id(), 2);
        assertEquals(two.leading().picture(), pieces.change(two.doing(kindveil.catalogue.Catalogue.way("tape-lift"))).picture(), "a transfer takes the leading picture");
    }

    @Test
    void title_withAControlSign_isRefused() {
        Web.Answer answer = web.upload("/pieces", Map.of("title", "Moth\0night", "width", "80 mm"), "picture", "moth.png", Samples.cornerPng());
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("Title: “Moth·night” cannot be used. Expected words, and there is a control sign in it"), answer.words());
    }

    @Test
    void crops_uponEachOther_leaveAPicture() {
        String code = "crop 45 45 45 45";
        int status = 200;
        int taken = 0;
        for (int i = 0; i < 11 && status == 200; i++) {
            Web.Answer answer = web.post("/pieces/" + piece.id() + "/treatments", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "kind", code));
            status = answer.status();
            taken += status == 200 ? 1 : 0;
        }
        assertEquals(400, status);
        assertTrue(taken >= 1 && taken < 4, taken + " taken");
        assertEquals(200, web.get("/pieces/" + piece.id() + "/source").status());
        assertEquals(200, web.get("/pieces/" + piece.id() + "/build").status());
    }

    @Test
    void picture_thatWouldBePrintedAsHighAsAHouse_isRefused() {
        Web.Answer answer = web.upload("/pieces", Map.of("title", "Oar", "width", "400 mm"), "picture", "oar.png", Samples.encoded(Samples.corner(40, 8000), "png"));
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("Print height: “80000 mm” cannot be used. Expected 2 to 1500 mm"), answer.words());
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {"{\"format\":\"kind-veil-plan\",\"version\":1.5,\"veils\":[]}; version: “1.5” cannot be used", "{\"format\":\"kind-veil-plan\",\"version\":\"1\",\"veils\":[]}; version: “1” cannot be used",
        "{\"veils\":; is not JSON: something is wrong in line 1", "''; The plan file is empty (0 bytes)", "[]; holds no plan", "MANY; 300 of them cannot be used. Expected at most 6",
        "{\"format\":\"kind-veil-plan\",\"version\":1,\"page\":{\"width\":1e309,\"height\":50},\"veils\":[]}; page.width"})
    void plan_thatIsNone_isRefusedInItsOwnWords(String plan, String expected) {
        String text = plan.equals("MANY") ? "{\"format\":\"kind-veil-plan\",\"version\":1,\"title\":\"Oar\",\"support\":\"birch-panel\",\"ground\":\"raw\",\"groundColour\":\"#ffffff\",\"veils\":[" + "{\"way\":\"glazing\"},".repeat(299) + "{\"way\":\"glazing\"}]}" : plan;
        int before = pieces.all().size();
        Web.Answer answer = web.uploads("/pieces", Map.of("title", "From a plan", "width", "80 mm"), Map.of("picture", Samples.cornerPng(), "plan", text.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        assertEquals(422, answer.status(), answer.words());
        assertTrue(answer.words().contains(expected), answer.words());
        assertFalse(answer.words().contains("jackson") || answer.words().contains("Exception") || answer.words().contains("Unexpected character"), answer.words());
        assertEquals(before, pieces.all().size(), "nothing half made");
    }

    @Test
    void brush_scatteredOverThePicture_isRefusedAndAScribbleIsTaken() {
        java.util.Random random = new java.util.Random(4);
        String scattered = java.util.stream.IntStream.range(0, 4000).mapToObj(i -> random.nextDouble() + "," + random.nextDouble()).collect(java.util.stream.Collectors.joining(" "));
        Map<String, String> brush = new java.util.HashMap<>(Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "act", "brush", "places", scattered, "size", "3"));
        assertTrue(web.post("/pieces/" + piece.id() + "/source/opaque", brush).words().contains("length of the stroke"));
        brush.put("places", java.util.stream.IntStream.range(0, 4000).mapToObj(i -> 0.4 + 0.1 * random.nextDouble() * 0.1 + "," + (0.4 + 0.1 * random.nextDouble() * 0.1)).collect(java.util.stream.Collectors.joining(" ")));
        Web.Answer taken = web.post("/pieces/" + piece.id() + "/source/opaque", brush);
        assertTrue(taken.status() == 200 && !taken.words().contains("cannot be used"), taken.words());
        brush.put("places", "NaN,0.5 0.6,NaN");
        assertTrue(web.post("/pieces/" + piece.id() + "/source/opaque", brush).words().contains("pairs of numbers"));
    }
}
