package kindveil.studio.work.look;

import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.source.SourceWork;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import kindveil.studio.OpenStudio;
import kindveil.studio.Samples;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Posterise;
import kindveil.tone.Treatments;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OpenStudio.class)
class LookWorkTest {
    private final PieceWork pieces;
    private final LookWork looks;
    private final SourceWork sources;
    private Piece piece;

    LookWorkTest(PieceWork pieces, LookWork looks, SourceWork sources) {
        this.pieces = pieces;
        this.looks = looks;
        this.sources = sources;
    }

    @BeforeEach
    void begin() {
        piece = pieces.begin("Reed bed", Length.ofMillimetres(120), "reed.png", Samples.cornerPng());
    }

    private BufferedImage look(Piece shown, LookState state, int pass) {
        return Rasters.decode(looks.png(shown, Map.of(), state, pass, false));
    }

    private static boolean light(BufferedImage image, double x, double y) {
        return (image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())) >> 8 & 255) > 120;
    }

    @Test
    void png_readsRight_thoughThePrintIsMirrored() {
        assertTrue(pieces.plan(piece).mirrored());
        BufferedImage wet = look(piece, LookState.WET, 2);
        assertTrue(light(wet, 0.2, 0.2) && !light(wet, 0.8, 0.2), "the clear square stands upper left as in the source");
    }

    @Test
    void png_wantedMirrored_standsMirrored() {
        Piece mirrored = pieces.change(piece.with(piece.design().withPrint(HandWish.MIRRORED, piece.design().paper(), 3)));
        assertFalse(pieces.plan(mirrored).mirrored());
        BufferedImage wet = look(mirrored, LookState.WET, 2);
        assertTrue(light(wet, 0.8, 0.2) && !light(wet, 0.2, 0.2));
    }

    @Test
    void png_overAPhotographedGround_showsItInTheClears() {
        BufferedImage blue = new BufferedImage(90, 120, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 90 * 120; i++) {
            blue.setRGB(i % 90, i / 90, 0x3060C0);
        }
        Piece grounded = pieces.ground(piece, "page.png", Samples.encoded(blue, "png"));
        BufferedImage wet = look(grounded, LookState.WET, 3);
        int rgb = wet.getRGB(wet.getWidth() / 5, wet.getHeight() / 5);
        assertTrue((rgb & 255) > (rgb >> 16 & 255) + 60, Integer.toHexString(rgb));
    }

    @Test
    void core_onTheDark_listsTheTonerAndTheWhiteItAdds() {
        LookWork.Core core = looks.core(piece, LookState.DRIED, 2, 0.9, 0.9);
        assertTrue(core.coverage() > 0.98);
        assertTrue(core.whitening() > 20, "whitening " + core.whitening());
        assertEquals(List.of(StackReading.Kind.FIBRE, StackReading.Kind.TONER, StackReading.Kind.COAT, StackReading.Kind.GROUND), core.layers().stream().map(lying -> lying.seen().kind()).toList());
        assertEquals(0, looks.core(piece, LookState.WET, 2, 0.9, 0.9).whitening(), 1e-9);
        assertTrue(looks.core(piece, LookState.DRIED, 2, 0.2, 0.2).coverage() < 0.02);
    }

    /** σ² adds: gel lay softens by 0.2 mm, canvas by 0.3, smooth panel by 0.05. */
    @Test
    void softening_addsTheTextureOfWhatCarriesIt() {
        Piece canvas = piece.with(piece.basis().on(new kindveil.way.Base(kindveil.bench.Support.CANVAS, kindveil.bench.Ground.GESSO)));
        assertEquals(Math.sqrt(0.2 * 0.2 + 0.3 * 0.3), canvas.softening().millimetres(), 1e-4);
        assertEquals(Math.sqrt(0.2 * 0.2 + 0.05 * 0.05), piece.softening().millimetres(), 1e-4);
        Piece woven = pieces.change(canvas);
        assertTrue(sources.read(woven).treated().detail().atRisk() > sources.read(piece).treated().detail().atRisk(), "more of it goes soft on canvas");
    }

    @Test
    void foresight_fromWetToDried_drownsMore() {
        Piece faint = pieces.change(piece.with(piece.basis().of(Colour.parse("g", "#262a2c"))));
        LookWork.Foresight wet = looks.foresight(faint, LookState.WET, 1).orElseThrow();
        LookWork.Foresight dried = looks.foresight(faint, LookState.DRIED, 1).orElseThrow();
        assertTrue(dried.drowning() >= wet.drowning());
        assertTrue(dried.drowningAcross() >= 0 && dried.drowningAcross() <= 1);
    }

    @Test
    void png_otherChoices_areLookedAtWithoutBeingStored() {
        byte[] gloss = looks.png(piece, Map.of("clearing", "gloss-medium"), LookState.CLEARED, 2, false);
        byte[] matte = looks.png(piece, Map.of("clearing", "matte-medium"), LookState.CLEARED, 2, false);
        assertFalse(java.util.Arrays.equals(gloss, matte));
        assertEquals(Map.of(), pieces.get(piece.id()).design().choices());
        assertThrows(UnusableValue.class, () -> looks.png(piece, Map.of("clearing", "honey"), LookState.CLEARED, 2, false));
    }

    /** As many backed veils as a piece holds, each over the last: every one is looked at, and shows. */
    @Test
    void backedVeils_asManyAsAPieceHolds_areAllLookedAt() {
        Piece many = pieces.change(piece.with(piece.design().doing(Catalogue.way("opaque-backed-lay"))));
        BufferedImage before = look(many, LookState.SEALED, 2);
        for (int veil = 2; veil <= Piece.MOST_VEILS; veil++) {
            Piece more = pieces.add(many, Catalogue.way("opaque-backed-lay"), "over.png", null);
            BufferedImage after = look(more.at(veil), LookState.SEALED, 2);
            assertEquals(before.getWidth(), after.getWidth());
            many = more;
        }
        assertEquals(6, many.veils().size());
        assertTrue(looks.core(many.at(6), LookState.SEALED, 2, 0.3, 0.3).layers().size() > 6, "layers of all of them lie there");
    }

    @Test
    void treated_withLevels_isWhatIsRead() {
        SourceWork.Readings readings = sources.read(piece);
        assertEquals(readings.asItIs().mids(), readings.treated().tones().mids(), 1e-12);
        Piece strong = piece.with(piece.design().treated(Treatments.of(new Levels(40, 60), new Posterise(2))));
        assertTrue(sources.read(strong).treated().tones().mids() <= readings.asItIs().mids());
    }

    @Test
    void design_impossibleParts_cannotBeMade() {
        Design design = piece.design();
        assertThrows(UnusableValue.class, () -> design.withPrint(HandWish.NO_MATTER, design.paper(), 0));
        assertThrows(UnusableValue.class, () -> design.treated(Treatments.parse("simplify 9")));
        assertThrows(UnusableValue.class, () -> pieces.change(piece.with(design.choosing(Map.of("school", "guesswork")))));
        assertThrows(UnusableValue.class, () -> PieceWork.title("  "));
        assertThrows(UnusableValue.class, () -> PieceWork.title("x".repeat(121)));
    }

    /** What is left bare or torn away on purpose is not counted as drowned: what is laid reads as it does without. */
    @Test
    void brokenCover_isNoDrowning() {
        Piece clean = pieces.change(piece.with(piece.basis().of(Colour.grey(0.8))).with(piece.design().with(kindveil.way.Wish.CLEAN)));
        double whole = looks.foresight(clean, LookState.DRIED, 4).orElseThrow().drowning();
        for (kindveil.way.Wish wish : List.of(kindveil.way.Wish.BROKEN, kindveil.way.Wish.TORN)) {
            Piece wished = pieces.change(pieces.get(clean.id()).with(pieces.get(clean.id()).design().with(wish)));
            double drowns = looks.foresight(wished, LookState.DRIED, pieces.plan(wished).trace().plannedPasses()).orElseThrow().drowning();
            assertTrue(drowns < whole + 0.15, "%s: %.2f of what is laid drowns, %.2f of all".formatted(wish, drowns, whole));
        }
    }

    /** Through an opening in the print one sees the bed it was laid into; through one in a skin, what the skin was mounted on. */
    @Test
    void opening_showsWhatWasBrushedOnTheSupportUnderIt() {
        Piece blue = pieces.change(piece.with(piece.basis().of(Colour.parse("g", "#3060c0"))));
        int gesso = middle(blue, "gesso-bed", Map.of("opening", "round"));
        int ground = middle(blue, "free-skin", Map.of("opening", "round"));
        assertTrue((gesso >> 16 & 255) > 150, "white gesso: " + Integer.toHexString(gesso));
        assertTrue((ground >> 16 & 255) < 90 && (ground & 255) > 130, "the blue ground: " + Integer.toHexString(ground));
        int closed = middle(blue, "gesso-bed", Map.of("opening", "none"));
        assertTrue((closed >> 16 & 255) < (gesso >> 16 & 255) - 10, "without it, the picture: " + Integer.toHexString(closed) + " " + Integer.toHexString(gesso));
    }

    private int middle(Piece of, String way, Map<String, String> choices) {
        Piece now = pieces.get(of.id());
        Piece laid = pieces.change(now.with(now.design().doing(Catalogue.way(way)).choosing(choices)));
        BufferedImage seen = look(laid, LookState.finished(pieces.plan(laid).trace()), 3);
        return seen.getRGB(seen.getWidth() / 2, seen.getHeight() / 2);
    }

    /** Over two colours wet together as much drowns as over the one where it lies, and over the other where that does. */
    @Test
    void foresight_overTwoColoursWetTogether_seesBoth() {
        Piece under = pieces.add(piece.with(piece.design().doing(Catalogue.way("film-release"))), Catalogue.way("underpainting"), "", null);
        assertFalse(under.veil().bringsPicture());
        Piece first = under.moved(-1);
        assertEquals("underpainting", first.veils().getFirst().design().way());
        assertTrue(looks.foresight(first.at(1), LookState.DRIED, 0).isEmpty(), "no drawing lies there yet");
        double light = drowned(first, 10, "flat", "#f4ead0");
        double dark = drowned(first, 11, "flat", "#1c1c1e");
        double both = drowned(first, 12, "together", "#f4ead0");
        assertTrue(light + 0.1 < both && both + 0.1 < dark, "%.2f, %.2f, %.2f".formatted(light, both, dark));
    }

    /** @param version what is looked at is kept by it */
    private double drowned(Piece of, int version, String kind, String colour) {
        Piece painted = of.seen(version).at(1).with(of.at(1).design().with(of.at(1).design().manner().set(Map.of("kind", kind), kind.equals("flat") ? Map.of() : Map.of("meets", 20.0, "brush", 10.0), Map.of("under", Colour.parse("u", colour), "second", Colour.parse("s", "#1c1c1e"))))).at(2);
        return looks.foresight(painted, LookState.DRIED, pieces.plan(painted).trace().plannedPasses()).orElseThrow().drowning();
    }
}
