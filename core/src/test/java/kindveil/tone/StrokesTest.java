package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindveil.image.Plane;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;

class StrokesTest {
    /** Exactly the share asked for is covered, at every share, seed and size. */
    @Test
    void covered_isTheShareAskedFor() {
        for (double share = 0.1; share < 0.99; share += 0.1) {
            for (int seed = 0; seed < 5; seed++) {
                Plane cover = new Strokes(share, seed).over(300, 200, 2.5);
                assertEquals(share, cover.mean(), 0.01, "share %.1f, seed %d".formatted(share, seed));
            }
        }
    }

    /** Marks are longer than wide, as a brush leaves them, and alike at every resolution. */
    @Test
    void marks_areLongAlongTheBrush_andTheSameAtEveryResolution() {
        Plane cover = new Strokes(0.6, 3).over(400, 400, 4);
        int along = 0;
        int across = 0;
        for (int y = 0; y < 399; y++) {
            for (int x = 0; x < 399; x++) {
                along += cover.at(x, y) == cover.at(x + 1, y) ? 0 : 1;
                across += cover.at(x, y) == cover.at(x, y + 1) ? 0 : 1;
            }
        }
        assertTrue(across > 2 * along, along + " changes along, " + across + " across");
        Plane fine = new Strokes(0.6, 3).over(800, 800, 8);
        int same = 0;
        for (int y = 0; y < 400; y++) {
            for (int x = 0; x < 400; x++) {
                same += fine.at(2 * x, 2 * y) == cover.at(x, y) ? 1 : 0;
            }
        }
        assertTrue(same > 0.94 * 160_000, same + " of 160000");
        assertNotEquals(0, difference(cover, new Strokes(0.6, 4).over(400, 400, 4)));
        assertEquals(0, difference(cover, new Strokes(0.6, 3).over(400, 400, 4)));
    }

    private static int difference(Plane a, Plane b) {
        int found = 0;
        for (int y = 0; y < a.height(); y++) {
            for (int x = 0; x < a.width(); x++) {
                found += a.at(x, y) == b.at(x, y) ? 0 : 1;
            }
        }
        return found;
    }

    @Test
    void shareOutOfRange_isRefused() {
        assertThrows(UnusableValue.class, () -> new Strokes(0, 1));
        assertThrows(UnusableValue.class, () -> new Strokes(1.2, 1));
    }
}
