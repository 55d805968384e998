package kindveil.studio.work.room;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import kindveil.drying.AirReadings.Trouble;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.device.SimulatedSensor;
import kindveil.studio.device.SimulatedSensor.Fault;
import kindveil.studio.device.SimulatedSensor.Setting;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;

/** The air follows a sensor that is noisy and fails, in a studio of its own. */
class SensorWorkTest {
    private Studio studio;
    private SensorWork work;
    private SimulatedSensor sensor;
    private Rooms rooms;

    private void minutes(int count) {
        for (int i = 0; i < count; i++) {
            studio.clock().forward(Duration.ofMinutes(1));
            work.look();
        }
    }

    private void assertAir(double celsius, double percent) {
        assertEquals(celsius, rooms.now().celsius(), 0.6);
        assertEquals(percent, rooms.now().percent(), 2.5);
    }

    @Test
    void air_followsTheSensor_andNoFaultOfIt() {
        try (Studio own = OpenStudio.open("jdbc:h2:mem:sensor;DB_CLOSE_DELAY=-1")) {
            studio = own;
            work = studio.bean(SensorWork.class);
            sensor = studio.bean(SimulatedSensor.class);
            rooms = studio.bean(Rooms.class);
            Web web = new Web(studio.address());
            sensor.set(new Setting(17, 64, Fault.NONE));
            minutes(5);
            assertAir(21, 50);

            // begun in the air that was told; what it waits for follows the colder, damper air
            UUID making = studio.bean(MakeWork.class).begin(studio.bean(PieceWork.class).begin("Damp water", Length.ofMillimetres(90), "water.png", Samples.cornerPng()).id()).id();
            web.post("/room/sensor", Map.of("version", String.valueOf(work.state().version()), "on", "true"));
            assertThrows(Outdated.class, () -> work.follow(work.state().version() - 1, false));
            minutes(5);
            assertAir(17, 64);
            assertEquals(17, studio.bean(MakeWork.class).get(making).air().last().temperature().celsius(), 0.6);
            assertTrue(web.get("/room").words().contains("The air follows the sensor: 1"), web.get("/room").words());
            int told = rooms.now().version();
            minutes(60);
            assertTrue(rooms.now().version() - told <= 2, "noise is not told again each minute");

            for (Fault fault : new Fault[] {Fault.SILENT, Fault.ABSURD, Fault.STUCK}) {
                web.post("/room/stand-in", Map.of("degrees", "30", "percent", "30", "fault", fault.name()));
                if (fault == Fault.STUCK) {
                    // a sensor that got stuck said something true first: the air at the moment it stuck
                    sensor.set(new Setting(17, 64, Fault.STUCK));
                }
                minutes(40);
                assertEquals(Trouble.valueOf(fault.name()), work.state().trouble());
                assertAir(17, 64);
                assertTrue(web.get("/room").words().contains(work.state().trouble().words()), fault.name());
                sensor.set(new Setting(17, 64, Fault.NONE));
                minutes(12);
                assertEquals(Trouble.NONE, work.state().trouble(), "it works again after " + fault);
            }

            web.post("/room/stand-in", Map.of("degrees", "24", "percent", "40", "fault", "NONE"));
            minutes(12);
            assertAir(24, 40);
            web.post("/room/sensor", Map.of("version", String.valueOf(work.state().version()), "on", "false"));
            sensor.set(new Setting(12, 80, Fault.NONE));
            minutes(12);
            assertAir(24, 40);
            String refused = web.post("/room/stand-in", Map.of("degrees", "99", "percent", "130", "fault", "NONE")).words();
            assertTrue(refused.contains("-20") || refused.contains("−20"), refused);
            assertTrue(refused.contains("humidity of the simulated air") || refused.contains("Humidity of the simulated air"), "all problems at once");
        }
    }
}
