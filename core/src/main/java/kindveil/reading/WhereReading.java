package kindveil.reading;

import java.util.List;
import java.util.stream.IntStream;
import kindveil.reading.StackReading.Kind;
import kindveil.reading.StackReading.Seen;
import kindveil.way.Where;

/** At which of its decisions each layer of a way is met: the image parts what lies under it from what goes over it last. */
public final class WhereReading {
    private WhereReading() {
    }

    /** @param own layers of one way, from the eye down */
    public static List<Where> of(List<Seen> own) {
        int image = IntStream.range(0, own.size()).filter(i -> isImage(own.get(i))).findFirst().orElse(-1);
        return IntStream.range(0, own.size()).mapToObj(i -> where(own.get(i), i < image)).toList();
    }

    private static boolean isImage(Seen layer) {
        return layer.kind() == Kind.TONER || layer.kind() == Kind.PAINT && layer.onlyInDarks();
    }

    private static Where where(Seen layer, boolean overImage) {
        return switch (layer.kind()) {
            case TONER -> Where.IMAGE;
            case FIBRE -> Where.PAPER;
            case OIL -> Where.TOP;
            case GROUND -> Where.GROUND;
            case COAT, PAINT, FOIL, SHEET -> isImage(layer) ? Where.IMAGE : overImage ? Where.TOP : Where.BED;
        };
    }
}
