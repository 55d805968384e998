package kindveil.studio.page.sheet;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kindveil.bench.PrintKind;
import kindveil.measure.Figures;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.sheet.CheckRule;
import kindveil.sheet.ScanReading;
import kindveil.studio.device.Faults;
import kindveil.studio.device.Machine;
import kindveil.studio.device.SimulatedPrinter;
import kindveil.studio.device.SimulatedPrinter.Job;
import kindveil.studio.device.SimulatedPrinter.Scan;
import kindveil.studio.device.SimulatedPrinter.State;
import kindveil.studio.intake.PrintPdf;
import kindveil.studio.intake.Rasters;
import kindveil.studio.intake.SheetRaster;
import kindveil.studio.page.Problems;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.sheet.SheetWork.Batch;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The simulated printer: its queue, its toner, its tray. */
@Controller
class PrinterController {
    private final SheetWork sheets;
    private final SheetFiles files;
    private final SimulatedPrinter printer;

    PrinterController(SheetWork sheets, SheetFiles files, SimulatedPrinter printer) {
        this.sheets = sheets;
        this.files = files;
        this.printer = printer;
    }

    /** One job in the queue. */
    public record Line(int number, String title, String state, boolean open, double share, int done, List<Integer> tray, boolean outOfToner) {
    }

    /** What is typed into the form. */
    public record Form(String percent, boolean mirror, String uneven) {
        static final Form RIGHT = new Form("100", false, "0");
    }

    /** A sheet in the tray, read. */
    public record Read(int job, int sheet, String picture, double width, double height, String heading, List<String> faults, String rule, String blacks, boolean correctable) {
    }

    @GetMapping("/sheets/{kind}/printer")
    Object printer(@PathVariable String kind, @RequestParam(required = false) Integer job, @RequestParam(required = false) Integer sheet) {
        PrintKind print = SheetsController.kind(kind);
        return sheets.batches().stream().anyMatch(batch -> batch.kind() == print) ? page(print, Form.RIGHT, job, sheet, List.of()) : "redirect:/sheets";
    }

    private ModelAndView page(PrintKind kind, Form form, Integer job, Integer sheet, List<String> problems) {
        Batch batch = sheets.batch(kind);
        ModelAndView page = queue(SheetView.word(kind));
        page.setViewName("sheet/printer");
        page.addObject("carrier", kind.words());
        page.addObject("machine", Machine.of(kind).words());
        page.addObject("waiting", batch.sheets().size());
        page.addObject("runs", batch.setUp().runs());
        page.addObject("settings", SheetFiles.settings(batch));
        page.addObject("correction", batch.setUp().rule());
        page.addObject("form", form);
        page.addObject("problems", problems);
        page.addObject("version", sheets.gathering().version());
        page.addObject("read", job == null ? latest(kind) : read(kind, job, sheet == null ? 1 : sheet));
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    private Read latest(PrintKind kind) {
        return printer.jobs().stream().filter(job -> job.kind() == kind && job.done() > 0).findFirst().map(job -> read(kind, job.number(), job.done())).orElse(null);
    }

    private Read read(PrintKind kind, int job, int sheet) {
        Job of = printer.jobs().stream().filter(j -> j.number() == job && j.kind() == kind).findFirst().orElseThrow(() -> new NotFound("job", job));
        Scan scan = printer.scan(job, sheet).orElseThrow(() -> new NotFound("sheet in the tray", sheet));
        ScanReading reading = ScanReading.of(scan.scan(), scan.page(), SimulatedPrinter.PIXELS_PER_MILLIMETRE, scan.drawn());
        List<String> faults = reading.faults();
        boolean out = reading.rule() != null && new CheckRule(1, null, false).measuring(reading.rule()).verdict() != CheckRule.Verdict.EXACT;
        return new Read(job, sheet, "/printer/%d/%d.png".formatted(job, sheet), scan.scan().width(), scan.scan().height(),
                "Job %d, sheet %d of %d".formatted(job, sheet, of.sheets()), faults, reading.rule() == null ? "" : reading.rule().print(UnitSystem.METRIC),
                Double.isNaN(reading.blacks()) ? "" : String.format(Locale.ROOT, "L* %.0f", reading.blacks()), out);
    }

    /** The queue alone, asked for again and again while something is printed. */
    @GetMapping("/sheets/{kind}/printer/queue")
    ModelAndView queue(@PathVariable String kind) {
        ModelAndView page = new ModelAndView("sheet/printer :: queue");
        List<Job> jobs = printer.jobs();
        page.addObject("address", "/sheets/" + kind);
        page.addObject("toner", Figures.rounded(printer.toner(), 1));
        page.addObject("busy", jobs.stream().anyMatch(job -> job.state() == State.PRINTING || job.state() == State.WAITING));
        page.addObject("jobs", jobs.stream().map(job -> new Line(job.number(), job.title(), words(job), job.state() == State.PRINTING || job.state() == State.WAITING || job.state() == State.OUT_OF_TONER,
                job.share(), job.done(), SheetView.word(job.kind()).equals(kind) ? java.util.stream.IntStream.rangeClosed(1, job.done()).boxed().toList() : List.of(), job.state() == State.OUT_OF_TONER)).toList());
        return page;
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

    @PostMapping("/sheets/{kind}/printer")
    Object print(@PathVariable String kind, @RequestParam(defaultValue = "100") String percent, @RequestParam(defaultValue = "false") boolean mirror, @RequestParam(defaultValue = "0") String uneven) {
        PrintKind print = SheetsController.kind(kind);
        Problems problems = new Problems();
        Double size = problems.number("Size it prints at", percent, Faults.LEAST_PERCENT, Faults.MOST_PERCENT, "%", "100 is right; fit-to-page gives about 97.");
        Double swing = problems.number("Unevenness", uneven, 0, Faults.MOST_UNEVEN, "%", "0 is a new drum, 40 a worn one.");
        if (!problems.any()) {
            try {
                Batch batch = sheets.batch(print);
                printer.print("%s, %s".formatted(batch.sheets().size() == 1 ? "one sheet" : batch.sheets().size() + " sheets", print.words()), print, batch.setUp().runs(), new Faults(size, mirror, swing), pages(batch));
                return "redirect:/sheets/" + kind + "/printer";
            } catch (UnusableValue refused) {
                problems.add(refused.getMessage());
            }
        }
        return page(print, new Form(percent, mirror, uneven), null, null, problems.words());
    }

    private List<SimulatedPrinter.Page> pages(Batch batch) {
        List<SimulatedPrinter.Page> pages = new ArrayList<>();
        for (PrintPdf.Leaf leaf : files.leaves(batch)) {
            BufferedImage drawn = SheetRaster.draw(leaf, SheetFiles.dotsPerInch(batch));
            double scale = SimulatedPrinter.DOTS_PER_INCH / (double) SheetFiles.dotsPerInch(batch);
            pages.add(new SimulatedPrinter.Page(leaf.note(), Rasters.luminance(drawn, (int) Math.round(drawn.getWidth() * scale), (int) Math.round(drawn.getHeight() * scale)), leaf.scale()));
        }
        return pages;
    }

    @PostMapping("/sheets/{kind}/printer/{job}/cancel")
    String cancel(@PathVariable String kind, @PathVariable int job) {
        printer.cancel(job);
        return "redirect:/sheets/" + kind + "/printer";
    }

    @PostMapping("/sheets/{kind}/printer/toner")
    Object toner(@PathVariable String kind, @RequestParam(defaultValue = "") String toner) {
        Problems problems = new Problems();
        Double level = problems.number("Toner", toner, 0, 100, "%", "100 is a new cartridge.");
        if (problems.any()) {
            return page(SheetsController.kind(kind), Form.RIGHT, null, null, problems.words());
        }
        printer.fill(level);
        return "redirect:/sheets/" + kind + "/printer";
    }

    @GetMapping("/printer/{job}/{sheet}.png")
    ResponseEntity<byte[]> scan(@PathVariable int job, @PathVariable int sheet) {
        Scan scan = printer.scan(job, sheet).orElseThrow(() -> new NotFound("sheet in the tray", sheet));
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).cacheControl(CacheControl.noStore()).body(SheetRaster.png(Rasters.greys(scan.scan()), SimulatedPrinter.DOTS_PER_INCH));
    }
}
