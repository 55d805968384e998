package kindveil.studio.work;

import com.github.benmanes.caffeine.cache.Caffeine;

/**
 * Where every cache begins. What is looked up is often computed by many threads of the common pool while its place in the
 * cache is locked; a cache that tidied itself up on that same pool could wait there for that place for ever, and take the
 * thread the computing waits for with it. So whoever uses a cache tidies it up.
 */
public final class Caches {
    private Caches() {
    }

    public static Caffeine<Object, Object> bounded() {
        return Caffeine.newBuilder().executor(Runnable::run);
    }
}
