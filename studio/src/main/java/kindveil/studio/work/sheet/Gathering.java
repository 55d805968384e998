package kindveil.studio.work.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.CheckRule;
import kindveil.sheet.Paper;
import kindveil.sheet.SheetSize;
import kindveil.tone.Overrun;
import org.jspecify.annotations.Nullable;

/**
 * What is to be printed together, and how each carrier is set up.
 *
 * @param version counts its changes
 */
public record Gathering(int version, List<Wanted> wanted, List<SetUp> setUps) {
    public static final Gathering EMPTY = new Gathering(-1, List.of(), List.of());
    public static final int MOST_IMAGES = 24;
    public static final int MOST_COPIES = 20;

    /**
     * An image of a piece.
     *
     * @param veil its number, from 1
     * @param copies spares included, or null for as many as the record advises; what is told here is told of the piece too
     */
    public record Wanted(UUID piece, int veil, @Nullable Integer copies) {
        public Wanted {
            if (copies != null) {
                UnusableValue.requireWithin("copies", copies, 1, MOST_COPIES, "", "Leave it empty for as many as your record advises.");
            }
        }

        boolean is(UUID otherPiece, int otherVeil) {
            return piece.equals(otherPiece) && veil == otherVeil;
        }
    }

    /** Where one copy was put by hand, mm from the top left of its sheet. */
    public record Spot(UUID piece, int veil, int copy, double x, double y, boolean turned) {
    }

    /**
     * One machine with one carrier: images of different ones never share a sheet.
     *
     * @param sheet a {@link Paper} by name, or its own width × height in mm as {@code 150x210}
     * @param printedBy whose machine, as the log names it, or empty
     * @param runs how often the sheet goes through, 1 to 3
     * @param byHand the sheets as arranged by hand, upright or turned; empty where they are packed
     */
    public record SetUp(PrintKind kind, String sheet, String printedBy, int runs, CheckRule rule, boolean turned, List<List<Spot>> byHand) {
        public SetUp {
            byHand = byHand.stream().map(List::copyOf).toList();
            size(sheet);
            Overrun.requireRuns(runs);
        }

        /** As it is planned. */
        static SetUp of(PrintKind kind, Paper paper, int runs) {
            return new SetUp(kind, paper.name(), "", runs, CheckRule.UNMEASURED, false, List.of());
        }

        public SheetSize size() {
            return size(sheet);
        }

        static SheetSize size(String sheet) {
            for (Paper paper : Paper.values()) {
                if (paper.name().equals(sheet)) {
                    return paper.size();
                }
            }
            String[] sides = sheet.split("x");
            if (sides.length != 2) {
                throw new UnusableValue("sheet", sheet, "A4, A3, US Letter, or a width and a height", "Give both sides of the sheet.");
            }
            return SheetSize.own(Length.parse("sheet width", sides[0] + " mm"), Length.parse("sheet height", sides[1] + " mm"));
        }

        /** A sheet of its own size, as {@code sheet} writes it. */
        public static String ownSheet(Length width, Length height) {
            return Figures.plain(width.millimetres()) + "x" + Figures.plain(height.millimetres());
        }

        public boolean ownSize() {
            return sheet.contains("x");
        }

        SetUp set(String newSheet, String newPrintedBy, int newRuns) {
            boolean same = newSheet.equals(sheet);
            return new SetUp(kind, newSheet, newPrintedBy, newRuns, newPrintedBy.equals(printedBy) ? rule : CheckRule.UNMEASURED, same && turned, same ? byHand : List.of());
        }

        SetUp measured(CheckRule newRule) {
            return new SetUp(kind, sheet, printedBy, runs, newRule, turned, byHand);
        }

        SetUp arranged(boolean newTurned, List<List<Spot>> sheets) {
            return new SetUp(kind, sheet, printedBy, runs, rule, newTurned, sheets);
        }
    }

    public Gathering {
        wanted = List.copyOf(wanted);
        setUps = List.copyOf(setUps);
        UnusableValue.requireWithin("images on the sheets", wanted.size(), 0, MOST_IMAGES, "", "Print these first, then gather the rest.");
    }

    /** With that image once, in its old place if it had one. */
    Gathering with(Wanted one) {
        List<Wanted> other = new ArrayList<>();
        for (Wanted w : wanted) {
            other.add(w.is(one.piece, one.veil) ? one : w);
        }
        if (!holds(one.piece, one.veil)) {
            other.add(one);
        }
        return new Gathering(version, other, setUps);
    }

    Gathering without(UUID piece, int veil) {
        return new Gathering(version, wanted.stream().filter(w -> !w.is(piece, veil)).toList(), setUps);
    }

    /** Without any of some images. */
    Gathering without(List<Wanted> gone) {
        return new Gathering(version, wanted.stream().filter(w -> gone.stream().noneMatch(g -> w.is(g.piece, g.veil))).toList(), setUps);
    }

    Optional<SetUp> setUp(PrintKind kind) {
        return setUps.stream().filter(s -> s.kind == kind).findFirst();
    }

    Gathering with(SetUp setUp) {
        List<SetUp> other = new ArrayList<>(setUps);
        other.removeIf(s -> s.kind == setUp.kind);
        other.add(setUp);
        return new Gathering(version, wanted, other);
    }

    public boolean holds(UUID piece, int veil) {
        return wanted.stream().anyMatch(w -> w.is(piece, veil));
    }
}
