package kindveil.studio.work;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.reading.HandReading;
import kindveil.reading.Remedies;
import kindveil.way.Brief;
import kindveil.way.Hand;
import kindveil.way.Trace;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pieces: made, changed, thought through. */
@Service
@Transactional
public class PieceWork {
    private static final int LONGEST_TITLE = 120;
    private final Pieces pieces;
    private final PictureWork pictures;
    private final Rooms rooms;
    private final Clock clock;

    PieceWork(Pieces pieces, PictureWork pictures, Rooms rooms, Clock clock) {
        this.pieces = pieces;
        this.pictures = pictures;
        this.rooms = rooms;
        this.clock = clock;
    }

    public Piece get(UUID id) {
        return pieces.find(id).orElseThrow(() -> new NotFound("piece", id));
    }

    public List<Piece> all() {
        return pieces.all();
    }

    /** A new piece from a picture file. */
    public Piece begin(String title, Length width, String fileName, byte[] bytes) {
        StoredPicture picture = pictures.take(fileName, bytes);
        Piece piece = new Piece(UUID.randomUUID(), 0, title(title), clock.instant(), picture.id(), null, Design.fresh(width));
        pieces.add(piece);
        return piece;
    }

    /** A title of 1 to 120 signs. */
    public static String title(String title) {
        String plain = title == null ? "" : title.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_TITLE) {
            throw new UnusableValue("Title", plain.isEmpty() ? "" : plain.length() + " signs", "1 to %d signs".formatted(LONGEST_TITLE), "Call it what you would call it on the bench.");
        }
        return plain;
    }

    /** Stores a change; the design must give a plan that can be expanded, sound or not. */
    public Piece change(Piece piece) {
        plan(piece);
        return pieces.replace(piece);
    }

    /** Lays a photograph of the ground under the picture. */
    public Piece ground(Piece piece, String fileName, byte[] bytes) {
        return pieces.replace(piece.withGround(pictures.take(fileName, bytes).id()));
    }

    public Planned plan(Piece piece) {
        StoredPicture picture = pictures.get(piece.picture());
        Brief unmirrored = brief(piece.design(), picture, rooms.now().air());
        double bed = piece.design().bed(unmirrored);
        HandReading hand = HandReading.of(Trace.of(piece.design().theWay().expand(unmirrored, bed)));
        Hand printHand = hand.printFor(piece.design().hand().hand());
        Brief brief = unmirrored.withHand(printHand);
        return new Planned(piece, picture, brief, bed, hand, printHand, Trace.of(piece.design().theWay().expand(brief, bed)));
    }

    /** Single changes that would make a refused plan sound. */
    public List<Remedies> remedies(Planned planned) {
        Design design = planned.piece().design();
        return Remedies.of(design.theWay(), planned.brief(), brief -> design.theWay().expand(brief, design.theWay().bedThickness(brief).value()));
    }

    private static Brief brief(Design design, StoredPicture picture, Room room) {
        return new Brief(design.printWidth(), design.printWidth().times(picture.aspect()), design.print(), Hand.READS_RIGHT, design.support(),
                design.ground(), design.wish(), design.choices(), room);
    }
}
