package kindveil.reading;

import java.util.List;
import kindveil.way.Bench;
import kindveil.way.Face;
import kindveil.way.Hand;
import kindveil.way.Layer.Image;
import kindveil.way.Trace;

/**
 * The hand of the finished image, and how the print must stand for it.
 *
 * @param contacts how often the image passed from one face to another
 * @param finished how it stands for the eye when the print is made unmirrored
 */
public record HandReading(int contacts, Hand finished) {

    /** Of a trace whose print was made unmirrored. */
    public static HandReading of(Trace trace) {
        int contacts = 0;
        Hand last = null;
        for (Trace.Moment moment : trace.moments()) {
            Hand hand = seen(moment.after());
            contacts += last != null && hand != last ? 1 : 0;
            last = hand;
        }
        if (last == null) {
            throw new IllegalStateException("Impossible state: a plan without an image.");
        }
        return new HandReading(contacts, last);
    }

    /** As seen from outside the face the image lies on now. */
    private static Hand seen(Bench bench) {
        for (Face face : List.of(Face.SUPPORT_FRONT, Face.PRINT_FRONT)) {
            List<Image> images = bench.layers(face, Image.class);
            if (!images.isEmpty()) {
                return images.getLast().hand();
            }
        }
        return null;
    }

    /** How the print must stand so that the finished image stands as wanted. */
    public Hand printFor(Hand wanted) {
        return finished == wanted ? Hand.READS_RIGHT : Hand.MIRRORED;
    }
}
