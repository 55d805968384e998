package kindveil.studio.page.piece;

import kindveil.studio.work.piece.Image;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import kindveil.measure.Length;
import kindveil.reading.LookState;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.source.SourceWork;
import kindveil.tone.Advice;
import kindveil.tone.SourceReading;
import kindveil.tone.Tones;
import kindveil.tone.Treatment;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Simplify;
import kindveil.tone.Treatments;
import kindveil.way.Schools;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class SourceController {
    private static final double BAR = 3;
    private static final double WORTHWHILE = 0.03;
    private static final double TALLEST = 110;
    private final PieceWork pieces;
    private final SourceWork sources;
    private final LookWork looks;
    private final LogWork log;
    private final Say say;

    SourceController(PieceWork pieces, SourceWork sources, LookWork looks, LogWork log, Say say) {
        this.looks = looks;
        this.pieces = pieces;
        this.sources = sources;
        this.log = log;
        this.say = say;
    }

    /** What was typed. */
    public record Form(int version, String width, String black, String white, String tones) {
        static Form of(Piece piece, Say say) {
            Design design = piece.design();
            return new Form(piece.version(), say.one(design.printWidth()), String.valueOf(levels(design).black()), String.valueOf(levels(design).white()),
                    design.treatments().of(Simplify.class).map(s -> String.valueOf(s.values())).orElse(""));
        }

        private static Levels levels(Design design) {
            return design.treatments().of(Levels.class).orElse(Levels.NONE);
        }
    }

    /** One bar of the histogram: L* {@code x / 3}, with its height before and after treatment. */
    public record Bar(double x, double before, double after) {
    }

    /** One treatment of the list. */
    public record Step(int index, String words, String code) {
    }

    /** A treatment that would help. */
    public record Offer(int index, String words, String gain, String from, String to) {
    }

    @GetMapping({"/pieces/{id}/source", "/pieces/{id}/veils/{veil}/source"})
    ModelAndView source(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        Piece piece = pieces.get(id, veil);
        return page(piece, Form.of(piece, say), List.of());
    }

    private ModelAndView page(Piece piece, Form form, List<String> problems) {
        SourceWork.Readings readings = sources.read(piece);
        SourceReading reading = readings.treated();
        Planned planned = pieces.plan(piece);
        ModelAndView page = new ModelAndView("piece/source");
        page.addObject("head", PieceHead.of(piece, "Source"));
        page.addObject("form", form);
        page.addObject("problems", problems);
        page.addObject("picture", readings.picture());
        page.addObject("shape", readings.shape());
        page.addObject("reading", reading);
        page.addObject("treatedAtAll", !piece.design().treatments().toString().isEmpty());
        page.addObject("steps", steps(piece));
        page.addObject("kinds", TreatmentController.kinds(piece.design()));
        page.addObject("undoable", !piece.design().image().before().toString().equals(piece.design().treatments().toString()));
        page.addObject("lineage", lineage(piece));
        page.addObject("bars", bars(readings.asItIs().tones(), reading.tones()));
        page.addObject("offers", offers(readings.advice(), reading.carrying()));
        page.addObject("plainOffer", readings.advice().size());
        page.addObject("size", say.size(piece.design().printWidth(), piece.design().printWidth().times(readings.shape().aspect())));
        page.addObject("widest", say.both(reading.resolution().widestFor((int) Math.round(readings.shape().width()))));
        page.addObject("way", piece.design().theWay());
        page.addObject("colouring", piece.design().print().colouring(sources.colourShare(piece)));
        page.addObject("tonal", tonal(piece));
        page.addObject("invertible", piece.design().theWay().choices().stream().anyMatch(choice -> choice.key().equals(Schools.TONES.key())));
        page.addObject("finishedLook", "%s/look/%s.png?pass=%d&v=%d&small=true".formatted(PieceHead.base(piece), LookView.word(LookState.finished(planned.trace())), planned.trace().plannedPasses(), piece.version()));
        page.addObject("softening", piece.design().theWay().card().softening());
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    /** What becomes of light and dark, where they change places on the way or in the print; empty where they stay. */
    private String tonal(Piece piece) {
        boolean inverted = Schools.INVERTED.equals(piece.design().choices().get(Schools.TONES.key()));
        Boolean negative = looks.negative(piece).orElse(null);
        if (negative == null) {
            return "";
        }
        if (inverted) {
            return negative ? "Printed inverted it ends as a tonal negative: what is dark in the picture ends light. Print it as it is for a positive."
                    : "It is printed as a tonal negative and ends as a positive: its paint is lighter than what is under it. Label the print, it looks wrong on purpose.";
        }
        return negative ? "It becomes a tonal negative: its paint is lighter than what is under it, so what is dark in the picture ends light." : "";
    }

    /** The treatments in order, each with its numbers to change. */
    private static List<Step> steps(Piece piece) {
        List<Treatment> list = piece.design().treatments().list();
        return IntStream.range(0, list.size()).mapToObj(i -> new Step(i, list.get(i).words(), list.get(i).code())).toList();
    }

    /** Where a source that is a result comes from. */
    private String lineage(Piece piece) {
        return log.cameFrom(piece.picture()).map(entry -> "It is what came of “%s”, %s.".formatted(pieces.get(entry.piece()).title(), say.date(entry.written()))).orElse("");
    }

    private static List<Bar> bars(Tones before, Tones after) {
        long[] b = before.counts();
        long[] a = after.counts();
        return IntStream.range(0, Tones.BINS).mapToObj(i -> new Bar(i * BAR, height(b, i), height(a, i))).toList();
    }

    /** Square root of the share, so that thin tones are seen beside a spike of white. */
    private static double height(long[] counts, int bin) {
        double most = 0;
        for (long n : counts) {
            most = Math.max(most, n);
        }
        return Math.round(TALLEST * Math.sqrt(counts[bin] / most) * 10) / 10.0;
    }

    private List<Offer> offers(List<Advice> advice, double now) {
        return IntStream.range(0, advice.size()).filter(i -> advice.get(i).after() >= now + WORTHWHILE)
                .mapToObj(i -> new Offer(i, advice.get(i).words(), "+" + Math.round((advice.get(i).after() - now) * 100), say.percent(now), say.percent(advice.get(i).after()))).toList();
    }

    @PostMapping({"/pieces/{id}/source", "/pieces/{id}/veils/{veil}/source"})
    Object change(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam(defaultValue = "") String width, @RequestParam(defaultValue = "") String black,
            @RequestParam(defaultValue = "") String white, @RequestParam(defaultValue = "") String tones) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        Length size = problems.read(() -> Length.parseSize("Print width", width, Image.NARROWEST, Image.WIDEST));
        Integer blackPoint = problems.whole("Black point", black, 0, 95, "L*", "0 leaves the darks as they are.");
        Integer whitePoint = problems.whole("White point", white, 5, 100, "L*", "100 leaves the lights as they are.");
        Integer values = tones.isBlank() ? null : problems.whole("Number of tones", tones, 2, 8, "tones", "Leave it empty to keep all tones.");
        Levels levels = blackPoint == null || whitePoint == null ? null : problems.read(() -> new Levels(blackPoint, whitePoint));
        if (!problems.any()) {
            Treatments treatments = piece.design().treatments().having(Levels.class, levels.equals(Levels.NONE) ? null : levels)
                    .having(Simplify.class, values == null ? null : new Simplify(values));
            Design design = piece.design().withSize(size).treated(treatments);
            try {
                pieces.change(piece.seen(version).with(design));
                return "redirect:" + PieceHead.base(piece) + "/source";
            } catch (Outdated outdated) {
                problems.add(outdated.getMessage());
            }
        }
        return page(piece, new Form(piece.version(), width, black, white, tones), problems.words());
    }

    @PostMapping({"/pieces/{id}/source/advice", "/pieces/{id}/veils/{veil}/source/advice"})
    String follow(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @RequestParam int version, @RequestParam int index) {
        Piece piece = pieces.get(id, veil);
        List<Advice> advice = sources.read(piece).advice();
        if (index < 0 || index >= advice.size()) {
            throw new Outdated(piece.title());
        }
        Treatments treatments = piece.design().treatments();
        for (Treatment treatment : advice.get(index).treatments()) {
            treatments = switch (treatment) {
                case Levels l -> treatments.having(Levels.class, l);
                case Simplify n -> treatments.having(Simplify.class, n);
                default -> treatments.plus(treatment);
            };
        }
        pieces.change(piece.seen(version).with(piece.design().treated(treatments)));
        return "redirect:" + PieceHead.base(piece) + "/source";
    }

    @GetMapping({"/pieces/{id}/treated.png", "/pieces/{id}/veils/{veil}/treated.png"})
    ResponseEntity<byte[]> treated(@PathVariable UUID id, @PathVariable(required = false) Integer veil) {
        return PiecesController.png(sources.treatedPng(pieces.get(id, veil)));
    }

    /** What one of the offers would make of it, small; the index one past the last offer is the picture as it is. */
    @GetMapping({"/pieces/{id}/offer/{index}.png", "/pieces/{id}/veils/{veil}/offer/{index}.png"})
    ResponseEntity<byte[]> offered(@PathVariable UUID id, @PathVariable(required = false) Integer veil, @PathVariable int index) {
        return PiecesController.png(sources.offeredPng(pieces.get(id, veil), index));
    }
}
