package kindveil.image;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaneTest {
    private static Plane noise(int width, int height) {
        Random random = new Random(11);
        float[] values = new float[width * height];
        for (int i = 0; i < values.length; i++) {
            values[i] = random.nextFloat();
        }
        return Plane.of(width, height, values);
    }

    @ParameterizedTest
    @CsvSource({"40,30,20,15", "41,29,7,13", "10,10,25,31", "5,1,1,1", "1,1,3,3"})
    void resized_anySize_keepsTheMean(int w, int h, int toW, int toH) {
        Plane plane = noise(w, h);
        Plane scaled = plane.resampled(toW, toH);
        assertEquals(toW, scaled.width());
        assertEquals(toH, scaled.height());
        assertEquals(plane.mean(), scaled.mean(), 1e-5);
    }

    @Test
    void resized_byHalf_averagesFours() {
        Plane plane = noise(8, 6);
        Plane half = plane.resampled(4, 3);
        for (int y = 0; y < 3; y++) {
            for (int x = 0; x < 4; x++) {
                float mean = (plane.at(2 * x, 2 * y) + plane.at(2 * x + 1, 2 * y) + plane.at(2 * x, 2 * y + 1) + plane.at(2 * x + 1, 2 * y + 1)) / 4;
                assertEquals(mean, half.at(x, y), 1e-6);
            }
        }
    }

    @Test
    void blurred_stepEdge_followsTheNormalDistribution() {
        Plane step = Plane.compute(200, 3, (x, y) -> x < 100 ? 0 : 1);
        Plane blurred = step.blurred(5);
        assertEquals(0.5, (blurred.at(99, 1) + blurred.at(100, 1)) / 2, 1e-4);
        // one standard deviation from the edge: 84.13 % (tables of the normal distribution)
        assertEquals(0.8413, (blurred.at(104, 1) + blurred.at(105, 1)) / 2, 0.004);
    }

    @Test
    void blurred_flat_staysFlat() {
        Plane flat = Plane.filled(20, 10, 0.4f).blurred(3);
        assertEquals(0.4, flat.at(0, 0), 1e-6);
        assertEquals(0.4, flat.at(19, 9), 1e-6);
    }

    @Test
    void mirrored_twice_isTheSame() {
        Plane plane = noise(7, 4);
        Plane there = plane.mirrored();
        assertEquals(plane.at(0, 2), there.at(6, 2));
        assertEquals(plane.at(3, 1), there.mirrored().at(3, 1));
    }

    @Test
    void of_wrongCount_cannotBeMade() {
        assertThrows(IllegalArgumentException.class, () -> Plane.of(2, 2, new float[3]));
        assertThrows(IllegalArgumentException.class, () -> new Picture(Plane.filled(1, 1, 0), Plane.filled(1, 2, 0), Plane.filled(1, 1, 0)));
    }

    @Test
    void within_largerPicture_keepsItsShape() {
        Picture picture = Picture.grey(noise(300, 200)).downscaled(150);
        assertEquals(150, picture.width());
        assertEquals(100, picture.height());
        assertEquals(300, Picture.grey(noise(300, 200)).downscaled(4000).width());
    }

    @Test
    void luminance_greyPicture_isItself() {
        Plane plane = noise(5, 5);
        assertEquals(plane.at(2, 3), Picture.grey(plane).luminance().at(2, 3), 1e-6);
    }

    /** Against adding up every old pixel's overlap with the new one. */
    @ParameterizedTest
    @CsvSource({"17,11,5,4", "6,5,14,9", "30,30,29,31"})
    void resized_isTheMeanUnderEachNewPixel(int w, int h, int toW, int toH) {
        Plane plane = noise(w, h);
        Plane scaled = plane.resampled(toW, toH);
        for (int y = 0; y < toH; y++) {
            for (int x = 0; x < toW; x++) {
                double sum = 0;
                double area = 0;
                for (int v = 0; v < h; v++) {
                    for (int u = 0; u < w; u++) {
                        double across = Math.max(0, Math.min(u + 1, (x + 1.0) * w / toW) - Math.max(u, x * (double) w / toW));
                        double down = Math.max(0, Math.min(v + 1, (y + 1.0) * h / toH) - Math.max(v, y * (double) h / toH));
                        sum += across * down * plane.at(u, v);
                        area += across * down;
                    }
                }
                assertEquals(sum / area, scaled.at(x, y), 1e-4);
            }
        }
    }

    /** Against the two-dimensional sum, its ends drawn out. */
    @Test
    void blurred_isTheWeighedSum() {
        Plane plane = noise(23, 19);
        double sigma = 1.7;
        Plane soft = plane.blurred(sigma);
        int reach = (int) Math.ceil(3 * sigma);
        for (int y = 0; y < 19; y += 3) {
            for (int x = 0; x < 23; x++) {
                double sum = 0;
                double weights = 0;
                for (int v = -reach; v <= reach; v++) {
                    for (int u = -reach; u <= reach; u++) {
                        double weight = Math.exp(-(u * u + v * v) / (2 * sigma * sigma));
                        sum += weight * plane.atClamped(x + u, y + v);
                        weights += weight;
                    }
                }
                assertEquals(sum / weights, soft.at(x, y), 1e-5);
            }
        }
    }

    /** Any colour at any luminance: it has that luminance, stays inside, and keeps the order of its parts. */
    @Test
    void withLuminance_hasItAndKeepsTheHue() {
        Random random = new Random(5);
        Picture picture = new Picture(noise(20, 20), noise(20, 20).mirrored(), noise(20, 20).map(v -> v * v));
        Plane wanted = Plane.compute(20, 20, (x, y) -> x == 0 ? 0 : x == 1 ? 1 : random.nextFloat());
        Picture other = picture.withLuminance(wanted);
        for (int y = 0; y < 20; y++) {
            for (int x = 0; x < 20; x++) {
                assertEquals(wanted.at(x, y), other.luminance().at(x, y), 1e-4);
                float red = other.red().at(x, y);
                float green = other.green().at(x, y);
                org.junit.jupiter.api.Assertions.assertTrue(red >= -1e-5 && red <= 1 + 1e-5 && green >= -1e-5 && green <= 1 + 1e-5);
                org.junit.jupiter.api.Assertions.assertTrue((red - green) * (picture.red().at(x, y) - picture.green().at(x, y)) >= -1e-5);
            }
        }
    }
}
