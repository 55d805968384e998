package kindveil.studio.work;

import java.util.List;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Srgb;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Advice;
import kindveil.tone.SourceReading;
import kindveil.tone.Treatments;
import kindveil.way.Schools;
import org.springframework.stereotype.Service;

/** The source of a piece, as it is and as it is treated. */
@Service
public class SourceWork {
    private static final int SMALL = 240;
    private static final int STEP = 360;
    private static final int MAP = 900;
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

    /** Luminance of the working copy with the piece's treatments. */
    public Plane treated(Piece piece) {
        return treated(piece, pictures.preview(piece.picture()).luminance(), piece.design().treatments());
    }

    /** The same, first reduced so that its longer side has at most {@code longest} pixels. */
    public Plane treated(Piece piece, int longest) {
        return treated(piece, pictures.preview(piece.picture()).within(longest).luminance(), piece.design().treatments());
    }

    static Plane treated(Piece piece, Plane luminance, Treatments treatments) {
        return treatments.apply(luminance, luminance.width() / piece.design().printWidth().millimetres());
    }

    /** As it is printed: treated, and inverted where light paint is to make its lights. */
    Plane printed(Piece piece, int longest) {
        return inverted(piece, treated(piece, longest));
    }

    static Plane inverted(Piece piece, Plane treated) {
        return Schools.INVERTED.equals(piece.design().choices().get(Schools.TONES.key())) ? treated.map(v -> (float) Srgb.decode(1 - Srgb.encode(v))) : treated;
    }

    /** The treated picture as it would be printed, unmirrored. */
    public byte[] treatedPng(Piece piece) {
        return Rasters.png(Picture.grey(inverted(piece, treated(piece))));
    }

    /** How far the first {@code count} treatments go, small. */
    public byte[] stepPng(Piece piece, int count) {
        Treatments all = piece.design().treatments();
        if (count < 0 || count > all.list().size()) {
            throw new NotFound("treatment", count);
        }
        return Rasters.png(Picture.grey(treated(piece, pictures.preview(piece.picture()).within(STEP).luminance(), all.first(count))));
    }

    /** Where detail goes soft, as red over the pale treated picture. */
    public byte[] riskPng(Piece piece) {
        Plane plane = treated(piece, MAP);
        Plane risk = SourceReading.riskMap(plane, piece.design().printWidth(), piece.design().theWay().card().softening());
        Plane pale = plane.map(v -> 0.55f + 0.45f * v);
        return Rasters.png(new Picture(Plane.compute(plane.width(), plane.height(), (x, y) -> pale.at(x, y) * (1 - 0.35f * risk.at(x, y))),
                Plane.compute(plane.width(), plane.height(), (x, y) -> pale.at(x, y) * (1 - 0.93f * risk.at(x, y))),
                Plane.compute(plane.width(), plane.height(), (x, y) -> pale.at(x, y) * (1 - 0.88f * risk.at(x, y)))));
    }

    /** A small picture of what one piece of advice would do; past the last, of the picture untreated. */
    public byte[] offeredPng(Piece piece, int index) {
        List<Advice> advice = read(piece).advice();
        if (index < 0 || index > advice.size()) {
            throw new NotFound("advice", index);
        }
        Plane small = pictures.preview(piece.picture()).within(SMALL).luminance();
        return Rasters.png(Picture.grey(index == advice.size() ? small : advice.get(index).applied(small, small.width() / piece.design().printWidth().millimetres())));
    }
}
