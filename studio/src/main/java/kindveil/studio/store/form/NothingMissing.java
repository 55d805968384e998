package kindveil.studio.store.form;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * Holds what was read to its own declaration: a component of a form that is not marked {@link Nullable} is there, all the way down. What
 * slipped through here would be missed on some later page.
 */
final class NothingMissing {
    private static final Map<Class<?>, List<Part>> PARTS = new ConcurrentHashMap<>();

    private record Part(RecordComponent component, boolean mayBeMissing) {
    }

    private NothingMissing() {
    }

    /** @throws Unreadable with the name of the first thing that is missing */
    static void in(@Nullable Object value) {
        switch (value) {
            case null -> {
            }
            case Record read -> PARTS.computeIfAbsent(read.getClass(), NothingMissing::parts).forEach(part -> in(read, part));
            case Iterable<?> several -> several.forEach(NothingMissing::in);
            case Map<?, ?> named -> named.values().forEach(NothingMissing::in);
            default -> {
            }
        }
    }

    private static List<Part> parts(Class<?> type) {
        return Arrays.stream(type.getRecordComponents()).map(component -> new Part(component, component.getType().isPrimitive() || component.getAnnotatedType().isAnnotationPresent(Nullable.class))).toList();
    }

    private static void in(Record read, Part part) {
        Object value = value(read, part.component);
        if (value == null && !part.mayBeMissing) {
            throw new Unreadable("Something is missing in it: %s.".formatted(part.component.getName()));
        }
        in(value);
    }

    private static @Nullable Object value(Record read, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(read);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("Impossible state: a component that cannot be read, %s.".formatted(component), impossible);
        }
    }
}
