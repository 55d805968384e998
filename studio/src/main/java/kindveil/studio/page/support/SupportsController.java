package kindveil.studio.page.support;

import java.util.Map;
import java.util.UUID;
import kindveil.bench.Support;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.shelf.Supports;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Supports of the artist's own. */
@Controller
class SupportsController {
    private static final String PAGE = "support/supports";
    private final Supports supports;
    private final PieceWork pieces;
    private final WaysWork ways;
    private final Rooms rooms;
    private final Say say;

    SupportsController(Supports supports, PieceWork pieces, WaysWork ways, Rooms rooms, Say say) {
        this.supports = supports;
        this.pieces = pieces;
        this.ways = ways;
        this.rooms = rooms;
        this.say = say;
    }

    /** All of them, and what one that is being told would do. @param piece that is to be made on it */
    @GetMapping("/supports")
    ModelAndView supports(@RequestParam(required = false) @Nullable UUID piece, @RequestParam Map<String, String> all) {
        Piece waiting = piece == null ? null : pieces.get(piece);
        SupportForm form = all.containsKey("like") ? SupportForm.typed(all) : SupportForm.fresh(waiting == null ? Support.WATERCOLOUR_PAPER : waiting.base().support().like());
        return view(waiting, form, new Problems());
    }

    @GetMapping("/supports/{id}")
    ModelAndView one(@PathVariable UUID id) {
        return view(null, SupportForm.of(supports.mine(id), say.measure()), new Problems());
    }

    /** Keeps one; every piece planned on it follows, and one that waited for it is laid on it. */
    @PostMapping("/supports")
    Object keep(@RequestParam(required = false) @Nullable UUID piece, @RequestParam(required = false) @Nullable UUID id, @RequestParam Map<String, String> all) {
        Piece waiting = piece == null ? null : pieces.get(piece);
        SupportForm form = SupportForm.typed(all);
        Problems problems = new Problems();
        Support like = form.like(problems);
        Support.Told told = form.told(say.measure(), problems);
        if (form.name().isEmpty()) {
            problems.add("Name: nothing cannot be used. Expected 1 to 60 signs. Call it what you would call it on the bench.");
        }
        Support own = like == null || told == null || problems.any() ? null : problems.read(() -> like.own(id == null ? UUID.randomUUID().toString() : supports.mine(id).id(), form.name(), told));
        if (own == null) {
            return view(waiting, form, problems);
        }
        supports.keep(own);
        pieces.follow(own);
        if (waiting != null) {
            // it may have followed already
            Piece now = pieces.get(waiting.id());
            if (!now.base().support().equals(own)) {
                pieces.lay(now, own);
            }
            return "redirect:/pieces/" + waiting.id() + "/build";
        }
        return "redirect:/supports/" + own.id();
    }

    /** No longer offered; what is made on it stays. */
    @PostMapping("/supports/{id}/remove")
    String remove(@PathVariable UUID id) {
        supports.remove(id);
        return "redirect:/supports";
    }

    private ModelAndView view(@Nullable Piece waiting, SupportForm form, Problems problems) {
        Problems read = problems.any() ? new Problems() : problems;
        Support like = form.like(read);
        Support.Told told = like == null ? null : form.told(say.measure(), read);
        Support there = like == null ? Support.WATERCOLOUR_PAPER : like;
        Support own = told == null ? there : there.own("own", form.name().isEmpty() || form.name().length() > 60 ? "yours" : form.name(), told);
        return SupportsView.of(supports.own(), waiting, form, own, there, rooms.now().air(), ways, problems.any() ? problems.words() : read.words(), say).in(PAGE);
    }
}
