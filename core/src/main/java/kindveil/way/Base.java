package kindveil.way;

import kindveil.bench.Ground;
import kindveil.bench.Support;

/** What a work is made on; every way of it lies on the same. */
public record Base(Support support, Ground ground) {
    public Base with(Support other) {
        return new Base(other, ground);
    }

    public Base with(Ground other) {
        return new Base(support, other);
    }
}
