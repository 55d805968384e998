package kindveil.studio.page.sheet;

import java.awt.image.BufferedImage;
import kindveil.studio.intake.SheetRaster;
import kindveil.studio.page.Download;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.SheetFiles;
import kindveil.studio.work.sheet.SheetWork;
import kindveil.studio.work.sheet.SheetWork.Batch;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The sheets of one carrier as files to print from. */
@Controller
class SheetFilesController {
    private static final MediaType TIFF = MediaType.parseMediaType("image/tiff");
    private final SheetWork sheets;
    private final SheetFiles files;
    private final RealWork reals;

    SheetFilesController(SheetWork sheets, SheetFiles files, RealWork reals) {
        this.reals = reals;
        this.sheets = sheets;
        this.files = files;
    }

    private Batch batch(String kind) {
        return sheets.batch(SheetsPage.kind(kind));
    }

    /** A file was drawn for someone: from now on it may be printed. */
    private byte[] taken(Batch batch, byte[] file) {
        reals.take(batch);
        return file;
    }

    @GetMapping("/sheets/{kind}/sheets.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String kind) {
        return Download.of(kind + "-sheets.pdf", MediaType.APPLICATION_PDF).body(taken(batch(kind), files.pdf(batch(kind))));
    }

    @GetMapping("/sheets/{kind}/master.pdf")
    ResponseEntity<byte[]> master(@PathVariable String kind) {
        return Download.of(kind + "-master.pdf", MediaType.APPLICATION_PDF).body(taken(batch(kind), files.masterPdf(batch(kind))));
    }

    @GetMapping("/sheets/{kind}/sheet-{number}.png")
    ResponseEntity<byte[]> png(@PathVariable String kind, @PathVariable int number) {
        Batch batch = batch(kind);
        return Download.of("%s-%d.png".formatted(kind, number), MediaType.IMAGE_PNG).body(taken(batch, SheetRaster.png(drawn(batch, number), SheetFiles.dotsPerInch(batch))));
    }

    @GetMapping("/sheets/{kind}/sheet-{number}.tiff")
    ResponseEntity<byte[]> tiff(@PathVariable String kind, @PathVariable int number) {
        Batch batch = batch(kind);
        return Download.of("%s-%d.tiff".formatted(kind, number), TIFF).body(taken(batch, SheetRaster.tiff(drawn(batch, number), SheetFiles.dotsPerInch(batch))));
    }

    private BufferedImage drawn(Batch batch, int number) {
        return SheetRaster.draw(files.leaf(batch, number), SheetFiles.dotsPerInch(batch));
    }
}
