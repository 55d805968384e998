package kindveil.studio.page.piece;

import kindveil.studio.work.Kept;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.log.LogWork;
import java.util.Map;
import java.util.Set;
import kindveil.studio.work.piece.Image;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.making.Clock;
import kindveil.measure.Length;
import kindveil.studio.intake.PlanFile;
import kindveil.studio.intake.StandIn;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.Upload;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.stock.Prints;
import kindveil.studio.work.picture.PictureWork;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

@Controller
class PiecesController {
    private static final int MOST_SOUGHT = 200;
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final MakeWork makings;
    private final Prints prints;
    private final Say say;

    PiecesController(PieceWork pieces, PictureWork pictures, MakeWork makings, Prints prints, Say say) {
        this.prints = prints;
        this.pieces = pieces;
        this.pictures = pictures;
        this.makings = makings;
        this.say = say;
    }

    /** @param q words to look for @param standing of those looked for @param order they lie in; what is not known asks for nothing */
    @GetMapping("/pieces")
    ModelAndView all(@RequestParam(defaultValue = "") String q, @RequestParam(defaultValue = "") String standing, @RequestParam(defaultValue = "") String order) {
        return page(Find.of(LogWork.requireShort("Looked for", q, MOST_SOUGHT), standing, order), new PiecesView.Form(UUID.randomUUID(), "", say.usual(120, 5)), List.of());
    }

    private ModelAndView page(PiecesView.Form form, List<String> problems) {
        return page(Find.of("", "", ""), form, problems);
    }

    private ModelAndView page(Find find, PiecesView.Form form, List<String> problems) {
        Kept<Piece> kept = pieces.kept();
        boolean pulls = kept.read().stream().anyMatch(piece -> piece.design().theWay().card().bridges());
        Set<UUID> putAway = pieces.putAway();
        return new PiecesView(rows(find.among(kept.read(), makings.newest(), drying(), putAway)), PiecesView.Asked.of(find, kept.read().size(), putAway.size()), PiecesView.stock(prints.kept()), PiecesView.Away.of(pieces.takenAway(), say),
                kept.sentences(), form, pulls, problems).in("piece/pieces");
    }

    /** Pieces whose act at hand waits for something to dry. */
    private Set<UUID> drying() {
        return makings.active().stream().filter(making -> making.making().clock().filter(clock -> clock.phase(say.now()) == Clock.Phase.TOO_SOON).isPresent()).map(StoredMaking::piece).collect(Collectors.toSet());
    }

    /** However many there are, their pictures are asked for in one go. */
    private List<PiecesView.Row> rows(List<Find.Found> found) {
        Map<UUID, StoredPicture> leading = pictures.all(found.stream().map(one -> one.piece().leading().source()).distinct().toList());
        return found.stream().filter(one -> leading.containsKey(one.piece().leading().source()))
                .map(one -> PiecesView.Row.of(one, leading.get(one.piece().leading().source()).shape(one.piece().leading().design().treatments()), say)).toList();
    }

    /** Pieces from pictures and plan files: one, titled as it is told, or several at once, titled by their files. */
    @PostMapping("/pieces")
    Object begin(@RequestParam(required = false) @Nullable UUID sent, @RequestParam(defaultValue = "") String title, @RequestParam(defaultValue = "") String width,
            @RequestParam(required = false) @Nullable List<MultipartFile> picture, @RequestParam(required = false) @Nullable List<MultipartFile> plan,
            @RequestParam(defaultValue = "") String blank, @RequestParam(defaultValue = "") String height) {
        UUID once = sent == null ? UUID.randomUUID() : sent;
        List<Upload> pictures = Upload.chosen(picture);
        List<Upload> plans = Upload.chosen(plan);
        if (plans.size() > 1 || plans.isEmpty() && pictures.size() > 1) {
            return several(once, width, pictures, plans);
        }
        if (!blank.isEmpty() && pictures.isEmpty() && plans.isEmpty()) {
            return unpictured(once, title, width, height);
        }
        Upload first = pictures.isEmpty() ? Upload.NOTHING : pictures.getFirst();
        if (!plans.isEmpty()) {
            return asPlanned(once, title, width, first, plans.getFirst());
        }
        Problems problems = new Problems();
        String name = problems.read(() -> PieceWork.title(title));
        Length size = problems.read(() -> Length.parseSize("Print width", width, Image.NARROWEST, Image.WIDEST));
        if (!problems.any()) {
            Piece piece = problems.read(() -> pieces.begin(once, name, size, first.name(), first.bytes()));
            if (piece != null) {
                return "redirect:/pieces/" + piece.id() + "/source";
            }
        } else {
            problems.read(() -> kindveil.studio.intake.PictureIntake.read(first.name(), first.bytes()));
        }
        return page(new PiecesView.Form(once, title, width), problems.words());
    }

    /** Of a print of which there is no picture: its shape stands for it. */
    private Object unpictured(UUID once, String title, String width, String height) {
        Problems problems = new Problems();
        String name = problems.read(() -> PieceWork.title(title));
        Length wide = problems.read(() -> Length.parseSize("Print width", width, Image.NARROWEST, Image.WIDEST));
        Length tall = problems.read(() -> Length.parseSize("Its height", height, Image.NARROWEST, Image.WIDEST));
        Piece piece = problems.any() ? null : problems.read(() -> pieces.begin(once, name, wide, "no-picture.png", StandIn.png(wide, tall)));
        return piece == null ? page(new PiecesView.Form(once, title, width), problems.words()) : "redirect:" + PieceHead.base(piece) + "/print";
    }

    /** Each for itself: what one lacks takes none of the others with it, and is said of it by name. A plan goes with the picture that was chosen in its place, and shares the last. */
    private Object several(UUID once, String width, List<Upload> pictures, List<Upload> plans) {
        Problems problems = new Problems();
        Length size = plans.isEmpty() ? problems.read(() -> Length.parseSize("Print width", width, Image.NARROWEST, Image.WIDEST)) : null;
        for (int i = 0; i < Math.max(pictures.size(), plans.size()) && (size != null || !plans.isEmpty()); i++) {
            Upload picture = pictures.isEmpty() ? Upload.NOTHING : pictures.get(Math.min(i, pictures.size() - 1));
            Upload plan = plans.isEmpty() ? null : plans.get(Math.min(i, plans.size() - 1));
            Upload named = plan == null ? picture : plan;
            UUID own = UUID.nameUUIDFromBytes((once + " " + i + " " + named.name()).getBytes(StandardCharsets.UTF_8));
            Problems ownProblems = new Problems();
            try {
                PlanFile file = plan == null ? null : PlanFile.read(plan.bytes());
                ownProblems.read(() -> file == null ? pieces.begin(own, PieceWork.titled(picture.name()), size, picture.name(), picture.bytes()) : pieces.begin(own, "", file, picture.name(), picture.bytes()));
            } catch (PlanFile.Unreadable unreadable) {
                unreadable.problems().forEach(ownProblems::add);
            }
            ownProblems.words().forEach(problem -> problems.add("%s: %s".formatted(named.name(), problem)));
        }
        return problems.any() ? page(new PiecesView.Form(once, "", width), problems.words()) : "redirect:/pieces";
    }

    /** A new piece from a plan file; its size is the plan's. */
    private Object asPlanned(UUID once, String title, String width, Upload picture, Upload plan) {
        Problems problems = new Problems();
        try {
            PlanFile file = PlanFile.read(plan.bytes());
            Piece piece = problems.read(() -> pieces.begin(once, title, file, picture.name(), picture.bytes()));
            if (piece != null) {
                return "redirect:" + PieceHead.base(piece) + "/build";
            }
        } catch (PlanFile.Unreadable unreadable) {
            unreadable.problems().forEach(problems::add);
        }
        return page(new PiecesView.Form(once, title, width), problems.words());
    }

    @GetMapping("/pieces/{id}/plan.json")
    ResponseEntity<String> plan(@PathVariable UUID id) {
        Piece piece = pieces.get(id);
        return Download.of(Download.named(piece.title(), "plan") + ".plan.json", MediaType.APPLICATION_JSON).body(pieces.planFile(piece));
    }

    @GetMapping("/pieces/{id}")
    String one(@PathVariable UUID id) {
        pieces.get(id);
        return "redirect:/pieces/" + id + "/build";
    }

    @GetMapping("/pictures/{id}.png")
    ResponseEntity<byte[]> picture(@PathVariable UUID id) {
        return Download.picture(pictures.previewPng(id));
    }
}
