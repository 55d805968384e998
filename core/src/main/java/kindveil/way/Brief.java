package kindveil.way;

import java.util.Map;
import kindveil.drying.Room;
import kindveil.measure.Area;
import kindveil.measure.Length;

/**
 * What the artist wants made, before any way expands it.
 *
 * @param width of the image; likewise height
 * @param print what carries it
 * @param handOnPrint how the image stands on the print: mirrored if the file is printed mirrored
 * @param choices option by choice; what is missing takes the way's default
 * @param room the air it is made in
 */
public record Brief(Length width, Length height, PrintKind print, Hand handOnPrint, Support support, Ground ground,
        Wish wish, Map<String, String> choices, Room room) {
    public Brief {
        choices = Map.copyOf(choices);
    }

    public Area area() {
        return Area.of(width, height);
    }

    public Brief withHand(Hand hand) {
        return new Brief(width, height, print, hand, support, ground, wish, choices, room);
    }

    public Brief with(Ground other) {
        return new Brief(width, height, print, handOnPrint, support, other, wish, choices, room);
    }

    public Brief with(Support other) {
        return new Brief(width, height, print, handOnPrint, other, ground, wish, choices, room);
    }

    public Brief in(Room other) {
        return new Brief(width, height, print, handOnPrint, support, ground, wish, choices, other);
    }

    public Brief with(PrintKind other) {
        return new Brief(width, height, other, handOnPrint, support, ground, wish, choices, room);
    }

    public Brief with(String choice, String option) {
        Map<String, String> changed = new java.util.HashMap<>(choices);
        changed.put(choice, option);
        return new Brief(width, height, print, handOnPrint, support, ground, wish, changed, room);
    }
}
