package kindveil.studio.work.look;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;
import kindveil.bench.Ground;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.shape.Lying;
import kindveil.shape.Region;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.work.look.ArrangeWork.Form;
import kindveil.studio.work.look.ArrangeWork.Placed;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Base;
import kindveil.way.Way;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What lies where: turned, kept to a place, painted, met by another, and what that costs. */
@ExtendWith(OpenStudio.class)
class ArrangeTest {
    private static final double GREEN = 8;
    private final PieceWork pieces;
    private final ArrangeWork arrange;
    private final LookWork looks;
    private Piece piece;

    ArrangeTest(Studio studio) {
        pieces = studio.bean(PieceWork.class);
        arrange = studio.bean(ArrangeWork.class);
        looks = studio.bean(LookWork.class);
    }

    @BeforeEach
    void begin() {
        Piece begun = pieces.begin("Square raft", Length.ofMillimetres(40), "raft.png", Samples.encoded(Samples.corner(300, 300), "png"));
        piece = pieces.change(begun.with(begun.basis().of(Colour.parse("g", "#d8cfb8")).on(new Base(Support.WATERCOLOUR_PAPER, Ground.ACRYLIC_PAINT)).sized(new Page(Length.ofMillimetres(100), Length.ofMillimetres(100))))
                .with(begun.veil().at(Length.ofMillimetres(30), Length.ofMillimetres(30))));
    }

    @AfterEach
    void away() {
        pieces.remove(piece.id(), pieces.get(piece.id()).title());
    }

    private static Way under() {
        return Catalogue.overAndUnder().stream().filter(way -> way.card().pots().stream().anyMatch(pot -> pot.key().equals("under"))).findFirst().orElseThrow();
    }

    private BufferedImage seen(Piece of) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(arrange.seen(of)));
    }

    private static Colour at(BufferedImage image, double x, double y) {
        int rgb = image.getRGB((int) (x / 100 * image.getWidth()), (int) (y / 100 * image.getHeight()));
        return Colour.parse("p", String.format("#%06x", rgb & 0xffffff));
    }

    private static double apart(Colour one, Colour other) {
        return ColourDifference.between(one.lab(), other.lab());
    }

    @Test
    void turnedByAQuarter_thePageLooksAsItsPictureTurned() throws IOException {
        BufferedImage straight = seen(piece);
        piece = pieces.change(arrange.laid(piece, 30, 30, 90, null, null));
        BufferedImage turned = seen(piece);
        int off = 0;
        int all = 0;
        for (double x = 5.4; x < 95; x += 2.3) {
            for (double y = 5.9; y < 95; y += 2.3) {
                // to the right: what was above lies on the right
                off += apart(at(turned, 100 - y, x), at(straight, x, y)) > GREEN ? 1 : 0;
                all++;
            }
        }
        assertTrue(off < all * 0.01, off + " of " + all);
        assertTrue(apart(at(straight, 32, 32), at(turned, 32, 32)) > GREEN || apart(at(straight, 40, 40), at(turned, 40, 40)) > GREEN || !samples(straight).equals(samples(turned)), "and it is not the same as before");
    }

    private static List<Integer> samples(BufferedImage image) {
        List<Integer> all = new ArrayList<>();
        for (double x = 31; x < 70; x += 3) {
            for (double y = 31; y < 70; y += 3) {
                all.add((int) Math.round(at(image, x, y).lab().lightness() / 12));
            }
        }
        return all;
    }

    @Test
    void aRoundOfColour_liesWhereItIsLaid_andNowhereElse_andTakesByItsArea() throws IOException {
        BufferedImage bare = seen(piece);
        Piece more = arrange.area(piece, under(), Form.ROUND);
        assertEquals(1, more.veils().size() - piece.veils().size());
        assertEquals(0, more.inHand(), "under what was in hand");
        piece = pieces.change(arrange.laid(coloured(more, "#1f5fa8"), 2, 2, 0, 26.0, 26.0));
        BufferedImage round = seen(piece);
        assertTrue(apart(at(bare, 15, 15), at(round, 15, 15)) > 20, "in its middle");
        assertTrue(apart(at(bare, 3.5, 3.5), at(round, 3.5, 3.5)) < 1, "in the corner of its box");
        assertTrue(apart(at(bare, 85, 85), at(round, 85, 85)) < 1, "far away");
        double area = takes();
        piece = pieces.change(arrange.laid(pieces.get(piece.id(), 1), 2, 2, 0, 52.0, 26.0));
        assertEquals(2, takes() / area, 0.01, "twice as wide takes twice as much");
    }

    private double takes() {
        return arrange.placed(pieces.get(piece.id())).getFirst().takes();
    }

    private static Piece coloured(Piece there, String colour) {
        return there.with(there.design().with(there.design().manner().set(there.design().choices(), Map.of(), Map.of("under", Colour.parse("c", colour)))));
    }

    /** Whatever its turn: what a brush adds is there, what it takes is not, and nothing else on the page has moved. */
    @Test
    void aBrush_addsAndTakes_exactlyWhereItPassed() {
        Random random = new Random(11);
        for (double turn : new double[] {0, 30, -75, 180}) {
            Piece area = arrange.laid(arrange.area(piece, under(), Form.BOX), 20, 30, turn, 40.0, 25.0);
            Region before = region(area);
            List<double[]> way = List.of(new double[] {10 + random.nextDouble() * 80, 10 + random.nextDouble() * 80}, new double[] {10 + random.nextDouble() * 80, 10 + random.nextDouble() * 80}, new double[] {50, 50});
            Region stroke = Region.stroke(way.stream().map(point -> new double[] {point[0] / 100, point[1] / 100}).toList(), 0.03).mapped(point -> new double[] {point[0] * 100, point[1] * 100});
            Piece more = arrange.brushed(area, way, 6, false);
            assertTrue(region(more).near(before.plus(stroke), 8), "added, turned by " + turn);
            Piece less = arrange.brushed(more, way, 6, true);
            assertTrue(region(less).near(before.minus(stroke), 8), "and taken, turned by " + turn);
        }
    }

    private Region region(Piece of) {
        return arrange.placed(of).get(of.inHand()).lies().region();
    }

    @Test
    void theDarksOfThePicture_canBeTheShape_whereItLies() throws IOException {
        Piece turned = arrange.laid(piece, 30, 30, 20, null, null);
        Piece more = arrange.area(turned, under(), Form.OUTLINES);
        Placed area = arrange.placed(more).getFirst();
        Placed picture = arrange.placed(more).get(1);
        assertEquals(picture.lies().turn(), area.lies().turn());
        assertTrue(area.lies().region().area() < 0.97 * picture.lies().region().area() && area.lies().region().area() > 1);
        assertEquals(area.lies().region().area(), area.lies().over(picture.lies()), 1, "all of it beneath the picture");
    }

    @Test
    void twoThatMeet_areToldWithWhatItCosts_andApartNothingIs() {
        piece = pieces.add(piece, Catalogue.ways().getFirst(), "raft", null);
        Piece over = arrange.laid(piece, 35, 35, 0, null, null);
        ArrangeWork.Arranged met = arrange.read(over, false);
        assertEquals(1, met.meetings().size());
        assertEquals(35.0 * 35, met.meetings().getFirst().area(), 1e-6);
        assertEquals(35.0 * 35 / 1600, met.meetings().getFirst().share(), 1e-9);
        double drowns = met.reads().getFirst().drowns();
        ArrangeWork.Arranged apart = arrange.read(arrange.laid(piece, 72, 72, 0, null, null), false);
        assertEquals(List.of(), apart.meetings());
        assertEquals(drowns - apart.reads().getFirst().drowns(), met.meetings().getFirst().cost(), 0.03, "what it costs is what comes back when it is moved away");
        assertEquals(1 - 28.0 * 28 / 1600, apart.off().getFirst().share(), 1e-6, "and what hangs off the page");
    }

    @Test
    void whileItIsHeld_itIsLookedAtLessClosely_andSaysNearlyTheSame() {
        piece = pieces.add(piece, Catalogue.ways().getFirst(), "raft", null);
        Piece over = arrange.laid(piece, 40, 40, 15, null, null);
        ArrangeWork.Arranged held = arrange.read(over, true);
        ArrangeWork.Arranged seen = arrange.read(over, false);
        for (int i = 0; i < 2; i++) {
            assertEquals(seen.reads().get(i).drowns(), held.reads().get(i).drowns(), 0.15);
        }
    }

    @Test
    void whatCannotBe_isRefusedWithWhatToDo() {
        assertTrue(said(() -> arrange.laid(piece, 2000, 0, 0, null, null)).contains("Drag it back"));
        assertTrue(said(() -> arrange.laid(piece, 0, 0, 200, null, null)).contains("-180"));
        assertTrue(said(() -> arrange.brushed(piece, List.of(new double[] {1, 1}), 5, false)).contains("area"));
        Piece area = arrange.area(piece, under(), Form.BOX);
        assertTrue(said(() -> arrange.area(area, under(), Form.OUTLINES)).contains("brings a picture"));
        assertTrue(said(() -> arrange.laid(area, 0, 0, 0, 1.0, 20.0)).contains("width of the place"));
        assertTrue(said(() -> arrange.brushed(area, List.of(new double[] {50, 50}), 60, true)).contains("Take the area off"));
        assertTrue(said(() -> arrange.area(piece, Catalogue.ways().getFirst(), Form.BOX)).contains("What is laid"));
    }

    private static String said(org.junit.jupiter.api.function.Executable doing) {
        return assertThrows(UnusableValue.class, doing).getMessage();
    }

    /** Every way of which something can be kept to a place can be laid so, seen and read. */
    @Test
    void everyWayThatHasAColour_canBeKeptToAPlace() throws IOException {
        for (Way way : ArrangeWork.kept()) {
            Piece laid = arrange.laid(arrange.area(piece, way, Form.ROUND), 5, 60, 10, 30.0, 20.0);
            BufferedImage bare = seen(piece);
            BufferedImage shown = ImageIO.read(new ByteArrayInputStream(looks.png(laid.at(2), Map.of(), kindveil.reading.LookState.finished(pieces.plan(laid.at(2)).trace()), 1, false)));
            assertTrue(apart(at(bare, 90, 20), at(shown, 90, 20)) < 1, way.key() + " leaves the rest of the page as it was");
            Lying lies = arrange.placed(laid).getFirst().lies();
            assertEquals(10, lies.turn());
        }
    }
}
