package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.bench.Layer.Residue;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.reading.TimeReading;
import kindveil.way.Brief;
import kindveil.way.Rubbing;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How heavy the print's paper is drives water, rounds, what stays, and whether it tears. */
class PaperWeightTest {
    private static final Way GEL = Catalogue.way("gel-lay");

    static Stream<Way> rubbed() {
        return Catalogue.ways().stream().filter(way -> way.dials(Samples.usual(way)).stream().anyMatch(dial -> dial.key().equals(Rubbing.PAPER)));
    }

    private static Trace of(Way way, Brief brief) {
        return Trace.of(way.expand(way.checked(brief)));
    }

    private static double left(Trace trace) {
        return trace.end().things().stream().flatMap(thing -> Stream.of(Face.Side.values()).flatMap(side -> thing.of(side, Residue.class).stream())).mapToDouble(Residue::gramsPerSquareMetre).findFirst().orElse(0);
    }

    private static long rounds(Trace trace) {
        return trace.moments().stream().filter(moment -> moment.act().step() instanceof Step.RubAway).count();
    }

    @ParameterizedTest
    @ValueSource(doubles = {45, 60, 80, 100, 130, 160})
    void residue_isTheTableTimesTheWeight(double grams) {
        double[] table = {12, 5, 2, 0.5};
        for (int round = 1; round <= 4; round++) {
            assertEquals(table[round - 1] * grams / 80, left(of(GEL, Samples.usual(GEL).with("passes", String.valueOf(round)).dialled(Rubbing.PAPER, grams))), 1e-9, grams + " after " + round);
        }
    }

    @Test
    void coatedSheet_leavesHalfAsMuchAgain() {
        Brief magazine = Samples.usual(GEL).with(PrintKind.COATED_MAGAZINE).with("passes", "2");
        assertEquals(5 * 1.5 * 90 / 80.0, left(Trace.of(GEL.expand(magazine))), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"CLEAN, 80, 4", "CLEAN, 45, 4", "CLEAN, 130, 5", "SOFT, 80, 2", "SOFT, 130, 3", "SOFT, 45, 2", "GHOSTED, 80, 1", "GHOSTED, 130, 2", "CLEAN, 160, 5"})
    void rounds_followTheWishOnThisPaper(Wish wish, double grams, int rounds) {
        assertEquals(rounds, rounds(of(GEL, Samples.usual(GEL).with(wish).dialled(Rubbing.PAPER, grams))));
    }

    @ParameterizedTest
    @MethodSource("rubbed")
    void heavier_neverTakesLessWaterHandsOrRounds(Way way) {
        Duration hands = Duration.ZERO;
        Duration soak = Duration.ZERO;
        long rounds = 0;
        for (double grams = 45; grams <= 160; grams += 11.5) {
            Trace trace = of(way, Samples.usual(way).dialled(Rubbing.PAPER, grams));
            Duration wait = trace.moment("pass-1-rub").orElseThrow().waits().stream().map(one -> one.times().advised()).max(Duration::compareTo).orElseThrow();
            Duration busy = TimeReading.of(trace).handsOn();
            assertTrue(wait.compareTo(soak) >= 0 && busy.compareTo(hands) >= 0 && rounds(trace) >= rounds, way.key() + " at " + grams);
            soak = wait;
            hands = busy;
            rounds = rounds(trace);
        }
        assertTrue(Span.inMinutes(hands) > 0 && rounds >= 1);
    }

    @Test
    void thinPaper_isDoubtedWhenItIsWet_andWhatIsNoPaper_isRefused() {
        assertTrue(of(GEL, Samples.usual(GEL).dialled(Rubbing.PAPER, 50)).concerns().stream().anyMatch(concern -> concern.words().contains("50 g/m² tears")));
        assertTrue(of(GEL, Samples.usual(GEL)).concerns().stream().noneMatch(concern -> concern.words().contains("tears as soon")));
        assertThrows(UnusableValue.class, () -> of(GEL, Samples.usual(GEL).dialled(Rubbing.PAPER, 30)));
    }
}
