package kindveil.way;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import kindveil.bench.Extent;
import kindveil.bench.Hand;
import kindveil.bench.Layer;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Image;
import kindveil.bench.Mask;
import kindveil.bench.Mask.Part;
import kindveil.bench.PrintKind;
import kindveil.bench.Thing;
import kindveil.bench.ThingKind;
import kindveil.drying.RoomCourse;
import kindveil.drying.Underlay;
import kindveil.light.Toner;
import kindveil.product.Product;

/** What ways set out on the bench. */
final class Things {
    private static final double PAPER_CAPACITY = 40;

    private Things() {
    }

    /** The print of a brief: its sheet, a receiver if it has one, and the image. */
    static Thing print(Brief brief, int picture) {
        PrintKind kind = brief.print();
        List<Layer> face = new ArrayList<>();
        double grams = Rubbing.paper(brief);
        face.add(new Carrier(kind.sheet(), false, grams));
        if (kind.receiver()) {
            face.add(new Layer.Receiver());
        }
                face.add(new Image(kind, new Toner(Math.pow(kind.transmittance(), Printed.runs(kind, brief.settings().dials()))), new Mask(Part.DARKS, brief.printed().hand(), picture), brief.printed().colourShare(), brief.printed().coverage()));
        return Thing.of(ThingKind.PRINT, face, List.of(), Underlay.paper(kind.sheet().capacity() * grams / kind.sheet().gramsPerSquareMetre()));
    }

    static Thing plate() {
        return Thing.of(ThingKind.PLATE, List.of(), List.of(), Underlay.plate());
    }

    static Thing tape(Brief brief, double millimetres, Product adhesive) {
        return Thing.of(ThingKind.TAPE, List.of(new Layer.Foil(millimetres)), List.of(new Coating(adhesive, 20, Mask.ALL, Extent.BEYOND, null,
                Duration.ZERO, RoomCourse.of(brief.room()), null)), Underlay.none());
    }

    /** A clean sheet to take an impression. */
    static Thing sheet() {
        return Thing.of(ThingKind.IMPRESSION, List.of(), List.of(), Underlay.paper(PAPER_CAPACITY));
    }

    static Thing block(Hand hand, int picture) {
        return Thing.of(ThingKind.BLOCK, List.of(new Layer.Relief(new Mask(Part.DARKS, hand, picture))), List.of(), Underlay.panel(10));
    }
}
