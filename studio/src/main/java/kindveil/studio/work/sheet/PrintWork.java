package kindveil.studio.work.sheet;

import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.source.SourceWork;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.picture.PictureWork;
import java.awt.image.BufferedImage;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.reading.MarginReading;
import kindveil.sheet.PrintSheet;
import kindveil.studio.intake.PrintPdf;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Size;
import org.springframework.stereotype.Service;

/** The print of a piece: its sheet, and the file to print. */
@Service
public class PrintWork {
    /** Greys: never more than a printer can use; enlarging is left to it. */
    public static final int GREY_DOTS_PER_INCH = 300;
    /** Black and white is drawn as finely as it is printed, so that no edge is guessed. */
    public static final int BIT_DOTS_PER_INCH = 600;
    private final PictureWork pictures;
    private final PieceWork pieces;
    private final Rooms rooms;

    PrintWork(PictureWork pictures, PieceWork pieces, Rooms rooms) {
        this.rooms = rooms;
        this.pictures = pictures;
        this.pieces = pieces;
    }

    public PrintSheet sheet(Planned planned) {
        Design design = planned.piece().design();
        return PrintSheet.of(design.paper(), planned.brief().width(), planned.brief().height(), design.copies());
    }

    public byte[] pdf(Piece piece) {
        Planned planned = pieces.plan(piece);
        PrintSheet sheet = sheet(planned);
        PrintPdf.Leaf leaf = new PrintPdf.Leaf(sheet, Map.of("", image(planned)), Map.of(), note(planned), settings(planned), 1, false, Map.of("", MarginReading.of(planned.trace())));
        return PrintPdf.write(note(planned), Collections.nCopies(sheet.sheetsFor(piece.design().copies()), leaf));
    }

    /** As it is to stand on paper: treated, inverted and mirrored where it must be. One at a time, so that memory stays bounded. */
    synchronized BufferedImage image(Planned planned) {
        Piece piece = planned.piece();
        Size framed = pictures.shape(piece.veil().source(), piece.design().treatments());
        StoredPicture picture = pictures.get(piece.veil().source());
        boolean bits = piece.design().treatments().blackAndWhite();
        double inches = planned.brief().width().inches();
        double across = bits ? inches * BIT_DOTS_PER_INCH : Math.min(framed.width(), inches * GREY_DOTS_PER_INCH);
        double scale = across / framed.width();
        if (SourceWork.inColours(piece)) {
            Picture reduced = Rasters.downscaled(pictures.full(piece.veil().source()), side(Math.max(picture.width(), picture.height()), scale));
            Picture printed = SourceWork.printed(piece, reduced);
            Picture open = opened(planned, printed.width(), printed.height()).map(kept -> printed.each(plane -> without(plane, kept))).orElse(printed);
            return Rasters.encoded(planned.mirrored() ? open.mirrored() : open);
        }
        Plane luminance = Rasters.luminance(pictures.full(piece.veil().source()), side(picture.width(), scale), side(picture.height(), scale));
        Plane treated = SourceWork.inverted(piece, SourceWork.treated(piece, luminance, piece.design().treatments()));
        Plane open = opened(planned, treated.width(), treated.height()).map(kept -> without(treated, kept)).orElse(treated);
        Plane standing = planned.mirrored() ? open.mirrored() : open;
        return bits ? Rasters.bits(standing) : Rasters.greys(standing);
    }

    /** Where something is printed, 1, if an opening will be cut out of it. */
    private static Optional<Plane> opened(Planned planned, int width, int height) {
        Length wide = planned.brief().width();
        return planned.piece().design().opening(planned.brief().height()).map(opening -> opening.unprinted().over(width, height, width / wide.millimetres()));
    }

    private static Plane without(Plane printed, Plane kept) {
        return Plane.compute(printed.width(), printed.height(), (x, y) -> kept.at(x, y) == 0 ? 1 : printed.at(x, y));
    }

    private static int side(int pixels, double scale) {
        return (int) Math.max(1, Math.round(pixels * scale));
    }

    /** The line in the waste margin. */
    public String note(Planned planned) {
        UnitSystem units = rooms.now().units();
        return "%s · %s × %s · %s".formatted(planned.piece().title(), planned.brief().width().print(units),
                planned.brief().height().print(units),
                planned.mirrored() ? "mirrored in the file already" : "not mirrored");
    }

    /** How it is printed, for whoever stands at the printer. */
    public static String settings(Planned planned) {
        return planned.brief().print().printing() + " " + mirrorSetting(planned.mirrored() ? 1 : 0, 1);
    }

    /** What to set for mirroring, where some of the images on a sheet are mirrored. */
    static String mirrorSetting(int mirrored, int all) {
        if (mirrored == 0) {
            return "Mirror OFF: the image is to be printed as it is.";
        }
        return mirrored == all ? "Mirror OFF, because the file is already mirrored." : "Mirror OFF: each image in the file stands already as it must.";
    }

}
