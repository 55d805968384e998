package kindveil.studio.work.room;

/** Whether the air is told by hand or follows the sensor. @param version counts its changes */
public record Following(int version, boolean sensor) {
    public static final Following BY_HAND = new Following(-1, false);

    public Following at(int other) {
        return new Following(other, sensor);
    }
}
