package kindveil.studio.page.piece;

import java.util.ArrayList;
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
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.source.SourceWork;
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
    private static final int SHOWN_POINTS = 700;
    private static final double WIDTH = 1000;
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final OpaqueWork opaques;
    private final SourceWork sources;
    private final Say say;

    OpaqueController(PieceWork pieces, PictureWork pictures, OpaqueWork opaques, SourceWork sources, Say say) {
        this.pieces = pieces;
        this.pictures = pictures;
        this.opaques = opaques;
        this.sources = sources;
        this.say = say;
    }

    /** A point of an outline that can be moved. */
    public record Handle(int ring, int point, double x, double y) {
    }

    @GetMapping({"/pieces/{id}/source/opaque", "/pieces/{id}/veils/{veil}/source/opaque"})
    ModelAndView page(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        Piece piece = pieces.get(id, veil);
        ModelAndView page = drawn(piece, "");
        page.setViewName("piece/opaque");
        return page;
    }

    private ModelAndView drawn(Piece piece, String problem) {
        Region region = opaques.of(piece);
        double width = piece.design().printWidth().millimetres();
        ModelAndView page = new ModelAndView("piece/opaque :: answer");
        page.addObject("head", PieceHead.of(piece, "Source"));
        page.addObject("problem", problem);
        page.addObject("path", region.path(WIDTH));
        page.addObject("handles", handles(region));
        page.addObject("tooMany", region.points() > SHOWN_POINTS);
        page.addObject("points", region.points());
        page.addObject("outlines", region.rings().size());
        page.addObject("found", piece.design().opaque().isEmpty());
        page.addObject("code", piece.design().opaque());
        page.addObject("aspect", pictures.shape(piece.veil().source(), piece.design().treatments()).aspect());
        page.addObject("tall", Math.round(WIDTH * pictures.shape(piece.veil().source(), piece.design().treatments()).aspect()));
        page.addObject("share", say.percent(region.area() / pictures.shape(piece.veil().source(), piece.design().treatments()).aspect()));
        page.addObject("squareCentimetres", kindveil.measure.Figures.rounded(region.area() * width * width / 100, 1));
        page.addObject("printWidth", width);
        page.addObject("painted", painted(pieces.plan(piece)));
        page.addObject("way", piece.design().theWay());
        page.addObject("mirrored", pieces.plan(piece).mirrored());
        return page;
    }

    /** The acts that paint it. */
    private static List<String> painted(Planned planned) {
        return planned.trace().moments().stream().filter(moment -> moment.act().step() instanceof kindveil.bench.Step.Apply apply && apply.part() == kindveil.bench.Mask.Part.BACKED)
                .map(moment -> moment.act().title()).toList();
    }

    private static List<Handle> handles(Region region) {
        List<Handle> handles = new ArrayList<>();
        List<List<double[]>> rings = region.points() > SHOWN_POINTS ? List.of() : region.rings();
        for (int r = 0; r < rings.size(); r++) {
            for (int p = 0; p < rings.get(r).size(); p++) {
                handles.add(new Handle(r, p, Math.round(rings.get(r).get(p)[0] * WIDTH * 100) / 100.0, Math.round(rings.get(r).get(p)[1] * WIDTH * 100) / 100.0));
            }
        }
        return handles;
    }

    /** One stroke, touch or press; {@code places} are x,y pairs in widths of the framed picture, parted by spaces. */
    @PostMapping({"/pieces/{id}/source/opaque", "/pieces/{id}/veils/{veil}/source/opaque"})
    ModelAndView change(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam String act,
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
                return new double[] {Math.clamp(Double.parseDouble(xy[0]), -1, 2), Math.clamp(Double.parseDouble(xy[1]), -1, 12)};
            }).toList();
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException misread) {
            throw new UnusableValue("places", text.length() > 40 ? text.substring(0, 40) + "…" : text, "pairs of numbers", "Draw it again.");
        }
    }

    /** The outline of the opaque part, in mm, as it lies on the print's face. */
    @GetMapping({"/pieces/{id}/opaque.svg", "/pieces/{id}/veils/{veil}/opaque.svg"})
    ResponseEntity<String> template(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return svg(planned, "opaque part", planned.mirrored(), opaques.of(planned.piece()));
    }

    /** Outlines for tracing an underpainting, in mm; {@code reversed} when the tracing is laid face down. */
    @GetMapping({"/pieces/{id}/outline.svg", "/pieces/{id}/veils/{veil}/outline.svg"})
    ResponseEntity<String> outline(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam(defaultValue = "2") int tones,
            @RequestParam(defaultValue = "false") boolean reversed) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        boolean flip = (planned.piece().design().hand().hand() == kindveil.bench.Hand.MIRRORED) != reversed;
        return svg(planned, "outline" + (reversed ? ", reversed" : ""), flip, sources.outlines(planned.piece(), tones).toArray(Region[]::new));
    }

    private static ResponseEntity<String> svg(Planned planned, String what, boolean mirrored, Region... regions) {
        return Download.of(Download.named(planned.piece().title(), "outline") + "-" + what.replaceAll("[^a-z]+", "-") + ".svg", MediaType.parseMediaType("image/svg+xml"))
                .body(Outlines.svg(planned.piece().title() + ", " + what, planned.brief().width(), planned.brief().height(), mirrored, List.of(regions)));
    }
}
