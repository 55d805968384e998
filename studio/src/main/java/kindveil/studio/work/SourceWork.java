package kindveil.studio.work;

import java.util.ArrayList;
import java.util.List;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Srgb;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Advice;
import kindveil.tone.SourceReading;
import kindveil.tone.Treatment;
import kindveil.way.Schools;
import org.springframework.stereotype.Service;

/** The source of a piece, as it is and as it is treated. */
@Service
public class SourceWork {
    private static final int SMALL = 240;
    private final PictureWork pictures;

    SourceWork(PictureWork pictures) {
        this.pictures = pictures;
    }

    /**
     * What the source says.
     *
     * @param asItIs read untreated
     * @param treated read with the piece's treatment
     * @param advice what would help, the best first
     */
    public record Readings(StoredPicture picture, SourceReading asItIs, SourceReading treated, List<Advice> advice) {
    }

    public Readings read(Piece piece) {
        StoredPicture picture = pictures.get(piece.picture());
        Plane luminance = pictures.preview(piece.picture()).luminance();
        return new Readings(picture, read(piece, picture, luminance), read(piece, picture, treated(piece)),
                Advice.of(luminance, picture.width(), piece.design().printWidth(), piece.design().theWay().card().softening()));
    }

    private static SourceReading read(Piece piece, StoredPicture picture, Plane plane) {
        return SourceReading.of(plane, picture.width(), piece.design().printWidth(), piece.design().theWay().card().softening());
    }

    /** Luminance of the working copy with the piece's treatment. */
    public Plane treated(Piece piece) {
        return Advice.applied(treatments(piece.design()), pictures.preview(piece.picture()).luminance());
    }

    /** The same, first reduced so that its longer side has at most {@code longest} pixels. */
    public Plane treated(Piece piece, int longest) {
        return Advice.applied(treatments(piece.design()), pictures.preview(piece.picture()).within(longest).luminance());
    }

    /** As it is printed: treated, and inverted where light paint is to make its lights. */
    Plane printed(Piece piece, int longest) {
        return inverted(piece, treated(piece, longest));
    }

    static Plane inverted(Piece piece, Plane treated) {
        return Schools.INVERTED.equals(piece.design().choices().get(Schools.TONES.key())) ? treated.map(v -> (float) Srgb.decode(1 - Srgb.encode(v))) : treated;
    }

    static List<Treatment> treatments(Design design) {
        List<Treatment> treatments = new ArrayList<>();
        treatments.add(design.levels());
        design.simplify().ifPresent(treatments::add);
        return treatments;
    }

    /** The treated picture as it would be printed, unmirrored. */
    public byte[] treatedPng(Piece piece) {
        return Rasters.png(Picture.grey(inverted(piece, treated(piece))));
    }

    /** A small picture of what one piece of advice would do; past the last, of the picture untreated. */
    public byte[] offeredPng(Piece piece, int index) {
        List<Advice> advice = read(piece).advice();
        if (index < 0 || index > advice.size()) {
            throw new NotFound("advice", index);
        }
        Plane small = pictures.preview(piece.picture()).within(SMALL).luminance();
        return Rasters.png(Picture.grey(index == advice.size() ? small : Advice.applied(advice.get(index).treatments(), small)));
    }
}
