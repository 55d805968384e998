package kindveil.studio.page.build;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.reading.LookState;
import kindveil.reading.ReliefReading;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.look.ReadsWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;

/**
 * How much of the drawing drowns, each picture of the piece by itself, and what would bring back the one in hand.
 *
 * @param drowning in per cent; empty where no drawing lies there yet
 * @param means what the figure is of
 * @param each picture when all is done, where there are several
 * @param gains what would bring it back, as far as that was looked at
 * @param due how far that came where it is not done yet, or empty
 * @param edges what stands up and where it shows, looked at in raking light
 * @param base address of the veil in hand
 */
record ForesightView(String drowning, String means, String across, List<Each> each, List<Gain> gains, String due, List<Edge> edges, String base, int version) {
    /** How long one request looks for what would bring it back: what is missing then is asked for again. */
    static final Duration AT_A_TIME = Duration.ofMillis(700);

    /** One edge: of what, how high, and where it is seen. */
    record Edge(String words, String figure, String shows) {
    }

    /** One picture by itself. @param under what drowns most of it, or empty */
    record Each(String words, String figure, String under, boolean here) {
    }

    /** One change and what it brings back, in hundredths of the drawing. */
    record Gain(String words, String figure, String key) {
    }

    /** @param most how long what would bring it back is looked for */
    static ForesightView of(Planned planned, LookView view, LookWork looks, ReadsWork reads, Duration most, Say say) {
        Piece piece = planned.piece();
        String base = PieceHead.base(piece);
        List<ReadsWork.Read> all = reads.each(piece);
        List<Each> each = all.size() < 2 ? List.of() : all.stream().map(read -> new Each(named(piece, read.veil()), say.percent(read.drowns()),
                read.under() == 0 ? "" : "most of it under " + named(piece, read.under()), read.veil() == piece.inHand() + 1)).toList();
        ReadsWork.Looked looked = most.isZero() ? reads.looked(piece) : reads.look(piece, most);
        List<Gain> gains = looked.found().stream().map(gain -> new Gain(say.it(gain.words()), "+" + Math.round(gain.share() * 100), gain.change().key())).toList();
        String due = looked.done() ? "" : looked.steps() == 0 ? "What would bring it back is being looked at …" : "What would bring it back: %d of some %d changes looked at …".formatted(looked.steps(), looked.all());
        List<Edge> edges = view.right() == LookState.RAKED ? looks.ridges(piece, view.pass()).stream().map(ridge -> edge(piece, ridge, say)).toList() : List.of();
        return looks.foresight(piece, view.right(), view.pass()).map(seen -> new ForesightView(say.percent(seen.drowning()), means(view),
                "Across the room: %s.".formatted(say.percent(seen.drowningAcross())), each, gains, due, edges, base, piece.version())).orElse(new ForesightView("", "", "", each, gains, due, edges, base, piece.version()));
    }

    private static Edge edge(Piece piece, LookWork.Ridge ridge, Say say) {
        ReliefReading.Edge edge = ridge.edge();
        String of = ReliefReading.words(edge) + (piece.veils().size() > 1 ? " of " + named(piece, edge.part() + 1) : "") + (edge.mask() == null ? "" : ", along the drawing");
        String shows = ridge.ordinary() ? "Seen at arm's length in any light." + (Double.isNaN(ridge.taper()) ? "" : " Tapered over %s it would not be.".formatted(say.one(Length.ofMillimetres(ridge.taper()))))
                : ridge.raking() ? "Seen at arm's length in raking light, not in an ordinary room." : "Not seen at arm's length.";
        return new Edge(of, edge.micrometres() < 1000 ? say.film(edge.micrometres()) : say.one(Length.ofMillimetres(edge.micrometres() / 1000)), shows);
    }

    private static String named(Piece piece, int veil) {
        return "%d, %s".formatted(veil, piece.veils().get(veil - 1).design().theWay().name().toLowerCase(Locale.ROOT));
    }

    public boolean there() {
        return !drowning.isEmpty();
    }

    private static String means(LookView view) {
        return switch (view.right()) {
            case WET -> "of the drawing drowns at arm's length while it is wet. Wet it looks finished; it is not.";
            case DRIED -> view.pass() > 0 ? "of the drawing drowns at arm's length when it dries at this pass." : "of the drawing drowns at arm's length.";
            case LAID -> "of the drawing drowns at arm's length while it is milky. It clears as it dries.";
            case DRYING -> "of the drawing drowns at arm's length when it is dry to the touch. It goes on clearing.";
            case CLEARED, SEALED, RAKED -> "of the drawing drowns at arm's length when it is done so.";
        };
    }
}
