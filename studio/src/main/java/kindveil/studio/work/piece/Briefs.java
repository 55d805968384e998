package kindveil.studio.work.piece;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
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
    private final Clock clock;
    private final ZoneId zone;

    Briefs(PictureWork pictures, Shelf shelf, Clock clock, ZoneId zone) {
        this.clock = clock;
        this.zone = zone;
        this.pictures = pictures;
        this.shelf = shelf;
    }

    /** A veil without a picture reaches over the page, and where none is told over the first picture. */
    Brief of(Piece piece, Veil veil, Room room) {
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
