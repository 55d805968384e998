package kindveil.studio.work.shelf;

import java.util.UUID;
import kindveil.bench.Support;

/** A support of the artist's own. */
public record OwnSupport(UUID id, Support support) implements Owned {
    @Override
    public String what() {
        return support.likeId();
    }

    @Override
    public String name() {
        return support.words();
    }

    @Override
    public int count() {
        return 1;
    }
}
