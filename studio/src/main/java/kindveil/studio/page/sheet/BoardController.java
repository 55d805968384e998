package kindveil.studio.page.sheet;

import java.util.List;
import kindveil.bench.PrintKind;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Visit;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.sheet.SheetWork;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Where the copies lie on the sheets of one carrier: put elsewhere by hand, or packed again. */
@Controller
class BoardController {
    private final SheetWork sheets;
    private final SheetsPage page;
    private final Visit visit;

    BoardController(SheetWork sheets, SheetsPage page, Visit visit) {
        this.sheets = sheets;
        this.page = page;
        this.visit = visit;
    }

    /** A copy put elsewhere by hand; answers the drawing alone when it was asked for from within the page. */
    @PostMapping("/sheets/{kind}/arrange")
    Object arrange(@PathVariable String kind, @RequestParam int version, @RequestParam int from, @RequestParam int index, @RequestParam int to, @RequestParam String x, @RequestParam String y,
            @RequestParam(defaultValue = "false") boolean turned) {
        PrintKind print = SheetsPage.kind(kind);
        Problems problems = new Problems();
        Double right = problems.number("From the left", x, -50, 1000, "mm", "Count from the left edge of the sheet.");
        Double down = problems.number("From the top", y, -50, 1000, "mm", "Count from the top edge of the sheet.");
        if (!problems.any()) {
            try {
                sheets.arrange(print, version, from, index, new SheetWork.Put(to, right, down, turned));
            } catch (UnusableValue | Outdated refused) {
                problems.add(refused.getMessage());
            }
        }
        if (!visit.whole()) {
            ModelAndView board = page.refusing(print, problems.words()).in("sheet/sheets :: board");
            board.setStatus(HttpStatus.OK);
            return board;
        }
        return problems.any() ? page.refusing(print, problems.words()).in("sheet/sheets") : "redirect:/sheets/" + SheetView.word(print);
    }

    @PostMapping("/sheets/{kind}/pack")
    Object pack(@PathVariable String kind, @RequestParam int version) {
        PrintKind print = SheetsPage.kind(kind);
        try {
            sheets.packAgain(print, version);
            return "redirect:/sheets/" + SheetView.word(print);
        } catch (Outdated outdated) {
            return page.refusing(print, List.of(outdated.getMessage())).in("sheet/sheets");
        }
    }
}
