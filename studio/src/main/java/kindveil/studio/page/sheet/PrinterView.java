package kindveil.studio.page.sheet;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import kindveil.bench.PrintKind;
import kindveil.measure.Figures;
import kindveil.measure.UnitSystem;
import kindveil.sheet.CheckRule;
import kindveil.sheet.ScanReading;
import kindveil.studio.device.Machine;
import kindveil.studio.device.SimulatedPrinter;
import kindveil.studio.device.SimulatedPrinter.Job;
import kindveil.studio.device.SimulatedPrinter.Scan;
import kindveil.studio.device.SimulatedPrinter.State;
import kindveil.studio.page.PageView;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.SheetWork.Batch;
import org.jspecify.annotations.Nullable;

/**
 * The simulated printer of one carrier: what lies in its tray, what is to be printed, its queue.
 *
 * @param version of the gathering
 * @param read the sheet looked at, or null where the tray is empty
 * @param correction of the sheets by the rule measured, or empty
 * @param settings to print with
 */
record PrinterView(int version, String machine, @Nullable Read read, String correction, String settings, Form form, String print, String runs, Queue queue, List<String> problems) implements PageView {

    /** What is typed into the form. */
    record Form(String percent, boolean mirror, String uneven) {
        static final Form RIGHT = new Form("100", false, "0");
    }

    /**
     * A sheet in the tray, read.
     *
     * @param right what is said where nothing is wrong with it, or empty
     * @param correctable whether the sheets can be corrected by its rule
     */
    record Read(String picture, double width, double height, String heading, List<String> faults, String right, String rule, boolean correctable) {
        static Read of(Job job, int sheet, Scan scan) {
            ScanReading reading = ScanReading.of(scan.scan().luminance(), scan.page().luminance(), SimulatedPrinter.PIXELS_PER_MILLIMETRE, scan.drawn());
            boolean out = reading.rule() != null && new CheckRule(1, null, false).measuring(reading.rule()).verdict() != CheckRule.Verdict.EXACT;
            String rule = reading.rule() == null ? "" : reading.rule().print(UnitSystem.METRIC);
            String blacks = Double.isNaN(reading.blacks()) ? "" : String.format(Locale.ROOT, ", and its blacks are L* %.0f", reading.blacks());
            String right = reading.faults().isEmpty() ? "Its rule measures %s, it stands the right way round%s.".formatted(rule, blacks) : "";
            return new Read("/printer/%d/%d.png".formatted(job.number(), sheet), scan.scan().width(), scan.scan().height(), "Job %d, sheet %d of %d".formatted(job.number(), sheet, job.sheets()),
                    reading.faults(), right, rule, out);
        }
    }

    /** @param address of the carrier's sheets */
    record Queue(String address, String toner, boolean busy, List<Line> jobs) implements PageView {
        static Queue of(String carrier, SimulatedPrinter printer) {
            List<Line> lines = printer.jobs().stream().map(job -> Line.of(job, carrier)).toList();
            return new Queue("/sheets/" + carrier, Figures.rounded(printer.toner(), 1), printer.jobs().stream().anyMatch(Line::going), lines);
        }
    }

    /** One job in the queue. @param tray its sheets that can be looked at here; @param bar how far it is, drawn 100 wide */
    record Line(int number, String title, String state, boolean open, String bar, List<Integer> tray, boolean outOfToner) {
        static Line of(Job job, String carrier) {
            boolean here = SheetView.word(job.kind()).equals(carrier);
            return new Line(job.number(), job.title(), words(job), going(job) || job.state() == State.OUT_OF_TONER, "M0 1H" + job.share() * 100,
                    here ? IntStream.rangeClosed(1, job.done()).boxed().toList() : List.of(), job.state() == State.OUT_OF_TONER);
        }

        static boolean going(Job job) {
            return job.state() == State.PRINTING || job.state() == State.WAITING;
        }

        private static String words(Job job) {
            String sheets = "%d of %d".formatted(job.done(), job.sheets());
            return switch (job.state()) {
                case WAITING -> "waits";
                case PRINTING -> "prints, %s done".formatted(sheets);
                case OUT_OF_TONER -> "out of toner, %s done".formatted(sheets);
                case PRINTED -> job.sheets() == 1 ? "printed" : "printed, %d sheets".formatted(job.sheets());
                case CANCELLED -> "cancelled, %s done".formatted(sheets);
            };
        }
    }

    static PrinterView of(PrintKind kind, Batch batch, int version, @Nullable Read read, Form form, SimulatedPrinter printer, List<String> problems) {
        int sheets = batch.sheets().size();
        return new PrinterView(version, Machine.of(kind).words(), read, batch.setUp().rule().measured() == null ? "" : batch.setUp().rule().words(), SheetFiles.settings(batch), form,
                sheets == 1 ? "Print one sheet" : "Print %d sheets".formatted(sheets), batch.setUp().runs() > 1 ? "each runs %d times".formatted(batch.setUp().runs()) : "",
                Queue.of(SheetView.word(kind), printer), problems);
    }
}
