package kindveil.studio.work.piece;

import kindveil.image.Picture;
import kindveil.light.WhiteCard;
import kindveil.measure.Length;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.picture.PictureWork;
import kindveil.tone.Corners;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The photographed ground of a piece, made true: laid flat, its light taken off by a white card, its size told. */
@Service
public class Grounds {
    private final PictureWork pictures;
    private final PieceWork pieces;

    Grounds(PictureWork pictures, PieceWork pieces) {
        this.pictures = pictures;
        this.pieces = pieces;
    }

    /** Where a white card lies in a photograph, per cent of its width and height. */
    public record Card(double x, double y) {
    }

    /**
     * @param corners of the page in the photograph
     * @param card that lies in it, or null
     * @param wide how wide the page is, or null where that is told already or the first image fills it; how high it is follows from the photograph
     */
    public Piece flat(Piece piece, Corners corners, @Nullable Card card, @Nullable Length wide) {
        Picture photo = pictures.preview(piece.basis().photograph().orElseThrow());
        Picture evened = card == null ? photo : WhiteCard.evened(photo, card.x, card.y);
        Picture flat = evened.each(corners::apply);
        Basis basis = piece.basis();
        Page page = wide == null ? basis.pageSize() : new Page(wide, wide.times(flat.height() / (double) flat.width()));
        return pieces.change(piece.with(basis.photographed(pictures.take("ground, laid flat.png", Rasters.png(flat)).id()).sized(page)));
    }
}
