package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

/** Curves by table, for whole pictures, against the curves themselves. */
class TablesTest {
    @Test
    void lightnessNear_isTheCurve() {
        for (int i = 0; i <= 100_000; i++) {
            float y = i / 100_000f;
            assertEquals(Lab.lightnessOf(y), Lab.lightnessNear(y), 2e-4, "Y " + y);
        }
        assertEquals(0, Lab.lightnessNear(-0.5f), 1e-6);
        assertEquals(100, Lab.lightnessNear(1.5f), 1e-4);
    }

    @Test
    void encodeNear_isTheCurve() {
        for (int i = 0; i <= 100_000; i++) {
            float y = i / 100_000f;
            assertEquals(Srgb.encode(y), Srgb.encodeNear(y), 1e-5, "Y " + y);
        }
        assertEquals(1, Srgb.encodeNear(2f), 1e-6);
    }
}
