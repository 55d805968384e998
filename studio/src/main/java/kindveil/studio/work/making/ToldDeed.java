package kindveil.studio.work.making;

import java.time.Instant;
import kindveil.making.Deed;

/**
 * A deed as it was entered.
 *
 * @param told when it was entered, which may be later than it happened
 * @param againstAdvice whether it was done although the bench advised against it
 */
public record ToldDeed(Deed deed, Instant told, boolean againstAdvice) {
}
