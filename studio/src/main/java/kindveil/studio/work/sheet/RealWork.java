package kindveil.studio.work.sheet;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.MakingLine;
import kindveil.studio.work.piece.Piece;
import kindveil.sheet.PrintSheet;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.stock.Prints;
import kindveil.studio.work.stock.Things;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.PrintPlan;
import kindveil.studio.work.source.SourceWork;
import org.springframework.stereotype.Service;

/**
 * What of a piece is real already, files that were taken to be printed and a making that is under way, and which changes of its plan
 * part from it.
 */
@Service
public class RealWork {
    private final TakenFiles files;
    private final MakeWork makings;
    private final PieceWork pieces;
    private final Things things;
    private final Prints prints;
    private final Gatherings gatherings;
    private final Clock clock;

    RealWork(TakenFiles files, MakeWork makings, PieceWork pieces, Things things, Prints prints, Gatherings gatherings, Clock clock) {
        this.things = things;
        this.prints = prints;
        this.gatherings = gatherings;
        this.files = files;
        this.makings = makings;
        this.pieces = pieces;
        this.clock = clock;
    }

    /** What a change would part from. @param exists the print that would be of no use @param making that is under way, and what it is at */
    public record Real(List<Taken> taken, Optional<PrintPlan.Existing> exists, Optional<MakingLine> making) {
        public boolean any() {
            return !taken.isEmpty() || exists.isPresent() || making.isPresent();
        }
    }

    /** Keeps that a file of the veil in hand was taken, its copies, and the sheets they take; the same one taken again is the same until its copies are used up. */
    public void take(Planned planned, int copies) {
        if (fresh(planned, copies, gatherings.now().setUp(planned.brief().print()).map(Gathering.SetUp::printedBy).orElse(""))) {
            PrintSheet sheet = PrintSheet.of(planned.piece().design().paper(), planned.brief().width(), planned.brief().height(), copies);
            things.printed(planned.brief().print().sheet(), sheet.sheetsFor(copies));
        }
    }

    /** How many copies are in stock that are as the veil in hand is planned; empty where none were ever printed. */
    public Optional<Integer> copies(Planned planned) {
        return prints.left(planned);
    }

    /** Whether it was not taken before; from now on it is. */
    private boolean fresh(Planned planned, int copies, String by) {
        Taken taken = taken(planned, copies);
        boolean fresh = of(planned.piece()).stream().findFirst().filter(taken::again).isEmpty() || prints.usedUp(planned);
        if (fresh) {
            files.add(taken);
            prints.printed(planned, copies, by);
        }
        return fresh;
    }

    /** A file as it would be taken now. */
    private Taken taken(Planned planned, int copies) {
        Piece piece = planned.piece();
        return new Taken(piece.id(), piece.inHand() + 1, clock.instant(), planned.brief().width(), planned.mirrored(), planned.brief().print(), copies, image(piece));
    }

    /** Whether a file of it as it is planned was taken before. */
    public boolean isTaken(Planned planned) {
        Taken now = taken(planned, planned.piece().design().copies());
        return of(planned.piece()).stream().anyMatch(now::printedAs);
    }

    private static String image(Piece piece) {
        String shown = "%s %s %s".formatted(piece.veil().picture(), piece.design().treatments(), SourceWork.inColours(piece));
        return UUID.nameUUIDFromBytes(shown.getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** The same of every image on some sheets. */
    public void take(SheetWork.Batch batch) {
        boolean any = false;
        for (SheetWork.Item item : batch.items()) {
            any |= fresh(item.planned(), item.copies(), batch.setUp().printedBy());
        }
        if (any) {
            things.printed(batch.kind().sheet(), batch.sheets().size());
        }
    }

    /** Of the veil in hand, the newest first. */
    public List<Taken> of(Piece piece) {
        return files.of(piece.id()).stream().filter(taken -> taken.veil() == piece.inHand() + 1).toList();
    }

    /** Refuses a change that parts from what is real, unless it is meant so. */
    public void requireMeant(Piece now, Piece then, boolean anyway) {
        Real real = anyway ? null : partedFrom(now, then);
        if (real != null && real.any()) {
            throw new Parting(real);
        }
    }

    /** What a change of the plan parts from: its print's size, hand and kind, its way, its picture. Other words of a plan are no matter of what was printed. */
    public Real partedFrom(Piece now, Piece then) {
        Planned before = pieces.plan(now);
        Planned after = pieces.plan(then);
        boolean print = !before.brief().width().equals(after.brief().width()) || before.mirrored() != after.mirrored() || before.brief().print() != after.brief().print()
                || !image(now).equals(image(then));
        boolean way = !now.design().way().equals(then.design().way());
        // what was taken of another plan is parted from already
        Taken planned = taken(before, now.design().copies());
        List<Taken> taken = print && now.veil().bringsPicture() ? of(now).stream().filter(planned::printedAs).toList() : List.of();
        PrintPlan.Existing there = now.design().printing().exists();
        boolean useless = there != null && (!there.width().equals(then.design().printWidth()) || there.kind() != then.design().print());
        return new Real(taken, Optional.ofNullable(useless ? there : null), print || way ? underWay(now.id()) : Optional.empty());
    }

    private Optional<MakingLine> underWay(UUID piece) {
        return makings.ofPiece(piece).stream().filter(MakingLine::active).findFirst();
    }

    /** Copies that were taken and are other than the plan is now, the newest of each kind. */
    public List<Taken> others(Planned planned) {
        Taken now = taken(planned, planned.piece().design().copies());
        List<Taken> others = new ArrayList<>();
        for (Taken taken : of(planned.piece())) {
            if (!taken.printedAs(now) && others.stream().noneMatch(taken::printedAs)) {
                others.add(taken);
            }
        }
        return others;
    }
}
