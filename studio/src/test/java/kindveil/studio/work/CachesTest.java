package kindveil.studio.work;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class CachesTest {
    /**
     * Whoever uses a cache tidies it up. On the common pool a tidying thread could wait for a place that is being computed,
     * and the computing for that thread; the pool of a small machine has no other.
     */
    @Test
    void bounded_isTidiedUpByItsUserAndNeverByThePoolThatComputes() {
        Set<String> tidying = ConcurrentHashMap.newKeySet();
        Cache<Integer, Integer> cache = Caches.bounded().maximumSize(2).evictionListener((key, value, cause) -> tidying.add(Thread.currentThread().getName())).build();
        for (int key = 0; key < 200; key++) {
            int k = key;
            assertEquals(4950 * key, cache.get(key, asked -> IntStream.range(0, 100).parallel().map(n -> n * k).sum()));
        }
        assertEquals(Set.of(Thread.currentThread().getName()), tidying);
        assertEquals(2, cache.estimatedSize());
    }
}
