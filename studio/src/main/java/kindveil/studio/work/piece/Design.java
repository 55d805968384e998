package kindveil.studio.work.piece;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.catalogue.Catalogue;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.sheet.Paper;
import kindveil.shape.Region;
import kindveil.studio.work.source.Marked;
import kindveil.tone.Treatments;
import kindveil.tone.Opening;
import kindveil.way.Edges;
import kindveil.way.Printed;
import kindveil.way.Way;
import kindveil.way.Wish;

/**
 * Everything the artist has decided about one veil of a piece; support and ground are the piece's own.
 *
 * @param image how its source is made into its image
 * @param manner the way it is made
 * @param printing how its print is made
 * @param lay how it lies on the page
 */
public record Design(Image image, Manner manner, Wish wish, PrintPlan printing, Lay lay) {
    public Design(Image image, Manner manner, Wish wish, PrintPlan printing) {
        this(image, manner, wish, printing, Lay.STRAIGHT);
    }

    /** Where a new piece starts: the wider safe window everywhere. */
    public static Design fresh(Length width) {
        return new Design(Image.of(width), Manner.of(Catalogue.ways().getFirst()), Wish.CLEAN, PrintPlan.FRESH);
    }

    /** The same on another paper. */
    static Design fresh(Length width, Paper paper) {
        Design fresh = fresh(width);
        return fresh.withPrint(fresh.hand(), paper, fresh.copies());
    }

    public Design with(Image other) {
        return new Design(other, manner, wish, printing, lay);
    }

    public Design with(Manner other) {
        return new Design(image, other, wish, printing, lay);
    }

    public Design with(Wish other) {
        return new Design(image, manner, other, printing, lay);
    }

    public Design with(PrintPlan other) {
        return new Design(image, manner, wish, other, lay);
    }

    public Design with(Lay other) {
        return new Design(image, manner, wish, printing, other);
    }

    public Length printWidth() {
        return image.width();
    }

    public Treatments treatments() {
        return image.treatments();
    }

    public String opaque() {
        return image.opaque();
    }

    public Optional<Marked> marked() {
        return image.marked();
    }

    public String way() {
        return manner.way();
    }

    public Way theWay() {
        return manner.theWay();
    }

    public Map<String, String> choices() {
        return manner.choices();
    }

    public PrintKind print() {
        return printing.kind();
    }

    /** The opening to be cut into a picture so high, if one is. */
    public Optional<Opening> opening(Length height) {
        return Edges.opening(choices(), manner.dials(), printWidth(), height);
    }

    /** How often its print is run over itself. */
    public int runs() {
        return Printed.runs(print(), manner.dials());
    }

    public HandWish hand() {
        return printing.hand();
    }

    public Paper paper() {
        return printing.paper();
    }

    public int copies() {
        return printing.copies();
    }

    public Design withSize(Length width) {
        return with(image.with(width));
    }

    public Design treated(Treatments other) {
        return with(image.with(other));
    }

    public Design opaque(Region part) {
        return with(image.with(part));
    }

    public Design seamless(Optional<Marked> part) {
        return with(image.seamless(part));
    }

    public Design withBuild(Map<String, String> choices, Map<String, Double> dials, Map<String, Colour> colours, Wish newWish, PrintKind print) {
        return new Design(image, manner.set(choices, dials, colours), newWish, printing.with(print), lay);
    }

    public Design withPrint(HandWish hand, Paper paper, int copies) {
        return with(printing.with(hand).on(paper, copies));
    }

    /** With a paint of the shelf in a pot. */
    public Design painted(String pot, UUID paint, Colour colour) {
        return with(manner.painted(pot, paint, colour));
    }

    /** With no paint of the shelf in a pot: its colour alone counts. */
    public Design unpainted(String pot) {
        return with(manner.unpainted(pot));
    }

    /** With one number of its way told. */
    public Design dialled(String dial, double value) {
        return with(manner.dialled(dial, value));
    }

    /** Done another way, with its own usual print; of the choices only those it knows. */
    public Design doing(Way other) {
        return other.key().equals(way()) ? this : new Design(image, manner.doing(other), wish, printing.with(other.card().printOr(print())), lay);
    }

    /** With some choices of the way made otherwise. */
    public Design choosing(Map<String, String> other) {
        return with(manner.choosing(other));
    }
}
