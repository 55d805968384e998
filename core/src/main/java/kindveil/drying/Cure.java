package kindveil.drying;

import java.time.Duration;

/**
 * How long a coat goes on hardening once it is dry through, before something may be shut in under a last coat, or a face may lie on
 * another: by its thickness and by the air it stands in. Practice: thin films 3 days, normal ones 7, deep beds 14 and more; twice as
 * long at 12 °C or at 75 % (assumed).
 */
public final class Cure {
    private static final double THIN = 100;
    private static final double NORMAL = 300;
    private static final double DEEP = 1000;
    private static final double THIN_DAYS = 3;
    private static final double NORMAL_DAYS = 7;
    private static final double DEEP_DAYS = 14;
    private static final double USUAL_CELSIUS = 21;
    private static final double TWICE_AT_CELSIUS = 12;
    private static final double USUAL_PERCENT = 50;
    private static final double TWICE_AT_PERCENT = 75;
    private static final double QUICKEST = 1.5;
    private static final double SLOWEST = 0.05;
    /** Under something that lets no air through it takes twice as long (assumed). */
    private static final double COVERED = 2;
    private static final double SECONDS_A_DAY = 86_400;

    private Cure() {
    }

    /** Days in practice's air. @param wetMicrometres as it was laid */
    public static double days(double wetMicrometres) {
        if (wetMicrometres <= THIN) {
            return THIN_DAYS;
        }
        return wetMicrometres <= NORMAL ? between(wetMicrometres, THIN, THIN_DAYS, NORMAL, NORMAL_DAYS) : between(wetMicrometres, NORMAL, NORMAL_DAYS, DEEP, DEEP_DAYS);
    }

    /** Along the logarithm of the thickness; past the last of practice's figures it goes on as it did. */
    private static double between(double at, double low, double lowDays, double high, double highDays) {
        return lowDays + (highDays - lowDays) * Math.log(at / low) / Math.log(high / low);
    }

    /** How fast it goes against practice's air. */
    static double pace(Room room) {
        double warmth = (room.temperature().celsius() - USUAL_CELSIUS) / (USUAL_CELSIUS - TWICE_AT_CELSIUS);
        double damp = (USUAL_PERCENT - room.humidity().percent()) / (TWICE_AT_PERCENT - USUAL_PERCENT);
        return Math.clamp(Math.pow(2, warmth + damp), SLOWEST, QUICKEST);
    }

    /** When it has cured, on the course's time: so many of practice's days from {@code from} on. @param covered whether no air gets to it */
    public static Duration cured(double days, boolean covered, RoomCourse air, Duration from) {
        double left = days * SECONDS_A_DAY * (covered ? COVERED : 1);
        Duration now = from;
        for (RoomCourse.Spell spell : air.spells()) {
            if (spell.from().compareTo(now) > 0) {
                double pace = pace(air.at(now));
                double done = pace * spell.from().minus(now).toSeconds();
                if (done >= left) {
                    return now.plusSeconds((long) Math.ceil(left / pace));
                }
                left -= done;
                now = spell.from();
            }
        }
        return now.plusSeconds((long) Math.ceil(left / pace(air.at(now))));
    }
}
