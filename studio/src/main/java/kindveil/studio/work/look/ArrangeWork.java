package kindveil.studio.work.look;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.reading.AmountReading;
import kindveil.reading.EdgesReading;
import kindveil.reading.LookState;
import kindveil.shape.Guides;
import kindveil.shape.Lying;
import kindveil.shape.Region;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Lay;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Patch;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.source.SourceWork;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What lies where on the page of a piece, what meets what, and what that costs. */
@Service
public class ArrangeWork {
    /** How near a line draws what is dragged, mm. */
    public static final double REACH = 2;
    private static final int HELD = 260;
    private static final double MEETS = 0.5;
    private static final double FURTHEST = Page.WIDEST.millimetres();
    private static final double LARGE = 0.35;
    private static final int TWO_TONES = 2;
    private static final double NARROW = 0.5;
    private static final double BROAD = 60;
    private final PieceWork pieces;
    private final LookWork looks;
    private final ReadsWork reads;
    private final SourceWork sources;

    ArrangeWork(PieceWork pieces, LookWork looks, ReadsWork reads, SourceWork sources) {
        this.pieces = pieces;
        this.looks = looks;
        this.reads = reads;
        this.sources = sources;
    }

    /**
     * One veil in its place.
     *
     * @param veil its number, from 1
     * @param picture it brings, or null
     * @param all whether it covers all of the page, and so lies nowhere in particular
     * @param fixed whether it is what the page is taken from, as long as none is told
     * @param takes of paint and medium, ml
     */
    public record Placed(int veil, String name, @Nullable UUID picture, boolean all, boolean fixed, Lying lies, List<EdgesReading.Edge> edges, double takes) {
    }

    /** The shape an area is begun with. */
    public enum Form {
        BOX("a rectangle"), ROUND("a round"), OUTLINES("the darks of the picture in hand");

        private final String words;

        Form(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Two that meet.
     *
     * @param under number of the one below; likewise {@code over}
     * @param area of both, mm²
     * @param share of the one below
     * @param cost share of the drawing below that would read without the other; not a number where that brings no picture
     */
    public record Meeting(int under, int over, double area, double share, double cost) {
    }

    /** How an arrangement reads. */
    public record Arranged(List<ReadsWork.Read> reads, List<Meeting> meetings, List<Off> off) {
    }

    /** Something that lies partly off the page. @param share of it */
    public record Off(int veil, double share) {
    }

    /** Width and height of the page, mm. */
    public double[] page(Piece piece) {
        List<Length> size = looks.frameSize(piece);
        return new double[] {size.get(0).millimetres(), size.get(1).millimetres()};
    }

    /** The page as it looks when all is done. */
    public byte[] seen(Piece piece) {
        Piece whole = piece.at(piece.veils().size());
        Trace trace = pieces.plan(whole).trace();
        return looks.png(whole, Map.of(), LookState.finished(trace), trace.plannedPasses(), false);
    }

    public List<Placed> placed(Piece piece) {
        return IntStream.rangeClosed(1, piece.veils().size()).mapToObj(number -> placed(piece, number)).toList();
    }

    private Placed placed(Piece piece, int number) {
        Piece own = piece.at(number);
        Veil veil = own.veil();
        Planned planned = pieces.plan(own);
        Brief brief = planned.brief();
        boolean fixed = veil == piece.leading() && piece.basis().page().isEmpty();
        double takes = AmountReading.of(planned.trace(), brief.width(), brief.height()).byProduct().values().stream().mapToDouble(volume -> volume.millilitres()).sum();
        return new Placed(number, veil.design().theWay().name().toLowerCase(Locale.ROOT), veil.picture(), !veil.bringsPicture() && veil.patch().isEmpty(), fixed, lies(piece, veil, planned),
                EdgesReading.of(planned.trace(), veil.bringsPicture() ? veil.design().print() : null), takes);
    }

    private Lying lies(Piece piece, Veil veil, Planned planned) {
        if (!veil.bringsPicture() && veil.patch().isEmpty() || veil == piece.leading() && piece.basis().page().isEmpty()) {
            double[] page = page(piece);
            return Lying.box(0, 0, page[0], page[1], 0);
        }
        double x = veil.x().millimetres();
        double y = veil.y().millimetres();
        double turn = veil.design().lay().turn();
        return veil.patch().map(patch -> new Lying(x, y, patch.width().millimetres(), patch.height().millimetres(), turn, patch.shape()))
                .orElseGet(() -> Lying.box(x, y, planned.brief().width().millimetres(), planned.brief().height().millimetres(), turn));
    }

    /** What brings an image onto the page. @param carrier in a word @param faceDown whether the page is laid face down on that */
    public record Laid(String carrier, boolean faceDown) {
    }

    /** How the image of the veil in hand comes onto the page: what is first joined with its support. */
    public Laid laidBy(Piece piece) {
        return pieces.plan(piece).trace().moments().stream().map(moment -> moment.act().step()).filter(Step.Join.class::isInstance).map(Step.Join.class::cast)
                .filter(join -> join.moving().thing() == ThingKind.SUPPORT || join.onto().thing() == ThingKind.SUPPORT).findFirst()
                .map(join -> join.moving().thing() == ThingKind.SUPPORT ? new Laid(join.onto().thing().words(), true) : new Laid(join.moving().thing().words(), false)).orElse(new Laid("print", false));
    }

    /** What the veil in hand may be laid against. */
    public Guides guides(Piece piece) {
        double[] page = page(piece);
        List<Guides.Other> others = placed(piece).stream().filter(other -> other.veil != piece.inHand() + 1 && !other.all).map(other -> new Guides.Other("%d, %s".formatted(other.veil, other.name), other.lies)).toList();
        return Guides.of(page[0], page[1], others);
    }

    /** How a piece reads as it is, or as it would be. @param held whether it is still being moved, and looked at less closely */
    public Arranged read(Piece piece, boolean held) {
        List<Placed> placed = placed(piece);
        ReadsWork.Costed costed = reads.read(piece, held ? HELD : ReadsWork.LONGEST, (under, over) -> meets(placed.get(under - 1), placed.get(over - 1)));
        List<Meeting> meetings = new ArrayList<>();
        for (Placed under : placed) {
            for (Placed over : placed.subList(under.veil, placed.size())) {
                if (!under.all && !over.all && meets(under, over)) {
                    double area = under.lies.over(over.lies);
                    double cost = costed.costs().stream().filter(one -> one.under() == under.veil && one.over() == over.veil).mapToDouble(ReadsWork.Cost::share).findFirst().orElse(Double.NaN);
                    meetings.add(new Meeting(under.veil, over.veil, area, area / under.lies.region().area(), cost));
                }
            }
        }
        meetings.sort(Comparator.comparingDouble(meeting -> -(Double.isNaN(meeting.cost) ? 0 : meeting.cost)));
        double[] page = page(piece);
        Region whole = Region.rectangle(0, 0, page[0], page[1]);
        List<Off> off = placed.stream().filter(one -> !one.all && !one.fixed).map(one -> new Off(one.veil, one.lies.region().minus(whole).area() / one.lies.region().area())).filter(one -> one.share > 0.001).toList();
        return new Arranged(costed.reads(), meetings, off);
    }

    private static boolean meets(Placed under, Placed over) {
        return under.all || over.all || under.lies.over(over.lies) > MEETS;
    }

    /** The veil in hand laid elsewhere. @param width of an area, likewise {@code height}; null to leave its size */
    public Piece laid(Piece piece, double x, double y, double turn, @Nullable Double width, @Nullable Double height) {
        Veil veil = piece.veil();
        if (!veil.bringsPicture() && veil.patch().isEmpty()) {
            throw new UnusableValue("Place", veil.design().theWay().name(), "something that is not all over the page", "Lay it as an area of its own.");
        }
        Patch patch = veil.patch().map(now -> width == null || height == null ? now : now.sized(Length.ofMillimetres(width), Length.ofMillimetres(height))).orElse(null);
        return piece.with(veil.at(at("Right of the left edge", x), at("Below the top edge", y))).with(veil.design().with(new Lay(turn, patch)));
    }

    private static Length at(String what, double millimetres) {
        UnusableValue.requireWithin(what, millimetres, -FURTHEST, FURTHEST, "mm", "Drag it back onto the page.");
        return Length.ofMillimetres(millimetres);
    }

    /** Ways of which something can be kept to a place: those that lay down a colour and bring no picture. */
    public static List<Way> kept() {
        return Catalogue.overAndUnder().stream().filter(way -> !way.card().pots().isEmpty()).toList();
    }

    /** With an area more, laid under the veil in hand. */
    public Piece area(Piece piece, Way way, Form form) {
        if (!kept().contains(way)) {
            throw new UnusableValue("What is laid", Words.shown(way.name(), 40), "one of " + kept().stream().map(Way::name).toList(), "Choose one of these.");
        }
        Placed hand = placed(piece, piece.inHand() + 1);
        double[] page = page(piece);
        double side = LARGE * Math.min(page[0], page[1]);
        Lying box = hand.all || form != Form.OUTLINES ? Lying.box((page[0] - side) / 2, (page[1] - side) / 2, side, side, 0) : hand.lies;
        Patch patch = switch (form) {
            case BOX -> Patch.box(Length.ofMillimetres(side), Length.ofMillimetres(side));
            case ROUND -> Patch.round(Length.ofMillimetres(side), Length.ofMillimetres(side));
            case OUTLINES -> outlined(piece, hand);
        };
        Design design = piece.leading().design().treated(kindveil.tone.Treatments.NONE).doing(way).with(new Lay(box.turn(), patch));
        Piece more = piece.plus(Veil.first(null, design).at(Length.ofMillimetres(box.x()), Length.ofMillimetres(box.y())));
        return more.moved(piece.inHand() + 1 - more.veils().size());
    }

    /** The darks of a picture, as they lie. */
    private Patch outlined(Piece piece, Placed hand) {
        if (hand.picture == null) {
            throw new UnusableValue("Shape", Form.OUTLINES.words, "one of a veil that brings a picture", "Take such a veil in hand first, or begin with a rectangle.");
        }
        Region darks = sources.outlines(piece, TWO_TONES).getFirst();
        boolean mirrored = piece.design().hand().hand() == kindveil.bench.Hand.MIRRORED;
        Region standing = mirrored ? darks.mapped(point -> new double[] {1 - point[0], point[1]}) : darks;
        if (standing.isEmpty()) {
            throw new UnusableValue("Shape", "a picture without darks", "one with darks to take the outline of", "Begin with a rectangle and paint with the brush.");
        }
        return new Patch(Length.ofMillimetres(hand.lies.width()), Length.ofMillimetres(hand.lies.height()), standing);
    }

    /** The area in hand with what a brush adds or takes on its way. @param way places on the page, mm @param broad the brush, mm */
    public Piece brushed(Piece piece, List<double[]> way, double broad, boolean takes) {
        UnusableValue.requireWithin("brush", broad, NARROW, BROAD, "mm", "As broad as the brush you will use.");
        Patch patch = piece.veil().patch().orElseThrow(() -> new UnusableValue("Brush", piece.design().theWay().name(), "an area", "Take an area in hand, or begin one."));
        UnusableValue.requireWithin("places the brush passed", way.size(), 1, 4000, "", "Lift the brush in between.");
        Lying lies = placed(piece, piece.inHand() + 1).lies;
        double scale = lies.width();
        Lying straight = Lying.box(lies.x(), lies.y(), lies.width(), lies.height(), 0);
        // back from the page into the box as it stands unturned, in widths of it
        Lying back = new Lying(lies.x(), lies.y(), lies.width(), lies.height(), -lies.turn(), Region.EMPTY);
        List<double[]> own = way.stream().map(point -> {
            double[] unturned = back.onPage(point[0] - lies.x(), point[1] - lies.y());
            return new double[] {(unturned[0] - lies.x()) / scale, (unturned[1] - lies.y()) / scale};
        }).toList();
        Region stroke = Region.stroke(own, broad / 2 / scale);
        Region shape = (takes ? patch.outline().minus(stroke) : patch.outline().plus(stroke)).simpler(0.1 / scale);
        UnusableValue.requireWithin("what is left of it", shape.area() * scale * scale, 1, 1e9, "mm²", "Take the area off instead.");
        UnusableValue.requireWithin("points of the outline", shape.points(), 3, Region.MOST_POINTS, "", "Draw it simpler.");
        return fitted(piece, straight, shape);
    }

    /** Its box drawn close around the shape again, so that on the page nothing moves. */
    private static Piece fitted(Piece piece, Lying straight, Region shape) {
        List<double[]> points = shape.rings().stream().flatMap(List::stream).toList();
        double left = points.stream().mapToDouble(point -> point[0]).min().orElse(0);
        double top = points.stream().mapToDouble(point -> point[1]).min().orElse(0);
        double wide = points.stream().mapToDouble(point -> point[0]).max().orElse(1) - left;
        double tall = points.stream().mapToDouble(point -> point[1]).max().orElse(1) - top;
        double scale = straight.width();
        double turn = piece.design().lay().turn();
        // the middle of the new box on the page, turned about the middle of the old one
        double[] middle = new Lying(straight.x(), straight.y(), straight.width(), straight.height(), turn, Region.EMPTY).onPage((left + wide / 2) * scale, (top + tall / 2) * scale);
        Patch patch = new Patch(Length.ofMillimetres(wide * scale), Length.ofMillimetres(tall * scale), shape.mapped(point -> new double[] {(point[0] - left) / wide, (point[1] - top) / wide}));
        Veil veil = piece.veil().at(Length.ofMillimetres(middle[0] - wide * scale / 2), Length.ofMillimetres(middle[1] - tall * scale / 2));
        return piece.with(veil).with(veil.design().with(new Lay(turn, patch)));
    }
}
