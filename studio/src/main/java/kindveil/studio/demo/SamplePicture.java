package kindveil.studio.demo;

import kindveil.studio.intake.Rasters;

/** A picture to try a way with before one has one's own. */
public final class SamplePicture {
    public static final String NAME = "heron-to-try.png";
    public static final String TITLE = "Heron, to try";

    private SamplePicture() {
    }

    public static byte[] png() {
        return Rasters.png(Drawings.heron());
    }
}
