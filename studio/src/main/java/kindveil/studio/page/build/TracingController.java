package kindveil.studio.page.build;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.bench.Hand;
import kindveil.measure.Length;
import kindveil.reading.EdgesReading;
import kindveil.shape.Lying;
import kindveil.sheet.Paper;
import kindveil.sheet.Tiles;
import kindveil.studio.intake.JigPdf;
import kindveil.studio.intake.TracingPdf;
import kindveil.studio.page.Download;
import kindveil.studio.page.Say;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.look.ArrangeWork;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.source.SourceWork;
import org.jspecify.annotations.Nullable;
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
    private final ArrangeWork arrange;
    private final SourceWork sources;
    private final LookWork looks;
    private final LogWork log;
    private final Say say;

    TracingController(PieceWork pieces, ArrangeWork arrange, SourceWork sources, LookWork looks, LogWork log, Say say) {
        this.pieces = pieces;
        this.arrange = arrange;
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
        for (ArrangeWork.Placed placed : arrange.placed(piece)) {
            if (!placed.all()) {
                images.add(image(piece.at(placed.veil()), placed, grown));
            }
        }
        Tiles tiles = Tiles.of(size.get(0), size.get(1), Paper.usual(say.measure()));
        return Download.of(Download.named(piece.title(), "tracing") + "-tracing" + (reversed ? "-reversed" : "") + ".pdf", MediaType.APPLICATION_PDF)
                .body(TracingPdf.write(piece.title(), size.get(0).millimetres(), size.get(1).millimetres(), images, tiles, reversed));
    }

    /** A jig for the veil in hand: stops for the page, and the place of what brings its image. */
    @GetMapping({"/pieces/{id}/jig.pdf", "/pieces/{id}/veils/{veil}/jig.pdf"})
    ResponseEntity<byte[]> jig(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        Piece piece = pieces.get(id, veil);
        if (!piece.veil().bringsPicture()) {
            throw new NotFound("jig", piece.inHand() + 1);
        }
        double[] page = arrange.page(piece);
        ArrangeWork.Placed placed = arrange.placed(piece).get(piece.inHand());
        double past = placed.edges().stream().filter(edge -> edge.kind() == EdgesReading.Kind.PRINT || edge.kind() == EdgesReading.Kind.FILM).mapToDouble(EdgesReading.Edge::past).max().orElse(0);
        ArrangeWork.Laid laid = arrange.laidBy(piece);
        JigPdf.Jig jig = new JigPdf.Jig(piece.title(), page[0], page[1], Lying.box(placed.lies().x(), placed.lies().y(), placed.lies().width(), placed.lies().height(), placed.lies().turn()), placed.lies().wider(past), laid.carrier(), laid.faceDown());
        return Download.of(Download.named(piece.title(), "jig") + "-jig.pdf", MediaType.APPLICATION_PDF).body(JigPdf.write(jig, Tiles.of(Length.ofMillimetres(page[0]), Length.ofMillimetres(page[1]), Paper.usual(say.measure()))));
    }

    /** In its place; grown about its middle. */
    private TracingPdf.Image image(Piece veil, ArrangeWork.Placed placed, boolean grown) {
        Lying lies = placed.lies();
        double more = grown ? lies.width() * (log.grown(veil.design().way()).map(LogWork.Grown::factor).orElse(1.0) - 1) / 2 : 0;
        double taller = more * lies.height() / lies.width();
        Lying there = new Lying(lies.x() - more, lies.y() - taller, lies.width() + 2 * more, lies.height() + 2 * taller, lies.turn(), lies.shape());
        String name = "%d, %s".formatted(placed.veil(), placed.name());
        return placed.picture() == null ? new TracingPdf.Image(name, there, false, List.of(there.shape())) : new TracingPdf.Image(name, there, veil.design().hand().hand() == Hand.MIRRORED, sources.outlines(veil, TONES));
    }
}
