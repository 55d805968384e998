package kindveil.studio.work.piece;

import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Caches;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.learning.LearnWork;
import kindveil.studio.work.picture.PictureWork;
import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.stream.Collectors;
import kindveil.bench.Support;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.ThingKind;
import java.util.stream.Stream;
import java.util.List;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import kindveil.drying.Room;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.Paper;
import kindveil.measure.Words;
import kindveil.reading.HandReading;
import kindveil.studio.intake.PlanFile;
import kindveil.reading.Remedies;
import kindveil.studio.work.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import kindveil.bench.Hand;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.bench.Step;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Brief;
import kindveil.way.Sequence;
import kindveil.tone.Size;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pieces: made, changed, thought through. */
@Service
@Transactional
public class PieceWork {
    /** Less colour than this is not worth a print in colours (assumed). */
    private static final double WORTH_COLOURS = 0.02;
    public static final int LONGEST_TITLE = 120;
    private static final double LEAST_PIXELS = 8;
    private static final double LEAST_HEIGHT = 2;
    private static final double MOST_HEIGHT = 1500;
    private final Pieces pieces;
    private final PictureWork pictures;
    private final Rooms rooms;
    private final LearnWork learning;
    private final Briefs briefs;
    private final MixedAhead ahead;
    private final Clock clock;
    private static final long QUARTER = 15;
    /** What stood so long has rested, whatever it is. */
    private static final Duration LONG_ENOUGH = Duration.ofDays(2);
    private static final int MOST_UNDONE = 20;
    /** How long what was taken away can be brought back. */
    public static final Duration KEPT = Duration.ofDays(7);
    private static final long EVERY_MS = 3_600_000;
    private final Cache<UUID, List<Piece>> earlier = Caches.bounded().maximumSize(200).build();
    private final Cache<Walked, Trace> walked = Caches.bounded().maximumSize(300).build();

    PieceWork(Pieces pieces, PictureWork pictures, Rooms rooms, LearnWork learning, Shelf shelf, MixedAhead ahead, Clock clock, ZoneId zone) {
        this.learning = learning;
        this.briefs = new Briefs(pictures, shelf, clock, zone);
        this.pieces = pieces;
        this.pictures = pictures;
        this.rooms = rooms;
        this.ahead = ahead;
        this.clock = clock;
    }

    public Piece get(UUID id) {
        return pieces.find(id).orElseThrow(() -> new NotFound("piece", id));
    }

    /** Takes it away for good; its title is asked for, so that no slip of the finger does it. */
    public void remove(UUID id, String typed) {
        Piece piece = get(id);
        if (!piece.title().equals(typed.strip())) {
            throw new UnusableValue("Title", typed, "“%s”, as it is called".formatted(piece.title()), "Type it to take the piece away for good, or leave it as it is.");
        }
        pieces.remove(id);
    }

    /** Off the table, and kept; or on it again. */
    public void putAway(UUID id, boolean away) {
        pieces.putAway(id, away);
    }

    public Set<UUID> putAway() {
        return pieces.putAway();
    }

    /** Takes it away; for a week it can be brought back as it was. */
    public void takeAway(UUID id) {
        sweep();
        pieces.takeAway(id, clock.instant());
    }

    public void bringBack(UUID id) {
        pieces.takeAway(id, null);
    }

    /** What can be brought back. */
    public List<Pieces.TakenAway> takenAway() {
        return pieces.takenAway().stream().filter(piece -> !gone(piece)).toList();
    }

    private boolean gone(Pieces.TakenAway piece) {
        return piece.at().plus(KEPT).isBefore(clock.instant());
    }

    /** What was taken away a week ago is gone for good, with its pictures that nothing else shows. */
    @Scheduled(initialDelay = EVERY_MS, fixedDelay = EVERY_MS)
    public void sweep() {
        pieces.takenAway().stream().filter(this::gone).forEach(piece -> pieces.remove(piece.id()));
    }

    /** Calls it something else. */
    public Piece rename(Piece piece, String title) {
        return change(piece.called(title(title)));
    }

    /** Another like it, as yet unmade; of the same pictures, or of {@code bytes} in place of the first. */
    public Piece another(UUID once, Piece piece, String title, String fileName, byte @Nullable [] bytes) {
        Optional<Piece> there = pieces.find(once);
        if (there.isPresent()) {
            return there.get();
        }
        UUID own = piece.leading().picture();
        UUID picture = bytes == null ? own : pictures.take(fileName, bytes).id();
        List<Veil> veils = piece.veils().stream().map(veil -> own != null && own.equals(veil.picture()) ? veil.showing(picture, bytes != null) : veil).toList();
        Piece another = new Piece(once, 0, title(title), clock.instant(), piece.basis(), veils, 0);
        requireShapes(another);
        plan(another);
        pieces.add(another);
        return another;
    }

    /** Held until the transaction is over, so that two who would begin something of it wait for each other. */
    public void held(UUID id) {
        pieces.hold(id);
    }

    public List<Piece> all() {
        return pieces.all();
    }

    /** With those that cannot be read set apart. */
    public Kept<Piece> kept() {
        return pieces.kept();
    }

    /** The newest pieces of which no making was begun, at most so many. */
    public List<Piece> unmade(int most) {
        return pieces.unmade(most);
    }

    public boolean none() {
        return pieces.none();
    }

    /** Those of them that are there, in one go. */
    public Map<UUID, Piece> all(Collection<UUID> ids) {
        return pieces.all(ids).stream().collect(Collectors.toMap(Piece::id, piece -> piece));
    }

    /** The piece with veil {@code number} in hand, from 1. */
    public Piece get(UUID id, @Nullable Integer number) {
        return get(id).at(number);
    }

    /** A new piece from a picture file. */
    public Piece begin(String title, Length width, String fileName, byte[] bytes) {
        return begin(UUID.randomUUID(), title, width, fileName, bytes);
    }

    /** The same, once: sent again by the same form it is the piece that is there. */
    public Piece begin(UUID once, String title, Length width, String fileName, byte[] bytes) {
        Optional<Piece> there = pieces.find(once);
        return there.isPresent() ? there.get() : begin(once, title, width, pictures.take(fileName, bytes).id());
    }

    /** A new piece from a picture at hand: a result can become a source again. */
    public Piece begin(String title, Length width, UUID picture) {
        return begin(UUID.randomUUID(), title, width, picture);
    }

    private Piece begin(UUID id, String title, Length width, UUID picture) {
        Piece piece = Piece.of(id, title(title), clock.instant(), pictures.get(picture).id(), Basis.fresh(), Design.fresh(width, Paper.usual(rooms.now().units())));
        requireShapes(piece);
        pieces.add(piece);
        return piece;
    }

    /** The title a picture's file suggests. */
    public static String titled(String fileName) {
        String plain = fileName.replaceFirst("\\.[^.]*$", "").replaceAll("[-_\\s\\p{Cntrl}]+", " ").strip();
        return Words.capital(plain.isEmpty() ? "A piece" : plain.substring(0, Math.min(LONGEST_TITLE, plain.length())).strip());
    }

    /** A title of 1 to 120 signs. */
    public static String title(String title) {
        String plain = title == null ? "" : title.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_TITLE) {
            throw new UnusableValue("Title", plain.isEmpty() ? "" : plain.length() + " signs", "1 to %d signs".formatted(LONGEST_TITLE), "Call it what you would call it on the bench.");
        }
        return Words.requireWritten("Title", plain);
    }

    /** Stores a change; the design must give a plan that can be expanded, sound or not. */
    public Piece change(Piece asked) {
        requireShapes(asked);
        Piece piece = followingPrints(asked);
        plan(piece);
        Optional<Piece> before = pieces.find(piece.id());
        Piece changed = pieces.replace(piece).at(piece.inHand() + 1);
        before.ifPresent(was -> earlier.asMap().merge(piece.id(), List.of(was.at(Math.min(was.veils().size(), piece.inHand() + 1))), PieceWork::latest));
        return changed;
    }

    /** Every piece on an earlier edition of a support of the artist's own is on this one from now on. */
    public void follow(Support own) {
        all().stream().filter(piece -> piece.base().support().id().equals(own.id()) && !piece.base().support().equals(own)).forEach(piece -> lay(piece, own));
    }

    /** A piece on another support; one whose bare colour is known is seen in it. */
    public Piece lay(Piece piece, Support on) {
        return change(piece.laidOn(piece.base().with(on)));
    }

    private static List<Piece> latest(List<Piece> before, List<Piece> more) {
        List<Piece> all = new ArrayList<>(before);
        all.addAll(more);
        return List.copyOf(all.subList(Math.max(0, all.size() - MOST_UNDONE), all.size()));
    }

    /** Whether a change of its plan can be taken back; those made since the studio was opened can. */
    public boolean canUndo(UUID id) {
        return earlier.getIfPresent(id) != null;
    }

    /** As it was before its last change; empty where none can be taken back. */
    public Optional<Piece> before(UUID id) {
        return Optional.ofNullable(earlier.getIfPresent(id)).map(List::getLast);
    }

    /** As it was before the last change, as a page that saw {@code version} asks for. */
    public Piece undo(UUID id, int version) {
        List<Piece> before = earlier.getIfPresent(id);
        if (before == null) {
            throw new UnusableValue("Change", "none", "one made since the studio was opened", "There is nothing more to take back.");
        }
        Piece was = before.getLast();
        Piece changed = pieces.replace(was.seen(version)).at(was.inHand() + 1);
        if (before.size() == 1) {
            earlier.invalidate(id);
        } else {
            earlier.put(id, List.copyOf(before.subList(0, before.size() - 1)));
        }
        return changed;
    }

    /** What is framed and printed must be a picture still: not a line, and no longer than paper comes. */
    private void requireShapes(Piece piece) {
        for (Veil veil : piece.veils()) {
            if (veil.bringsPicture()) {
                Size framed = pictures.shape(veil.source(), veil.design().treatments());
                UnusableValue.requireWithin("What stays of the picture", Math.min(framed.width(), framed.height()), LEAST_PIXELS, Integer.MAX_VALUE, "pixels on its shorter side", "Cut off less of it.");
                double height = veil.design().printWidth().millimetres() * framed.aspect();
                UnusableValue.requireWithin("Print height", height, LEAST_HEIGHT, MOST_HEIGHT, "mm", "It follows from the width: print it narrower, or cut it to another shape.");
            }
        }
    }

    /** Lays a photograph of the ground under the picture. */
    public Piece ground(Piece piece, String fileName, byte[] bytes) {
        return pieces.replace(piece.with(piece.basis().photographed(pictures.take(fileName, bytes).id())));
    }

    /** One more veil on it; {@code bytes} of its picture, or null to use the piece's own, where the way brings one. */
    public Piece add(Piece piece, Way way, String fileName, byte @Nullable [] bytes) {
        UUID own = piece.leading().picture();
        UUID picture = !way.card().bringsPicture() ? null : bytes == null ? own : pictures.take(fileName, bytes).id();
        Design design = piece.leading().design().treated(kindveil.tone.Treatments.NONE).doing(way);
        return change(piece.plus(Veil.first(picture, design)));
    }

    /** The design printed in colours, where it is printed black, its picture is coloured, and its colours would be there in the finished work. */
    public Optional<Design> coloured(Piece piece) {
        Design now = piece.design();
        return now.print().coloured().filter(print -> pictures.colourShare(piece.veil().source()) >= WORTH_COLOURS && !now.treatments().blackAndWhite())
                .map(print -> now.with(now.printing().with(print))).filter(design -> keepsColours(plan(piece.with(design)).trace()));
    }

    private static boolean keepsColours(Trace trace) {
        return trace.refusals().isEmpty() && trace.end().things().stream().filter(thing -> thing.kind() != ThingKind.PRINT)
                .anyMatch(thing -> Stream.of(Face.Side.values()).anyMatch(side -> thing.of(side, Layer.Image.class).stream().anyMatch(Layer.Image::inColours)));
    }

    /**
     * Where a print exists already, the finished image stands as that print and the way make it; at another size, or of another kind,
     * it is printed anew.
     */
    private Piece followingPrints(Piece piece) {
        Piece followed = piece;
        for (int i = 0; i < piece.veils().size(); i++) {
            Design design = piece.veils().get(i).design();
            PrintPlan.Existing exists = design.printing().exists();
            if (exists != null) {
                boolean same = exists.kind() == design.print() && exists.width().equals(design.printWidth());
                PrintPlan printing = same ? design.printing().with(HandReading.of(straight(piece).part(i)).map(hand -> hand.finishedOf(exists.hand()) == Hand.MIRRORED ? HandWish.MIRRORED : HandWish.READS_RIGHT).orElse(design.hand())) : design.printing().anew();
                Piece there = followed.at(i + 1);
                followed = there.with(there.design().with(printing)).at(piece.inHand() + 1);
            }
        }
        return followed;
    }

    /** Ways that would make of a print that exists what is wanted of it, where this one does not. */
    public List<Way> turning(Piece piece) {
        PrintPlan.Existing exists = piece.design().printing().exists();
        if (exists == null || exists.wanted() == HandWish.NO_MATTER || exists.wanted().hand() == piece.design().hand().hand()) {
            return List.of();
        }
        return Catalogue.transfers().stream().filter(way -> {
            Piece other = piece.doing(way);
            Piece followed = other.design().print() == exists.kind() ? followingPrints(other) : other;
            return followed.design().printing().exists() != null && followed.design().hand().hand() == exists.wanted().hand() && plan(followed).sound();
        }).toList();
    }

    /** As it would be walked if every print were unmirrored. */
    private Trace straight(Piece piece) {
        return walked(new Sequence(unmirrored(piece)));
    }

    private List<Sequence.Part> unmirrored(Piece piece) {
        Room air = rooms.now().air().knowing(learning.now());
        return piece.veils().stream().map(veil -> new Sequence.Part(veil.design().theWay(), veil.design().theWay().checked(veil.design().theWay().without(briefs.of(piece, veil, air).at(learning.pace()))))).toList();
    }

    public Planned plan(Piece piece) {
        List<Sequence.Part> unmirrored = unmirrored(piece);
        Trace straight = walked(new Sequence(unmirrored));
        List<Sequence.Part> parts = new ArrayList<>();
        for (int i = 0; i < unmirrored.size(); i++) {
            Hand hand = printHand(straight.part(i), piece.veils().get(i).design());
            parts.add(new Sequence.Part(unmirrored.get(i).way(), unmirrored.get(i).brief().withHand(hand)));
        }
        Sequence sequence = new Sequence(parts);
        Trace whole = walked(sequence);
        int inHand = piece.inHand();
        StoredPicture picture = piece.veil().bringsPicture() ? pictures.get(piece.veil().source()) : null;
        return new Planned(piece, picture, sequence, HandReading.of(straight.part(inHand)), parts.get(inHand).brief().printed().hand(), whole.part(inHand), whole);
    }

    private static Hand printHand(Trace straight, Design design) {
        return HandReading.of(straight).map(hand -> hand.printFor(design.hand().hand())).orElse(Hand.READS_RIGHT);
    }

    private Trace walked(Sequence sequence) {
        Trace afresh = walked.get(new Walked(sequence, Map.of()), key -> Trace.of(key.sequence.expand()));
        Map<ActId, Duration> stood = stood(sequence, afresh);
        return stood.isEmpty() ? afresh : walked.get(new Walked(sequence, stood), key -> Trace.of(afresh.plan().taking(stood)));
    }

    /** A work with what of its mixtures stands ready. */
    private record Walked(Sequence sequence, Map<ActId, Duration> stood) {
    }

    /** By the act that would mix it; in whole quarters of an hour, so that not every look is walked anew. */
    private Map<ActId, Duration> stood(Sequence sequence, Trace afresh) {
        Map<ActId, Duration> stood = new HashMap<>();
        for (Act act : afresh.plan().acts()) {
            if (act.step() instanceof Step.Mix mix && mix.mixture().gives() != null) {
                Brief brief = sequence.parts().get(act.id().part()).brief();
                AmountReading.of(afresh.part(act.id().part()), brief.width(), brief.height()).batch(act.id())
                        .flatMap(batch -> ahead.stood(mix.mixture().gives(), batch.volume().millilitres()))
                        .ifPresent(since -> stood.put(act.id(), Span.shorter(LONG_ENOUGH, Duration.ofMinutes(since.toMinutes() / QUARTER * QUARTER))));
            }
        }
        return stood;
    }

    /** The plan as a file for elsewhere. */
    public String planFile(Piece piece) {
        List<PlanFile.Veil> veils = piece.veils().stream().map(veil -> {
            Design design = veil.design();
            return new PlanFile.Veil(design.theWay(), veil.bringsPicture() ? design.printWidth() : null, veil.x(), veil.y(), design.print(), design.wish(), design.hand().hand(),
                    design.choices(), design.manner().dials(), design.manner().colours(), design.lay().turn(),
                    veil.patch().map(patch -> new PlanFile.Place(patch.width(), patch.height(), patch.shape())).orElse(null));
        }).toList();
        return new PlanFile(piece.title(), piece.base().support(), piece.base().ground(), piece.groundColour(),
                piece.basis().page().map(page -> new PlanFile.Sheet(page.width(), page.height())).orElse(null), veils).write(plan(piece).whole());
    }

    /** A new piece planned as a file says, every picture in it the one given. */
    public Piece begin(UUID once, @Nullable String title, PlanFile plan, String fileName, byte[] bytes) {
        Optional<Piece> there = pieces.find(once);
        if (there.isPresent()) {
            return there.get();
        }
        UUID picture = pictures.take(fileName, bytes).id();
        List<Veil> veils = new ArrayList<>();
        for (PlanFile.Veil veil : plan.veils()) {
            Design design = Design.fresh(veil.width() == null ? Length.ofMillimetres(100) : veil.width()).doing(veil.way())
                    .withBuild(veil.choices(), veil.dials(), veil.colours(), veil.wish(), veil.print());
            design = design.with(design.printing().with(veil.hand() == Hand.MIRRORED ? HandWish.MIRRORED : HandWish.READS_RIGHT));
            design = design.with(new Lay(veil.turn(), veil.place() == null ? null : new Patch(veil.place().width(), veil.place().height(), veil.place().outline())));
            veils.add(new Veil(veil.width() == null ? null : picture, veil.right(), veil.down(), design));
        }
        if (veils.stream().noneMatch(Veil::bringsPicture)) {
            throw new UnusableValue("plan", "only over and under", "at least one veil that brings a picture", "Add a transfer to it.");
        }
        UnusableValue.requireWithin("veils in the plan", veils.size(), 1, Piece.MOST_VEILS, "", "Make two pieces of it.");
        Piece piece = new Piece(once, 0, title(title == null || title.isBlank() ? plan.title() : title), clock.instant(),
                Basis.of(plan.support(), plan.ground(), plan.groundColour()).sized(plan.page() == null ? null : new Page(plan.page().width(), plan.page().height())), veils, 0);
        requireShapes(piece);
        plan(piece);
        pieces.add(piece);
        return piece;
    }

    /** Single changes to the veil in hand that would make a refused plan sound. */
    public List<Remedies> remedies(Planned planned) {
        int at = planned.piece().inHand();
        Sequence.Part part = planned.sequence().parts().get(at);
        return Remedies.of(part.way(), part.brief(), brief -> {
            List<Sequence.Part> parts = new ArrayList<>(planned.sequence().parts());
            parts.set(at, new Sequence.Part(part.way(), brief));
            return walked(Sequence.on(brief.base(), parts));
        });
    }
}
