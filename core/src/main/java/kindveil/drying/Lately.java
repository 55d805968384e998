package kindveil.drying;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;

/**
 * What was worked out lately, kept to be had again: the coats and the damp fibre of one plan in another hand, another order or
 * with another choice are mostly the same in the same air.
 */
final class Lately {
    /** Steps of curves kept in all; a step is about a hundred bytes. */
    private static final int STEPS = 400_000;
    private static final int DAMP = 10_000;
    private static final Cache<Coated, Curve> CURVES = Caffeine.newBuilder().maximumWeight(STEPS).weigher((Coated coated, Curve curve) -> curve.steps()).executor(Runnable::run).build();
    private static final Cache<Standing, Optional<Duration>> DRY = Caffeine.newBuilder().maximumSize(DAMP).executor(Runnable::run).build();

    private Lately() {
    }

    /** Everything a curve depends on. */
    private record Coated(Bed bed, Water start, RoomCourse air, double rate) {
    }

    private record Standing(Damp damp, RoomCourse air) {
    }

    /** @param air from the beginning of the curve on */
    static Curve curve(Bed bed, Water start, RoomCourse air, double rate) {
        return CURVES.get(new Coated(bed, start, air, rate), it -> Curve.of(it.bed, it.start, it.air, it.rate));
    }

    /** @param air from when it is damp on */
    static Optional<Duration> dry(Damp damp, RoomCourse air) {
        return DRY.get(new Standing(damp, air), it -> it.damp.dries(it.air));
    }
}
