package kindveil.studio.work.look;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.time.Duration;
import java.util.List;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.studio.OpenStudio;
import kindveil.studio.Samples;
import kindveil.studio.work.look.ReadsWork.Gain;
import kindveil.studio.work.look.ReadsWork.Read;
import kindveil.studio.work.look.ReadsWork.Reads;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Base;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(OpenStudio.class)
class ReadsWorkTest {
    private final PieceWork pieces;
    private final ReadsWork reads;

    ReadsWorkTest(PieceWork pieces, ReadsWork reads) {
        this.pieces = pieces;
        this.reads = reads;
    }

    /** Two prints in colours over each other on a dark ground. */
    private Piece two() {
        Piece first = pieces.begin("Two veils", Length.ofMillimetres(90), "lines.png", Samples.lines(new Color(170, 120, 100), true));
        Piece dark = pieces.change(first.with(first.basis().of(Colour.parse("g", "#1c2126")).on(new Base(Support.WATERCOLOUR_PAPER, Ground.ACRYLIC_PAINT)))
                .with(first.design().withBuild(first.design().choices(), java.util.Map.of(), java.util.Map.of(), first.design().wish(), PrintKind.COLOUR_TONER)));
        return pieces.add(dark, Catalogue.way("gel-lay"), "over.png", Samples.lines(new Color(12, 12, 40), false)).at(1);
    }

    @Test
    void each_pictureByItself_saysHowMuchOfItDrownsAndUnderWhat() {
        Piece piece = two();
        Reads all = reads.of(piece);
        assertEquals(List.of(1, 2), all.each().stream().map(Read::veil).toList());
        assertTrue(all.each().stream().allMatch(read -> read.drowns() >= 0 && read.drowns() <= 1));
        assertEquals(0, all.each().get(1).under(), "nothing lies over the last");
        Read alone = reads.of(piece.only(List.of(0), 0)).each().getFirst();
        assertTrue(alone.drowns() <= all.each().getFirst().drowns(), "another veil does not make it read better: " + alone + all);
    }

    @Test
    void gains_used_bringBackWhatTheySaid_andCanBeTakenBack() {
        Piece piece = two();
        Reads before = reads.of(piece);
        assertFalse(before.gains().isEmpty(), before.toString());
        Gain most = before.gains().getFirst();
        assertTrue(before.gains().stream().allMatch(gain -> gain.share() >= 0.01 && gain.share() <= most.share()));
        Piece changed = reads.use(piece, piece.version(), most.change().key());
        Reads after = reads.of(changed);
        int number = changed.inHand() + 1;
        double now = after.each().stream().filter(read -> read.veil() == number).findFirst().orElseThrow().drowns();
        assertEquals(most.share(), before.each().getFirst().drowns() - now, 0.005, most.words());
        assertTrue(after.gains().stream().noneMatch(gain -> gain.change().equals(most.change()) && !most.change().key().equals("ground") && !most.change().key().equals("invert")), "what is planned is not offered");
        Piece back = pieces.undo(piece.id(), changed.version());
        assertEquals(piece.veils(), back.veils());
        assertEquals(piece.basis(), back.basis());
        assertEquals(before.each(), reads.of(back.at(1)).each());
    }

    /** Looked for a step at a time it comes out as looked for at once, and says truly how far it came. */
    @Test
    void look_stepByStep_findsTheSame() {
        Piece piece = two();
        assertEquals(new ReadsWork.Looked(false, 0, 0, List.of()), reads.looked(piece), "nothing is looked at by asking how far it came");
        ReadsWork.Looked looked = reads.look(piece, Duration.ofNanos(1));
        for (int step = 2; !looked.done(); step++) {
            assertEquals(step - 1, looked.steps());
            assertTrue(looked.steps() < looked.all() && looked.all() < 60, looked.toString());
            assertEquals(looked, reads.looked(piece));
            looked = reads.look(piece, Duration.ofNanos(1));
        }
        assertEquals(looked.steps(), looked.all());
        Piece again = pieces.change(piece.with(piece.basis().of(Colour.parse("g", "#1c2125"))));
        assertEquals(reads.gains(pieces.change(again.with(again.basis().of(Colour.parse("g", "#1c2126")))).at(1)), looked.found());
    }

    @Test
    void gains_onABoundPage_offerNoOil() {
        Piece piece = two();
        Piece page = pieces.change(piece.with(piece.basis().on(new Base(Support.JOURNAL_PAGE, Ground.ACRYLIC_PAINT))));
        for (int veil = 1; veil <= 2; veil++) {
            assertTrue(reads.of(page.at(veil)).gains().stream().noneMatch(gain -> gain.words().contains("oil")), reads.of(page.at(veil)).gains().toString());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "choose", "choose clearing gold", "choose nothing much", "way", "way sideways", "lighten 9", "lighten 0", "shift 1", "last one"})
    void use_ofWhatIsNotOffered_isToldInWords(String key) {
        Piece piece = two();
        assertThrows(UnusableValue.class, () -> reads.use(piece, piece.version(), key));
        assertEquals(piece.veils(), pieces.get(piece.id()).veils());
    }

    @Test
    void map_isAPictureOfTheWhole() {
        assertTrue(reads.map(two()).length > 500);
    }
}
