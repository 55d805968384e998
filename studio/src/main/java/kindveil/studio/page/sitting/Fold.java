package kindveil.studio.page.sitting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import kindveil.sitting.Sitting;

/** Time along a line: sittings at one scale, the hours between them folded. */
record Fold(List<Knee> knees) {
    private static final double MINUTE = 1;
    private static final double GAP = 34;
    private static final double LONGER = 26;
    private static final double MINUTES_AN_HOUR = 60;

    /** Where the scale changes. */
    record Knee(double minute, double x) {
    }

    /** @param until the last minute shown */
    static Fold of(List<Sitting> sittings, int until, double from, double to) {
        List<double[]> pieces = new ArrayList<>();
        double at = 0;
        for (Sitting sitting : sittings) {
            gap(pieces, at, sitting.from());
            pieces.add(new double[] {sitting.to(), sitting.minutes() * MINUTE});
            at = sitting.to();
        }
        gap(pieces, at, until);
        double all = pieces.stream().mapToDouble(each -> each[1]).sum();
        List<Knee> knees = new ArrayList<>(List.of(new Knee(0, from)));
        double x = from;
        for (double[] each : pieces) {
            x += each[1] / all * (to - from);
            knees.add(new Knee(each[0], x));
        }
        return new Fold(knees);
    }

    private static void gap(List<double[]> pieces, double from, double to) {
        if (to > from) {
            double hours = (to - from) / MINUTES_AN_HOUR;
            pieces.add(new double[] {to, Math.min((to - from) * MINUTE, GAP + LONGER * Math.log(1 + hours))});
        }
    }

    double x(double minute) {
        for (int i = 1; i < knees.size(); i++) {
            if (minute <= knees.get(i).minute) {
                return between(minute, knees.get(i - 1).minute, knees.get(i).minute, knees.get(i - 1).x, knees.get(i).x);
            }
        }
        return knees.getLast().x;
    }

    double minute(double x) {
        for (int i = 1; i < knees.size(); i++) {
            if (x <= knees.get(i).x) {
                return between(x, knees.get(i - 1).x, knees.get(i).x, knees.get(i - 1).minute, knees.get(i).minute);
            }
        }
        return knees.getLast().minute;
    }

    private static double between(double value, double from, double to, double first, double last) {
        return to == from ? last : first + (Math.max(from, value) - from) / (to - from) * (last - first);
    }

    /** For the page: place and minute of each knee. */
    String words() {
        return knees.stream().map(knee -> "%.1f,%.0f".formatted(knee.x, knee.minute)).collect(Collectors.joining(" "));
    }
}
