package kindveil.studio.page;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import kindveil.drying.Night;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.room.StudioRoom;
import kindveil.way.Act;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The air told late: what still dries is reckoned in it from when it was so. */
class LateRoomTest {
    private final Studio studio;
    private final MakeWork makings;
    private final Rooms rooms;
    private final Web web;

    /** One of its own: what is told of a room stays told. */
    LateRoomTest() {
        this.studio = OpenStudio.open("jdbc:h2:mem:late-room-%s;DB_CLOSE_DELAY=-1".formatted(UUID.randomUUID()));
        this.makings = studio.bean(MakeWork.class);
        this.rooms = studio.bean(Rooms.class);
        this.web = new Web(studio.address());
    }

    @AfterEach
    void close() {
        studio.close();
    }

    private Web.Answer tell(String degrees, String percent, String ago) {
        return web.post("/room", new HashMap<>(Map.of("version", String.valueOf(rooms.now().version()), "degrees", degrees, "percent", percent, "units", rooms.now().units().name(), "ago", ago)));
    }

    @Test
    void toldLate_movesTheOpenWait_fromWhenItWasSo() {
        StudioRoom usual = rooms.now();
        rooms.replace(new StudioRoom(usual.version(), 21, 50, usual.units(), studio.clock().instant().minusSeconds(60)));
        UUID piece = studio.bean(PieceWork.class).begin("Cold bell", Length.ofMillimetres(90), "bell.png", Samples.cornerPng()).id();
        UUID making = makings.begin(piece).id();
        while (!makings.get(making).making().current().map(Act::key).orElse("").equals("pass-1-wet")) {
            StoredMaking now = makings.get(making);
            makings.tell(making, now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
        Instant laid = makings.get(making).making().lastDeed();
        Instant opened = makings.get(making).making().clock().orElseThrow().advised();
        studio.clock().forward(Duration.ofMinutes(60));
        assertEquals(200, tell("14", "75", "40").status());
        StoredMaking colder = makings.get(making);
        Instant now = colder.making().clock().orElseThrow().advised();
        assertTrue(now.isAfter(opened.plus(Duration.ofMinutes(20))), opened + " to " + now);
        // the same plan walked by itself in a room that changes then
        Instant changed = studio.clock().instant().minus(Duration.ofMinutes(40));
        RoomCourse course = RoomCourse.of(Room.of(21, 50)).from(Duration.between(colder.begun(), changed), Room.of(14, 75));
        Instant alone = Making.of(colder.plan().plan().in(course), colder.begun(), colder.deeds()).clock().orElseThrow().advised();
        assertEquals(0, Duration.between(alone, now).toSeconds(), 2);
        assertTrue(laid.isBefore(changed));
        // told for now instead, it has dried longer in the warm
        assertTrue(tell("14", "75", "50").words().contains("what it was before that is known"), "the air was told 40 minutes ago");
    }

    /** What is under way dries by the night while it is night: as a plan walked through cold and warm by itself. */
    @Test
    void night_slowsWhatIsUnderWay_andIsSaid() {
        StudioRoom usual = rooms.now();
        rooms.replace(new StudioRoom(usual.version(), 21, 50, usual.units(), studio.clock().instant().minusSeconds(60)));
        UUID piece = studio.bean(PieceWork.class).begin("Night bell", Length.ofMillimetres(90), "bell.png", Samples.cornerPng()).id();
        UUID making = makings.begin(piece).id();
        while (!makings.get(making).making().current().map(Act::key).orElse("").equals("pass-1-wet")) {
            StoredMaking now = makings.get(making);
            makings.tell(making, now.told().size(), now.making().current().orElseThrow().expected(), 0, true);
        }
        Instant warm = makings.get(making).making().clock().orElseThrow().advised();
        LocalTime evening = studio.clock().instant().plus(Duration.ofMinutes(20)).atZone(studio.bean(ZoneId.class)).toLocalTime().truncatedTo(ChronoUnit.MINUTES);
        Map<String, String> form = new HashMap<>(Map.of("version", String.valueOf(rooms.now().version()), "degrees", "21", "percent", "50", "units", rooms.now().units().name(), "ago", "0"));
        form.putAll(Map.of("cooler", "8", "from", evening.toString(), "to", evening.plusHours(9).toString()));
        Web.Answer answered = web.post("/room", form);
        assertTrue(answered.words().contains("By day 21 °C · 50 %, by night 13 °C · 83 %"), answered.words());
        StoredMaking colder = makings.get(making);
        Instant cold = colder.making().clock().orElseThrow().advised();
        assertTrue(cold.isAfter(warm.plus(Duration.ofMinutes(10))), warm + " to " + cold);
        Room day = Room.of(21, 50);
        Instant dark = colder.begun().atZone(studio.bean(ZoneId.class)).with(evening).toInstant();
        RoomCourse course = RoomCourse.of(day).from(Duration.between(colder.begun(), dark), new Night(8, evening, evening.plusHours(9)).night(day));
        Instant alone = Making.of(colder.plan().plan().in(course), colder.begun(), colder.deeds()).clock().orElseThrow().advised();
        assertEquals(0, Duration.between(alone, cold).toSeconds(), 2);
        form.putAll(Map.of("version", String.valueOf(rooms.now().version()), "cooler", "30", "from", "late", "to", ""));
        String wrong = web.post("/room", form).words();
        assertTrue(wrong.contains("Cooler at night by") && wrong.contains("“late” cannot be used") && wrong.contains("Night to"), wrong);
    }

    @Test
    void whenItCannotHaveBeen_isSaidWithItsRange() {
        assertTrue(tell("21", "50", "-3").words().contains("Since how long ago"));
        assertTrue(tell("21", "50", "soon").words().contains("“soon” cannot be used"));
        assertTrue(tell("21", "50", "99999").words().contains("Since how long ago"));
    }
}
