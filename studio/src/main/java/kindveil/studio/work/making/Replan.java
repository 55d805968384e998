package kindveil.studio.work.making;

import java.time.Instant;
import kindveil.making.Begun;

/**
 * A plan changed while it is made.
 *
 * @param after how many deeds had been told
 * @param words what was changed
 * @param plan all of it, as it is from then on
 */
public record Replan(int after, Instant at, String words, Begun plan) {
    public static final int LONGEST = 400;

    public Replan {
        words = words.length() > LONGEST ? words.substring(0, LONGEST) : words;
    }
}
