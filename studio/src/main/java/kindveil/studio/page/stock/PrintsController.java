package kindveil.studio.page.stock;

import java.util.List;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.Printers;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.studio.work.stock.Prints;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Prints in stock, what each would be in a piece, and who printed them. */
@Controller
class PrintsController {
    private final Prints prints;
    private final Printers printers;
    private final PieceWork pieces;
    private final SittingWork sittings;
    private final Say say;

    PrintsController(Prints prints, Printers printers, PieceWork pieces, SittingWork sittings, Say say) {
        this.prints = prints;
        this.printers = printers;
        this.pieces = pieces;
        this.sittings = sittings;
        this.say = say;
    }

    @GetMapping("/shelf/prints")
    ModelAndView prints() {
        return page(List.of());
    }

    private ModelAndView page(List<String> problems) {
        return PrintsView.of(prints.all(), printers.all(), pieces, problems, say).in("stock/prints");
    }

    /** So many are still there. */
    @PostMapping("/shelf/prints/{id}/count")
    Object count(@PathVariable UUID id, @RequestParam(defaultValue = "") String left) {
        Problems problems = new Problems();
        Integer count = problems.whole("How many are left", left, 0, Owned.MOST, "", "Count them; 0 where none is.");
        if (problems.any()) {
            return page(problems.words());
        }
        prints.count(id, count);
        return "redirect:/shelf/prints";
    }

    @PostMapping("/shelf/prints/{id}/take-out")
    String takeOut(@PathVariable UUID id) {
        prints.takeOut(id);
        return "redirect:/shelf/prints";
    }

    /** Its picture becomes the source of a new piece, as wide as it is. */
    @PostMapping("/shelf/prints/{id}/piece")
    Object begin(@PathVariable UUID id) {
        try {
            return "redirect:" + PieceHead.base(prints.begin(id)) + "/source";
        } catch (UnusableValue refused) {
            return page(List.of(refused.getMessage()));
        }
    }

    /** What it would be in each piece that is not begun. */
    @GetMapping("/shelf/prints/{id}")
    ModelAndView fits(@PathVariable UUID id) {
        return fits(id, List.of());
    }

    private ModelAndView fits(UUID id, List<String> problems) {
        Prints.Stack stack = prints.get(id);
        return FitsView.of(stack, prints.fits(stack, sittings.candidates()), problems, say).in("stock/fits");
    }

    /** Some of it are laid by for a piece, which is planned with them. @param veil 0 to glue it down under all of it */
    @PostMapping("/shelf/prints/{id}/use")
    Object use(@PathVariable UUID id, @RequestParam UUID piece, @RequestParam int veil, @RequestParam(defaultValue = "") String many) {
        Problems problems = new Problems();
        Integer count = problems.whole("How many", many, 1, Owned.MOST, "", "One is one try.");
        if (!problems.any()) {
            try {
                Piece planned = prints.use(id, piece, veil, count);
                return "redirect:" + PieceHead.base(planned) + "/build";
            } catch (UnusableValue refused) {
                problems.add(refused.getMessage());
            }
        }
        return fits(id, problems.words());
    }
}
