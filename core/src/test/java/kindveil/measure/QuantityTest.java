package kindveil.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantityTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {"0.3; 0.3 ml; 1/8 tsp", "0.05; 0.05 ml; 1 drop", "0.2; 0.2 ml; 4 drops", "1.2; 1.2 ml; 1/4 tsp", "2; 2 ml; 1/2 tsp", "4.93; 4.9 ml; 1 1/4 tsp",
        "12; 12 ml; 2 1/2 tsp", "40; 40 ml; 2 3/4 tbsp", "120; 120 ml; 8 1/4 tbsp", "236.588; 237 ml; 1 cup"})
    void volume_print_spoonsHoldAtLeastTheAmount(double ml, String metric, String us) {
        assertEquals(metric, new Volume(ml).print(UnitSystem.METRIC));
        assertEquals(us, new Volume(ml).print(UnitSystem.US));
    }

    @Test
    void volume_ofFilm_oneMicrometreOverOneSquareMetreIsOneMillilitre() {
        assertEquals(1, Volume.ofFilm(new Area(1e6), 1).millilitres(), 1e-12);
        assertEquals(1.5, Volume.ofFilm(Area.of(Length.ofMillimetres(100), Length.ofMillimetres(150)), 100).millilitres(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {"20; 20 s", "89; 89 s", "90; 2 min", "3540; 59 min", "7200; 2 h", "9600; 2 h 40", "259200; 3 days"})
    void span_words_areThoseOfAStudio(long seconds, String words) {
        assertEquals(words, Span.words(Duration.ofSeconds(seconds)));
    }

    @Test
    void humidity_above100_isRefusedWithRange() {
        String message = assertThrows(UnusableValue.class, () -> new Humidity(140)).getMessage();
        assertEquals("relative humidity: “140 %” cannot be used. Expected 0 to 100 %. Read the hygrometer again.", message);
        assertThrows(UnusableValue.class, () -> new Humidity(Double.NaN));
        assertEquals("48 %", new Humidity(48.2).toString());
    }

    @Test
    void temperature_print_convertsToFahrenheit() {
        assertEquals("21.4 °C", new Temperature(21.4).print(UnitSystem.METRIC));
        assertEquals("70 °F", new Temperature(21).print(UnitSystem.US));
    }

    @Test
    void preset_outsideItsOwnRange_cannotBeMade() {
        assertThrows(IllegalArgumentException.class, () -> Preset.practice(5, 6, 7, "min"));
        assertEquals("100 µm [60 … 150]", Preset.assumed(100, 60, 150, "µm").toString());
    }

    @Test
    void span_runningBackwards_cannotBeMade() {
        assertThrows(IllegalArgumentException.class, () -> Span.ofMinutes(5, 4));
        assertTrue(Span.atLeastMinutes(5).most() == null);
        assertEquals(2.5, Span.inMinutes(Span.minutes(2.5)), 1e-9);
    }

    @Test
    void area_print_isWholeUnits() {
        Area area = Area.of(Length.ofMillimetres(120), Length.ofMillimetres(160));
        assertEquals("192 cm²", area.print(UnitSystem.METRIC));
        assertEquals("30 sq in", area.print(UnitSystem.US));
    }
}
