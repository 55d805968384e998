package kindveil.sheet;

import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;

/**
 * A drawing in its own size on as many sheets as it takes, upright or lying as fewer will do: each sheet's part reaches over the next
 * one's by {@link #OVERLAP}, where crosses lie on crosses.
 *
 * @param sheet as it lies
 * @param parts row by row
 * @param crosses to lay the sheets on each other by, mm from the drawing's top left
 */
public record Tiles(SheetSize sheet, int across, int down, List<Part> parts, List<double[]> crosses) {
    /** What machines leave white, mm (assumed). */
    public static final double MARGIN = 8;
    public static final double OVERLAP = 12;
    public static final int MOST = 60;

    /** What one sheet shows. @param left of it in the drawing, mm; likewise {@code top} */
    public record Part(int row, int column, double left, double top) {
    }

    public Tiles {
        parts = List.copyOf(parts);
        crosses = List.copyOf(crosses);
    }

    public static Tiles of(Length width, Length height, Paper paper) {
        SheetSize upright = paper.size();
        SheetSize lying = upright.turned();
        double w = width.millimetres();
        double h = height.millimetres();
        SheetSize sheet = many(w, lying.width()) * many(h, lying.height()) < many(w, upright.width()) * many(h, upright.height()) ? lying : upright;
        int across = many(w, sheet.width());
        int down = many(h, sheet.height());
        UnusableValue.requireWithin("sheets", (double) across * down, 1, MOST, "", "Draw so large a work part by part.");
        double stepX = room(sheet.width()) - OVERLAP;
        double stepY = room(sheet.height()) - OVERLAP;
        List<Part> parts = new ArrayList<>();
        List<double[]> crosses = new ArrayList<>();
        for (int row = 0; row < down; row++) {
            for (int column = 0; column < across; column++) {
                parts.add(new Part(row, column, column * stepX, row * stepY));
                for (double share : new double[] {0.25, 0.75}) {
                    if (column + 1 < across) {
                        crosses.add(new double[] {(column + 1) * stepX + OVERLAP / 2, row * stepY + share * room(sheet.height())});
                    }
                    if (row + 1 < down) {
                        crosses.add(new double[] {column * stepX + share * room(sheet.width()), (row + 1) * stepY + OVERLAP / 2});
                    }
                }
            }
        }
        return new Tiles(sheet, across, down, parts, crosses);
    }

    /** Millimetres of a side that are drawn on. */
    public static double room(Length side) {
        return side.millimetres() - 2 * MARGIN;
    }

    private static int many(double side, Length sheet) {
        double room = room(sheet);
        return side <= room ? 1 : (int) Math.ceil((side - OVERLAP) / (room - OVERLAP) - 1e-9);
    }
}
