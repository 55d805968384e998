package kindveil.studio;

import java.util.Deque;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.function.Supplier;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * What is dear to open is lent to one class at a time and kept for the next: classes run side by side in one machine,
 * so that its code is compiled once, and as many of a thing are open as classes run at a time.
 */
final class Lent<T> {
    private static final ExtensionContext.Namespace SPACE = ExtensionContext.Namespace.create(Lent.class);
    private final Deque<T> idle = new ConcurrentLinkedDeque<>();
    private final Supplier<T> opened;

    Lent(Supplier<T> opened) {
        this.opened = opened;
    }

    /** The one its class has, from its first asking until the class is done. */
    T to(ExtensionContext asking) {
        @SuppressWarnings("unchecked")
        Loan<T> loan = outermost(asking).getStore(SPACE).getOrComputeIfAbsent(this, key -> new Loan<>(taken(), idle), Loan.class);
        return loan.thing();
    }

    private T taken() {
        T waiting = idle.pollFirst();
        return waiting == null ? opened.get() : waiting;
    }

    private static ExtensionContext outermost(ExtensionContext context) {
        return context.getParent().filter(parent -> parent.getTestClass().isPresent()).map(Lent::outermost).orElse(context);
    }

    private record Loan<T>(T thing, Deque<T> idle) implements AutoCloseable {
        @Override
        public void close() {
            idle.addFirst(thing);
        }
    }
}
