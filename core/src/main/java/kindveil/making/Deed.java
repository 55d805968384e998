package kindveil.making;

import java.time.Instant;
import kindveil.way.ActId;
import org.jspecify.annotations.Nullable;

/**
 * Something the hands did.
 *
 * @param act which act of the plan
 * @param answer which of its answers was given, from 0
 * @param at when it was done, which may be earlier than when it was told
 * @param assumed whether it was only said to have been done, by starting further on
 * @param since when what was taken for it was mixed, or null where nothing was ready: it has stood since then
 */
public record Deed(ActId act, int answer, Instant at, boolean assumed, @Nullable Instant since) {
    public Deed(ActId act, int answer, Instant at, boolean assumed) {
        this(act, answer, at, assumed, null);
    }

    public Deed {
        if (answer < 0) {
            throw new kindveil.measure.UnusableValue("answer", String.valueOf(answer + 1L), "1 or more", "Choose one of the answers shown.");
        }
    }
}
