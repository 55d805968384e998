package kindveil.studio.page.shelf;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.reading.ColourPairs.Kind;
import kindveil.studio.page.Download;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.look.PairsWork;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.shelf.Paints;
import kindveil.studio.work.sheet.RealWork;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;

/** Colour pairs: the paints on the shelf against each other, for the picture of a piece. */
@Controller
class PairsController {
    private static final String PAPER = "#efece4";
    private static final Map<Kind, List<String>> POTS = Map.of(Kind.PLATE, List.of("image", "pull"), Kind.GLAZE, List.of("glaze"));
    private final Paints paints;
    private final PieceWork pieces;
    private final PairsWork pairs;
    private final RealWork reals;
    private final Say say;

    PairsController(Paints paints, PieceWork pieces, PairsWork pairs, RealWork reals, Say say) {
        this.paints = paints;
        this.pieces = pieces;
        this.pairs = pairs;
        this.reals = reals;
        this.say = say;
    }

    /** What is asked, as it was sent. */
    record Form(String piece, String kind, String paper, boolean sorted, int row, int column) {
        static Form of(Map<String, String> all) {
            return new Form(all.getOrDefault("piece", ""), all.getOrDefault("kind", Kind.PLATE.name()), all.getOrDefault("paper", PAPER), "reads".equals(all.get("order")), whole(all.get("row")), whole(all.get("column")));
        }

        private static int whole(@Nullable String text) {
            return text != null && text.matches("\\d{1,3}") ? Integer.parseInt(text) : 0;
        }

        Form at(int otherRow, int otherColumn) {
            return new Form(piece, kind, paper, sorted, otherRow, otherColumn);
        }

        Form of(Piece one) {
            return new Form(one.id().toString(), kind, paper, sorted, row, column);
        }

        String query() {
            return UriComponentsBuilder.newInstance().queryParam("piece", piece).queryParam("kind", kind).queryParam("paper", "{paper}").queryParam("order", sorted ? "reads" : "shelf").queryParam("row", row).queryParam("column", column)
                    .encode().buildAndExpand(paper).getQuery();
        }
    }

    /** A kind and a paper that can be used, with the piece they are for. */
    private record Ready(Piece piece, PairsWork.Asked asked) {
    }

    @GetMapping("/shelf/pairs")
    ModelAndView pairs(@RequestParam Map<String, String> all) {
        Form form = Form.of(all);
        Problems problems = new Problems();
        Set<UUID> away = pieces.putAway();
        List<Piece> there = pieces.all().stream().filter(piece -> !away.contains(piece.id())).toList();
        List<Paints.Mine> shelf = paints.all();
        Piece first = there.stream().filter(piece -> PairsController.usable(piece, Kind.PLATE)).findFirst().orElse(there.isEmpty() ? null : there.getFirst());
        Form asked = form.piece.isEmpty() && first != null ? form.of(first) : form;
        List<Pick> picks = Pick.of(there, piece -> piece.id().toString(), Piece::title, piece -> "", asked.piece);
        Ready ready = there.isEmpty() ? null : ready(asked, problems);
        if (ready == null || shelf.isEmpty()) {
            return PairsView.nothing(shelf.isEmpty() ? "No paint stands on the shelf yet: put some there, and each will be held against every other." : there.isEmpty() ? "No piece lies on the table yet: its picture is what is shown in each pair." : "", picks, asked, problems.words()).in("shelf/pairs");
        }
        return PairsView.of(ready.piece, picks, shelf, pairs.seen(ready.piece, shelf, ready.asked), asked, usable(ready.piece, ready.asked.kind()), say).in("shelf/pairs");
    }

    @GetMapping("/shelf/pairs.png")
    ResponseEntity<byte[]> picture(@RequestParam Map<String, String> all) {
        Problems problems = new Problems();
        Ready ready = ready(Form.of(all), problems);
        if (ready == null) {
            throw new UnusableValue("pairs", String.join(" ", problems.words()), "a piece, a kind and a paper's colour", "Open the page of pairs again.");
        }
        return Download.picture(PairsWork.png(pairs.seen(ready.piece, paints.all(), ready.asked)));
    }

    private @Nullable Ready ready(Form form, Problems problems) {
        Kind kind = problems.read(() -> Optional.ofNullable(PairsView.kind(form.kind)).orElseThrow(() -> new UnusableValue("How it is done", Words.shown(form.kind, 40), "one of the choices shown", "Choose one of them.")));
        Colour paper = problems.read(() -> Colour.parse("Paper", form.paper));
        UUID id = problems.read(() -> id("Piece", form.piece));
        return kind == null || paper == null || id == null ? null : new Ready(pieces.get(id), new PairsWork.Asked(kind, paper, form.row, form.column, form.sorted));
    }

    private static UUID id(String what, String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException notOne) {
            throw new UnusableValue(what, Words.shown(text, 40), "one of the choices shown", "Choose one of them.");
        }
    }

    /** Whether the way of a piece has the pots for it. */
    private static boolean usable(Piece piece, Kind kind) {
        List<String> has = piece.design().theWay().card().pots().stream().map(pot -> pot.key()).toList();
        return has.containsAll(POTS.get(kind));
    }

    /** Both paints of a pair are put into the pots of the piece. */
    @PostMapping("/shelf/pairs")
    String use(@RequestParam UUID piece, @RequestParam int version, @RequestParam(defaultValue = "") String kind, @RequestParam(defaultValue = "") String pair, @RequestParam(defaultValue = "false") boolean anyway) {
        Piece now = pieces.get(piece);
        Kind of = PairsView.kind(kind);
        String[] two = pair.split(",", -1);
        if (of == null || two.length != 2 || !usable(now, of)) {
            throw new UnusableValue("Pair", Words.shown(kind + " " + pair, 80), "two paints of the shelf, for a way that takes them", "Choose one of those shown.");
        }
        Design design = now.design();
        List<String> pots = POTS.get(of);
        List<Paints.Mine> shelf = paints.all();
        for (int i = 0; i < pots.size(); i++) {
            UUID id = id("Paint", two[i]);
            Paints.Mine paint = shelf.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow(() -> new UnusableValue("Paint", id.toString(), "one of those on the shelf", "Open the page of pairs again."));
            design = design.painted(pots.get(i), paint.id(), paint.colour());
        }
        Piece asked = now.seen(version).with(design);
        reals.requireMeant(now, asked, anyway);
        return "redirect:" + PieceHead.base(pieces.change(asked)) + "/build";
    }
}
