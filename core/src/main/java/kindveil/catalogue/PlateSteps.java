package kindveil.catalogue;

import java.util.Optional;
import kindveil.bench.Face;
import kindveil.bench.Step.Split;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Stage;
import kindveil.measure.Figures;
import kindveil.measure.Preset;
import kindveil.measure.Provenance;
import kindveil.product.Products;
import kindveil.way.Answer;
import kindveil.way.Brief;
import kindveil.way.Script;
import kindveil.way.TellTale;
import kindveil.way.Wish;

/** What plate ways begin with: image paint rolled thin, the print laid, rubbed and lifted while wet. */
final class PlateSteps {
    /** Of a film a second, ghost print still finds (assumed). */
    private static final double LEFT_ON_THE_PLATE = 0.4;

    static final double LEAST_POSSIBLE = 3;
    static final double MOST_POSSIBLE = 20;
    /** The thickest film that does not bridge a line is a fiftieth of its width; toner's relief asks for so much (assumed). */
    private static final double MICROMETRES_PER_MILLIMETRE = 20;
    private static final double LEAST = 4;
    private static final double MOST = 10;

    /** What is rolled: as usual, but never so thick that it bridges the finest line of the print. */
    static Preset film(double usual, Brief brief) {
        if (brief.printed().finest() == 0) {
            return Preset.assumed(usual, 5, MOST, "µm");
        }
        double thickest = Math.round(10 * Math.clamp(MICROMETRES_PER_MILLIMETRE * brief.printed().finest(), LEAST, MOST)) / 10.0;
        return new Preset(Math.min(usual, thickest), LEAST, thickest, "µm", Provenance.DERIVED);
    }

    /** Lines so fine that no film that takes the relief leaves them open. */
    static Optional<String> closes(Brief brief) {
        double finest = brief.printed().finest();
        double needed = LEAST / MICROMETRES_PER_MILLIMETRE;
        return finest == 0 || finest >= needed ? Optional.empty() : Optional.of("Its finest lines are %s mm: a film thin enough to leave them open is too thin for toner's relief. Draw them %s mm wide, or make the image %s mm wide."
                .formatted(Figures.rounded(finest, 2), Figures.plain(needed), Figures.plain(Math.ceil(brief.width().millimetres() * needed / finest))));
    }

    private PlateSteps() {
    }

    static void lifted(Script script) {
        script.bed("image-paint", Step.coat(Face.PLATE, Products.PLATE_PAINT, script.dial("image-film") * (script.brief().wish() == Wish.GHOSTED ? LEFT_ON_THE_PLATE : 1), Tool.BRAYER).of(script.tint("image")),
                "Roll the image paint", "So thin that the plate shows through. Surplus onto a roll-off sheet.", 1);
        script.act("lay-print", new Step.Join(Face.PRINT_FRONT, Face.PLATE, false), "Lay the print at once", "Face down, in one go.", 0.2);
        script.open("image-paint", "lay-print", Face.PLATE, Stage.PLATE_LIMIT, 1 / 3.0, "Within about 20 seconds: plate paint dries while you look.");
        script.timed("press-print", new Step.Press(Face.PRINT_FRONT, Tool.FINGERS), "Rub it down", "Well under a minute, all over.", script.dial("rub-seconds") / 60);
        script.act("lift", new Step.Part(ThingKind.PRINT, Face.PLATE, Split.LIFT), "Lift it while it is wet", "One corner, slowly. Paint stays where toner was.", 0.3,
                Answer.goOn("The image stands on the plate", "darks full, lights open").telling(TellTale.PLATE, 0),
                Answer.rescue("It is smudged", "Too much paint: wipe the plate, roll thinner, a new print.").telling(TellTale.PLATE, 1),
                Answer.rescue("Nothing stayed", "Too little or already dry, or a weak print: fuller film, quicker, a stronger copy.").telling(TellTale.PLATE, 2));
        script.open("lay-print", "lift", Face.PLATE, Stage.TOUCH_DRY, 2, "Dry paint stays on the print.");
    }
}
