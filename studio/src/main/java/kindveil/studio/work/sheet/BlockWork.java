package kindveil.studio.work.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.image.Plane;
import kindveil.light.Lab;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.sheet.BlockCut;
import kindveil.shape.Region;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.source.SourceWork;
import kindveil.tone.Histogram;
import org.springframework.stereotype.Service;

/** Blocks for a piece: what of its picture stands on each of them. */
@Service
public class BlockWork {
    public static final int MOST_BLOCKS = 4;
    /** Softened before it is traced, and how far the outline may be moved, mm on the print. */
    private static final double SOFTENING = 0.25;
    private static final double TOLERANCE = 0.08;
    private static final int TRACED = 1400;
    private final SourceWork sources;

    BlockWork(SourceWork sources) {
        this.sources = sources;
    }

    /** Whether a plan prints from a block, or carves one. */
    public static boolean of(Planned planned) {
        return planned.trace().moments().stream().map(moment -> moment.act().step())
                .anyMatch(step -> step instanceof Step.SetOut out && out.thing().kind() == ThingKind.BLOCK || step instanceof Step.Cut cut && cut.how() == Step.Cutting.CARVE);
    }

    /** The ink a plan lays on its block, µm wet. */
    public static double film(Planned planned) {
        return planned.trace().moments().stream().map(moment -> moment.act().step()).filter(Step.Apply.class::isInstance).map(Step.Apply.class::cast)
                .filter(coat -> coat.product().is(kindveil.product.Trait.PRINTS)).mapToDouble(Step.Apply::wetMicrometres).max().orElse(10);
    }

    /** One block for each tone darker than the paper, the lightest and largest first, as they are printed. @param count of blocks */
    public List<BlockCut> blocks(Planned planned, int count, Length border, Length tool) {
        UnusableValue.requireWithin("blocks", count, 1, MOST_BLOCKS, "blocks", "One prints all darks in one ink; each more adds a tone.");
        Piece piece = planned.piece();
        Length width = planned.brief().width();
        Plane printed = sources.printed(piece, TRACED);
        double wide = width.millimetres();
        Plane lightness = printed.blurred(Math.max(0.6, SOFTENING * printed.width() / wide)).map(Lab::lightnessNear);
        double smallest = tool.millimetres() / wide;
        double middle = Histogram.of(printed).threshold().lightness();
        List<BlockCut> blocks = new ArrayList<>();
        for (double level : levels(count, middle)) {
            Region stands = Region.below(lightness, (float) level, smallest * smallest).simpler(TOLERANCE / wide);
            blocks.add(new BlockCut(stands, width, planned.brief().height(), border, tool));
        }
        return blocks;
    }

    /** Of one block the picture's own threshold; of more, tones spread about it. Lightest first. */
    private static List<Double> levels(int count, double middle) {
        return IntStream.range(0, count).mapToObj(i -> count == 1 ? middle : i < count / 2.0 ? 94 - (94 - middle) * 2 * i / count : middle * (1 - (2.0 * i / count - 1) * 0.8)).toList();
    }
}
