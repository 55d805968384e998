package kindveil.studio.work.piece;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.tone.Overrun;
import kindveil.bench.Ground;
import kindveil.measure.UnusableValue;
import kindveil.studio.intake.PlanFile;
import kindveil.studio.work.NotFound;
import kindveil.way.Base;
import kindveil.way.Brief;
import kindveil.way.Fit;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;

/**
 * One work: what it is made on, its veils in the order they are made, and the one in hand.
 *
 * @param version counts its changes
 * @param inHand which veil is looked at, from 0; not stored
 */
public record Piece(UUID id, int version, String title, Instant created, Basis basis, List<Veil> veils, int inHand) {
    public static final int MOST_VEILS = PlanFile.MOST_VEILS;

    public Piece {
        veils = List.copyOf(veils);
        if (inHand < 0 || inHand >= veils.size()) {
            throw new NotFound("veil", inHand + 1);
        }
    }

    /** Of one transfer. */
    public static Piece of(UUID id, String title, Instant created, UUID picture, Basis basis, Design design) {
        return new Piece(id, 0, title, created, basis, List.of(Veil.first(picture, design)), 0);
    }

    public Veil veil() {
        return veils.get(inHand);
    }

    /** The source of the veil in hand, or null where it brings none. */
    public @Nullable UUID picture() {
        return veil().picture();
    }

    public Design design() {
        return veil().design();
    }

    /** How far the way of the veil in hand, the texture of what it lies on and runs over itself soften it, σ on the support. */
    public Length softening() {
        double laid = Math.hypot(design().theWay().card().softening().millimetres(), base().support().textureMillimetres());
        return Length.ofMillimetres(Math.hypot(laid, Overrun.softening(design().runs())));
    }

    /** At least so many copies of each of its prints. */
    public Piece printing(int copies) {
        Piece piece = this;
        for (int i = 0; i < veils.size(); i++) {
            Design design = veils.get(i).design();
            piece = veils.get(i).copiesShort(copies) ? piece.at(i + 1).with(design.withPrint(design.hand(), design.paper(), copies)) : piece;
        }
        return piece.at(inHand + 1);
    }

    /** A lot taken for a built-in product wherever it is used, or, for null, any of it. */
    public Piece taking(String builtIn, @Nullable UUID lot) {
        Piece piece = this;
        for (int i = 0; i < veils.size(); i++) {
            Manner manner = veils.get(i).design().manner();
            piece = piece.at(i + 1).with(veils.get(i).design().with(lot == null ? manner.usingAny(builtIn) : manner.using(builtIn, lot)));
        }
        return piece.at(inHand + 1);
    }

    /** The built-in product that something of the piece's plan stands for; itself where it is one. */
    public String standsFor(String product) {
        return veils.stream().flatMap(veil -> veil.design().manner().lots().entrySet().stream()).filter(lot -> lot.getValue().toString().equals(product)).map(java.util.Map.Entry::getKey).findFirst().orElse(product);
    }

    public Base base() {
        return basis.base();
    }

    public Colour groundColour() {
        return basis.colour();
    }

    /** Looking at veil {@code number}, from 1; the first for null. */
    public Piece at(@Nullable Integer number) {
        return new Piece(id, version, title, created, basis, veils, number == null ? 0 : number - 1);
    }

    /** As a page that saw version {@code seen} would change it. */
    public Piece seen(int seen) {
        return new Piece(id, seen, title, created, basis, veils, inHand);
    }

    /** Called something else. */
    Piece called(String other) {
        return new Piece(id, version, other, created, basis, veils, inHand);
    }

    /** The veil in hand with another design. */
    public Piece with(Design other) {
        return with(veil().with(other));
    }

    public Piece with(Veil other) {
        List<Veil> changed = new ArrayList<>(veils);
        changed.set(inHand, other);
        return with(changed, inHand);
    }

    public Piece with(Basis other) {
        return new Piece(id, version, title, created, other, veils, inHand);
    }

    /** The veil in hand as a brief proposes it, and what the whole is made on. */
    public Piece with(Brief brief) {
        Manner set = design().manner().set(brief.settings().choices(), brief.settings().dials(), brief.settings().colours());
        return with(basis.on(brief.base())).with(design().with(set).with(brief.wish()).with(design().printing().with(brief.print())));
    }

    /**
     * The veil in hand done another way; where it lies alone and the support will not do, on that way's best. A way that
     * brings a picture takes the leading one where the veil has none; one that brings none cannot take the place of the
     * piece's only picture.
     */
    public Piece doing(Way way) {
        if (way.card().bringsPicture() != veil().bringsPicture()) {
            if (!way.card().bringsPicture() && onlyPicture()) {
                throw new UnusableValue("Way", way.name(), "one that brings a picture, since this is the piece's only one", "Lay it over with “Lay another over it”, and make it earlier if it goes under.");
            }
            Veil other = new Veil(way.card().bringsPicture() ? leading().picture() : null, veil().x(), veil().y(), veil().design());
            return with(other).doing(way);
        }
        boolean moved = veils.size() == 1 && !way.key().equals(design().way()) && way.card().fit(base().support()).verdict() == Fit.Verdict.NO;
        return (moved ? with(basis.on(base().with(way.card().usualSupport()))) : this).with(design().doing(way));
    }

    /** Laid on another base; a bare support whose colour is known is seen in it. */
    public Piece laidOn(Base on) {
        Basis there = basis.on(on);
        boolean bare = on.support().colour() != null && on.ground() == Ground.RAW;
        return with(bare ? there.of(on.support().colour()) : there);
    }

    /** Whether no other veil brings a picture. */
    public boolean onlyPicture() {
        return veils.stream().filter(Veil::bringsPicture).allMatch(veil -> veil == veil());
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
        return with(fewer, 0);
    }

    /** The veil in hand made one earlier or later. */
    public Piece moved(int by) {
        int to = Math.clamp((long) inHand + by, 0, veils.size() - 1);
        List<Veil> other = new ArrayList<>(veils);
        other.add(to, other.remove(inHand));
        return with(other, to);
    }

    private Piece with(List<Veil> other, int hand) {
        return new Piece(id, version, title, created, basis, other, hand);
    }

    /** Whether a veil of it, from 1, shows a picture. */
    public boolean shows(int veil, UUID picture) {
        return veil >= 1 && veil <= veils.size() && picture.equals(veils.get(veil - 1).picture());
    }

    /** Only some of its veils, as if the others were never made; {@code hand} is one of them. */
    public Piece only(List<Integer> kept, int hand) {
        return new Piece(id, version, title, created, basis, kept.stream().map(veils::get).toList(), kept.indexOf(hand));
    }

    /** The first veil that brings a picture: the piece is shown at its size, unless its page is told. */
    public Veil leading() {
        return veils.stream().filter(Veil::bringsPicture).findFirst().orElseThrow();
    }
}
