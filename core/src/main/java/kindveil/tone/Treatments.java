package kindveil.tone;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import kindveil.image.Plane;
import kindveil.light.Inks;
import kindveil.light.Tone;
import kindveil.light.Toner;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.tone.Framing.Crop;
import kindveil.tone.Framing.Mirror;
import kindveil.tone.Framing.Straighten;
import kindveil.tone.Framing.Turn;
import kindveil.tone.Treatment.Invert;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Posterise;

/**
 * What is done to a source, in order; the source itself is never altered. Written as {@code "levels 12 88; halftone dot
 * 45 0.9"}; {@link #parse} reads what {@link #toString} writes.
 */
public record Treatments(List<Treatment> list) {
    public static final Treatments NONE = new Treatments(List.of());
    public static final int MOST = 12;
    private static final Inks GOOD_COPY = Inks.black(Toner.GOOD_COPY.value());

    public Treatments {
        list = List.copyOf(list);
        UnusableValue.requireWithin("treatments", list.size(), 0, MOST, "", "Take one away first.");
    }

    public static Treatments of(Treatment... all) {
        return new Treatments(List.of(all));
    }

    public static Treatments parse(String text) {
        return new Treatments(Arrays.stream(text.split(";")).map(String::strip).filter(code -> !code.isEmpty()).map(Treatments::one).toList());
    }

    /** One of them from its code. */
    public static Treatment one(String code) {
        String[] words = code.strip().split("\\s+");
        try {
            return switch (words[0]) {
                case "crop" -> new Crop(number(words, 1), number(words, 2), number(words, 3), number(words, 4));
                case "turn" -> new Turn(whole(words, 1));
                case "straighten" -> new Straighten(number(words, 1));
                case "mirror" -> new Mirror();
                case "corners" -> new Corners(number(words, 1), number(words, 2), number(words, 3), number(words, 4), number(words, 5), number(words, 6), number(words, 7), number(words, 8), words.length > 9 ? number(words, 9) : 0);
                case "levels" -> new Levels(whole(words, 1), whole(words, 2));
                case "simplify" -> new Posterise(whole(words, 1));
                case "invert" -> new Invert();
                case "threshold" -> new Threshold(whole(words, 1));
                case "local" -> new AdaptiveThreshold(number(words, 1), number(words, 2));
                case "halftone" -> new Halftone(Halftone.Shape.valueOf(words[1].toUpperCase(Locale.ROOT)), number(words, 2), number(words, 3));
                case "diffuse" -> new Diffusion(number(words, 1));
                case "edge" -> new Edge(Edge.Kind.valueOf(words[1].toUpperCase(Locale.ROOT)), number(words, 2), whole(words, 3));
                case "background" -> new PlainBackground();
                default -> throw unknown(code);
            };
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException misread) {
            if (misread instanceof UnusableValue unusable) {
                throw unusable;
            }
            throw unknown(code);
        }
    }

    private static UnusableValue unknown(String code) {
        return new UnusableValue("treatment", code, "one of crop, turn, straighten, mirror, levels, simplify, invert, threshold, local, halftone, diffuse, edge, background, corners, with its numbers",
                "For example: halftone dot 45 0.9");
    }

    private static int whole(String[] words, int at) {
        return Integer.parseInt(words[at]);
    }

    private static double number(String[] words, int at) {
        double value = Double.parseDouble(words[at]);
        if (!Double.isFinite(value)) {
            throw new NumberFormatException(words[at]);
        }
        return value;
    }

    /** All of them, on a picture that is printed so wide when all are done, on a good copy. */
    public Plane apply(Plane luminance, Length printedWidth) {
        return apply(luminance, printedWidth, Tone.of(GOOD_COPY));
    }

    /** @param tone of the print: a screen is drawn as much darker or lighter as that print needs */
    public Plane apply(Plane luminance, Length printedWidth, Tone tone) {
        return apply(luminance, printedWidth, tone, list.size());
    }

    /** Only the first {@code count}, as a preview of how far they go. */
    public Plane apply(Plane luminance, Length printedWidth, Tone tone, int count) {
        double pixelsPerMillimetre = size(new Size(luminance.width(), luminance.height())).width() / printedWidth.millimetres();
        Plane plane = luminance;
        for (Treatment treatment : list.subList(0, count)) {
            plane = treatment.apply(treatment.screens() ? tone.screened(plane, treatment::edge) : plane, pixelsPerMillimetre);
        }
        return plane;
    }

    /** The size of the picture when all are done. */
    public Size size(Size source) {
        Size size = source;
        for (Treatment treatment : list) {
            size = treatment.size(size);
        }
        return size;
    }

    /** Where a place of the source comes to lie when all are done, in the measure of {@code source}. */
    public double[] place(double x, double y, Size source) {
        double[] at = {x, y};
        Size size = source;
        for (Treatment treatment : list) {
            at = treatment.place(at[0], at[1], size);
            size = treatment.size(size);
        }
        return at;
    }

    /** Only those that change the shape, in their order. */
    public Treatments framing() {
        return new Treatments(list.stream().filter(Framing.class::isInstance).toList());
    }

    /** With another framing before everything else. */
    public Treatments framed(List<? extends Framing> framing) {
        List<Treatment> all = new ArrayList<>(framing);
        list.stream().filter(treatment -> !(treatment instanceof Framing)).forEach(all::add);
        return new Treatments(all);
    }

    /** Whether only black and white are left at the end, so that it must be drawn as finely as it is printed. */
    public boolean blackAndWhite() {
        boolean only = false;
        for (Treatment treatment : list) {
            boolean softens = treatment instanceof Straighten || treatment instanceof Corners || treatment instanceof Edge edge && edge.kind() == Edge.Kind.FEATHER;
            only = treatment.blackAndWhite() || only && !softens;
        }
        return only;
    }

    public Treatments plus(Treatment treatment) {
        List<Treatment> more = new ArrayList<>(list);
        more.add(treatment);
        return new Treatments(more);
    }

    public Treatments without(int index) {
        List<Treatment> fewer = new ArrayList<>(list);
        fewer.remove(index);
        return new Treatments(fewer);
    }

    /** One place earlier or later, as far as there is room. */
    public Treatments moved(int index, int by) {
        List<Treatment> other = new ArrayList<>(list);
        Treatment treatment = other.remove(index);
        other.add(Math.clamp((long) index + by, 0, other.size()), treatment);
        return new Treatments(other);
    }

    /** With that one in place of the first of its kind, or at the front if there is none; null takes the kind away. */
    public <T extends Treatment> Treatments having(Class<T> kind, T treatment) {
        List<Treatment> other = new ArrayList<>(list);
        int at = 0;
        while (at < other.size() && !kind.isInstance(other.get(at))) {
            at++;
        }
        boolean there = at < other.size();
        if (there) {
            other.remove(at);
        }
        if (treatment != null) {
            other.add(there ? at : first(kind), treatment);
        }
        return new Treatments(other);
    }

    /** Levels come right after the framing, what simplifies after them. */
    private int first(Class<?> kind) {
        int at = 0;
        while (at < list.size() && (list.get(at) instanceof Framing || list.get(at) instanceof Levels && kind != Levels.class)) {
            at++;
        }
        return at;
    }

    public <T extends Treatment> Optional<T> of(Class<T> kind) {
        return list.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    @Override
    public String toString() {
        return String.join("; ", list.stream().map(Treatment::code).toList());
    }
}
