package kindveil.studio.work.look;

import kindveil.studio.work.Caches;
import com.github.benmanes.caffeine.cache.Cache;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.reading.CompatibilityReading;
import kindveil.reading.OptionReading;
import kindveil.way.Brief;
import kindveil.way.Fit;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.springframework.stereotype.Service;

/** What goes with what, read from the plans of all ways. */
@Service
public class WaysWork {
    private static final Length WIDTH = Length.ofMillimetres(100);
    private static final Length HEIGHT = Length.ofMillimetres(150);
    private static final Room USUAL_AIR = Room.of(21, 50);
    private final Cache<List<Object>, CompatibilityReading> read = Caches.bounded().maximumSize(20_000).build();

    private final Cache<List<Object>, Weighed> weighed = Caches.bounded().maximumSize(5_000).build();

    /** What a way comes to for what is had. @param rubbing how long paper is rubbed away */
    public record Weighed(OptionReading read, Duration rubbing) {
    }

    /** By what ways are put in order; those that do not go come last whatever matters. */
    public enum Order {
        FIT("what goes best"), FINISH("the time to finish"), RUBBING("the minutes of rubbing"), TAKES("what it takes of medium and paint"), FIRST_TRY("the chance at a first try");

        private final String words;

        Order(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** The less, the earlier. */
        private double of(Weighed weighed) {
            return switch (this) {
                case FIT -> 0;
                case FINISH -> weighed.read.times().elapsed().map(Span::inMinutes).orElse(Double.MAX_VALUE);
                case RUBBING -> Span.inMinutes(weighed.rubbing);
                case TAKES -> weighed.read.takes().millilitres();
                case FIRST_TRY -> -weighed.read.holds().orElse(1.0);
            };
        }
    }

    /** What an artist has and wants. */
    public record Having(PrintKind print, Support support, Ground ground, Wish wish) {
        public Having with(PrintKind other) {
            return new Having(other, support, ground, wish);
        }

        public Having with(Support other) {
            return new Having(print, other, ground, wish);
        }
    }

    /** One row of the table: a way against all prints, or all supports. */
    public record Row(Way way, List<CompatibilityReading> cells) {
    }

    private static Brief brief(Way way, Having having) {
        return Brief.usual(way, WIDTH, HEIGHT, USUAL_AIR).with(having.print()).with(having.support()).with(having.ground()).with(having.wish());
    }

    public CompatibilityReading of(Way way, Having having) {
        return read.get(List.of(way.key(), having), key -> CompatibilityReading.of(way, brief(way, having)));
    }

    /** Ways of transferring, the soundest first; those alike in the catalogue's order. */
    public List<CompatibilityReading> ranked(List<Way> ways, Having having) {
        return ways.parallelStream().map(way -> of(way, having)).sorted(Comparator.comparing(CompatibilityReading::verdict)).toList();
    }

    /** The same by what matters most; those that do not go are the last. */
    public List<CompatibilityReading> ranked(List<Way> ways, Having having, Order order) {
        Comparator<CompatibilityReading> goes = Comparator.comparing(reading -> reading.verdict() == Fit.Verdict.NO);
        return order == Order.FIT ? ranked(ways, having) : ranked(ways, having).stream().sorted(goes.thenComparingDouble(reading -> order.of(weighed(reading.way(), having)))).toList();
    }

    public Weighed weighed(Way way, Having having) {
        return weighed.get(List.of(way.key(), having), key -> {
            Trace trace = Trace.of(way.expand(brief(way, having)));
            Duration rubbing = trace.moments().stream().filter(moment -> moment.act().step() instanceof Step.RubAway).map(moment -> moment.act().handsOn()).reduce(Duration.ZERO, Duration::plus);
            return new Weighed(OptionReading.of(trace, WIDTH, HEIGHT), rubbing);
        });
    }

    public List<Row> byPrint(Having having) {
        return Catalogue.transfers().parallelStream().map(way -> new Row(way, java.util.Arrays.stream(PrintKind.values()).map(print -> of(way, having.with(print))).toList())).toList();
    }

    public List<Row> bySupport(Having having, List<Support> supports) {
        return Catalogue.transfers().parallelStream().map(way -> new Row(way, supports.stream().map(support -> of(way, having.with(support))).toList())).toList();
    }

    /** What would work instead of a way that does not. */
    public List<CompatibilityReading.Instead> instead(Way way, Having having) {
        return CompatibilityReading.instead(Catalogue.transfers(), way, brief(way, having));
    }
}
