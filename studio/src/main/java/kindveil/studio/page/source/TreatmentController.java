package kindveil.studio.page.source;

import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.Download;
import java.util.List;
import java.util.Map;
import java.util.LinkedHashMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import kindveil.measure.Length;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.RealWork;
import kindveil.studio.work.source.SourceWork;
import kindveil.tone.Edge;
import kindveil.tone.Halftone;
import kindveil.tone.AdaptiveThreshold;
import kindveil.tone.PlainBackground;
import kindveil.tone.Diffusion;
import kindveil.tone.Threshold;
import kindveil.tone.Treatment;
import kindveil.tone.Treatments;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The list of treatments of a source: added, changed, put in order, taken away, taken back. */
@Controller
class TreatmentController {
    private static final double FEATHER = 6;
    private static final double TEAR = 5;
    private final PieceWork pieces;
    private final SourceWork sources;
    private final RealWork reals;

    TreatmentController(PieceWork pieces, SourceWork sources, RealWork reals) {
        this.reals = reals;
        this.pieces = pieces;
        this.sources = sources;
    }

    /** What can be added, each as it is recommended for the way at hand. */
    static Map<String, Treatment> kinds(Design design) {
        Length softening = design.theWay().card().softening();
        Map<String, Treatment> kinds = new LinkedHashMap<>();
        kinds.put("background", new PlainBackground());
        kinds.put("threshold", Threshold.BEST);
        kinds.put("local", AdaptiveThreshold.USUAL);
        kinds.put("dots", Halftone.recommended(Halftone.Shape.DOT, softening));
        kinds.put("lines", Halftone.recommended(Halftone.Shape.LINE, softening));
        kinds.put("grains", new Diffusion(Math.max(0.2, Math.round(softening.millimetres() * 25) / 10.0)));
        kinds.put("invert", new Treatment.Invert());
        kinds.put("feather", new Edge(Edge.Kind.FEATHER, FEATHER, 0));
        kinds.put("torn", new Edge(Edge.Kind.TORN, TEAR, 7));
        return kinds;
    }

    private String changed(Piece piece, int version, boolean anyway, UnaryOperator<Treatments> change) {
        Piece asked = piece.seen(version).with(piece.design().treated(change.apply(piece.design().treatments())));
        reals.requireMeant(piece, asked, anyway);
        pieces.change(asked);
        return "redirect:" + PieceHead.base(piece) + "/source#treatments";
    }

    private static int index(Piece piece, int index) {
        if (index < 0 || index >= piece.design().treatments().list().size()) {
            throw new NotFound("treatment", index + 1);
        }
        return index;
    }

    @PostMapping({"/pieces/{id}/treatments", "/pieces/{id}/veils/{veil}/treatments"})
    String add(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam String kind, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        Treatment treatment = kinds(piece.design()).get(kind);
        return changed(piece, version, anyway, all -> all.plus(treatment == null ? Treatments.one(kind) : treatment));
    }

    @PostMapping({"/pieces/{id}/treatments/{index}", "/pieces/{id}/veils/{veil}/treatments/{index}"})
    String set(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @PathVariable int index, @RequestParam int version, @RequestParam String code, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        Treatment treatment = Treatments.one(code);
        int at = index(piece, index);
        return changed(piece, version, anyway, all -> {
            List<Treatment> list = new java.util.ArrayList<>(all.list());
            list.set(at, treatment);
            return new Treatments(list);
        });
    }

    @PostMapping({"/pieces/{id}/treatments/{index}/move", "/pieces/{id}/veils/{veil}/treatments/{index}/move"})
    String move(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @PathVariable int index, @RequestParam int version, @RequestParam int by, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        int at = index(piece, index);
        return changed(piece, version, anyway, all -> all.moved(at, by));
    }

    @PostMapping({"/pieces/{id}/treatments/{index}/remove", "/pieces/{id}/veils/{veil}/treatments/{index}/remove"})
    String remove(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @PathVariable int index, @RequestParam int version, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        int at = index(piece, index);
        return changed(piece, version, anyway, all -> all.without(at));
    }

    @PostMapping({"/pieces/{id}/treatments/undo", "/pieces/{id}/veils/{veil}/treatments/undo"})
    String undo(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece piece = pieces.get(id, veil);
        return changed(piece, version, anyway, all -> piece.design().image().before());
    }

    /** How far the first of them go. */
    @GetMapping({"/pieces/{id}/step/{count}.png", "/pieces/{id}/veils/{veil}/step/{count}.png"})
    ResponseEntity<byte[]> step(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @PathVariable int count) {
        return Download.picture(sources.stepPng(pieces.get(id, veil), count));
    }

    @GetMapping({"/pieces/{id}/risk.png", "/pieces/{id}/veils/{veil}/risk.png"})
    ResponseEntity<byte[]> risk(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        return Download.picture(sources.riskPng(pieces.get(id, veil)));
    }
}
