package kindveil.sheet;

import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;

/**
 * Images laid out on one sheet, upright or turned.
 *
 * @param paper what the sheet is called
 * @param width of the sheet as it is laid out; likewise height
 * @param places one for each copy, from the top left
 * @param note the strip at the foot for rule and words
 */
public record PrintSheet(String paper, Length width, Length height, List<Placed> places, Rect note) {
    /** What machines leave unprinted along the edge. */
    public static final Length MARGIN = Length.ofMillimetres(8);
    /** Between copies, room for crop marks and scissors. */
    public static final Length GAP = Length.ofMillimetres(10);
    public static final Length NOTE = Length.ofMillimetres(14);
    public static final Length CHECK_RULE = Length.ofMillimetres(50);
    /** How thick the rule and its ticks are. */
    public static final Length RULE_LINE = Length.ofInches(0.5 / 72);
    /** How far its end ticks stand up; the others are shorter. */
    public static final Length END_TICK = Length.ofMillimetres(2.5);
    public static final Length MARK = Length.ofMillimetres(4);

    /** A rectangle from the top left of the sheet. */
    public record Rect(Length x, Length y, Length width, Length height) {
        public Length right() {
            return x.plus(width);
        }

        public Length bottom() {
            return y.plus(height);
        }

        public double squareMillimetres() {
            return width.millimetres() * height.millimetres();
        }
    }

    /**
     * One copy on the sheet.
     *
     * @param what which image, as it was asked for
     * @param copy its number, from 1
     * @param turned whether it lies a quarter turned, clockwise
     */
    public record Placed(String what, int copy, Rect rect, boolean turned) {
    }

    public PrintSheet {
        places = List.copyOf(places);
    }

    /** As many of {@code copies} as one sheet holds, upright or turned, whichever holds more. */
    public static PrintSheet of(Paper paper, Length imageWidth, Length imageHeight, int copies) {
        UnusableValue.requireWithin("copies", copies, 1, 50, "", "Print at least one spare.");
        PrintSheet upright = laid(paper, paper.width(), paper.height(), imageWidth, imageHeight, copies);
        PrintSheet turned = laid(paper, paper.height(), paper.width(), imageWidth, imageHeight, copies);
        PrintSheet better = turned.places.size() > upright.places.size() ? turned : upright;
        if (better.places.isEmpty()) {
            throw tooLarge(paper, imageWidth, imageHeight);
        }
        return better;
    }

    private static UnusableValue tooLarge(Paper paper, Length imageWidth, Length imageHeight) {
        Length across = free(paper.width(), Length.ZERO);
        Length down = free(paper.height(), NOTE);
        Length acrossTurned = free(paper.height(), Length.ZERO);
        Length downTurned = free(paper.width(), NOTE);
        return new UnusableValue("print size", "%s × %s".formatted(imageWidth.print(UnitSystem.METRIC), imageHeight.print(UnitSystem.METRIC)),
                "at most %s × %s upright or %s × %s turned on %s".formatted(across.print(UnitSystem.METRIC), down.print(UnitSystem.METRIC),
                        acrossTurned.print(UnitSystem.METRIC), downTurned.print(UnitSystem.METRIC), paper.words()),
                "Print it smaller; it is never scaled to fit.");
    }

    private static Length free(Length side, Length less) {
        return side.minus(MARGIN.times(2)).minus(MARK.times(2)).minus(less);
    }

    private static PrintSheet laid(Paper paper, Length width, Length height, Length w, Length h, int copies) {
        Length inset = MARGIN.plus(MARK);
        int columns = fitting(free(width, Length.ZERO), w);
        int rows = fitting(free(height, NOTE), h);
        List<Placed> places = new ArrayList<>();
        for (int i = 0; i < Math.min(copies, columns * rows); i++) {
            places.add(new Placed("", i + 1, new Rect(inset.plus(w.plus(GAP).times(i % columns)), inset.plus(h.plus(GAP).times(i / columns)), w, h), false));
        }
        return new PrintSheet(paper.words(), width, height, places, note(width, height));
    }

    /** Where rule and words stand on a sheet of that size. */
    public static Rect note(Length width, Length height) {
        Length inset = MARGIN.plus(MARK);
        return new Rect(inset, height.minus(MARGIN).minus(NOTE), width.minus(inset.times(2)), NOTE);
    }

    private static int fitting(Length room, Length size) {
        return (int) Math.max(0, room.plus(GAP).nanometres() / size.plus(GAP).nanometres());
    }

    /** How many sheets {@code copies} take. */
    public int sheetsFor(int copies) {
        return (copies + places.size() - 1) / places.size();
    }

    public boolean turned() {
        return width.compareTo(height) > 0;
    }

    /** Share of the sheet the copies cover, 0 to 1. */
    public double used() {
        return places.stream().mapToDouble(placed -> placed.rect().squareMillimetres()).sum()
                / (width.millimetres() * height.millimetres());
    }
}
