package kindveil.studio.page.source;

import kindveil.studio.page.piece.PieceHead;
import java.util.List;
import kindveil.measure.Figures;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Piece;
import kindveil.tone.Framing.Crop;
import kindveil.tone.Framing.Mirror;
import kindveil.tone.Framing.Straighten;
import kindveil.tone.Framing.Turn;
import kindveil.studio.page.piece.Guard;
import kindveil.tone.Size;
import kindveil.tone.Treatments;
import org.jspecify.annotations.Nullable;

/**
 * The page on which a source is framed, the picture 1000 wide.
 *
 * @param tall its height
 * @param upright whether it is taller than it is wide, and shown narrower
 * @param turned address of the picture turned, not yet cropped
 * @param whole its width in pixels
 * @param scale mm a pixel is printed at
 * @param guard asked before it is framed so, or null
 */
record FrameView(PieceHead head, Form form, long tall, boolean upright, String turned, double whole, double scale, String size, @Nullable Guard guard, List<String> problems) implements PageView {
    private static final double UPRIGHT = 1.1;

    /** What was typed; cuts in per cent of the turned picture, {@code quarters} clockwise. */
    record Form(int version, String quarters, String degrees, String mirror, String left, String top, String right, String bottom, String scale) {
        static Form of(Piece piece) {
            Treatments all = piece.design().treatments();
            Crop crop = all.of(Crop.class).orElse(Crop.NONE);
            return new Form(piece.version(), String.valueOf(all.of(Turn.class).map(Turn::quarters).orElse(0)), Figures.plain(all.of(Straighten.class).map(Straighten::degrees).orElse(0.0)),
                    all.of(Mirror.class).isPresent() ? "yes" : "", Figures.plain(crop.left()), Figures.plain(crop.top()), Figures.plain(crop.right()), Figures.plain(crop.bottom()), "same");
        }
    }

    /**
     * @param whole of the picture as it is turned, in pixels
     * @param framed of what stays now
     */
    static FrameView of(Piece piece, Form form, Size whole, Size framed, List<String> problems, Say say) {
        String turned = "%s/turned.png?quarters=%s&degrees=%s&mirror=%s".formatted(PieceHead.base(piece), form.quarters, form.degrees, !form.mirror.isEmpty());
        return new FrameView(PieceHead.of(piece, "Source"), form, Math.round(1000 * whole.aspect()), whole.aspect() > UPRIGHT, turned, whole.width(),
                piece.design().printWidth().millimetres() / framed.width(), say.size(piece.design().printWidth(), piece.design().printWidth().times(framed.aspect())), null, problems);
    }

    FrameView asking(Guard guard) {
        return new FrameView(head, form, tall, upright, turned, whole, scale, size, guard, problems);
    }
}
