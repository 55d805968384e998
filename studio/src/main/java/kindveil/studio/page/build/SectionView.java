package kindveil.studio.page.build;

import kindveil.studio.page.piece.LookView;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
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
import kindveil.reading.WhereReading;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;

/**
 * The section through the layers at one point, ready to draw; each of its layers is a door to what is decided there.
 *
 * @param place where, in mm from the top left
 * @param seen the colour seen there
 * @param layers from the eye down
 * @param also doors to what is decided of layers that are not seen there
 */
public record SectionView(String place, String toner, String seen, String lightness, List<Drawn> layers, List<Door> also) {
    private static final double TOP = 2;
    private static final double DEPTH = 426;
    private static final double LEAST = 27;
    /** Below this share of toner there is none to draw. */
    private static final double NO_TONER = 0.05;

    /**
     * One layer as it is drawn.
     *
     * @param fill colour or pattern
     * @param note a last line, in colour, or empty
     * @param door to what is decided there, or null where nothing is
     */
    public record Drawn(String kind, String name, String detail, String note, double y, double height, String fill, double opacity, @Nullable Door door) {
        private static final int LONGEST_NAME = 23;
        private static final int LONGEST_DETAIL = 27;

        /** The line from the layer to its name. */
        public String lead() {
            return "M84 %sh16".formatted(middle());
        }

        /** From its name to what is decided there, when that is open. */
        public String onward() {
            return "M%s %sH286".formatted(Math.min(262, 112 + Math.max(name.length() * 7.6, Math.max(detail.length(), note.length()) * 6.4)), middle());
        }

        public boolean open() {
            return door != null && door.open();
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

    /** A layer, and where what is decided of it is met. */
    private record Met(Seen seen, int veil, @Nullable Where where) {
    }

    static SectionView of(Planned planned, LookView view, Doors doors, LookWork looks, Say say) {
        return of(looks.core(planned.piece(), view.right(), view.pass(), view.x(), view.y()), planned, view.right(), doors, looks.frameSize(planned.piece()), say);
    }

    private static SectionView of(LookWork.Core core, Planned planned, LookState state, Doors doors, List<Length> frame, Say say) {
        List<Met> met = met(core.layers(), planned.piece().inHand() + 1);
        List<Seen> seen = met.stream().map(Met::seen).filter(layer -> !layer.onlyInDarks() || core.coverage() >= NO_TONER).toList();
        double least = Math.min(LEAST, DEPTH * 0.8 / (seen.size() + 1));
        double unit = (DEPTH - seen.size() * least) / (seen.stream().mapToDouble(SectionView::weight).sum() + 3);
        List<Drawn> drawn = new ArrayList<>();
        double y = TOP;
        for (Met one : met) {
            Seen layer = one.seen();
            if (layer.onlyInDarks() && core.coverage() < NO_TONER) {
                continue;
            }
            double height = least + weight(layer) * unit;
            drawn.add(new Drawn(layer.kind().name().toLowerCase(java.util.Locale.ROOT), layer.name(), say.it(detail(layer, core)), note(layer, core, state), y, height, fill(layer, core), opacity(layer, core), doors.to(one.veil(), one.where(), layer.name())));
            y += height;
        }
        drawn.add(support(planned.brief().support(), y, TOP + DEPTH - y, doors));
        List<Where> there = drawn.stream().map(Drawn::door).filter(Objects::nonNull).map(Door::where).toList();
        String place = say.size(frame.getFirst().times(core.x()).rounded(), frame.getLast().times(core.y()).rounded());
        String dark = seen.stream().filter(layer -> layer.kind() == Kind.TONER).findFirst().map(layer -> layer.name().toLowerCase(java.util.Locale.ROOT)).orElse("dark");
        String toner = core.coverage() < NO_TONER ? "clear here" : "%s %% %s here".formatted(Figures.rounded(core.coverage() * 100, 0), dark);
        return new SectionView(place, toner, core.seen().toString(), Figures.rounded(core.seen().lab().lightness(), 0), drawn, doors.beside(there));
    }

    /** Coats of the same on each other are drawn as one; of each layer of the veil in hand, where it is met. */
    private static List<Met> met(List<LookWork.Lying> layers, int inHand) {
        List<Where> own = WhereReading.of(layers.stream().filter(layer -> layer.veil() == inHand).map(LookWork.Lying::seen).toList());
        List<Met> met = new ArrayList<>();
        int coats = 1;
        int at = 0;
        for (LookWork.Lying lying : layers) {
            Seen layer = lying.seen();
            Where where = lying.veil() == inHand ? own.get(at++) : layer.kind() == Kind.GROUND ? Where.GROUND : null;
            Met last = met.isEmpty() ? null : met.getLast();
            boolean same = last != null && last.veil() == lying.veil() && last.where() == where && alike(last.seen(), layer);
            coats = same ? coats + 1 : 1;
            if (same) {
                double thick = last.seen().micrometres() + layer.micrometres();
                met.set(met.size() - 1, new Met(new Seen(layer.kind(), layer.name(), "%d coats, %s µm dry".formatted(coats, Figures.rounded(thick, 0)), layer.part(), thick, layer.colour()), lying.veil(), where));
            } else {
                met.add(new Met(layer, lying.veil(), where));
            }
        }
        return met;
    }

    private static boolean alike(Seen last, Seen layer) {
        return last.name().equals(layer.name()) && last.part() == layer.part() && (layer.kind() == Kind.COAT || layer.kind() == Kind.PAINT) && Objects.equals(last.colour(), layer.colour());
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

    private static Drawn support(Support support, double y, double height, Doors doors) {
        String kind = support.is(Support.Trait.WOOD) ? "wood" : "paper";
        return new Drawn(kind, Words.capital(support.words()), "what carries it all", "", y, height,
                SupportHue.of(support), 1, doors.to(0, Where.SUPPORT, support.words()));
    }
}
