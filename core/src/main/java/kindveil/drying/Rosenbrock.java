package kindveil.drying;

import java.util.ArrayList;
import java.util.List;

/**
 * Integrates a small stiff system y' = f(y) with steps of its own choosing.
 *
 * <p>The four-stage Rosenbrock method of order three with an embedded one of order two, stiffly accurate: A. Sandu, J. G.
 * Verwer, J. G. Blom, E. J. Spee, G. R. Carmichael and F. A. Potra, "Benchmarking stiff ODE solvers for atmospheric chemistry
 * problems II: Rosenbrock solvers", Atmospheric Environment 31 (1997), method RODAS3. The Jacobian is taken by differences.
 * Between steps the solution is the cubic through both ends with the slopes there.
 */
final class Rosenbrock {
    private static final double GAMMA = 0.5;
    private static final double[][] A = {{}, {0}, {2, 0}, {2, 0, 1}};
    private static final double[][] C = {{}, {4}, {1, -1}, {1, -1, -8.0 / 3}};
    private static final double[] M = {2, 0, 1, 1};
    private static final double RELATIVE = 2e-5;
    private static final double FIRST_STEP = 0.05;
    private static final double LEAST_STEP = 1e-7;

    /** What is integrated. */
    interface Equations {
        double[] slope(double[] y);

        /** Absolute tolerance of each value. */
        double[] tolerance();

        /** Whether there is nothing more to follow. */
        boolean settled(double[] y);
    }

    /** One point passed: the time, the values and their slopes. */
    record Point(double second, double[] y, double[] slope) {
    }

    private final Equations equations;
    private final int n;

    Rosenbrock(Equations equations, int n) {
        this.equations = equations;
        this.n = n;
    }

    /** From {@code second} on, until {@code end} or until it has settled; the first point is the start itself. */
    List<Point> run(double second, double[] start, double end) {
        List<Point> passed = new ArrayList<>();
        double t = second;
        double[] y = start;
        double[] slope = equations.slope(y);
        passed.add(new Point(t, y, slope));
        double h = Math.min(FIRST_STEP, end - t);
        while (t < end && !equations.settled(y)) {
            double[] error = new double[n];
            double[] next = step(y, slope, h, error);
            double off = off(y, next, error);
            if (off > 1 && h > LEAST_STEP) {
                h *= Math.max(0.2, 0.9 / Math.cbrt(off));
                continue;
            }
            t += h;
            y = next;
            slope = equations.slope(y);
            passed.add(new Point(t, y, slope));
            h = Math.min(h * Math.min(5, 0.9 / Math.cbrt(Math.max(1e-4, off))), Math.max(LEAST_STEP, end - t));
            if (end - t < LEAST_STEP) {
                break;
            }
        }
        return passed;
    }

    private double off(double[] y, double[] next, double[] error) {
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double allowed = equations.tolerance()[i] + RELATIVE * Math.max(Math.abs(y[i]), Math.abs(next[i]));
            sum += (error[i] / allowed) * (error[i] / allowed);
        }
        double off = Math.sqrt(sum / n);
        return Double.isNaN(off) ? Double.MAX_VALUE : off;
    }

    private double[] step(double[] y, double[] slope, double h, double[] error) {
        double[][] matrix = jacobian(y, slope);
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                matrix[i][j] = (i == j ? 1 / (h * GAMMA) : 0) - matrix[i][j];
            }
        }
        int[] order = decompose(matrix);
        double[][] k = new double[A.length][];
        for (int stage = 0; stage < A.length; stage++) {
            double[] right = stage < 2 ? slope.clone() : equations.slope(weighed(y, k, A[stage], 1));
            k[stage] = solve(matrix, order, weighed(right, k, C[stage], 1 / h));
        }
        System.arraycopy(k[3], 0, error, 0, n);
        return weighed(y, k, M, 1);
    }

    private double[] weighed(double[] base, double[][] k, double[] weights, double scale) {
        double[] sum = base.clone();
        for (int s = 0; s < weights.length; s++) {
            for (int i = 0; i < n; i++) {
                sum[i] += weights[s] * scale * k[s][i];
            }
        }
        return sum;
    }

    private double[][] jacobian(double[] y, double[] slope) {
        double[][] matrix = new double[n][n];
        for (int j = 0; j < n; j++) {
            double delta = 1e-7 * Math.max(Math.abs(y[j]), 100 * equations.tolerance()[j]) + 1e-12;
            double[] moved = y.clone();
            moved[j] += delta;
            double[] there = equations.slope(moved);
            for (int i = 0; i < n; i++) {
                matrix[i][j] = (there[i] - slope[i]) / delta;
            }
        }
        return matrix;
    }

    /** In place into lower and upper triangles, with partial pivoting. */
    private int[] decompose(double[][] m) {
        int[] order = new int[n];
        for (int i = 0; i < n; i++) {
            order[i] = i;
        }
        for (int column = 0; column < n; column++) {
            int pivot = column;
            for (int row = column + 1; row < n; row++) {
                pivot = Math.abs(m[row][column]) > Math.abs(m[pivot][column]) ? row : pivot;
            }
            double[] swapped = m[pivot];
            m[pivot] = m[column];
            m[column] = swapped;
            int place = order[pivot];
            order[pivot] = order[column];
            order[column] = place;
            for (int row = column + 1; row < n; row++) {
                m[row][column] /= m[column][column];
                for (int k = column + 1; k < n; k++) {
                    m[row][k] -= m[row][column] * m[column][k];
                }
            }
        }
        return order;
    }

    private double[] solve(double[][] lu, int[] order, double[] right) {
        double[] x = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = right[order[i]];
            for (int j = 0; j < i; j++) {
                x[i] -= lu[i][j] * x[j];
            }
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int j = i + 1; j < n; j++) {
                x[i] -= lu[i][j] * x[j];
            }
            x[i] /= lu[i][i];
        }
        return x;
    }
}
