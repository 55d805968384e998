package kindveil.studio.device;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import kindveil.bench.PrintKind;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.ScanReading;
import kindveil.studio.device.SimulatedPrinter.Job;
import kindveil.studio.device.SimulatedPrinter.Page;
import kindveil.studio.device.SimulatedPrinter.State;
import kindveil.studio.intake.PrintPdf;
import kindveil.studio.intake.Rasters;
import kindveil.studio.intake.SheetRaster;
import org.junit.jupiter.api.Test;

class SimulatedPrinterTest {
    private static final Map<Double, Plane> DRAWN = new java.util.concurrent.ConcurrentHashMap<>();
    private Instant now = Instant.parse("2026-11-25T18:00:00Z");
    private final SimulatedPrinter printer = new SimulatedPrinter(new Clock() {
        @Override
        public java.time.ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(java.time.ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    });

    /** Sheets as they are drawn for a picture half black, with their rule. */
    private static List<Page> pages(int count, double drawn) {
        return Collections.nCopies(count, new Page("sheet", Picture.grey(DRAWN.computeIfAbsent(drawn, SimulatedPrinterTest::drawn)), true, drawn));
    }

    private static Plane drawn(double drawn) {
        PrintSheet sheet = PrintSheet.of(Paper.A4, Length.ofMillimetres(120), Length.ofMillimetres(160), 1);
        BufferedImage image = Rasters.bits(Plane.compute(240, 320, (x, y) -> x < 120 ? 0 : 1));
        PrintPdf.Leaf leaf = new PrintPdf.Leaf(sheet, Map.of("", image), Map.of(), "note", "settings", drawn, false);
        BufferedImage page = SheetRaster.draw(leaf, 600);
        return Rasters.luminance(page, (int) Math.round(page.getWidth() / 3.0), (int) Math.round(page.getHeight() / 3.0));
    }

    private void after(double paces) {
        now = now.plus(Duration.ofMillis((long) (SimulatedPrinter.PACE.toMillis() * paces)));
    }

    private Job job(int number) {
        return printer.jobs().stream().filter(job -> job.number() == number).findFirst().orElseThrow();
    }

    @Test
    void print_sheetBySheet_asTheClockGoes() {
        int job = printer.print("two", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(2, 1));
        int second = printer.print("one", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(1, 1));
        assertEquals(State.PRINTING, job(job).state());
        assertEquals(State.WAITING, job(second).state());
        assertTrue(printer.scan(job, 1).isEmpty(), "not out yet");
        after(0.5);
        assertEquals(0.25, job(job).share(), 1e-9);
        after(0.6);
        assertEquals(1, job(job).done());
        assertTrue(printer.scan(job, 1).isPresent());
        after(2);
        assertEquals(State.PRINTED, job(job).state());
        assertEquals(State.PRINTED, job(second).state());
        assertTrue(printer.scan(job, 3).isEmpty());
    }

    @Test
    void print_severalRuns_takeSoMuchLonger() {
        int job = printer.print("runs", PrintKind.WEAK_TONER, 2, Faults.NONE, pages(1, 1));
        after(1.5);
        assertEquals(0, job(job).done());
        after(0.6);
        assertEquals(State.PRINTED, job(job).state());
    }

    @Test
    void cancel_keepsWhatIsPrintedAndLetsTheNextOneOn() {
        int first = printer.print("three", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(3, 1));
        int second = printer.print("one", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(1, 1));
        after(1.5);
        printer.cancel(first);
        assertEquals(State.CANCELLED, job(first).state());
        assertTrue(printer.scan(first, 1).isPresent());
        assertEquals(State.PRINTING, job(second).state());
        after(1);
        assertEquals(State.PRINTED, job(second).state());
        printer.cancel(second);
        assertEquals(State.PRINTED, job(second).state(), "too late to cancel");
    }

    @Test
    void print_runsDry_andGoesOnWhenFilled() {
        printer.fill(0.3);
        int job = printer.print("four", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(4, 1));
        after(10);
        assertEquals(State.OUT_OF_TONER, job(job).state());
        int before = job(job).done();
        assertTrue(before > 0 && before < 4, String.valueOf(before));
        double left = printer.toner();
        assertTrue(left >= 0 && left < 0.3);
        after(5);
        assertEquals(before, job(job).done(), "nothing is printed without toner");
        printer.fill(100);
        after(4);
        assertEquals(State.PRINTED, job(job).state());
        assertTrue(assertThrows(UnusableValue.class, () -> printer.fill(140)).getMessage().contains("0 to 100 %"));
    }

    /** Three eighths of an A4 sheet of 5 % black is what the maker counts as one page in 1500. */
    @Test
    void toner_isUsedAsMuchAsIsCovered() {
        double full = printer.toner();
        printer.print("one", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(1, 1));
        after(1.1);
        double covered = 60 * 160 / (210.0 * 297);
        assertEquals(100.0 / 1500 * covered / 0.05, full - printer.toner(), 0.02);
    }

    @Test
    void print_tooMuch_isRefusedWithWhatToDo() {
        assertTrue(assertThrows(UnusableValue.class, () -> printer.print("x", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(21, 1))).getMessage().contains("1 to 20"));
        for (int i = 0; i < 6; i++) {
            printer.print("x", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(1, 1));
        }
        assertTrue(assertThrows(UnusableValue.class, () -> printer.print("x", PrintKind.GOOD_TONER, 1, Faults.NONE, pages(1, 1))).getMessage().contains("Cancel one"));
        assertTrue(assertThrows(UnusableValue.class, () -> new Faults(130, false, 0)).getMessage().contains("80 to 120 %"));
    }

    private ScanReading read(PrintKind kind, int runs, Faults faults, double drawn) {
        int job = printer.print("x", kind, runs, faults, pages(1, drawn));
        after(runs + 0.1);
        SimulatedPrinter.Scan scan = printer.scan(job, 1).orElseThrow();
        return ScanReading.of(scan.scan().luminance(), scan.page().luminance(), SimulatedPrinter.PIXELS_PER_MILLIMETRE, scan.drawn());
    }

    @Test
    void scan_ofAGoodMachine_hasNoFaults() {
        ScanReading reading = read(PrintKind.GOOD_TONER, 1, Faults.NONE, 1);
        assertEquals(50, reading.rule().millimetres(), 0.2);
        assertEquals(List.of(), reading.faults());
    }

    @Test
    void scan_ofAScalingMachine_isFoundAndCorrected() {
        Faults faults = new Faults(97, false, 0);
        ScanReading reading = read(PrintKind.GOOD_TONER, 1, faults, 1);
        assertEquals(48.5, reading.rule().millimetres(), 0.2);
        double drawn = kindveil.sheet.CheckRule.UNMEASURED.measuring(reading.rule()).scale();
        assertEquals(List.of(), read(PrintKind.GOOD_TONER, 1, faults, drawn).faults());
    }

    @Test
    void scan_ofAMirroringWornWeakMachine_saysAllOfIt() {
        String said = String.join(" ", read(PrintKind.WEAK_TONER, 1, new Faults(100, true, 50), 1).faults());
        assertTrue(said.contains("mirrored") && said.contains("Run it over itself") && said.contains("worn drum"), said);
    }

    /** Run over itself a weak machine becomes as black as a good one. */
    @Test
    void scan_runTwice_isBlacker() {
        double once = read(PrintKind.WEAK_TONER, 1, Faults.NONE, 1).blacks();
        double twice = read(PrintKind.WEAK_TONER, 2, Faults.NONE, 1).blacks();
        double good = read(PrintKind.GOOD_TONER, 1, Faults.NONE, 1).blacks();
        assertTrue(once > 40 && twice < 30, once + " " + twice);
        assertEquals(good, twice, 3);
    }
}
