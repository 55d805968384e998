package kindveil.studio.work.learning;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is learned from.
 *
 * @param version counts its changes
 * @param used whether plans are made with it
 * @param since only what was seen after this, or null for all
 * @param leftOut checks that are not counted, by their keys
 */
public record Teaching(int version, boolean used, @Nullable Instant since, List<String> leftOut) {
    public static final Teaching ALL = new Teaching(-1, true, null, List.of());

    public Teaching {
        leftOut = List.copyOf(leftOut);
    }

    public Teaching at(int otherVersion) {
        return new Teaching(otherVersion, used, since, leftOut);
    }

    Teaching used(boolean other) {
        return new Teaching(version, other, since, leftOut);
    }

    Teaching since(@Nullable Instant other) {
        return new Teaching(version, used, other, other == null ? leftOut : List.of());
    }

    /** Counted, or not. */
    Teaching counting(String check, boolean counted) {
        List<String> other = new ArrayList<>(leftOut);
        other.remove(check);
        if (!counted) {
            other.add(check);
        }
        return new Teaching(version, used, since, other);
    }
}
