package kindveil.sitting;

/**
 * Hours in which hands are free.
 *
 * @param from minutes from the plan's beginning
 * @param day which day it counts to, from the plan's first
 */
public record Sitting(int from, int to, int day) {
    public Sitting {
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException("Impossible state: a sitting from %d to %d.".formatted(from, to));
        }
    }

    public int minutes() {
        return to - from;
    }

    public boolean holds(int start, int end) {
        return start >= from && end <= to;
    }
}
