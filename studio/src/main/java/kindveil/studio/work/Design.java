package kindveil.studio.work;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;
import kindveil.tone.Treatment;
import kindveil.way.Brief;
import kindveil.way.Catalogue;
import kindveil.way.Ground;
import kindveil.way.PrintKind;
import kindveil.way.Support;
import kindveil.way.Way;
import kindveil.way.Wish;

/**
 * Everything the artist has decided about a piece.
 *
 * @param printWidth width of the image on paper; its height follows from the source
 * @param tones how many the source is simplified to, or null
 * @param bedMicrometres wet thickness of the bed, or null for the way's own
 */
public record Design(Length printWidth, Treatment.Levels levels, Integer tones, String way, Map<String, String> choices, Double bedMicrometres,
        Support support, Ground ground, Colour groundColour, Wish wish, PrintKind print, HandWish hand, Paper paper, int copies) {
    public static final Length NARROWEST = Length.ofMillimetres(10);
    public static final Length WIDEST = Length.ofMillimetres(400);

    public Design {
        choices = Map.copyOf(choices);
        if (tones != null) {
            new Treatment.Simplify(tones);
        }
        UnusableValue.requireWithin("copies", copies, 1, 50, "", "Print at least one spare.");
        Catalogue.way(way);
    }

    /** Where a new piece starts: the wider safe window everywhere. */
    public static Design fresh(Length width) {
        return new Design(width, Treatment.Levels.NONE, null, Catalogue.ways().getFirst().key(), Map.of(), null, Support.BIRCH_PANEL, Ground.ACRYLIC_PAINT,
                Colour.parse("ground", "#c9b48a"), Wish.CLEAN, PrintKind.GOOD_TONER, HandWish.READS_RIGHT, Paper.A4, 3);
    }

    public Way theWay() {
        return Catalogue.way(way);
    }

    public Optional<Treatment.Simplify> simplify() {
        return Optional.ofNullable(tones).map(Treatment.Simplify::new);
    }

    /** The bed's wet thickness, inside what the way's school allows. */
    public double bed(Brief brief) {
        var preset = theWay().bedThickness(brief);
        if (bedMicrometres == null) {
            return preset.value();
        }
        return UnusableValue.requireWithin("wet thickness of the bed", bedMicrometres, preset.least(), preset.most(), preset.unit(),
                "Outside it another school is meant; leave it empty for %s.".formatted(preset));
    }

    public Design withSize(Length width) {
        return new Design(width, levels, tones, way, choices, bedMicrometres, support, ground, groundColour, wish, print, hand, paper, copies);
    }

    public Design withTreatment(Treatment.Levels newLevels, Integer newTones) {
        return new Design(printWidth, newLevels, newTones, way, choices, bedMicrometres, support, ground, groundColour, wish, print, hand, paper, copies);
    }

    public Design withBuild(Map<String, String> newChoices, Double bed, Support newSupport, Ground newGround, Colour colour, Wish newWish, PrintKind newPrint) {
        return new Design(printWidth, levels, tones, way, newChoices, bed, newSupport, newGround, colour, newWish, newPrint, hand, paper, copies);
    }

    public Design withPrint(HandWish newHand, Paper newPaper, int newCopies) {
        return new Design(printWidth, levels, tones, way, choices, bedMicrometres, support, ground, groundColour, wish, print, newHand, newPaper, newCopies);
    }

    /** With some choices of the way made otherwise. */
    public Design choosing(Map<String, String> other) {
        Map<String, String> all = new HashMap<>(choices);
        all.putAll(other);
        return withBuild(all, bedMicrometres, support, ground, groundColour, wish, print);
    }

    /** As a remedy proposes. */
    public Design with(Brief brief) {
        return withBuild(brief.choices(), null, brief.support(), brief.ground(), groundColour, brief.wish(), brief.print());
    }
}
