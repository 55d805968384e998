package kindveil.light;

import java.util.Arrays;
import java.util.function.UnaryOperator;

/** Linear equations, and damped least squares. */
final class LeastSquares {
    /** A round that gains a smaller share of the residual's square is the last. */
    private static final double NO_MORE = 1e-9;
    private static final double MOST_DAMPING = 1e6;

    private LeastSquares() {
    }

    /**
     * What to take from the unknowns.
     *
     * @param jacobian for each unknown, how the residual changes with it
     * @param held unknowns that stay as they are
     */
    static double[] step(double[][] jacobian, double[] residual, double damping, boolean... held) {
        int n = jacobian.length;
        double[][] normal = new double[n][n];
        double[] gradient = new double[n];
        double trace = 0;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                normal[i][j] = dot(jacobian[i], jacobian[j]);
            }
            gradient[i] = dot(jacobian[i], residual);
            trace += normal[i][i];
        }
        for (int i = 0; i < n; i++) {
            normal[i][i] += damping * (trace / n + 1e-9);
        }
        for (int i = 0; i < held.length; i++) {
            if (held[i]) {
                for (int j = 0; j < n; j++) {
                    normal[i][j] = i == j ? 1 : 0;
                    normal[j][i] = i == j ? 1 : 0;
                }
                gradient[i] = 0;
            }
        }
        return solve(normal, gradient);
    }

    /**
     * The unknowns at which a residual is least (Levenberg 1944, Marquardt 1963), from a first guess.
     *
     * @param step by which each unknown is moved to see what it does
     * @param enough square of a residual that is small enough
     */
    static double[] least(UnaryOperator<double[]> residual, double[] guess, double step, double enough, int rounds) {
        double[] at = guess.clone();
        double[] off = residual.apply(at);
        double damping = 1e-3;
        for (int round = 0; round < rounds && dot(off, off) > enough; round++) {
            double[][] jacobian = new double[at.length][];
            for (int k = 0; k < at.length; k++) {
                double[] moved = at.clone();
                moved[k] += step;
                double[] there = residual.apply(moved);
                jacobian[k] = new double[off.length];
                for (int i = 0; i < off.length; i++) {
                    jacobian[k][i] = (there[i] - off[i]) / step;
                }
            }
            double[] change = step(jacobian, off, damping);
            double[] trial = at.clone();
            for (int k = 0; k < at.length; k++) {
                trial[k] -= change[k];
            }
            double[] trialOff = residual.apply(trial);
            double gained = dot(off, off) - dot(trialOff, trialOff);
            if (gained > 0) {
                boolean there = gained < NO_MORE * dot(off, off);
                at = trial;
                off = trialOff;
                damping = Math.max(1e-9, damping * 0.3);
                if (there) {
                    break;
                }
            } else {
                damping *= 5;
                if (damping > MOST_DAMPING) {
                    break;
                }
            }
        }
        return at;
    }

    /** By elimination, the largest first; {@code m} must not be singular. */
    static double[] solve(double[][] m, double[] v) {
        int n = v.length;
        double[][] rows = new double[n][];
        for (int i = 0; i < n; i++) {
            rows[i] = Arrays.copyOf(m[i], n + 1);
            rows[i][n] = v[i];
        }
        for (int column = 0; column < n; column++) {
            int largest = column;
            for (int i = column + 1; i < n; i++) {
                largest = Math.abs(rows[i][column]) > Math.abs(rows[largest][column]) ? i : largest;
            }
            double[] first = rows[largest];
            rows[largest] = rows[column];
            rows[column] = first;
            for (int i = column + 1; i < n; i++) {
                double share = rows[i][column] / first[column];
                for (int j = column; j <= n; j++) {
                    rows[i][j] -= share * first[j];
                }
            }
        }
        double[] found = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double left = rows[i][n];
            for (int j = i + 1; j < n; j++) {
                left -= rows[i][j] * found[j];
            }
            found[i] = left / rows[i][i];
        }
        return found;
    }

    static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
