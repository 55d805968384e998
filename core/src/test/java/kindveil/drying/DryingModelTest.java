package kindveil.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import kindveil.measure.UnusableValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The check table, within 5 % (0.05 min for films of a minute or two). */
class DryingModelTest {
    private static final Room STUDIO = Room.of(21, 50);

    private static double minutes(Coat coat, Room room, Stage stage) {
        return coat.cover() == null ? 0 : DryingModel.dry(coat, room).reaches(stage).orElseThrow().toMillis() / 60_000.0;
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "plate film thin, 5, .55, 0, NONE, TOUCH_DRY, 1.3",
        "plate film fuller, 9, .55, 0, NONE, TOUCH_DRY, 2.3",
        "first undercoat raw wood, 70, .6, 15, NONE, RECOAT, 13.8",
        "second undercoat, 60, .6, 5, NONE, RECOAT, 16",
        "coat on a print fluid, 100, .6, 15, NONE, RECOAT, 24",
        "coat on a print gel, 140, .6, 15, NONE, RECOAT, 39",
        "glide bed 100, 100, .6, 35, PAPER_PRINT, THROUGH, 28",
        "glide bed 150, 150, .6, 35, PAPER_PRINT, THROUGH, 53",
        "under weight 100, 100, .6, 35, WEIGHT, THROUGH, 164",
        "under weight 200, 200, .6, 35, WEIGHT, THROUGH, 473",
        "gesso bed on card, 500, .5, 55, PAPER_PRINT, THROUGH, 249",
        "deep bed, 1600, .6, 165, PAPER_PRINT, RECOAT, 1200"})
    void dry_checkTable_withinFivePercent(String name, double h, double phi, double c, Cover cover, Stage stage, double expected) {
        assertEquals(expected, minutes(new Coat(h, phi, c, cover), STUDIO, stage), Math.max(0.05, expected * 0.05));
    }

    @Test
    void dry_withHeatTool_takesSomeTensOfMinutes() {
        assertEquals(33, minutes(new Coat(500, .5, 55, Cover.PAPER_PRINT), STUDIO.with(Airing.HEAT_TOOL), Stage.THROUGH), 33 * 0.05);
    }

    @ParameterizedTest
    @CsvSource({"60, RECOAT, 13", "80, RECOAT, 27", "90, RECOAT, 65", "60, THROUGH, 16", "80, THROUGH, 36"})
    void dry_damperRooms_takeLonger(double humidity, Stage stage, double expected) {
        assertEquals(expected, minutes(new Coat(60, .6, 15, Cover.NONE), Room.of(21, humidity), stage), expected * 0.05);
    }

    @Test
    void dry_atNinetyPercent_neverGetsThrough() {
        Curve curve = DryingModel.dry(new Coat(60, .6, 15, Cover.NONE), Room.of(21, 90));
        assertTrue(curve.reaches(Stage.THROUGH).isEmpty());
        assertTrue(curve.equilibriumShare() > Stage.THROUGH.waterShare());
    }

    @Test
    void waterShare_anyTime_onlyFalls() {
        Curve curve = DryingModel.dry(new Coat(100, .6, 20, Cover.NONE), STUDIO);
        double before = 1;
        for (int s = 0; s < 4000; s += 7) {
            double now = curve.waterShareAfter(Duration.ofSeconds(s));
            assertTrue(now <= before + 1e-12 && now >= 0);
            before = now;
        }
    }

    @Test
    void dry_goneOnWithUnchanged_agreesWithTheWhole() {
        Coat coat = new Coat(100, .6, 15, Cover.NONE);
        Curve whole = DryingModel.dry(coat, STUDIO);
        Duration half = Duration.ofMinutes(8);
        Curve rest = DryingModel.dry(coat, STUDIO, whole.waterShareAfter(half), whole.takenAfter(half));
        double there = whole.reaches(Stage.THROUGH).orElseThrow().toMillis();
        double joined = half.plus(rest.reaches(Stage.THROUGH).orElseThrow()).toMillis();
        assertEquals(there, joined, there * 0.01);
    }

    @Test
    void spread_isOrderedAndLogNormal() {
        Curve.Spread spread = DryingModel.dry(new Coat(100, .6, 15, Cover.NONE), STUDIO).spread(Stage.THROUGH).orElseThrow();
        double half = spread.half().toMillis();
        assertEquals(Math.exp(-0.35 * 0.6745), spread.quarter().toMillis() / half, 1e-4);
        assertEquals(Math.exp(0.35 * 1.2816), spread.nineTenths().toMillis() / half, 1e-4);
    }

    @Test
    void coat_impossibleThickness_isRefusedWithRange() {
        String message = assertThrows(UnusableValue.class, () -> new Coat(0, .6, 0, Cover.NONE)).getMessage();
        assertTrue(message.contains("“0 µm”") && message.contains("1 to 10000 µm"), message);
        assertThrows(UnusableValue.class, () -> Room.of(60, 50));
    }
}
