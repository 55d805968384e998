/**
 * The air of the studio and its units, now and as it was told before.
 *
 * <p>Told by hand, or by a {@link kindveil.studio.work.room.Sensor} that is read once a minute and followed only while it can be
 * ({@link kindveil.studio.work.room.SensorWork}, judged by {@link kindveil.drying.AirReadings}).
 *
 * <p><b>Guaranteed:</b> every telling of other air stays, so that a making can be walked in the air it stood in.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.room;
