package kindveil.product;

import java.time.Duration;
import java.util.Set;

/**
 * How a product makes a print let go of its sheet.
 *
 * @param lets what it lets go
 * @param least how long it must act, joined and wet; {@code most} from when on the ink holds to its sheet again
 * @param dissolvesReceiver whether the film's receiver coating goes into it, or comes along with the ink
 */
public record Release(Set<Lets> lets, Duration least, Duration most, boolean dissolvesReceiver) {
    /** What can be let go. */
    public enum Lets {
        /** Ink on a coating that receives inkjet. */
        RECEIVED_INK,
        /** Toner, softened by a solvent. */
        TONER
    }

    public Release {
        lets = Ordered.of(Lets.class, lets);
    }
}
