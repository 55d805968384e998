package kindveil.studio.page;

/** The 50 mm rule at the foot of a sheet, as a path in mm. */
public final class CheckRulePath {
    private CheckRulePath() {
    }

    /** From its left end; a stroke every ten. */
    public static String at(double x, double y) {
        return "M%s %sh50m-50 -2.5v2.5m10 -1.5v1.5m10 -1.5v1.5m10 -1.5v1.5m10 -1.5v1.5m10 -2.5v2.5".formatted(x, y);
    }
}
