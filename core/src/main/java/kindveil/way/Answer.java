package kindveil.way;

/**
 * One answer to the check at the end of an act.
 *
 * @param words what the artist sees
 * @param meaning what it means, or what to do about it
 * @param effect where it leads
 */
public record Answer(String words, String meaning, Effect effect) {

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
        return new Answer(words, meaning, new Effect.GoOn());
    }

    public static Answer skipTo(ActId act, String words, String meaning) {
        return new Answer(words, meaning, new Effect.SkipTo(act));
    }

    public static Answer rescue(String words, String meaning) {
        return new Answer(words, meaning, new Effect.Rescue());
    }
}
