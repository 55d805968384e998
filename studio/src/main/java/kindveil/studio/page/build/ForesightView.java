package kindveil.studio.page.build;

import kindveil.studio.page.piece.LookView;
import java.util.List;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Planned;

/**
 * How much of the drawing drowns, and what would bring it back.
 *
 * @param drowning in per cent; empty where no drawing lies there yet
 * @param means what the figure is of
 */
record ForesightView(String drowning, String means, String across, List<Gain> gains) {
    /** One change and what it brings back, in hundredths of the drawing. */
    record Gain(String words, String figure) {
    }

    private static final ForesightView NONE = new ForesightView("", "", "", List.of());

    static ForesightView of(Planned planned, LookView view, LookWork looks, Say say) {
        return looks.foresight(planned.piece(), view.right(), view.pass()).map(seen -> new ForesightView(say.percent(seen.drowning()), means(view),
                "From across the room it is %s.".formatted(say.percent(seen.drowningAcross())),
                seen.gains().stream().map(gain -> new Gain(gain.words(), "+" + Math.round(gain.share() * 100))).toList())).orElse(NONE);
    }

    public boolean there() {
        return !drowning.isEmpty();
    }

    private static String means(LookView view) {
        return switch (view.right()) {
            case WET -> "of the drawing drowns at arm's length while it is wet. Wet it looks finished; it is not.";
            case DRIED -> view.pass() > 0 ? "of the drawing drowns at arm's length when it dries at this pass. Wet it looks finished; it is not." : "of the drawing drowns at arm's length.";
            case CLEARED, SEALED -> "of the drawing drowns at arm's length when it is done so.";
        };
    }
}
