package kindveil.light;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourNameTest {
    @ParameterizedTest
    @CsvSource({"#000000,black", "#ffffff,white", "#808080,grey", "#d8d8d8,pale grey", "#3c3c3c,dark grey", "#c01818,red", "#e07010,orange", "#f4d010,yellow", "#c9a050,ochre", "#f0e6cc,cream", "#5a3a20,brown",
        "#2e7d32,green", "#12807c,turquoise", "#2040c0,blue", "#7030a0,violet", "#f0a0b0,pink", "#101c60,dark blue", "#0e3a16,dark green"})
    void of_whatEveryoneCallsSo(String colour, String name) {
        assertEquals(name, ColourName.of(Colour.parse("c", colour).lab()));
    }

    @Test
    void of_everyColour_isSomething() {
        for (int red = 0; red < 256; red += 15) {
            for (int green = 0; green < 256; green += 15) {
                for (int blue = 0; blue < 256; blue += 15) {
                    assertFalse(ColourName.of(Colour.parse("c", "#%02x%02x%02x".formatted(red, green, blue)).lab()).isBlank());
                }
            }
        }
    }
}
