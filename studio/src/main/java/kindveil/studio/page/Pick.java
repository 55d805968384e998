package kindveil.studio.page;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One of the things that can be chosen from a list.
 *
 * @param value what is sent when it is
 * @param hint said beside it, or empty
 */
public record Pick(String value, String words, String hint, boolean chosen) {
    public static <E extends Enum<E>> List<Pick> of(E[] all, Function<E, String> words, @Nullable E chosen) {
        return typed(all, words, chosen == null ? "" : chosen.name());
    }

    /** @param chosen the name that was sent, whether or not there is such a one */
    public static <E extends Enum<E>> List<Pick> typed(E[] all, Function<E, String> words, String chosen) {
        return of(Arrays.asList(all), Enum::name, words, one -> "", chosen);
    }

    /** @param chosen the value of the one that is, empty for none */
    public static <T> List<Pick> of(List<T> all, Function<T, String> value, Function<T, String> words, Function<T, String> hint, String chosen) {
        return all.stream().map(one -> new Pick(value.apply(one), words.apply(one), hint.apply(one), value.apply(one).equals(chosen))).toList();
    }
}
