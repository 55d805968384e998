package kindveil.studio.page.build;

import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.Download;
import kindveil.studio.page.piece.LookView;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.log.LastDrops;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.look.ReadsWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Supports;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The plan of a veil, and how it will look. */
@Controller
class BuildController {
    private final PieceWork pieces;
    private final LookWork looks;
    private final ReadsWork reads;
    private final Say say;
    private final Supports supports;
    private final LastDrops drops;

    BuildController(PieceWork pieces, LookWork looks, ReadsWork reads, Say say, Supports supports, LastDrops drops) {
        this.drops = drops;
        this.supports = supports;
        this.reads = reads;
        this.pieces = pieces;
        this.looks = looks;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/build", "/pieces/{id}/veils/{veil}/build"})
    ModelAndView build(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, LookView.Asked asked, @RequestParam(defaultValue = "false") boolean foresee) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return BuildView.of(planned, asked.of(planned), BuildForm.of(planned, say.measure()), supports.with(planned.brief().support()), drops.of(planned), looks, reads, foresee, pieces.canUndo(id), say).in("piece/build");
    }

    @PostMapping({"/pieces/{id}/build", "/pieces/{id}/veils/{veil}/build"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        Planned planned = pieces.plan(piece);
        Problems problems = new Problems();
        Piece asked = BuildForm.read(piece.seen(version), planned, supports.with(piece.base().support()), all, say.measure(), problems);
        if (asked != null) {
            try {
                Piece changed = problems.read(() -> pieces.change(asked));
                if (changed != null) {
                    boolean same = asked.design().way().equals(piece.design().way());
                    return "redirect:" + PieceHead.base(changed) + "/build" + (same ? kept(all) : "");
                }
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return BuildView.of(planned, LookView.Asked.NOTHING.of(planned), BuildForm.of(planned, all, say.measure()), supports.with(planned.brief().support()), drops.of(planned), looks, reads, false, pieces.canUndo(id), say).refusing(problems.words()).in("piece/build");
    }

    /** The way the picture was looked at, kept when the build changes; the pass follows the new plan. */
    private static String kept(Map<String, String> all) {
        String left = all.getOrDefault("left", "wet");
        String right = all.getOrDefault("right", "dried");
        return left.matches("[a-z]{1,10}") && right.matches("[a-z]{1,10}") ? "?left=%s&right=%s".formatted(left, right) : "";
    }

    /** The section alone, as the point moves. */
    @GetMapping({"/pieces/{id}/section", "/pieces/{id}/veils/{veil}/section"})
    ModelAndView section(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, LookView.Asked asked) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return new ModelAndView("piece/section :: section", "section", SectionView.of(planned, asked.of(planned), looks, say));
    }

    /** How much of the drawing drowns, which takes longer to work out than all the rest. */
    @GetMapping({"/pieces/{id}/foresight", "/pieces/{id}/veils/{veil}/foresight"})
    ModelAndView foresight(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, LookView.Asked asked) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return new ModelAndView("piece/foresight :: foresight", "foresight", ForesightView.of(planned, asked.of(planned), looks, reads, Duration.ZERO, say));
    }

    /** What would bring it back, which takes many looks more: as far as it came by now, and so on. */
    @GetMapping({"/pieces/{id}/gains", "/pieces/{id}/veils/{veil}/gains"})
    ModelAndView gains(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, LookView.Asked asked) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return new ModelAndView("piece/foresight :: gains", "foresight", ForesightView.of(planned, asked.of(planned), looks, reads, ForesightView.AT_A_TIME, say));
    }

    /** What is offered to bring the drawing back, taken. */
    @PostMapping({"/pieces/{id}/use", "/pieces/{id}/veils/{veil}/use"})
    String use(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam String change) {
        return "redirect:" + PieceHead.base(reads.use(pieces.get(id, veil), version, change)) + "/build";
    }

    /** The last change of the plan taken back. */
    @PostMapping("/pieces/{id}/undo")
    String undo(@PathVariable UUID id, @RequestParam int version) {
        return "redirect:" + PieceHead.base(pieces.undo(id, version)) + "/build";
    }

    @GetMapping({"/pieces/{id}/drowned.png", "/pieces/{id}/veils/{veil}/drowned.png"})
    ResponseEntity<byte[]> drowned(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return Download.picture(reads.map(pieces.get(id, veil)));
    }

    @GetMapping({"/pieces/{id}/look/{state}.png", "/pieces/{id}/veils/{veil}/look/{state}.png"})
    ResponseEntity<byte[]> look(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @PathVariable String state, @RequestParam(required = false) @Nullable Integer pass,
            @RequestParam(defaultValue = "false") boolean small, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        LookView view = new LookView.Asked(null, state, pass, null, null, null).of(pieces.plan(piece));
        return Download.picture(looks.png(piece, BuildForm.choices(all), view.right(), view.pass(), small));
    }
}
