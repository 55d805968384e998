package kindveil.studio.work.sheet;

import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.source.SourceWork;
import java.awt.image.BufferedImage;
import java.util.List;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.ThingKind;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.reading.HandReading;
import kindveil.sheet.CurvedForm;
import kindveil.sheet.Paper;
import kindveil.sheet.PrintSheet;
import kindveil.sheet.ProofStrip;
import kindveil.studio.intake.FormTemplate;
import kindveil.studio.intake.ProofPdf;
import kindveil.studio.intake.Rasters;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.springframework.stereotype.Service;

/** Things printed beside the images: proof strips, templates for curved forms. */
@Service
public class TargetWork {
    private static final int PALE_PIXELS = 900;
    private static final float PALE = 0.72f;
    private static final int STRIPS = 3;
    private final SourceWork sources;
    private final Rooms rooms;

    TargetWork(SourceWork sources, Rooms rooms) {
        this.sources = sources;
        this.rooms = rooms;
    }

    /** Three strips for a way and a print source, turned as that way needs its print. */
    public byte[] proof(Way way, PrintKind print, String printedBy, Paper paper) {
        boolean mirrored = mirrored(way, print);
        String title = way.name() + " · " + print.words() + (printedBy.isBlank() ? "" : " · " + printedBy.strip());
        PrintSheet sheet = PrintSheet.of(paper, ProofStrip.WIDTH, ProofStrip.HEIGHT, STRIPS);
        return ProofPdf.write(sheet, title, mirrored, title + (mirrored ? " · mirrored in the file already" : ""),
                print.printing() + " " + PrintWork.mirrorSetting(mirrored ? 1 : 0, 1) + " Transfer one as you would an image, note what can still be told apart, keep one beside it.");
    }

    private boolean mirrored(Way way, PrintKind print) {
        Brief brief = way.checked(Brief.usual(way, ProofStrip.WIDTH, ProofStrip.HEIGHT, rooms.now().air()).with(print));
        return HandReading.of(Trace.of(way.expand(brief))).map(hand -> hand.printFor(Hand.READS_RIGHT) == Hand.MIRRORED).orElse(false);
    }

    /** What a piece's image is carried by when it meets a form: tape, or else a skin. */
    public static boolean onTape(Planned planned) {
        return planned.trace().moments().stream().anyMatch(moment -> moment.before().thing(ThingKind.TAPE).isPresent());
    }

    /** Outline and cuts over a pale image, on the smallest paper that holds it. */
    public byte[] template(Planned planned, CurvedForm form, boolean round, double bears) {
        Length width = planned.brief().width();
        Length height = planned.brief().height();
        PrintSheet sheet = fitting(width, height);
        Plane printed = sources.printed(planned.piece(), PALE_PIXELS);
        Plane pale = (planned.mirrored() ? printed.mirrored() : printed).map(v -> PALE + (1 - PALE) * v);
        BufferedImage image = Rasters.greys(pale);
        CurvedForm.Patch patch = new CurvedForm.Patch(width, height, round);
        List<CurvedForm.Cut> cuts = form.cuts(patch, bears);
        return FormTemplate.pdf(sheet, image, form.outline(patch), cuts, "%s, template for %s of %s".formatted(planned.piece().title(), form.kind().words(), form.around().print(UnitSystem.METRIC)),
                "Print at 100 %, no fit-to-page. Lay it over the piece and cut along the lines, from the edge inwards.");
    }

    private static PrintSheet fitting(Length width, Length height) {
        try {
            return PrintSheet.of(Paper.A4, width, height, 1);
        } catch (kindveil.measure.UnusableValue larger) {
            return PrintSheet.of(Paper.A3, width, height, 1);
        }
    }
}
