package kindveil.studio.page.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kindveil.bench.Hand;
import kindveil.bench.PrintKind;
import kindveil.learning.Spares;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.sheet.Printers;
import kindveil.studio.work.shelf.Lineage;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.stock.Prints;
import org.jspecify.annotations.Nullable;

/** Prints in stock with where they come from, and printers and shops with what became of their copies. @param used stacks of which none is left */
record PrintsView(List<Group> groups, List<Stack> used, List<Machine> machines, List<String> problems) implements PageView {
    /** Units of the drawing to a millimetre, and the most a side takes. */
    private static final double SCALE = 0.8;
    private static final double MOST = 150;
    private static final double STEP = 4;
    private static final int MOST_DRAWN = 4;

    /** Stacks of one sort. */
    record Group(String words, List<Stack> stacks) {
    }

    /**
     * One stack.
     *
     * @param called its name, what it is and how many, where it must be told from others by its words
     * @param picture its address, or empty
     * @param change turns the picture as it stands on it, or empty
     * @param across how wide the pile is drawn, {@code down} likewise, on {@code box}
     * @param under sheets drawn under the uppermost, as paths
     * @param what how large it is, what of, how it stands
     * @param from its lineage
     * @param matter what is wrong with its count, or empty
     * @param fits whether it can be asked what it would be in a piece
     * @param begins whether a piece can be begun from it
     */
    record Stack(UUID id, String name, String called, String count, int left, String picture, String change, double width, double height, String box, double across, double down, List<String> under, String what, String from, String laidBy, String matter, boolean fits, boolean begins) {
    }

    /** A printer or a shop. */
    record Machine(String name, String kinds, List<ByWay> ways, String rule, String stock) {
    }

    /** What became of its copies by one way. @param dots one a copy, those that came out first @param across how wide they are drawn */
    record ByWay(String way, List<Dot> dots, double across, String words) {
        private static final double DOT = 11;

        static ByWay of(Printers.ByWay way) {
            Spares spares = way.spares();
            int good = Math.min(spares.good(), MOST_DOTS);
            int all = good + Math.min(spares.failed(), MOST_DOTS);
            return new ByWay(way.way(), IntStream.range(0, all).mapToObj(i -> new Dot(DOT * i + DOT / 2, i < good)).toList(), DOT * all, spares.words());
        }
    }

    /** One copy that was judged. */
    record Dot(double x, boolean good) {
    }

    private static final int MOST_DOTS = 24;

    static PrintsView of(List<Prints.Stack> all, List<Printers.Printer> printers, PieceWork pieces, List<String> problems, Say say) {
        Map<UUID, Piece> known = pieces.all(all.stream().flatMap(stack -> Stream.ofNullable(stack.owned().lineage())).flatMap(lineage -> Stream.of(lineage.piece(), lineage.use() == null ? lineage.piece() : lineage.use().piece())).distinct().toList());
        List<Group> groups = new ArrayList<>();
        for (boolean copies : List.of(true, false)) {
            List<Stack> stacks = all.stream().filter(stack -> (stack.sort() == Prints.Sort.COPY) == copies && stack.left() > 0).map(stack -> stack(stack, known, say)).toList();
            if (!stacks.isEmpty()) {
                groups.add(new Group(copies ? "Copies not used yet" : "What came off the bench", stacks));
            }
        }
        return new PrintsView(groups, all.stream().filter(stack -> stack.left() == 0).map(stack -> stack(stack, known, say)).toList(), printers.stream().map(printer -> machine(printer, say)).toList(), problems);
    }

    private static Stack stack(Prints.Stack stack, Map<UUID, Piece> known, Say say) {
        Print owned = stack.owned();
        Lineage lineage = owned.lineage();
        Owned.Size size = owned.size();
        double scale = Math.min(SCALE, MOST / Math.max(size.width().millimetres(), size.height().millimetres()));
        double width = size.width().millimetres() * scale;
        double height = size.height().millimetres() * scale;
        List<String> under = new ArrayList<>();
        for (int i = Math.min(stack.left(), MOST_DRAWN) - 1; i > 0; i--) {
            under.add("M%s %sh%sv%sh-%sz".formatted(i * STEP, i * STEP, width, height, width));
        }
        boolean mirrored = lineage != null && lineage.hand() == Hand.MIRRORED && stack.entry() == null;
        return new Stack(owned.id(), owned.name(), called(stack), count(stack), stack.left(), picture(stack, known), mirrored ? "translate(%s 0) scale(-1 1)".formatted(width) : "", width, height, "-1 -1 %s %s".formatted(width + STEP * under.size() + 2, height + STEP * under.size() + 2), width + STEP * under.size() + 2, height + STEP * under.size() + 2, under,
                what(stack, lineage, size, say), lineage == null ? stack.entry() == null ? "" : "Made " + say.date(stack.entry().written()) + "." : from(lineage, stack, say), laidBy(lineage, known),
                stack.over() > 0 ? "%d more %s used than there were: count them.".formatted(stack.over(), stack.over() == 1 ? "was" : "were") : "", stack.left() > 0 && stack.sort().paper() && lineage != null, stack.picture() != null);
    }

    /** Copies are what is meant where nothing is said. */
    private static String called(Prints.Stack stack) {
        return "%s%s, %s".formatted(stack.owned().name(), stack.sort() == Prints.Sort.COPY ? "" : ", " + stack.sort().words(), count(stack));
    }

    private static String count(Prints.Stack stack) {
        int all = stack.owned().count();
        return stack.left() == 0 ? "none left" : all == 1 ? "one" : stack.left() == all ? "all %d".formatted(all) : "%d of %d left".formatted(stack.left(), all);
    }

    private static String what(Prints.Stack stack, @Nullable Lineage lineage, Owned.Size size, Say say) {
        List<String> words = new ArrayList<>(List.of(say.size(size.width(), size.height())));
        if (stack.sort() != Prints.Sort.COPY) {
            words.add(stack.sort().words());
        } else if (lineage != null) {
            words.add(lineage.print().words());
        }
        if (lineage != null && lineage.hand() == Hand.MIRRORED) {
            words.add("mirrored");
        }
        return String.join(", ", words);
    }

    private static String from(Lineage lineage, Prints.Stack stack, Say say) {
        String shown = stack.entry() != null && !stack.photographed() ? "; shown as it was foreseen" : "";
        return "%s%s, %s%s%s".formatted(lineage.file().isBlank() ? "a picture" : lineage.file(), lineage.veil() > 1 ? ", for veil " + lineage.veil() : "", lineage.by().isBlank() ? "" : lineage.by() + ", ", say.date(lineage.at()), shown);
    }

    private static String laidBy(@Nullable Lineage lineage, Map<UUID, Piece> known) {
        Lineage.Use use = lineage == null ? null : lineage.use();
        Piece piece = use == null ? null : known.get(use.piece());
        boolean own = lineage != null && use != null && lineage.piece().equals(use.piece()) && lineage.veil() == use.veil();
        return piece == null || own ? "" : "Laid by for %s%s.".formatted(piece.title(), piece.veils().size() > 1 ? ", veil " + use.veil() : "");
    }

    /** Its photograph, the look foreseen, or the picture as it was printed while its piece still shows it so. */
    private static String picture(Prints.Stack stack, Map<UUID, Piece> known) {
        if (stack.entry() != null) {
            String photo = LookView.came(stack.entry());
            return photo.isEmpty() ? LookView.foreseen(stack.entry()) : photo;
        }
        Lineage lineage = stack.owned().lineage();
        Piece piece = lineage == null ? null : known.get(lineage.piece());
        if (piece != null && piece.shows(lineage.veil(), lineage.picture())) {
            return "%s/treated.png?v=%d".formatted(PieceHead.base(piece.at(lineage.veil())), piece.version());
        }
        return lineage == null ? "" : "/pictures/%s.png".formatted(lineage.picture());
    }

    private static Machine machine(Printers.Printer printer, Say say) {
        String kinds = printer.kinds().stream().map(PrintKind::words).collect(Collectors.joining("; "));
        String rule = printer.rule() == null ? "Its 50 mm rule is not measured." : say.it(printer.rule().words());
        String stock = printer.stock() == 0 ? "" : printer.stock() == 1 ? "One copy of it in stock." : "%d copies of it in stock.".formatted(printer.stock());
        return new Machine(printer.name(), kinds, printer.ways().stream().map(ByWay::of).toList(), rule, (stock + (printer.last() == null ? "" : " Last " + say.date(Objects.requireNonNull(printer.last())) + ".")).strip());
    }
}
