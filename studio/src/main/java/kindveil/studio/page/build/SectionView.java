package kindveil.studio.page.build;

import kindveil.studio.page.piece.LookView;
import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Words;
import kindveil.reading.LookState;
import kindveil.studio.page.Say;
import kindveil.studio.page.SupportHue;
import kindveil.reading.StackReading.Kind;
import kindveil.reading.StackReading.Seen;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.piece.Planned;
import kindveil.bench.Support;

/**
 * The section through the layers at one point, ready to draw.
 *
 * @param place where, in mm from the top left
 * @param seen the colour seen there
 * @param layers from the eye down
 */
public record SectionView(String place, String toner, String seen, String lightness, List<Drawn> layers, double foot) {
    private static final double TOP = 34;
    private static final double DEPTH = 462;
    private static final double LEAST = 26;
    /** Below this share of toner there is none to draw. */
    private static final double NO_TONER = 0.05;

    /**
     * One layer as it is drawn.
     *
     * @param fill colour or pattern
     * @param note a last line, in colour, or empty
     */
    public record Drawn(String kind, String name, String detail, String note, double y, double height, String fill, double opacity) {
        private static final int LONGEST_NAME = 21;
        private static final int LONGEST_DETAIL = 25;

        /** The line from the layer to its name. */
        public String lead() {
            return "M114 %sh14".formatted(middle());
        }

        private double middle() {
            return y + height / 2;
        }

        public double nameY() {
            return middle() - (note.isEmpty() ? 3 : 11);
        }

        public double detailY() {
            return middle() + (note.isEmpty() ? 13 : 5);
        }

        public double noteY() {
            return middle() + 21;
        }

        /** Long names are set closer, to keep to the drawing. */
        public boolean longName() {
            return name.length() > LONGEST_NAME;
        }

        public boolean longDetail() {
            return detail.length() > LONGEST_DETAIL;
        }
    }

    static SectionView of(Planned planned, LookView view, LookWork looks, Say say) {
        return of(looks.core(planned.piece(), view.right(), view.pass(), view.x(), view.y()), planned, view.right(), looks.frameSize(planned.piece()), say);
    }

    private static SectionView of(LookWork.Core core, Planned planned, LookState state, List<Length> frame, Say say) {
        List<Seen> seen = merged(core.layers()).stream().filter(layer -> !layer.onlyInDarks() || core.coverage() >= NO_TONER).toList();
        double least = Math.min(LEAST, DEPTH * 0.8 / (seen.size() + 1));
        double unit = (DEPTH - seen.size() * least) / (seen.stream().mapToDouble(SectionView::weight).sum() + 3);
        List<Drawn> drawn = new ArrayList<>();
        double y = TOP;
        for (Seen layer : seen) {
            double height = least + weight(layer) * unit;
            drawn.add(new Drawn(layer.kind().name().toLowerCase(java.util.Locale.ROOT), layer.name(), say.it(detail(layer, core)), note(layer, core, state), y, height, fill(layer, core), opacity(layer, core)));
            y += height;
        }
        drawn.add(support(planned.brief().support(), y, TOP + DEPTH - y));
        String place = say.size(frame.getFirst().times(core.x()).rounded(), frame.getLast().times(core.y()).rounded());
        String dark = seen.stream().filter(layer -> layer.kind() == Kind.TONER).findFirst().map(layer -> layer.name().toLowerCase(java.util.Locale.ROOT)).orElse("dark");
        String toner = core.coverage() < NO_TONER ? "clear here" : "%s %% %s here".formatted(Figures.rounded(core.coverage() * 100, 0), dark);
        return new SectionView(place, toner, core.seen().toString(), Figures.rounded(core.seen().lab().lightness(), 0), drawn, TOP + DEPTH);
    }

    /** Coats of the same on each other are drawn as one. */
    private static List<Seen> merged(List<Seen> layers) {
        List<Seen> merged = new ArrayList<>();
        int coats = 1;
        for (Seen layer : layers) {
            Seen last = merged.isEmpty() ? null : merged.getLast();
            boolean same = last != null && last.name().equals(layer.name()) && last.part() == layer.part() && (layer.kind() == Kind.COAT || layer.kind() == Kind.PAINT)
                    && java.util.Objects.equals(last.colour(), layer.colour());
            coats = same ? coats + 1 : 1;
            if (same) {
                double thick = last.micrometres() + layer.micrometres();
                merged.set(merged.size() - 1, new Seen(layer.kind(), layer.name(), "%d coats, %s µm dry".formatted(coats, Figures.rounded(thick, 0)), layer.part(), thick, layer.colour()));
            } else {
                merged.add(layer);
            }
        }
        return merged;
    }

    private static double weight(Seen layer) {
        return switch (layer.kind()) {
            case FIBRE -> 1.2;
            case TONER -> 0.1;
            case COAT -> Math.min(2.4, 0.5 + layer.micrometres() / 60);
            case PAINT -> Math.min(1.6, 0.3 + layer.micrometres() / 60);
            case FOIL -> 0.4;
            case SHEET -> 0.6;
            case OIL -> 0.2;
            case GROUND -> 0.8;
        };
    }

    private static String detail(Seen layer, LookWork.Core core) {
        if (layer.kind() == Kind.TONER) {
            return layer.detail() + (core.coverage() < 0.95 ? ", covers " + Figures.rounded(core.coverage() * 100, 0) + " %" : "");
        }
        return layer.detail();
    }

    private static String note(Seen layer, LookWork.Core core, LookState state) {
        boolean whitens = layer.kind() == Kind.FIBRE && state == LookState.DRIED && core.whitening() >= 1;
        return whitens ? "adds " + Figures.rounded(core.whitening(), 0) + " L* of white" : "";
    }

    private static String fill(Seen layer, LookWork.Core core) {
        return switch (layer.kind()) {
            case FIBRE -> layer.detail().endsWith("dry") ? "#f7f9f8" : "#dbe7e6";
            case TONER -> layer.colour() == null ? "#151515" : layer.colour().toString();
            case COAT -> layer.name().toLowerCase(java.util.Locale.ROOT).contains("matte") ? "#e6ebe6" : "#d3e8e4";
            case PAINT -> layer.colour().toString();
            case FOIL -> "#e4eef0";
            case SHEET -> "#f3efe4";
            case OIL -> "#ead9a6";
            case GROUND -> core.ground().toString();
        };
    }

    private static double opacity(Seen layer, LookWork.Core core) {
        return layer.onlyInDarks() ? Math.clamp(0.25 + 0.75 * core.coverage(), 0, 1) : 1;
    }

    private static Drawn support(Support support, double y, double height) {
        String kind = support.is(Support.Trait.WOOD) ? "wood" : "paper";
        return new Drawn(kind, Words.capital(support.words()), "what carries it all", "", y, height,
                SupportHue.of(support), 1);
    }
}
