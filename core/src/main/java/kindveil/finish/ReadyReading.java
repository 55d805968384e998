package kindveil.finish;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.bench.Curing;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Foil;
import kindveil.drying.DryingAdvice;
import kindveil.drying.Stage;
import kindveil.measure.Span;
import kindveil.product.Trait;
import org.jspecify.annotations.Nullable;

/**
 * From when on finished work may be put to its uses, by what has dried and cured on it.
 *
 * @param slowest what everything waits for longest, in a sentence; empty where nothing cures
 */
public record ReadyReading(List<Ready> uses, String slowest) {
    /** What is done with finished work. */
    public enum Use {
        INTERLEAVED("closed in a book, release paper on it"), HUNG("hung"), VARNISHED("varnished"), FRAMED("framed behind glass"), POSTED("sent by post"), CLOSED("closed in a book, face on face");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One use.
     *
     * @param from on the bench's time; null where it never is
     * @param why it is never, or what to mind; empty where there is nothing to say
     */
    public record Ready(Use use, @Nullable Duration from, String why) {
    }

    public ReadyReading {
        uses = List.copyOf(uses);
    }

    /** Of work as it ends. */
    public static ReadyReading of(Bench bench) {
        return of(bench, true);
    }

    /** @param timed whether it comes to its end at all in this air */
    public static ReadyReading of(Bench bench, boolean timed) {
        Optional<Curing.Slowest> slowest = Curing.of(bench, Face.SUPPORT_FRONT);
        Duration cured = slowest.map(each -> Span.longer(bench.now(), each.at())).orElse(bench.now());
        @Nullable Duration dry = timed ? through(bench) : null;
        boolean foil = bench.layers(Face.SUPPORT_FRONT).stream().anyMatch(Foil.class::isInstance);
        Optional<Coating> top = bench.topCoat(Face.SUPPORT_FRONT);
        boolean oily = top.filter(coat -> coat.product().is(Trait.OILY)).isPresent();
        boolean loose = top.filter(coat -> coat.product().is(Trait.LOOSE)).isPresent();
        boolean waxed = top.filter(coat -> coat.product().is(Trait.WAXY)).isPresent();
        String never = "It never dries in this air. " + DryingAdvice.of(Stage.THROUGH, bench.air().last()).words();
        Duration late = dry == null ? null : Span.longer(cured, dry);
        return new ReadyReading(List.of(
                loose ? new Ready(Use.INTERLEAVED, null, "What is loose on it smears: fix it first.") : new Ready(Use.INTERLEAVED, dry, dry == null ? never : ""),
                new Ready(Use.HUNG, dry, dry == null ? never : ""),
                oily || waxed ? new Ready(Use.VARNISHED, null, waxed ? "Nothing holds on its wax." : "Its oil never dries: wax it, or leave it so.") : new Ready(Use.VARNISHED, late, late == null ? never : foil ? "Sprayed only: brushed varnish beads on tape." : ""),
                new Ready(Use.FRAMED, late, late == null ? never : loose ? "Behind a spacer only." : ""),
                new Ready(Use.POSTED, late, late == null ? never : "Release paper on its face, a board on both sides, out of the heat."),
                Curing.sticksForGood(bench, Face.SUPPORT_FRONT) ? new Ready(Use.CLOSED, null, "Acrylic faces stick to each other for good, cured or not: release paper between.") : loose || oily ? new Ready(Use.CLOSED, null, oily ? "Oil marks the page that faces it." : "It smears the page that faces it.") : new Ready(Use.CLOSED, late, late == null ? never : "")),
                slowest.map(each -> "%s, %.0f µm".formatted(each.coat().product().words(), each.coat().wetMicrometres())).orElse(""));
    }

    /** When the last coat is dry through; null where it never is. */
    private static @Nullable Duration through(Bench bench) {
        Duration latest = bench.now();
        for (Layer layer : bench.layers(Face.SUPPORT_FRONT)) {
            if (layer instanceof Coating coat) {
                Optional<Duration> wait = coat.until(Stage.THROUGH, bench.now());
                if (wait.isEmpty()) {
                    return null;
                }
                latest = Span.longer(latest, bench.now().plus(wait.get()));
            }
        }
        return latest;
    }
}
