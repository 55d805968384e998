package kindveil.way;

/**
 * Where something of a plan is decided: on a layer of the section, at the picture's edge, or along the thread of its acts.
 * What is decided at a layer is asked when that layer is touched.
 */
public enum Where {
    /** The image itself: its ink, its tones, the side of it that is seen. */
    IMAGE,
    /** What the image lies in or on, and what else a way lays down. */
    BED,
    /** What goes over the image last. */
    TOP,
    /** The paper on the image, and how it is taken off. */
    PAPER,
    /** What the support carries already. */
    GROUND,
    /** What carries it all. */
    SUPPORT,
    /** Where the image ends, and what is left out of it. */
    EDGE,
    /** Laying and pressing. */
    LAYING,
    /** While it dries. */
    DRYING;

    /** Whether it is decided along the thread of acts. */
    public boolean onThread() {
        return this == LAYING || this == DRYING || this == PAPER || this == TOP;
    }
}
