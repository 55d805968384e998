package kindveil.studio.page.build;

import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.Download;
import kindveil.studio.page.piece.LookView;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.look.ReadsWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Paints;
import kindveil.studio.work.shelf.Supports;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.RealWork.Real;
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
    private final BuildPage page;
    private final Say say;
    private final Supports supports;
    private final Paints paints;
    private final RealWork reals;

    BuildController(PieceWork pieces, LookWork looks, ReadsWork reads, BuildPage page, Say say, Supports supports, Paints paints, RealWork reals) {
        this.reals = reals;
        this.pieces = pieces;
        this.looks = looks;
        this.reads = reads;
        this.page = page;
        this.say = say;
        this.supports = supports;
        this.paints = paints;
    }

    @GetMapping({"/pieces/{id}/build", "/pieces/{id}/veils/{veil}/build"})
    ModelAndView build(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, LookView.Asked asked, @RequestParam(required = false) @Nullable String open, @RequestParam(defaultValue = "false") boolean foresee) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        return page.of(planned, new BuildPage.Asked(asked, open, foresee), BuildForm.of(planned, paints.all(), say.measure())).in("piece/build");
    }

    @PostMapping({"/pieces/{id}/build", "/pieces/{id}/veils/{veil}/build"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        Planned planned = pieces.plan(piece);
        Problems problems = new Problems();
        Piece asked = BuildForm.read(piece.seen(version), planned, supports.with(piece.base().support()), paints.all(), all, say.measure(), problems);
        if (asked != null) {
            try {
                Real real = Guard.meant(all) ? null : problems.read(() -> reals.partedFrom(piece, asked));
                if (real != null && real.any()) {
                    return page.of(planned, new BuildPage.Asked(LookView.Asked.NOTHING, opened(all), false), BuildForm.of(planned, paints.all(), all, say.measure())).asking(Guard.of(real, PieceHead.base(piece) + "/build", all, say)).in("piece/build");
                }
                Piece changed = problems.any() ? null : problems.read(() -> pieces.change(asked));
                if (changed != null) {
                    boolean same = asked.design().way().equals(piece.design().way());
                    return "redirect:" + PieceHead.base(changed) + "/build" + (same ? kept(all) : "");
                }
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return page.of(planned, new BuildPage.Asked(LookView.Asked.NOTHING, opened(all), false), BuildForm.of(planned, paints.all(), all, say.measure())).refusing(problems.words()).in("piece/build");
    }

    private static @Nullable String opened(Map<String, String> all) {
        return Doors.known(all.get("open")) ? all.get("open") : null;
    }

    /** How the picture was looked at and what stood open, kept when the build changes; the pass follows the new plan. */
    private static String kept(Map<String, String> all) {
        String words = Stream.of("left", "right", "open").filter(key -> all.getOrDefault(key, "").matches("[a-z]{1,10}")).map(key -> key + "=" + all.get(key)).collect(Collectors.joining("&"));
        String places = Stream.of("cut", "x", "y").filter(key -> all.getOrDefault(key, "").matches("[01](\\.\\d{1,6})?")).map(key -> key + "=" + all.get(key)).collect(Collectors.joining("&"));
        String query = Stream.of(words, places).filter(part -> !part.isEmpty()).collect(Collectors.joining("&"));
        return query.isEmpty() ? "" : "?" + query;
    }

    /** Of what stands open, how much drowns with each alternative: as far as it was looked at by now. */
    @GetMapping({"/pieces/{id}/alternatives", "/pieces/{id}/veils/{veil}/alternatives"})
    ModelAndView alternatives(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, LookView.Asked asked, @RequestParam(required = false) @Nullable String open) {
        return new ModelAndView("piece/card :: late", "late", page.late(pieces.plan(pieces.get(id, veil)), asked, open));
    }

    /** The section alone, as the point moves. */
    @GetMapping({"/pieces/{id}/section", "/pieces/{id}/veils/{veil}/section"})
    ModelAndView section(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, LookView.Asked asked, @RequestParam(required = false) @Nullable String open) {
        Planned planned = pieces.plan(pieces.get(id, veil));
        LookView view = asked.of(planned);
        return new ModelAndView("piece/section :: section", "section", SectionView.of(planned, view, Doors.of(planned.piece(), BuildForm.of(planned, say.measure()), view, open), looks, say));
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
    String use(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam String change, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        reals.requireMeant(piece, ReadsWork.changed(piece, version, change), anyway);
        return "redirect:" + PieceHead.base(reads.use(piece, version, change)) + "/build";
    }

    /** The last change of the plan taken back. */
    @PostMapping("/pieces/{id}/undo")
    String undo(@PathVariable UUID id, @RequestParam int version, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece now = pieces.get(id);
        pieces.before(id).ifPresent(was -> reals.requireMeant(now.at(Math.min(was.inHand() + 1, now.veils().size())), was, anyway));
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
