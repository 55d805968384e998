package kindveil.studio.page.piece;

import java.io.IOException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.Design;
import kindveil.studio.work.LookWork;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.Piece;
import kindveil.studio.work.PieceWork;
import kindveil.studio.work.Planned;
import kindveil.way.Choice;
import kindveil.way.Ground;
import kindveil.way.PrintKind;
import kindveil.way.Support;
import kindveil.way.Wish;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

@Controller
class BuildController {
    static final double START_X = 0.40;
    static final double START_Y = 0.55;
    private static final String CHOICE = "choice.";
    private final PieceWork pieces;
    private final LookWork looks;
    private final Say say;

    BuildController(PieceWork pieces, LookWork looks, Say say) {
        this.pieces = pieces;
        this.looks = looks;
        this.say = say;
    }

    /** How the picture is looked at; held in the address so that it survives a reload. */
    public record View(LookState left, LookState right, int pass, double cut, double x, double y) {
        static View of(Planned planned, String left, String right, Integer pass, Double cut, Double x, Double y) {
            int most = planned.trace().mostPasses();
            int planPass = planned.trace().plannedPasses();
            int shown = pass == null ? planPass : (int) UnusableValue.requireWithin("pass", pass, 1, most, "", "The plan offers no other.");
            return new View(state(left, LookState.WET), state(right, LookState.DRIED), shown, within("cut", cut, 0.47), within("x", x, START_X), within("y", y, START_Y));
        }

        private static double within(String thing, Double value, double start) {
            return value == null ? start : UnusableValue.requireWithin(thing, value, 0, 1, "", "It is a share of the picture.");
        }

        private static LookState state(String name, LookState start) {
            if (name == null) {
                return start;
            }
            return Arrays.stream(LookState.values()).filter(s -> s.name().equalsIgnoreCase(name)).findFirst()
                    .orElseThrow(() -> new UnusableValue("state", name, "wet, dried, cleared or sealed", "Choose one below the picture."));
        }

        public String query(LookState newLeft, LookState newRight, int newPass) {
            return "left=%s&right=%s&pass=%d&cut=%s&x=%s&y=%s".formatted(word(newLeft), word(newRight), newPass, cut, x, y);
        }

        static String word(LookState state) {
            return state.name().toLowerCase(java.util.Locale.ROOT);
        }

        public String query() {
            return query(left, right, pass);
        }
    }

    /** A link that shows one side of the wipe in another state. */
    public record StateLink(String key, String words, String href, boolean shownLeft, boolean shownRight, boolean planned) {
    }

    /** A choice as a word in the sentence. */
    public record Slot(String name, String question, String chosen, List<Option> options) {
    }

    public record Option(String key, String words, String hint) {
    }

    @GetMapping("/pieces/{id}/build")
    ModelAndView build(@PathVariable UUID id, @RequestParam(required = false) String left, @RequestParam(required = false) String right,
            @RequestParam(required = false) Integer pass, @RequestParam(required = false) Double cut, @RequestParam(required = false) Double x, @RequestParam(required = false) Double y) {
        Piece piece = pieces.get(id);
        Planned planned = pieces.plan(piece);
        return page(planned, View.of(planned, left, right, pass, cut, x, y), bedText(piece), piece.design().groundColour().toString(), List.of());
    }

    private static String bedText(Piece piece) {
        Double bed = piece.design().bedMicrometres();
        return bed == null ? "" : kindveil.measure.Figures.plain(bed);
    }

    private ModelAndView page(Planned planned, View view, String bed, String colour, List<String> problems) {
        Piece piece = planned.piece();
        ModelAndView page = new ModelAndView("piece/build");
        page.addObject("head", PieceHead.of(piece, "Build"));
        page.addObject("planned", planned);
        page.addObject("view", view);
        page.addObject("aspect", planned.picture().aspect());
        page.addObject("links", links(piece, planned, view));
        page.addObject("prints", PrintKind.values());
        page.addObject("supports", Support.values());
        page.addObject("grounds", Ground.values());
        page.addObject("wishes", Wish.values());
        page.addObject("slots", slots(planned));
        page.addObject("bed", bed);
        page.addObject("preset", piece.design().theWay().bedThickness(planned.brief()));
        page.addObject("colour", colour);
        page.addObject("problems", problems);
        page.addObject("refusals", planned.trace().refusals());
        page.addObject("size", say.size(planned.brief().width(), planned.brief().height()));
        page.addObject("foresight", looks.foresight(piece, view.right(), view.pass()));
        page.addObject("section", section(piece, view));
        page.addObject("rightWords", words(view.right(), view.pass(), planned));
        page.addObject("leftWords", words(view.left(), view.pass(), planned));
        if (!problems.isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }

    private static String words(LookState state, int pass, Planned planned) {
        return switch (state) {
            case WET -> "wet";
            case DRIED -> "dried after pass " + pass;
            case CLEARED -> LookState.CLEARED.planned(planned.trace()) ? "cleared after pass " + pass : "left as it dried";
            case SEALED -> LookState.SEALED.planned(planned.trace()) ? "sealed" : "not sealed";
        };
    }

    private static List<StateLink> links(Piece piece, Planned planned, View view) {
        return Arrays.stream(LookState.values()).map(state -> new StateLink(View.word(state), state.words(),
                "/pieces/%s/build?%s".formatted(piece.id(), view.query(state == LookState.WET || state.ordinal() < view.right().ordinal() ? state : view.left(),
                        state == LookState.WET ? view.right() : state.ordinal() < view.right().ordinal() ? view.right() : state, view.pass())),
                state == view.left(), state == view.right(), state.planned(planned.trace()))).toList();
    }

    private static List<Slot> slots(Planned planned) {
        Design design = planned.piece().design();
        return design.theWay().choices().stream().map(choice -> slot(choice, design.theWay().chosen(planned.brief(), choice.key()))).toList();
    }

    private static Slot slot(Choice choice, Choice.Option chosen) {
        return new Slot(CHOICE + choice.key(), choice.question(), chosen.key(),
                choice.options().stream().map(o -> new Option(o.key(), o.words(), o.buys() + " · " + o.costs())).toList());
    }

    private SectionView section(Piece piece, View view) {
        return SectionView.of(looks.core(piece, view.right(), view.pass(), view.x(), view.y()), piece, pieces.plan(piece), view.right());
    }

    /** The section alone, as the point moves. */
    @GetMapping("/pieces/{id}/section")
    String sectionAt(@PathVariable UUID id, @RequestParam(required = false) String left, @RequestParam(required = false) String right,
            @RequestParam(required = false) Integer pass, @RequestParam(required = false) Double cut, @RequestParam Double x, @RequestParam Double y, Model model) {
        Piece piece = pieces.get(id);
        Planned planned = pieces.plan(piece);
        model.addAttribute("section", section(piece, View.of(planned, left, right, pass, cut, x, y)));
        return "piece/section :: section";
    }

    @GetMapping("/pieces/{id}/look/{state}.png")
    ResponseEntity<byte[]> look(@PathVariable UUID id, @PathVariable String state, @RequestParam(defaultValue = "2") int pass,
            @RequestParam(defaultValue = "false") boolean small, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id);
        Planned planned = pieces.plan(piece);
        View view = View.of(planned, null, state, pass, null, null, null);
        Map<String, String> other = choices(all);
        return PiecesController.png(looks.png(piece, other, view.right(), view.pass(), small));
    }

    static Map<String, String> choices(Map<String, String> all) {
        Map<String, String> choices = new HashMap<>();
        all.forEach((key, value) -> {
            if (key.startsWith(CHOICE)) {
                choices.put(key.substring(CHOICE.length()), value);
            }
        });
        return choices;
    }

    @PostMapping("/pieces/{id}/build")
    Object change(@PathVariable UUID id, @RequestParam int version, @RequestParam Map<String, String> all) {
        Piece piece = pieces.get(id);
        Problems problems = new Problems();
        Support support = problems.choice(Support.class, "Support", all.get("support"));
        Ground ground = problems.choice(Ground.class, "Ground", all.get("ground"));
        Wish wish = problems.choice(Wish.class, "Wish", all.get("wish"));
        PrintKind print = problems.choice(PrintKind.class, "Print", all.get("print"));
        Colour colour = problems.read(() -> Colour.parse("Ground colour", all.get("colour")));
        String bedText = all.getOrDefault("bed", "").replaceAll("\\s*(µm|um)$", "");
        Double bed = bedText.isBlank() ? null : problems.number("Wet thickness of the bed", bedText, 1, 10_000, "µm", "Leave it empty for the usual.");
        if (!problems.any()) {
            Map<String, String> choices = new HashMap<>(piece.design().choices());
            choices.putAll(choices(all));
            Piece changed = problems.read(() -> {
                Piece wanted = new Piece(id, version, piece.title(), piece.created(), piece.picture(), piece.groundPicture(),
                        piece.design().withBuild(choices, bed, support, ground, colour, wish, print));
                try {
                    return pieces.change(wanted);
                } catch (Outdated outdated) {
                    problems.add(outdated.getMessage());
                    return null;
                }
            });
            if (changed != null) {
                return "redirect:/pieces/" + id + "/build" + kept(all);
            }
        }
        Planned planned = pieces.plan(piece);
        return page(planned, View.of(planned, null, null, null, null, null, null), all.getOrDefault("bed", ""), all.getOrDefault("colour", ""), problems.words());
    }

    /** The way the picture was looked at, kept when the build changes; the pass follows the new plan. */
    private static String kept(Map<String, String> all) {
        String left = all.getOrDefault("left", "wet");
        String right = all.getOrDefault("right", "dried");
        return left.matches("[a-z]{1,10}") && right.matches("[a-z]{1,10}") ? "?left=%s&right=%s".formatted(left, right) : "";
    }

    @PostMapping("/pieces/{id}/ground")
    Object ground(@PathVariable UUID id, @RequestParam int version, @RequestParam(required = false) MultipartFile photo) throws IOException {
        Piece piece = pieces.get(id);
        Problems problems = new Problems();
        byte[] bytes = photo == null ? new byte[0] : photo.getBytes();
        String name = photo == null || photo.getOriginalFilename() == null || photo.getOriginalFilename().isBlank() ? "no file" : photo.getOriginalFilename();
        Piece seen = new Piece(id, version, piece.title(), piece.created(), piece.picture(), piece.groundPicture(), piece.design());
        if (problems.read(() -> pieces.ground(seen, name, bytes)) != null) {
            return "redirect:/pieces/" + id + "/build";
        }
        Planned planned = pieces.plan(piece);
        return page(planned, View.of(planned, null, null, null, null, null, null), bedText(piece), piece.design().groundColour().toString(), problems.words());
    }

    @PostMapping("/pieces/{id}/ground/none")
    String noGround(@PathVariable UUID id, @RequestParam int version) {
        Piece piece = pieces.get(id);
        pieces.change(new Piece(id, version, piece.title(), piece.created(), piece.picture(), null, piece.design()));
        return "redirect:/pieces/" + id + "/build";
    }
}
