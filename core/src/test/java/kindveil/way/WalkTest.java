package kindveil.way;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import kindveil.bench.Face;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Damp;
import kindveil.drying.Drying;
import kindveil.drying.Room;
import kindveil.drying.RoomCourse;
import kindveil.drying.Stage;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.way.Trace.Moment;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** One loop for planned, told, late and rescheduled. */
class WalkTest {
    private static final Room WARM = Room.of(21, 50);
    private static final Room COLD = Room.of(14, 65);
    private static final Duration SHIFT = Duration.ofHours(2);
    private static final Duration SLACK = Duration.ofSeconds(3);

    static List<Way> ways() {
        return Catalogue.ways();
    }

    private static Plan plan(Way way, Room room) {
        return Sequence.of(way, way.checked(Brief.usual(way, Length.ofMillimetres(120), Length.ofMillimetres(160), room))).expand();
    }

    /** Begun two hours later in a room that has turned cold meanwhile: every act falls two hours after where it falls in a cold room from the first. */
    @ParameterizedTest
    @MethodSource("ways")
    void startShiftedIntoAColderRoom_everyActFallsWhereAPlanForThatRoomSays(Way way) {
        List<Moment> cold = Trace.of(plan(way, COLD)).moments();
        List<Moment> shifted = Walk.of(plan(way, WARM).in(RoomCourse.of(WARM).from(SHIFT, COLD))).toTheEnd(SHIFT);
        assertEquals(cold.size(), shifted.size());
        for (int i = 0; i < cold.size(); i++) {
            assertNear(cold.get(i).start().plus(SHIFT), shifted.get(i).start(), cold.get(i).act().title());
            assertEquals(cold.get(i).refusals(), shifted.get(i).refusals());
        }
    }

    /** Laid in the warm, cold a minute later: the coat reaches each stage when an own solution over that course says, whoever walked there. */
    @ParameterizedTest
    @MethodSource("ways")
    void roomTurnedColdWhileItDries_theCoatIsAsSolvedAnew(Way way) {
        for (Moment laid : Trace.of(plan(way, WARM)).moments()) {
            if (laid.act().step() instanceof Step.Apply apply && apply.onto().thing() == ThingKind.SUPPORT && laid.before().layers(apply.onto(), Coating.class).isEmpty()) {
                RoomCourse course = RoomCourse.of(WARM).from(laid.end().plusMinutes(1), COLD);
                Walk walk = Walk.of(plan(way, WARM).in(course));
                for (Moment moment : Trace.of(plan(way, WARM)).moments()) {
                    if (moment.start().compareTo(laid.start()) <= 0) {
                        walk.take(moment.start(), moment.end(), moment.act().usual());
                    }
                }
                Coating coat = walk.bench().topCoat(apply.onto()).orElseThrow();
                if (coat.drying() != null) {
                    Drying anew = Drying.fresh(coat.drying().bed(), course, laid.end());
                    assertNotEquals(anew.reaches(Stage.THROUGH), Drying.fresh(coat.drying().bed(), RoomCourse.of(WARM), laid.end()).reaches(Stage.THROUGH), "the room tells");
                    for (Stage stage : List.of(Stage.TOUCH_DRY, Stage.RECOAT, Stage.THROUGH)) {
                        assertEquals(anew.reaches(stage), coat.drying().reaches(stage), () -> way.key() + " " + stage);
                    }
                }
            }
        }
    }

    /** Fibre misted and rubbed turns white when an own solution of its water says, in the room as it then is. */
    @Test
    void residue_turnsWhiteWhenItsWaterIsGone_inTheRoomAsItIsThen() {
        Way way = Catalogue.way("gel-lay");
        for (Room later : List.of(WARM, COLD, Room.of(26, 35))) {
            Trace warm = Trace.of(plan(way, WARM));
            Moment rub = warm.moments().stream().filter(m -> m.act().id().key().equals("pass-1-rub")).findFirst().orElseThrow();
            Moment wet = warm.moments().stream().filter(m -> m.act().id().key().equals("pass-1-wet")).findFirst().orElseThrow();
            RoomCourse course = RoomCourse.of(WARM).from(wet.start(), later);
            Walk walk = Walk.of(plan(way, WARM).in(course));
            for (Moment moment : warm.moments()) {
                if (moment.start().compareTo(rub.start()) <= 0) {
                    walk.take(moment.start(), moment.end(), moment.act().usual());
                }
            }
            Residue fibre = walk.bench().layers(Face.SUPPORT_FRONT, Residue.class).getFirst();
            assertEquals(Damp.residue().dry(course, rub.end()).orElseThrow(), fibre.white(), later.toString());
        }
    }

    /** Planned, told in time and forecast from the start are the same walk. */
    @ParameterizedTest
    @MethodSource("ways")
    void planned_told_andForecast_areTheSame(Way way) {
        Plan plan = plan(way, WARM);
        Instant begun = Instant.parse("2026-03-05T19:00:00Z");
        List<Moment> planned = Trace.of(plan).moments();
        List<Deed> deeds = new ArrayList<>();
        for (Moment moment : planned) {
            deeds.add(new Deed(moment.act().id(), moment.act().answers().indexOf(moment.act().usual()), begun.plus(moment.end()), false));
        }
        assertEquals(planned.stream().map(Moment::end).toList(), Making.of(plan, begun, deeds).moments().stream().map(Moment::end).toList());
        assertEquals(planned.stream().map(Moment::start).toList(), Making.of(plan, begun, List.of()).forecast(begun).stream().map(Moment::start).toList());
    }

    private static void assertNear(Duration expected, Duration found, String what) {
        assertTrue(expected.minus(found).abs().compareTo(SLACK) <= 0, () -> "%s: %s instead of %s".formatted(what, found, expected));
    }
}
