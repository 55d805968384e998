package kindveil.studio.work.stock;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.bench.Hand;
import kindveil.bench.Layer;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.reading.LeftoverReading;
import kindveil.reading.LeftoverReading.Leftover;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.log.Log;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Image;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.shelf.Lineage;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.WayCard;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Prints in stock: copies that were printed and not used yet, pulls that were kept, and sheets that came off the bench with their picture on them. */
@Service
@Transactional
public class Prints {
    /** So many pieces are asked what a print would be in them. */
    private static final int MOST_ASKED = 40;
    private final Shelf shelf;
    private final JarWork jars;
    private final Log log;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final Clock clock;

    Prints(Shelf shelf, JarWork jars, Log log, PieceWork pieces, MakeWork makings, Clock clock) {
        this.shelf = shelf;
        this.jars = jars;
        this.log = log;
        this.pieces = pieces;
        this.makings = makings;
        this.clock = clock;
    }

    /** What a print in stock is. */
    public enum Sort {
        COPY("copy", "copies that were printed"), GOOD("good", "good pull"), GHOST("ghost", "ghost"), LIFTED("lifted", LeftoverReading.Kind.LIFTED.words()), INKED("inked", LeftoverReading.Kind.INKED.words());

        private final String what;
        private final String words;

        Sort(String what, String words) {
            this.what = what;
            this.words = words;
        }

        /** Its lasting name. */
        public String what() {
            return what;
        }

        public String words() {
            return words;
        }

        /** Whether it is a print on its sheet still, that could be glued down. */
        public boolean paper() {
            return this == COPY || this == LIFTED || this == INKED;
        }

        static Sort of(Print owned) {
            return Stream.of(values()).filter(sort -> sort.what.equals(owned.what())).findFirst().orElse(GOOD);
        }

        static Sort of(LeftoverReading.Kind kind) {
            return switch (kind) {
                case LIFTED -> LIFTED;
                case INKED -> INKED;
            };
        }
    }

    /**
     * One stack of them.
     *
     * @param left how many are still there
     * @param over used that were not there
     * @param entry what was written of the making it came of
     * @param picture of it: its photograph, the look foreseen for it, or what was printed
     */
    public record Stack(Print owned, Sort sort, int left, int over, @Nullable LogEntry entry, @Nullable UUID picture) {
        public boolean photographed() {
            return entry != null && entry.photo() != null;
        }
    }

    /**
     * What a print would be in a piece.
     *
     * @param veil it would be the print of, from 1; 0 where it is glued down under all of it
     * @param refused why it would not do, or null
     * @param hand how it would stand for the eye
     * @param asWanted whether that is as the piece wants it
     * @param width the image has there now
     */
    public record Fit(Piece piece, int veil, @Nullable String refused, Hand hand, boolean asWanted, Length width) {
        public boolean glued() {
            return veil == 0;
        }
    }

    // --- what is there

    /** All of them, what is left first, by name. */
    public List<Stack> all() {
        List<JarWork.Left<Print>> prints = jars.prints();
        List<LogEntry> entries = prints.isEmpty() ? List.of() : log.all();
        return prints.stream().map(lot -> stack(lot, entries)).sorted(Comparator.comparing((Stack stack) -> stack.left() == 0).thenComparing(Stack::sort).thenComparing(stack -> stack.owned().name())).toList();
    }

    /** Pulls of a plate, by name. */
    public List<Stack> pulls() {
        return all().stream().filter(stack -> !stack.sort().paper() && stack.left() > 0).toList();
    }

    /** How many are there in all. */
    public int kept() {
        return jars.prints().stream().mapToInt(lot -> (int) Math.round(lot.left())).sum();
    }

    private static Stack stack(JarWork.Left<Print> lot, List<LogEntry> entries) {
        Print owned = lot.owned();
        Lineage lineage = owned.lineage();
        LogEntry entry = entries.stream().filter(each -> owned.id().equals(each.making())).findFirst().orElse(null);
        UUID picture = Stream.of(entry == null ? null : entry.photo(), entry == null ? null : entry.judged().foreseen(), lineage == null ? null : lineage.picture()).filter(Objects::nonNull).findFirst().orElse(null);
        return new Stack(owned, Sort.of(owned), (int) Math.round(lot.left()), (int) Math.round(lot.over()), entry, picture);
    }

    public Stack get(UUID id) {
        return all().stream().filter(stack -> stack.owned().id().equals(id)).findFirst().orElseThrow(() -> new NotFound("print in stock", id));
    }

    private Print kept(UUID id) {
        return shelf.find(id, Print.class).orElseThrow(() -> new NotFound("print in stock", id));
    }

    /** So many are still there. */
    public void count(UUID id, int left) {
        shelf.keep(kept(id).counted(left, clock.instant()));
    }

    /** Given away, used up, or thrown. */
    public void takeOut(UUID id) {
        shelf.remove(kept(id).id());
    }

    // --- printed

    /** Copies of the veil in hand were printed. @param by whose machine, or empty */
    public void printed(Planned planned, int copies, String by) {
        Piece piece = planned.piece();
        Owned.Size size = new Owned.Size(planned.brief().width(), planned.brief().height());
        Instant now = clock.instant();
        Lineage lineage = planned.lineage(planned.printHand(), by, now).laidBy(new Lineage.Use(piece.id(), piece.inHand() + 1));
        Optional<JarWork.Left<Print>> there = same(planned);
        int before = there.map(lot -> lot.left() >= lot.owned().count() ? 0 : (int) Math.round(lot.left())).orElse(0);
        shelf.keep(Print.of(there.map(lot -> lot.owned().id()).orElseGet(UUID::randomUUID), Sort.COPY.what(), Words.capital(called(piece)), Math.min(Owned.MOST, before + copies), size, now, lineage));
    }

    private static String called(Piece piece) {
        return piece.veils().stream().filter(Veil::bringsPicture).count() > 1 ? "%s, veil %d".formatted(piece.title(), piece.inHand() + 1) : piece.title();
    }

    /** Whether copies as they are planned were printed, and are all used. */
    public boolean usedUp(Planned planned) {
        return left(planned).filter(left -> left == 0).isPresent();
    }

    /** How many copies as they are planned are left; empty where none were ever printed. */
    public Optional<Integer> left(Planned planned) {
        return same(planned).map(lot -> (int) Math.round(lot.left()));
    }

    private Optional<JarWork.Left<Print>> same(Planned planned) {
        Piece piece = planned.piece();
        return jars.prints().stream().filter(lot -> lot.owned().what().equals(Sort.COPY.what()) && lot.owned().size().width().equals(planned.brief().width())
                && lot.owned().from().filter(from -> from.laidByFor(piece.id(), piece.inHand() + 1) && from.picture().equals(piece.veil().picture()) && from.print() == planned.brief().print() && from.hand() == planned.printHand()).isPresent()).findFirst();
    }

    // --- what came off the bench

    /** Sheets a finished making gives back, whether they were kept or not. */
    public List<Leftover> leftovers(StoredMaking making) {
        return making.making().finished() ? LeftoverReading.of(new Trace(making.making().plan(), making.making().moments())).all() : List.of();
    }

    public boolean keeps(StoredMaking making, Leftover leftover) {
        return shelf.find(id(making.id(), leftover.act())).isPresent();
    }

    /** Keeps such a sheet, or no longer. */
    public void keepLeftover(UUID id, ActId act, boolean kept) {
        StoredMaking making = makings.get(id);
        Leftover leftover = leftovers(making).stream().filter(each -> each.act().equals(act)).findFirst().orElseThrow(() -> new UnusableValue("Sheet", act.toString(), "one that came off this bench whole", "Open the bench again."));
        if (!kept) {
            shelf.remove(id(id, act));
            return;
        }
        Brief brief = making.now().parts().get(act.part()).brief();
        Piece piece = pieces.get(making.piece());
        Planned planned = pieces.plan(piece.at(act.part() < piece.veils().size() && piece.veils().get(act.part()).bringsPicture() ? act.part() + 1 : piece.veils().indexOf(piece.leading()) + 1));
        Hand hand = leftover.hand() == planned.printHand() ? Hand.READS_RIGHT : Hand.MIRRORED;
        shelf.keep(Print.of(id(id, act), Sort.of(leftover.kind()).what(), making.called(piece.title()), 1, new Owned.Size(brief.width(), brief.height()), clock.instant(), planned.lineage(hand, "", clock.instant())));
    }

    private static UUID id(UUID making, ActId act) {
        return UUID.nameUUIDFromBytes(("sheet of " + making + " " + act).getBytes(StandardCharsets.UTF_8));
    }

    // --- used in a piece

    /** What a print would be in each piece that is not begun: its picture in place of that of a veil, or glued down under all of it. */
    public List<Fit> fits(Stack stack, List<Piece> asked) {
        List<UUID> under = makings.active().stream().map(StoredMaking::piece).toList();
        List<Fit> fits = new ArrayList<>();
        if (stack.owned().lineage() == null || !stack.sort().paper()) {
            return fits;
        }
        for (Piece piece : asked.stream().filter(one -> !under.contains(one.id())).limit(MOST_ASKED).toList()) {
            for (int veil = 1; veil <= piece.veils().size(); veil++) {
                if (stack.sort() == Sort.COPY && piece.veils().get(veil - 1).bringsPicture() && !stack.owned().lineage().laidByFor(piece.id(), veil)) {
                    fits.add(fit(stack, piece, veil));
                }
            }
            if (piece.veils().size() < Piece.MOST_VEILS) {
                fits.add(fit(stack, piece, 0));
            }
        }
        return fits;
    }

    private Fit fit(Stack stack, Piece piece, int veil) {
        Length width = veil == 0 ? piece.leading().design().printWidth() : piece.veils().get(veil - 1).design().printWidth();
        try {
            Planned planned = pieces.plan(with(stack, piece, veil));
            Hand hand = planned.hand().map(reading -> reading.finishedOf(Objects.requireNonNull(stack.owned().lineage()).hand())).orElse(Hand.READS_RIGHT);
            String refused = planned.whole().refusals().isEmpty() ? null : planned.whole().refusals().getFirst().words();
            return new Fit(piece, veil, refused, hand, veil == 0 || piece.veils().get(veil - 1).design().hand().hand() == hand, width);
        } catch (UnusableValue refused) {
            return new Fit(piece, veil, refused.getMessage(), Hand.READS_RIGHT, false, width);
        }
    }

    /** A piece with a print of the stock as the print of one of its veils, in hand afterwards. */
    private Piece with(Stack stack, Piece piece, int veil) {
        Lineage lineage = Objects.requireNonNull(stack.owned().lineage());
        Length width = stack.owned().size().width();
        Piece there = veil > 0 ? piece.at(veil) : piece.plus(Veil.first(lineage.picture(), Design.fresh(width).doing(Papers.WAY))).moved(-piece.veils().size());
        // it is framed and treated as it was when it was printed
        Image image = Optional.ofNullable(pieces.all(List.of(lineage.piece())).get(lineage.piece())).filter(from -> from.shows(lineage.veil(), lineage.picture())).map(from -> from.veils().get(lineage.veil() - 1).design().image().with(width)).orElse(Image.of(width));
        Design design = there.design().with(image);
        PrintPlan before = design.printing().with(lineage.print());
        return there.with(new Veil(lineage.picture(), there.veil().x(), there.veil().y(), design.with(before.existing(new PrintPlan.Existing(lineage.print(), lineage.hand(), width, before.hand()), Math.max(1, stack.left())))));
    }

    /** The way that glues a paper down as it is: its sheet lies in the finished work. Looked for once, when it is first asked for. */
    private static final class Papers {
        private static final Length ANY = Length.ofMillimetres(100);
        private static final Way WAY = Catalogue.ways().stream().filter(way -> way.card().kind() == WayCard.Kind.OVER_OR_UNDER && way.card().bringsPicture())
                .filter(way -> !Trace.of(way.expand(Brief.usual(way, ANY, ANY, kindveil.drying.Room.of(20, 50)))).end().layers(Face.SUPPORT_FRONT, Layer.Carrier.class).isEmpty()).findFirst().orElseThrow();
    }

    /** Plans a piece with some of a stack, which are laid by for it. @param veil 0 to glue it down under all of it */
    public Piece use(UUID id, UUID in, int veil, int many) {
        Stack stack = get(id);
        UnusableValue.requireWithin("How many", many, 1, Math.max(1, stack.left()), "", "Count them again if there are more.");
        if (stack.left() < 1 || stack.owned().lineage() == null || !stack.sort().paper() || veil > 0 && stack.sort() != Sort.COPY) {
            throw new UnusableValue("Print", stack.owned().name(), "one that is still there, on its sheet", "Count them again, or print more.");
        }
        Piece piece = pieces.get(in);
        UnusableValue.requireWithin("Veil", veil, 0, piece.veils().size(), "", "Open the page again.");
        Piece changed = pieces.change(with(new Stack(stack.owned(), stack.sort(), many, 0, null, null), piece, veil));
        Instant now = clock.instant();
        Lineage.Use use = new Lineage.Use(in, changed.inHand() + 1);
        if (many == stack.left()) {
            shelf.keep(stack.owned().laidBy(stack.owned().id(), many, use, now));
        } else {
            shelf.keep(stack.owned().counted(stack.left() - many, now));
            shelf.keep(stack.owned().laidBy(UUID.randomUUID(), many, use, now));
        }
        return changed;
    }

    /** A new piece whose source is the picture of one, as wide as it is. */
    public Piece begin(UUID id) {
        Stack stack = get(id);
        if (stack.picture() == null) {
            throw new UnusableValue("Print", stack.owned().name(), "one with a picture", "Photograph it in Notes first.");
        }
        String title = "After " + stack.owned().name();
        return pieces.begin(title.substring(0, Math.min(title.length(), PieceWork.LONGEST_TITLE)), stack.owned().size().width(), stack.picture());
    }
}
