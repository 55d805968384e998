package kindveil.way;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Map;
import kindveil.bench.Concern;
import kindveil.bench.Step;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hands-on time grows with the area, at so many cm² a minute, and never falls under half a minute. */
class HandsTest {
    private static Trace laid(String key, double width, double height) {
        Way way = Catalogue.way(key);
        Brief usual = Samples.usual(way);
        return Trace.of(way.expand(new Brief(usual.base(), usual.room(), Length.ofMillimetres(width), Length.ofMillimetres(height), usual.printed(), usual.wish(), usual.settings())));
    }

    private static double minutes(Trace trace, String act) {
        return trace.moment(act).orElseThrow().act().handsOn().toMillis() / 60_000.0;
    }

    /** 200 cm² a minute with a brush, 60 a round when rubbing, at least what practice says of it. */
    @ParameterizedTest
    @CsvSource({"100, 150, 0.75, 6", "200, 300, 3, 10", "40, 40, 0.5, 6", "300, 400, 6, 20"})
    void gelLay_takesLongerTheLargerItIs(double width, double height, double brushed, double rubbed) {
        Trace trace = laid("gel-lay", width, height);
        assertEquals(brushed, minutes(trace, "coat"), 0.01);
        assertEquals(rubbed, minutes(trace, "pass-1-rub"), 0.01);
    }

    /** An artist's own pace moves what grows with the area, and nothing else. */
    @Test
    void pace_isTheHands_own() {
        Way way = Catalogue.way("gel-lay");
        Brief usual = Samples.usual(way);
        Trace slow = Trace.of(way.expand(usual.at(new Pace(Map.of(HandWork.RUBBING, 1.5)))));
        Trace anybody = Trace.of(way.expand(usual));
        assertEquals(1.5 * minutes(anybody, "pass-1-rub"), minutes(slow, "pass-1-rub"), 0.25);
        for (Trace.Moment moment : anybody.moments()) {
            if (!(moment.act().step() instanceof Step.RubAway)) {
                assertEquals(minutes(anybody, moment.act().key()), minutes(slow, moment.act().key()), moment.act().key());
            }
        }
    }

    @Test
    void pressing_withASmallHardTool_takesLongerThanWithARoller() {
        Way gum = Catalogue.way("gum-print");
        double baren = minutes(Trace.of(gum.expand(Samples.usual(gum))), "press");
        double spoon = minutes(Trace.of(gum.expand(Samples.usual(gum).with("press", "spoon"))), "press");
        assertEquals(2.5, spoon / baren, 0.05);
    }

    /** A bed that closes before all of it is spread is doubted, with what would help; a small one is not. */
    @Test
    void bedSpreadLongerThanItStaysOpen_isDoubted() {
        assertTrue(doubts(laid("gel-lay", 100, 150)).isEmpty());
        assertTrue(doubts(laid("gel-lay", 420, 594)).startsWith("Spreading it takes about 13 min"), doubts(laid("gel-lay", 420, 594)));
    }

    private static String doubts(Trace trace) {
        return trace.concerns().stream().map(Concern::words).filter(words -> words.startsWith("Spreading")).findFirst().orElse("");
    }

    /** A fan chosen for a later way moves the air while that one is done, and not before. */
    @Test
    void fanOfALaterWay_driesThatOneSooner() {
        Way gel = Catalogue.way("gel-lay");
        Way paste = Catalogue.way("stencil-paste");
        Duration still = pasteDries(gel, paste, Samples.usual(paste));
        Duration fan = pasteDries(gel, paste, Samples.usual(paste).with("hurry", "fan"));
        assertTrue(fan.multipliedBy(4).compareTo(still.multipliedBy(3)) < 0, fan + " against " + still);
    }

    private static Duration pasteDries(Way gel, Way paste, Brief brief) {
        Trace whole = Trace.of(Sequence.on(Samples.usual(gel).base(), java.util.List.of(new Sequence.Part(gel, Samples.usual(gel)), new Sequence.Part(paste, brief))).expand());
        return whole.part(1).moment("look").orElseThrow().waits().getFirst().times().spread().half();
    }
}
