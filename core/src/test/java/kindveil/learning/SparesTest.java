package kindveil.learning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SparesTest {
    @Test
    void copies_withoutARecord_areThree() {
        assertEquals(3, Spares.NO_RECORD.copies());
        assertEquals(14 / 15.0, Spares.NO_RECORD.sureWith(2), 1e-12);
        assertEquals("No record yet: three, of which one works 97 times in 100.", Spares.NO_RECORD.words());
    }

    /** By drawing p and then the copies, as the model says it happens. */
    @ParameterizedTest
    @CsvSource({"0, 0, 1", "0, 0, 3", "12, 0, 1", "3, 5, 4", "0, 9, 6", "40, 6, 2"})
    void sureWith_isWhatDrawingFinds(int good, int failed, int copies) {
        Random random = new Random(7);
        int tries = 200_000;
        int sure = 0;
        for (int t = 0; t < tries; t++) {
            double p = beta(random, 4 + good, 1 + failed);
            boolean any = false;
            for (int i = 0; i < copies; i++) {
                any |= random.nextDouble() < p;
            }
            sure += any ? 1 : 0;
        }
        assertEquals(sure / (double) tries, new Spares(good, failed).sureWith(copies), 0.004);
    }

    /** The k-th smallest of n uniform numbers is Beta(k, n + 1 − k). */
    private static double beta(Random random, int a, int b) {
        return random.doubles(a + b - 1L).sorted().skip(a - 1L).findFirst().orElseThrow();
    }

    @Test
    void copies_areTheLeastThatAreSureEnough() {
        for (int good = 0; good < 30; good++) {
            for (int failed = 0; failed < 12; failed++) {
                Spares spares = new Spares(good, failed);
                int n = spares.copies();
                assertTrue(spares.sureWith(n) >= 0.95 || spares.hopeless(), spares.toString());
                assertTrue(n == 1 || spares.sureWith(n - 1) < 0.95, spares.toString());
                assertTrue(new Spares(good + 1, failed).copies() <= n && new Spares(good, failed + 1).copies() >= n);
            }
        }
        assertEquals(1, new Spares(30, 0).copies());
        assertTrue(new Spares(0, 60).hopeless());
        assertTrue(new Spares(0, 60).words().contains("elsewhere"));
        assertThrows(IllegalArgumentException.class, () -> new Spares(-1, 0));
    }
}
