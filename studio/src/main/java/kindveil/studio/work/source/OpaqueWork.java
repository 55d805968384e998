package kindveil.studio.work.source;

import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.picture.PictureWork;
import java.util.List;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.shape.Region;
import kindveil.tone.Size;
import kindveil.tone.Subject;
import kindveil.tone.Treatments;
import org.springframework.stereotype.Service;

/**
 * The part of a print that is painted opaque. It is kept in widths of the source as it came, so that it stays where it is
 * when the picture is cropped or turned afterwards, and worked on in widths of the picture as it is framed.
 */
@Service
public class OpaqueWork {
    /** How far an outline that was found may be simplified, and the smallest island kept, on the print. */
    private static final double TOLERANCE_MILLIMETRES = 0.08;
    private static final double SMALLEST_SQUARE_MILLIMETRES = 0.3;
    private static final float HALF = 0.5f;
    private final PictureWork pictures;
    private final SourceWork sources;

    OpaqueWork(PictureWork pictures, SourceWork sources) {
        this.pictures = pictures;
        this.sources = sources;
    }

    /** In widths of the framed picture: what was drawn, or its subject. */
    public Region of(Piece piece) {
        return piece.design().opaque().isEmpty() ? subject(piece) : framed(pictures, piece.veil());
    }

    public static Region framed(PictureWork pictures, Veil veil) {
        StoredPicture picture = pictures.get(veil.source());
        Size source = new Size(1, picture.aspect());
        Treatments treatments = veil.design().treatments();
        double width = treatments.size(source).width();
        return Region.parse(veil.design().opaque()).mapped(p -> {
            double[] at = treatments.place(p[0], p[1], source);
            return new double[] {at[0] / width, at[1] / width};
        });
    }

    /** The piece with that part of its framed picture painted opaque. */
    public Piece with(Piece piece, Region framed) {
        Size source = new Size(1, pictures.get(piece.veil().source()).aspect());
        Treatments treatments = piece.design().treatments();
        double width = treatments.size(source).width();
        // framing only turns, shifts and mirrors: three places tell all of it
        double[] origin = treatments.place(0, 0, source);
        double[] right = treatments.place(1, 0, source);
        double[] down = treatments.place(0, 1, source);
        double a = right[0] - origin[0];
        double b = down[0] - origin[0];
        double c = right[1] - origin[1];
        double d = down[1] - origin[1];
        double det = a * d - b * c;
        Region whole = framed.mapped(p -> {
            double x = p[0] * width - origin[0];
            double y = p[1] * width - origin[1];
            return new double[] {(x * d - y * b) / det, (y * a - x * c) / det};
        });
        return piece.with(piece.design().opaque(whole));
    }

    private double perWidth(Piece piece) {
        return piece.design().printWidth().millimetres();
    }

    private Region simple(Piece piece, Region found) {
        return found.simpler(TOLERANCE_MILLIMETRES / perWidth(piece));
    }

    private double smallest(Piece piece) {
        return SMALLEST_SQUARE_MILLIMETRES / (perWidth(piece) * perWidth(piece));
    }

    /** Everything that the plain background cannot be reached through. */
    public Region subject(Piece piece) {
        Plane outside = Subject.mask(sources.treated(piece)).map(v -> 1 - v);
        return simple(piece, Region.below(outside, HALF, smallest(piece)));
    }

    /** What is reached from a place without its lightness departing by more than {@code tolerance} L*. */
    public Region grown(Piece piece, double x, double y, double tolerance) {
        return simple(piece, Region.grown(lightness(piece), x, y, (float) tolerance));
    }

    /** Everything between two values of L*. */
    public Region between(Piece piece, double from, double to) {
        return simple(piece, Region.between(lightness(piece), (float) from, (float) to, smallest(piece)));
    }

    /** What a round brush covers, its radius in mm on the print. */
    public Region stroke(Piece piece, List<double[]> points, double radiusMillimetres) {
        return Region.stroke(points, radiusMillimetres / perWidth(piece)).and(whole(piece));
    }

    public Region whole(Piece piece) {
        return Region.rectangle(0, 0, 1, pictures.shape(piece.veil().source(), piece.design().treatments()).aspect());
    }

    private Plane lightness(Piece piece) {
        return sources.treated(piece).map(Lab::lightnessNear);
    }
}
