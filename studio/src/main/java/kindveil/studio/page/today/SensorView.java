package kindveil.studio.page.today;

import java.util.Arrays;
import java.util.List;
import kindveil.drying.AirReadings.Trouble;
import kindveil.measure.Figures;
import kindveil.measure.Temperature;
import kindveil.measure.UnitSystem;
import kindveil.studio.device.SimulatedSensor;
import kindveil.studio.device.SimulatedSensor.Fault;
import kindveil.studio.device.SimulatedSensor.Setting;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.room.SensorWork;

/**
 * The sensor on the Room page.
 *
 * @param words how it stands
 * @param wrong whether it is followed but cannot be
 * @param degrees what the stand-in is set to, in the artist's measure; likewise {@code percent}
 */
record SensorView(int version, boolean on, String words, boolean wrong, String degrees, String unit, String percent, List<Pick> faults) {
    static SensorView of(SensorWork work, SimulatedSensor sensor, UnitSystem units, Say say) {
        SensorWork.State state = work.state();
        Setting set = sensor.setting();
        boolean works = state.trouble() == Trouble.NONE;
        String words = !state.on() ? "The air is told by hand." : state.air().map(air -> "The air follows the sensor: %s, read at %s.".formatted(air.print(units), say.time(state.last())))
                .orElse(works ? "The air follows the sensor from its third reading on, in a minute or two." : "The sensor %s. Until then the air stays as it was.".formatted(say.it(state.trouble().words())));
        return new SensorView(state.version(), state.on(), words, state.on() && !works, Figures.rounded(Temperature.degrees(set.celsius(), units), 1), Temperature.sign(units),
                Figures.rounded(set.percent(), 0), Arrays.stream(Fault.values()).map(fault -> new Pick(fault.name(), fault.words(), "", fault == set.fault())).toList());
    }
}
