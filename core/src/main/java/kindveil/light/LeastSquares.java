package kindveil.light;

/** The damped step of a least-squares fit of three unknowns (Levenberg 1944, Marquardt 1963). */
final class LeastSquares {
    private LeastSquares() {
    }

    /**
     * What to take from the unknowns.
     *
     * @param jacobian for each unknown, how the residual changes with it
     * @param held unknowns that stay as they are
     */
    static double[] step(double[][] jacobian, double[] residual, double damping, boolean... held) {
        double[][] normal = new double[3][3];
        double[] gradient = new double[3];
        double trace = 0;
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                normal[i][j] = dot(jacobian[i], jacobian[j]);
            }
            gradient[i] = dot(jacobian[i], residual);
            trace += normal[i][i];
        }
        for (int i = 0; i < 3; i++) {
            normal[i][i] += damping * (trace / 3 + 1e-9);
        }
        for (int i = 0; i < held.length; i++) {
            if (held[i]) {
                for (int j = 0; j < 3; j++) {
                    normal[i][j] = i == j ? 1 : 0;
                    normal[j][i] = i == j ? 1 : 0;
                }
                gradient[i] = 0;
            }
        }
        return solve(normal, gradient);
    }

    /** Cramer's rule; the damped normal matrix is never singular. */
    private static double[] solve(double[][] m, double[] v) {
        double whole = determinant(m[0], m[1], m[2]);
        return new double[] {determinant(column(m, v, 0)) / whole, determinant(column(m, v, 1)) / whole, determinant(column(m, v, 2)) / whole};
    }

    private static double[][] column(double[][] m, double[] v, int index) {
        double[][] out = {m[0].clone(), m[1].clone(), m[2].clone()};
        for (int row = 0; row < 3; row++) {
            out[row][index] = v[row];
        }
        return out;
    }

    private static double determinant(double[]... r) {
        return r[0][0] * (r[1][1] * r[2][2] - r[1][2] * r[2][1]) - r[0][1] * (r[1][0] * r[2][2] - r[1][2] * r[2][0])
                + r[0][2] * (r[1][0] * r[2][1] - r[1][1] * r[2][0]);
    }

    static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
