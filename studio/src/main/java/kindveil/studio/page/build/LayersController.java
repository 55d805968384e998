package kindveil.studio.page.build;

import java.util.List;
import java.util.UUID;
import kindveil.measure.NumberText;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.reading.LookState;
import kindveil.studio.page.Download;
import kindveil.studio.work.look.LayersWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Trace;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Pictures of a piece to be taken away. */
@Controller
class LayersController {
    private static final MediaType OPEN_RASTER = MediaType.parseMediaType("image/openraster");
    private final PieceWork pieces;
    private final LayersWork layers;

    LayersController(PieceWork pieces, LayersWork layers) {
        this.pieces = pieces;
        this.layers = layers;
    }

    /** Ground and veils, each a layer. */
    @GetMapping("/pieces/{id}/layers.ora")
    ResponseEntity<byte[]> layers(@PathVariable UUID id) {
        Piece piece = pieces.get(id);
        return Download.of(Download.named(piece.title(), "piece") + ".ora", OPEN_RASTER).body(layers.layered(piece));
    }

    /** All of it in one state. @param state its name, empty when all is done @param longest side in pixels */
    @GetMapping("/pieces/{id}/picture.png")
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @RequestParam(defaultValue = "") String state, @RequestParam(defaultValue = "1600") String longest) {
        Piece stored = pieces.get(id);
        Piece piece = stored.at(stored.veils().size());
        LookState of = state(state, pieces.plan(piece).whole());
        int side = (int) UnusableValue.requireWithin("Longest side", NumberText.parse("Longest side", longest, "pixels").value(), LayersWork.LEAST, LayersWork.MOST, "pixels", "1600 fills a screen.");
        return Download.of(Download.named(piece.title(), "piece") + "-" + Words.token(of) + ".png", MediaType.IMAGE_PNG).body(layers.picture(piece, of, side));
    }

    private static LookState state(String name, Trace whole) {
        List<LookState> all = LookState.of(whole);
        return name.isEmpty() ? LookState.finished(whole) : all.stream().filter(one -> one.name().equals(name)).findFirst()
                .orElseThrow(() -> new UnusableValue("state", Words.shown(name, 40), "one of " + all.stream().map(LookState::name).toList(), "Choose one of them."));
    }
}
