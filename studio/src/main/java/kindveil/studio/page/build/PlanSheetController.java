package kindveil.studio.page.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.light.Colour;
import kindveil.measure.Span;
import kindveil.measure.Words;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.LookState;
import kindveil.reading.TimeReading;
import kindveil.sheet.Paper;
import kindveil.studio.intake.PlanSheetPdf;
import kindveil.studio.intake.PlanSheetPdf.Act;
import kindveil.studio.intake.PlanSheetPdf.Layer;
import kindveil.studio.intake.PlanSheetPdf.Part;
import kindveil.studio.intake.Rasters;
import kindveil.studio.page.Download;
import kindveil.studio.page.Knot;
import kindveil.studio.page.PrintNotes;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The plan on one page, to hang on the studio's wall. */
@Controller
class PlanSheetController {
    private static final Colour PATTERNED = Colour.grey(0.8);
    private final PieceWork pieces;
    private final LookWork looks;
    private final Say say;

    PlanSheetController(PieceWork pieces, LookWork looks, Say say) {
        this.pieces = pieces;
        this.looks = looks;
        this.say = say;
    }

    @GetMapping("/pieces/{id}/plan.pdf")
    ResponseEntity<byte[]> sheet(@PathVariable UUID id) {
        Piece stored = pieces.get(id);
        Piece piece = stored.at(stored.veils().size());
        Planned planned = pieces.plan(piece);
        byte[] pdf = PlanSheetPdf.write(sheet(planned), Paper.usual(say.measure()));
        return Download.of(Download.named(piece.title(), "plan") + "-plan.pdf", MediaType.APPLICATION_PDF).body(pdf);
    }

    private PlanSheetPdf.Sheet sheet(Planned planned) {
        Piece piece = planned.piece();
        TimeReading times = planned.times();
        LookView view = LookView.Asked.NOTHING.of(planned);
        SectionView section = SectionView.of(planned, view, Doors.of(piece, BuildForm.of(planned, say.measure()), view, null), looks, say);
        byte[] look = looks.png(piece, Map.of(), LookState.finished(planned.whole()), planned.whole().plannedPasses(), false);
        List<String> ways = piece.veils().stream().map(veil -> veil.design().theWay().name()).toList();
        String said = "%s, on %s. %s from start to end at %s, if every wait is the safe one; hands busy for %s.".formatted(String.join(", then ", ways), piece.base().support().words(), Knot.elapsed(times), say.air(), Span.words(times.handsOn()));
        return new PlanSheetPdf.Sheet(piece.title(), said, Rasters.decode(look), "The section, " + section.place(), section.layers().stream().map(layer -> new Layer(layer.name(), layer.detail(), colour(layer))).toList(), parts(planned), acts(planned, times), CautionReading.DEFERENCE);
    }

    private static Colour colour(SectionView.Drawn layer) {
        return layer.fill().matches("#[0-9a-fA-F]{6}") ? Colour.parse("layer", layer.fill()) : PATTERNED;
    }

    private List<Part> parts(Planned planned) {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part("What it takes", planned.needs().entrySet().stream().map(need -> "%s: %s".formatted(Words.capital(need.getKey().words()), say.both(need.getValue()))).toList()));
        for (int i = 1; i <= planned.piece().veils().size(); i++) {
            Planned veil = pieces.plan(planned.piece().at(i));
            if (veil.piece().veil().bringsPicture()) {
                parts.add(new Part("How it is printed" + (planned.piece().veils().size() == 1 ? "" : ", " + i), Stream.concat(Stream.of(veil.mirrored() ? "Mirrored: the file is turned already." : "As it reads, unmirrored."), PrintNotes.of(veil, say).stream()).toList()));
            }
        }
        parts.add(new Part("Take care", CautionReading.of(planned.whole()).keySet().stream().map(say::it).toList()));
        return parts;
    }

    private List<Act> acts(Planned planned, TimeReading times) {
        List<AmountReading> amounts = planned.amounts();
        return times.entries().stream().map(entry -> {
            Knot knot = Knot.of(entry, Knot.amount(amounts.get(entry.act().id().part()), entry.act().id(), say), say);
            return new Act(knot.clock(), knot.title(), knot.amount(), knot.pause(), knot.closes());
        }).toList();
    }
}
