package kindveil.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.Random;
import kindveil.measure.UnusableValue;
import kindveil.mixing.Jar.Look;
import kindveil.mixing.Jar.Phase;
import kindveil.product.Mixture;
import kindveil.product.Mixtures;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class JarTest {
    private static final Instant MADE = Instant.parse("2026-11-20T18:00:00Z");

    private static Jar solution(double taken, Duration lidOff, @Nullable Look look) {
        return new Jar(Mixtures.RELEASE_SOLUTION, 91, MADE, 54, taken, Jar.USUAL_OPENING, lidOff, look);
    }

    private static Phase after(Jar jar, Duration time) {
        return jar.at(MADE.plus(time), 20).phase();
    }

    /** Its life by the craft: three hours to thicken, two or three days for the cautious, a month for those who look. */
    @Test
    void aJarOfSolution_rests_serves_isLookedAt_andIsThrownAway() {
        Jar jar = solution(0, Duration.ZERO, null);
        assertEquals(Phase.RESTS, after(jar, Duration.ofMinutes(179)));
        assertEquals(Phase.GOOD, after(jar, Duration.ofHours(3)));
        assertEquals(Phase.GOOD, after(jar, Duration.ofHours(71)));
        assertEquals(Phase.LOOK, after(jar, Duration.ofDays(3)));
        Jar clear = solution(0, Duration.ZERO, new Look(MADE.plus(Duration.ofDays(5)), true));
        assertEquals(Phase.GOOD, after(clear, Duration.ofDays(5)));
        assertEquals(Phase.LOOK, after(clear, Duration.ofDays(7)));
        assertEquals(Phase.SPOILT, after(clear, Duration.ofDays(30)));
        assertEquals(Phase.SPOILT, after(solution(0, Duration.ZERO, new Look(MADE.plus(Duration.ofHours(4)), false)), Duration.ofHours(5)));
        assertEquals(Phase.EMPTY, after(solution(53.8, Duration.ZERO, null), Duration.ofHours(4)));
    }

    /** Eight of nine parts of a 91 % bottle; what evaporates is spirit alone, by hand: 0.096 ml a cm² and hour over 28 cm². */
    @Test
    void itsStrength_fallsWhileTheLidIsOff_andAsMuchSpiritBringsItBack() {
        Jar.State closed = solution(0, Duration.ZERO, null).at(MADE, 20);
        assertEquals(80.9, closed.strength(), 0.05);
        Jar.State open = solution(0, Duration.ofHours(2), null).at(MADE.plus(Duration.ofHours(4)), 20);
        assertEquals(2 * 28 * 0.096, open.lost(), 1e-9);
        assertEquals((48 - open.lost()) / (54 - open.lost()) * 91, open.strength(), 1e-9);
        assertEquals(Phase.GOOD, open.phase());
        Jar.State long_ = solution(0, Duration.ofHours(5), null).at(MADE.plus(Duration.ofHours(6)), 20);
        assertEquals(Phase.WEAK, long_.phase());
        // what was lost put back is the ratio it was mixed at
        assertEquals(80.9, (48 - long_.lost() + long_.lost()) / (54 - long_.lost() + long_.lost()) * 91, 0.05);
        assertTrue(solution(0, Duration.ofHours(2), null).at(MADE, 30).lost() > open.lost() * 1.9, "twice as fast ten degrees warmer");
        // nothing but its spirit can go
        assertEquals(0, solution(0, Duration.ofDays(20), null).at(MADE.plus(Duration.ofDays(1)), 20).strength(), 1e-9);
    }

    @Test
    void anyNumberOfTakings_addUp_andWhatWasNotInIt_isSaid() {
        Random random = new Random(5);
        for (int run = 0; run < 200; run++) {
            double taken = 0;
            Jar.State before = solution(0, Duration.ZERO, null).at(MADE, 20);
            for (int i = 0; i < 20; i++) {
                taken += random.nextDouble() * 8;
                Jar.State now = solution(taken, Duration.ZERO, null).at(MADE, 20);
                assertTrue(now.left() >= 0 && now.left() <= before.left());
                assertEquals(54, now.left() - now.over() + taken, 1e-9);
                before = now;
            }
        }
    }

    @Test
    void eachMixture_keepsByWhatIsInIt() {
        assertEquals(Duration.ofHours(3), Keeping.of(Mixtures.RELEASE_SOLUTION).ready());
        assertEquals("cloudy", Keeping.of(Mixtures.RELEASE_SOLUTION).spoilt());
        assertTrue(Keeping.of(Mixtures.SHELLAC).keeps() && Keeping.of(Mixtures.SHELLAC).ready().isZero());
        assertTrue(Keeping.of(Mixtures.SLURRY).longest().compareTo(Keeping.of(Mixtures.THINNED_GEL).longest()) > 0, "water lets it go off sooner");
        assertFalse(Keeping.of(Mixtures.LET_DOWN_INK).keeps(), "ink skins over");
        assertFalse(Keeping.of(Mixtures.WETTING_BATH).keeps());
        for (Mixture mixture : Mixtures.all()) {
            Keeping keeps = Keeping.of(mixture);
            assertTrue(keeps.ready().compareTo(keeps.cautious()) < 0 && keeps.cautious().compareTo(keeps.longest()) <= 0, mixture.id());
            assertTrue(Keeping.discard(mixture.hazards()).contains("Local rules") || mixture.hazards().isEmpty(), mixture.id());
        }
        assertTrue(Keeping.discard(Mixtures.LET_DOWN_INK.hazards()).contains("under water"));
        assertTrue(Keeping.discard(Mixtures.RELEASE_SOLUTION.hazards()).contains("hazardous"));
    }

    @Test
    void whatIsNoJar_isSaid() {
        assertThrows(UnusableValue.class, () -> new Jar(Mixtures.SLURRY, 0, MADE, 0, 0, 28, Duration.ZERO, null));
        assertThrows(UnusableValue.class, () -> new Jar(Mixtures.SLURRY, 0, MADE, 10, 0, 0, Duration.ZERO, null));
    }
}
