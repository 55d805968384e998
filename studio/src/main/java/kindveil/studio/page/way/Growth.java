package kindveil.studio.page.way;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Face;
import kindveil.studio.page.Pile;
import kindveil.way.Trace;

/**
 * The section of a way growing act by act: the pile that each act touches, from below upwards, wherever it changed.
 *
 * @param stages in order
 */
public record Growth(List<Stage> stages) {
    /** Drawn over this width, px: few stages wide, many narrow. */
    private static final double ROOM = 1090;
    private static final double NARROWEST = 92;
    private static final double WIDEST = 176;
    private static final double GAP = 30;
    private static final double FOOT = 200;
    private static final double WORDS = 54;
    private static final double SCALE = 1.8;
    private static final int MOST = 12;

    /** One pile. @param title the act that made it so @param slabs from below upwards */
    public record Stage(String title, List<Slab> slabs) {
        public double top() {
            return slabs.getLast().y();
        }
    }

    /** One layer as it is drawn; {@code broken} where it lies only under the darks, {@code apart} where a thing ends. */
    public record Slab(double y, double height, String fill, boolean broken, String words) {
    }

    static Growth of(Trace trace) {
        List<Stage> stages = new ArrayList<>();
        List<String> before = List.of();
        for (Trace.Moment moment : trace.moments()) {
            Optional<Face> face = Pile.face(moment.act().step());
            if (face.isEmpty()) {
                continue;
            }
            List<Slab> slabs = drawn(Pile.of(moment.after(), face.get()));
            List<String> words = slabs.stream().map(Slab::words).toList();
            if (slabs.size() > 1 && !words.equals(before)) {
                stages.add(new Stage(moment.act().title(), slabs));
                before = words;
            }
        }
        return new Growth(stages.size() <= MOST ? stages : thinned(stages));
    }

    /** The first, the last and as many between as there is room for. */
    private static List<Stage> thinned(List<Stage> stages) {
        List<Stage> fewer = new ArrayList<>();
        for (int i = 0; i < MOST; i++) {
            fewer.add(stages.get((int) Math.round(i * (stages.size() - 1.0) / (MOST - 1))));
        }
        return fewer;
    }

    /** From one stage to the next. */
    private double pitch() {
        return Math.floor(Math.clamp(ROOM / stages.size(), NARROWEST, WIDEST));
    }

    /** Where the tallest pile begins. */
    private double top() {
        return stages.stream().mapToDouble(Stage::top).min().orElse(FOOT) - 10;
    }

    public double across() {
        return stages.size() * pitch();
    }

    public double tall() {
        return FOOT + WORDS - top();
    }

    /** What of the drawing is shown. */
    public String box() {
        return "-5 %s %s %s".formatted(top(), across(), tall());
    }

    public String place(int stage) {
        return "translate(%s 0)".formatted(stage * pitch());
    }

    /** From the pile before. */
    public String arrow() {
        return "M-21 %sh12m-4-4l4 4-4 4".formatted(FOOT - 22);
    }

    public double wordsY() {
        return FOOT + 5;
    }

    public double wordsWidth() {
        return pitch() - 12;
    }

    /** A part of a slab's width. */
    public record Across(double x, double width, double stroke) {
    }

    /** All of the pile's width, or three parts of it where the slab lies only under the darks. */
    public List<Across> parts(Slab slab) {
        double width = pitch() - GAP;
        return slab.broken() ? List.of(new Across(width * 0.06, width * 0.24, 0.5), new Across(width * 0.4, width * 0.34, 0.5), new Across(width * 0.84, width * 0.1, 0.5)) : List.of(new Across(0, width, 0.8));
    }

    private static List<Slab> drawn(List<Pile.Slab> pile) {
        List<Slab> slabs = new ArrayList<>();
        double y = FOOT;
        for (Pile.Slab slab : pile) {
            double height = Math.round(slab.height() * SCALE * 10) / 10.0;
            y -= height;
            slabs.add(new Slab(Math.round(y * 10) / 10.0, height, slab.fill(), slab.broken(), slab.words()));
        }
        return slabs;
    }
}
