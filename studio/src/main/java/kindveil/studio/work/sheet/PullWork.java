package kindveil.studio.work.sheet;

import java.util.List;
import java.util.UUID;
import kindveil.bench.Face;
import kindveil.bench.Step;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Volume;
import kindveil.reading.AmountReading;
import kindveil.reading.PullRow;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Trace;
import org.springframework.stereotype.Service;

/** Pieces pulled from a plate one after the other. */
@Service
public class PullWork {
    public static final int MOST_TUBES = 6;
    /** Bare plate wanted round the image, and paper's own edge within the plate's, mm (assumed). */
    private static final double RIM = 10;
    private static final double WITHIN = 5;
    private final PieceWork pieces;

    PullWork(PieceWork pieces) {
        this.pieces = pieces;
    }

    /** One piece that is pulled. @param films of paint it takes, the first first @param problem of plate and paper, or empty */
    public record Pulled(UUID piece, PullRow.Pull pull, List<Film> films, String problem) {
    }

    /** One film of paint. @param drops of each tube @param becomes how thick it gets of them, µm */
    public record Film(String words, Volume volume, double micrometres, int drops, double becomes) {
        static Film of(String words, Volume volume, double micrometres, int tubes) {
            int drops = (int) Math.max(1, Math.ceil(volume.millilitres() / tubes / Volume.DROP_MILLILITRES - 1e-9));
            return new Film(words, volume, micrometres, drops, micrometres * drops * tubes * Volume.DROP_MILLILITRES / volume.millilitres());
        }
    }

    /** Every piece that is done on a plate, as they were begun. */
    public List<Piece> all() {
        return pieces.all().stream().filter(piece -> piece.veil().bringsPicture() && piece.design().theWay().card().bridges()).toList();
    }

    /** @param tubes each film is dosed from */
    public Pulled pulled(Piece piece, Length plateWide, Length plateTall, int tubes) {
        UnusableValue.requireWithin("tubes", tubes, 1, MOST_TUBES, "tubes", "How many tubes a colour is laid out from.");
        Planned planned = pieces.plan(piece);
        AmountReading amounts = AmountReading.of(planned.trace(), planned.brief().width(), planned.brief().height());
        List<Trace.Moment> rolled = planned.trace().moments().stream().filter(moment -> moment.act().step() instanceof Step.Apply coat && coat.onto().equals(Face.PLATE)).toList();
        List<Film> films = rolled.stream().flatMap(moment -> amounts.forAct(moment.act().id()).stream()
                .map(portion -> Film.of(moment.act().title(), portion.volume(), portion.micrometres(), tubes))).toList();
        Colour image = colour(rolled.getFirst());
        return new Pulled(piece.id(), new PullRow.Pull(piece.title(), image, colour(rolled.getLast())), films, problem(planned, plateWide, plateTall));
    }

    private static Colour colour(Trace.Moment rolled) {
        Colour colour = ((Step.Apply) rolled.act().step()).colour();
        return colour == null ? Colour.grey(0.5) : colour;
    }

    /** Image within plate, paper within plate. */
    private static String problem(Planned planned, Length plateWide, Length plateTall) {
        double w = planned.brief().width().millimetres();
        double h = planned.brief().height().millimetres();
        double pw = plateWide.millimetres();
        double ph = plateTall.millimetres();
        if (w + 2 * RIM > pw || h + 2 * RIM > ph) {
            boolean turned = h + 2 * RIM <= pw && w + 2 * RIM <= ph;
            return turned ? "It fits the plate turned on its side." : "The plate is too small for it: it takes %s by %s mm, with a finger's width of bare plate round it.".formatted(Math.round(w + 2 * RIM), Math.round(h + 2 * RIM));
        }
        return planned.piece().basis().page().filter(page -> page.width().millimetres() > pw - 2 * WITHIN || page.height().millimetres() > ph - 2 * WITHIN)
                .map(page -> "Its page is larger than the plate and tears at the plate's edge: pull it on a sheet of at most %s by %s mm.".formatted(Math.round(pw - 2 * WITHIN), Math.round(ph - 2 * WITHIN))).orElse("");
    }
}
