package kindveil.learning;

import java.util.List;
import java.util.stream.DoubleStream;
import kindveil.learning.DryingReading.Factor;

/** A log-normal factor on a grid: logarithms and how much is believed of each. */
record Grid(double[] points, double[] weights) {
    static final int POINTS = 31;
    private static final double REACH = 3;
    private static final double TENTH = 0.1;

    static Grid of(double deviation) {
        return of(deviation, POINTS);
    }

    static Grid of(double deviation, int count) {
        double[] points = new double[count];
        double[] weights = new double[count];
        for (int i = 0; i < count; i++) {
            double z = REACH * (2.0 * i / (count - 1) - 1);
            points[i] = z * deviation;
            weights[i] = Math.exp(-z * z / 2);
        }
        scale(weights);
        return new Grid(points, weights);
    }

    static void scale(double[] weights) {
        double sum = DoubleStream.of(weights).sum();
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
        }
    }

    /** Of values at its points. */
    double mean(double[] values) {
        double sum = 0;
        for (int i = 0; i < values.length; i++) {
            sum += values[i] * weights[i];
        }
        return sum;
    }

    /** @param believed logarithms, and how much is believed of each */
    static Factor factor(List<double[]> believed, int checks) {
        List<double[]> sorted = believed.stream().sorted((a, b) -> Double.compare(a[0], b[0])).toList();
        return new Factor(Math.exp(below(sorted, 0.5)), Math.exp(below(sorted, TENTH)), Math.exp(below(sorted, 1 - TENTH)), checks);
    }

    private static double below(List<double[]> sorted, double share) {
        double sum = 0;
        double before = sorted.getFirst()[0];
        for (double[] each : sorted) {
            double middle = sum + each[1] / 2;
            if (middle >= share) {
                return (before + each[0]) / 2;
            }
            sum += each[1];
            before = each[0];
        }
        return before;
    }
}
