package kindveil.tone;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Posterise;

/**
 * A treatment with what it would gain.
 *
 * @param treatments what is done, in order
 * @param before share carrying now
 * @param after share carrying then
 */
public record Advice(List<Treatment> treatments, double before, double after) {
    private static final double WORTHWHILE = 0.03;
    private static final double DARKEST = 0.02;
    private static final double LIGHTEST = 0.98;

    /**
     * Those that gain at least three parts in a hundred, the best first.
     *
     * @param printed what is done to the treated picture before it is printed, for a print in negative
     */
    public static List<Advice> of(Plane luminance, Length printedWidth, UnaryOperator<Plane> printed) {
        Histogram tones = Histogram.of(luminance);
        double before = SourceReading.carrying(Histogram.of(printed.apply(luminance)));
        return candidates(tones).stream()
                .map(treatments -> new Advice(treatments, before, SourceReading.carrying(Histogram.of(printed.apply(new Treatments(treatments).apply(luminance, printedWidth))))))
                .filter(advice -> advice.gain() >= WORTHWHILE)
                .sorted(Comparator.comparingDouble(Advice::gain).reversed())
                .toList();
    }

    private static List<List<Treatment>> candidates(Histogram tones) {
        int black = Math.min(tones.percentile(DARKEST), 90);
        int white = Math.clamp(tones.percentile(LIGHTEST), black + 5, 100);
        Levels full = new Levels(black, white);
        Levels strong = new Levels(Math.min(90, (black * 2 + white) / 3), Math.max((black + white * 2) / 3, Math.min(95, (black * 2 + white) / 3 + 5)));
        List<List<Treatment>> all = new ArrayList<>();
        all.add(List.of(full));
        all.add(List.of(strong));
        all.add(List.of(full, new Posterise(4)));
        all.add(List.of(full, new Posterise(3)));
        return all;
    }

    /** What it would make of a picture of a print. */
    public Plane applied(Plane luminance, Length printedWidth) {
        return new Treatments(treatments).apply(luminance, printedWidth);
    }

    public double gain() {
        return after - before;
    }

    public String words() {
        return String.join(", then ", treatments.stream().map(Treatment::words).toList());
    }
}
