package kindveil.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Concern;
import kindveil.bench.Refusal;
import kindveil.measure.Length;
import kindveil.measure.Volume;
import kindveil.product.Product;
import kindveil.way.Trace;

/**
 * What a plan comes to in the few figures by which one option is held against another.
 *
 * @param takes of medium and paint in all
 * @param products of each of them
 * @param times of its acts
 * @param holds the least chance that the image holds, or comes over; empty where nothing is at stake
 * @param doubts what the bench refuses or doubts, the gravest first
 */
public record OptionReading(Volume takes, Map<Product, Volume> products, TimeReading times, Optional<Double> holds, List<String> doubts) {
    public OptionReading {
        doubts = List.copyOf(doubts);
    }

    public static OptionReading of(Trace trace, Length width, Length height) {
        Map<Product, Volume> products = AmountReading.of(trace, width, height).byProduct();
        double millilitres = products.values().stream().mapToDouble(Volume::millilitres).sum();
        return new OptionReading(new Volume(millilitres), products, TimeReading.of(trace), HoldReading.least(trace),
                Stream.concat(trace.refusals().stream().map(Refusal::reason), trace.concerns().stream().map(Concern::reason)).distinct().toList());
    }

    /** The gravest of what this plan is doubted for, and another is not; empty where there is none. */
    public Optional<String> beyond(OptionReading other) {
        return doubts.stream().filter(doubt -> !other.doubts.contains(doubt)).findFirst();
    }
}
