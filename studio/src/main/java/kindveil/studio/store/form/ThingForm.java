package kindveil.studio.store.form;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import org.jspecify.annotations.Nullable;
import kindveil.bench.Mask;
import kindveil.bench.Thing;
import kindveil.drying.RoomCourse;
import kindveil.drying.Underlay;
import kindveil.light.Toner;
import kindveil.product.Product;

/** A thing as it is set out on the bench, before anything wet is on it. */
public record ThingForm(String kind, List<LayerForm> front, List<LayerForm> back, MatterForm matter, List<String> prepared) {
    /** How it takes up water and holds warmth. */
    public record MatterForm(double capacity, boolean stores, double heat, double back) {
    }

    /** Where a layer lies. */
    public record MaskForm(String part, String hand, int picture) {
        static MaskForm of(Mask mask) {
            return new MaskForm(Vocabulary.PART.of(mask.part()), Vocabulary.HAND.of(mask.hand()), mask.picture());
        }

        Mask mask() {
            return new Mask(Vocabulary.PART.read(part), Vocabulary.HAND.read(hand), picture);
        }
    }

    /** A layer on a thing that is set out. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "layer")
    @JsonSubTypes({@JsonSubTypes.Type(value = LayerForm.Sheet.class, name = "sheet"), @JsonSubTypes.Type(value = LayerForm.Receiver.class, name = "receiver"),
        @JsonSubTypes.Type(value = LayerForm.Image.class, name = "image"), @JsonSubTypes.Type(value = LayerForm.Foil.class, name = "foil"),
        @JsonSubTypes.Type(value = LayerForm.Relief.class, name = "relief"), @JsonSubTypes.Type(value = LayerForm.Coat.class, name = "coat")})
    public sealed interface LayerForm {
        record Sheet(String sheet, boolean damp, @Nullable Double grams) implements LayerForm {
        }

        record Receiver() implements LayerForm {
        }

        record Image(String print, double transmittance, MaskForm mask, double colourShare, double coverage) implements LayerForm {
        }

        record Foil(double millimetres) implements LayerForm {
        }

        record Relief(MaskForm mask) implements LayerForm {
        }

        /** Something that does not dry, as the adhesive of tape. */
        record Coat(String product, double micrometres, MaskForm mask, String extent) implements LayerForm {
        }
    }

    static ThingForm of(Thing thing, Map<String, Product> products) {
        Underlay m = thing.matter();
        return new ThingForm(Vocabulary.THING.of(thing.kind()), layers(thing.front(), products), layers(thing.back(), products),
                new MatterForm(m.capacity(), m.stores(), m.heatCapacity(), m.back()), thing.prepared().stream().map(Vocabulary.PREPARATION::of).toList());
    }

    private static List<LayerForm> layers(List<Layer> layers, Map<String, Product> products) {
        return layers.stream().map(layer -> of(layer, products)).toList();
    }

    private static LayerForm of(Layer layer, Map<String, Product> products) {
        return switch (layer) {
            case Layer.Carrier c -> new LayerForm.Sheet(Vocabulary.SHEET.of(c.sheet()), c.damp(), c.gramsPerSquareMetre());
            case Layer.Receiver r -> new LayerForm.Receiver();
            case Layer.Image i -> new LayerForm.Image(Vocabulary.PRINT.of(i.print()), i.toner().transmittance(), MaskForm.of(i.mask()), i.colourShare(), i.coverage());
            case Layer.Foil f -> new LayerForm.Foil(f.millimetres());
            case Layer.Relief r -> new LayerForm.Relief(MaskForm.of(r.mask()));
            case Layer.Coating c -> {
                products.put(c.product().id(), c.product());
                yield new LayerForm.Coat(c.product().id(), c.wetMicrometres(), MaskForm.of(c.mask()), Vocabulary.EXTENT.of(c.extent()));
            }
            case Layer.Residue r -> throw notSetOut(layer);
            case Layer.Undercolour u -> throw notSetOut(layer);
        };
    }

    private static IllegalStateException notSetOut(Layer layer) {
        return new IllegalStateException("Impossible state: %s on a thing that is set out.".formatted(layer));
    }

    Thing thing(Map<String, Product> products, RoomCourse air) {
        Thing thing = Thing.of(Vocabulary.THING.read(kind), layers(front, products, air), layers(back, products, air), new Underlay(matter.capacity, matter.stores, matter.heat, matter.back));
        return new Thing(thing.kind(), thing.front(), thing.back(), thing.matter(), new HashSet<>(prepared.stream().map(Vocabulary.PREPARATION::read).toList()));
    }

    private static List<Layer> layers(List<LayerForm> layers, Map<String, Product> products, RoomCourse air) {
        return layers.stream().map(layer -> layer(layer, products, air)).toList();
    }

    private static Layer layer(LayerForm layer, Map<String, Product> products, RoomCourse air) {
        return switch (layer) {
            case LayerForm.Sheet s -> new Layer.Carrier(Vocabulary.SHEET.read(s.sheet()), s.damp(), s.grams() == null ? Vocabulary.SHEET.read(s.sheet()).gramsPerSquareMetre() : s.grams());
            case LayerForm.Receiver r -> new Layer.Receiver();
            case LayerForm.Image i -> new Layer.Image(Vocabulary.PRINT.read(i.print()), new Toner(i.transmittance()), i.mask().mask(), i.colourShare(), i.coverage());
            case LayerForm.Foil f -> new Layer.Foil(f.millimetres());
            case LayerForm.Relief r -> new Layer.Relief(r.mask().mask());
            case LayerForm.Coat c -> new Layer.Coating(StepForm.product(products, c.product()), c.micrometres(), c.mask().mask(), Vocabulary.EXTENT.read(c.extent()), null, Duration.ZERO, air, null);
        };
    }

    /** A face of a thing in one word: {@code print/front}. */
    static String face(Face face) {
        return Vocabulary.THING.of(face.thing()) + "/" + Vocabulary.SIDE.of(face.side());
    }

    static Face face(String text) {
        int slash = text.indexOf('/');
        if (slash < 0) {
            throw new Unreadable("“%s” is no face of a thing.".formatted(text));
        }
        return new Face(Vocabulary.THING.read(text.substring(0, slash)), Vocabulary.SIDE.read(text.substring(slash + 1)));
    }
}
