package kindveil.studio.work.look;

import java.util.UUID;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.way.Base;
import kindveil.way.Way;
import org.springframework.stereotype.Service;

/** A piece begun from what is at hand: the way that goes best with it is taken, and can be changed. */
@Service
public class Beginning {
    private final PieceWork pieces;
    private final WaysWork ways;

    Beginning(PieceWork pieces, WaysWork ways) {
        this.pieces = pieces;
        this.ways = ways;
    }

    /** Once: sent again by the same form it is the piece that is there, however it was changed since. */
    public Piece begin(UUID once, String title, Length width, String fileName, byte[] bytes, Having having) {
        Piece piece = pieces.begin(once, title, width, fileName, bytes);
        if (piece.version() > 0) {
            return piece;
        }
        Way best = ways.ranked(Catalogue.transfers(), having).getFirst().way();
        Piece based = piece.laidOn(new Base(having.support(), having.ground())).doing(best);
        Piece wished = based.with(based.design().with(having.wish()).with(based.design().printing().with(having.print())));
        return wished.equals(piece) ? piece : pieces.change(wished);
    }
}
