package kindveil.studio.work;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.drying.Room;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.reading.HandReading;
import kindveil.studio.intake.PlanFile;
import kindveil.reading.Remedies;
import kindveil.way.Brief;
import kindveil.bench.Hand;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.Work;
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
    private final Cache<Work, Trace> walked = Caches.bounded().maximumSize(300).build();

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

    /** The piece with veil {@code number} in hand, from 1. */
    public Piece get(UUID id, Integer number) {
        return get(id).at(number);
    }

    /** A new piece from a picture file. */
    public Piece begin(String title, Length width, String fileName, byte[] bytes) {
        return begin(title, width, pictures.take(fileName, bytes).id());
    }

    /** A new piece from a picture at hand: a result can become a source again. */
    public Piece begin(String title, Length width, UUID picture) {
        Piece piece = Piece.of(UUID.randomUUID(), 0, title(title), clock.instant(), pictures.get(picture).id(), null, Design.fresh(width));
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
        return pieces.replace(piece).at(piece.inHand() + 1);
    }

    /** Lays a photograph of the ground under the picture. */
    public Piece ground(Piece piece, String fileName, byte[] bytes) {
        return pieces.replace(piece.withGround(pictures.take(fileName, bytes).id()));
    }

    /** One more veil on it; {@code bytes} of its picture, or null to use the piece's own, where the way brings one. */
    public Piece add(Piece piece, Way way, String fileName, byte[] bytes) {
        UUID own = piece.leading().picture();
        UUID picture = !way.card().bringsPicture() ? null : bytes == null ? own : pictures.take(fileName, bytes).id();
        Design design = piece.leading().design().treated(kindveil.tone.Treatments.NONE).doing(way, false);
        return change(piece.plus(Veil.first(picture, design)));
    }

    public Planned plan(Piece piece) {
        Room air = rooms.now().air();
        List<Work.Part> unmirrored = new ArrayList<>();
        for (int i = 0; i < piece.veils().size(); i++) {
            Piece at = piece.at(i + 1);
            unmirrored.add(new Work.Part(at.design().theWay(), at.design().theWay().checked(brief(at, air))));
        }
        Trace straight = walked(new Work(unmirrored));
        List<Work.Part> parts = new ArrayList<>();
        for (int i = 0; i < unmirrored.size(); i++) {
            Hand hand = printHand(straight, piece.at(i + 1));
            parts.add(new Work.Part(unmirrored.get(i).way(), unmirrored.get(i).brief().withHand(hand)));
        }
        Work work = new Work(parts);
        Trace whole = walked(work);
        StoredPicture picture = piece.picture() == null ? null : pictures.get(piece.picture());
        return new Planned(piece, picture, work, HandReading.of(straight.part(piece.inHand() + 1)), parts.get(piece.inHand()).brief().handOnPrint(),
                whole.part(piece.inHand() + 1), whole);
    }

    private static Hand printHand(Trace straight, Piece at) {
        return HandReading.of(straight.part(at.inHand() + 1)).map(hand -> hand.printFor(at.design().hand().hand())).orElse(Hand.READS_RIGHT);
    }

    private Trace walked(Work work) {
        return walked.get(work, w -> Trace.of(w.expand()));
    }

    /** The plan as a file for elsewhere. */
    public String planFile(Piece piece) {
        Design base = piece.veils().getFirst().design();
        List<PlanFile.Veil> veils = piece.veils().stream().map(veil -> {
            Design design = veil.design();
            return new PlanFile.Veil(design.theWay(), veil.bringsPicture() ? design.printWidth() : null, veil.x(), veil.y(), design.print(), design.wish(), design.hand().hand(),
                    design.choices(), design.dials(), design.colours());
        }).toList();
        return new PlanFile(piece.title(), base.support(), base.ground(), base.groundColour(), veils).write(plan(piece).whole());
    }

    /** A new piece planned as a file says, every picture in it the one given. */
    public Piece begin(String title, PlanFile plan, String fileName, byte[] bytes) {
        UUID picture = pictures.take(fileName, bytes).id();
        List<Veil> veils = new ArrayList<>();
        for (PlanFile.Veil veil : plan.veils()) {
            Design design = Design.fresh(veil.width() == null ? Length.ofMillimetres(100) : veil.width()).withBase(plan.support(), plan.ground(), plan.groundColour())
                    .doing(veil.way(), false).withBuild(veil.choices(), veil.dials(), veil.colours(), veil.wish(), veil.print());
            design = design.withPrint(veil.hand() == Hand.MIRRORED ? HandWish.MIRRORED : HandWish.READS_RIGHT, design.paper(), design.copies());
            veils.add(new Veil(veil.width() == null ? null : picture, veil.right(), veil.down(), design));
        }
        if (veils.stream().noneMatch(Veil::bringsPicture)) {
            throw new UnusableValue("plan", "only over and under", "at least one veil that brings a picture", "Add a transfer to it.");
        }
        Piece piece = new Piece(UUID.randomUUID(), 0, title(title == null || title.isBlank() ? plan.title() : title), clock.instant(), null, veils, 0);
        plan(piece);
        pieces.add(piece);
        return piece;
    }

    /** Single changes to the veil in hand that would make a refused plan sound. */
    public List<Remedies> remedies(Planned planned) {
        int at = planned.piece().inHand();
        Work.Part part = planned.work().parts().get(at);
        return Remedies.of(part.way(), part.brief(), brief -> {
            List<Work.Part> parts = new ArrayList<>(planned.work().parts());
            parts.set(at, new Work.Part(part.way(), brief));
            return walked(new Work(parts));
        });
    }

    private Brief brief(Piece at, Room room) {
        Design design = at.design();
        Veil shown = at.picture() == null ? at.leading() : at.veil();
        Length width = shown.design().printWidth();
        return new Brief(width, width.times(pictures.shape(shown).aspect()), design.print(), pictures.colourShare(shown.picture()), Hand.READS_RIGHT, design.support(),
                design.ground(), design.wish(), design.choices(), design.dials(), design.colours(), room);
    }
}
