package kindveil.studio.work.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.image.Picture;
import kindveil.light.Colour;
import kindveil.light.ColourGroups;
import kindveil.studio.work.picture.PictureWork;
import kindveil.tone.Treatments;
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

/** Blocks for a piece: what of its picture stands on each of them, by tone or by colour. */
@Service
public class BlockWork {
    public static final int MOST_BLOCKS = 4;
    /** Softened before it is traced, and how far the outline may be moved, mm on the print. */
    private static final double SOFTENING = 0.25;
    private static final double TOLERANCE = 0.08;
    private static final int TRACED = 1400;
    /** A lighter colour runs so far under a darker one, that no paper shows between them, mm (assumed). */
    private static final double TRAPPED = 0.3;
    private static final int COUNTED = 500;
    private final SourceWork sources;
    private final PictureWork pictures;

    BlockWork(SourceWork sources, PictureWork pictures) {
        this.sources = sources;
        this.pictures = pictures;
    }

    /** How a picture is parted among several blocks. */
    public enum Parted {
        TONES("by tone"), COLOURS("by colour");

        private final String words;

        Parted(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Blocks for a piece, the first printed first.
     *
     * @param inks the colour each is printed in; empty where only tones are parted
     * @param off how far so many colours are from the picture on average, ΔE00, for one block and more; empty where only tones are parted
     */
    public record Set(List<BlockCut> blocks, List<Colour> inks, List<Double> off) {
    }

    /** @param count of blocks; a picture of fewer colours has fewer */
    public Set parted(Planned planned, Parted by, int count, Length border, Length tool) {
        if (by == Parted.TONES || count == 1 || planned.piece().design().treatments().blackAndWhite()) {
            return new Set(blocks(planned, count, border, tool), List.of(), List.of());
        }
        Picture coloured = coloured(planned.piece(), TRACED, SOFTENING, planned.brief().width().millimetres());
        List<ColourGroups> groups = ColourGroups.upTo(coloured.downscaled(COUNTED), MOST_BLOCKS);
        ColourGroups chosen = groups.get(count - 1);
        return new Set(cut(planned, chosen.nearer(coloured), border, tool), chosen.colours(), groups.stream().map(ColourGroups::off).toList());
    }

    /** The picture as it is treated, in its own colours, whatever its print is made with. */
    private Picture coloured(Piece piece, int longest, double softening, double wide) {
        Treatments treatments = piece.design().treatments();
        Picture source = pictures.within(piece.veil().source(), treatments, longest);
        Picture treated = source.each(plane -> SourceWork.treated(piece, plane, treatments.framing())).withLuminance(SourceWork.treated(piece, source.luminance(), treatments));
        return treated.each(plane -> plane.blurred(Math.max(0.6, softening * plane.width() / wide)));
    }

    /** Each lighter colour runs a little under the darker ones. */
    private static List<BlockCut> cut(Planned planned, List<Plane> nearer, Length border, Length tool) {
        double wide = planned.brief().width().millimetres();
        double smallest = Math.pow(tool.millimetres() / wide, 2);
        List<Region> own = nearer.stream().map(margin -> Region.below(margin, 0, smallest).simpler(TOLERANCE / wide)).toList();
        List<BlockCut> blocks = new ArrayList<>();
        Region darker = Region.EMPTY;
        for (Region region : own.reversed()) {
            blocks.addFirst(new BlockCut(region.plus(region.wider(TRAPPED / wide).and(darker)), planned.brief().width(), planned.brief().height(), border, tool));
            darker = darker.plus(region);
        }
        return blocks;
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
