package kindveil.way;

import java.util.HashMap;
import java.util.Map;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.drying.Airing;
import kindveil.drying.Room;
import kindveil.light.Colour;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;

/**
 * What the artist wants made, before any way expands it.
 *
 * @param width of the image; likewise height
 * @param print what carries it
 * @param colourShare how much of the picture is coloured, 0 to 1; some inks depend on it
 * @param handOnPrint how the image stands on the print: mirrored if the file is printed mirrored
 * @param choices option by choice; what is missing takes the way's default
 * @param dials value by dial; what is missing takes the way's default
 * @param colours colour by pot; what is missing takes the way's default
 * @param room the air it is made in
 */
public record Brief(Length width, Length height, PrintKind print, double colourShare, Hand handOnPrint, Support support, Ground ground,
        Wish wish, Map<String, String> choices, Map<String, Double> dials, Map<String, Colour> colours, Room room) {
    public Brief {
        choices = Map.copyOf(choices);
        dials = Map.copyOf(dials);
        colours = Map.copyOf(colours);
        UnusableValue.requireWithin("share of colour", colourShare, 0, 1, "", "0 is black and white, 1 coloured all over.");
    }

    /** Of a way's usual print and its first support, a clean wish and nothing chosen. */
    public static Brief usual(Way way, Length width, Length height, Room room) {
        return new Brief(width, height, way.card().usualPrint(), 0, Hand.READS_RIGHT, way.card().usualSupport(), way.card().usualGround(), Wish.CLEAN,
                Map.of(), Map.of(), Map.of(), room);
    }

    public Area area() {
        return Area.of(width, height);
    }

    /** The air while it is made: a fan is chosen once for the whole. */
    Room air() {
        return Schools.FAN.equals(choices.get(Schools.HURRY.key())) ? room.with(Airing.FAN) : room;
    }

    public Brief withHand(Hand hand) {
        return new Brief(width, height, print, colourShare, hand, support, ground, wish, choices, dials, colours, room);
    }

    public Brief with(Ground other) {
        return new Brief(width, height, print, colourShare, handOnPrint, support, other, wish, choices, dials, colours, room);
    }

    public Brief with(Support other) {
        return new Brief(width, height, print, colourShare, handOnPrint, other, ground, wish, choices, dials, colours, room);
    }

    public Brief with(Wish other) {
        return new Brief(width, height, print, colourShare, handOnPrint, support, ground, other, choices, dials, colours, room);
    }

    public Brief with(PrintKind other) {
        return new Brief(width, height, other, colourShare, handOnPrint, support, ground, wish, choices, dials, colours, room);
    }

    public Brief in(Room other) {
        return new Brief(width, height, print, colourShare, handOnPrint, support, ground, wish, choices, dials, colours, other);
    }

    public Brief coloured(double share) {
        return new Brief(width, height, print, share, handOnPrint, support, ground, wish, choices, dials, colours, room);
    }

    public Brief with(String choice, String option) {
        return choosing(and(choices, choice, option));
    }

    public Brief choosing(Map<String, String> all) {
        return new Brief(width, height, print, colourShare, handOnPrint, support, ground, wish, all, dials, colours, room);
    }

    public Brief dialled(String dial, double value) {
        return dialled(and(dials, dial, value));
    }

    public Brief dialled(Map<String, Double> all) {
        return new Brief(width, height, print, colourShare, handOnPrint, support, ground, wish, choices, all, colours, room);
    }

    public Brief coloured(String pot, Colour colour) {
        return coloured(and(colours, pot, colour));
    }

    public Brief coloured(Map<String, Colour> all) {
        return new Brief(width, height, print, colourShare, handOnPrint, support, ground, wish, choices, dials, all, room);
    }

    private static <T> Map<String, T> and(Map<String, T> map, String key, T value) {
        Map<String, T> changed = new HashMap<>(map);
        changed.put(key, value);
        return changed;
    }
}
