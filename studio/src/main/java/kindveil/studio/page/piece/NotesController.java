package kindveil.studio.page.piece;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import kindveil.making.Departure;
import kindveil.reading.LookState;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.LogEntry;
import kindveil.studio.work.LogWork;
import kindveil.studio.work.MakeWork;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import kindveil.studio.work.Planned;
import kindveil.studio.work.Run;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

@Controller
class NotesController {
    private final PieceWork pieces;
    private final MakeWork makings;
    private final LogWork log;
    private final Say say;

    NotesController(PieceWork pieces, MakeWork makings, LogWork log, Say say) {
        this.pieces = pieces;
        this.makings = makings;
        this.log = log;
        this.say = say;
    }

    /** What was typed. */
    public record Form(String verdict, String came, String different, String printedBy) {
    }

    /** One entry as it is shown. */
    public record Note(String date, String verdict, String wish, String came, String different, String printedBy, String predicted, UUID photo) {
        static Note of(LogEntry entry, int version, Say say) {
            String predicted = "/pieces/%s/look/%s.png?pass=%d&v=%d&small=true".formatted(entry.piece(), BuildController.View.word(entry.state()), entry.pass(), version);
            return new Note(say.date(entry.written()), entry.verdict().words(), entry.wish().words(), entry.came(), entry.different(), entry.printedBy(), predicted, entry.photo());
        }
    }

    @GetMapping("/pieces/{id}/notes")
    ModelAndView notes(@PathVariable UUID id) {
        Piece piece = pieces.get(id);
        return page(piece, new Form("", "", departures(piece), ""), List.of());
    }

    /** What the last making did otherwise than planned, as a start for the artist's own words. */
    private String departures(Piece piece) {
        return makings.ofPiece(piece.id()).stream().findFirst().map(Run::making).map(making -> String.join("\n",
                Departure.of(making).stream().map(d -> d.act() + ": " + d.words()).toList())).orElse("");
    }

    private ModelAndView page(Piece piece, Form form, List<String> problems) {
        Planned planned = pieces.plan(piece);
        ModelAndView page = new ModelAndView("piece/notes");
        page.addObject("head", PieceHead.of(piece, "Notes"));
        page.addObject("planned", planned);
        page.addObject("aspect", planned.picture().aspect());
        page.addObject("form", form);
        page.addObject("verdicts", LogEntry.Verdict.values());
        page.addObject("predicted", "/pieces/%s/look/%s.png?pass=%d&v=%d&small=true".formatted(piece.id(), BuildController.View.word(finished(planned)), planned.trace().plannedPasses(), piece.version()));
        page.addObject("notes", log.ofPiece(piece.id()).stream().map(entry -> Note.of(entry, piece.version(), say)).toList());
        page.addObject("once", UUID.randomUUID());
        page.addObject("printers", log.printers());
        page.addObject("problems", problems);
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    static LookState finished(Planned planned) {
        return LookState.SEALED.planned(planned.trace()) ? LookState.SEALED : LookState.CLEARED;
    }

    @PostMapping("/pieces/{id}/notes")
    Object write(@PathVariable UUID id, @RequestParam(defaultValue = "") String verdict, @RequestParam(defaultValue = "") String came,
            @RequestParam(defaultValue = "") String different, @RequestParam(defaultValue = "") String printedBy, @RequestParam UUID once,
            @RequestParam(required = false) MultipartFile photo) throws IOException {
        Piece piece = pieces.get(id);
        Problems problems = new Problems();
        LogEntry.Verdict judged = problems.choice(LogEntry.Verdict.class, "Verdict", verdict);
        problems.read(() -> LogWork.requireShort("What came", came, 2000));
        problems.read(() -> LogWork.requireShort("What was different", different, 2000));
        problems.read(() -> LogWork.requireShort("Who printed the copy", printedBy, 120));
        boolean pictured = photo != null && !photo.isEmpty();
        byte[] bytes = pictured ? photo.getBytes() : null;
        String name = pictured && photo.getOriginalFilename() != null ? photo.getOriginalFilename() : "photograph";
        if (pictured) {
            problems.read(() -> kindveil.studio.intake.PictureIntake.read(name, bytes));
        }
        if (problems.any()) {
            return page(piece, new Form(verdict, came, different, printedBy), problems.words());
        }
        Planned planned = pieces.plan(piece);
        UUID run = makings.ofPiece(id).stream().findFirst().map(Run::id).orElse(null);
        log.write(new LogWork.Entry(once, piece, run, judged, came, different, printedBy, finished(planned), planned.trace().plannedPasses()), name, bytes);
        return "redirect:/pieces/" + id + "/notes";
    }
}
