package kindveil.studio.store.form;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.time.DateTimeException;
import java.util.function.Supplier;
import kindveil.measure.UnusableValue;
import kindveil.studio.work.NotFound;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Everything stored as text: an object that says in which form it is written. A name that is not known is passed over, so that
 * a later program's addition does not stop an earlier one; a form that is not known stops it, since its meaning may differ.
 */
public final class Json {
    /** The form written now. The first had no number: it was what the program's own records happened to look like. */
    public static final int FORM = 2;
    private static final String FIELD = "form";
    /** Nothing that is written holds nothing among several things: read so, it would be taken on and be missed later. */
    private static final JsonMapper MAPPER = JsonMapper.builder().changeDefaultNullHandling(nulls -> JsonSetter.Value.forContentNulls(Nulls.FAIL)).build();

    private Json() {
    }

    public static String write(Object value) {
        ObjectNode node = MAPPER.valueToTree(value);
        ObjectNode written = MAPPER.createObjectNode();
        written.put(FIELD, FORM);
        written.setAll(node);
        return MAPPER.writeValueAsString(written);
    }

    /** Reads what {@link #write} wrote; {@link Unreadable} with what is wrong. */
    public static <T> T read(String text, Class<T> type) {
        JsonNode node = tree(text);
        int form = node.path(FIELD).asInt(0);
        if (form != FORM) {
            throw new Unreadable(form > FORM ? "It was written by a later program, in form %d; this one reads form %d.".formatted(form, FORM) : "It is in form %d and was never brought to form %d.".formatted(form, FORM));
        }
        return whole(guarded(() -> MAPPER.treeToValue(node, type)));
    }

    /** What was read, with nothing missing in it that its form does not say may be; {@link Unreadable} otherwise. */
    public static <T> T whole(T value) {
        NothingMissing.in(value);
        return value;
    }

    static JsonNode tree(String text) {
        if (text == null) {
            throw new Unreadable("It is empty.");
        }
        return guarded(() -> MAPPER.readTree(text));
    }

    /** What is wrong with something stored, whatever it is, in a sentence. */
    public static <T> T guarded(Supplier<T> reading) {
        try {
            T value = reading.get();
            if (value == null) {
                throw new Unreadable("It is empty.");
            }
            return value;
        } catch (JacksonException broken) {
            throw new Unreadable("It is broken: %s.".formatted(broken.getOriginalMessage().lines().findFirst().orElse("no more is known")), broken);
        } catch (UnusableValue | NotFound unusable) {
            throw new Unreadable(unusable.getMessage(), unusable);
        } catch (NullPointerException | IllegalArgumentException | IllegalStateException | DateTimeException | ArithmeticException | IndexOutOfBoundsException missing) {
            throw new Unreadable("Something is missing in it or does not fit: %s".formatted(missing.getMessage()), missing);
        }
    }
}
