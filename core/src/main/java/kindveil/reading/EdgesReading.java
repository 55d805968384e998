package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.PrintKind;
import kindveil.bench.Sheet;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.sheet.TapeStrips;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;

/** The five outlines of what one way lays down, each by how far it lies past that of the picture. */
public final class EdgesReading {
    /** What ends there. */
    public enum Kind {
        PICTURE("picture"), PRINT("print, its paper"), MEDIUM("medium"), FILM("tape, film or skin"), TRIM("trim");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One of them.
     *
     * @param past millimetres beyond the picture on each side
     * @param whole whether it is the edge of the page itself
     */
    public record Edge(Kind kind, double past, boolean whole) {
    }

    private EdgesReading() {
    }

    /** Those there are, the picture's first. @param print it comes on, or null where it brings no picture */
    public static List<Edge> of(Trace part, @Nullable PrintKind print) {
        List<Edge> edges = new ArrayList<>(List.of(new Edge(Kind.PICTURE, 0, false)));
        if (print != null) {
            edges.add(new Edge(print.sheet() == Sheet.COATED_FILM ? Kind.FILM : Kind.PRINT, MarginReading.of(part).millimetres(), false));
        }
        Extent medium = part.moments().stream().map(moment -> moment.act().step()).filter(step -> step instanceof Step.Apply apply && apply.product().family().poured() && lasting(apply.onto()))
                .map(step -> ((Step.Apply) step).extent()).max(Extent::compareTo).orElse(null);
        if (medium != null) {
            edges.add(new Edge(Kind.MEDIUM, medium == Extent.PICTURE ? 0 : Extent.PAST.millimetres() / 2, medium == Extent.WHOLE));
        }
        film(part).ifPresent(past -> edges.add(new Edge(Kind.FILM, past, false)));
        edges.add(new Edge(Kind.TRIM, 0, trims(part).isEmpty()));
        return edges;
    }

    private static boolean lasting(Face onto) {
        return onto.thing() == ThingKind.SUPPORT || onto.thing() == ThingKind.PRINT || onto.thing() == ThingKind.SKIN;
    }

    private static OptionalDouble film(Trace part) {
        boolean tape = part.moments().stream().anyMatch(moment -> moment.act().step() instanceof Step.Join join && join.moving().equals(Face.TAPE_BACK));
        boolean skin = part.moments().stream().anyMatch(moment -> moment.act().step() instanceof Step.Join join && join.moving().thing() == ThingKind.SKIN);
        if (tape) {
            return OptionalDouble.of(TapeStrips.BORDER.millimetres());
        }
        return skin ? OptionalDouble.of(0) : OptionalDouble.empty();
    }

    /** Cuts along an outline of its own, not of the page. */
    private static List<Step.Cut> trims(Trace part) {
        return part.moments().stream().map(moment -> moment.act().step()).filter(Step.Cut.class::isInstance).map(Step.Cut.class::cast)
                .filter(cut -> cut.how() == Step.Cutting.TRIM && cut.thing() != ThingKind.PRINT || cut.how() == Step.Cutting.CUT_OUT).toList();
    }
}
