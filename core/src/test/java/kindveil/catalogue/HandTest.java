package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import kindveil.bench.Hand;
import kindveil.reading.HandReading;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Sequence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The hand of every way as practitioners count it; derived from the trace, nowhere stored. */
class HandTest {
    @ParameterizedTest
    @CsvSource(nullValues = "-", value = {"gel-lay,-,-,MIRRORED", "gesso-bed,-,-,MIRRORED", "oiled-panel,-,-,MIRRORED", "opaque-backed-lay,-,-,MIRRORED", "fixed-inkjet-lay,-,-,MIRRORED",
        "film-release,-,-,MIRRORED", "viscous-film-lay,-,-,MIRRORED", "gum-print,-,-,MIRRORED", "plate-pull,-,-,READS_RIGHT", "plate-to-tissue,-,-,READS_RIGHT",
        "tape-lift,-,-,READS_RIGHT", "curved-skin,-,-,READS_RIGHT", "skin-float,-,-,READS_RIGHT", "free-skin,side,ink-down,READS_RIGHT", "free-skin,side,ink-up,MIRRORED",
        "tissue-lay,side,up,READS_RIGHT", "tissue-lay,side,down,MIRRORED", "block-guide,-,-,READS_RIGHT", "block-overprint,-,-,MIRRORED"})
    void hand_ofAnUnmirroredPrint_isAsPractised(String key, String choice, String option, Hand finished) {
        Way way = Catalogue.way(key);
        Brief brief = choice == null ? Samples.usual(way) : Samples.usual(way).with(choice, option);
        HandReading hand = HandReading.of(Trace.of(way.expand(brief))).orElseThrow();
        assertEquals(finished, hand.finished());
        assertEquals(finished == Hand.MIRRORED, hand.turns() % 2 == 1);
        HandReading flipped = HandReading.of(Trace.of(way.expand(brief.withHand(hand.printFor(Hand.READS_RIGHT))))).orElseThrow();
        assertEquals(Hand.READS_RIGHT, flipped.finished());
    }

    @Test
    void hand_ofABlock_isTwo() {
        Way way = Catalogue.way("block-guide");
        HandReading hand = HandReading.of(Trace.of(way.expand(Samples.usual(way)))).orElseThrow();
        assertEquals(Hand.MIRRORED, hand.onSupport());
        assertEquals(Hand.READS_RIGHT, hand.finished());
    }

    @Test
    void hand_inAWorkOfSeveral_isCountedForEachPicture() {
        Way gel = Catalogue.way("gel-lay");
        Way tape = Catalogue.way("tape-lift");
        Way glaze = Catalogue.way("glazing");
        Trace trace = Trace.of(Sequence.on(Samples.usual(gel).base(), List.of(new Sequence.Part(gel, Samples.usual(gel)), new Sequence.Part(glaze, Samples.usual(glaze)), new Sequence.Part(tape, Samples.usual(tape)))).expand());
        assertEquals(Hand.MIRRORED, HandReading.of(trace.part(0)).orElseThrow().finished());
        assertEquals(java.util.Optional.empty(), HandReading.of(trace.part(1)));
        assertEquals(Hand.READS_RIGHT, HandReading.of(trace.part(2)).orElseThrow().finished());
        assertEquals(List.of(2, 0), trace.end().pictures(kindveil.bench.Face.SUPPORT_FRONT).stream().map(kindveil.bench.Mask::picture).toList());
    }
}
