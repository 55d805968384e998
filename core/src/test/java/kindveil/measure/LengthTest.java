package kindveil.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {
        "120 mm; 120000000", "120; 120000000", "12,5 cm; 125000000", "12.5cm; 125000000", "5 1/2 in; 139700000",
        "5½ in; 139700000", "½ in; 12700000", "5-1/2 in; 139700000", "3/4 inch; 19050000", "4\"; 101600000", "1.250 mm; 1250000", "0,250 mm; 250000",
        "1,250.5 mm; 1250500000", "1.250,5 mm; 1250500000", "1250 mm; 1250000000", "0.12 m; 120000000",
        "80 µm; 80000", "-5 mm; -5000000", "1/64 in; 396875"})
    void parse_asPeopleWrite_isExact(String text, long nanometres) {
        assertEquals(new Length(nanometres), Length.parse("width", text));
    }

    @Test
    void parse_oneCommaAndThreeDigits_isRefusedWithBothReadings() {
        UnusableValue refused = assertThrows(UnusableValue.class, () -> Length.parse("Print width", "1,250 mm"));
        assertEquals("Print width: “1,250 mm” cannot be used. Expected one reading, and this has two: 1.25 mm or 1250 mm. "
                + "Write 1.250 or 1250.", refused.getMessage());
        assertEquals("Print width", refused.thing());
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {
        "twelve mm; a length with its unit", "12x5 mm; a number such as", "12 ells; a unit I know", "1 2 mm; a number such as", "1..2 mm; a number such as",
        "1,2,3 mm; a number such as", "''; a length with its unit", "mm; a length with its unit", "5 1/0 in; lower part above 0",
        "99999999999999 mm; fits in a studio"})
    void parse_nonsense_saysWhatWasExpected(String text, String expected) {
        String message = assertThrows(UnusableValue.class, () -> Length.parse("width", text)).getMessage();
        assertTrue(message.contains(expected), message);
    }

    @Test
    void parseSize_outsideRange_namesValueAndRangeInBothUnits() {
        String message = assertThrows(UnusableValue.class, () -> Length.parseSize("Print width", "-3 cm",
                Length.ofMillimetres(10), Length.ofMillimetres(400))).getMessage();
        assertEquals("Print width: “-3 cm” cannot be used. Expected 10 mm to 400 mm (3/8 in to 15 3/4 in). Give a size inside this range.", message);
    }

    @Test
    void parseSize_atBothEnds_isAccepted() {
        Length ten = Length.ofMillimetres(10);
        assertEquals(ten, Length.parseSize("w", "1 cm", ten, Length.ofMillimetres(20)));
        assertEquals(Length.ofMillimetres(20), Length.parseSize("w", "20 mm", ten, Length.ofMillimetres(20)));
    }

    @Test
    void toString_anyLength_isReadBackExactly() {
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            Length length = new Length(random.nextLong(-1_000_000_000L, 1_000_000_000L));
            assertEquals(length, Length.parse("length", length.toString()), length.toString());
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {"120; 120 mm; 4 3/4 in", "25.4; 25.4 mm; 1 in", "12.7; 12.7 mm; 1/2 in", "1; 1 mm; 0.039 in", "0.2; 0.2 mm; 0.0079 in", "0; 0 mm; 0 in"})
    void print_bothSystems_hasUnit(double mm, String metric, String us) {
        assertEquals(metric, Length.ofMillimetres(mm).print(UnitSystem.METRIC));
        assertEquals(us, Length.ofMillimetres(mm).print(UnitSystem.US));
    }
}
