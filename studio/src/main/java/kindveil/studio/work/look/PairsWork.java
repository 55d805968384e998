package kindveil.studio.work.look;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Tone;
import kindveil.reading.ColourPairs;
import kindveil.reading.ColourPairs.Pair;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.Caches;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.shelf.Paints;
import kindveil.studio.work.source.SourceWork;
import org.springframework.stereotype.Service;

/** A piece's own picture in every pair of the paints on the shelf. */
@Service
public class PairsWork {
    /** Paints a side on one page. */
    public static final int SIDE = 12;
    private static final int LONGEST = 88;
    private final SourceWork sources;
    private final Cache<List<Object>, Seen> known = Caches.bounded().maximumSize(12).build();

    PairsWork(SourceWork sources) {
        this.sources = sources;
    }

    /**
     * What is asked.
     *
     * @param row where those tried as the first of a pair begin on the shelf; likewise {@code column} for the second
     * @param sorted whether what reads best comes first
     */
    public record Asked(ColourPairs.Kind kind, Colour paper, int row, int column, boolean sorted) {
    }

    /**
     * All pairs of a page, in order.
     *
     * @param turned whether the print has the picture's lights dark: then what is a positive of the print is a negative of the picture
     * @param width of one cell's picture, pixels; likewise {@code height}
     * @param across cells beside each other
     */
    public record Seen(List<Pair> pairs, Plane coverage, boolean turned, int width, int height, int across) {
        /** Lightness of what is clear in the picture less that of what is dark in it, L*: below 0 it comes out as a negative. */
        public double step(Pair pair) {
            return turned ? -pair.step() : pair.step();
        }

        public int down() {
            return Math.ceilDiv(pairs.size(), across);
        }
    }

    /** Of a piece as its image is printed, unmirrored. */
    public Seen seen(Piece piece, List<Paints.Mine> paints, Asked asked) {
        return known.get(List.of(piece.id(), piece.version(), piece.inHand(), paints.stream().map(Paints.Mine::id).toList(), asked), key -> reckoned(piece, paints, asked));
    }

    private Seen reckoned(Piece piece, List<Paints.Mine> paints, Asked asked) {
        Plane treated = sources.treated(piece, LONGEST);
        Plane drawing = SourceWork.inverted(piece, treated);
        Plane coverage = drawing.map(Tone.of(piece.design().print().inks())::coverage);
        List<Coefficients> all = paints.stream().map(Paints.Mine::paint).toList();
        List<Integer> rows = side(paints.size(), asked.row);
        List<Integer> columns = side(paints.size(), asked.column);
        ColourPairs pairs = ColourPairs.of(all, rows, columns, asked.kind, asked.paper, drawing, coverage, piece.design().printWidth().millimetres() / drawing.width());
        return new Seen((asked.sorted ? pairs.byLegibility() : pairs).pairs(), coverage, drawing != treated, drawing.width(), drawing.height(), columns.size());
    }

    /** As many as one side of a page shows. */
    public static List<Integer> side(int paints, int from) {
        return IntStream.range(Math.clamp(from, 0, Math.max(0, paints - 1)), Math.min(paints, Math.clamp(from, 0, Math.max(0, paints - 1)) + SIDE)).boxed().toList();
    }

    /** All cells in one picture, row by row. */
    public static byte[] png(Seen seen) {
        List<Picture> cells = seen.pairs.parallelStream().map(pair -> pair.shades().over(seen.coverage)).toList();
        return Rasters.png(new Picture(laid(seen, cells.stream().map(Picture::red).toList()), laid(seen, cells.stream().map(Picture::green).toList()), laid(seen, cells.stream().map(Picture::blue).toList())));
    }

    private static Plane laid(Seen seen, List<Plane> cells) {
        return Plane.compute(seen.across * seen.width, seen.down() * seen.height, (x, y) -> {
            int cell = y / seen.height * seen.across + x / seen.width;
            return cell < cells.size() ? cells.get(cell).at(x % seen.width, y % seen.height) : 1;
        });
    }
}
