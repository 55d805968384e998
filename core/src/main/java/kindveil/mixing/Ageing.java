package kindveil.mixing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Figures;
import kindveil.product.Family;
import kindveil.product.Law;
import kindveil.product.Product;
import kindveil.product.Trait;
import org.jspecify.annotations.Nullable;

/**
 * What has become of something that stands on the shelf.
 *
 * @param usable whether it may be used at all
 * @param doubtful whether a dab of it is tried first
 * @param lost share of it that went as water, 0 to 1
 * @param thin ml of water that bring 100 ml of it back
 * @param now itself, as it dries by now
 * @param words what is the matter, or empty
 * @param discard how it is thrown away, where it is not used; else empty
 */
public record Ageing(boolean usable, boolean doubtful, double lost, double thin, Product now, String words, String discard) {
    /** Of what is opened, in a month: lids are not quite tight (assumed). */
    private static final double LOST_A_MONTH = 0.004;
    /** What is felt to be thicker has lost as much (assumed). */
    private static final double THICKER = 0.08;
    private static final double MOST_LOST = 0.25;
    private static final double TOLD = 0.02;
    private static final double DAYS_A_MONTH = 30.4;
    private static final double DRIEST = 0.06;
    private static final int HUNDRED = 100;

    /** What was seen of it when somebody looked. */
    public enum Sign {
        FINE("as it was", true), THICKER("thicker than it was", true), SKIN("a skin on it", true), THAWED("it froze, and is smooth again", true), LUMPS("it froze, and has lumps", false), MOULD("mould, or it smells", false),
        CLOUDY("cloudy, or in strings", false), HARD("hard to its bottom", false), YELLOW("its hardener turned yellow", true);

        private final String words;
        private final boolean usable;

        Sign(String words, boolean usable) {
            this.words = words;
            this.usable = usable;
        }

        public String words() {
            return words;
        }

        public boolean usable() {
            return usable;
        }
    }

    /** What can be seen of something, by how it gets dry. */
    public static List<Sign> signs(Product product) {
        if (product.family() == Family.SPRAY) {
            return List.of(Sign.FINE, Sign.HARD);
        }
        return switch (product.law()) {
            case Law.LosesWater l -> List.of(Sign.FINE, Sign.THICKER, Sign.SKIN, Sign.THAWED, Sign.LUMPS, Sign.MOULD, Sign.HARD);
            case Law.LosesSolvent l -> List.of(Sign.FINE, Sign.CLOUDY, Sign.HARD);
            case Law.Oxidises l -> List.of(Sign.FINE, Sign.SKIN, Sign.HARD);
            case Law.Sets l -> product.is(Trait.CAST) ? List.of(Sign.FINE, Sign.YELLOW, Sign.CLOUDY, Sign.HARD) : List.of(Sign.FINE, Sign.SKIN, Sign.MOULD, Sign.HARD);
            case Law.Stays l -> List.of(Sign.FINE, Sign.MOULD);
        };
    }

    /** @param opened when, or null where it is not @param sign what was seen last, or null */
    public static Ageing of(Product product, @Nullable LocalDate opened, LocalDate today, @Nullable Sign sign) {
        double months = opened == null ? 0 : Math.max(0, ChronoUnit.DAYS.between(opened, today)) / DAYS_A_MONTH;
        boolean usable = sign == null || sign.usable;
        boolean old = months > keeps(product) && sign == null || months > 2 * keeps(product);
        double lost = product.law() instanceof Law.LosesWater ? Math.min(MOST_LOST, Math.max(sign == Sign.THICKER ? THICKER : 0, LOST_A_MONTH * months)) : 0;
        List<String> words = new ArrayList<>();
        if (sign != null && sign != Sign.FINE) {
            words.add(said(sign));
        }
        if (usable && old) {
            words.add("Opened %s months ago: try a dab of it on scrap and let it dry before it goes on the work.".formatted(Figures.plain(Math.floor(months))));
        }
        double thin = lost >= TOLD ? HUNDRED * lost / (1 - lost) : 0;
        if (usable && thin > 0) {
            words.add("Some %s %% of it went as water: %s ml of water to 100 ml bring it back; else it is laid thicker and dries sooner.".formatted(Figures.plain(Math.round(lost * HUNDRED)), Figures.plain(Math.round(thin))));
        }
        return new Ageing(usable, usable && (old || sign == Sign.THAWED || sign == Sign.YELLOW), lost, usable ? thin : 0, usable ? aged(product, lost) : product, String.join(" ", words), usable ? "" : Keeping.discard(product.hazards()));
    }

    private static String said(Sign sign) {
        return switch (sign) {
            case FINE -> "";
            case THICKER -> "Thicker than it was.";
            case SKIN -> "Lift the skin off whole, never stir it in; strain what crumbles.";
            case THAWED -> "It froze and is smooth again: try a dab first, and keep it from frost.";
            case LUMPS -> "Frost broke it: lumps never go back into it.";
            case MOULD -> "Mould comes back through the film: throw it away.";
            case CLOUDY -> "What is cloudy or stringy neither lets go nor holds: throw it away.";
            case HARD -> "Nothing of it can be used any more.";
            case YELLOW -> "It sets as it did and yellows the work: try a little.";
        };
    }

    /** Of what lost water the rest is drier. */
    private static Product aged(Product product, double lost) {
        return product.law() instanceof Law.LosesWater water && lost > 0 ? product.with(new Law.LosesWater(Math.max(DRIEST, (water.share() - lost) / (1 - lost)))) : product;
    }

    /** Months it is good for once it is opened (assumed; its label wins). */
    private static double keeps(Product product) {
        return switch (product.law()) {
            case Law.LosesWater l -> product.family() == Family.ADHESIVE ? 24 : 36;
            case Law.LosesSolvent l -> 24;
            case Law.Oxidises l -> 12;
            case Law.Sets l -> product.is(Trait.CAST) ? 12 : 6;
            case Law.Stays l -> 36;
        };
    }
}
