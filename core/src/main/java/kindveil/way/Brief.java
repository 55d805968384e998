package kindveil.way;

import java.util.Map;
import java.util.Set;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.drying.Airing;
import kindveil.drying.Room;
import kindveil.light.Colour;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.product.Product;

/**
 * What the artist wants made, before any way expands it.
 *
 * @param base what it is made on
 * @param room the air it is made in
 * @param width of the image; likewise height
 * @param printed the print it comes on
 * @param settings what is chosen of the way's own
 * @param inPlace whether what brings no picture lies in a place of its own and not all over
 * @param pace how long the hands take that make it
 * @param apart parts of the work, from 0, that lie so far from it that hot air for this one does not reach them
 */
public record Brief(Base base, Room room, Length width, Length height, Printed printed, Wish wish, Settings settings, boolean inPlace, Pace pace, Set<Integer> apart) {
    public Brief {
        apart = Set.copyOf(apart);
    }

    /** Near all that lies there. */
    public Brief(Base base, Room room, Length width, Length height, Printed printed, Wish wish, Settings settings, boolean inPlace, Pace pace) {
        this(base, room, width, height, printed, wish, settings, inPlace, pace, Set.of());
    }

    /** By anybody's hands. */
    public Brief(Base base, Room room, Length width, Length height, Printed printed, Wish wish, Settings settings, boolean inPlace) {
        this(base, room, width, height, printed, wish, settings, inPlace, Pace.USUAL);
    }

    public Brief(Base base, Room room, Length width, Length height, Printed printed, Wish wish, Settings settings) {
        this(base, room, width, height, printed, wish, settings, false);
    }

    /** Of a way's usual print and its first support, a clean wish and nothing chosen. */
    public static Brief usual(Way way, Length width, Length height, Room room) {
        return new Brief(new Base(way.card().usualSupport(), way.card().usualGround()), room, width, height, Printed.of(way.card().printOr(PrintKind.GOOD_TONER)), Wish.CLEAN, Settings.NONE);
    }

    public Area area() {
        return Area.of(width, height);
    }

    /** The air while it is made: a fan or a warm cupboard is chosen once for the whole. */
    Room air() {
        String hurry = settings.choices().getOrDefault(Schools.HURRY.key(), "");
        return hurry.equals(Schools.FAN) ? room.with(Airing.FAN) : hurry.equals(Schools.CUPBOARD) ? room.with(Airing.WARM_CUPBOARD) : room;
    }

    public Support support() {
        return base.support();
    }

    public Ground ground() {
        return base.ground();
    }

    public PrintKind print() {
        return printed.kind();
    }

    public Brief on(Base other) {
        return new Brief(other, room, width, height, printed, wish, settings, inPlace, pace, apart);
    }

    public Brief with(Ground other) {
        return on(base.with(other));
    }

    public Brief with(Support other) {
        return on(base.with(other));
    }

    /** By these hands. */
    public Brief at(Pace other) {
        return new Brief(base, room, width, height, printed, wish, settings, inPlace, other, apart);
    }

    /** Only there, and not all over. */
    public Brief inItsPlace() {
        return new Brief(base, room, width, height, printed, wish, settings, true, pace, apart);
    }

    /** Out of reach of these parts of the work. */
    public Brief apart(Set<Integer> others) {
        return new Brief(base, room, width, height, printed, wish, settings, inPlace, pace, others);
    }

    public Brief in(Room other) {
        return new Brief(base, other, width, height, printed, wish, settings, inPlace, pace, apart);
    }

    public Brief with(Printed other) {
        return new Brief(base, room, width, height, other, wish, settings, inPlace, pace, apart);
    }

    public Brief with(PrintKind other) {
        return with(printed.with(other));
    }

    public Brief withHand(Hand hand) {
        return with(printed.with(hand));
    }

    public Brief coloured(double share) {
        return with(printed.coloured(share));
    }

    public Brief with(Wish other) {
        return new Brief(base, room, width, height, printed, other, settings, inPlace, pace, apart);
    }

    public Brief with(Settings other) {
        return new Brief(base, room, width, height, printed, wish, other, inPlace, pace, apart);
    }

    public Brief with(String choice, String option) {
        return with(settings.with(choice, option));
    }

    public Brief choosing(Map<String, String> all) {
        return with(settings.choosing(all));
    }

    public Brief dialled(String dial, double value) {
        return with(settings.dialled(dial, value));
    }

    public Brief dialled(Map<String, Double> all) {
        return with(settings.dialled(all));
    }

    public Brief coloured(String pot, Colour colour) {
        return with(settings.coloured(pot, colour));
    }

    public Brief coloured(Map<String, Colour> all) {
        return with(settings.coloured(all));
    }

    public Brief using(String builtIn, Product lot) {
        return with(settings.using(builtIn, lot));
    }
}
