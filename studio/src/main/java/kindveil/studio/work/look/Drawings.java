package kindveil.studio.work.look;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.function.UnaryOperator;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.studio.work.Caches;

/**
 * What was resampled and softened before. What is worked out of something else that is remembered lies in a memory of its own: a
 * place in a cache is locked while it is worked out, and now and then two places share a lock.
 *
 * @param sheets which part of its rectangle a veil covers; of nothing remembered
 * @param covers what covers a place, of {@code sheets}
 * @param runs what ran of it, of {@code covers}
 * @param grounds of nothing remembered
 */
record Drawings(Cache<List<Object>, Plane> sheets, Cache<List<Object>, Plane> covers, Cache<List<Object>, Plane> runs, Cache<List<Object>, Picture> grounds) {
    private static final long COVERS_BYTES = 64_000_000;
    private static final long OTHER_BYTES = 16_000_000;

    static Drawings empty() {
        return new Drawings(planes(OTHER_BYTES), planes(COVERS_BYTES), planes(OTHER_BYTES),
                Caches.bounded().maximumWeight(OTHER_BYTES).weigher((List<Object> key, Picture picture) -> picture.bytes()).build());
    }

    private static Cache<List<Object>, Plane> planes(long bytes) {
        return Caches.bounded().maximumWeight(bytes).weigher((List<Object> key, Plane plane) -> plane.bytes()).build();
    }

    /** The same, each of its memories looked at in some way. */
    Drawings each(UnaryOperator<Cache<List<Object>, Plane>> seen) {
        return new Drawings(seen.apply(sheets), seen.apply(covers), seen.apply(runs), grounds);
    }
}
