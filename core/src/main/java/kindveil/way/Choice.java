package kindveil.way;

import java.util.List;
import kindveil.bench.Support;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * Something practitioners do differently, for the artist to choose.
 *
 * @param key its name within the way
 * @param question what is chosen
 * @param where it is decided
 * @param options the first is taken unless another is chosen
 * @param aside whether it stands folded away until another than the first is chosen
 * @param on what a support must be for it to act, or null where it always does
 */
public record Choice(String key, String question, Where where, List<Option> options, boolean aside, Support.@Nullable Trait on) {
    public Choice(String key, String question, Where where, List<Option> options) {
        this(key, question, where, options, false, null);
    }

    public Choice(String key, String question, Where where, List<Option> options, boolean aside) {
        this(key, question, where, options, aside, null);
    }

    public Choice {
        options = List.copyOf(options);
    }

    /**
     * One school.
     *
     * @param buys what it is good for
     * @param costs what is paid for that
     */
    public record Option(String key, String words, String buys, String costs) {
    }

    /** The same, folded away until another than the first is chosen. */
    Choice folded() {
        return new Choice(key, question, where, options, true, on);
    }

    /** Whether it acts on a support. */
    public boolean actsOn(Support support) {
        return on == null || support.is(on);
    }

    /** The option chosen, the first for null. */
    public Option chosen(@Nullable String option) {
        if (option == null) {
            return options.getFirst();
        }
        return options.stream().filter(o -> o.key().equals(option)).findFirst()
                .orElseThrow(() -> new UnusableValue(question, option, "one of " + options.stream().map(Option::key).toList(),
                        "Choose one of these."));
    }
}
