package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
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
        Web.Answer answer = web.post("/pieces/" + piece.id() + "/build", Map.of("version", "0", "support", "GLASS", "ground", "RAW", "wish", "CLEAN", "print", "GOOD_TONER",
                "colour", "blue", "dial.bed", "7,77 km"));
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("Support: “GLASS”") && answer.words().contains("Ground colour: “blue” cannot be used. Expected a colour written #rrggbb")
                && answer.words().contains("Wet thickness of the bed"), answer.words());
        Web.Answer thick = web.post("/pieces/" + piece.id() + "/build", Map.of("version", "0", "support", "BIRCH_PANEL", "ground", "RAW", "wish", "CLEAN", "print", "GOOD_TONER",
                "colour", "#aabbcc", "dial.bed", "900"));
        assertTrue(thick.words().contains("Wet thickness of the bed: “900 µm” cannot be used. Expected 30 to 250 µm"), thick.words());
        assertEquals(400, web.get("/pieces/" + piece.id() + "/build?pass=99").status());
        assertEquals(400, web.get("/pieces/" + piece.id() + "/build?left=pink").status());
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
}
