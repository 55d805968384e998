package kindveil.studio.work;

import java.util.HashMap;
import java.util.Map;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.shape.Region;
import kindveil.sheet.Paper;
import kindveil.tone.Treatments;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Fit;
import kindveil.way.Way;
import kindveil.way.Wish;

/**
 * Everything the artist has decided about one veil of a piece.
 *
 * @param printWidth width of the image on paper; its height follows from the source
 * @param treated what is done to the source, as {@link Treatments} writes it; {@code treatedBefore} what was before the last change
 * @param choices option by choice of the way; likewise {@code dials} and {@code colours}; what is missing is the way's own
 * @param opaque the part painted opaque where the way paints one, as {@link Region} writes it, in widths of the source as it came; empty for its subject
 * @param seamless the part that tape seams keep out of, as {@link Marked} writes it; empty where none is marked
 */
public record Design(Length printWidth, String treated, String treatedBefore, String way, Map<String, String> choices, Map<String, Double> dials,
        Map<String, Colour> colours, Support support, Ground ground, Colour groundColour, Wish wish, PrintKind print, HandWish hand, Paper paper, int copies, String opaque, String seamless) {
    public static final Length NARROWEST = Length.ofMillimetres(10);
    public static final Length WIDEST = Length.ofMillimetres(400);

    public Design {
        choices = Map.copyOf(choices);
        dials = Map.copyOf(dials);
        colours = Map.copyOf(colours);
        opaque = opaque == null ? "" : opaque;
        seamless = seamless == null ? "" : seamless;
        Treatments.parse(treated);
        UnusableValue.requireWithin("copies", copies, 1, 50, "", "Print at least one spare.");
        Catalogue.way(way);
    }

    /** Where a new piece starts: the wider safe window everywhere. */
    public static Design fresh(Length width) {
        return new Design(width, "", "", Catalogue.ways().getFirst().key(), Map.of(), Map.of(), Map.of(), Support.BIRCH_PANEL, Ground.ACRYLIC_PAINT,
                Colour.parse("ground", "#c9b48a"), Wish.CLEAN, PrintKind.GOOD_TONER, HandWish.READS_RIGHT, Paper.A4, 3, "", "");
    }

    public Way theWay() {
        return Catalogue.way(way);
    }

    public Treatments treatments() {
        return Treatments.parse(treated);
    }

    public Design withSize(Length width) {
        return new Design(width, treated, treatedBefore, way, choices, dials, colours, support, ground, groundColour, wish, print, hand, paper, copies, opaque, seamless);
    }

    /** Treated otherwise; what was before can be taken back. */
    public Design treated(Treatments other) {
        return other.toString().equals(treated) ? this
                : new Design(printWidth, other.toString(), treated, way, choices, dials, colours, support, ground, groundColour, wish, print, hand, paper, copies, opaque, seamless);
    }

    /** With another part painted opaque; empty for the subject as it is found. */
    public Design opaque(Region part) {
        return new Design(printWidth, treated, treatedBefore, way, choices, dials, colours, support, ground, groundColour, wish, print, hand, paper, copies, part.toString(), seamless);
    }

    /** With another part that tape seams keep out of; null for none. */
    public Design seamless(Marked part) {
        return new Design(printWidth, treated, treatedBefore, way, choices, dials, colours, support, ground, groundColour, wish, print, hand, paper, copies, opaque, part == null ? "" : part.toString());
    }

    public java.util.Optional<Marked> marked() {
        return seamless.isEmpty() ? java.util.Optional.empty() : java.util.Optional.of(Marked.parse(seamless));
    }

    public Design withBase(Support newSupport, Ground newGround, Colour newColour) {
        return new Design(printWidth, treated, treatedBefore, way, choices, dials, colours, newSupport, newGround, newColour, wish, print, hand, paper, copies, opaque, seamless);
    }

    public Design withBuild(Map<String, String> newChoices, Map<String, Double> newDials, Map<String, Colour> newColours, Wish newWish, PrintKind newPrint) {
        return new Design(printWidth, treated, treatedBefore, way, newChoices, newDials, newColours, support, ground, groundColour, newWish, newPrint, hand, paper, copies, opaque, seamless);
    }

    public Design withPrint(HandWish newHand, Paper newPaper, int newCopies) {
        return new Design(printWidth, treated, treatedBefore, way, choices, dials, colours, support, ground, groundColour, wish, print, newHand, newPaper, newCopies, opaque, seamless);
    }

    /**
     * Done another way: its own usual print, and its best support where the present one will not do; of the choices only
     * those it knows.
     *
     * @param alone whether no other veil lies on the same support
     */
    public Design doing(Way other, boolean alone) {
        if (other.key().equals(way)) {
            return this;
        }
        Map<String, String> kept = new HashMap<>();
        for (Choice choice : other.choices()) {
            String option = choices.get(choice.key());
            if (option != null && choice.options().stream().anyMatch(o -> o.key().equals(option))) {
                kept.put(choice.key(), option);
            }
        }
        Support onto = alone && other.card().fit(support).verdict() == Fit.Verdict.NO ? other.card().usualSupport() : support;
        PrintKind printed = other.card().usualPrint() == null ? print : other.card().usualPrint();
        return new Design(printWidth, treated, treatedBefore, other.key(), kept, Map.of(), Map.of(), onto, ground, groundColour, wish, printed, hand, paper, copies, opaque, seamless);
    }

    /** With some choices of the way made otherwise. */
    public Design choosing(Map<String, String> other) {
        Map<String, String> all = new HashMap<>(choices);
        all.putAll(other);
        return withBuild(all, dials, colours, wish, print);
    }

    /** As a remedy proposes. */
    public Design with(Brief brief) {
        return withBuild(brief.choices(), brief.dials(), colours, brief.wish(), brief.print()).withBase(brief.support(), brief.ground(), groundColour);
    }
}
