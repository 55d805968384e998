package kindveil.studio.page.source;

import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.sheet.RealWork.Real;
import kindveil.studio.page.Download;
import kindveil.studio.work.piece.Image;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.source.SourceWork;
import kindveil.tone.Advice;
import kindveil.tone.Treatment;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Posterise;
import kindveil.tone.Treatments;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class SourceController {
    private final RealWork reals;
    private final PieceWork pieces;
    private final SourceWork sources;
    private final LookWork looks;
    private final LogWork log;
    private final Say say;

    SourceController(PieceWork pieces, SourceWork sources, LookWork looks, LogWork log, Say say, RealWork reals) {
        this.reals = reals;
        this.looks = looks;
        this.pieces = pieces;
        this.sources = sources;
        this.log = log;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/source", "/pieces/{id}/veils/{veil}/source"})
    ModelAndView source(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "false") boolean offers) {
        Piece piece = pieces.get(id, veil);
        return page(piece, SourceView.Form.of(piece, log.grown(piece.design().way()), say), offers, List.of());
    }

    /** What would help, which takes as long to work out as all the rest. */
    @GetMapping({"/pieces/{id}/source/offers", "/pieces/{id}/veils/{veil}/source/offers"})
    ModelAndView offers(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return new ModelAndView("piece/offers :: offers", "offers", OffersView.of(pieces.get(id, veil), sources, say));
    }

    /** @param offers whether what would help is waited for */
    private ModelAndView page(Piece piece, SourceView.Form form, boolean offers, List<String> problems) {
        return view(piece, form, offers, problems).in("piece/source");
    }

    private SourceView view(Piece piece, SourceView.Form form, boolean offers, List<String> problems) {
        return SourceView.of(pieces.plan(piece), sources.read(piece), form, lineage(piece), sources.colourShare(piece), looks.negative(piece).orElse(null),
                pieces.coloured(piece).map(design -> design.print().words()).orElse(""), log.grown(piece.design().way()), offers || sources.advised(piece) ? OffersView.of(piece, sources, say) : null, problems, say);
    }

    /** Where a source that is a result comes from. */
    private String lineage(Piece piece) {
        return log.cameFrom(piece.picture()).map(entry -> "It is what came of “%s”, %s.".formatted(pieces.get(entry.piece()).title(), say.date(entry.written()))).orElse("");
    }

    @PostMapping({"/pieces/{id}/source", "/pieces/{id}/veils/{veil}/source"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String width, @RequestParam(defaultValue = "") String ends, @RequestParam(defaultValue = "") String black,
            @RequestParam(defaultValue = "") String white, @RequestParam(defaultValue = "") String tones, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Length size = width(piece, width, ends, problems);
        Integer blackPoint = problems.whole("Black point", black, 0, 95, "L*", "0 leaves the darks as they are.");
        Integer whitePoint = problems.whole("White point", white, 5, 100, "L*", "100 leaves the lights as they are.");
        Integer values = tones.isBlank() ? null : problems.whole("Number of tones", tones, 2, 8, "tones", "Leave it empty to keep all tones.");
        Levels levels = blackPoint == null || whitePoint == null ? null : problems.read(() -> new Levels(blackPoint, whitePoint));
        if (!problems.any()) {
            Treatments treatments = piece.design().treatments().having(Levels.class, levels.equals(Levels.NONE) ? null : levels)
                    .having(Posterise.class, values == null ? null : new Posterise(values));
            Design design = piece.design().withSize(size).treated(treatments);
            try {
                Piece asked = piece.seen(version).with(design);
                Real real = Guard.meant(all) ? null : reals.partedFrom(piece, asked);
                if (real != null && real.any()) {
                    return view(piece, new SourceView.Form(piece.version(), width, ends, black, white, tones), false, List.of()).asking(Guard.of(real, PieceHead.base(piece) + "/source", all, say)).in("piece/source");
                }
                pieces.change(asked);
                return "redirect:" + PieceHead.base(piece) + "/source";
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return page(piece, new SourceView.Form(piece.version(), width, ends, black, white, tones), false, problems.words());
    }

    /** How wide it is printed; or how wide it is to end, where the way is known to stretch a print and only that was changed. */
    private @Nullable Length width(Piece piece, String width, String ends, Problems problems) {
        Optional<LogWork.Grown> grown = log.grown(piece.design().way());
        SourceView.Form shown = SourceView.Form.of(piece, grown, say);
        if (grown.isEmpty() || ends.isBlank() || ends.strip().equals(shown.ends())) {
            return problems.read(() -> Length.parseSize("Print width", width, Image.NARROWEST, Image.WIDEST));
        }
        double factor = grown.get().factor();
        Length end = problems.read(() -> Length.parseSize("Width it ends with", ends, Image.NARROWEST.times(factor), Image.WIDEST.times(factor)));
        if (!width.strip().equals(shown.width())) {
            problems.add("Printed width and the width it ends with were both changed, to “%s” and “%s”. Change one; the other follows.".formatted(width.strip(), ends.strip()));
        }
        return end == null ? null : end.times(1 / factor);
    }

    @PostMapping({"/pieces/{id}/source/advice", "/pieces/{id}/veils/{veil}/source/advice"})
    String follow(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam int index, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        List<Advice> advice = sources.advice(piece);
        if (index < 0 || index >= advice.size()) {
            throw new Outdated(piece.title());
        }
        Treatments treatments = piece.design().treatments();
        for (Treatment treatment : advice.get(index).treatments()) {
            treatments = switch (treatment) {
                case Levels l -> treatments.having(Levels.class, l);
                case Posterise n -> treatments.having(Posterise.class, n);
                default -> treatments.plus(treatment);
            };
        }
        changed(piece, piece.seen(version).with(piece.design().treated(treatments)), anyway);
        return "redirect:" + PieceHead.base(piece) + "/source";
    }

    @PostMapping({"/pieces/{id}/source/colours", "/pieces/{id}/veils/{veil}/source/colours"})
    String inColours(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam int version, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        Design coloured = pieces.coloured(piece).orElseThrow(() -> new Outdated(piece.title()));
        changed(piece, piece.seen(version).with(coloured), anyway);
        return "redirect:" + PieceHead.base(piece) + "/source";
    }

    private void changed(Piece piece, Piece asked, boolean anyway) {
        reals.requireMeant(piece, asked, anyway);
        pieces.change(asked);
    }

    @GetMapping({"/pieces/{id}/treated.png", "/pieces/{id}/veils/{veil}/treated.png"})
    ResponseEntity<byte[]> treated(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil) {
        return Download.picture(sources.treatedPng(pieces.get(id, veil)));
    }

    /** What one of the offers would make of it, small; the index one past the last offer is the picture as it is. */
    @GetMapping({"/pieces/{id}/offer/{index}.png", "/pieces/{id}/veils/{veil}/offer/{index}.png"})
    ResponseEntity<byte[]> offered(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @PathVariable int index) {
        return Download.picture(sources.offeredPng(pieces.get(id, veil), index));
    }
}
