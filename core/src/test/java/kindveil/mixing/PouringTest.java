package kindveil.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.mixing.Jar.Look;
import kindveil.mixing.Jar.Phase;
import kindveil.product.Mixture;
import kindveil.product.Mixtures;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** One jar poured into another: what must not meet never does, and nothing is lost on the way. */
class PouringTest {
    private static final Instant MADE = Instant.parse("2026-11-20T18:00:00Z");
    private static final Instant NOW = MADE.plus(Duration.ofDays(2));

    private static Jar jar(Mixture mixture, double bottle, Instant made, double millilitres, Duration lidOff, @Nullable Look look) {
        return new Jar(mixture, bottle, made, millilitres, 0, Jar.USUAL_OPENING, lidOff, look);
    }

    private static boolean may(Jar one, Jar other) {
        return Pouring.against(one.mixture(), one.at(NOW, 20), other.mixture(), other.at(NOW, 20)).isEmpty();
    }

    @Test
    void allPairs_onlyTheSameGoesIntoTheSame_andWhatMustNotMeetSaysWhy() {
        for (Mixture one : Mixtures.all()) {
            for (Mixture other : Mixtures.all()) {
                Jar from = jar(one, 96, MADE, 40, Duration.ZERO, new Look(NOW.minusSeconds(60), true));
                Jar into = jar(other, 96, MADE, 40, Duration.ZERO, new Look(NOW.minusSeconds(60), true));
                boolean keeps = one.gives() != null && Keeping.of(one).longest().compareTo(Duration.ofDays(2)) > 0;
                assertEquals(one.id().equals(other.id()) && keeps, may(from, into), one.id() + " into " + other.id());
                if (one.gives() != null && other.gives() != null) {
                    Meeting.against(one.gives(), other.gives()).ifPresent(why -> assertEquals(why, Pouring.against(one, from.at(NOW, 20), other, into.at(NOW, 20)).orElseThrow()));
                }
            }
        }
    }

    @Test
    void otherRatios_andJarsThatAreNotGood_arePouredNowhere() {
        Mixture usual = Mixtures.RELEASE_SOLUTION;
        List<Mixture.Ingredient> parts = new ArrayList<>(usual.ingredients());
        parts.set(0, new Mixture.Ingredient(parts.get(0).words(), parts.get(0).parts() * 2, parts.get(0).of()));
        Mixture other = new Mixture(usual.id(), usual.gives(), parts, usual.leastBottlePercent(), usual.hazards());
        Jar good = jar(usual, 91, MADE, 40, Duration.ZERO, null);
        assertFalse(may(good, jar(other, 91, MADE, 40, Duration.ZERO, null)));
        assertTrue(may(good, jar(usual, 95, MADE, 40, Duration.ZERO, null)), "another bottle is the same recipe");
        for (Jar bad : List.of(jar(usual, 91, NOW, 40, Duration.ZERO, null), jar(usual, 91, MADE, 40, Duration.ofHours(20), null), jar(usual, 91, MADE.minus(Duration.ofDays(5)), 40, Duration.ZERO, null),
                jar(usual, 91, MADE, 40, Duration.ZERO, new Look(MADE.plusSeconds(9), false)), jar(usual, 91, MADE, 0.2, Duration.ZERO, null))) {
            assertFalse(bad.at(NOW, 20).phase() == Phase.GOOD);
            assertFalse(may(good, bad), () -> "into one that is " + bad.at(NOW, 20).phase());
            assertFalse(may(bad, good), () -> "one that is " + bad.at(NOW, 20).phase());
        }
    }

    @Test
    void whatBothHeld_andTheirSpirit_areInOne_whichIsAsOldAsTheOlder() {
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            Jar one = jar(Mixtures.RELEASE_SOLUTION, 88 + random.nextInt(12), MADE.plus(Duration.ofHours(random.nextInt(30))), 5 + random.nextDouble() * 200, Duration.ofMinutes(random.nextInt(60)), null);
            Jar other = jar(Mixtures.RELEASE_SOLUTION, 88 + random.nextInt(12), MADE.plus(Duration.ofHours(random.nextInt(30))), 5 + random.nextDouble() * 200, Duration.ofMinutes(random.nextInt(60)), null);
            Jar.State a = one.at(NOW, 20);
            Jar.State b = other.at(NOW, 20);
            if (!may(one, other)) {
                continue;
            }
            Pouring pouring = Pouring.of(one, a, other, b);
            Jar both = jar(Mixtures.RELEASE_SOLUTION, pouring.bottlePercent(), pouring.made(), pouring.millilitres(), Duration.ZERO, pouring.look());
            Jar.State state = both.at(NOW, 20);
            assertEquals(a.left() + b.left(), state.left(), 1e-9);
            assertEquals(a.left() * a.strength() + b.left() * b.strength(), state.left() * state.strength(), 1e-6, "no spirit is lost in pouring");
            assertEquals(Phase.GOOD, state.phase(), "two that serve are one that serves");
            assertEquals(one.made().isBefore(other.made()) ? one.made() : other.made(), both.made());
        }
    }
}
