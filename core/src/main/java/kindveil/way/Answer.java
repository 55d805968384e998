package kindveil.way;

import org.jspecify.annotations.Nullable;

/**
 * One answer to the check at the end of an act.
 *
 * @param words what the artist sees
 * @param meaning what it means, or what to do about it
 * @param effect where it leads
 * @param tells what it is evidence of, or null where it tells nothing that can be reckoned with
 */
public record Answer(String words, String meaning, Effect effect, @Nullable Tells tells) {
    /** What a reply to a tell-tale would have told. */
    public record Tells(TellTale tale, int reply) {
    }

    public Answer telling(TellTale tale, int reply) {
        return new Answer(words, meaning, effect, new Tells(tale, reply));
    }

    /** Where an answer leads. */
    public sealed interface Effect {
        /** On to the next act. */
        record GoOn() implements Effect {
        }

        /** Past everything up to an act. */
        record SkipTo(ActId act) implements Effect {
        }

        /** The act stays open; the rescue is shown. */
        record Rescue() implements Effect {
        }
    }

    public static Answer goOn(String words, String meaning) {
        return new Answer(words, meaning, new Effect.GoOn(), null);
    }

    public static Answer skipTo(ActId act, String words, String meaning) {
        return new Answer(words, meaning, new Effect.SkipTo(act), null);
    }

    public static Answer rescue(String words, String meaning) {
        return new Answer(words, meaning, new Effect.Rescue(), null);
    }
}
