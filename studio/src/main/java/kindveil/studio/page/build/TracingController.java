package kindveil.studio.page.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kindveil.bench.Hand;
import kindveil.measure.Length;
import kindveil.sheet.Paper;
import kindveil.sheet.Tiles;
import kindveil.studio.intake.TracingPdf;
import kindveil.studio.page.Download;
import kindveil.studio.page.Say;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.source.SourceWork;
import kindveil.way.Brief;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** A tracing sheet of the whole work: its page, each image in its place, and the outlines of each. */
@Controller
class TracingController {
    private static final int TONES = 2;
    private final PieceWork pieces;
    private final SourceWork sources;
    private final LookWork looks;
    private final LogWork log;
    private final Say say;

    TracingController(PieceWork pieces, SourceWork sources, LookWork looks, LogWork log, Say say) {
        this.pieces = pieces;
        this.sources = sources;
        this.looks = looks;
        this.log = log;
        this.say = say;
    }

    /** @param reversed for a tracing that is laid face down @param grown each image as large as the log says its way makes it */
    @GetMapping("/pieces/{id}/tracing.pdf")
    ResponseEntity<byte[]> tracing(@PathVariable UUID id, @RequestParam(defaultValue = "false") boolean reversed, @RequestParam(defaultValue = "false") boolean grown) {
        Piece piece = pieces.get(id);
        List<Length> size = looks.frameSize(piece);
        List<TracingPdf.Image> images = new ArrayList<>();
        for (int i = 1; i <= piece.veils().size(); i++) {
            Piece veil = piece.at(i);
            if (veil.veil().bringsPicture()) {
                images.add(image(veil, i, grown));
            }
        }
        Tiles tiles = Tiles.of(size.get(0), size.get(1), Paper.usual(say.measure()));
        return Download.of(Download.named(piece.title(), "tracing") + "-tracing" + (reversed ? "-reversed" : "") + ".pdf", MediaType.APPLICATION_PDF)
                .body(TracingPdf.write(piece.title(), size.get(0).millimetres(), size.get(1).millimetres(), images, tiles, reversed));
    }

    /** In its place; grown about its middle. */
    private TracingPdf.Image image(Piece veil, int number, boolean grown) {
        Brief brief = pieces.plan(veil).brief();
        double factor = grown ? log.grown(veil.design().way()).map(LogWork.Grown::factor).orElse(1.0) : 1;
        double width = brief.width().millimetres() * factor;
        double height = brief.height().millimetres() * factor;
        boolean leading = veil.basis().page().isEmpty() && veil.veil() == veil.leading();
        double x = leading ? 0 : veil.veil().x().millimetres() - (width - brief.width().millimetres()) / 2;
        double y = leading ? 0 : veil.veil().y().millimetres() - (height - brief.height().millimetres()) / 2;
        return new TracingPdf.Image("%d, %s".formatted(number, veil.design().theWay().name().toLowerCase(Locale.ROOT)), x, y, width, height, veil.design().hand().hand() == Hand.MIRRORED, sources.outlines(veil, TONES));
    }
}
