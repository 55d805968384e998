package kindveil.studio.device;

import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import kindveil.measure.UnusableValue;
import kindveil.studio.work.room.Sensor;
import org.springframework.stereotype.Component;

/** A hygrometer that is not there: measures the air one sets, with the noise of a cheap one, and fails as they do. */
@Component
public class SimulatedSensor implements Sensor {
    public static final double COLDEST = -20;
    public static final double WARMEST = 60;
    private static final double NOISE_CELSIUS = 0.15;
    private static final double NOISE_PERCENT = 0.8;
    private static final double UNPLUGGED_CELSIUS = -127;
    private static final long MINUTE = 60_000;

    /** How it fails. */
    public enum Fault {
        NONE("works"), SILENT("says nothing"), STUCK("says the same again and again"), ABSURD("says what no studio has");

        private final String words;

        Fault(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What is set. @param celsius of the air that is not there; likewise {@code percent} */
    public record Setting(double celsius, double percent, Fault fault) {
        public Setting {
            UnusableValue.requireWithin("temperature of the simulated air", celsius, COLDEST, WARMEST, "°C", "A sensor measures no more.");
            UnusableValue.requireWithin("humidity of the simulated air", percent, 0, 100, "%", "It is relative.");
        }
    }

    private volatile Setting setting = new Setting(21, 50, Fault.NONE);

    public Setting setting() {
        return setting;
    }

    public void set(Setting other) {
        setting = other;
    }

    /** The same at the same minute. */
    @Override
    public Optional<Measured> read(Instant now) {
        Setting air = setting;
        Random noise = new Random(now.toEpochMilli() / MINUTE);
        return switch (air.fault) {
            case NONE -> Optional.of(new Measured(tenth(air.celsius + NOISE_CELSIUS * noise.nextGaussian()), Math.clamp(tenth(air.percent + NOISE_PERCENT * noise.nextGaussian()), 0, 100)));
            case SILENT -> Optional.empty();
            case STUCK -> Optional.of(new Measured(air.celsius, air.percent));
            case ABSURD -> Optional.of(new Measured(UNPLUGGED_CELSIUS, 0));
        };
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
