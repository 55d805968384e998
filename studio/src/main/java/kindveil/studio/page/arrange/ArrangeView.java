package kindveil.studio.page.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.Volume;
import kindveil.reading.EdgesReading;
import kindveil.shape.Guides;
import kindveil.shape.Lying;
import kindveil.shape.Region;
import kindveil.studio.page.Named;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.work.look.ArrangeWork;
import kindveil.studio.work.look.ArrangeWork.Placed;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Veil;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;

/**
 * The page with everything on it.
 *
 * @param wide of the page, mm; likewise {@code tall}; {@code around} is shown past it
 * @param seen address of the page as it will look
 * @param thing the one in hand
 * @param inHand number of it
 * @param told whether the page's size is told, and so everything may be moved
 * @param grown whether something of it comes out another size than it is printed
 * @param faceDown what the page is laid face down on, so that its tracing must be reversed; or empty
 */
record ArrangeView(PieceHead head, double wide, double tall, double around, String seen, List<Thing> things, Thing thing, int inHand, Form form, List<Line> across, List<Line> along, boolean told, String inches,
        List<Pick> ways, List<Pick> forms, boolean grown, String faceDown, List<String> problems) implements PageView {
    private static final double AROUND = 0.06;

    /**
     * One thing that lies there.
     *
     * @param box of it: x, y, width, height and turn, mm and degrees
     * @param outline within the box, as the data of an SVG path in millimetres
     * @param edges those that lie past the outline
     * @param lies where, in words
     */
    record Thing(int number, String name, @Nullable UUID picture, String shown, boolean here, boolean all, boolean fixed, boolean area, String address, double x, double y, double width, double height, double turn, String outline, List<Edge> edges, String lies, String takes,
            boolean first, boolean last) {
        /** Where its knob stands. */
        public String top() {
            return String.format(Locale.ROOT, "translate(%.3f 0)", width / 2);
        }

        public String placed() {
            return String.format(Locale.ROOT, "translate(%.3f %.3f) rotate(%.3f %.3f %.3f)", x, y, turn, width / 2, height / 2);
        }
    }

    /** One of the five outlines. @param key as its line is drawn @param past the picture, mm @param at of its left and top edge, in the box @param figure of how far past, in words */
    record Edge(String key, String words, double past, boolean whole, double at, double width, double height, String figure) {
    }

    /** A line to lay something against. */
    record Line(double at, String words) {
    }

    /** What is typed of the thing in hand. */
    record Form(String x, String y, String turn, String width, String height, String pageWidth, String pageHeight) {
    }

    public String viewBox() {
        return String.format(Locale.ROOT, "%.3f %.3f %.3f %.3f", -around, -around, wide + 2 * around, tall + 2 * around);
    }

    /** The lines at the thirds of the page. */
    public String thirds() {
        return String.format(Locale.ROOT, "M%1$.3f 0V%3$.3fM%2$.3f 0V%3$.3fM0 %4$.3fH%6$.3fM0 %5$.3fH%6$.3f", wide / 3, 2 * wide / 3, tall, tall / 3, 2 * tall / 3, wide);
    }

    /** As they lie, the last laid first. */
    public List<Thing> fromTop() {
        return things.reversed();
    }

    /** @param form as it was typed, or null */
    static ArrangeView of(Piece piece, ArrangeWork arrange, boolean grown, Named named, Say say, @Nullable Form form, List<String> problems) {
        double[] page = arrange.page(piece);
        List<Thing> things = arrange.placed(piece).stream().map(placed -> thing(piece, placed, named, say)).toList();
        Thing hand = things.get(piece.inHand());
        Guides guides = arrange.guides(piece);
        boolean told = piece.basis().page().isPresent();
        Form now = new Form(length(hand.x, say), length(hand.y, say), Figures.plain(Math.round(hand.turn * 10) / 10.0), hand.area ? length(hand.width, say) : "", hand.area ? length(hand.height, say) : "",
                length(page[0], say), length(page[1], say));
        return new ArrangeView(PieceHead.of(piece, "Arrange"), page[0], page[1], Math.max(12, AROUND * Math.max(page[0], page[1])), "/pieces/%s/arrange/page.png?v=%d".formatted(piece.id(), piece.version()), things, hand, piece.inHand() + 1,
                form == null ? now : form, lines(guides.across()), lines(guides.along()), told, say.measure() == UnitSystem.US ? "in" : "",
                Pick.of(ArrangeWork.kept(), Way::key, Way::name, way -> "", ""), Pick.of(List.of(ArrangeWork.Form.values()), ArrangeWork.Form::name, ArrangeWork.Form::words, one -> "", ""), grown, hand.picture == null ? "" : faceDown(arrange.laidBy(piece)), problems);
    }

    private static String faceDown(ArrangeWork.Laid laid) {
        return laid.faceDown() ? laid.carrier() : "";
    }

    /** How near a line draws what is dragged, mm. */
    public double reach() {
        return ArrangeWork.REACH;
    }

    private static String length(double millimetres, Say say) {
        return say.one(Length.ofMillimetres(millimetres));
    }

    private static List<Line> lines(List<Guides.Line> lines) {
        return lines.stream().map(line -> new Line(line.at(), line.words())).toList();
    }

    private static Thing thing(Piece piece, Placed placed, Named named, Say say) {
        Lying lies = placed.lies();
        Region outline = lies.shape().isEmpty() ? Region.rectangle(0, 0, 1, lies.height() / lies.width()) : lies.shape();
        boolean area = placed.picture() == null && !placed.all();
        List<Edge> edges = placed.edges().stream().map(edge -> new Edge(edge.kind().name().toLowerCase(Locale.ROOT), area && edge.kind() == EdgesReading.Kind.PICTURE ? "its edge" : edge.kind().words(), edge.past(), edge.whole(), -edge.past(), lies.width() + 2 * edge.past(), lies.height() + 2 * edge.past(), figure(edge, area ? "area" : "picture", say))).toList();
        Piece own = piece.at(placed.veil());
        return new Thing(placed.veil(), named.veil(placed.picture(), own.design().theWay().name()), placed.picture(), placed.picture() == null ? "" : PieceHead.base(own) + "/treated.png?v=" + piece.version(), placed.veil() == piece.inHand() + 1, placed.all(), placed.fixed(), area, PieceHead.base(own), lies.x(), lies.y(), lies.width(), lies.height(), lies.turn(),
                outline.path(lies.width()), edges, lies(placed, say), placed.takes() < 0.05 ? "" : say.one(new Volume(placed.takes())), placed.veil() == 1, placed.veil() == piece.veils().size());
    }

    private static String figure(EdgesReading.Edge edge, String of, Say say) {
        return edge.whole() ? "the page's own" : edge.past() == 0 ? "the %s's own".formatted(of) : say.one(Length.ofMillimetres(edge.past())) + " past it";
    }

    private static String lies(Placed placed, Say say) {
        Lying lies = placed.lies();
        if (placed.all()) {
            return "all over the page";
        }
        String size = say.size(Length.ofMillimetres(lies.width()), Length.ofMillimetres(lies.height()));
        if (placed.fixed()) {
            return size + ", as large as the page";
        }
        String turned = lies.turn() == 0 ? "" : ", turned %s°".formatted(Figures.plain(Math.round(lies.turn() * 10) / 10.0));
        return "%s, %s from the left, %s from the top%s".formatted(size, length(lies.x(), say), length(lies.y(), say), turned);
    }

    /** How an arrangement reads, in sentences. @param held whether it is still being moved @param each of the pictures @param meetings what lies over what @param off what lies off the page */
    record Reads(boolean held, List<Sentence> each, List<Sentence> meetings, List<String> off) {
        static Reads of(ArrangeWork.Arranged arranged, boolean held, Piece piece, Named named, Say say) {
            List<Sentence> each = arranged.reads().stream().map(read -> new Sentence(say.percent(read.drowns()), "of %s drowns when all is done".formatted(name(piece, named, read.veil())), read.drowns())).toList();
            List<Sentence> meetings = arranged.meetings().stream().map(meeting -> {
                String part = meeting.share() < 0.01 ? "less than 1 %" : say.percent(meeting.share());
                String where = "%s lies over %s of %s".formatted(name(piece, named, meeting.over()), part, name(piece, named, meeting.under()));
                boolean pictured = !Double.isNaN(meeting.cost());
                String cost = !pictured ? "" : meeting.cost() > 0.005 ? "; without it %s more would read".formatted(say.percent(meeting.cost())) : meeting.cost() < -0.005 ? "; with it %s more reads".formatted(say.percent(-meeting.cost())) : " and costs it nothing";
                return new Sentence("", where + cost, pictured ? meeting.cost() : 0);
            }).toList();
            List<String> off = new ArrayList<>();
            arranged.off().forEach(one -> off.add("%s of %s lies off the page.".formatted(say.percent(one.share()), name(piece, named, one.veil()))));
            return new Reads(held, each, meetings, off);
        }

        private static String name(Piece piece, Named named, int veil) {
            Veil called = piece.veils().get(veil - 1);
            return "%d %s".formatted(veil, called.picture() == null ? called.design().theWay().name().toLowerCase(Locale.ROOT) : named.picture(called.picture()));
        }
    }

    /** @param share of the drawing, 0 to 1, that it costs */
    record Sentence(String figure, String words, double share) {
    }
}
