package kindveil.bench;

import kindveil.bench.Layer.Image;

/** What water does to ink: dye runs and stains what lies around it, and all of it is lost to a bath that lasts too long. */
final class Bleeding {
    /** Of a dye print that gets wet so much runs, fixed and unfixed (assumed). */
    private static final double FIXED = 0.03;
    private static final double UNFIXED = 0.25;
    /** Of what a bath takes from a dye so much stays around as a stain (assumed). */
    private static final double STAYS = 0.25;
    /** A bath that lasts however long leaves so much (assumed). */
    private static final double LEAST = 0.3;

    private Bleeding() {
    }

    /** An image once its print is wetted. */
    static Image wetted(Bench bench, Face face, Image image) {
        boolean print = face.thing() == ThingKind.PRINT && !image.print().waterproof();
        return print ? image.run(image.print().dyeShare(image.colourShare()) * (Rules.fixed(bench, Face.PRINT_FRONT) ? FIXED : UNFIXED)) : image;
    }

    /** Share of ink or bond kept by one that lay in water {@code past} times as long over its window as that is long. */
    static double kept(double past) {
        return Math.max(LEAST, 1 - past);
    }

    static Image soaked(Image image, double past) {
        double lost = 1 - kept(past);
        double stains = lost * STAYS * image.print().dyeShare(image.colourShare());
        return image.run(stains).faded((1 - lost) / (1 - stains));
    }
}
