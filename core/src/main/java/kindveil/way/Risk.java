package kindveil.way;

import java.util.Optional;
import java.util.Set;
import kindveil.measure.UnusableValue;

/**
 * Something set outside what is usual, and what is left of the chance that the image holds because of it.
 *
 * @param part way of the work it is set in
 * @param key of the dial
 * @param words what it does, as it is asked where it is set
 * @param share what is left of the chance, 0 to 1 (assumed)
 */
public record Risk(int part, String key, String words, double share) {
    private static final double LEAST = 0.05;
    /** Of what is measured in these a lack or a surplus weakens the hold; places, widths and angles do not. */
    private static final Set<String> HOLDS_BY = Set.of("µm", "coats", "min", "s", "h", "g/m²");

    public Risk {
        UnusableValue.requireWithin("share of the chance", share, 0, 1, "", "1 where nothing is lost.");
    }

    /** Half as much as the least that is usual leaves half of the chance; twice the most leaves seven tenths: too little fails everywhere, too much here and there. */
    static Optional<Risk> of(int part, Dial dial, double value) {
        return HOLDS_BY.contains(dial.usual().unit()) ? dial.question(value).map(words -> new Risk(part, dial.key(), words, share(dial, value))) : Optional.empty();
    }

    private static double share(Dial dial, double value) {
        double share = value < dial.usual().least() ? value / dial.usual().least() : Math.sqrt(dial.usual().most() / value);
        return Math.clamp(share, LEAST, 1);
    }
}
