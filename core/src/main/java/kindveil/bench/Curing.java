package kindveil.bench;

import kindveil.product.Product;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Foil;
import kindveil.drying.Cure;
import kindveil.drying.Stage;
import kindveil.measure.Span;
import kindveil.product.Law;
import kindveil.product.Trait;

/** When what lies on a face has cured: the one place that says so. A coat cures through all that lies over it, and slowest under what lets no air through. */
public final class Curing {
    /** Oil colour is touch-dry in days and cures for many times as long (assumed). */
    private static final double OXIDISES_LONGER = 6;

    private Curing() {
    }

    /** The coat that cures longest. @param at when it has, on the bench's time */
    public record Slowest(Coating coat, Duration at) {
    }

    /** The slowest coat on a face; empty where none lies there that cures. Where one is never dry in this air, its cure is reckoned from now. */
    public static Optional<Slowest> of(Bench bench, Face face) {
        List<Layer> layers = bench.layers(face);
        Slowest slowest = null;
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i) instanceof Coating coat) {
                List<Layer> above = layers.subList(i + 1, layers.size());
                Optional<Duration> cured = cured(bench, coat, above);
                if (cured.isPresent() && (slowest == null || cured.get().compareTo(slowest.at) > 0)) {
                    slowest = new Slowest(coat, cured.get());
                }
            }
        }
        return Optional.ofNullable(slowest);
    }

    private static Optional<Duration> cured(Bench bench, Coating coat, List<Layer> above) {
        return switch (coat.product().law()) {
            case Law.LosesWater water -> {
                double thick = coat.wetMicrometres() + above.stream().filter(Coating.class::isInstance).map(Coating.class::cast).filter(over -> over.product().law() instanceof Law.LosesWater && over.mask().part() != Mask.Part.EDGE).mapToDouble(Coating::wetMicrometres).sum();
                boolean covered = above.stream().anyMatch(Foil.class::isInstance);
                Duration through = coat.drying() == null ? coat.laid() : coat.drying().reaches(Stage.THROUGH).orElse(bench.now());
                yield Optional.of(Cure.cured(Cure.days(thick), covered, bench.air(), Span.longer(coat.laid(), through)));
            }
            case Law.Oxidises air -> Optional.of(coat.laid().plus(times(air.sets(coat.air().at(coat.laid())), coat.product().is(Trait.PRINTS) ? 1 : OXIDISES_LONGER)));
            case Law.LosesSolvent solvent -> Optional.of(coat.laid().plus(solvent.sets(coat.air().at(coat.laid()))));
            case Law.Sets sets -> Optional.of(coat.laid().plus(sets.sets(coat.air().at(coat.laid()))));
            case Law.Stays stays -> Optional.empty();
        };
    }

    private static Duration times(Duration duration, double factor) {
        return Duration.ofMillis(Math.round(duration.toMillis() * factor));
    }

    /** How long until all of a face has cured; nought where it has. */
    public static Duration left(Bench bench, Face face) {
        return of(bench, face).map(slowest -> Span.left(bench.now(), slowest.at)).orElse(Duration.ZERO);
    }

    /** Whether the outermost of a face is an acrylic film, which sticks to what is pressed on it until it has cured. */
    public static boolean sticks(Bench bench, Face face) {
        return film(bench, face).isPresent();
    }

    /** Whether it sticks to another such film for good, cured or not: only a last coat hardens. */
    public static boolean sticksForGood(Bench bench, Face face) {
        return film(bench, face).filter(product -> !product.is(Trait.FINAL)).isPresent();
    }

    private static Optional<Product> film(Bench bench, Face face) {
        List<Layer> layers = bench.layers(face);
        return layers.isEmpty() || !(layers.getLast() instanceof Layer.Coating coat) ? Optional.empty() : Optional.of(coat.product()).filter(product -> product.is(Trait.WATER_BORNE) && product.is(Trait.CLOSES));
    }
}
