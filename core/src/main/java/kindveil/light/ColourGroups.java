package kindveil.light;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.UnusableValue;

/**
 * The few colours a picture can best be told in, beside bare paper: its colours, edges left out, are counted in cells of L*a*b*, and as many centres
 * found among them as are asked for, the next always where most lies furthest from those there are, then each moved to the middle of
 * what is nearest to it until none moves (S. Lloyd, 1982). The paper's white is a centre that stays.
 *
 * @param colours the lightest first, as they are printed
 * @param off how far the picture is from them and the paper on average, ΔE00
 */
public record ColourGroups(List<Colour> colours, double off) {
    private static final Lab PAPER = new Lab(100, 0, 0);
    private static final double CELL = 5;
    private static final int MOST_ROUNDS = 40;
    private static final double STILL = 0.02;
    private static final int MOST = 6;
    /** Where lightness changes by more from pixel to pixel two colours run into each other, and what is between them is neither. */
    private static final double FLAT = 6;
    private static final double ENOUGH = 0.2;
    /** Nobody cuts a block for less of a difference, ΔE (assumed). */
    private static final double ALIKE = 6;

    private record Cell(int l, int a, int b) {
    }

    /** What fell into a cell: how much, and its mean. */
    private static final class Heap {
        private double weight;
        private double l;
        private double a;
        private double b;
        private double red;
        private double green;
        private double blue;

        void add(Lab lab, Colour colour, double more) {
            weight += more;
            l += more * lab.lightness();
            a += more * lab.a();
            b += more * lab.b();
            red += more * colour.red();
            green += more * colour.green();
            blue += more * colour.blue();
        }

        void add(Heap other) {
            weight += other.weight;
            l += other.l;
            a += other.a;
            b += other.b;
            red += other.red;
            green += other.green;
            blue += other.blue;
        }

        Lab middle() {
            return new Lab(l / weight, a / weight, b / weight);
        }

        Colour colour() {
            return new Colour(red / weight, green / weight, blue / weight);
        }
    }

    public ColourGroups {
        colours = List.copyOf(colours);
    }

    /** @param count of colours beside the paper; fewer come where the picture has no more */
    public static ColourGroups of(Picture picture, int count) {
        return upTo(picture, count).getLast();
    }

    /** Of one colour and more, up to so many. */
    public static List<ColourGroups> upTo(Picture picture, int most) {
        UnusableValue.requireWithin("colours", most, 1, MOST, "colours", "One for each block.");
        List<Heap> cells = cells(picture);
        return IntStream.rangeClosed(1, most).mapToObj(count -> of(cells, count)).toList();
    }

    private static ColourGroups of(List<Heap> cells, int count) {
        List<Lab> centres = new ArrayList<>(List.of(PAPER));
        while (centres.size() <= count) {
            Heap furthest = cells.stream().max(Comparator.comparingDouble(cell -> cell.weight * squared(cell.middle(), centres.get(nearest(cell.middle(), centres))))).orElseThrow();
            if (centres.stream().anyMatch(centre -> squared(centre, furthest.middle()) < ALIKE * ALIKE)) {
                break;
            }
            centres.add(furthest.middle());
        }
        Heap[] heaps = new Heap[centres.size()];
        for (int round = 0; round < MOST_ROUNDS; round++) {
            heaps = gathered(cells, centres);
            double moved = 0;
            for (int i = 1; i < heaps.length; i++) {
                if (heaps[i].weight > 0) {
                    moved = Math.max(moved, Math.sqrt(squared(centres.get(i), heaps[i].middle())));
                    centres.set(i, heaps[i].middle());
                }
            }
            if (moved < STILL) {
                break;
            }
        }
        List<Colour> colours = new ArrayList<>();
        for (int i = 1; i < heaps.length; i++) {
            if (heaps[i].weight > 0) {
                colours.add(heaps[i].colour());
            }
        }
        colours.sort(Comparator.comparingDouble((Colour colour) -> colour.lab().lightness()).reversed());
        return new ColourGroups(colours, off(cells, colours));
    }

    private static List<Heap> cells(Picture picture) {
        Plane lightness = picture.luminance().map(Lab::lightnessNear);
        List<Heap> flat = cells(picture, (x, y) -> steep(lightness, x, y) <= FLAT);
        double counted = flat.stream().mapToDouble(cell -> cell.weight).sum();
        return counted >= ENOUGH * picture.width() * picture.height() ? flat : cells(picture, (x, y) -> true);
    }

    /** How much lightness changes across a place. */
    private static double steep(Plane lightness, int x, int y) {
        int right = Math.min(lightness.width() - 1, x + 1);
        int below = Math.min(lightness.height() - 1, y + 1);
        return Math.max(Math.abs(lightness.at(right, y) - lightness.at(Math.max(0, x - 1), y)), Math.abs(lightness.at(x, below) - lightness.at(x, Math.max(0, y - 1))));
    }

    /** Whether a place is counted. */
    private interface Counted {
        boolean at(int x, int y);
    }

    private static List<Heap> cells(Picture picture, Counted counted) {
        Map<Cell, Heap> cells = new HashMap<>();
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < picture.width(); x++) {
                if (!counted.at(x, y)) {
                    continue;
                }
                Colour colour = at(picture, x, y);
                Lab lab = colour.lab();
                cells.computeIfAbsent(new Cell((int) Math.floor(lab.lightness() / CELL), (int) Math.floor(lab.a() / CELL), (int) Math.floor(lab.b() / CELL)), key -> new Heap()).add(lab, colour, 1);
            }
        }
        return cells.entrySet().stream().sorted(Comparator.comparing((Map.Entry<Cell, Heap> one) -> one.getKey().l()).thenComparing(one -> one.getKey().a()).thenComparing(one -> one.getKey().b()))
                .map(Map.Entry::getValue).toList();
    }

    private static Colour at(Picture picture, int x, int y) {
        return new Colour(picture.red().at(x, y), picture.green().at(x, y), picture.blue().at(x, y));
    }

    private static Heap[] gathered(List<Heap> cells, List<Lab> centres) {
        Heap[] heaps = new Heap[centres.size()];
        for (int i = 0; i < heaps.length; i++) {
            heaps[i] = new Heap();
        }
        cells.forEach(cell -> heaps[nearest(cell.middle(), centres)].add(cell));
        return heaps;
    }

    private static int nearest(Lab lab, List<Lab> centres) {
        int nearest = 0;
        for (int i = 1; i < centres.size(); i++) {
            if (squared(lab, centres.get(i)) < squared(lab, centres.get(nearest))) {
                nearest = i;
            }
        }
        return nearest;
    }

    private static double squared(Lab one, Lab other) {
        double l = one.lightness() - other.lightness();
        double a = one.a() - other.a();
        double b = one.b() - other.b();
        return l * l + a * a + b * b;
    }

    private static double off(List<Heap> cells, List<Colour> colours) {
        List<Lab> all = new ArrayList<>(List.of(PAPER));
        colours.forEach(colour -> all.add(colour.lab()));
        double sum = 0;
        double weight = 0;
        for (Heap cell : cells) {
            sum += cell.weight * all.stream().mapToDouble(lab -> ColourDifference.between(cell.middle(), lab)).min().orElseThrow();
            weight += cell.weight;
        }
        return sum / weight;
    }

    /** For each of the colours, below 0 where the picture is nearer to it than to the others and the paper. */
    public List<Plane> nearer(Picture picture) {
        List<Lab> all = new ArrayList<>(colours.stream().map(Colour::lab).toList());
        all.add(PAPER);
        int width = picture.width();
        float[][] margins = new float[colours.size()][width * picture.height()];
        double[] far = new double[all.size()];
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < width; x++) {
                Lab lab = at(picture, x, y).lab();
                for (int i = 0; i < far.length; i++) {
                    far[i] = Math.sqrt(squared(lab, all.get(i)));
                }
                for (int i = 0; i < margins.length; i++) {
                    double other = Double.POSITIVE_INFINITY;
                    for (int k = 0; k < far.length; k++) {
                        other = k == i ? other : Math.min(other, far[k]);
                    }
                    margins[i][y * width + x] = (float) (far[i] - other);
                }
            }
        }
        return java.util.Arrays.stream(margins).map(margin -> Plane.of(width, picture.height(), margin)).toList();
    }
}
