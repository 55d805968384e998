package kindveil.studio.work.piece;

import kindveil.way.ActId;
import kindveil.making.Begun;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.making.StoredMaking;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.intake.Rasters;
import org.junit.jupiter.api.BeforeEach;
import kindveil.tone.Edge;
import kindveil.tone.Treatments;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Several veils in one piece, laid over each other in place. */
@ExtendWith(OpenStudio.class)
class VeilsTest {
    private final Studio studio;
    private final PieceWork pieces;
    private final LookWork looks;
    private Piece piece;

    VeilsTest(PieceWork pieces, LookWork looks, Studio studio) {
        this.studio = studio;
        this.pieces = pieces;
        this.looks = looks;
    }

    /** A gel lay of a picture that is dark at its lower right, with a gesso bed half its width in the upper left corner. */
    @BeforeEach
    void begin() {
        Piece first = pieces.begin("Veils", Length.ofMillimetres(100), "corner.png", Samples.cornerPng());
        Piece two = pieces.add(first, Catalogue.way("gesso-bed"), "patch.png", Samples.encoded(Samples.corner(300, 400), "png"));
        piece = pieces.change(two.with(two.design().withSize(Length.ofMillimetres(40))));
    }

    private BufferedImage look(Piece at, LookState state) {
        return Rasters.decode(looks.png(at, Map.of(), state, Math.max(1, pieces.plan(at).trace().plannedPasses()), false));
    }

    private static double light(BufferedImage image, double x, double y) {
        int rgb = image.getRGB((int) (image.getWidth() * x), (int) (image.getHeight() * y));
        return ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 3.0;
    }

    /** An image of 100 mm at 30, 40 on a page of 210 by 297: beside it the page is bare, in it the picture lies. */
    @Test
    void page_largerThanItsImage_showsThePageAroundIt() {
        Piece alone = pieces.begin("Page", Length.ofMillimetres(100), "corner.png", Samples.cornerPng());
        Web web = new Web(studio.address());
        String own = "/pieces/" + alone.id();
        assertEquals(422, web.post(own + "/page", Map.of("version", "0", "pageWidth", "5 mm", "pageHeight", "", "x", "30 mm", "y", "40 mm")).status(), "too narrow, and no height");
        assertEquals(200, web.post(own + "/page", Map.of("version", "0", "pageWidth", "210 mm", "pageHeight", "297 mm", "x", "30 mm", "y", "40 mm")).status());
        Piece paged = pieces.get(alone.id());
        BufferedImage image = look(paged, LookState.CLEARED);
        assertEquals(297.0 / 210, image.getHeight() / (double) image.getWidth(), 0.01);
        Length tall = Length.ofMillimetres(100).times(looks.aspect(alone));
        double dark = light(image, (30 + 92) / 210.0, (40 + 0.92 * tall.millimetres()) / 297);
        assertEquals(light(image, 0.05, 0.05), light(image, 0.95, 0.95), 6, "bare page all around");
        assertTrue(light(image, 0.05, 0.05) > dark + 60, "the dark corner of the picture lies in it");
        assertTrue(web.get(own + "/build?open=edge").text().contains("210 mm"));
        assertEquals(200, web.post(own + "/page", Map.of("version", String.valueOf(paged.version()), "pageWidth", "", "pageHeight", "")).status());
        assertTrue(pieces.get(alone.id()).basis().page().isEmpty(), "left empty, the image fills it again");
        Piece glazed = pieces.add(pieces.change(pieces.get(alone.id()).with(paged.basis())), Catalogue.way("glazing"), "none", null);
        assertTrue(light(look(glazed.at(2), LookState.DRIED), 0.05, 0.05) < light(image, 0.05, 0.05) - 5, "a glaze reaches over the whole page");
        for (String station : new String[] {"/build", "/make", "/finish", "/notes", "/source", "/print"}) {
            assertEquals(200, web.get(own + station).status(), station);
        }
    }

    /** A piece of 100 mm at 50, 50 on a page of 200 by 240, made some way. */
    private Piece paged(String way, Treatments treatments) {
        Piece alone = pieces.begin("Paged", Length.ofMillimetres(100), "corner.png", Samples.cornerPng());
        new Web(studio.address()).post("/pieces/" + alone.id() + "/page", Map.of("version", "0", "pageWidth", "200 mm", "pageHeight", "240 mm", "x", "50 mm", "y", "50 mm"));
        Piece page = pieces.get(alone.id());
        return pieces.change(page.doing(Catalogue.way(way)).with(page.doing(Catalogue.way(way)).design().treated(treatments)));
    }

    private List<String> at(Piece shown, double millimetresRight, double millimetresDown) {
        LookState end = LookState.finished(pieces.plan(shown).trace());
        return names(looks.core(shown, end, pieces.plan(shown).trace().plannedPasses(), millimetresRight / 200, millimetresDown / 240));
    }

    /** Medium lies where it was put: a bed under its print alone, tape a little past it, a primer and undercoat all over. */
    @Test
    void coats_lieWhereTheirMediumLies() {
        Piece bed = paged("gel-lay", Treatments.NONE);
        assertTrue(at(bed, 60, 60).contains("Gloss acrylic medium"), at(bed, 60, 60).toString());
        assertEquals(List.of("Ground"), at(bed, 47, 60), "just past its edge");
        Piece tape = paged("tape-lift", Treatments.NONE);
        assertTrue(at(tape, 60, 60).containsAll(List.of("Tape", "Toner")), at(tape, 60, 60).toString());
        assertTrue(at(tape, 45, 60).contains("Tape") && !at(tape, 45, 60).contains("Toner"), at(tape, 45, 60).toString());
        assertEquals(List.of("Ground"), at(tape, 30, 60));
        Piece oiled = paged("oiled-panel", Treatments.NONE);
        assertTrue(at(oiled, 10, 10).contains("Gloss acrylic medium") && !at(oiled, 10, 10).contains("Toner"), at(oiled, 10, 10).toString());
        assertTrue(at(oiled, 60, 60).contains("Toner"));
    }

    /** Where a sheet was torn away nothing of it lies, though it is within the picture's rectangle. */
    @Test
    void tornPrint_liesOnlyWhereItsSheetIs() {
        Piece torn = paged("gel-lay", Treatments.of(new Edge(Edge.Kind.TORN, 12, 4)));
        assertEquals(List.of("Ground"), at(torn, 50.3, 50.3), "its corner is torn off");
        assertTrue(at(torn, 100, 100).contains("Toner"));
        BufferedImage image = look(torn, LookState.DRIED);
        assertEquals(light(image, 0.05, 0.05), light(image, 50.3 / 200, 50.3 / 240), 2);
        BufferedImage raked = look(torn, LookState.RAKED);
        assertEquals(image.getWidth(), raked.getWidth());
    }

    @Test
    void look_ofTheUpperVeil_changesOnlyWhereItLies() {
        BufferedImage first = look(piece.at(1), LookState.CLEARED);
        BufferedImage second = look(piece.at(2), LookState.DRIED);
        assertEquals(light(first, 0.9, 0.9), light(second, 0.9, 0.9), 12, "outside the gesso nothing was laid");
        assertTrue(light(second, 0.05, 0.05) > light(first, 0.05, 0.05) + 20, "gesso turns its lights white");
    }

    @Test
    void core_isThatOfTheVeilsThere() {
        LookWork.Core inside = looks.core(piece.at(2), LookState.DRIED, 2, 0.05, 0.05);
        LookWork.Core outside = looks.core(piece.at(2), LookState.DRIED, 2, 0.9, 0.9);
        assertTrue(names(inside).contains("Gesso"), names(inside).toString());
        assertTrue(!names(outside).contains("Gesso"), names(outside).toString());
        assertEquals("Ground", names(outside).getLast());
    }

    private static List<String> names(LookWork.Core core) {
        return core.layers().stream().map(lying -> lying.seen().name()).toList();
    }

    @Test
    void support_isThatOfTheWhole_whicheverVeilIsInHand() {
        Piece changed = pieces.change(piece.at(2).with(piece.basis().on(piece.base().with(Support.CANVAS))));
        assertEquals(Support.CANVAS, changed.at(1).base().support());
        assertEquals(Support.CANVAS, pieces.plan(pieces.get(piece.id(), 2)).brief().support());
    }

    @Test
    void doing_anotherWay_takesItsUsualPrintAndKeepsWhatItKnows() {
        Design design = Design.fresh(Length.ofMillimetres(90)).choosing(Map.of("passes", "2", "school", "damp"));
        Design film = design.doing(Catalogue.way("film-release"));
        assertEquals(PrintKind.FILM_PIGMENT, film.print());
        assertEquals(Map.of(), film.choices());
        Design tape = design.doing(Catalogue.way("tape-lift"));
        assertEquals(Map.of("passes", "2"), tape.choices());
        Piece alone = Piece.of(piece.id(), "Egg", piece.created(), piece.leading().source(), Basis.fresh(), design);
        assertEquals(Support.FORM, alone.doing(Catalogue.way("curved-skin")).base().support());
        assertEquals(Support.BIRCH_PANEL, alone.plus(alone.veil()).doing(Catalogue.way("curved-skin")).base().support(), "another veil lies there already");
        assertEquals(design, design.doing(Catalogue.way("gel-lay")));
    }

    @Test
    void without_theOnlyPicture_isRefused_moved_keepsTheGround() {
        Piece glazed = pieces.add(piece.at(2).without(), Catalogue.way("glazing"), "", null);
        assertThrows(UnusableValue.class, () -> glazed.at(1).without());
        Piece first = glazed.moved(-1);
        assertEquals("glazing", first.at(1).design().way());
        assertEquals(piece.base(), first.at(1).base());
        assertThrows(NotFound.class, () -> glazed.at(9));
    }

    @Test
    void plus_moreThanAPieceHolds_isRefusedWithTheNumber() {
        Piece full = piece;
        while (full.veils().size() < Piece.MOST_VEILS) {
            full = full.plus(full.veil());
        }
        Piece last = full;
        assertTrue(assertThrows(UnusableValue.class, () -> last.plus(last.veil())).getMessage().contains("1 to 6"));
    }

    @Test
    void plan_ofSeveral_countsNeedsOfEachAtItsOwnSize() {
        Planned planned = pieces.plan(piece.at(2));
        assertEquals(2, planned.amounts().size());
        assertTrue(planned.needs().size() >= 2, planned.needs().toString());
        assertTrue(planned.amounts().get(1).forAct(ActId.parse("2.bed")).isPresent() && planned.amounts().get(0).forAct(ActId.parse("1.coat")).isPresent());
        assertEquals("Gesso bed", new StoredMaking(piece.id(), piece.id(), java.time.Instant.EPOCH, Begun.of(planned.sequence()), List.of(), List.of(), List.of(), false).wayOf(ActId.parse("2.bed")));
    }

    /** Hot air is kept apart from what lies 30 mm beside it and more, turned things by the corners they turn outwards. */
    @Test
    void hotAir_reachesWhatLiesNear() {
        Veil under = piece.veils().getFirst();
        double wide = under.design().printWidth().millimetres();
        for (double gap : new double[] {-20, 0, 29, 31, 80}) {
            for (double turn : new double[] {0, 90, 45}) {
                Design heated = piece.leading().design().treated(Treatments.NONE).doing(Catalogue.way("heat-crackle")).with(new Lay(turn, Patch.box(Length.ofMillimetres(20), Length.ofMillimetres(20))));
                Piece more = piece.plus(Veil.first(null, heated).at(Length.ofMillimetres(wide + gap), Length.ZERO));
                double corner = turn == 45 ? 10 * (Math.sqrt(2) - 1) : 0;
                boolean apart = pieces.plan(more).brief().apart().contains(0);
                assertEquals(gap - corner >= 30, apart, gap + " mm, " + turn + "°");
            }
        }
        Design everywhere = piece.leading().design().treated(Treatments.NONE).doing(Catalogue.way("heat-crackle"));
        assertTrue(pieces.plan(piece.plus(Veil.first(null, everywhere))).brief().apart().isEmpty(), "over all of the page");
    }
}
