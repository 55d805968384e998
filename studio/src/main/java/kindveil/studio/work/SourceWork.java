package kindveil.studio.work;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Advice;
import kindveil.tone.SourceReading;
import kindveil.tone.Treatment;
import org.springframework.stereotype.Service;

/** The source of a piece, as it is and as it is treated. */
@Service
public class SourceWork {
    private final PieceWork pieces;
    private final PictureWork pictures;

    SourceWork(PieceWork pieces, PictureWork pictures) {
        this.pieces = pieces;
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
                Advice.of(luminance, picture.width(), piece.design().printWidth(), piece.design().theWay().softening()));
    }

    private static SourceReading read(Piece piece, StoredPicture picture, Plane plane) {
        return SourceReading.of(plane, picture.width(), piece.design().printWidth(), piece.design().theWay().softening());
    }

    /** Luminance of the working copy with the piece's treatment. */
    public Plane treated(Piece piece) {
        return Advice.applied(treatments(piece.design()), pictures.preview(piece.picture()).luminance());
    }

    static List<Treatment> treatments(Design design) {
        List<Treatment> treatments = new ArrayList<>();
        treatments.add(design.levels());
        design.simplify().ifPresent(treatments::add);
        return treatments;
    }

    /** The treated picture as it would be printed, unmirrored. */
    public byte[] treatedPng(UUID id, Design design) {
        Piece piece = pieces.get(id).with(design);
        return Rasters.png(Picture.grey(treated(piece)));
    }
}
