package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.catalogue.Catalogue;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.reading.CompatibilityReading;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Fit;
import kindveil.way.Wish;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Where;
import kindveil.studio.work.shelf.Supports;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The pages of a piece, the bench and the ways, for every way there is. */
@ExtendWith(OpenStudio.class)
class EveryWayTest {
    private final Web web;
    private final PieceWork pieces;
    private final Log log;
    private final Supports supports;
    private final WaysWork ways;

    EveryWayTest(Studio studio, PieceWork pieces, Log log, Supports supports, WaysWork ways) {
        this.ways = ways;
        this.supports = supports;
        this.web = new Web(studio.address());
        this.pieces = pieces;
        this.log = log;
    }

    static Stream<String> transfers() {
        return Catalogue.transfers().stream().map(Way::key);
    }

    static Stream<String> ways() {
        return Catalogue.ways().stream().map(Way::key);
    }

    static Stream<String> orders() {
        return Stream.of(WaysWork.Order.values()).map(Enum::name);
    }

    static Stream<String> layers() {
        return Catalogue.overAndUnder().stream().map(Way::key);
    }

    private Piece piece() {
        return pieces.begin("Moth", Length.ofMillimetres(90), "moth.png", Samples.encoded(Samples.corner(300, 400), "png"));
    }

    private Web.Answer build(Piece piece, String base, Map<String, String> more) {
        Map<String, String> fields = new java.util.HashMap<>(Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "support", "birch-panel", "ground", "ACRYLIC_PAINT", "colour", "#c9b48a",
                "wish", "SOFT", "print", "GOOD_TONER"));
        fields.putAll(more);
        return web.post(base + "/build", fields);
    }

    @ParameterizedTest
    @MethodSource("transfers")
    void piece_madeThatWay_hasEveryPageAndCanBeMade(String way) {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        Web.Answer built = build(piece, base, Map.of("way", way));
        assertEquals(200, built.status());
        assertTrue(built.words().contains("The section,"), built.words());
        for (String page : new String[] {"/source", "/build", "/print", "/make", "/finish", "/notes"}) {
            Web.Answer answer = web.get(base + page);
            assertEquals(200, answer.status(), page);
            assertFalse(answer.words().contains("The bench refuses"), page);
        }
        assertEquals("%PDF", new String(web.bytes(base + "/sheet.pdf"), 0, 4, StandardCharsets.US_ASCII));
        Web.Answer bench = web.post(base + "/make", Map.of());
        assertEquals(200, bench.status());
        for (int seq = 0; seq < 3; seq++) {
            assertEquals(200, web.post(bench.path() + "/tell", Map.of("seq", String.valueOf(seq), "answer", "0", "ago", "0", "anyway", "true")).status());
        }
        assertTrue(web.get("/").words().contains("Moth"));
    }

    /** Names of what can be changed with something of a build open. */
    private Set<String> asked(String base, Where open) {
        return asked(opened(base, open));
    }

    private String opened(String base, Where open) {
        return web.get(base + "/build?open=" + open.name().toLowerCase(Locale.ROOT)).text();
    }

    private static Set<String> asked(String page) {
        return Pattern.compile("name=\"((?:choice|dial|colour)\\.[^\"]+)\"").matcher(page).results().map(found -> found.group(1)).collect(Collectors.toSet());
    }

    /** Nothing of a way is beyond reach, and nothing is asked twice at once. */
    @ParameterizedTest
    @MethodSource("ways")
    void build_allThatAWayAsks_isMetWhereItActs(String key) {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        Way way = Catalogue.way(key);
        if (way.card().kind() == WayCard.Kind.TRANSFER) {
            build(piece, base, Map.of("way", key));
        } else {
            web.post(base + "/veils", Map.of("version", "0", "way", key));
            base += "/veils/2";
        }
        Brief brief = pieces.plan(pieces.get(piece.id(), way.card().kind() == WayCard.Kind.TRANSFER ? 1 : 2)).brief();
        Set<String> met = new TreeSet<>();
        Map<Where, String> pages = new EnumMap<>(Where.class);
        for (Where where : Where.values()) {
            pages.put(where, opened(base, where));
            met.addAll(asked(pages.get(where)));
        }
        Set<String> all = new TreeSet<>();
        way.choices().stream().filter(choice -> choice.actsOn(brief.support())).forEach(choice -> all.add("choice." + choice.key()));
        way.dials(brief).forEach(dial -> all.add("dial." + dial.key()));
        way.pots(brief).forEach(pot -> all.add("colour." + pot.key()));
        assertEquals(all, met);
        for (Choice choice : way.choices().stream().filter(one -> one.actsOn(brief.support())).toList()) {
            String open = pages.get(choice.where());
            assertEquals(choice.options().size(), open.split("type=\"radio\" form=\"told\" id=\"choice." + choice.key() + "-[a-z0-9-]+\"", -1).length - 1, choice.key());
            assertFalse(open.contains("<select form=\"told\" id=\"choice." + choice.key() + "\""), choice.key() + " is asked once");
        }
    }

    @ParameterizedTest
    @MethodSource("layers")
    void layer_overATransfer_isOneMoreVeil(String way) {
        Piece piece = piece();
        Web.Answer added = web.post("/pieces/" + piece.id() + "/veils", Map.of("version", "0", "way", way));
        assertEquals(200, added.status(), added.words());
        assertEquals("/pieces/" + piece.id() + "/veils/2/build", added.path());
        assertEquals(200, web.get("/pieces/" + piece.id() + "/make").status());
        assertEquals(2, pieces.get(piece.id()).veils().size());
    }

    /** Put under everything it is looked at by itself, with and without a page of its own size, in every state. */
    @ParameterizedTest
    @MethodSource("layers")
    void layer_putFirst_isLookedAtByItself(String way) {
        for (boolean paged : new boolean[] {false, true}) {
            Piece piece = piece();
            String base = "/pieces/" + piece.id();
            web.post(base + "/veils", Map.of("version", "0", "way", way));
            web.post(base + "/veils/2/move", Map.of("version", "1", "by", "-1"));
            if (paged) {
                web.post(base + "/page", Map.of("version", "2", "pageWidth", "200 mm", "pageHeight", "260 mm"));
            }
            assertEquals(way, pieces.get(piece.id()).veils().getFirst().design().way());
            for (int veil = 1; veil <= 2; veil++) {
                Web.Answer build = web.get(base + "/veils/" + veil + "/build");
                assertEquals(200, build.status(), build.words());
                assertEquals(200, web.get(base + "/veils/" + veil + "/look/raked.png?v=" + veil).status());
            }
            assertEquals(200, web.get(base + "/veils/1/make").status());
        }
    }

    /** Two colours wet together: above the band the first, below it the second, as they would be laid flat. */
    @Test
    void undercolour_ofTwoColours_runsFromOneToTheOther() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        web.post(base + "/veils", Map.of("version", "0", "way", "underpainting"));
        web.post(base + "/veils/2/move", Map.of("version", "1", "by", "-1"));
        web.post(base + "/veils/1/build", Map.of("version", "2", "way", "underpainting", "wish", "CLEAN", "support", "birch-panel", "ground", "GESSO", "colour", "#e8e4da", "choice.kind", "together",
                "colour.under", "#c8a24a", "colour.second", "#4a6070"));
        kindveil.image.Picture seen = kindveil.studio.intake.Rasters.linear(kindveil.studio.intake.Rasters.decode(web.bytes(base + "/veils/1/look/dried.png?v=a")));
        double top = seen.red().at(seen.width() / 2, seen.height() / 10) - seen.blue().at(seen.width() / 2, seen.height() / 10);
        double foot = seen.red().at(seen.width() / 2, seen.height() * 9 / 10) - seen.blue().at(seen.width() / 2, seen.height() * 9 / 10);
        assertTrue(top > 0.15, "ochre above: " + top);
        assertTrue(foot < -0.02, "slate below: " + foot);
        long steps = java.util.stream.IntStream.range(0, seen.height()).mapToObj(y -> Math.round(40 * (seen.red().at(seen.width() / 2, y) - seen.blue().at(seen.width() / 2, y)))).distinct().count();
        assertTrue(steps >= 4, "they run into each other, in " + steps);
        Web.Answer build = web.get(base + "/veils/1/build");
        assertTrue(build.words().contains("Second colour") && build.words().contains("they meet, from the top"), build.words());
        assertFalse(build.words().contains("Spatter"), "what is not used is not asked");
    }

    @ParameterizedTest
    @MethodSource("ways")
    void way_ofItsOwn_hasSectionActsSchoolsAndFailures(String key) {
        Web.Answer page = web.get("/ways/" + key);
        assertEquals(200, page.status());
        Way way = Catalogue.way(key);
        assertTrue(page.words().contains(way.card().summary()));
        assertTrue(page.words().contains(way.card().failures().getFirst().rescue()));
        assertTrue(page.text().contains("class=\"growth\""));
        way.choices().forEach(choice -> assertTrue(page.words().contains(choice.options().getLast().costs()), choice.key()));
    }

    @Test
    void ways_forWhatIsAtHand_areRankedWithReasonsAndAMatrix() {
        Web.Answer page = web.get("/ways?print=DYE_INKJET&support=watercolour-paper&ground=RAW&wish=SOFT");
        assertTrue(page.words().indexOf("Fixed-inkjet lay sound") < page.words().indexOf("Gel lay no"), page.words());
        assertTrue(page.words().contains("dissolves in water and bleeds"));
        assertEquals(16 * kindveil.bench.PrintKind.values().length, page.text().split("role=\"cell\"", -1).length - 1);
        assertEquals(16 * supports.all().size(), web.get("/ways?table=support").text().split("role=\"cell\"", -1).length - 1);
        assertTrue(web.get("/ways?q=litho").words().contains("Gum print"));
        assertTrue(web.get("/ways?q=bicycle").words().contains("Nothing here is called “bicycle”"));
        assertEquals(400, web.get("/ways?print=CHALK").status());
        assertEquals(404, web.get("/ways/honey-lift").status());
        assertEquals(422, web.get("/ways/gel-lay?width=1,250 mm".replace(" ", "%20")).status());
    }

    /** By whatever matters: each way once, those that do not go last, each with its figure, the least of it first. */
    @ParameterizedTest
    @MethodSource("orders")
    void ways_byWhatMatters_leastFirst(String name) {
        WaysWork.Order order = WaysWork.Order.valueOf(name);
        WaysWork.Having having = new WaysWork.Having(PrintKind.GOOD_TONER, Support.BIRCH_PANEL, Ground.ACRYLIC_PAINT, Wish.CLEAN);
        List<CompatibilityReading> ranked = ways.ranked(Catalogue.transfers(), having, order);
        assertEquals(Set.copyOf(Catalogue.transfers()), ranked.stream().map(CompatibilityReading::way).collect(Collectors.toSet()));
        List<Boolean> goes = ranked.stream().map(reading -> reading.verdict() != Fit.Verdict.NO).toList();
        assertEquals(goes.stream().filter(go -> go).count(), goes.indexOf(false) < 0 ? goes.size() : goes.indexOf(false));
        List<Double> figures = ranked.stream().filter(reading -> reading.verdict() != Fit.Verdict.NO).map(reading -> ways.weighed(reading.way(), having)).map(weighed -> switch (order) {
            case FIT -> 0.0;
            case FINISH -> weighed.read().times().elapsed().map(Span::inMinutes).orElse(1e9);
            case RUBBING -> Span.inMinutes(weighed.rubbing());
            case TAKES -> weighed.read().takes().millilitres();
            case FIRST_TRY -> -weighed.read().holds().orElse(1.0);
        }).toList();
        assertEquals(figures.stream().sorted().toList(), figures);
        assertTrue(order == WaysWork.Order.FIT || figures.stream().distinct().count() > 2, "it tells them apart");
        Web.Answer page = web.get("/ways?print=GOOD_TONER&support=birch-panel&ground=ACRYLIC_PAINT&wish=CLEAN&order=" + order);
        assertEquals(200, page.status());
        assertTrue(page.text().contains("<option value=\"%s\" selected=\"selected\">".formatted(order)));
        assertEquals(order != WaysWork.Order.FIT, page.text().contains("ranked-figure"));
    }

    @Test
    void build_numberOutsideTheUsual_isAskedAbout_outsideThePossible_isRefused() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        assertTrue(build(piece, base, Map.of("dial.bed", "40")).words().contains("Did you mean it?"));
        Web.Answer refused = build(piece, base, Map.of("dial.bed", "4"));
        assertEquals(422, refused.status());
        assertTrue(refused.words().contains("“4 µm” cannot be used. Expected 30 to 250 µm. Too thin and streaky"), refused.words());
    }

    /** What one print, choice or wish asks for is no fault once another is chosen, in the studio and in its plan file. */
    @Test
    void build_valuesAnotherPrintWouldAskFor_areNoFault() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        build(piece, base, Map.of("way", "gel-lay", "print", "WEAK_TONER"));
        Web.Answer weak = build(piece, base, Map.of("way", "gel-lay", "print", "WEAK_TONER", "dial.runs", "2", "choice.opening", "round"));
        assertEquals(200, weak.status(), weak.words());
        assertTrue(asked(base, Where.IMAGE).contains("dial.runs") && asked(base, Where.EDGE).contains("dial.opening-across"));
        build(piece, base, Map.of("way", "gel-lay", "print", "WEAK_TONER", "dial.runs", "2", "choice.opening", "round", "dial.opening-across", "25"));
        Web.Answer strong = build(piece, base, Map.of("way", "gel-lay", "print", "GOOD_TONER", "dial.runs", "2", "choice.opening", "none", "dial.opening-across", "25"));
        assertEquals(200, strong.status(), strong.words());
        assertFalse(asked(base, Where.IMAGE).contains("dial.runs") || asked(base, Where.EDGE).contains("dial.opening-across"));
    }

    @Test
    void veils_placedMovedAndLeftOut_keepTheRest() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        web.post(base + "/veils", Map.of("version", "0", "way", "tape-lift"));
        Web.Answer placed = web.post(base + "/veils/2/place", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "x", "-5 mm", "y", "1/2 in"));
        assertEquals(200, placed.status(), placed.words());
        assertEquals(Length.ofMillimetres(-5), pieces.get(piece.id(), 2).veil().x());
        assertEquals(Length.ofMillimetres(12.7), pieces.get(piece.id(), 2).veil().y());
        assertEquals(400, web.post(base + "/veils/2/place", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "x", "far", "y", "0")).status());
        web.post(base + "/veils/2/move", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "by", "-1"));
        assertEquals("tape-lift", pieces.get(piece.id()).design().way());
        assertEquals("gel-lay", pieces.get(piece.id(), 2).design().way());
        web.post(base + "/veils/1/remove", Map.of("version", String.valueOf(pieces.get(piece.id()).version())));
        assertEquals(1, pieces.get(piece.id()).veils().size());
        assertEquals(400, web.post(base + "/veils/1/remove", Map.of("version", String.valueOf(pieces.get(piece.id()).version()))).status());
        assertEquals(404, web.get(base + "/veils/7/build").status());
    }

    @Test
    void refusedWork_saysWhatToDo_onTheMakePage() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        build(piece, base, Map.of("way", "oiled-panel"));
        web.post(base + "/veils", Map.of("version", String.valueOf(pieces.get(piece.id()).version()), "way", "glazing"));
        Web.Answer make = web.get(base + "/make");
        assertTrue(make.words().contains("The bench refuses this plan.") && make.words().contains("over mineral oil does not hold"), make.words());
        assertEquals(400, web.post(base + "/make", Map.of()).status());
    }

    @Test
    void planFile_outAndIn_isTheSamePlan_andABadOneTellsAll() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        build(piece, base, Map.of("way", "tape-lift", "dial.soak", ""));
        byte[] plan = web.bytes(base + "/plan.json");
        Web.Answer begun = web.uploads("/pieces", Map.of("title", "From a plan", "width", ""), Map.of("picture", Samples.encoded(Samples.corner(300, 400), "png"), "plan", plan));
        assertEquals(200, begun.status(), begun.words());
        assertTrue(begun.words().contains("From a plan"));
        assertEquals("tape-lift", pieces.all().getFirst().design().way());
        byte[] broken = new String(plan, StandardCharsets.UTF_8).replace("tape-lift", "honey-lift").replace("\"version\" : 1", "\"version\" : 3").getBytes(StandardCharsets.UTF_8);
        Web.Answer refused = web.uploads("/pieces", Map.of("title", "Kept title", "width", ""), Map.of("picture", Samples.encoded(Samples.corner(300, 400), "png"), "plan", broken));
        assertEquals(422, refused.status());
        assertTrue(refused.words().contains("version: “3” cannot be used") && refused.words().contains("veils[0].way: “honey-lift”"), refused.words());
        assertTrue(refused.text().contains("Kept title"));
    }

    @Test
    void treatments_addedOrderedChangedAndTakenBack_areReadAndPrinted() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        for (String kind : new String[] {"dots", "torn", "invert"}) {
            assertEquals(200, web.post(base + "/treatments", Map.of("version", version(piece), "kind", kind)).status());
        }
        assertEquals("halftone dot 45 0.9; edge torn 5 7; invert", pieces.get(piece.id()).design().treatments().toString());
        web.post(base + "/treatments/2/move", Map.of("version", version(piece), "by", "-2"));
        assertEquals("invert; halftone dot 45 0.9; edge torn 5 7", pieces.get(piece.id()).design().treatments().toString());
        web.post(base + "/treatments/1", Map.of("version", version(piece), "code", "halftone line 30 0.6"));
        Web.Answer removed = web.post(base + "/treatments/0/remove", Map.of("version", version(piece)));
        assertTrue(removed.words().contains("halftone of lines, 0.6 to the millimetre at 30°"), removed.words());
        web.post(base + "/treatments/undo", Map.of("version", version(piece)));
        assertEquals("invert; halftone line 30 0.6; edge torn 5 7", pieces.get(piece.id()).design().treatments().toString());
        for (String picture : new String[] {"/step/0.png", "/step/3.png", "/risk.png", "/treated.png"}) {
            assertEquals((byte) 'P', web.bytes(base + picture)[1], picture);
        }
        assertEquals(400, web.post(base + "/treatments/1", Map.of("version", version(piece), "code", "halftone star 1 1")).status());
        assertEquals(404, web.get(base + "/step/9.png").status());
        assertEquals(404, web.post(base + "/treatments/9/remove", Map.of("version", version(piece))).status());
        assertTrue(web.get(base + "/source").words().contains("Finest lines"));
    }

    private String version(Piece piece) {
        return String.valueOf(pieces.get(piece.id()).version());
    }

    @Test
    void log_findingsLineageAndComparison_areKept() {
        Piece piece = piece();
        String base = "/pieces/" + piece.id();
        for (int i = 1; i <= 2; i++) {
            Web.Answer bench = web.post(base + "/make", Map.of());
            web.post(bench.path() + "/aside", Map.of());
            build(piece, base, Map.of("choice.medium", "matte"));
            Map<String, String> note = Map.of("once", "00000000-0000-4000-8000-0000000000b" + i, "verdict", "NEARLY", "came", "Pull " + i, "different", "", "printedBy", "", "tack", "SLIGHT",
                    "fibre", "GHOSTS", "stretch", "1.5", "byProducts", "a ghost print");
            assertEquals(200, web.uploads(base + "/notes", note, Map.of("photo", Samples.encoded(Samples.corner(300, 400), "png"))).status());
        }
        var entries = log.ofPiece(piece.id());
        assertTrue(web.get(base + "/notes").words().contains("slightly tacky · fibre: ghosts in places · stretch 1.5 % · also: a ghost print"));
        Web.Answer onward = web.post("/log/" + entries.getFirst().id() + "/piece", Map.of());
        assertTrue(onward.words().contains("After Moth") && onward.words().contains("It is what came of “Moth”"), onward.words());
        Web.Answer compared = web.get("/log/compare?entry=" + entries.get(1).id() + "&entry=" + entries.get(0).id());
        assertTrue(compared.words().contains("Pull 1") && compared.words().contains("Pull 2"), compared.words());
        assertTrue(compared.words().contains("Medium gloss matte"), compared.words());
        assertEquals(400, web.get("/log/compare?entry=" + entries.getFirst().id()).status());
        Web.Answer wrong = web.post(base + "/notes", Map.of("once", "00000000-0000-4000-8000-0000000000b9", "verdict", "NEARLY", "came", "", "different", "", "printedBy", "", "stretch", "90"));
        assertTrue(wrong.words().contains("Stretch: “90 %” cannot be used. Expected -20 to 20 %"), wrong.words());
    }
}
