package kindveil.light;

import java.util.List;

/**
 * How brightly a flat thing was lit where, in each of three colours: the logarithm of the light a quadratic over the place (falling off
 * sideways, darker towards the corners of the picture), fitted to what is known to be white, and to what is known to be black of one
 * unknown depth. Where it is said to be 1, white is seen as it is.
 */
public final class LightField {
    private static final int TERMS = 7;
    private static final double LEAST = 1e-5;
    private static final int STEPS = 8;
    private final double[][] terms;

    /** What was seen at a place. @param x from the left, 0 to 1; likewise {@code y} from the top */
    public record Cell(double x, double y, double red, double green, double blue) {
        public double light(int colour) {
            return colour == 0 ? red : colour == 1 ? green : blue;
        }
    }

    private LightField(double[][] terms) {
        this.terms = terms;
    }

    /** Each asks for six places that do not lie in one row. */
    public static LightField of(List<Cell> white, List<Cell> black) {
        double[][] terms = new double[3][];
        for (int colour = 0; colour < 3; colour++) {
            double[][] normal = new double[TERMS][TERMS];
            double[] sums = new double[TERMS];
            // noise of a camera is much the same in dark and light, so its share in what is dark is greater: weighed by what was seen
            double brightest = brightest(white, colour);
            add(normal, sums, white, colour, false, brightest);
            add(normal, sums, black, colour, true, brightest);
            terms[colour] = LeastSquares.solve(normal, sums);
        }
        return new LightField(terms);
    }

    private static double brightest(List<Cell> cells, int colour) {
        return cells.stream().mapToDouble(cell -> cell.light(colour)).max().orElseThrow();
    }

    private static void add(double[][] normal, double[] sums, List<Cell> cells, int colour, boolean black, double brightest) {
        for (Cell cell : cells) {
            double seen = Math.max(LEAST, cell.light(colour));
            double weight = Math.pow(Math.max(0.02, seen / brightest), 2);
            double[] row = row(cell.x, cell.y, black);
            for (int i = 0; i < TERMS; i++) {
                for (int j = 0; j < TERMS; j++) {
                    normal[i][j] += weight * row[i] * row[j];
                }
                sums[i] += weight * row[i] * Math.log(seen);
            }
        }
    }

    private static double[] row(double x, double y, boolean black) {
        return new double[] {1, x, y, x * x, x * y, y * y, black ? 1 : 0};
    }

    /** What white would be seen as at a place, in one of three colours. */
    public double at(int colour, double x, double y) {
        double[] row = row(x, y, false);
        double sum = 0;
        for (int i = 0; i < TERMS; i++) {
            sum += row[i] * terms[colour][i];
        }
        return Math.exp(sum);
    }

    /** The brightest place against the dimmest. */
    public double unevenness() {
        double most = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            for (int j = 0; j <= STEPS; j++) {
                double light = at(1, i / (double) STEPS, j / (double) STEPS);
                most = Math.max(most, light);
                least = Math.min(least, light);
            }
        }
        return most / least;
    }
}
