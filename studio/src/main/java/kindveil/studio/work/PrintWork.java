package kindveil.studio.work;

import java.awt.image.BufferedImage;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.sheet.PrintSheet;
import kindveil.studio.intake.PrintPdf;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Advice;
import org.springframework.stereotype.Service;

/** The print of a piece: its sheet, and the file to print. */
@Service
public class PrintWork {
    private static final double DOTS_PER_INCH = 300;
    private final PictureWork pictures;
    private final PieceWork pieces;

    PrintWork(PictureWork pictures, PieceWork pieces) {
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
        return PrintPdf.write(sheet, image(planned), sheet.sheetsFor(piece.design().copies()), note(planned));
    }

    private BufferedImage image(Planned planned) {
        Plane luminance = Rasters.linear(pictures.full(planned.piece().picture())).luminance();
        Plane treated = Advice.applied(SourceWork.treatments(planned.piece().design()), sized(luminance, planned.brief().width()));
        return Rasters.encoded(Picture.grey(planned.mirrored() ? treated.mirrored() : treated));
    }

    /** Never more than a printer can use; enlarging is left to it. */
    private static Plane sized(Plane plane, Length width) {
        int most = (int) Math.round(width.inches() * DOTS_PER_INCH);
        return plane.width() <= most ? plane : plane.resized(most, Math.max(1, (int) Math.round(plane.height() * (double) most / plane.width())));
    }

    /** The line in the waste margin. */
    public static String note(Planned planned) {
        return "%s · %s × %s · %s".formatted(planned.piece().title(), planned.brief().width().print(UnitSystem.METRIC),
                planned.brief().height().print(UnitSystem.METRIC),
                planned.mirrored() ? "mirrored in the file already" : "not mirrored");
    }
}
