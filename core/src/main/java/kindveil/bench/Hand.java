package kindveil.bench;

/** Whether an image reads the right way round or as in a mirror. */
public enum Hand {
    READS_RIGHT, MIRRORED;

    public Hand turned() {
        return this == READS_RIGHT ? MIRRORED : READS_RIGHT;
    }
}
