package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.sheet.Paper;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.stock.Prints;
import kindveil.way.Way;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A studio that measures in inches, spoons and mils speaks so on every page. */
@ExtendWith(OpenStudio.class)
class UsMeasuresTest {
    /** A figure in metric measure; what stands in brackets is the other measure, said beside. */
    private static final Pattern METRIC = Pattern.compile("\\d\\s?(?:mm²?|cm²?|[µ\\x{3bc}]m|ml|°C)(?![\\w/²])");
    private final Web web;
    private final PieceWork pieces;
    private final Prints prints;
    private final RealWork reals;

    UsMeasuresTest(Studio studio, PieceWork pieces, Prints prints, RealWork reals) {
        this.prints = prints;
        this.reals = reals;
        this.web = new Web(studio.address());
        this.pieces = pieces;
    }

    private void measureIn(String units, String degrees) {
        String version = web.get("/room").text().replaceAll("(?s).*?name=\"version\" value=\"(-?\\d+)\".*", "$1");
        assertEquals(200, web.post("/room", Map.of("version", version, "degrees", degrees, "percent", "50", "units", units)).status());
    }

    @BeforeEach
    void us() {
        measureIn("US", "21");
    }

    @AfterEach
    void metric() {
        measureIn("METRIC", "69.8");
    }

    private Piece piece() {
        return pieces.begin("Pier", Length.ofInches(4), "pier.png", Samples.encoded(Samples.corner(300, 400), "png"));
    }

    /** What a page shows; a hidden field is not shown, and its token of the session may well hold “5ml”. */
    private List<String> metricOn(String page) {
        Web.Answer answer = web.get(page);
        assertEquals(200, answer.status(), page);
        String shown = answer.text().replaceAll("(?s)<(script|style).*?</\\1>", " ").replaceAll("(?s)<!--.*?-->", " ").replaceAll("<input[^>]*type=\"hidden\"[^>]*>", " ").replaceAll("(?:title|placeholder|aria-label|value)=\"([^\"]*)\"", ">$1<")
                .replaceAll("<[^>]*>", " ").replaceAll("\\([^()]*\\)", " ").replace("50 mm rule", " ").replace("The rule at the foot is 50 mm", " ");
        return METRIC.matcher(shown).results().map(MatchResult::start).map(at -> page.replaceAll("[0-9a-f-]{36}", "…") + ": " + shown.substring(Math.max(0, at - 50), Math.min(shown.length(), at + 20)).replaceAll("\\s+", " ")).toList();
    }

    @Test
    void everyWayAndEveryPage_speakInInchesSpoonsAndMils() {
        List<String> found = new ArrayList<>(metricOn("/pieces"));
        found.addAll(metricOn("/"));
        found.addAll(metricOn("/sittings"));
        found.addAll(metricOn("/jars?mixture=release-solution&more=3%20fl%20oz"));
        found.addAll(metricOn("/shelf/stock"));
        found.addAll(metricOn("/shelf/things"));
        Piece piece = piece();
        reals.take(pieces.plan(piece), 3);
        found.addAll(metricOn("/shelf/prints"));
        for (Prints.Stack stack : prints.all()) {
            found.addAll(metricOn("/shelf/prints/" + stack.owned().id()));
        }
        found.addAll(metricOn("/pieces/" + piece.id() + "/build?foresee=true"));
        for (Way way : Catalogue.ways()) {
            found.addAll(metricOn("/ways/" + way.key()));
        }
        for (Way way : Catalogue.transfers()) {
            Piece now = pieces.get(piece.id());
            pieces.change(now.with(now.design().doing(way)));
            for (String page : List.of("/source", "/build", "/arrange", "/print", "/make", "/finish")) {
                found.addAll(metricOn("/pieces/" + piece.id() + page));
            }
        }
        assertEquals(List.of(), found.stream().distinct().toList());
    }

    /** What is typed into a dial is in its own measure, or in the one written after it; shown again and sent again it is the same. */
    @Test
    void dials_areTypedInMils_inAnyOther_andStayWhatTheyAre() {
        Piece piece = piece();
        String build = "/pieces/" + piece.id() + "/build";
        Map<String, String> fields = new HashMap<>(Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "support", "birch-panel", "ground", "ACRYLIC_PAINT", "colour", "#c9b48a", "wish", "SOFT", "print", "GOOD_TONER", "way", "gel-lay"));
        Map<String, Double> typed = new java.util.LinkedHashMap<>();
        typed.put("4", 101.6);
        typed.put("4 mil", 101.6);
        typed.put("90 µm", 90.0);
        typed.put("90 \u03bcm", 90.0);
        typed.put("0.1 mm", 100.0);
        typed.forEach((text, micrometres) -> {
            fields.put("version", String.valueOf(pieces.get(piece.id()).version()));
            fields.put("dial.bed", text);
            assertEquals(200, web.post(build, fields).status(), text);
            assertEquals(micrometres, bed(piece), 1e-6, text);
            String shown = web.get(build).text().replaceAll("(?s).*name=\"dial.bed\"[^>]*?value=\"([^\"]*)\".*", "$1");
            fields.put("version", String.valueOf(pieces.get(piece.id()).version()));
            fields.put("dial.bed", shown);
            assertEquals(200, web.post(build, fields).status(), shown);
            assertEquals(micrometres, bed(piece), 0, "as it was shown, " + shown);
        });
        fields.put("version", String.valueOf(pieces.get(piece.id()).version()));
        for (String wrong : List.of("0.1", "40", "7 furlongs", "3 mm")) {
            fields.put("dial.bed", wrong);
            assertEquals(422, web.post(build, fields).status(), wrong);
        }
        fields.put("dial.bed", "0.1");
        assertTrue(web.post(build, fields).words().contains("“0.1 mil” cannot be used. Expected 1.181 to 9.843 mil"), web.post(build, fields).words());
    }

    private double bed(Piece piece) {
        return pieces.get(piece.id()).design().manner().dials().get("bed");
    }

    @Test
    void newPieces_arePrintedOnLetter() {
        assertEquals(Paper.LETTER, piece().design().paper());
    }
}
