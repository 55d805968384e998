package kindveil.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.LocalTime;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;

class NightTest {
    private static final Night LATE = new Night(5, LocalTime.of(22, 0), LocalTime.of(7, 0));

    @Test
    void night_goesPastMidnight_orNot() {
        Night siesta = new Night(2, LocalTime.of(1, 0), LocalTime.of(5, 0));
        for (int minute = 0; minute < 24 * 60; minute++) {
            LocalTime time = LocalTime.MIDNIGHT.plusMinutes(minute);
            assertEquals(minute >= 22 * 60 || minute < 7 * 60, LATE.at(time), time.toString());
            assertEquals(minute >= 60 && minute < 5 * 60, siesta.at(time), time.toString());
        }
    }

    @Test
    void air_keepsItsVapour_asItCools() {
        Room night = LATE.night(Room.of(21, 50));
        assertEquals(16, night.temperature().celsius());
        // by steam tables: 24.86 and 18.17 hPa over water
        assertEquals(50 * 24.86 / 18.17, night.humidity().percent(), 0.3);
        Room again = LATE.day(night);
        assertEquals(21, again.temperature().celsius(), 1e-9);
        assertEquals(50, again.humidity().percent(), 1e-9);
        assertEquals(100, LATE.night(Room.of(21, 90)).humidity().percent());
        assertEquals(Room.COLDEST, LATE.night(Room.of(8, 40)).temperature().celsius(), "not reckoned colder");
    }

    @Test
    void bed_laidAtNight_driesSlowerThanByDay_andHalfAndHalfBetween() {
        Room day = Room.of(21, 50);
        Bed bed = Bed.open(new Coat(100, 0.6), Underlay.panel(20)).under(Overlay.dry(15, 0)).loaded(Cover.weight(false));
        Duration warm = through(bed, RoomCourse.of(day));
        Duration cold = through(bed, RoomCourse.of(LATE.night(day)));
        Duration both = through(bed, RoomCourse.of(day).from(Duration.ofHours(1), LATE.night(day)));
        assertTrue(warm.compareTo(both) < 0 && both.compareTo(cold) < 0, warm + ", " + both + ", " + cold);
    }

    private static Duration through(Bed bed, RoomCourse air) {
        return Drying.fresh(bed, air, Duration.ZERO).spread(Stage.THROUGH, Belief.UNLEARNED).orElseThrow().half();
    }

    @Test
    void what_cannotBe_isRefused() {
        assertTrue(assertThrows(UnusableValue.class, () -> new Night(21, LocalTime.NOON, LocalTime.MIDNIGHT)).getMessage().contains("20"));
        assertTrue(assertThrows(UnusableValue.class, () -> new Night(2, LocalTime.NOON, LocalTime.NOON)).getMessage().contains("differ"));
    }
}
