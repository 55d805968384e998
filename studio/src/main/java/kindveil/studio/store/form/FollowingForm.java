package kindveil.studio.store.form;

import kindveil.studio.work.room.Following;

/** Whether the air follows the sensor, as it is kept. */
public record FollowingForm(boolean sensor) {
    public static FollowingForm of(Following following) {
        return new FollowingForm(following.sensor());
    }

    public Following following(int version) {
        return new Following(version, sensor);
    }
}
