package kindveil.studio.work;

import java.awt.image.BufferedImage;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.measure.UnitSystem;
import kindveil.sheet.PrintSheet;
import kindveil.studio.intake.PrintPdf;
import kindveil.studio.intake.Rasters;
import org.springframework.stereotype.Service;

/** The print of a piece: its sheet, and the file to print. */
@Service
public class PrintWork {
    /** Never more than a printer can use; enlarging is left to it. */
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
        double longest = Math.max(planned.brief().width().inches(), planned.brief().height().inches());
        Plane luminance = Rasters.within(pictures.full(planned.piece().picture()), (int) Math.ceil(longest * DOTS_PER_INCH)).luminance();
        Plane treated = SourceWork.inverted(planned.piece(), SourceWork.treated(planned.piece(), luminance, planned.piece().design().treatments()));
        return Rasters.encoded(Picture.grey(planned.mirrored() ? treated.mirrored() : treated));
    }

    /** The line in the waste margin. */
    public static String note(Planned planned) {
        return "%s · %s × %s · %s".formatted(planned.piece().title(), planned.brief().width().print(UnitSystem.METRIC),
                planned.brief().height().print(UnitSystem.METRIC),
                planned.mirrored() ? "mirrored in the file already" : "not mirrored");
    }
}
