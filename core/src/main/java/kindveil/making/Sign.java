package kindveil.making;

import java.time.Instant;
import kindveil.measure.UnusableValue;
import kindveil.way.ActId;
import kindveil.way.TellTale;

/**
 * What was seen or felt of a coat while an act was at hand.
 *
 * @param act which was at hand
 * @param reply which of the tell-tale's replies, from 0
 * @param at when
 */
public record Sign(ActId act, TellTale tale, int reply, Instant at) {
    public Sign {
        UnusableValue.requireWithin("Reply", reply + 1.0, 1, tale.replies().size(), "", "Choose one of those it has.");
    }
}
