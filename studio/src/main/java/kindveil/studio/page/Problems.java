package kindveil.studio.page;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import kindveil.measure.NumberText;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/** Everything wrong with a form, collected so that it can be shown at once. */
public final class Problems {
    private final List<String> words = new ArrayList<>();

    /** The value, or null when it cannot be read; then what is wrong is kept. */
    public <T> @Nullable T read(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (UnusableValue unusable) {
            words.add(unusable.getMessage());
            return null;
        }
    }

    /** One of an enum's constants by its name. */
    public <E extends Enum<E>> E choice(Class<E> type, String thing, String name) {
        return read(() -> {
            for (E constant : type.getEnumConstants()) {
                if (constant.name().equals(name)) {
                    return constant;
                }
            }
            throw new UnusableValue(thing, name == null ? "" : name, "one of the choices shown", "Choose one of them.");
        });
    }

    /** A number inside a range. */
    public Double number(String thing, String text, double least, double most, String unit, String remedy) {
        return read(() -> {
            double value = NumberText.parse(thing, text == null ? "" : text, unit).value();
            return UnusableValue.requireWithin(thing, value, least, most, unit, remedy);
        });
    }

    /** A whole number inside a range. */
    public Integer whole(String thing, String text, int least, int most, String unit, String remedy) {
        Double value = number(thing, text, least, most, unit, remedy);
        if (value == null) {
            return null;
        }
        return read(() -> {
            if (value != Math.rint(value)) {
                throw new UnusableValue(thing, text, "a whole number", remedy);
            }
            return value.intValue();
        });
    }

    public void add(String problem) {
        words.add(problem);
    }

    public boolean any() {
        return !words.isEmpty();
    }

    public List<String> words() {
        return List.copyOf(words);
    }
}
