package kindveil.studio.work;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Colour;
import kindveil.light.Legibility;
import kindveil.light.Toner;
import kindveil.reading.LookState;
import kindveil.reading.StackReading;
import kindveil.studio.intake.Rasters;
import kindveil.way.Bench;
import kindveil.way.Hand;
import kindveil.way.Trace;
import org.springframework.stereotype.Service;

/** How a piece will look, computed from its plan. */
@Service
public class LookWork {
    private static final int LONGEST = 1000;
    private static final int SMALL = 400;
    private static final int LEGIBILITY_LONGEST = 360;
    private static final double LIGHTER = 0.4;
    private final PieceWork pieces;
    private final PictureWork pictures;
    private final SourceWork sources;
    private final Cache<List<Object>, byte[]> rendered = Caffeine.newBuilder().maximumSize(160).build();
    private final Cache<List<Object>, Foresight> foreseen = Caffeine.newBuilder().maximumSize(200).build();

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
     * @param gains what would bring it back, the most first
     */
    public record Foresight(double drowning, double drowningAcross, List<Gain> gains) {
    }

    /** A change and the share of edges it brings back. */
    public record Gain(String words, double share) {
    }

    /**
     * The section at one point.
     *
     * @param x across the image, 0 (left) to 1; likewise y down
     * @param coverage share of toner there, 0 to 1
     * @param ground the ground's colour there
     * @param seen the colour the eye sees
     * @param whitening L* that bare fibre adds there over the wet look
     */
    public record Core(double x, double y, double coverage, Colour ground, Colour seen, double whitening, List<StackReading.Seen> layers) {
    }

    /**
     * The whole picture in a state, as PNG.
     *
     * @param other choices looked at instead of the piece's own
     * @param small for a table of pieces rather than to be looked at closely
     */
    public byte[] png(Piece stored, Map<String, String> other, LookState state, int pass, boolean small) {
        return rendered.get(List.of(stored.id(), stored.version(), other, state, pass, small), key -> {
            Piece piece = stored.with(stored.design().choosing(other));
            Plane coverage = coverage(piece, small ? SMALL : LONGEST);
            Picture ground = ground(piece, coverage.width(), coverage.height());
            return Rasters.png(look(pieces.plan(piece).trace(), state, pass).over(ground, coverage));
        });
    }

    private static kindveil.light.Look look(Trace trace, LookState state, int pass) {
        return StackReading.of(state.bench(trace, pass)).look();
    }

    /** Share of toner at each pixel, softened by the way, standing as the finished image will. */
    private Plane coverage(Piece piece, int longest) {
        Plane plane = sources.treated(piece, longest).map(Toner::coverage);
        double pixelsPerMillimetre = plane.width() / piece.design().printWidth().millimetres();
        Plane softened = plane.blurred(piece.design().theWay().softening().millimetres() * pixelsPerMillimetre);
        return piece.design().hand().hand() == Hand.MIRRORED ? softened.mirrored() : softened;
    }

    /** The ground under the image: its photograph filling the same shape, or its flat colour. */
    private Picture ground(Piece piece, int width, int height) {
        if (piece.groundPicture() == null) {
            Colour c = piece.design().groundColour();
            return new Picture(Plane.filled(width, height, (float) c.red()), Plane.filled(width, height, (float) c.green()), Plane.filled(width, height, (float) c.blue()));
        }
        Picture photo = pictures.preview(piece.groundPicture());
        double scale = Math.max(width / (double) photo.width(), height / (double) photo.height());
        int w = Math.max(width, (int) Math.ceil(photo.width() * scale));
        int h = Math.max(height, (int) Math.ceil(photo.height() * scale));
        Picture sized = photo.resized(w, h);
        int left = (w - width) / 2;
        int top = (h - height) / 2;
        return sized.each(plane -> Plane.compute(width, height, (x, y) -> plane.at(x + left, y + top)));
    }

    public Core core(Piece piece, LookState state, int pass, double x, double y) {
        Trace trace = pieces.plan(piece).trace();
        Plane coverage = coverage(piece, LONGEST);
        int px = Math.clamp((int) (x * coverage.width()), 0, coverage.width() - 1);
        int py = Math.clamp((int) (y * coverage.height()), 0, coverage.height() - 1);
        Picture ground = ground(piece, coverage.width(), coverage.height());
        Colour under = new Colour(ground.red().at(px, py), ground.green().at(px, py), ground.blue().at(px, py));
        double c = coverage.at(px, py);
        StackReading stack = StackReading.of(state.bench(trace, pass));
        Colour seen = stack.at(under, c);
        double wet = StackReading.of(LookState.WET.bench(trace, pass)).at(under, c).lab().lightness();
        return new Core(x, y, c, under, seen, Math.max(0, seen.lab().lightness() - wet), stack.layers());
    }

    public Foresight foresight(Piece piece, LookState state, int pass) {
        return foreseen.get(List.of(piece.id(), piece.version(), state, pass), key -> foresee(piece, state, pass));
    }

    private Foresight foresee(Piece piece, LookState state, int pass) {
        Trace trace = pieces.plan(piece).trace();
        Plane coverage = coverage(piece, LEGIBILITY_LONGEST);
        Plane source = sources.treated(piece, LEGIBILITY_LONGEST);
        Plane standing = piece.design().hand().hand() == Hand.MIRRORED ? source.mirrored() : source;
        Picture ground = ground(piece, coverage.width(), coverage.height());
        double millimetresPerPixel = piece.design().printWidth().millimetres() / coverage.width();
        Measure measure = new Measure(standing, coverage, millimetresPerPixel);
        Bench bench = state.bench(trace, pass);
        double now = measure.reads(bench, ground, Legibility.ARMS_LENGTH_METRES);
        List<Gain> gains = new ArrayList<>();
        for (Map.Entry<String, Bench> change : changes(trace, state, pass).entrySet()) {
            gains.add(new Gain(change.getKey(), measure.reads(change.getValue(), ground, Legibility.ARMS_LENGTH_METRES) - now));
        }
        Picture lighter = ground.each(plane -> plane.map(v -> (float) (v + LIGHTER * (1 - v))));
        gains.add(new Gain("A lighter ground", measure.reads(bench, lighter, Legibility.ARMS_LENGTH_METRES) - now));
        List<Gain> worthwhile = gains.stream().filter(gain -> gain.share() >= 0.01)
                .sorted(java.util.Comparator.comparingDouble(Gain::share).reversed()).toList();
        return new Foresight(1 - now, 1 - measure.reads(bench, ground, Legibility.ACROSS_A_ROOM_METRES), worthwhile);
    }

    private static Map<String, Bench> changes(Trace trace, LookState state, int pass) {
        Map<String, Bench> changes = new java.util.LinkedHashMap<>();
        if (state == LookState.DRIED || state == LookState.CLEARED && !LookState.CLEARED.planned(trace)) {
            if (pass < trace.mostPasses()) {
                changes.put("One more pass", LookState.DRIED.bench(trace, pass + 1));
            }
            Bench dried = LookState.DRIED.bench(trace, pass);
            changes.put("Clear with gloss medium", LookState.clearedWith(dried, kindveil.way.Material.GLOSS_MEDIUM));
            changes.put("Mineral oil, at the very end", LookState.clearedWith(dried, kindveil.way.Material.MINERAL_OIL));
            changes.put("Clear with matte medium", LookState.clearedWith(dried, kindveil.way.Material.MATTE_MEDIUM));
        }
        return changes;
    }

    /** Reads one drawing through many stacks. */
    private record Measure(Plane source, Plane coverage, double millimetresPerPixel) {
        double reads(Bench bench, Picture ground, double metres) {
            Picture seen = StackReading.of(bench).look().over(ground, coverage);
            return Legibility.of(source, seen, millimetresPerPixel, metres).survivingShare();
        }
    }
}
