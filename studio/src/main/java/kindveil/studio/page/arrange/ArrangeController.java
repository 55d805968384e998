package kindveil.studio.page.arrange;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.studio.page.Download;
import kindveil.studio.page.Named;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.look.ArrangeWork;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Patch;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Veil;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What lies where on the page. */
@Controller
class ArrangeController {
    private static final Length FURTHEST = Page.WIDEST;
    private static final int SHOWN = 40;
    private final PieceWork pieces;
    private final ArrangeWork arrange;
    private final LogWork log;
    private final Named named;
    private final Say say;

    ArrangeController(PieceWork pieces, ArrangeWork arrange, LogWork log, Named named, Say say) {
        this.pieces = pieces;
        this.arrange = arrange;
        this.log = log;
        this.named = named;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/arrange", "/pieces/{id}/veils/{veil}/arrange"})
    ModelAndView page(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return view(pieces.get(id, veil), null, List.of());
    }

    private ModelAndView view(Piece piece, ArrangeView.@Nullable Form form, List<String> problems) {
        boolean grown = piece.veils().stream().map(one -> one.design().way()).distinct().anyMatch(way -> log.grown(way).isPresent());
        return ArrangeView.of(piece, arrange, grown, named, say, form, problems).in("piece/arrange");
    }

    private static String done(Piece piece) {
        return "redirect:" + PieceHead.base(piece) + "/arrange";
    }

    /** The page as it looks when all is done. */
    @GetMapping("/pieces/{id}/arrange/page.png")
    ResponseEntity<byte[]> seen(@PathVariable UUID id) {
        return Download.picture(arrange.seen(pieces.get(id)));
    }

    /** How it reads, the veil in hand where it is or where it is just held; takes some looks. */
    @GetMapping({"/pieces/{id}/arrange/reads", "/pieces/{id}/veils/{veil}/arrange/reads"})
    ModelAndView reads(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(required = false) @Nullable Double x, @RequestParam(required = false) @Nullable Double y,
            @RequestParam(defaultValue = "0") double turn, @RequestParam(required = false) @Nullable Double width, @RequestParam(required = false) @Nullable Double height) {
        Piece piece = pieces.get(id, veil);
        Piece held = x == null || y == null ? piece : arrange.laid(piece, x, y, turn, width, height);
        return new ModelAndView("piece/arrange-reads :: reads", "reads", ArrangeView.Reads.of(arrange.read(held, x != null), x != null, held, named, say));
    }

    /** The veil in hand laid elsewhere, turned, or an area made another size. */
    @PostMapping({"/pieces/{id}/arrange", "/pieces/{id}/veils/{veil}/arrange"})
    Object lay(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam String x, @RequestParam String y, @RequestParam(defaultValue = "0") String turn,
            @RequestParam(defaultValue = "") String width, @RequestParam(defaultValue = "") String height) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Length right = same(x, piece.veil().x(), problems, () -> Length.parseOffset("Right of the left edge", x, FURTHEST));
        Length down = same(y, piece.veil().y(), problems, () -> Length.parseOffset("Below the top edge", y, FURTHEST));
        Double turned = problems.number("Turn", turn, -180, 180, "°", "To the right is above 0.");
        Patch area = piece.veil().patch().orElse(null);
        Length wide = area == null ? null : same(width, area.width(), problems, () -> Length.parseSize("Width of the area", width, Patch.LEAST, Page.WIDEST));
        Length tall = area == null ? null : same(height, area.height(), problems, () -> Length.parseSize("Height of the area", height, Patch.LEAST, Page.WIDEST));
        if (!problems.any() && right != null && down != null && turned != null) {
            Piece changed = problems.read(() -> pieces.change(arrange.laid(piece.seen(version), right.millimetres(), down.millimetres(), turned, wide == null ? null : wide.millimetres(), tall == null ? null : tall.millimetres())));
            if (changed != null) {
                return done(piece);
            }
        }
        return view(piece, new ArrangeView.Form(x, y, turn, width, height, "", ""), problems.words());
    }

    /** What is sent as it was shown stays as it is, however it was rounded to be shown. */
    private @Nullable Length same(String typed, Length now, Problems problems, Supplier<Length> otherwise) {
        return typed.strip().equals(say.one(now)) ? now : problems.read(otherwise);
    }

    /** The page's size told, so that everything on it may be moved. */
    @PostMapping({"/pieces/{id}/arrange/size", "/pieces/{id}/veils/{veil}/arrange/size"})
    Object size(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String pageWidth, @RequestParam(defaultValue = "") String pageHeight) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Length wide = problems.read(() -> Length.parseSize("Width of the page", pageWidth, Page.NARROWEST, Page.WIDEST));
        Length tall = problems.read(() -> Length.parseSize("Height of the page", pageHeight, Page.NARROWEST, Page.WIDEST));
        if (wide != null && tall != null && problems.read(() -> pieces.change(piece.seen(version).with(piece.basis().sized(new Page(wide, tall))))) != null) {
            return done(piece);
        }
        ArrangeView.Form now = ArrangeView.of(piece, arrange, false, named, say, null, List.of()).form();
        return view(piece, new ArrangeView.Form(now.x(), now.y(), now.turn(), now.width(), now.height(), pageWidth, pageHeight), problems.words());
    }

    /** An area more, under the veil in hand. */
    @PostMapping({"/pieces/{id}/arrange/area", "/pieces/{id}/veils/{veil}/arrange/area"})
    Object area(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam String way, @RequestParam ArrangeWork.Form form) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Piece more = problems.read(() -> pieces.change(arrange.area(piece.seen(version), Catalogue.way(way), form)));
        return more == null ? view(piece, null, problems.words()) : done(more);
    }

    /** What a brush adds to the area in hand, or takes from it. @param points on the page, mm: “x,y x,y” */
    @PostMapping({"/pieces/{id}/arrange/brush", "/pieces/{id}/veils/{veil}/arrange/brush"})
    Object brush(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam String points, @RequestParam(defaultValue = "6 mm") String broad, @RequestParam(defaultValue = "false") boolean takes) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Length brush = problems.read(() -> Length.parseSize("Brush", broad, Length.ofMillimetres(0.5), Length.ofMillimetres(60)));
        List<double[]> way = problems.read(() -> points(points));
        if (brush != null && way != null && problems.read(() -> pieces.change(arrange.brushed(piece.seen(version), way, brush.millimetres(), takes))) != null) {
            return done(piece);
        }
        return view(piece, null, problems.words());
    }

    private static List<double[]> points(String text) {
        try {
            List<double[]> points = new ArrayList<>();
            for (String point : text.strip().split("\\s+")) {
                double[] xy = Arrays.stream(point.split(",")).mapToDouble(Double::parseDouble).toArray();
                UnusableValue.requireWithin("place of the brush", xy[0], -FURTHEST.millimetres(), FURTHEST.millimetres(), "mm", "Stay near the page.");
                UnusableValue.requireWithin("place of the brush", xy[1], -FURTHEST.millimetres(), FURTHEST.millimetres(), "mm", "Stay near the page.");
                points.add(new double[] {xy[0], xy[1]});
            }
            return points;
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException misread) {
            throw new UnusableValue("Way of the brush", Words.shown(text, SHOWN), "places on the page in mm, as “12,30 14,33”", "Draw it again.");
        }
    }

    /** Made one earlier or later, and so under or over another. */
    @PostMapping("/pieces/{id}/veils/{veil}/arrange/order")
    String order(@PathVariable UUID id, @PathVariable Integer veil, @RequestParam int version, @RequestParam int by) {
        return done(pieces.change(pieces.get(id, veil).seen(version).moved(by)));
    }

    /** Taken off. */
    @PostMapping("/pieces/{id}/veils/{veil}/arrange/remove")
    String remove(@PathVariable UUID id, @PathVariable Integer veil, @RequestParam int version) {
        return done(pieces.change(pieces.get(id, veil).seen(version).without()));
    }

    /** An area spread over the whole page again. */
    @PostMapping({"/pieces/{id}/arrange/over-all", "/pieces/{id}/veils/{veil}/arrange/over-all"})
    String overAll(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version) {
        Piece piece = pieces.get(id, veil);
        Veil now = piece.veil();
        pieces.change(piece.seen(version).with(now.design().with(kindveil.studio.work.piece.Lay.STRAIGHT)));
        return done(piece);
    }
}
