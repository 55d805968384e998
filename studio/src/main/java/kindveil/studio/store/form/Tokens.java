package kindveil.studio.store.form;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindveil.measure.Words;

/** The lasting names of the constants of one kind. */
public final class Tokens<E extends Enum<E>> {
    private final String what;
    private final Map<String, E> constants = new LinkedHashMap<>();
    private final Map<E, String> tokens;

    private Tokens(String what, Class<E> type) {
        this.what = what;
        this.tokens = new EnumMap<>(type);
    }

    static <E extends Enum<E>> Tokens<E> of(String what, Class<E> type) {
        return new Tokens<>(what, type);
    }

    Tokens<E> is(String token, E constant) {
        if (constants.put(token, constant) != null) {
            throw new IllegalStateException("Impossible state: the %s token “%s” is told twice.".formatted(what, token));
        }
        tokens.putIfAbsent(constant, token);
        return this;
    }

    public String of(E constant) {
        String token = tokens.get(constant);
        if (token == null) {
            throw new IllegalStateException("Impossible state: %s %s has no lasting name.".formatted(what, constant));
        }
        return token;
    }

    /** The constant a token stands for; {@link Unreadable} where it is not known here. */
    public E read(String token) {
        E constant = constants.get(token);
        if (constant == null) {
            throw new Unreadable("%s “%s” is not known here.".formatted(what, token));
        }
        return constant;
    }

    /** As the first form wrote constants: by what they were called in the program then. */
    public E readFirstForm(String name) {
        return read(Words.token(name));
    }

    String what() {
        return what;
    }

    List<String> all() {
        return List.copyOf(constants.keySet());
    }
}
