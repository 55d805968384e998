package kindveil.studio.work.piece;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindveil.bench.Hand;
import kindveil.drying.Room;
import kindveil.light.Tone;
import kindveil.product.Product;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.Shelf;
import kindveil.way.Brief;
import kindveil.way.Printed;
import kindveil.way.Schools;
import kindveil.way.Settings;

/** What a way is asked for a veil: the piece's own words as the craft's. */
final class Briefs {
    private final PictureWork pictures;
    private final Shelf shelf;
    /** How far beside where it is aimed hot air still burns tissue, mm (assumed). */
    private static final double HOT_AIR_SPREADS = 30;
    private final Clock clock;
    private final ZoneId zone;

    Briefs(PictureWork pictures, Shelf shelf, Clock clock, ZoneId zone) {
        this.clock = clock;
        this.zone = zone;
        this.pictures = pictures;
        this.shelf = shelf;
    }

    Brief of(Piece piece, Veil veil, Room room) {
        return alone(piece, veil, room).apart(apart(piece, veil));
    }

    /** Where a veil lies, with its turn, mm. */
    private record Box(double x, double y, double halfWidth, double halfHeight) {
        double gap(Box other) {
            return Math.max(Math.abs(x - other.x) - halfWidth - other.halfWidth, Math.abs(y - other.y) - halfHeight - other.halfHeight);
        }
    }

    /** Those out of reach of hot air for this one; none where either covers all of the page. */
    private Set<Integer> apart(Piece piece, Veil veil) {
        Optional<Box> own = box(veil);
        return own.isEmpty() ? Set.of() : IntStream.range(0, piece.veils().size())
                .filter(i -> box(piece.veils().get(i)).map(other -> own.get().gap(other) >= HOT_AIR_SPREADS).orElse(false)).boxed().collect(Collectors.toSet());
    }

    private Optional<Box> box(Veil veil) {
        Image image = veil.design().image();
        Optional<double[]> sides = veil.bringsPicture()
                ? Optional.of(new double[] {image.width().millimetres(), image.width().times(pictures.shape(veil.source(), image.treatments()).aspect()).millimetres()})
                : veil.patch().map(patch -> new double[] {patch.width().millimetres(), patch.height().millimetres()});
        double turn = Math.toRadians(veil.design().lay().turn());
        double cos = Math.abs(Math.cos(turn));
        double sin = Math.abs(Math.sin(turn));
        return sides.map(side -> new Box(veil.x().millimetres() + side[0] / 2, veil.y().millimetres() + side[1] / 2,
                (side[0] * cos + side[1] * sin) / 2, (side[0] * sin + side[1] * cos) / 2));
    }

    /** A veil without a picture reaches over the page, and where none is told over the first picture. */
    private Brief alone(Piece piece, Veil veil, Room room) {
        Manner manner = veil.design().manner();
        Map<String, Product> lots = new HashMap<>();
        manner.lots().forEach((builtIn, lot) -> shelf.find(lot, Lot.class).ifPresent(own -> lots.put(builtIn, own.ageing(LocalDate.ofInstant(clock.instant(), zone)).now())));
        Settings settings = new Settings(veil.design().choices(), manner.dials(), manner.colours(), lots);
        Optional<Page> page = piece.basis().page();
        if (veil.patch().isPresent()) {
            // a box of its proportions and as large as what is covered: amounts and times go by the area
            Patch patch = veil.patch().get();
            double scale = Math.sqrt(patch.share());
            return new Brief(piece.base(), room, patch.width().times(scale), patch.height().times(scale), Printed.of(veil.design().print()), veil.design().wish(), settings).inItsPlace();
        }
        if (!veil.bringsPicture() && page.isPresent()) {
            return new Brief(piece.base(), room, page.get().width(), page.get().height(), Printed.of(veil.design().print()), veil.design().wish(), settings);
        }
        Veil shown = veil.bringsPicture() ? veil : piece.leading();
        Image image = shown.design().image();
        boolean inverted = Schools.INVERTED.equals(shown.design().choices().get(Schools.TONES.key()));
        Printed printed = !veil.bringsPicture() ? Printed.of(veil.design().print())
                : new Printed(veil.design().print(), image.treatments().blackAndWhite() ? 0 : pictures.colourShare(shown.source()),
                        pictures.coverage(shown.source(), image.treatments(), image.width(), inverted, Tone.of(veil.design().print().inks())),
                        veil.design().theWay().card().bridges() ? pictures.finest(shown.source(), image.treatments(), image.width(), inverted, Tone.of(veil.design().print().inks())) : 0, Hand.READS_RIGHT);
        return new Brief(piece.base(), room, image.width(), image.width().times(pictures.shape(shown.source(), image.treatments()).aspect()), printed, veil.design().wish(), settings);
    }
}
