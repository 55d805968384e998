package kindveil.studio.work.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Act;
import kindveil.way.Answer;
import kindveil.way.Drops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class RememberedTest {
    private final PieceWork pieces;
    private final MakeWork makings;
    private final LogWork log;
    private final LastDrops drops;
    private final Web web;

    RememberedTest(Studio studio, PieceWork pieces, MakeWork makings, LogWork log, LastDrops drops) {
        this.pieces = pieces;
        this.makings = makings;
        this.log = log;
        this.drops = drops;
        this.web = new Web(studio.address());
    }

    private Piece gum(String title, String ink) {
        Piece piece = pieces.begin(title, Length.ofMillimetres(100), "oar.png", Samples.cornerPng());
        piece = piece.doing(Catalogue.way("gum-print"));
        return pieces.change(piece.with(piece.design().with(piece.design().manner().set(Map.of(), Map.of(), Map.of("ink", Colour.parse("ink", ink))))));
    }

    private static int answer(Act act, String words) {
        return act.answers().stream().map(Answer::words).toList().indexOf(words);
    }

    /** Let down from six drops, twice too stiff: twelve are offered for the same ink, and taken by one press; another ink is another. */
    @Test
    void dropsItTook_areOfferedForTheSameInk() {
        Piece first = gum("Buoy", "#3a5f8a");
        assertTrue(drops.of(pieces.plan(first)).isEmpty());
        UUID making = makings.begin(first.id()).id();
        int seq = 0;
        while (!makings.get(making).making().current().orElseThrow().id().key().equals("let-down")) {
            makings.tell(making, seq++, 0, 0, true);
        }
        Act letDown = makings.get(making).making().current().orElseThrow();
        for (String told : new String[] {Drops.STIFF, Drops.STIFF, "It flows slowly off the knife"}) {
            makings.tell(making, seq++, answer(letDown, told), 0, true);
        }
        log.write(new LogWork.Entry(UUID.randomUUID(), pieces.get(first.id()), null, new LogWork.Said(LogEntry.Verdict.AS_WISHED, "Clean whites.", "", LogEntry.Findings.NONE), ""), "", null);

        Piece second = gum("Buoy again", "#3c6089");
        assertEquals(new LastDrops.Last("drops", 12, "as I wished", "Buoy"), drops.of(pieces.plan(second)).orElseThrow());
        Web.Answer build = web.get("/pieces/" + second.id() + "/build");
        assertTrue(build.words().contains("This ink took 12 drops last time (Buoy, as I wished)."), build.words());
        assertEquals(200, web.post("/pieces/" + second.id() + "/use", Map.of("version", String.valueOf(pieces.get(second.id()).version()), "change", "dial drops 12")).status());
        assertEquals(12, pieces.get(second.id()).design().manner().dials().get("drops"));
        assertFalse(web.get("/pieces/" + second.id() + "/build").words().contains("This ink took"), "what is planned already is not offered");
        assertTrue(drops.of(pieces.plan(gum("Red buoy", "#8a2f2f"))).isEmpty());
        assertEquals(400, web.post("/pieces/" + second.id() + "/use", Map.of("version", String.valueOf(pieces.get(second.id()).version()), "change", "dial drops 900")).status());
    }

    @Test
    void taken_countsWhatWasAddedAndWhatRan() {
        assertEquals(6, Drops.taken(6, 0, false));
        assertEquals(12, Drops.taken(6, 2, false));
        assertEquals(4, Drops.taken(6, 0, true));
        assertEquals(0, Drops.taken(1, 0, true));
    }

    /** What was measured of a way corrects its next tracing, unless that is not wanted; struck out it counts no more. */
    @Test
    void loggedStretch_correctsTheNextTracing() {
        Piece skin = pieces.begin("Skin", Length.ofMillimetres(100), "oar.png", Samples.cornerPng());
        skin = pieces.change(skin.doing(Catalogue.way("free-skin")));
        String outline = "/pieces/" + skin.id() + "/outline.svg?tones=2";
        assertFalse(web.get("/pieces/" + skin.id() + "/source").text().contains("id=\"grown\""));
        assertTrue(web.get(outline + "&grown=true").text().contains("width=\"110.000mm\""), "nothing is measured yet");
        UUID second = UUID.randomUUID();
        for (UUID once : new UUID[] {UUID.randomUUID(), second}) {
            LogEntry.Findings grew = new LogEntry.Findings(null, null, once.equals(second) ? 3.0 : 1.0, "", null);
            log.write(new LogWork.Entry(once, skin, null, new LogWork.Said(LogEntry.Verdict.NEARLY, "It grew.", "", grew), ""), "", null);
        }
        assertEquals(new LogWork.Grown(2, 2), log.grown("free-skin").orElseThrow());
        assertTrue(log.grown("viscous-film-lay").isEmpty(), "each way by itself");
        assertTrue(web.get("/pieces/" + skin.id() + "/source").words().contains("drawn 2 % larger, as your last 2 came out"));
        assertTrue(web.get(outline + "&grown=true").text().contains("width=\"112.000mm\""));
        assertTrue(web.get(outline).text().contains("width=\"110.000mm\""), "refused, it is drawn as printed");
        assertEquals(List.of("102 mm"), ends(skin));
        Web.Answer fitted = web.post("/pieces/" + skin.id() + "/source", Map.of("version", String.valueOf(skin.version()), "width", "100 mm", "ends", "100 mm", "black", "0", "white", "100"));
        assertEquals(200, fitted.status());
        assertEquals(98.04, pieces.get(skin.id()).design().printWidth().millimetres(), 0.01, "printed smaller, it ends as wide as it was to be");
        assertEquals(List.of("100 mm"), ends(skin));
        Web.Answer both = web.post("/pieces/" + skin.id() + "/source", Map.of("version", String.valueOf(skin.version() + 1), "width", "90 mm", "ends", "110 mm", "black", "0", "white", "100"));
        assertTrue(both.words().contains("were both changed, to “90 mm” and “110 mm”"), both.words());
        assertEquals(200, web.post("/pieces/" + skin.id() + "/source", Map.of("version", String.valueOf(skin.version() + 1), "width", "100 mm", "ends", "100 mm", "black", "0", "white", "100")).status());
        assertEquals(100, pieces.get(skin.id()).design().printWidth().millimetres(), 1e-6, "its width alone was changed");
        log.strike(second, 0, true);
        assertEquals(new LogWork.Grown(1, 1), log.grown("free-skin").orElseThrow());
    }

    private List<String> ends(Piece piece) {
        return Pattern.compile("name=\"ends\" value=\"([^\"]*)\"").matcher(web.get("/pieces/" + piece.id() + "/source").text()).results().map(found -> found.group(1)).toList();
    }
}
