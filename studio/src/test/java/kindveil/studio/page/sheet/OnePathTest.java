package kindveil.studio.page.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindveil.bench.PrintKind;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.Gathering;
import kindveil.studio.work.sheet.Gatherings;
import kindveil.studio.work.sheet.SheetWork;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** One path to paper: the print of a piece among the sheets, with one count of copies and one set of files. */
@ExtendWith(OpenStudio.class)
class OnePathTest {
    private final PieceWork pieces;
    private final SheetWork sheets;
    private final Gatherings gatherings;
    private final Web web;
    private Piece gauge;
    private Piece rope;

    OnePathTest(Studio studio, PieceWork pieces, SheetWork sheets) {
        this.pieces = pieces;
        this.sheets = sheets;
        this.gatherings = studio.bean(Gatherings.class);
        this.web = new Web(studio.address());
    }

    @BeforeEach
    void empty() {
        gatherings.replace(new Gathering(gatherings.now().version(), List.of(), List.of()));
        gauge = pieces.begin("Path gauge", Length.ofMillimetres(60), "gauge.png", Samples.cornerPng());
        rope = pieces.begin("Path rope", Length.ofMillimetres(70), "rope.png", Samples.cornerPng());
    }

    private String print(Piece piece) {
        return "/pieces/" + piece.id() + "/print";
    }

    private Web.Answer tell(Piece piece, String... more) {
        Map<String, String> fields = new java.util.HashMap<>(Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "hand", "READS_RIGHT", "paper", "A4", "copies", "3"));
        for (int i = 0; i < more.length; i += 2) {
            fields.put(more[i], more[i + 1]);
        }
        return web.post(print(piece), fields);
    }

    private int laid(Piece piece) {
        return sheets.batch(PrintKind.GOOD_TONER).items().stream().filter(item -> item.wanted().piece().equals(piece.id())).findFirst().orElseThrow().copies();
    }

    @Test
    void whereOthersWait_itIsSeenAmongThem_andItsFilePutsItThere() {
        assertFalse(web.get(print(rope)).words().contains("With it:"), "nothing waits");
        sheets.gather(pieces.get(gauge.id()));
        String among = web.get(print(rope)).words();
        assertTrue(among.contains("One sheet of A4; 3 copies of it. With it: Path gauge × 3."), among);
        assertFalse(gatherings.now().holds(rope.id(), 1), "only looked at");
        assertTrue(web.get(print(rope) + "?alone=true").words().contains("Lay it with the others"));
        assertEquals("%PDF", new String(web.bytes("/pieces/" + rope.id() + "/sheets.pdf"), 0, 4, java.nio.charset.StandardCharsets.US_ASCII));
        assertTrue(gatherings.now().holds(rope.id(), 1));
        // both were taken: they lie there until they are printed, and draw nothing new to them
        Piece late = pieces.begin("Path moth", Length.ofMillimetres(50), "moth.png", Samples.cornerPng());
        assertFalse(web.get(print(late)).words().contains("With it:"));
        sheets.gather(late);
        assertTrue(web.get(print(late)).words().contains("A file of Path gauge was taken already."));
        assertEquals(200, web.post("/sheets/good-toner/clear", Map.of("version", String.valueOf(gatherings.now().version()))).status());
        assertEquals(List.of(), gatherings.now().wanted());
    }

    @Test
    void copies_areOneCount_whereverTheyAreTold() {
        tell(gauge, "copies", "4");
        sheets.gather(pieces.get(gauge.id()));
        assertEquals(4, laid(gauge), "as told of the piece");
        assertTrue(tell(gauge, "copies", "6", "together", "true").text().contains("value=\"6\""));
        assertEquals(6, laid(gauge));
        Map<String, String> fields = new java.util.HashMap<>(Map.of("version", String.valueOf(gatherings.now().version()), "sheet", "A3", "width", "", "height", "", "runs", "1", "printedBy", ""));
        fields.put("copies-%s-1".formatted(gauge.id()), "2");
        web.post("/sheets/good-toner", fields);
        assertEquals(2, pieces.get(gauge.id()).design().copies());
        assertTrue(web.get(print(gauge)).text().contains("value=\"2\""));
        assertTrue(web.get(print(gauge)).words().contains("One sheet of A3"), "and one paper");
        tell(gauge, "copies", "2", "paper", "LETTER", "together", "true");
        assertEquals("LETTER", sheets.batch(PrintKind.GOOD_TONER).setUp().sheet());
    }

    @Test
    void byItself_andBack_staysOnItsPrint() {
        sheets.gather(pieces.get(gauge.id()));
        Web.Answer back = web.post("/sheets/gather", Map.of("piece", rope.id().toString(), "veil", "1", "back", "/pieces/" + rope.id()));
        assertEquals(print(rope), back.path());
        Web.Answer off = web.post("/sheets/drop", Map.of("piece", rope.id().toString(), "veil", "1", "version", String.valueOf(gatherings.now().version()), "kind", "good-toner", "back", "/pieces/" + rope.id(), "alone", "true"));
        assertTrue(off.words().contains("Lay it with the others"), off.words());
        for (String elsewhere : List.of("//evil", "/pieces/../room", "https://x", "/pieces/" + rope.id() + "/veils/9")) {
            assertEquals("/sheets/good-toner", web.post("/sheets/gather", Map.of("piece", rope.id().toString(), "veil", "1", "back", elsewhere)).path(), elsewhere);
        }
    }
}
