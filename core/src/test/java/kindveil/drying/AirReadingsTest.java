package kindveil.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.drying.AirReadings.Judged;
import kindveil.drying.AirReadings.Reading;
import kindveil.drying.AirReadings.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirReadingsTest {
    private static Duration minute(int minute) {
        return Duration.ofMinutes(minute);
    }

    /** One a minute, with noise of a few tenths. */
    private static List<Reading> noisy(int minutes, double celsius, double percent, long seed) {
        Random random = new Random(seed);
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < minutes; i++) {
            readings.add(new Reading(minute(i), Math.round((celsius + 0.3 * random.nextGaussian()) * 10) / 10.0, Math.round((percent + random.nextGaussian()) * 10) / 10.0));
        }
        return readings;
    }

    @Test
    void noise_isEvenedOut_inAThousandStudios() {
        for (int seed = 0; seed < 1000; seed++) {
            Judged judged = AirReadings.judge(noisy(40, 19, 62, seed), minute(39));
            assertEquals(Trouble.NONE, judged.trouble());
            assertEquals(19, judged.air().orElseThrow().temperature().celsius(), 0.6);
            assertEquals(62, judged.air().orElseThrow().humidity().percent(), 2);
        }
    }

    /** One absurd reading among good ones is left out wherever it stands; the air is as without it. */
    @ParameterizedTest
    @CsvSource({"-40, 50", "85, 50", "20, 0", "20, 140", "33, 55", "21, 99"})
    void oneAbsurdReading_movesNothing(double celsius, double percent) {
        for (int at = 20; at < 40; at++) {
            List<Reading> readings = noisy(40, 20, 55, at);
            double was = AirReadings.judge(readings, minute(39)).air().orElseThrow().temperature().celsius();
            readings.set(at, new Reading(minute(at), celsius, percent));
            Judged judged = AirReadings.judge(readings, minute(39));
            assertEquals(Trouble.NONE, judged.trouble());
            assertEquals(was, judged.air().orElseThrow().temperature().celsius(), 0.4);
        }
    }

    @Test
    void silent_stuck_absurd_areNoticed_andNotFollowed() {
        assertEquals(Judged.not(Trouble.SILENT), AirReadings.judge(List.of(), minute(3)));
        List<Reading> readings = noisy(40, 20, 55, 1);
        assertEquals(Trouble.NONE, AirReadings.judge(readings, minute(39).plus(Duration.ofMinutes(5))).trouble());
        assertEquals(Judged.not(Trouble.SILENT), AirReadings.judge(readings, minute(39).plus(Duration.ofMinutes(5)).plusSeconds(1)));

        for (int i = 40; i < 80; i++) {
            readings.add(new Reading(minute(i), 20.1, 55.2));
            Trouble trouble = AirReadings.judge(readings, minute(i)).trouble();
            assertEquals(i < 70 ? Trouble.NONE : Trouble.STUCK, trouble, "after " + (i - 39));
        }
        readings.add(new Reading(minute(80), 20.2, 55.2));
        assertEquals(Trouble.NONE, AirReadings.judge(readings, minute(80)).trouble(), "it moves again");

        List<Reading> broken = new ArrayList<>();
        for (int i = 0; i < 15; i++) {
            broken.add(new Reading(minute(i), -127, i));
        }
        assertEquals(Judged.not(Trouble.ABSURD), AirReadings.judge(broken, minute(14)));
    }

    @Test
    void roomThatIsTooCold_isSaid_andAFirstReadingIsNotYetEnough() {
        assertEquals(Judged.not(Trouble.TOO_COLD_OR_WARM), AirReadings.judge(noisy(20, 2, 70, 3), minute(19)));
        assertTrue(AirReadings.judge(noisy(2, 20, 50, 3), minute(1)).air().isEmpty());
        assertTrue(AirReadings.judge(noisy(3, 20, 50, 3), minute(2)).air().isPresent());
    }
}
