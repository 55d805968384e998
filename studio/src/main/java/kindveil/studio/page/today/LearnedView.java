package kindveil.studio.page.today;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.drying.Belief;
import kindveil.learning.DryingReading.Factor;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.product.Product;
import kindveil.measure.Span;
import kindveil.product.Products;
import kindveil.studio.page.Say;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.piece.Piece;

/**
 * How fast things dry here, by the artist's own checks.
 *
 * @param told of the studio, in a sentence
 * @param products of each something was seen of
 * @param hands of each kind of work the bench has clocked
 * @param contradicting what no rate explains, or empty
 * @param used whether plans are made with it
 * @param anew whether it was begun anew, and can be taken back
 * @param belief of what nothing was seen of
 */
record LearnedView(int version, String told, List<String> products, List<String> hands, String contradicting, boolean used, boolean anew, List<Check> checks, Belief belief) {
    private static final double SAME = 1.03;
    private static final int MOST = 40;

    /** One check. @param counted whether it is learned from */
    record Check(String key, String words, String when, boolean counted, String href) {
    }

    static LearnedView of(LearnWork.Taught taught, Map<UUID, Piece> pieces, Say say) {
        int counted = taught.reading().learned().checks();
        String told = counted == 0 ? "Nothing is learned yet. Tell at the bench what you feel of a bed: each touch teaches how fast things dry here."
                : "Here things dry %s: %s.%s".formatted(factor(taught.reading().studio()), checks(counted), taught.teaching().used() ? " Plans are made with it." : " Plans are not made with it.");
        List<String> products = new ArrayList<>();
        taught.reading().products().entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(each -> products.add("%s: %s; %s".formatted(words(each.getKey()), factor(each.getValue()), checks(each.getValue().checks()))));
        String contradicting = taught.reading().contradicting().isEmpty() ? "" : "Some checks contradict each other: no one rate makes a bed dry and then wet. Leave the one out that was a slip.";
        List<String> hands = new ArrayList<>();
        taught.hands().works().entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(each -> hands.add("%s: %s; clocked %s".formatted(each.getKey().words(), longer(each.getValue()), times(each.getValue().checks()))));
        List<Check> checks = new ArrayList<>();
        taught.seen().stream().limit(MOST).map(seen -> new Check(seen.key(), "%s, %s: %s: %s".formatted(title(pieces, seen.piece()), seen.product(), seen.question(), seen.reply()), say.time(seen.at()), seen.counted(), "/bench/" + seen.making())).forEach(checks::add);
        taught.timed().stream().limit(MOST).map(timed -> new Check(timed.key(), "%s, %s: %s".formatted(title(pieces, timed.piece()), timed.title(), Span.words(Span.minutes(timed.clocked().minutes()))), say.time(timed.at()), timed.counted(), "/bench/" + timed.making())).forEach(checks::add);
        return new LearnedView(taught.teaching().version(), told, products, hands, contradicting, taught.teaching().used(), taught.teaching().since() != null,
                checks,
                taught.teaching().used() && counted > 0 ? Belief.UNLEARNED.learning(taught.reading().learned().others()) : Belief.UNLEARNED);
    }

    private static String words(String product) {
        return Products.all().stream().filter(each -> each.id().equals(product)).map(Product::words).findFirst().orElse(product);
    }

    private static String title(Map<UUID, Piece> pieces, UUID piece) {
        return pieces.containsKey(piece) ? pieces.get(piece).title() : "a piece that is gone";
    }

    private static String times(int count) {
        return count == 1 ? "once" : count + " times";
    }

    /** Times as long as anybody is assumed to take, with four beliefs in five. */
    private static String longer(Factor pace) {
        return "%s (four in five: %s to %s)".formatted(Math.abs(Math.log(pace.middle())) < Math.log(SAME) ? "as long as assumed" : Figures.rounded(pace.middle(), 2) + " times as long as assumed", Figures.rounded(pace.low(), 2), Figures.rounded(pace.high(), 2));
    }

    private static String checks(int count) {
        return count == 1 ? "1 check" : count + " checks";
    }

    /** Times as long as in the middle studio, with four beliefs in five. */
    private static String factor(Factor rate) {
        double slower = 1 / rate.middle();
        String range = " (four in five: %s to %s times as long as usual)".formatted(Figures.rounded(1 / rate.high(), 2), Figures.rounded(1 / rate.low(), 2));
        return (slower > SAME ? "%s times slower than usual".formatted(Figures.rounded(slower, 2)) : 1 / slower > SAME ? "%s times faster than usual".formatted(Figures.rounded(1 / slower, 2)) : "as fast as usual") + range;
    }
}
