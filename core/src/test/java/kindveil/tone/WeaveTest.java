package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;

class WeaveTest {
    @Test
    void threads_coverAsMuchAsTheyAre_atEveryPitchAndResolution() {
        for (double texture : new double[] {0.1, 0.4, 0.8, 1.5}) {
            Weave weave = Weave.of(texture);
            assertEquals(1 - 0.45 * 0.45, weave.covered(), 1e-9);
            for (double scale : new double[] {0.5, 3, 8, 20}) {
                assertEquals(weave.covered(), weave.over(600, 500, scale).mean(), 0.05, "texture %s at %s".formatted(texture, scale));
            }
        }
        assertThrows(UnusableValue.class, () -> new Weave(1, 2));
    }
}
