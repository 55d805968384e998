package kindveil.studio.page.source;

import kindveil.measure.Words;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.shape.Region;
import kindveil.studio.intake.Outlines;
import kindveil.studio.page.Download;
import kindveil.studio.page.Say;
import kindveil.studio.work.source.OpaqueWork;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.source.SourceWork;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The part of a print that is painted opaque: drawn with a brush, grown, taken by tone, moved point by point. */
@Controller
class OpaqueController {
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final OpaqueWork opaques;
    private final SourceWork sources;
    private final Say say;
    private final LogWork log;

    OpaqueController(PieceWork pieces, PictureWork pictures, OpaqueWork opaques, SourceWork sources, Say say, LogWork log) {
        this.log = log;
        this.pieces = pieces;
        this.pictures = pictures;
        this.opaques = opaques;
        this.sources = sources;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/source/opaque", "/pieces/{id}/veils/{veil}/source/opaque"})
    ModelAndView page(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return view(pieces.get(id, veil), "").in("piece/opaque");
    }

    private OpaqueView view(Piece piece, String problem) {
        return OpaqueView.of(pieces.plan(piece), opaques.of(piece), pictures.shape(piece.veil().source(), piece.design().treatments()).aspect(), problem, say);
    }

    private ModelAndView drawn(Piece piece, String problem) {
        return view(piece, problem).in("piece/opaque :: answer");
    }

    /** One stroke, touch or press; {@code places} are x,y pairs in widths of the framed picture, parted by spaces. */
    @PostMapping({"/pieces/{id}/source/opaque", "/pieces/{id}/veils/{veil}/source/opaque"})
    ModelAndView change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam String act,
            @RequestParam(defaultValue = "") String places, @RequestParam(defaultValue = "3") double size, @RequestParam(defaultValue = "12") double tolerance,
            @RequestParam(defaultValue = "0") double from, @RequestParam(defaultValue = "40") double to, @RequestParam(defaultValue = "0") double by,
            @RequestParam(defaultValue = "0") int ring, @RequestParam(defaultValue = "0") int point, @RequestParam(defaultValue = "") String code) {
        Piece piece = pieces.get(id, veil);
        try {
            UnusableValue.requireWithin("brush", size, 0.2, 60, "mm across", "3 mm suits most outlines.");
            UnusableValue.requireWithin("tolerance", tolerance, 0.5, 60, "L*", "12 suits an even area.");
            UnusableValue.requireWithin("from", from, 0, 100, "L*", "0 is black.");
            UnusableValue.requireWithin("to", to, from, 100, "L*", "It must not lie below the first.");
            UnusableValue.requireWithin("wider by", by, -20, 20, "mm", "Below 0 it becomes narrower.");
            List<double[]> at = places(places);
            Region before = opaques.of(piece);
            double mm = piece.design().printWidth().millimetres();
            Piece changed = switch (act) {
                case "brush" -> opaques.with(piece, before.plus(opaques.stroke(piece, at, size / 2)));
                case "wipe" -> opaques.with(piece, before.minus(opaques.stroke(piece, at, size / 2)));
                case "grow" -> opaques.with(piece, before.plus(opaques.grown(piece, at.getFirst()[0], at.getFirst()[1], tolerance)));
                case "shrink" -> opaques.with(piece, before.minus(opaques.grown(piece, at.getFirst()[0], at.getFirst()[1], tolerance)));
                case "tone" -> opaques.with(piece, opaques.between(piece, from, to));
                case "wider" -> opaques.with(piece, before.wider(by / mm).and(opaques.whole(piece)));
                case "simpler" -> opaques.with(piece, before.simpler(0.15 / mm));
                case "other" -> opaques.with(piece, opaques.whole(piece).minus(before));
                case "all" -> opaques.with(piece, opaques.whole(piece));
                case "move" -> opaques.with(piece, before.moved(ring, point, at.getFirst()[0], at.getFirst()[1]));
                case "add" -> opaques.with(piece, before.with(ring, point, at.getFirst()[0], at.getFirst()[1]));
                case "drop" -> opaques.with(piece, before.without(ring, point));
                case "found" -> piece.with(piece.design().opaque(Region.EMPTY));
                case "back" -> piece.with(piece.design().opaque(Region.parse(code)));
                default -> throw new UnusableValue("act", act, "brush, wipe, grow, shrink, tone, wider, simpler, other, all, move, add, drop, found or back", "Choose one of the tools.");
            };
            requireFew(changed);
            return drawn(pieces.change(changed.seen(version)), "");
        } catch (UnusableValue | Outdated refused) {
            return drawn(pieces.get(id, veil), refused.getMessage());
        }
    }

    private static void requireFew(Piece piece) {
        UnusableValue.requireWithin("points of the outline", Region.parse(piece.design().opaque()).points(), 0, Region.MOST_POINTS, "", "Take it simpler, or narrow the tones.");
    }

    private static List<double[]> places(String text) {
        if (text.isBlank()) {
            return List.of(new double[] {0.5, 0.5});
        }
        try {
            return Arrays.stream(text.strip().split("\\s+")).limit(4000).map(p -> {
                String[] xy = p.split(",");
                return new double[] {Math.clamp(finite(xy[0]), -1, 2), Math.clamp(finite(xy[1]), -1, 12)};
            }).toList();
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException misread) {
            throw new UnusableValue("places", Words.shown(text, 40), "pairs of numbers", "Draw it again.");
        }
    }

    private static double finite(String text) {
        double value = Double.parseDouble(text);
        if (!Double.isFinite(value)) {
            throw new NumberFormatException(text);
        }
        return value;
    }

    /** The outline of the opaque part, in mm, as it lies on the print's face. */
    @GetMapping({"/pieces/{id}/opaque.svg", "/pieces/{id}/veils/{veil}/opaque.svg"})
    ResponseEntity<String> template(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return svg(planned, "opaque part", planned.mirrored(), 1, opaques.of(planned.piece()));
    }

    /** Outlines for tracing an underpainting, in mm; {@code reversed} when the tracing is laid face down, {@code grown} as the log says this way grows. */
    @GetMapping({"/pieces/{id}/outline.svg", "/pieces/{id}/veils/{veil}/outline.svg"})
    ResponseEntity<String> outline(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "2") int tones,
            @RequestParam(defaultValue = "false") boolean reversed, @RequestParam(defaultValue = "false") boolean grown) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        boolean flip = (planned.piece().design().hand().hand() == kindveil.bench.Hand.MIRRORED) != reversed;
        double factor = grown ? log.grown(planned.piece().design().way()).map(LogWork.Grown::factor).orElse(1.0) : 1;
        return svg(planned, "outline" + (reversed ? ", reversed" : "") + (factor == 1 ? "" : ", as it grows"), flip, factor, sources.outlines(planned.piece(), tones).toArray(Region[]::new));
    }

    private static ResponseEntity<String> svg(Planned planned, String what, boolean mirrored, double factor, Region... regions) {
        return Download.of(Download.named(planned.piece().title(), "outline") + "-" + what.replaceAll("[^a-z]+", "-") + ".svg", MediaType.parseMediaType("image/svg+xml"))
                .body(Outlines.svg(planned.piece().title() + ", " + what, planned.brief().width().times(factor), planned.brief().height().times(factor), mirrored, List.of(regions)));
    }
}
