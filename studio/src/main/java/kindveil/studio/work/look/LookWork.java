package kindveil.studio.work.look;

import kindveil.measure.Words;
import kindveil.studio.work.Caches;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.source.SourceWork;
import kindveil.studio.work.picture.PictureWork;
import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Colour;
import kindveil.light.Lab;
import kindveil.light.Legibility;
import kindveil.light.RakingLight;
import kindveil.light.Surface;
import kindveil.measure.Length;
import kindveil.reading.LookState;
import kindveil.reading.Outside;
import kindveil.reading.ReliefReading;
import kindveil.reading.StackReading;
import kindveil.studio.intake.Rasters;
import kindveil.bench.Bench;
import kindveil.drying.Room;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.product.Trait;
import kindveil.studio.work.piece.Page;
import kindveil.bench.Mask;
import kindveil.tone.Histogram;
import kindveil.way.Base;
import kindveil.way.Trace;
import org.springframework.stereotype.Service;

/** How a piece will look, computed from its plan. */
@Service
public class LookWork {
    private static final int LONGEST = 1000;
    private static final int SMALL = 400;
    private static final int LEGIBILITY_LONGEST = 360;
    private static final int TONAL_LONGEST = 160;
    private static final double ALIKE = 2;
    private static final Room BARE_ROOM = Room.of(21, 50);
    private static final long RENDERED_BYTES = 64_000_000;
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final SourceWork sources;
    private final Drawings drawn = Drawings.empty();
    private final Cache<List<Object>, byte[]> rendered = Caches.bounded().maximumWeight(RENDERED_BYTES).weigher((List<Object> key, byte[] png) -> png.length).build();
    private final Cache<List<Object>, Optional<Boolean>> tonal = Caches.bounded().maximumSize(500).build();
    private final Cache<List<Object>, Optional<Foresight>> foreseen = Caches.bounded().maximumSize(200).build();

    private final Cache<List<Object>, List<Ridge>> ridges = Caches.bounded().maximumSize(200).build();

    LookWork(PieceWork pieces, PictureWork pictures, SourceWork sources) {
        this.pieces = pieces;
        this.pictures = pictures;
        this.sources = sources;
    }

    /**
     * What a look means for the drawing.
     *
     * @param drowning share of its edges lost at arm's length, 0 to 1
     * @param drowningAcross the same across a room
     */
    public record Foresight(double drowning, double drowningAcross) {
    }

    /**
     * The section at one point.
     *
     * @param x across the image, 0 (left) to 1; likewise y down
     * @param coverage share of toner there, 0 to 1
     * @param ground the ground's colour there
     * @param seen the colour the eye sees
     * @param whitening L* that bare fibre adds there over the wet look
     * @param layers from the eye down
     */
    public record Core(double x, double y, double coverage, Colour ground, Colour seen, double whitening, List<Lying> layers) {
    }

    /** A layer of the section. @param veil the number of the one it was laid by, from 1; 0 for what was there before any */
    public record Lying(StackReading.Seen seen, int veil) {
    }

    /**
     * The whole picture in a state of the veil in hand, as PNG; what lies over that veil is not there yet.
     *
     * @param other choices looked at instead of the piece's own
     * @param small for a table of pieces rather than to be looked at closely
     */
    public byte[] png(Piece stored, Map<String, String> other, LookState state, int pass, boolean small) {
        return rendered.get(List.of(stored.id(), stored.version(), stored.inHand(), other, state, pass, small), key -> {
            Piece piece = stored.with(stored.design().choosing(other));
            return Rasters.png(picture(piece, frame(piece, small ? SMALL : LONGEST), state, pass));
        });
    }

    /** A piece as it would be with more over it, when all is done. @param with what was added, by name */
    public byte[] png(Piece with, String added, LookState state, int pass) {
        return rendered.get(List.of(with.id(), with.version(), added, state, pass), key -> Rasters.png(picture(with, frame(with, SMALL), state, pass)));
    }

    /** Height over width of what a piece is looked at in. */
    public double aspect(Piece piece) {
        return piece.basis().page().map(Page::aspect).orElseGet(() -> pictures.shape(piece.leading().source(), piece.leading().design().treatments()).aspect());
    }

    /** Its width and height on the work. */
    public List<Length> frameSize(Piece piece) {
        Length width = piece.basis().page().map(Page::width).orElse(piece.leading().design().printWidth());
        return List.of(width, width.times(aspect(piece)));
    }

    /** The whole picture in a state of the veil in hand, its longer side as long as is asked or as its source is. */
    Picture seen(Piece piece, LookState state, int pass, int longest) {
        return picture(piece, frame(piece, longest), state, pass);
    }

    /** What is there before any veil. */
    Picture ground(Piece piece, int longest) {
        return frame(piece, longest).ground();
    }

    /** All of its veils when all is done. */
    Picture finished(Piece piece, Frame frame) {
        Piece whole = piece.at(piece.veils().size());
        Trace trace = pieces.plan(whole).trace();
        return picture(whole, frame, LookState.finished(trace), trace.plannedPasses());
    }

    Frame frame(Piece piece, int longest) {
        return Frame.of(piece, pictures, sources, drawn, longest);
    }

    private Picture picture(Piece piece, Frame frame, LookState state, int pass) {
        return state == LookState.RAKED ? raked(piece, frame, reach(piece, frame), pass) : even(piece, frame, reach(piece, frame), state, pass);
    }

    /** As it ends, under a lamp low over the table. */
    private Picture raked(Piece piece, Frame frame, Reach reach, int pass) {
        Plane gloss = Plane.filled(frame.width(), frame.height(), 0);
        for (int place : reach.distinct()) {
            Reach.Place there = reach.place(place);
            StackReading stack = StackReading.of(bench(piece.base(), there, LookState.RAKED, pass));
            List<Plane> covers = there.piece().map(veils -> frame.of(veils).coverages(stack.covers())).orElse(List.of());
            gloss = reach.laid(gloss, stack.look().gloss(frame.width(), frame.height(), covers), place);
        }
        return RakingLight.RAKING.over(even(piece, frame, reach, LookState.RAKED, pass), frame.height(relief(piece)), gloss, frame.pixelsPerMillimetre());
    }

    /** What stands up of the veils up to the one in hand. */
    private ReliefReading relief(Piece piece) {
        return ReliefReading.of(pieces.plan(Reach.sized(piece.only(IntStream.rangeClosed(0, piece.inHand()).boxed().toList(), piece.inHand()), piece, aspect(piece))).whole());
    }

    /** Edges of what stands up, where a lamp would show them: over the mean of what is seen when all is done. */
    public List<Ridge> ridges(Piece piece, int pass) {
        return ridges.get(reading(piece, LookState.RAKED, pass), key -> {
            Frame frame = frame(piece, SMALL);
            double light = even(piece, frame, reach(piece, frame), LookState.RAKED, pass).luminance().mean();
            Bench bench = LookState.RAKED.bench(pieces.plan(piece).trace(), pass);
            boolean gloss = StackReading.of(bench).look().surfaces().getFirst() == Surface.GLOSS;
            return relief(piece).edges().stream().map(edge -> Ridge.of(edge, light, gloss)).toList();
        });
    }

    /**
     * An edge, and where it shows at arm's length.
     *
     * @param taper over how many mm it would have to fall away not to be seen in an ordinary room; not a number where it is not seen there, or none does it
     */
    public record Ridge(ReliefReading.Edge edge, boolean raking, boolean ordinary, double taper) {
        static Ridge of(ReliefReading.Edge edge, double light, boolean gloss) {
            double height = edge.micrometres() / 1000;
            boolean ordinary = RakingLight.ORDINARY.shows(height, light, gloss, Legibility.ARMS_LENGTH_METRES);
            return new Ridge(edge, RakingLight.RAKING.shows(height, light, gloss, Legibility.ARMS_LENGTH_METRES), ordinary,
                    ordinary && edge.mask() == null ? RakingLight.ORDINARY.taper(height, light, gloss, Legibility.ARMS_LENGTH_METRES) : Double.NaN);
        }
    }

    /**
     * Under ordinary light. Where veils do not reach, they were never made: each place of the frame is looked at as a piece of
     * those that are there.
     */
    private Picture even(Piece piece, Frame frame, Reach reach, LookState state, int pass) {
        Picture seen = null;
        for (int place : reach.distinct()) {
            Reach.Place there = reach.place(place);
            StackReading stack = state.stack(bench(piece.base(), there, state, pass));
            List<Plane> covers = there.piece().map(veils -> frame.of(veils).coverages(stack.covers())).orElse(List.of());
            Picture look = stack.look().over(frame.ground(), covers, reach.part(place));
            seen = seen == null ? look : reach.laid(seen, look, place);
        }
        return seen;
    }

    /** The state asked for, where the veil in hand is among those that are there; otherwise their end, or what is there before any. */
    private Bench bench(Base bare, Reach.Place there, LookState state, int pass) {
        if (there.piece().isEmpty()) {
            return Bench.with(bare.support(), bare.ground(), BARE_ROOM);
        }
        Planned planned = pieces.plan(there.piece().get());
        Bench bench = there.inHand() ? state.bench(planned.trace(), pass) : planned.trace().end();
        return Outside.at(bench, planned.whole(), there.outside());
    }

    private Reach reach(Piece piece, Frame frame) {
        return Reach.of(piece, frame, veil -> Outside.furthest(pieces.plan(Reach.sized(piece.only(List.of(veil), veil), piece, aspect(piece))).whole(), 0));
    }

    public Core core(Piece piece, LookState state, int pass, double x, double y) {
        Frame frame = frame(piece, LONGEST);
        int px = Math.clamp((int) (x * frame.width()), 0, frame.width() - 1);
        int py = Math.clamp((int) (y * frame.height()), 0, frame.height() - 1);
        Reach reach = reach(piece, frame);
        Reach.Place there = reach.place(reach.at(px, py));
        Picture ground = frame.ground();
        Colour under = new Colour(ground.red().at(px, py), ground.green().at(px, py), ground.blue().at(px, py));
        StackReading stack = state.stack(bench(piece.base(), there, state, pass));
        double[] covers = there.piece().map(veils -> frame.of(veils).coverages(stack.covers())).orElse(List.of()).stream().mapToDouble(plane -> plane.at(px, py)).toArray();
        Colour seen = stack.at(under, covers);
        StackReading wet = StackReading.of(bench(piece.base(), there, LookState.WET, pass));
        double before = wet.covers().equals(stack.covers()) ? wet.at(under, covers).lab().lightness() : seen.lab().lightness();
        return new Core(x, y, toner(stack, covers), under, seen, Math.max(0, seen.lab().lightness() - before), lying(piece, there.piece().orElse(piece), stack, covers));
    }

    /** Coverage by the darks of whichever picture is darkest there. */
    private static double toner(StackReading stack, double[] covers) {
        double most = 0;
        for (int i = 0; i < covers.length; i++) {
            most = stack.covers().get(i).ink() != null && !stack.covers().get(i).stain() || stack.covers().get(i).of(Mask.Part.DARKS) ? Math.max(most, covers[i]) : most;
        }
        return most;
    }

    /** The layers that are there to speak of: a backing only where it was painted. @param there of the veils of {@code piece} those that reach there */
    private List<Lying> lying(Piece piece, Piece there, StackReading stack, double[] covers) {
        double backed = 0;
        for (int i = 0; i < covers.length; i++) {
            backed = stack.covers().get(i).of(Mask.Part.BACKED) ? Math.max(backed, covers[i]) : backed;
        }
        boolean painted = backed >= 0.5;
        List<StackReading.Seen> seen = stack.at(there.veils().stream().map(veil -> veil.design().print()).toList(), covers);
        Trace whole = pieces.plan(there).whole();
        int[] begins = IntStream.range(0, there.veils().size()).map(veil -> StackReading.of(whole.part(veil).moments().getFirst().before()).layers().size()).toArray();
        List<Lying> lying = new ArrayList<>();
        for (int i = 0; i < seen.size(); i++) {
            int below = seen.size() - 1 - i;
            int veil = (int) IntStream.of(begins).filter(begin -> begin <= below).count();
            if (seen.get(i).part() != Mask.Part.BACKED || painted) {
                lying.add(new Lying(seen.get(i), veil == 0 ? 0 : piece.veils().indexOf(there.veils().get(veil - 1)) + 1));
            }
        }
        return lying;
    }

    /**
     * Whether light and dark change places from the source to the finished work: light paint over a dark ground does that.
     * Empty for a veil that lies somewhere in another's frame, or where both come out alike.
     */
    public Optional<Boolean> negative(Piece piece) {
        return piece.veil() != piece.leading() ? Optional.empty() : tonal.get(List.of(piece.id(), piece.version(), piece.inHand()), key -> compared(piece));
    }

    private Optional<Boolean> compared(Piece piece) {
        Frame frame = frame(piece, TONAL_LONGEST);
        Trace trace = pieces.plan(piece).trace();
        StackReading stack = StackReading.of(LookState.finished(trace).bench(trace, trace.plannedPasses()));
        Plane seen = stack.look().over(frame.flatGround(), frame.coverages(stack.covers())).luminance().map(Lab::lightnessNear);
        Plane source = frame.source().map(Lab::lightnessNear);
        double middle = Histogram.of(frame.source()).threshold().lightness();
        double darks = mean(seen, source, v -> v < middle);
        double lights = mean(seen, source, v -> v >= middle);
        return Double.isNaN(darks) || Double.isNaN(lights) || Math.abs(darks - lights) < ALIKE ? Optional.empty() : Optional.of(darks > lights);
    }

    private static double mean(Plane of, Plane where, DoublePredicate wanted) {
        double sum = 0;
        int n = 0;
        for (int y = 0; y < of.height(); y++) {
            for (int x = 0; x < of.width(); x++) {
                if (wanted.test(where.at(x, y))) {
                    sum += of.at(x, y);
                    n++;
                }
            }
        }
        return n == 0 ? Double.NaN : sum / n;
    }

    /** Whether how the drawing reads is known already, and can be had at once. */
    public boolean foreseen(Piece piece, LookState state, int pass) {
        return foreseen.getIfPresent(reading(piece, state, pass)) != null;
    }

    private static List<Object> reading(Piece piece, LookState state, int pass) {
        return List.of(piece.id(), piece.version(), piece.inHand(), state, pass);
    }

    /** How the drawing reads; empty where none lies there yet. */
    public Optional<Foresight> foresight(Piece piece, LookState state, int pass) {
        return foreseen.get(reading(piece, state, pass), key -> foresee(piece, state, pass));
    }

    /** The same of a piece that is not stored so. */
    Optional<Foresight> foresee(Piece piece, LookState state, int pass) {
        Piece drawing = piece.veil().bringsPicture() ? piece : piece.at(piece.veils().indexOf(piece.leading()) + 1);
        if (drawing.inHand() > piece.inHand()) {
            return Optional.empty();
        }
        if (!state.bench(pieces.plan(Reach.under(piece)).trace(), pass).shows(Reach.under(drawing).inHand())) {
            return Optional.empty();
        }
        Frame frame = frame(drawing, LEGIBILITY_LONGEST);
        Legibility.Edges edges = frame.drawing();
        Picture seen = even(piece, frame, reach(piece, frame), state, pass);
        return Optional.of(new Foresight(1 - edges.in(seen, Legibility.ARMS_LENGTH_METRES).survivingShare(), 1 - edges.in(seen, Legibility.ACROSS_A_ROOM_METRES).survivingShare()));
    }
}
