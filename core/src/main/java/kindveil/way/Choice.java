package kindveil.way;

import java.util.List;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * Something practitioners do differently, for the artist to choose.
 *
 * @param key its name within the way
 * @param question what is chosen
 * @param options the first is taken unless another is chosen
 */
public record Choice(String key, String question, List<Option> options) {
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
