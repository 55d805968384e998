package kindveil.studio.page.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.device.SimulatedPrinter;
import kindveil.studio.intake.PrintPdfTest;
import kindveil.studio.work.sheet.Gathering;
import kindveil.studio.work.sheet.Gatherings;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

@ExtendWith(OpenStudio.class)
class SheetsPagesTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final Gatherings gatherings;
    private final Web web;
    private Piece piece;

    SheetsPagesTest(Studio studio, PieceWork pieces, Gatherings gatherings) {
        this.studio = studio;
        this.pieces = pieces;
        this.gatherings = gatherings;
        this.web = new Web(studio.address());
    }

    @BeforeEach
    void gathered() {
        gatherings.replace(new Gathering(gatherings.now().version(), List.of(), List.of()));
        piece = pieces.begin("Gauge on paper", Length.ofMillimetres(80), "gauge.png", Samples.cornerPng());
        web.post("/sheets/gather", Map.of("piece", piece.id().toString(), "veil", "1"));
    }

    private String version() {
        return String.valueOf(gatherings.now().version());
    }

    private Web.Answer setUp(String copies, String sheet, String width, String height, String runs) {
        Map<String, String> fields = new LinkedHashMap<>(Map.of("version", version(), "sheet", sheet, "width", width, "height", height, "runs", runs, "printedBy", ""));
        fields.put("copies-%s-1".formatted(piece.id()), copies);
        return web.post("/sheets/good-toner", fields);
    }

    @Test
    void page_tellsSheetsSettingsAndWhatToSayAtTheCounter() {
        String words = web.get("/sheets").words();
        assertTrue(words.contains("One sheet of A4") && words.contains("3 copies of one image") && words.contains("No record yet: three"), words);
        assertTrue(words.contains("no fit-to-page") && words.contains("One master, copied once: one sheet to pay") && words.contains("no toner saving"), words);
        assertTrue(web.get("/pieces/" + piece.id() + "/print").words().contains("One sheet of A4; 3 copies of it."));
        assertEquals("/sheets/good-toner", web.get("/sheets/good-toner").path());
        assertEquals("/sheets", web.get("/sheets/film-dye").path());
        assertEquals(404, web.get("/sheets/parchment").status());
    }

    @Test
    void setUp_badInput_isAllShownAtOnceAndWhatWasTypedStays() {
        Web.Answer answer = setUp("99", "OWN", "3 mm", "long", "7");
        assertEquals(422, answer.status());
        String words = answer.words();
        assertTrue(words.contains("Copies of Gauge on paper") && words.contains("1 to 20") && words.contains("Sheet width: “3 mm”") && words.contains("Sheet height: “long”") && words.contains("Makings: “7"), words);
        assertTrue(answer.text().contains("value=\"99\"") && answer.text().contains("value=\"long\""));
        assertEquals(422, setUp("2", "PARCHMENT", "", "", "1").status());
        assertEquals(3, answerCopies());
    }

    private long answerCopies() {
        return web.get("/sheets/good-toner").text().split("class=\"copy\"", -1).length - 1;
    }

    @Test
    void setUp_filmOfItsOwnSize_isLaidOutOnIt() {
        assertEquals(200, setUp("2", "OWN", "15 cm", "200 mm", "1").status());
        assertTrue(web.get("/sheets/good-toner").words().contains("One sheet of 150 mm × 200 mm"));
        assertTrue(setUp("2", "OWN", "90 mm", "100 mm", "1").words().contains("It does not fit"));
        assertTrue(web.get("/sheets/good-toner/sheets.pdf").status() == 400, "nothing is scaled to fit");
    }

    @Test
    void arrange_byNumbers_movesOrSaysWhyNot() {
        Map<String, String> put = Map.of("version", version(), "from", "0", "index", "0", "to", "1", "x", "40", "y", "60", "turned", "true");
        assertTrue(web.post("/sheets/good-toner/arrange", put).words().contains("They lie as you put them"));
        Web.Answer wrong = web.post("/sheets/good-toner/arrange", Map.of("version", version(), "from", "0", "index", "0", "to", "0", "x", "abc", "y", "-400"));
        assertEquals(422, wrong.status());
        assertTrue(wrong.words().contains("From the left: “abc”") && wrong.words().contains("From the top"), wrong.words());
        Web.Answer stale = web.post("/sheets/good-toner/arrange", put);
        assertTrue(stale.words().contains("was changed in another window"), stale.words());
    }

    @Test
    void rule_measured_correctsOrRejects() {
        Web.Answer corrected = web.post("/sheets/good-toner/measure", Map.of("version", version(), "measured", "4,9 cm"));
        assertTrue(corrected.words().contains("The files are now drawn at 102.0 %"), corrected.words());
        assertTrue(web.post("/sheets/good-toner/measure", Map.of("version", version(), "measured", "40 mm")).words().contains("Print it again at 100 %"));
        Web.Answer wrong = web.post("/sheets/good-toner/measure", Map.of("version", version(), "measured", "2 m"));
        assertEquals(422, wrong.status());
        assertTrue(wrong.words().contains("10 to 200 mm") && wrong.text().contains("value=\"2 m\""), wrong.words());
    }

    @Test
    void files_comeInEveryFormat() throws Exception {
        byte[] pdf = web.bytes("/sheets/good-toner/sheets.pdf");
        try (var document = Loader.loadPDF(pdf)) {
            String words = new PDFTextStripper().getText(document);
            assertTrue(words.contains("Gauge on paper × 3") && words.contains("mirrored · 2") && words.contains("Mirror OFF"), words);
        }
        assertEquals("PNG", new String(web.bytes("/sheets/good-toner/sheet-1.png"), 1, 3, StandardCharsets.US_ASCII));
        assertEquals("II*\0", endian(web.bytes("/sheets/good-toner/sheet-1.tiff")));
        assertEquals("%PDF", new String(web.bytes("/sheets/good-toner/master.pdf"), 0, 4, StandardCharsets.US_ASCII));
        assertEquals(404, web.get("/sheets/good-toner/sheet-9.png").status());
    }

    private static String endian(byte[] tiff) {
        return tiff[0] == 'M' ? "II*\0" : new String(tiff, 0, 4, StandardCharsets.US_ASCII);
    }

    @Test
    void printer_badSettings_areRefusedAndNothingIsPrinted() {
        Web.Answer answer = web.post("/sheets/good-toner/printer", Map.of("percent", "400", "uneven", "x"));
        assertEquals(422, answer.status());
        assertTrue(answer.words().contains("Size it prints at: “400") && answer.words().contains("Unevenness: “x”"), answer.words());
        assertEquals(422, web.post("/sheets/good-toner/printer/toner", Map.of("toner", "-3")).status());
        assertEquals(404, web.get("/printer/99999/1.png").status());
        assertEquals(404, web.get("/sheets/good-toner/printer?job=99999").status());
    }

    @Test
    void printer_out_ofToner_saysSoAndCanBeCancelled() {
        web.post("/sheets/good-toner/printer/toner", Map.of("toner", "0"));
        Web.Answer printing = web.post("/sheets/good-toner/printer", Map.of("percent", "100", "uneven", "0"));
        assertTrue(printing.words().contains("out of toner"), printing.words());
        String job = printing.text().replaceAll("(?s).*?data-job=\"(\\d+)\".*", "$1");
        assertTrue(web.post("/sheets/good-toner/printer/" + job + "/cancel", Map.of()).words().contains("cancelled"));
        web.post("/sheets/good-toner/printer/toner", Map.of("toner", "100"));
        assertFalse(web.get("/sheets/good-toner/printer/queue").words().contains("out of toner"));
        assertEquals(100, studio.bean(SimulatedPrinter.class).toner());
    }

    // --- beside the sheets: proof strips, curved forms, seams

    @Test
    void proofStrip_measuresRightAndIsTurnedAsTheWayNeeds(@TempDir Path folder) throws Exception {
        BufferedImage gel = PrintPdfTest.render(folder, web.bytes("/ways/gel-lay/proof.pdf?print=GOOD_TONER&by=shop"));
        BufferedImage tape = PrintPdfTest.render(folder, web.bytes("/ways/tape-lift/proof.pdf?print=GOOD_TONER"));
        // the corner mark stands at the left on a strip that is not mirrored, at the right on one that is
        assertTrue(dark(tape, 13, 15) && !dark(tape, 161, 15));
        assertTrue(dark(gel, 161, 15) && !dark(gel, 13, 15));
        // the solid patch, 29.5 mm wide, read along one row
        int row = (int) ((12 + 16) * 600 / 25.4);
        int wide = 0;
        for (int x = (int) (130 * 600 / 25.4); x < (int) (164 * 600 / 25.4); x++) {
            wide += (tape.getRGB(x, row) & 255) < 60 ? 1 : 0;
        }
        assertEquals(29.5, wide * 25.4 / 600, 0.2);
        assertEquals(400, web.get("/ways/gel-lay/proof.pdf?print=CHALK").status());
    }

    private static boolean dark(BufferedImage page, double x, double y) {
        return (page.getRGB((int) (x * 600 / 25.4), (int) (y * 600 / 25.4)) & 255) < 100;
    }

    @Test
    void curvedForm_tellsWhetherItLiesAndDrawsItsCuts() throws Exception {
        String base = "/pieces/" + piece.id();
        assertTrue(web.get(base + "/print/form?kind=CYLINDER&around=60+mm").words().contains("It lies flat"));
        Web.Answer ball = web.get(base + "/print/form?kind=BALL&around=140+mm&carrier=tape");
        assertTrue(ball.words().contains("relief cuts") && ball.words().contains("Tape bears about 0.5 %"), ball.words());
        int cuts = Integer.parseInt(ball.words().replaceAll(".*?(\\d+) relief cuts.*", "$1"));
        String svg = web.get(base + "/form.svg?kind=BALL&around=140+mm&carrier=tape").text();
        assertTrue(svg.contains("width=\"82.000mm\""), svg.substring(0, 200));
        assertTrue(cuts >= svg.split("<path d=\"M", -1).length - 2 && svg.split("<path d=\"M", -1).length > 10);
        try (var document = Loader.loadPDF(web.bytes(base + "/form.pdf?kind=BALL&around=140+mm&carrier=tape"))) {
            assertTrue(new PDFTextStripper().getText(document).contains("template for a ball or the like of 140 mm"));
        }
        Web.Answer wrong = web.get(base + "/print/form?kind=EGG_SIDE&around=2+mm&along=tall&carrier=glue");
        assertEquals(422, wrong.status());
        assertTrue(wrong.words().contains("Length of the egg: “tall”") && wrong.words().contains("Carrier: “glue”"), wrong.words());
        assertTrue(web.get(base + "/print/form?kind=EGG_SIDE&around=30+mm&along=40+mm").words().contains("wraps round the far side"));
        assertEquals(400, web.get(base + "/form.pdf?kind=BALL&around=x").status());
    }

    @Test
    void seams_areMarkedAndTakenAway() {
        Piece tape = pieces.change(piece.with(piece.design().doing(kindveil.catalogue.Catalogue.way("tape-lift"))));
        String base = "/pieces/" + tape.id();
        String before = web.get(base + "/print").words();
        assertTrue(before.contains("2 strips"), before);
        Web.Answer marked = web.post(base + "/print/seams", Map.of("version", String.valueOf(tape.version()), "left", "20", "top", "35", "right", "80", "bottom", "60"));
        assertTrue(marked.words().contains("3 strips") && marked.words().contains("running across"), marked.words());
        Web.Answer wrong = web.post(base + "/print/seams", Map.of("version", String.valueOf(tape.version() + 1), "left", "80", "top", "abc", "right", "20", "bottom", "400"));
        assertEquals(422, wrong.status());
        assertTrue(wrong.words().contains("Top of the marked part: “abc”") && wrong.words().contains("Foot of the marked part: “400"), wrong.words());
        assertTrue(web.post(base + "/print/seams", Map.of("version", String.valueOf(tape.version() + 1), "clear", "true")).words().contains("2 strips"));
    }
}
