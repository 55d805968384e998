package kindveil.studio.page.build;

import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.piece.LookView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.catalogue.Catalogue;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Refused;
import kindveil.studio.page.Say;
import kindveil.studio.page.Wipe;
import kindveil.studio.work.log.LastDrops;
import kindveil.measure.Figures;
import kindveil.reading.CrackReading;
import kindveil.measure.Words;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Fit;
import kindveil.reading.Remedies;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;

/**
 * The Build page: the piece in a sentence, the picture as it will be, the section at a point, what is decided where it acts, and
 * what is said of it.
 *
 * @param sentence the five words that define it
 * @param look the picture
 * @param section the core at its point
 * @param card what is decided at the layer or act that stands open, or null where there is nothing to decide
 * @param thread acts and waits
 * @param edge door to the edge of the picture and its page
 * @param said what stands beside it
 * @param laid where the veil lies, and on what page
 * @param guard asked before a change is made, or null
 * @param undoable whether the last change can be taken back
 */
record BuildView(PieceHead head, Sentence sentence, Shown look, SectionView section, @Nullable CardView card, ThreadView thread, Door edge, Beside said, Laid laid, boolean undoable, @Nullable Guard guard, List<String> problems) implements PageView {
    /**
     * The piece in words.
     *
     * @param width as it can be typed; empty where the way brings no picture
     * @param height that follows from it
     * @param open what stands open, kept when the plan changes
     * @param first whether it is the lowest veil, which says what all lies on
     * @param ofPrint whether the way takes a print
     * @param overAndUnder for the piece's only picture, those that bring one
     * @param view how the picture is looked at, kept when the plan changes
     * @param pageWide how a page's width might be typed; likewise pageTall
     */
    record Sentence(boolean first, boolean ofPrint, String width, String height, String open, List<Pick> transfers, List<Pick> overAndUnder, List<Pick> prints, List<Pick> supports, List<Pick> grounds,
            List<Pick> wishes, String colour, String colourHint, LookView view, String pageWide, String pageTall) {
        static Sentence of(Planned planned, LookView view, BuildForm form, Doors doors, List<Support> supports, Say say) {
            Piece piece = planned.piece();
            String way = piece.design().way();
            return new Sentence(piece.inHand() == 0, piece.design().theWay().card().usualPrint() != null, form.typed().getOrDefault(BuildForm.WIDTH, piece.veil().bringsPicture() ? say.one(piece.design().printWidth()) : ""), say.one(planned.brief().height()), doors.open() == null ? "" : Doors.word(doors.open()),
                    ways(Catalogue.transfers(), way), ways(Catalogue.besides().stream().filter(one -> one.card().bringsPicture() || !piece.veil().bringsPicture() || !piece.onlyPicture()).toList(), way), Pick.of(PrintKind.values(), PrintKind::words, planned.brief().print()),
                    Pick.of(supports, Support::id, support -> say.it(support.words()), support -> say.it(support.doubt().orElse("")), planned.brief().support().id()), Pick.of(Ground.values(), Ground::words, planned.brief().ground()),
                    Pick.of(Stream.of(Wish.values()).filter(wish -> wish == planned.brief().wish() || piece.design().theWay().card().offers(wish)).toList(), Wish::name, Wish::words, wish -> say.it(wish.meaning()), planned.brief().wish().name()), piece.groundColour().toString(),
                    piece.basis().photograph().isPresent() ? "The photographed ground is shown instead" : "Ground colour", view, say.usual(210, 8.5), say.usual(297, 11));
        }

        public String left() {
            return LookView.word(view.left());
        }

        public String right() {
            return LookView.word(view.right());
        }

        private static List<Pick> ways(List<Way> ways, String chosen) {
            return Pick.of(ways, Way::key, Way::name, way -> "", chosen);
        }
    }

    /**
     * The picture, and which states of it can be looked at.
     *
     * @param address of the page, before its query
     * @param query the states and pass asked for
     * @param pass shown, 0 where there is none to choose
     * @param fewer address with one pass fewer, or empty; likewise more
     */
    record Shown(Wipe wipe, String address, String query, double x, double y, List<LookView.StateLink> links, int pass, String fewer, String more) {
        static Shown of(Planned planned, LookView view, Doors doors, double aspect) {
            Piece piece = planned.piece();
            String base = PieceHead.base(piece);
            String right = view.picture(base, view.right(), piece.version());
            String rightWords = LookView.words(view.right(), view.pass(), planned.trace());
            Wipe wipe = view.compares() ? Wipe.of(view.picture(base, view.left(), piece.version()), right, LookView.words(view.left(), view.pass(), planned.trace()), rightWords, aspect, view.cut())
                    : Wipe.still(right, rightWords, aspect);
            return new Shown(piece.veils().size() > 1 ? wipe.lower() : wipe, base, "left=%s&right=%s&pass=%d".formatted(LookView.word(view.left()), LookView.word(view.right()), view.pass()), view.x(), view.y(), view.links(base, planned.trace(), doors.query()),
                    view.pass(), view.pass() > 1 ? other(base, view, doors, -1) : "", view.pass() < planned.trace().mostPasses() ? other(base, view, doors, 1) : "");
        }

        private static String other(String base, LookView view, Doors doors, int by) {
            return "%s/build?%s%s".formatted(base, view.query(view.left(), view.right(), view.pass() + by), doors.query());
        }
    }

    /** What the log remembers. @param change that takes it, by its key */
    record Remembered(String words, String change) {
        static Remembered of(LastDrops.Last last) {
            return new Remembered("This ink took %s drops last time (%s, %s).".formatted(Figures.plain(last.drops()), last.title(), last.verdict()), "dial %s %s".formatted(last.dial(), Figures.plain(last.drops())));
        }
    }

    /**
     * What is said of the plan.
     *
     * @param remembered what the log remembers of this ink, or null
     * @param foresight how much of the drawing drowns, where that is known at once; otherwise it comes after the page
     */
    record Beside(@Nullable Remembered remembered, Refused refused, List<String> questions, List<String> doubts, @Nullable ForesightView foresight, boolean pictured) {
        static Beside of(Planned planned, List<Remedies> remedies, @Nullable ForesightView foresight, Optional<LastDrops.Last> last, Say say) {
            Way way = planned.piece().design().theWay();
            return new Beside(last.map(Remembered::of).orElse(null), Refused.of(planned.trace(), remedies, say), way.questions(planned.brief()).stream().map(say::it).toList(), doubts(planned, way).stream().map(say::it).toList(), foresight,
                    planned.piece().veil().bringsPicture());
        }

        /** What the bench takes, but doubts, and what the way's card says of support and wish. */
        private static List<String> doubts(Planned planned, Way way) {
            Stream<Fit> fits = Stream.of(way.card().fit(planned.brief().support()), way.card().fit(planned.brief().wish()));
            List<String> doubts = new ArrayList<>(fits.filter(fit -> fit.verdict() != Fit.Verdict.SOUND).map(Fit::reason).toList());
            CrackReading.of(planned.trace()).forEach(crack -> doubts.add("%s, %s µm wet: it cracks in about %d of 100, some %s mm apart.".formatted(Words.capital(crack.product()), Figures.plain(crack.micrometres()), Math.round(100 * crack.chance()), Figures.rounded(crack.apart(), 1))));
            planned.trace().concerns().stream().map(concern -> concern.words()).distinct().forEach(doubts::add);
            return doubts;
        }
    }

    /**
     * Where the veil in hand lies among the others, and what page all of them are made on.
     *
     * @param own address of the veil in hand by its number
     * @param right of the left edge; likewise down
     * @param pageWidth empty where the first image fills the page; likewise pageHeight
     * @param fits how the image could lie on the page
     * @param typed whether the page is shown as it was typed, since something is wrong with it
     */
    record Laid(boolean many, boolean first, boolean last, boolean pictured, String own, String right, String down, String pageWidth, String pageHeight, boolean photographed, boolean typed, FitsView fits,
            List<Pick> transfers, List<Pick> overAndUnder) {
        static Laid of(Planned planned, Say say) {
            Piece piece = planned.piece();
            return new Laid(piece.veils().size() > 1, piece.inHand() == 0, piece.inHand() + 1 == piece.veils().size(), piece.veil().bringsPicture(),
                    "/pieces/%s/veils/%d".formatted(piece.id(), piece.inHand() + 1), say.one(piece.veil().x()), say.one(piece.veil().y()),
                    piece.basis().page().map(Page::width).map(say::one).orElse(""), piece.basis().page().map(Page::height).map(say::one).orElse(""),
                    piece.basis().photograph().isPresent(), false, FitsView.now(planned, say), ways(Catalogue.transfers()), ways(Catalogue.besides()));
        }

        private static List<Pick> ways(List<Way> ways) {
            return Pick.of(ways, Way::key, Way::name, way -> "", "");
        }

        /** As it was typed. */
        Laid typed(String width, String height, String x, String y) {
            return new Laid(many, first, last, pictured, own, x, y, width, height, photographed, true, fits, transfers, overAndUnder);
        }

        public boolean paged() {
            return !pageWidth.isEmpty() || !pageHeight.isEmpty();
        }
    }

    BuildView refusing(List<String> problems) {
        return new BuildView(head, sentence, look, section, card, thread, edge, said, laid, undoable, guard, problems);
    }

    BuildView asking(Guard guard) {
        return new BuildView(head, sentence, look, section, card, thread, edge, said, laid, undoable, guard, problems);
    }

    BuildView laid(String width, String height, String x, String y) {
        return new BuildView(head, sentence, look, section, card, thread, edge, said, laid.typed(width, height, x, y), undoable, guard, problems);
    }
}
