package kindveil.measure;

/**
 * An area on the support.
 *
 * @param squareMillimetres mm², at least 0
 */
public record Area(double squareMillimetres) {
    public Area {
        UnusableValue.requireWithin("area", squareMillimetres, 0, 1e12, "mm²", "Check both sides.");
    }

    public static Area of(Length width, Length height) {
        return new Area(width.millimetres() * height.millimetres());
    }

    public double squareMetres() {
        return squareMillimetres / 1e6;
    }

    /** Square centimetres or square inches, whole. */
    public String print(UnitSystem system) {
        return switch (system) {
            case METRIC -> Figures.rounded(squareMillimetres / 100, 0) + " cm²";
            case US -> Figures.rounded(squareMillimetres / 645.16, 0) + " sq in";
        };
    }
}
