package kindveil.making;

import java.time.Instant;

/**
 * Something the hands did.
 *
 * @param act key of the act
 * @param answer which of its answers was given, from 0
 * @param at when it was done, which may be earlier than when it was told
 * @param assumed whether it was only said to have been done, by starting further on
 */
public record Deed(String act, int answer, Instant at, boolean assumed) {
    public Deed {
        if (answer < 0) {
            throw new IllegalArgumentException("Impossible state: answer %d.".formatted(answer));
        }
    }
}
