package kindveil.studio.page.print;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.reading.PullRow;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.sheet.PullWork;
import kindveil.studio.work.sheet.PullWork.Pulled;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** A row of pulls from one plate. */
@Controller
class PullsController {
    private static final Length SMALLEST = Length.ofMillimetres(40);
    private static final Length LARGEST = Length.ofMillimetres(1500);
    private final PullWork pulls;
    private final Say say;

    PullsController(PullWork pulls, Say say) {
        this.pulls = pulls;
        this.say = say;
    }

    /** @param piece those pulled; all where none is told */
    @GetMapping("/pulls")
    ModelAndView row(@RequestParam(required = false) @Nullable List<UUID> piece, @RequestParam(required = false) @Nullable String wide, @RequestParam(required = false) @Nullable String tall,
            @RequestParam(defaultValue = "1") String tubes) {
        Problems problems = new Problems();
        String typedWide = wide == null || wide.isBlank() ? say.usual(200, 8) : wide;
        String typedTall = tall == null || tall.isBlank() ? say.usual(250, 10) : tall;
        Length w = problems.read(() -> Length.parseSize("Width of the plate", typedWide, SMALLEST, LARGEST));
        Length h = problems.read(() -> Length.parseSize("Height of the plate", typedTall, SMALLEST, LARGEST));
        Integer each = problems.whole("Tubes", tubes, 1, PullWork.MOST_TUBES, "tubes", "How many tubes a colour is laid out from.");
        List<Piece> all = pulls.all();
        Set<UUID> chosen = piece == null || piece.isEmpty() ? new HashSet<>(all.stream().map(Piece::id).toList()) : new HashSet<>(piece);
        List<Pulled> pulled = problems.any() ? List.of() : all.stream().filter(one -> chosen.contains(one.id())).map(one -> pulls.pulled(one, w, h, each)).toList();
        return PullsView.of(all, chosen, pulled, PullRow.of(pulled.stream().map(Pulled::pull).toList()), typedWide, typedTall, tubes, problems.words(), say).in("piece/pulls");
    }
}
