package kindveil.studio.page.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Hiding;
import kindveil.light.Mixing;
import kindveil.light.Paint.Opacity;
import kindveil.light.Surface;
import kindveil.measure.Figures;
import kindveil.measure.Volume;
import kindveil.product.Pigments;
import kindveil.studio.page.ColourRow;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.shelf.Paints;

/**
 * The paints on the shelf.
 *
 * @param black colour of the black half of a card; likewise {@code white}
 * @param stripes each paint laid over both halves
 * @param pigments that can be put there
 * @param wish what is to be mixed
 * @param mixed what comes nearest, fewer pots first
 * @param mixing what is said where nothing can be mixed, or empty
 */
record PaintsView(String black, String white, List<Stripe> stripes, List<Pick> pigments, List<Pick> grades, Put put, Wish wish, List<Mixed> mixed, String mixing, List<String> problems) implements PageView {

    /**
     * One paint over black and white: one coat, two, and in full.
     *
     * @param grade how far it hides, in words
     * @param known how that is known
     */
    record Stripe(String id, String name, String overBlack, String overWhite, String twiceBlack, String twiceWhite, String full, String grade, String known, String said) {
        static Stripe of(Paints.Mine mine, Say say) {
            Coefficients paint = mine.paint();
            Colour black = paint.over(Hiding.BLACK, 1, Surface.MATTE);
            Colour white = paint.over(Hiding.WHITE, 1, Surface.MATTE);
            Hiding hiding = Hiding.of(paint);
            String grade = (mine.flakes() ? Opacity.FLAKES : paint.grade()).words();
            return new Stripe(mine.id().toString(), mine.name(), black.toString(), white.toString(), paint.over(Hiding.BLACK, 2, Surface.MATTE).toString(), paint.over(Hiding.WHITE, 2, Surface.MATTE).toString(),
                    paint.seen().toString(), "%s; %s".formatted(grade, hides(hiding)), known(mine, say), "One coat: L* %s over black, L* %s over white. %s".formatted(lightness(black), lightness(white), hides(hiding)));
        }

        private static String hides(Hiding hiding) {
            return hiding.hidden() == 0 ? "more than %d coats to hide".formatted(Hiding.MOST) : hiding.hidden() == 1 ? "one coat hides" : "%d coats hide%s".formatted(hiding.hidden(), hiding.atAGlance() < hiding.hidden() ? ", %s at a glance".formatted(hiding.atAGlance() == 1 ? "one" : hiding.atAGlance()) : "");
        }

        private static String known(Paints.Mine mine, Say say) {
            if (mine.flakes()) {
                return "assumed, as it looks face-on, on average";
            }
            return mine.measured() ? mine.within() == 0 ? "measured" : "measured; how far it hides to within " + say.percent(mine.within()) : "assumed";
        }
    }

    /** What was typed of a paint to be put there. */
    record Put(String pigment, String name, String masstone, String opacity) {
        static final Put NOTHING = new Put("", "", "#8a5a3c", Opacity.SEMI_OPAQUE.name());
    }

    /** A colour to be mixed. @param coats empty for so many that nothing shows through */
    record Wish(String colour, String ground, String coats) {
    }

    /** Of these pots. @param words how near it comes */
    record Mixed(String wished, String seen, String words, List<Part> parts) {
    }

    /** @param drops in words @param colour of that pot in full */
    record Part(String colour, String name, String drops) {
    }

    static PaintsView of(List<Paints.Mine> all, Put put, Wish wish, List<Mixing> found, List<String> problems, Say say) {
        List<Paints.Mine> mixable = Paints.mixable(all);
        List<Mixed> mixed = found.stream().map(one -> mixed(one, wish, mixable, say)).toList();
        List<Pick> pigments = Pick.of(Pigments.all(), Pigments.Pigment::index, Pigments.Pigment::called, one -> one.opacity().words(), put.pigment);
        List<Pick> grades = Pick.typed(Opacity.values(), Opacity::words, put.opacity);
        return new PaintsView(Hiding.BLACK.toString(), Hiding.WHITE.toString(), all.stream().map(one -> Stripe.of(one, say)).toList(), pigments, grades, put, wish, mixed,
                !all.isEmpty() && mixable.isEmpty() ? "Flakes are told by an average, and no mixture of them is." : "", problems);
    }

    private static Mixed mixed(Mixing found, Wish wish, List<Paints.Mine> pots, Say say) {
        List<Part> parts = new ArrayList<>();
        for (Mixing.Part part : found.parts()) {
            Paints.Mine pot = pots.get(part.pot());
            parts.add(new Part(pot.paint().seen().toString(), pot.name(), part.drops() == 1 ? "1 drop" : part.drops() + " drops"));
        }
        String amount = found.parts().size() == 1 ? "" : ", %s in all".formatted(say.both(new Volume(Volume.DROP_MILLILITRES * found.drops())));
        return new Mixed(wish.colour, found.seen().toString(), ColourRow.apart(found.apart()) + amount, parts);
    }

    private static String lightness(Colour colour) {
        return Figures.rounded(colour.lab().lightness(), 0);
    }

    /** Whether anything stands there. */
    public boolean empty() {
        return stripes.isEmpty();
    }

    /** How many there are, said over them. */
    public String many() {
        return stripes.size() == 1 ? "One paint" : String.format(Locale.ROOT, "%d paints", stripes.size());
    }
}
