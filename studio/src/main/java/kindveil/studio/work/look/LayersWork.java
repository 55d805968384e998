package kindveil.studio.work.look;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kindveil.image.Picture;
import kindveil.measure.UnusableValue;
import kindveil.reading.LookState;
import kindveil.studio.intake.OpenRaster;
import kindveil.studio.intake.Rasters;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Trace;
import org.springframework.stereotype.Service;

/** A piece as pictures to be taken away: one state at a size that is asked, or what each veil adds as a layer of its own. */
@Service
public class LayersWork {
    public static final int LEAST = 100;
    public static final int MOST = 4000;
    private static final int LONGEST = 1600;
    private static final double MILLIMETRES_PER_INCH = 25.4;
    private final LookWork looks;
    private final PieceWork pieces;

    LayersWork(LookWork looks, PieceWork pieces) {
        this.looks = looks;
        this.pieces = pieces;
    }

    /** One state of the veil in hand. @param longest side, in pixels; never more than its source has */
    public byte[] picture(Piece piece, LookState state, int longest) {
        UnusableValue.requireWithin("longest side", longest, LEAST, MOST, "pixels", "1600 fills a screen.");
        return Rasters.png(looks.seen(piece, state, pieces.plan(piece).whole().plannedPasses(), longest));
    }

    /** The ground, then each veil as what it makes of what lies below it, every one finished before the next. */
    public byte[] layered(Piece piece) {
        BufferedImage below = Rasters.encoded(looks.ground(piece, LONGEST));
        List<OpenRaster.Layer> layers = new ArrayList<>(List.of(new OpenRaster.Layer("Ground", below)));
        for (int i = 1; i <= piece.veils().size(); i++) {
            Piece now = piece.at(i);
            Trace trace = pieces.plan(now).trace();
            Picture seen = looks.seen(now, LookState.finished(trace), trace.plannedPasses(), LONGEST);
            BufferedImage above = Rasters.encoded(seen);
            layers.add(new OpenRaster.Layer("%d, %s".formatted(i, now.design().theWay().name().toLowerCase(Locale.ROOT)), OpenRaster.lifted(below, above)));
            below = above;
        }
        double wide = looks.frameSize(piece).getFirst().millimetres() / MILLIMETRES_PER_INCH;
        return OpenRaster.write(layers, below, (int) Math.max(1, Math.round(below.getWidth() / wide)));
    }
}
