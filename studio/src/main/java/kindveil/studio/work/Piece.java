package kindveil.studio.work;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.measure.UnusableValue;

/**
 * One work: its veils in the order they are made, and the one in hand.
 *
 * @param version counts its changes
 * @param groundPicture a photograph of its ground, or null for a flat colour
 * @param inHand which veil is looked at, from 0; not stored
 */
public record Piece(UUID id, int version, String title, Instant created, UUID groundPicture, List<Veil> veils, int inHand) {
    public static final int MOST_VEILS = 6;

    public Piece {
        veils = List.copyOf(veils);
        if (inHand < 0 || inHand >= veils.size()) {
            throw new NotFound("veil", inHand + 1);
        }
    }

    /** Of one transfer. */
    public static Piece of(UUID id, int version, String title, Instant created, UUID picture, UUID groundPicture, Design design) {
        return new Piece(id, version, title, created, groundPicture, List.of(Veil.first(picture, design)), 0);
    }

    public Veil veil() {
        return veils.get(inHand);
    }

    public UUID picture() {
        return veil().picture();
    }

    /** Of the veil in hand, on the support and ground of the whole. */
    public Design design() {
        Design base = veils.getFirst().design();
        return veil().design().withBase(base.support(), base.ground(), base.groundColour());
    }

    /** Looking at veil {@code number}, from 1; the first for null. */
    public Piece at(Integer number) {
        return new Piece(id, version, title, created, groundPicture, veils, number == null ? 0 : number - 1);
    }

    /** As a page that saw version {@code seen} would change it. */
    public Piece seen(int seen) {
        return new Piece(id, seen, title, created, groundPicture, veils, inHand);
    }

    /** The veil in hand with another design; support and ground are those of the whole. */
    public Piece with(Design other) {
        List<Veil> changed = new ArrayList<>(veils);
        changed.set(inHand, veil().with(other));
        changed.set(0, changed.getFirst().with(changed.getFirst().design().withBase(other.support(), other.ground(), other.groundColour())));
        return with(changed, inHand);
    }

    public Piece withGround(UUID picture) {
        return new Piece(id, version, title, created, picture, veils, inHand);
    }

    public Piece plus(Veil veil) {
        UnusableValue.requireWithin("veils", veils.size() + 1.0, 1, MOST_VEILS, "", "Finish this one, and make its result the source of another piece.");
        List<Veil> more = new ArrayList<>(veils);
        more.add(veil);
        return with(more, more.size() - 1);
    }

    /** Without the veil in hand; a piece keeps at least one that brings a picture. */
    public Piece without() {
        List<Veil> fewer = new ArrayList<>(veils);
        Veil gone = fewer.remove(inHand);
        if (fewer.stream().noneMatch(Veil::bringsPicture)) {
            throw new UnusableValue("veil", gone.design().theWay().name(), "a veil that is not the piece's only picture", "Add another transfer first, or begin a new piece.");
        }
        Design base = gone.design();
        if (inHand == 0) {
            fewer.set(0, fewer.getFirst().with(fewer.getFirst().design().withBase(base.support(), base.ground(), base.groundColour())));
        }
        return with(fewer, 0);
    }

    /** The veil in hand made one earlier or later. */
    public Piece moved(int by) {
        int to = Math.clamp((long) inHand + by, 0, veils.size() - 1);
        List<Veil> other = new ArrayList<>(veils);
        Design base = veils.getFirst().design();
        other.add(to, other.remove(inHand));
        other.set(0, other.getFirst().with(other.getFirst().design().withBase(base.support(), base.ground(), base.groundColour())));
        return with(other, to);
    }

    public Piece withVeil(Veil veil) {
        List<Veil> changed = new ArrayList<>(veils);
        changed.set(inHand, veil);
        return with(changed, inHand);
    }

    private Piece with(List<Veil> other, int hand) {
        return new Piece(id, version, title, created, groundPicture, other, hand);
    }

    /** Only some of its veils, as if the others were never made; {@code hand} is one of them. The first is always among them. */
    Piece only(List<Integer> kept, int hand) {
        return new Piece(id, version, title, created, groundPicture, kept.stream().map(veils::get).toList(), kept.indexOf(hand));
    }

    /** The first veil that brings a picture: the piece is shown at its size. */
    public Veil leading() {
        return veils.stream().filter(Veil::bringsPicture).findFirst().orElseThrow();
    }
}
