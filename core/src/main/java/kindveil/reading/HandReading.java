package kindveil.reading;

import java.util.Optional;
import kindveil.bench.Face;
import kindveil.bench.Hand;
import kindveil.bench.Mask;
import kindveil.way.Trace;

/**
 * The hand of a finished image, and how its print must stand for it.
 *
 * @param turns how often it was turned: by each contact with another face, and by looking at it from behind
 * @param finished how it stands for the eye when the print is made unmirrored
 * @param onSupport how it stands on the support itself; on a block that is its mirror image
 */
public record HandReading(int turns, Hand finished, Hand onSupport) {

    /** Of a trace whose print was made unmirrored; empty where nothing is printed. */
    public static Optional<HandReading> of(Trace trace) {
        return trace.picture().isEmpty() ? Optional.empty() : Optional.of(of(trace, trace.picture().getAsInt()));
    }

    private static HandReading of(Trace trace, int picture) {
        int turns = 0;
        Mask last = null;
        for (Trace.Moment moment : trace.moments()) {
            Optional<Mask> mask = moment.after().picture(picture);
            turns += mask.isPresent() && last != null && mask.get().hand() != last.hand() ? 1 : 0;
            last = mask.orElse(last);
        }
        if (last == null) {
            throw new IllegalStateException("Impossible state: picture %d was never set out.".formatted(picture));
        }
        Hand onSupport = trace.end().pictures(Face.SUPPORT_FRONT).stream().filter(mask -> mask.picture() == picture).map(Mask::hand).findFirst().orElse(last.hand());
        return new HandReading(turns, last.hand(), onSupport);
    }

    /** How the finished image stands if its print stands so. */
    public Hand finishedOf(Hand print) {
        return print == Hand.READS_RIGHT ? finished : finished == Hand.READS_RIGHT ? Hand.MIRRORED : Hand.READS_RIGHT;
    }

    /** How the print must stand so that the finished image stands as wanted. */
    public Hand printFor(Hand wanted) {
        return finished == wanted ? Hand.READS_RIGHT : Hand.MIRRORED;
    }
}
