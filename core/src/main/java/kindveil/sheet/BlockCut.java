package kindveil.sheet;

import java.util.List;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.measure.Volume;
import kindveil.shape.Region;

/**
 * What a cutter, or a hand with a gouge, has to do for one block: what prints stands, everything else within the block goes.
 * Found by the openings and closings of mathematical morphology (J. Serra, Image Analysis and Mathematical Morphology, 1982) with a
 * round tool: what an opening takes away is thinner than the tool, what a closing fills is too narrow for it.
 *
 * @param prints what stands and prints, in widths of the image, from its top left
 * @param imageWidth likewise imageHeight
 * @param border by how much the block is larger than the image, on every side
 * @param tool across
 */
public record BlockCut(Region prints, Length imageWidth, Length imageHeight, Length border, Length tool) {
    /** Ply on a board stands so high; deeper than that cannot be cut. */
    public static final Length PLY = Length.ofMillimetres(6);
    /** The first pulls that go on scrap: the third is usually even. */
    public static final int SCRAP = 2;
    /** Left on slab and brayer once the edition is pulled, ml (assumed). */
    private static final double ON_THE_SLAB = 2;
    /** One sheet in ten is spoiled on the way (assumed). */
    private static final double SPOILED = 0.1;
    /** Paper sags into a void by about a twentieth of its width, and the brayer dips as far; a hair's breadth more is safe (assumed). */
    private static final double SAGS = 0.05;
    private static final double AT_LEAST = 0.8;
    private static final double NOTHING = 1e-9;

    public BlockCut {
        UnusableValue.requireWithin("border", border.millimetres(), 0, 60, "mm", "5 mm keeps edges from chipping; 0 is the image itself.");
        UnusableValue.requireWithin("tool", tool.millimetres(), 0.05, 5, "mm across", "A laser burns about 0.2 mm, a fine gouge cuts 1 mm.");
    }

    public Length blockWidth() {
        return Length.ofMillimetres(imageWidth.millimetres() + 2 * border.millimetres());
    }

    public Length blockHeight() {
        return Length.ofMillimetres(imageHeight.millimetres() + 2 * border.millimetres());
    }

    /** In widths of the image. */
    private double across() {
        return tool.millimetres() / imageWidth.millimetres();
    }

    /** What stands but is thinner than the tool: it chips or burns away. */
    public Region tooThin() {
        Region opened = prints.wider(-across() / 2).wider(across() / 2 * (1 + NOTHING));
        return prints.minus(opened);
    }

    /** What should go but is too narrow for the tool: it prints, closed. */
    public Region tooNarrow() {
        return prints.wider(across() / 2).wider(-across() / 2).minus(prints).and(frame());
    }

    private Region frame() {
        return Region.rectangle(0, 0, 1, imageHeight.millimetres() / imageWidth.millimetres());
    }

    /** What goes, within the image. */
    public Region voids() {
        return frame().minus(prints);
    }

    /** The widest void: across the largest circle that lies in it. */
    public Length widestVoid() {
        Region voids = voids();
        double low = 0;
        double high = 0.5 * Math.max(1, imageHeight.millimetres() / imageWidth.millimetres());
        for (int i = 0; i < 24; i++) {
            double middle = (low + high) / 2;
            if (voids.wider(-middle).isEmpty()) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Length.ofMillimetres(2 * low * imageWidth.millimetres());
    }

    /** How deep it has to be cut so that the widest void stays clean. */
    public Length depth() {
        return Length.ofMillimetres(AT_LEAST + SAGS * widestVoid().millimetres());
    }

    /** Whether ply is thick enough for that; if not, the middle of the widest void prints. */
    public boolean clean() {
        return depth().compareTo(PLY) <= 0;
    }

    /** How far the cutter goes along the outlines, the block's own edge among them. */
    public Length outlines() {
        double image = prints.rings().stream().mapToDouble(BlockCut::around).sum() * imageWidth.millimetres();
        return Length.ofMillimetres(image + 2 * (blockWidth().millimetres() + blockHeight().millimetres()));
    }

    private static double around(List<double[]> ring) {
        double sum = 0;
        for (int i = 0; i < ring.size(); i++) {
            double[] a = ring.get(i);
            double[] b = ring.get((i + 1) % ring.size());
            sum += Math.hypot(b[0] - a[0], b[1] - a[1]);
        }
        return sum;
    }

    /** What prints, of the image. */
    public double inked() {
        return prints.area() / frame().area();
    }

    /** What goes, with the border, as the cutter has to clear it. */
    public double clearedSquareMillimetres() {
        return blockWidth().millimetres() * blockHeight().millimetres() - prints.area() * imageWidth.millimetres() * imageWidth.millimetres();
    }

    /** What an edition takes. @param ink of this block, scrap and slab among it @param copies sheets to have ready, those spoiled among them @param scrap sheets for the first pulls */
    public record Edition(Volume ink, int copies, int scrap) {
    }

    /** @param film of ink on the block, µm, renewed for every pull */
    public Edition edition(int impressions, double film) {
        UnusableValue.requireWithin("impressions", impressions, 1, 500, "impressions", "How many you want in the end.");
        int copies = (int) Math.ceil(impressions * (1 + SPOILED) - NOTHING);
        double squareMetres = prints.area() * imageWidth.millimetres() * imageWidth.millimetres() / 1e6;
        return new Edition(new Volume((copies + SCRAP) * squareMetres * film + ON_THE_SLAB), copies, SCRAP);
    }
}
