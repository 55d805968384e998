package kindveil.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import org.jspecify.annotations.Nullable;

/**
 * What a scan of a printed sheet says of the machine. The rule is the long thin line near the foot: its length tells the
 * scale, the side it stands on whether the sheet was mirrored. The sheet's blacks are read where the file was black.
 *
 * @param rule what the 50 mm rule measures, or null where no rule is found
 * @param blacks lightness L* of what should be black, or NaN where nothing is
 * @param uneven how much the blacks vary over the sheet, L* from the tenth darkest to the tenth lightest part
 */
public record ScanReading(@Nullable Length rule, boolean mirrored, double blacks, double uneven) {
    /** Below this a dark is solid enough to carry: a good copy reads about 22, a weak single run about 49 (assumed). */
    public static final double SOLID = 32;
    public static final double MOST_UNEVEN = 8;
    private static final double LEAST_RULE = 30;
    private static final double MOST_RULE = 75;
    private static final double FROM_FOOT = 45;
    private static final double DARK = 0.62;
    private static final double CLEAR = 0.8;
    private static final double FAINT = 0.95;
    private static final double LEAST_TICK = 0.2;
    private static final double BESIDE = 0.9;
    private static final double PART = 5;
    private static final float BLACK = 0.006f;
    private static final double SURELY = 0.06;
    private static final double WITHIN = 0.6;
    private static final int ENOUGH = 6;

    private record Line(int from, int until, int row) {
        int length() {
            return until - from;
        }
    }

    /**
     * @param scan light from the whole sheet, as large as {@code page}
     * @param page the sheet as the file drew it
     * @param drawn by how much the file drew it larger than it is meant
     */
    public static ScanReading of(Plane scan, Plane page, double pixelsPerMillimetre, double drawn) {
        double white = white(scan);
        Optional<Line> found = rule(scan, pixelsPerMillimetre, white);
        if (found.isEmpty()) {
            return new ScanReading(null, false, Double.NaN, 0);
        }
        Line line = found.get();
        double length = exactly(scan, line, pixelsPerMillimetre, white) / pixelsPerMillimetre;
        boolean mirrored = line.from + line.until > scan.width();
        double machine = length / (PrintSheet.CHECK_RULE.millimetres() * drawn);
        double[] parts = blacks(scan, page, pixelsPerMillimetre, machine, mirrored);
        return new ScanReading(Length.ofMillimetres(Math.round(length * 10) / 10.0), mirrored, parts.length == 0 ? Double.NaN : parts[parts.length / 2],
                parts.length < ENOUGH ? 0 : parts[parts.length * 9 / 10] - parts[parts.length / 10]);
    }

    /** The longest thin dark line of about the right length that has a tick at each end and nothing as tall between, from the foot up. */
    private static Optional<Line> rule(Plane scan, double pixelsPerMillimetre, double white) {
        Line best = null;
        int top = Math.max(0, (int) (scan.height() - FROM_FOOT * pixelsPerMillimetre));
        for (int y = top; y < scan.height(); y++) {
            for (int x = 0; x < scan.width(); x++) {
                int from = x;
                while (x < scan.width() && scan.at(x, y) < DARK * white) {
                    x++;
                }
                double length = (x - from) / pixelsPerMillimetre;
                Line line = new Line(from, x, y);
                if (length >= LEAST_RULE && length <= MOST_RULE && thin(scan, line, pixelsPerMillimetre, white) && ticked(scan, line, pixelsPerMillimetre, white) && (best == null || line.length() > best.length())) {
                    best = line;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /**
     * Its length in pixels, from the middles of its end ticks where only they stand, so that no spreading of ink shifts it.
     */
    private static double exactly(Plane scan, Line line, double pixelsPerMillimetre, double white) {
        double left = middle(scan, line.from, line.row, pixelsPerMillimetre, white);
        double right = middle(scan, line.until, line.row, pixelsPerMillimetre, white);
        double fifty = PrintSheet.CHECK_RULE.millimetres();
        return (right - left) * fifty / (fifty - PrintSheet.RULE_LINE.millimetres());
    }

    private static boolean ticked(Plane scan, Line line, double pixelsPerMillimetre, double white) {
        if (Double.isNaN(middle(scan, line.from, line.row, pixelsPerMillimetre, white)) || Double.isNaN(middle(scan, line.until, line.row, pixelsPerMillimetre, white))) {
            return false;
        }
        int reach = (int) Math.ceil(pixelsPerMillimetre);
        int clear = 0;
        for (int x = line.from + reach; x < line.until - reach; x++) {
            clear += scan.atClamped(x, tickRow(line.row, pixelsPerMillimetre)) > CLEAR * white ? 1 : 0;
        }
        return clear == line.length() - 2 * reach;
    }

    /** Where end ticks stand and the others do not reach. */
    private static int tickRow(int row, double pixelsPerMillimetre) {
        return Math.max(0, (int) Math.round(row - 0.76 * PrintSheet.END_TICK.millimetres() * pixelsPerMillimetre));
    }

    /** The middle of what is dark near {@code x}, a little below the top of an end tick. */
    private static double middle(Plane scan, int x, int row, double pixelsPerMillimetre, double white) {
        int y = tickRow(row, pixelsPerMillimetre);
        int reach = (int) Math.ceil(pixelsPerMillimetre);
        double sum = 0;
        double weighed = 0;
        for (int i = x - reach; i <= x + reach; i++) {
            double dark = Math.max(0, white * FAINT - scan.atClamped(i, y));
            sum += dark;
            weighed += dark * (i + 0.5);
        }
        return sum < LEAST_TICK * white ? Double.NaN : weighed / sum;
    }

    private static boolean thin(Plane scan, Line line, double pixelsPerMillimetre, double white) {
        int off = (int) Math.ceil(BESIDE * pixelsPerMillimetre);
        int clear = 0;
        for (int x = line.from; x < line.until; x++) {
            clear += scan.atClamped(x, line.row - off) > CLEAR * white && scan.atClamped(x, line.row + off) > CLEAR * white ? 1 : 0;
        }
        return clear > CLEAR * line.length();
    }

    private static double white(Plane scan) {
        double[] sample = new double[2000];
        for (int i = 0; i < sample.length; i++) {
            sample[i] = scan.at((int) ((i * 0.6180339887 % 1) * scan.width()), i * scan.height() / sample.length);
        }
        Arrays.sort(sample);
        return sample[sample.length * 9 / 10];
    }

    /** Lightness of each part of 5 mm that the file made black, the darkest first. */
    private static double[] blacks(Plane scan, Plane page, double pixelsPerMillimetre, double machine, boolean mirrored) {
        int side = (int) Math.max(2, PART * pixelsPerMillimetre);
        int within = (int) Math.ceil(WITHIN * pixelsPerMillimetre);
        double[] parts = new double[(page.width() / side + 1) * (page.height() / side + 1)];
        int n = 0;
        for (int y0 = 0; y0 < page.height(); y0 += side) {
            for (int x0 = 0; x0 < page.width(); x0 += side) {
                double sum = 0;
                int count = 0;
                for (int y = y0; y < Math.min(page.height(), y0 + side); y++) {
                    for (int x = x0; x < Math.min(page.width(), x0 + side); x++) {
                        if (black(page, x, y, within)) {
                            double dx = (x - page.width() / 2.0) * machine;
                            int sx = (int) (page.width() / 2.0 + (mirrored ? -dx : dx));
                            int sy = (int) (page.height() / 2.0 + (y - page.height() / 2.0) * machine);
                            sum += scan.atClamped(sx, sy);
                            count++;
                        }
                    }
                }
                if (count > SURELY * side * side) {
                    parts[n++] = Lab.lightnessOf(Math.clamp(sum / count, 0, 1));
                }
            }
        }
        double[] found = Arrays.copyOf(parts, n);
        Arrays.sort(found);
        return found;
    }

    /** Whether it is black all around a place, so that no edge and no spreading tells on it. */
    private static boolean black(Plane page, int x, int y, int within) {
        for (int dy = -within; dy <= within; dy += within) {
            for (int dx = -within; dx <= within; dx += within) {
                if (page.atClamped(x + dx, y + dy) >= BLACK) {
                    return false;
                }
            }
        }
        return true;
    }

    /** What is wrong with it and what to do, each in a sentence; empty when nothing is. */
    public List<String> faults() {
        List<String> faults = new ArrayList<>();
        if (rule == null) {
            faults.add("No 50 mm rule is found on it: lay the whole sheet on the glass, straight.");
            return faults;
        }
        double out = rule.millimetres() / PrintSheet.CHECK_RULE.millimetres() - 1;
        if (Math.abs(rule.millimetres() - PrintSheet.CHECK_RULE.millimetres()) > CheckRule.NEAR_ENOUGH.millimetres()) {
            faults.add(String.format(Locale.ROOT, "The rule measures %s instead of 50 mm: everything came out %.1f %% too %s.", rule.print(UnitSystem.METRIC), 100 * Math.abs(out), out < 0 ? "small" : "large"));
        }
        if (mirrored) {
            faults.add("The sheet came out mirrored: the machine turned over what the file had turned already. Switch its mirror off and print it again.");
        }
        if (blacks > SOLID) {
            faults.add(String.format(Locale.ROOT, "Its blacks are L* %.0f; below %.0f they carry. Run it over itself, fill up the toner, or print it elsewhere.", blacks, SOLID));
        }
        if (uneven > MOST_UNEVEN) {
            faults.add(String.format(Locale.ROOT, "Its blacks vary by %.0f L* over the sheet: a worn drum, or toner running out.", uneven));
        }
        return faults;
    }
}
