package kindveil.sheet;

import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;

/**
 * Strips of tape over a picture: overlapped, never butted, seams kept out of a marked part where that can be.
 *
 * <p>Strips of width b with overlap o cover w with n = max(1, ⌈(w − o)/(b − o)⌉. What they cover beyond the picture is
 * room to move them all, and with more overlap than the least the seams can be moved one by one; the placing with the
 * fewest seams in the marked part is taken, then the most even overlap.
 *
 * @param across whether the strips run across the picture, their edges from left to right
 * @param places where each begins, measured along the other side, from the picture's edge; may begin before it
 * @param strip how long each is cut
 * @param spoiled seams that lie in the marked part
 */
public record TapeStrips(boolean across, Length width, List<Length> places, Length strip, int spoiled) {
    /** Beyond the picture at both ends of a strip: a border to hold and to trim. */
    public static final Length BORDER = Length.ofMillimetres(10);
    public static final double LEAST_OVERLAP_MILLIMETRES = 3;
    private static final int MOST_EXTRA = 2;
    private static final double STEP = 0.5;

    /** A part the seams should keep out of, along the side the strips are laid out on, mm from its edge. */
    public record Focal(double from, double to) {
        boolean holds(double seam) {
            return seam > from && seam < to;
        }
    }

    public TapeStrips {
        places = List.copyOf(places);
    }

    /** How many strips of {@code width} cover {@code side}, overlapping by {@code overlap}. */
    public static int count(Length side, Length width, Length overlap) {
        requireOverlap(width, overlap);
        double w = side.millimetres();
        double b = width.millimetres();
        double o = overlap.millimetres();
        return Math.max(1, (int) Math.ceil((w - o) / (b - o) - 1e-9));
    }

    private static void requireOverlap(Length width, Length overlap) {
        UnusableValue.requireWithin("overlap", overlap.millimetres(), LEAST_OVERLAP_MILLIMETRES, width.millimetres() / 2, "mm",
                "Butted strips part in the water: at least 3 mm, 5 is good.");
    }

    /**
     * The best of both directions: the fewest seams in the marked parts, then the fewest strips, then the least tape. Up to
     * two strips more than the fewest are laid where that keeps seams out.
     */
    public static TapeStrips of(Length pictureWidth, Length pictureHeight, Length tape, Length overlap, Focal down, Focal right) {
        TapeStrips best = null;
        for (int extra = 0; extra <= MOST_EXTRA && (best == null || best.spoiled > 0); extra++) {
            TapeStrips across = laid(true, pictureHeight, pictureWidth, tape, overlap, down, extra);
            TapeStrips along = laid(false, pictureWidth, pictureHeight, tape, overlap, right, extra);
            TapeStrips better = across.worse(along) ? along : across;
            best = best == null || best.worse(better) ? better : best;
        }
        return best;
    }

    private boolean worse(TapeStrips other) {
        if (spoiled != other.spoiled) {
            return spoiled > other.spoiled;
        }
        return places.size() != other.places.size() ? places.size() > other.places.size() : total().millimetres() > other.total().millimetres();
    }

    private static TapeStrips laid(boolean across, Length side, Length length, Length tape, Length overlap, Focal focal, int extra) {
        int n = count(side, tape, overlap) + extra;
        double b = tape.millimetres();
        double w = side.millimetres();
        double most = b - overlap.millimetres();
        double[] best = null;
        double bestCost = Double.MAX_VALUE;
        for (double pitch = n == 1 ? most : Math.max(0, (w - b) / (n - 1)); pitch <= most + 1e-9; pitch = next(pitch, most)) {
            double covered = b + (n - 1) * pitch;
            for (double start = w - covered; start <= 1e-9; start += STEP) {
                double cost = cost(n, start, pitch, b, focal) * 1000 + Math.abs(start + (covered - w) / 2);
                if (cost < bestCost) {
                    bestCost = cost;
                    best = new double[] {start, pitch};
                }
            }
            if (n == 1) {
                break;
            }
        }
        double[] placed = best;
        List<Length> places = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            places.add(Length.ofMillimetres(Math.round((placed[0] + i * placed[1]) * 100) / 100.0));
        }
        return new TapeStrips(across, tape, places, length.plus(BORDER).plus(BORDER), (int) cost(n, placed[0], placed[1], b, focal));
    }

    /** The last step lands on the widest pitch exactly, which is always a placing. */
    private static double next(double pitch, double most) {
        return pitch < most - 1e-9 ? Math.min(most, pitch + STEP) : most + 1;
    }

    /** Seams in the marked part: a seam is the edge of the strip that lies on top. */
    private static int cost(int n, double start, double pitch, double width, Focal focal) {
        int spoiled = 0;
        for (int i = 1; i < n && focal != null; i++) {
            spoiled += focal.holds(start + i * pitch) ? 1 : 0;
            spoiled += focal.holds(start + (i - 1) * pitch + width) ? 1 : 0;
        }
        return spoiled;
    }

    /** Tape off the roll, in all. */
    public Length total() {
        return strip.times(places.size());
    }

    /** How much each lies over the one before. */
    public Length overlap() {
        return places.size() < 2 ? Length.ofMillimetres(0)
                : Length.ofMillimetres(width.millimetres() - (places.get(1).millimetres() - places.get(0).millimetres()));
    }
}
