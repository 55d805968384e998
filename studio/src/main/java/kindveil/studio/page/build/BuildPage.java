package kindveil.studio.page.build;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.log.LastDrops;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.look.Alternatives;
import kindveil.studio.work.look.LookWork;
import kindveil.studio.work.look.ReadsWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Paints;
import kindveil.studio.work.shelf.Supports;
import kindveil.way.Where;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts the Build page together. */
@Component
class BuildPage {
    private final PieceWork pieces;
    private final LookWork looks;
    private final ReadsWork reads;
    private final Alternatives alternatives;
    private final Supports supports;
    private final Paints paints;
    private final LastDrops drops;
    private final JarWork jars;
    private final Say say;

    BuildPage(PieceWork pieces, LookWork looks, ReadsWork reads, Alternatives alternatives, Supports supports, Paints paints, LastDrops drops, JarWork jars, Say say) {
        this.jars = jars;
        this.pieces = pieces;
        this.looks = looks;
        this.reads = reads;
        this.alternatives = alternatives;
        this.supports = supports;
        this.paints = paints;
        this.drops = drops;
        this.say = say;
    }

    /** What an address asks to be shown. @param open what is to stand open, null for what matters first @param foresee whether how the drawing reads is worked out for the page, however long it takes */
    record Asked(LookView.Asked look, @Nullable String open, boolean foresee) {
    }

    /** As it stands, something of it open. */
    BuildView of(Piece piece, Where open) {
        Planned planned = pieces.plan(piece);
        return of(planned, new Asked(LookView.Asked.NOTHING, Doors.word(open), false), BuildForm.of(planned, paints.all(), say.measure()));
    }

    BuildView of(Planned planned, Asked asked, BuildForm form) {
        Piece piece = planned.piece();
        LookView view = asked.look().of(planned);
        Doors doors = Doors.of(piece, form, view, asked.open());
        SectionView section = SectionView.of(planned, view, doors, looks, say);
        return new BuildView(PieceHead.of(piece, "Build"), BuildView.Sentence.of(planned, view, form, doors, supports.with(planned.brief().support()), say), BuildView.Shown.of(planned, view, doors, looks.aspect(piece)), section,
                doors.open() == null ? null : CardView.of(planned, doors, view, form, title(doors.open(), section), alternatives, jars.shelf(), say), ThreadView.of(planned, doors, form), doors.door(Where.EDGE, Doors.words(Where.EDGE)),
                BuildView.Beside.of(planned, planned.trace().refusals().isEmpty() ? List.of() : pieces.remedies(planned), foresight(planned, view, asked.foresee()), drops.of(planned), say), BuildView.Laid.of(planned, say), pieces.canUndo(piece.id()), null, List.of());
    }

    /** Known at once, or waited for; otherwise it comes after the page. */
    private @Nullable ForesightView foresight(Planned planned, LookView view, boolean foresee) {
        Piece piece = planned.piece();
        boolean known = looks.foreseen(piece, view.right(), view.pass()) && reads.known(piece);
        return foresee || known ? ForesightView.of(planned, view, looks, reads, foresee ? ForesightView.AT_A_TIME : Duration.ZERO, say) : null;
    }

    /** A layer is called by its name. */
    private static String title(Where where, SectionView section) {
        Optional<String> layer = section.layers().stream().filter(SectionView.Drawn::open).map(SectionView.Drawn::name).findFirst();
        return layer.orElseGet(() -> Doors.words(where));
    }

    /** What is still being looked at of the card that stands open. */
    Late late(Planned planned, LookView.Asked look, @Nullable String open) {
        BuildForm form = BuildForm.of(planned, say.measure());
        LookView view = look.of(planned);
        Doors doors = Doors.of(planned.piece(), form, view, open);
        Alternatives.Looked looked = alternatives.look(planned.piece(), doors.open() == null ? List.of() : form.slots(doors.open()).stream().map(BuildForm.Slot::choice).toList(), view.right(), view.pass(), CardView.AT_A_TIME);
        return new Late(looked.each().stream().map(one -> CardView.Late.of(one, say)).toList(), looked.done() || doors.open() == null ? "" : CardView.due(planned.piece(), view, doors));
    }

    /** @param due where to ask on, or empty when all was looked at */
    record Late(List<CardView.Late> each, String due) {
    }
}
