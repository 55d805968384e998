package kindveil.studio;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.sitting.Hours;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.SheetWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a screen reader, a keyboard and a tired eye need, asked of every page. */
@ExtendWith({OpenStudio.class, OpenBrowser.class})
class AccessibilityTest {
    /** A desk, a tablet upright, a telephone. */
    private static final List<int[]> SIZES = List.of(new int[] {1280, 800}, new int[] {820, 1180}, new int[] {390, 844});
    private final Studio studio;
    private final PieceWork pieces;
    private final MakeWork makings;

    AccessibilityTest(Studio studio, PieceWork pieces, MakeWork makings) {
        this.studio = studio;
        this.pieces = pieces;
        this.makings = makings;
    }

    @Test
    void everyPage_atThreeWidths_hasNothingAxeFindsFaultWithAndNoSidewaysScroll(Page page) {
        Piece piece = pieces.begin("Moth", Length.ofMillimetres(100), "moth.png", Samples.cornerPng());
        pieces.add(piece, kindveil.catalogue.Catalogue.way("block-overprint"), "moth", null);
        String own = "/pieces/" + piece.id();
        studio.bean(SheetWork.class).gather(piece);
        studio.bean(LogWork.class).write(new LogWork.Entry(UUID.randomUUID(), piece, null, new LogWork.Said(LogEntry.Verdict.NEARLY, "A ghost.", "", LogEntry.Findings.NONE), ""), "", null);
        String bench = "/bench/" + makings.begin(piece.id()).id();
        Piece finished = pieces.begin("Moth that was made by the landing at dusk", Length.ofMillimetres(60), "moth.png", Samples.cornerPng());
        var made = makings.begin(finished.id(), 2, 1);
        while (!makings.get(made.id()).making().finished()) {
            var now = makings.get(made.id());
            makings.tell(made.id(), now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
        studio.bean(kindveil.studio.work.log.Results.class).came(made.id(), kindveil.studio.work.making.Result.GHOST);
        pieces.ground(pieces.get(finished.id()), "ground.png", Samples.cornerPng());
        kindveil.studio.work.shelf.Paints paints = studio.bean(kindveil.studio.work.shelf.Paints.class);
        paints.putFirst();
        kindveil.studio.work.jar.JarWork jars = studio.bean(kindveil.studio.work.jar.JarWork.class);
        jars.mix("Release solution", kindveil.mixing.Recipe.of(kindveil.product.Mixtures.RELEASE_SOLUTION, 50, kindveil.mixing.Measure.CUP), 91, 28, studio.clock().instant().minus(java.time.Duration.ofDays(5)));
        jars.mix("Slurry", kindveil.mixing.Recipe.of(kindveil.product.Mixtures.SLURRY, 50, kindveil.mixing.Measure.CUP), 0, 28, studio.clock().instant());
        studio.bean(kindveil.studio.work.stock.Stock.class).keep(UUID.randomUUID(), "gloss-gel", "soft gel", 1, 250, 0.4, null, java.time.LocalDate.of(2024, 1, 1), kindveil.mixing.Ageing.Sign.THICKER, null);
        kindveil.studio.work.stock.Prints prints = studio.bean(kindveil.studio.work.stock.Prints.class);
        studio.bean(kindveil.studio.work.sheet.RealWork.class).take(pieces.plan(piece), 3);
        String stack = "/shelf/prints/" + prints.all().stream().filter(one -> one.owned().lineage() != null && one.owned().lineage().piece().equals(piece.id())).findFirst().orElseThrow().owned().id();
        SittingWork sittings = studio.bean(SittingWork.class);
        var planned = sittings.say(sittings.diary().saying(Hours.parse("tomorrow 9-12, tomorrow 14-18", sittings.today()), sittings.today().plusDays(2).atTime(18, 0), List.of(piece.id(), finished.id())));
        List<String> faults = new ArrayList<>();
        for (String path : List.of("/sittings", "/sittings?knot=" + planned.job(0) + "~" + planned.act(0), "/sittings/ways", "/sittings/sheet?sitting=" + planned.free().getFirst().from().toInstant().toEpochMilli(), "/", "/pieces", "/ways", "/ways/plate-pull", "/log", "/room", "/made-of", "/supports", "/pulls", own + "/source", own + "/build", own + "/build?open=edge", own + "/arrange", own + "/veils/2/arrange", own + "/print", own + "/make", "/pieces/" + finished.id() + "/make", own + "/make?pulls=4", own + "/finish", own + "/notes", own + "/source/frame", own + "/source/opaque", own + "/source/corners", own + "/print/form", own + "/veils/2/print/block",
                "/sheets", "/sheets/good-toner/printer", bench, bench + "/plan", bench + "/coats", "/devices", "/bench/" + made.id(), "/pieces/" + finished.id() + "/notes?making=" + made.id(), "/symptoms", "/nowhere", "/pieces/" + finished.id() + "/ground/flat", "/shelf?wish=%236d7a52", "/shelf/pairs?piece=" + piece.id(), "/jars?mixture=release-solution&more=30%20ml", "/jars?mixture=own", "/shelf/stock", "/shelf/things", "/shelf/prints", stack, "/books", "/shelf/drawdown/" + piece.picture(), "/pieces/compare?piece=" + piece.id() + "&piece=" + finished.id())) {
            // the finished look of every piece other tests left here takes minutes to draw; a picture as large stands for it on this one page
            page.unrouteAll();
            if (path.equals(stack)) {
                page.route("**/look/**", look -> look.fulfill(new Route.FulfillOptions().setContentType("image/png").setBodyBytes(Samples.encoded(Samples.corner(1200, 1600), "png"))));
            }
            page.navigate(studio.address() + path);
            for (int[] size : SIZES) {
                page.setViewportSize(size[0], size[1]);
                int needs = ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue();
                if (needs > size[0]) {
                    faults.add("%s at %d: needs %d px for %s".formatted(path.replaceAll("[0-9a-f-]{36}", "…"), size[0], needs,
                            page.evaluate("wide => [...document.querySelectorAll('main *')].filter(e => e.getBoundingClientRect().right >= wide).slice(0, 3).map(e => e.outerHTML.slice(0, 120)).join(' ')", needs)));
                }
                axe(page).analyze().getViolations().forEach(rule -> rule.getNodes()
                        .forEach(node -> faults.add("%s at %d: %s: %s".formatted(path.replaceAll("[0-9a-f-]{36}", "…"), size[0], rule.getId(), node.getHtml()))));
            }
        }
        makings.series(made).stream().filter(pull -> !pull.making().finished()).forEach(pull -> makings.layAside(pull.id()));
        paints.all().forEach(paint -> paints.takeAway(paint.id()));
        sittings.say(sittings.diary().saying(Hours.NONE, null, List.of()));
        assertEquals(List.of(), faults);
    }

    /** With the rule for labels that say something else than is seen, which axe holds back. */
    private static AxeBuilder axe(Page page) {
        AxeRuleOptions on = new AxeRuleOptions();
        on.setEnabled(true);
        AxeRunOptions options = new AxeRunOptions();
        options.setRules(Map.of("label-content-name-mismatch", on));
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).setLegacyMode(true).options(options);
    }

    @Test
    void changingAWordByKeyboard_keepsThePlaceInThePlan(Page page) {
        Piece piece = pieces.begin("Moth", Length.ofMillimetres(100), "moth.png", Samples.cornerPng());
        page.navigate(studio.address() + "/pieces/" + piece.id() + "/build");
        page.getByLabel("Sealing").focus();
        page.getByLabel("Sealing").selectOption("matte-varnish");
        page.waitForCondition(() -> "matte-varnish".equals(pieces.get(piece.id()).design().choices().get("sealing")));
        assertThat(page.locator("form.told input[name=version]")).hasValue("1");
        assertThat(page.locator(".states")).containsText("sealed");
        assertThat(page.getByLabel("Sealing")).isFocused();
    }
}
