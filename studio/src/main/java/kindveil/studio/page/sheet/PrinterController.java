package kindveil.studio.page.sheet;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import kindveil.bench.PrintKind;
import kindveil.image.Picture;
import kindveil.measure.UnusableValue;
import kindveil.studio.device.Faults;
import kindveil.studio.device.SimulatedPrinter;
import kindveil.studio.device.SimulatedPrinter.Job;
import kindveil.studio.device.SimulatedPrinter.Scan;
import kindveil.studio.intake.PrintPdf;
import kindveil.studio.intake.Rasters;
import kindveil.studio.intake.SheetRaster;
import kindveil.studio.page.Problems;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.sheet.SheetWork.Batch;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
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
    private final RealWork reals;
    private final SheetWork sheets;
    private final SheetFiles files;
    private final SimulatedPrinter printer;

    PrinterController(SheetWork sheets, SheetFiles files, SimulatedPrinter printer, RealWork reals) {
        this.reals = reals;
        this.sheets = sheets;
        this.files = files;
        this.printer = printer;
    }

    @GetMapping("/sheets/{kind}/printer")
    Object printer(@PathVariable String kind, @RequestParam(required = false) @Nullable Integer job, @RequestParam(required = false) @Nullable Integer sheet) {
        PrintKind print = SheetsPage.kind(kind);
        return sheets.batches().stream().anyMatch(batch -> batch.kind() == print) ? page(print, PrinterView.Form.RIGHT, job == null ? latest(print) : read(print, job, sheet == null ? 1 : sheet), List.of()) : "redirect:/sheets";
    }

    private ModelAndView page(PrintKind kind, PrinterView.Form form, PrinterView.@Nullable Read read, List<String> problems) {
        return PrinterView.of(kind, sheets.batch(kind), sheets.gathering().version(), read, form, printer, problems).in("sheet/printer");
    }

    private PrinterView.@Nullable Read latest(PrintKind kind) {
        return printer.jobs().stream().filter(job -> job.kind() == kind && job.done() > 0).findFirst().map(job -> read(kind, job.number(), job.done())).orElse(null);
    }

    private PrinterView.Read read(PrintKind kind, int job, int sheet) {
        Job of = printer.jobs().stream().filter(j -> j.number() == job && j.kind() == kind).findFirst().orElseThrow(() -> new NotFound("job", job));
        return PrinterView.Read.of(of, sheet, printer.scan(job, sheet).orElseThrow(() -> new NotFound("sheet in the tray", sheet)));
    }

    /** The queue alone, asked for again and again while something is printed. */
    @GetMapping("/sheets/{kind}/printer/queue")
    ModelAndView queue(@PathVariable String kind) {
        return new ModelAndView("sheet/printer :: queue", "queue", PrinterView.Queue.of(SheetView.word(SheetsPage.kind(kind)), printer));
    }

    @PostMapping("/sheets/{kind}/printer")
    Object print(@PathVariable String kind, @RequestParam(defaultValue = "100") String percent, @RequestParam(defaultValue = "false") boolean mirror, @RequestParam(defaultValue = "0") String uneven) {
        PrintKind print = SheetsPage.kind(kind);
        Problems problems = new Problems();
        Double size = problems.number("Size it prints at", percent, Faults.LEAST_PERCENT, Faults.MOST_PERCENT, "%", "100 is right; fit-to-page gives about 97.");
        Double swing = problems.number("Unevenness", uneven, 0, Faults.MOST_UNEVEN, "%", "0 is a new drum, 40 a worn one.");
        if (!problems.any()) {
            try {
                Batch batch = sheets.batch(print);
                printer.requireTakes(batch.sheets().size());
                printer.print("%s, %s".formatted(batch.sheets().size() == 1 ? "one sheet" : batch.sheets().size() + " sheets", print.words()), print, batch.setUp().runs(), new Faults(size, mirror, swing), pages(batch));
                reals.take(batch);
                return "redirect:/sheets/" + kind + "/printer";
            } catch (UnusableValue refused) {
                problems.add(refused.getMessage());
            }
        }
        return page(print, new PrinterView.Form(percent, mirror, uneven), latest(print), problems.words());
    }

    private List<SimulatedPrinter.Page> pages(Batch batch) {
        List<SimulatedPrinter.Page> pages = new ArrayList<>();
        for (PrintPdf.Leaf leaf : files.leaves(batch)) {
            BufferedImage drawn = SheetRaster.draw(leaf, SheetFiles.dotsPerInch(batch));
            double scale = SimulatedPrinter.DOTS_PER_INCH / (double) SheetFiles.dotsPerInch(batch);
            int width = (int) Math.round(drawn.getWidth() * scale);
            int height = (int) Math.round(drawn.getHeight() * scale);
            Picture page = drawn.getType() == BufferedImage.TYPE_INT_RGB ? Rasters.downscaled(drawn, Math.max(width, height)) : Picture.grey(Rasters.luminance(drawn, width, height));
            pages.add(new SimulatedPrinter.Page(leaf.note(), page, drawn.getType() == BufferedImage.TYPE_BYTE_BINARY, leaf.scale()));
        }
        return pages;
    }

    @PostMapping("/sheets/{kind}/printer/{job}/cancel")
    String cancel(@PathVariable String kind, @PathVariable int job) {
        SheetsPage.kind(kind);
        printer.cancel(job);
        return "redirect:/sheets/" + kind + "/printer";
    }

    @PostMapping("/sheets/{kind}/printer/toner")
    Object toner(@PathVariable String kind, @RequestParam(defaultValue = "") String toner) {
        PrintKind print = SheetsPage.kind(kind);
        Problems problems = new Problems();
        Double level = problems.number("Toner", toner, 0, 100, "%", "100 is a new cartridge.");
        if (problems.any()) {
            return page(print, PrinterView.Form.RIGHT, latest(print), problems.words());
        }
        printer.fill(level);
        return "redirect:/sheets/" + kind + "/printer";
    }

    @GetMapping("/printer/{job}/{sheet}.png")
    ResponseEntity<byte[]> scan(@PathVariable int job, @PathVariable int sheet) {
        Scan scan = printer.scan(job, sheet).orElseThrow(() -> new NotFound("sheet in the tray", sheet));
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).cacheControl(CacheControl.noStore()).body(SheetRaster.png(Rasters.raster(scan.scan()), SimulatedPrinter.DOTS_PER_INCH));
    }
}
