package kindveil.product;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** Sets that are always gone through in the order of their kind, so that the same input gives the same words. */
public final class Ordered {
    private Ordered() {
    }

    public static <E extends Enum<E>> Set<E> of(Class<E> type, Collection<E> elements) {
        Set<E> set = EnumSet.noneOf(type);
        set.addAll(elements);
        return Collections.unmodifiableSet(set);
    }
}
