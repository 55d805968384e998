package kindveil.studio.page.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two pieces, and two entries of the log, held against each other by their colours. */
@ExtendWith(OpenStudio.class)
class CompareTest {
    private static final Colour DARK = Colour.parse("g", "#1c2126");
    private static final Colour LIGHT = Colour.parse("g", "#efe6d2");
    private final PieceWork pieces;
    private final LogWork log;
    private final Web web;

    CompareTest(Studio studio, PieceWork pieces, LogWork log) {
        this.pieces = pieces;
        this.log = log;
        this.web = new Web(studio.address());
    }

    private Piece on(String title, Colour ground) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(80), "lines.png", Samples.lines(new Color(30, 30, 30), true));
        return pieces.change(piece.with(piece.basis().of(ground)));
    }

    private UUID written(Piece piece, byte[] photo) {
        UUID once = UUID.randomUUID();
        log.write(new LogWork.Entry(once, piece, null, new LogWork.Said(LogEntry.Verdict.NEARLY, "It came.", "", LogEntry.Findings.NONE), ""), "photo.png", photo);
        return once;
    }

    @Test
    void pieces_areComparedByTheirPaintsAndTheirLook() {
        Piece dark = on("Dark quay", DARK);
        Piece light = on("Light quay", LIGHT);
        Web.Answer page = web.get("/pieces/compare?piece=%s&piece=%s".formatted(dark.id(), light.id()));
        assertTrue(page.words().contains("ΔE00 %s: plainly another".formatted(Figures.rounded(ColourDifference.between(DARK.lab(), LIGHT.lab()), 1))), page.words());
        assertTrue(page.words().contains("more in the second"), "a dark print reads better on a light ground: " + page.words());
        assertTrue(page.words().contains("Both are planned alike"), "the colour of a ground is no plan");
        Web.Answer same = web.get("/pieces/compare?piece=%s&piece=%s".formatted(dark.id(), on("Another dark quay", DARK).id()));
        assertTrue(same.words().contains("ΔE00 0: the same to the eye") && same.words().contains("as much in both"), same.words());
    }

    @Test
    void entries_areComparedAsForeseenAndAsTheyCame() {
        Piece dark = on("Dark wharf", DARK);
        UUID one = written(dark, Samples.lines(new Color(30, 30, 30), true));
        UUID other = written(on("Light wharf", LIGHT), Samples.lines(new Color(90, 80, 70), true));
        String words = web.get("/log/compare?entry=%s&entry=%s".formatted(one, other)).words();
        assertTrue(words.contains("Lightness step, foreseen") && words.contains("Lightness step, as it came"), words);
        String half = web.get("/log/compare?entry=%s&entry=%s".formatted(one, written(dark, null))).words();
        assertTrue(half.contains("Lightness step, foreseen") && !half.contains("Lightness step, as it came"), half);
        assertTrue(web.get("/pieces/compare?piece=%s&piece=%s".formatted(dark.id(), on("Third wharf", LIGHT).id())).words().contains("no photograph"));
    }

    @Test
    void oneAlone_orTheSameTwice_isRefused() {
        Piece piece = on("Lone quay", LIGHT);
        assertEquals(400, web.get("/pieces/compare").status());
        assertEquals(400, web.get("/pieces/compare?piece=" + piece.id()).status());
        assertTrue(web.get("/pieces/compare?piece=%s&piece=%s".formatted(piece.id(), piece.id())).words().contains("two"));
        assertEquals(404, web.get("/pieces/compare?piece=%s&piece=%s".formatted(piece.id(), UUID.randomUUID())).status());
    }
}
