package kindveil.studio.device;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.PrintKind;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Separation;
import kindveil.light.Tone;
import kindveil.measure.UnusableValue;
import kindveil.studio.intake.Rasters;
import org.springframework.stereotype.Component;

/** A printer that is not there: takes sheets, lets one wait, runs dry, and hands back scans of what it would have printed. */
@Component
public class SimulatedPrinter {
    /** For one sheet through the machine once. */
    public static final Duration PACE = Duration.ofSeconds(4);
    public static final int DOTS_PER_INCH = 200;
    public static final double PIXELS_PER_MILLIMETRE = DOTS_PER_INCH / 25.4;
    public static final int MOST_SHEETS = 20;
    private static final int KEPT = 6;
    /** A sheet wholly covered takes this much of a full cartridge: 1500 pages at one twentieth. */
    private static final double PER_COVERED_SHEET = 100.0 / 1500 / 0.05;
    private static final double A4_SQUARE_MILLIMETRES = 210 * 297;
    private final Clock clock;
    private final List<Work> queue = new ArrayList<>();
    private volatile Looked lastLooked;
    private int last;
    private double toner = 100;
    private Instant begun;

    SimulatedPrinter(Clock clock) {
        this.clock = clock;
    }

    /** How far a job is. */
    public enum State {
        WAITING, PRINTING, OUT_OF_TONER, PRINTED, CANCELLED
    }

    /**
     * One sheet to print.
     *
     * @param page as the file draws it, {@value #DOTS_PER_INCH} dots to the inch
     * @param bits whether it is drawn in black and white alone
     * @param drawn by how much it is drawn larger than it is meant
     */
    public record Page(String title, Picture page, boolean bits, double drawn) {
    }

    /**
     * A job as it stands.
     *
     * @param done sheets that lie in the tray
     * @param share of the whole that is done, 0 to 1
     */
    public record Job(int number, String title, PrintKind kind, State state, int done, int sheets, double share, Faults faults) {
    }

    /** A sheet that came out, as scanned, beside what the file drew. */
    public record Scan(Picture scan, Picture page, double drawn) {
    }

    private static final class Work {
        private final int number;
        private final String title;
        private final PrintKind kind;
        private final int runs;
        private final Faults faults;
        private final List<byte[]> pages = new ArrayList<>();
        private final List<Double> needs = new ArrayList<>();
        private final double drawn;
        private final boolean bits;
        private State state = State.WAITING;
        private int done;

        private Work(int number, String title, PrintKind kind, int runs, Faults faults, List<Page> pages) {
            this.number = number;
            this.title = title;
            this.kind = kind;
            this.runs = runs;
            this.faults = faults;
            this.drawn = pages.getFirst().drawn();
            this.bits = pages.getFirst().bits();
            for (Page page : pages) {
                this.pages.add(Rasters.png(Rasters.raster(page.page())));
                double area = page.page().width() * page.page().height() / (PIXELS_PER_MILLIMETRE * PIXELS_PER_MILLIMETRE) / A4_SQUARE_MILLIMETRES;
                needs.add(runs * area * PER_COVERED_SHEET * covered(page, kind));
            }
        }

        /** The mean share of it that toner covers; of each ink, where it is printed in colours. */
        private static double covered(Page page, PrintKind kind) {
            if (kind.inColours() && page.page().red() != page.page().green()) {
                return Stream.of(Separation.of(kind.inks()).planes(page.page())).mapToDouble(Plane::mean).sum();
            }
            Plane luminance = page.page().luminance();
            return page.bits() ? 1 - luminance.mean() : luminance.map(Tone.of(kind.inks())::coverage).mean();
        }

        private boolean open() {
            return state == State.WAITING || state == State.PRINTING || state == State.OUT_OF_TONER;
        }
    }

    /** Whether it would take so many sheets now, asked before they are drawn. */
    public synchronized void requireTakes(int sheets) {
        UnusableValue.requireWithin("sheets", sheets, 1, MOST_SHEETS, "", "Print the rest in a second job.");
        advance();
        UnusableValue.requireWithin("jobs that wait", queue.stream().filter(Work::open).count() + 1.0, 1, KEPT, "", "Cancel one, or wait until one is printed.");
    }

    /** Takes sheets into the queue; all with one carrier. */
    public synchronized int print(String title, PrintKind kind, int runs, Faults faults, List<Page> pages) {
        requireTakes(pages.size());
        Work work = new Work(++last, title, kind, runs, faults, pages);
        queue.add(work);
        while (queue.size() > KEPT) {
            queue.remove(queue.stream().filter(w -> !w.open()).findFirst().orElseThrow());
        }
        advance();
        return work.number;
    }

    /** Prints whatever should be printed by now. */
    private void advance() {
        Instant now = clock.instant();
        for (Optional<Work> next = next(); next.isPresent(); next = next()) {
            Work work = next.get();
            if (begun == null) {
                begun = now;
            }
            if (toner < work.needs.get(work.done)) {
                work.state = State.OUT_OF_TONER;
                begun = null;
                return;
            }
            work.state = State.PRINTING;
            Instant ready = begun.plus(PACE.multipliedBy(work.runs));
            if (ready.isAfter(now)) {
                return;
            }
            toner -= work.needs.get(work.done);
            work.done++;
            begun = ready;
            if (work.done == work.pages.size()) {
                work.state = State.PRINTED;
            }
        }
        begun = null;
    }

    private Optional<Work> next() {
        return queue.stream().filter(Work::open).findFirst();
    }

    /** Its jobs, the newest first. */
    public synchronized List<Job> jobs() {
        advance();
        return queue.reversed().stream().map(this::job).toList();
    }

    private Job job(Work work) {
        double part = work.state == State.PRINTING && begun != null
                ? Math.clamp(Duration.between(begun, clock.instant()).toMillis() / (double) PACE.multipliedBy(work.runs).toMillis(), 0, 1) : 0;
        return new Job(work.number, work.title, work.kind, work.state, work.done, work.pages.size(), (work.done + part) / work.pages.size(), work.faults);
    }

    /** Takes a job out of the queue; what is printed stays in the tray. */
    public synchronized void cancel(int number) {
        advance();
        queue.stream().filter(work -> work.number == number && work.open()).findFirst().ifPresent(work -> {
            if (work.state != State.WAITING) {
                begun = null;
            }
            work.state = State.CANCELLED;
        });
        advance();
    }

    /** Per cent of a full cartridge. */
    public synchronized double toner() {
        advance();
        return toner;
    }

    public synchronized void fill(double percent) {
        UnusableValue.requireWithin("toner", percent, 0, 100, "%", "100 is a new cartridge.");
        advance();
        toner = percent;
        advance();
    }

    /** What lies in the tray: sheet {@code sheet} of a job, from 1, if it has come out. */
    public Optional<Scan> scan(int number, int sheet) {
        Work work;
        synchronized (this) {
            advance();
            work = queue.stream().filter(w -> w.number == number).findFirst().orElse(null);
            if (work == null || sheet < 1 || sheet > work.done) {
                return Optional.empty();
            }
        }
        Looked looked = lastLooked;
        if (looked == null || looked.number != number || looked.sheet != sheet) {
            Picture page = Rasters.asDrawn(Rasters.decode(work.pages.get(sheet - 1)));
            Picture scan = Machine.of(work.kind).scan(page, work.bits, PIXELS_PER_MILLIMETRE, work.runs, work.faults, 31L * number + sheet);
            looked = new Looked(number, sheet, new Scan(scan, page, work.drawn));
            lastLooked = looked;
        }
        return Optional.of(looked.scan);
    }

    /** The sheet looked at last: a page reads it, then shows it. */
    private record Looked(int number, int sheet, Scan scan) {
    }
}
