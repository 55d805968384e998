package kindveil.studio.page.make;

import kindveil.studio.page.piece.PieceHead;
import java.util.List;
import java.util.UUID;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Upload;
import kindveil.studio.page.Say;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.making.StoredMaking;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

@Controller
class NotesController {
    private static final int LONGEST = 2000;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final LogWork log;
    private final LookWork looks;
    private final Say say;

    NotesController(PieceWork pieces, MakeWork makings, LogWork log, LookWork looks, Say say) {
        this.pieces = pieces;
        this.makings = makings;
        this.log = log;
        this.looks = looks;
        this.say = say;
    }

    @GetMapping({"/pieces/{id}/notes", "/pieces/{id}/veils/{veil}/notes"})
    ModelAndView notes(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(required = false) @Nullable UUID again,
            @RequestParam(required = false) @Nullable UUID making) {
        Piece piece = pieces.get(id, veil);
        if (again == null) {
            return page(piece, making, NotesView.Form.begun(departures(piece, making)), null, List.of());
        }
        LogEntry entry = log.get(again);
        return page(piece, entry.making(), NotesView.Form.of(entry), NotesView.Again.of(entry), List.of());
    }

    /** Strikes an entry out, or counts it again. */
    @PostMapping({"/pieces/{id}/notes/{entry}/strike", "/pieces/{id}/veils/{veil}/notes/{entry}/strike"})
    String strike(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @PathVariable UUID entry, @RequestParam int revision, @RequestParam boolean out) {
        log.strike(entry, revision, out);
        return "redirect:" + PieceHead.base(pieces.get(id, veil)) + "/notes";
    }

    /** Takes the whole piece away. */
    @PostMapping("/pieces/{id}/delete")
    Object delete(@PathVariable UUID id, @RequestParam(defaultValue = "") String title) {
        Problems problems = new Problems();
        if (Boolean.TRUE.equals(problems.read(() -> {
            pieces.remove(id, title);
            return true;
        }))) {
            return "redirect:/pieces";
        }
        Piece piece = pieces.get(id);
        return page(piece, null, NotesView.Form.begun(departures(piece, null)), null, problems.words());
    }

    /** What a making did otherwise than planned, as a start for the artist's own words. */
    private String departures(Piece piece, @Nullable UUID making) {
        return log.making(piece, making).map(stored -> stored.otherwise(LONGEST)).orElse("");
    }

    private ModelAndView page(Piece piece, @Nullable UUID making, NotesView.Form form, NotesView.@Nullable Again again, List<String> problems) {
        List<NotesView.Note> notes = log.ofPiece(piece.id()).stream().map(entry -> NotesView.Note.of(entry, entry.revision() == 0 ? List.of() : log.history(entry.id()), say)).toList();
        return NotesView.of(piece, looks.aspect(piece), of(piece, making), form, again, makings.ofPiece(piece.id()).size(), log.printers(), notes, problems).in("piece/notes");
    }

    /** Which pull is written of, where there are several to choose from. */
    private List<Pick> of(Piece piece, @Nullable UUID chosen) {
        StoredMaking about = log.making(piece, chosen).orElse(null);
        return about == null || about.pull() == null ? List.of() : makings.begun(piece.id()).stream().map(mate -> new Pick(mate.id().toString(), mate.called(piece.title()), "", mate.id().equals(about.id()))).toList();
    }

    private static LogEntry.Findings findings(Problems problems, String tack, String fibre, String stretch, String byProducts, String cause) {
        LogEntry.Cause blamed = cause.isEmpty() ? null : problems.choice(LogEntry.Cause.class, "Put down to", cause);
        LogEntry.Tack felt = tack.isEmpty() ? null : problems.choice(LogEntry.Tack.class, "Tack", tack);
        LogEntry.Fibre left = fibre.isEmpty() ? null : problems.choice(LogEntry.Fibre.class, "Leftover fibre", fibre);
        double most = LogEntry.Findings.MOST_STRETCH;
        Double grew = stretch.isBlank() ? null : problems.number("Stretch", stretch, -most, most, "%", "Measure between two register marks; leave it empty if you did not.");
        return new LogEntry.Findings(felt, left, grew, byProducts.strip(), blamed);
    }

    /** A result becomes the source of a new piece. */
    @PostMapping("/log/{entry}/piece")
    String onward(@PathVariable UUID entry) {
        LogEntry came = log.get(entry);
        if (came.photo() == null) {
            throw new kindveil.measure.UnusableValue("result", "no photograph", "an entry with a photograph", "Photograph the result and write it down first.");
        }
        Piece from = pieces.get(came.piece());
        String title = "After " + from.title();
        Piece piece = pieces.begin(title.length() > 120 ? title.substring(0, 120) : title, from.leading().design().printWidth(), came.photo());
        return "redirect:" + PieceHead.base(piece) + "/source";
    }

    @PostMapping({"/pieces/{id}/notes", "/pieces/{id}/veils/{veil}/notes"})
    Object write(@PathVariable UUID id, @PathVariable(required = false) @Nullable Integer veil, @RequestParam(defaultValue = "") String verdict, @RequestParam(defaultValue = "") String came,
            @RequestParam(defaultValue = "") String different, @RequestParam(defaultValue = "") String printedBy, @RequestParam(defaultValue = "") String tack,
            @RequestParam(defaultValue = "") String fibre, @RequestParam(defaultValue = "") String stretch, @RequestParam(defaultValue = "") String byProducts,
            @RequestParam(defaultValue = "") String cause, @RequestParam UUID once, @RequestParam(required = false) @Nullable UUID making, @RequestParam(required = false) @Nullable UUID entry,
            @RequestParam(defaultValue = "0") int revision, @RequestParam(required = false) @Nullable MultipartFile photo) {
        Piece piece = pieces.get(id, veil);
        Problems problems = new Problems();
        LogEntry.Verdict judged = problems.choice(LogEntry.Verdict.class, "Verdict", verdict);
        problems.read(() -> LogWork.requireShort("What came", came, LONGEST));
        problems.read(() -> LogWork.requireShort("What was different", different, LONGEST));
        problems.read(() -> LogWork.requireShort("Who printed the copy", printedBy, 120));
        problems.read(() -> LogWork.requireShort("What else came of it", byProducts, 500));
        LogEntry.Findings findings = findings(problems, tack, fibre, stretch, byProducts, cause);
        Upload sent = Upload.of(photo, "photograph");
        String name = sent.name();
        byte[] bytes = sent.came() ? problems.read(sent::bytes) : null;
        if (bytes != null) {
            problems.read(() -> kindveil.studio.intake.PictureIntake.read(name, bytes));
        }
        if (problems.any()) {
            return page(piece, making, new NotesView.Form(verdict, came, different, printedBy, tack, fibre, stretch, byProducts, cause),
                    entry == null ? null : NotesView.Again.of(log.get(entry)).seen(revision), problems.words());
        }
        LogWork.Said said = new LogWork.Said(judged, came, different, findings);
        if (entry != null) {
            log.correct(entry, revision, said, printedBy, name, bytes);
            return "redirect:" + PieceHead.base(piece) + "/notes";
        }
        log.write(new LogWork.Entry(once, piece, making, said, printedBy), name, bytes);
        return "redirect:" + PieceHead.base(piece) + "/notes";
    }
}
