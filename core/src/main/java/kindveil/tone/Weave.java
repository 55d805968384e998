package kindveil.tone;

import kindveil.image.Plane;
import kindveil.measure.UnusableValue;

/**
 * The threads of an open weave: what lies on it lies on them alone.
 *
 * @param pitch from thread to thread, mm
 * @param thread how wide one is, mm
 */
public record Weave(double pitch, double thread) {
    /** Threads take up so much of their pitch (assumed). */
    private static final double OF_THE_PITCH = 0.55;

    public Weave {
        UnusableValue.requireWithin("pitch of the weave", pitch, 0.05, 20, "mm", "From the middle of one thread to the next.");
        UnusableValue.requireWithin("thread", thread, 0.01, pitch, "mm", "No wider than its pitch.");
    }

    /** Of a support by how far its texture softens: that is half a pitch. */
    public static Weave of(double textureMillimetres) {
        double pitch = Math.max(0.05, 2 * textureMillimetres);
        return new Weave(pitch, OF_THE_PITCH * pitch);
    }

    /** How much of a face its threads cover, 0 to 1. */
    public double covered() {
        double open = 1 - thread / pitch;
        return 1 - open * open;
    }

    /** 1 on a thread; where threads are finer than a pixel, as much as they cover. */
    public Plane over(int width, int height, double pixelsPerMillimetre) {
        double pixels = pitch * pixelsPerMillimetre;
        if (pixels < 2) {
            return Plane.filled(width, height, (float) covered());
        }
        double wide = thread / pitch;
        return Plane.compute(width, height, (x, y) -> (x + 0.5) / pixels % 1 < wide || (y + 0.5) / pixels % 1 < wide ? 1 : 0);
    }
}
