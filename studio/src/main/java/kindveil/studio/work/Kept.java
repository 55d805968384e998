package kindveil.studio.work;

import java.util.List;

/**
 * What is stored of one kind: what can be read, in its order, and what cannot, set apart. Both come of one reading.
 */
public record Kept<T>(List<T> read, List<Damaged> apart) {
    public Kept {
        read = List.copyOf(read);
        apart = List.copyOf(apart);
    }

    /** What to say on a page of what was set apart. */
    public List<String> sentences() {
        return apart.stream().map(Damaged::sentence).toList();
    }
}
