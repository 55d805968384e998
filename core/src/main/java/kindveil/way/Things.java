package kindveil.way;

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
import kindveil.bench.Material;
import kindveil.bench.PrintKind;
import kindveil.bench.Thing;
import kindveil.bench.ThingKind;
import kindveil.light.Toner;

/** What ways set out on the bench. */
final class Things {
    private static final double PAPER_CAPACITY = 40;

    private Things() {
    }

    /** The print of a brief: its sheet, a receiver if it has one, and the image. */
    static Thing print(Brief brief, int picture) {
        PrintKind kind = brief.print();
        List<Layer> face = new ArrayList<>();
        face.add(new Carrier(kind.sheet(), false));
        if (kind.receiver()) {
            face.add(new Layer.Receiver());
        }
        Hand hand = brief.handOnPrint();
        face.add(new Image(kind, new Toner(kind.transmittance()), new Mask(Part.DARKS, hand, picture), brief.colourShare()));
        return Thing.of(ThingKind.PRINT, face, List.of(), kind.sheet().capacity());
    }

    static Thing plate() {
        return Thing.of(ThingKind.PLATE, List.of(), List.of(), 0);
    }

    static Thing tape(double millimetres) {
        return Thing.of(ThingKind.TAPE, List.of(new Layer.Foil(millimetres)), List.of(new Coating(Material.TAPE_ADHESIVE, 20, Mask.ALL, Extent.BEYOND, null,
                java.time.Duration.ZERO, null)), 0);
    }

    /** A clean sheet to take an impression. */
    static Thing sheet() {
        return Thing.of(ThingKind.IMPRESSION, List.of(), List.of(), PAPER_CAPACITY);
    }

    static Thing block(Hand hand, int picture) {
        return Thing.of(ThingKind.BLOCK, List.of(new Layer.Relief(new Mask(Part.DARKS, hand, picture))), List.of(), 10);
    }
}
