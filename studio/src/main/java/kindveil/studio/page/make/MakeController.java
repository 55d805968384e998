package kindveil.studio.page.make;

import kindveil.studio.page.piece.PieceHead;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.reading.SeriesReading;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.stock.Stock;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class MakeController {
    private final PieceWork pieces;
    private final MakeWork makings;
    private final RealWork reals;
    private final JarWork jars;
    private final Say say;

    MakeController(PieceWork pieces, MakeWork makings, RealWork reals, JarWork jars, Say say) {
        this.jars = jars;
        this.reals = reals;
        this.pieces = pieces;
        this.makings = makings;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/make", "/pieces/{id}/veils/{veil}/make"})
    ModelAndView make(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "1") String pulls, @RequestParam(defaultValue = "1") String plates) {
        return page(id, veil, pulls, plates, new Problems());
    }

    private ModelAndView page(UUID id, @Nullable Integer veil, String pulls, String plates, Problems problems) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        List<MakingLine> made = makings.ofPiece(id);
        Integer count = pulls(problems, pulls);
        Integer gels = plates(problems, plates);
        SeriesView series = count == null || gels == null ? SeriesView.single(pulls, plates, planned, made) : SeriesView.of(planned, count, gels, made);
        return MakeView.of(planned, series, pieces.remedies(refused(planned)), made, jars.shelf(), problems.words(), say).in("piece/make");
    }

    private static @Nullable Integer pulls(Problems problems, String pulls) {
        return problems.whole("Pulls", pulls, 1, SeriesReading.MOST, "", "More of them are a second series.");
    }

    private static @Nullable Integer plates(Problems problems, String plates) {
        return problems.whole("Gel plates", plates, 1, SeriesReading.MOST, "", "Count those of its size.");
    }

    /** The piece with the veil in hand that the bench refuses first: its remedies are the ones to offer. */
    private Planned refused(Planned planned) {
        Piece piece = planned.piece();
        return planned.whole().moments().stream().filter(moment -> !moment.refusals().isEmpty()).findFirst()
                .map(moment -> pieces.plan(piece.at(moment.act().id().part() + 1))).orElse(planned);
    }

    @PostMapping({"/pieces/{id}/make", "/pieces/{id}/veils/{veil}/make"})
    Object begin(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "1") String pulls, @RequestParam(defaultValue = "1") String plates) {
        Problems problems = new Problems();
        Integer count = pulls(problems, pulls);
        Integer gels = plates(problems, plates);
        if (count == null || gels == null) {
            return page(id, veil, pulls, plates, new Problems());
        }
        return "redirect:/bench/" + makings.begin(id, count, gels).id();
    }

    /** As many copies of each print as there are to be pulls. */
    @PostMapping({"/pieces/{id}/make/copies", "/pieces/{id}/veils/{veil}/make/copies"})
    Object copies(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "1") String pulls, @RequestParam(defaultValue = "1") String plates) {
        Integer count = pulls(new Problems(), pulls);
        Integer gels = plates(new Problems(), plates);
        if (count == null || gels == null) {
            return page(id, veil, pulls, plates, new Problems());
        }
        Piece changed = pieces.change(pieces.get(id, veil).seen(version).printing(count));
        return "redirect:%s/make?pulls=%d&plates=%d".formatted(PieceHead.base(changed), count, gels);
    }

    /** A lot of the shelf taken for a product, or any of it. */
    @PostMapping({"/pieces/{id}/lot", "/pieces/{id}/veils/{veil}/lot"})
    String lot(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam String product, @RequestParam(defaultValue = "") String lot) {
        Piece piece = pieces.get(id, veil);
        pieces.change(piece.seen(version).taking(product, lot.isEmpty() ? null : Stock.id(lot)));
        return "redirect:" + PieceHead.base(piece) + "/make";
    }

    /** Takes up one of the single changes that make the plan sound. */
    @PostMapping({"/pieces/{id}/remedy", "/pieces/{id}/veils/{veil}/remedy"})
    String remedy(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam int index, @RequestParam Map<String, String> all, @RequestParam(defaultValue = "false") boolean anyway) {
        Planned planned = all.containsKey("back") ? pieces.plan(pieces.get(id, veil)) : refused(pieces.plan(pieces.get(id, veil)));
        Piece piece = planned.piece();
        var remedies = pieces.remedies(planned);
        if (index < 0 || index >= remedies.size()) {
            throw new kindveil.studio.work.Outdated(piece.title());
        }
        Piece asked = piece.seen(version).with(remedies.get(index).brief());
        reals.requireMeant(piece, asked, anyway);
        pieces.change(asked);
        return "redirect:" + PieceHead.base(piece) + switch (all.getOrDefault("back", "")) {
            case "finish" -> "/finish";
            case "build" -> "/build";
            default -> "/make";
        };
    }
}
