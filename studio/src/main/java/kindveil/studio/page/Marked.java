package kindveil.studio.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kindveil.tone.Corners;
import org.jspecify.annotations.Nullable;

/** Places marked in a photograph: the four corners of what lies in it, and what else is looked for. */
public final class Marked {
    private static final List<String> CORNERS = List.of("upper left", "upper right", "lower right", "lower left");

    private Marked() {
    }

    /** One of them, in per cent of the picture, as it was typed. @param number as which it is sent, from 1 */
    public record Mark(int number, String name, String x, String y) {
    }

    /** The four corners, upper left first and then clockwise, then those named. @param usual places, of each x and y, where nothing was typed */
    public static List<Mark> of(Map<String, String> typed, List<String> usual, String... others) {
        List<String> names = new ArrayList<>(CORNERS);
        names.addAll(List.of(others));
        return IntStream.range(0, names.size()).mapToObj(i -> new Mark(i + 1, names.get(i), typed.getOrDefault("x" + (i + 1), usual.get(2 * i)), typed.getOrDefault("y" + (i + 1), usual.get(2 * i + 1)))).toList();
    }

    /** The four corners as they were sent, or null with what is wrong in {@code problems}. */
    public static @Nullable Corners corners(Problems problems, Map<String, String> all) {
        List<Double> at = new ArrayList<>();
        for (int i = 1; i <= CORNERS.size(); i++) {
            at.addAll(place(problems, all, i, "Corner " + i));
        }
        return at.contains(null) ? null : problems.read(() -> new Corners(at.get(0), at.get(1), at.get(2), at.get(3), at.get(4), at.get(5), at.get(6), at.get(7)));
    }

    /** One place as it was sent, x and y; null for what cannot be read. */
    public static List<@Nullable Double> place(Problems problems, Map<String, String> all, int number, String name) {
        List<@Nullable Double> at = new ArrayList<>();
        at.add(problems.number(name + ", from the left", all.getOrDefault("x" + number, ""), 0, 100, "%", "Of the width of the picture."));
        at.add(problems.number(name + ", from the top", all.getOrDefault("y" + number, ""), 0, 100, "%", "Of the height of the picture."));
        return at;
    }
}
