package kindveil.studio.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.studio.work.piece.Page;
import kindveil.tone.Size;
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

    /** May be off by more than this and nobody is asked. */
    private static final double SURE = 0.03;

    /**
     * The same of a page in its own proportions: those that are known, those that were typed, or those the photograph tells surely. Where it
     * does not, that is said, unless it is meant to be taken as it looks.
     *
     * @param known height of the page over its width, where the studio knows it, or 0
     */
    public static @Nullable Corners page(Problems problems, Map<String, String> all, Size photograph, double known) {
        Corners corners = corners(problems, all);
        String wide = all.getOrDefault("wide", "");
        String tall = all.getOrDefault("tall", "");
        if (corners == null) {
            return null;
        }
        if (!wide.isBlank() && !tall.isBlank()) {
            Length width = problems.read(() -> Length.parseSize("Width of the page", wide, Page.NARROWEST, Page.WIDEST));
            Length height = problems.read(() -> Length.parseSize("Height of the page", tall, Page.NARROWEST, Page.WIDEST));
            return width == null || height == null ? null : problems.read(() -> corners.proportioned(height.millimetres() / width.millimetres()));
        }
        if (known > 0) {
            return problems.read(() -> corners.proportioned(known));
        }
        double doubt = corners.doubt(photograph);
        if (doubt > SURE && !all.containsKey("as-it-looks")) {
            problems.add("This photograph leaves the page’s proportions open by %s %%. Enter the width and the height of the page, or choose “Lay it flat as it looks”.".formatted(Figures.rounded(100 * doubt, 0)));
            return null;
        }
        return corners;
    }

    /** One place as it was sent, x and y; null for what cannot be read. */
    public static List<@Nullable Double> place(Problems problems, Map<String, String> all, int number, String name) {
        List<@Nullable Double> at = new ArrayList<>();
        at.add(problems.number(name + ", from the left", all.getOrDefault("x" + number, ""), 0, 100, "%", "Of the width of the picture."));
        at.add(problems.number(name + ", from the top", all.getOrDefault("y" + number, ""), 0, 100, "%", "Of the height of the picture."));
        return at;
    }
}
