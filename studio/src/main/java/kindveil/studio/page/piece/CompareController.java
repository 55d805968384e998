package kindveil.studio.page.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.making.Begun;
import kindveil.making.Comparison;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.ColourRow;
import kindveil.studio.page.PageView;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.look.ColoursWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Two pieces side by side: how they are planned, and their colours, foreseen and as they came. */
@Controller
class CompareController {
    private final PieceWork pieces;
    private final LogWork log;
    private final ColoursWork colours;

    CompareController(PieceWork pieces, LogWork log, ColoursWork colours) {
        this.pieces = pieces;
        this.log = log;
        this.colours = colours;
    }

    /** @param table what is planned otherwise */
    record Compared(List<Side> sides, List<Comparison.Difference> table, List<ColourRow> colours) implements PageView {
    }

    /** One of the two. @param photo of what came of it last, or empty */
    record Side(UUID id, String title, String words, String foreseen, String photo) {
    }

    @GetMapping("/pieces/compare")
    ModelAndView compare(@RequestParam(name = "piece", defaultValue = "") List<UUID> chosen) {
        if (chosen.size() != 2 || chosen.getFirst().equals(chosen.getLast())) {
            throw new UnusableValue("pieces to compare", String.valueOf(chosen.stream().distinct().count()), "two", "Choose two pieces, then hold them side by side.");
        }
        List<Piece> both = chosen.stream().map(pieces::get).toList();
        List<LogEntry> photographed = new ArrayList<>();
        both.forEach(piece -> photographed.add(log.ofPiece(piece.id()).stream().filter(entry -> entry.photo() != null && !entry.struck()).findFirst().orElse(null)));
        List<ColoursWork.Colours> seen = List.of(colours(both.get(0), photographed.get(0)), colours(both.get(1), photographed.get(1)));
        List<Begun> plans = both.stream().map(piece -> Begun.of(pieces.plan(piece).sequence())).toList();
        return new Compared(List.of(side(both.get(0), photographed.get(0)), side(both.get(1), photographed.get(1))), Comparison.planned(plans.get(0), plans.get(1)).differences(), ColourRow.of(seen.get(0), seen.get(1))).in("piece/compare");
    }

    private ColoursWork.Colours colours(Piece piece, @Nullable LogEntry entry) {
        return colours.of(piece, entry == null ? null : entry.photo());
    }

    private static Side side(Piece piece, @Nullable LogEntry entry) {
        return new Side(piece.id(), piece.title(), piece.leading().design().theWay().name(), LookView.finished(piece.at(piece.veils().size()), true), entry == null ? "" : LookView.came(entry));
    }
}
