package kindveil.studio.work.making;

import kindveil.way.ActId;
import kindveil.making.Begun;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.Kept;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.room.ToldRoom;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.CALLS_REAL_METHODS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.mockStatic;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.drying.Room;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.catalogue.Catalogue;
import kindveil.way.Brief;
import kindveil.way.Way;
import kindveil.way.Sequence;
import kindveil.bench.Hand;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.MockedStatic;
import org.mockito.junit.jupiter.MockitoExtension;

@ExtendWith(MockitoExtension.class)
class MakeWorkTest {
    private static final Instant NOW = Instant.parse("2026-03-05T19:00:00Z");
    private static final UUID ID = UUID.fromString("00000000-0000-4000-8000-000000000001");
    @Mock
    private Makings runs;
    @Mock
    private PieceWork pieces;
    private MakeWork work;

    @BeforeEach
    void open() {
        work = new MakeWork(runs, pieces, org.mockito.Mockito.mock(kindveil.studio.work.learning.LearnWork.class), Clock.fixed(NOW, ZoneOffset.UTC), org.mockito.Mockito.mock(Using.class));
    }

    /** A making begun {@code before} now whose acts so far were done at the given minutes. */
    private StoredMaking run(Duration before, int... minutes) {
        StoredMaking made = made(before, minutes);
        when(runs.find(ID)).thenReturn(Optional.of(made));
        return made;
    }

    private static StoredMaking made(Duration before, int... minutes) {
        Way way = Catalogue.way("gel-lay");
        Brief brief = Brief.usual(way, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50)).withHand(Hand.MIRRORED);
        StoredMaking run = new StoredMaking(ID, ID, NOW.minus(before), Begun.of(Sequence.of(way, brief)), List.of(), List.of(), List.of(), false);
        List<ToldDeed> told = new ArrayList<>();
        for (int minute : minutes) {
            ActId act = with(run, told).making().current().orElseThrow().id();
            Instant at = run.begun().plus(Duration.ofMinutes(minute));
            told.add(new ToldDeed(new Deed(act, 0, at, false), at, false));
        }
        return with(run, told);
    }

    private static StoredMaking with(StoredMaking run, List<ToldDeed> told) {
        return new StoredMaking(run.id(), run.piece(), run.begun(), run.plan(), told, run.signs(), run.rooms(), false);
    }

    /** A damper room told half-way makes what is drying take longer; told before the making began, nothing changes. */
    @Test
    void air_toldLater_movesWhatIsStillDrying() {
        StoredMaking dry = made(Duration.ofMinutes(30), 1, 3, 5, 7, 10, 11, 14, 15);
        StoredMaking damp = new StoredMaking(dry.id(), dry.piece(), dry.begun(), dry.plan(), dry.told(), dry.signs(), List.of(new ToldRoom(dry.begun().plus(Duration.ofMinutes(20)), 15, 80)), false);
        StoredMaking same = new StoredMaking(dry.id(), dry.piece(), dry.begun(), dry.plan(), dry.told(), dry.signs(), List.of(new ToldRoom(dry.begun().minusSeconds(60), 21, 50)), false);
        Instant opens = dry.making().clock().orElseThrow().opens();
        assertEquals(opens, same.making().clock().orElseThrow().opens());
        Duration later = Duration.between(opens, damp.making().clock().orElseThrow().opens());
        assertTrue(later.toMinutes() > 30, later.toString());
        assertEquals(15, damp.air().last().temperature().celsius());
    }

    /** However many were told before it, one deed folds the making once. */
    @Test
    void tell_foldsTheMakingOnce() {
        run(Duration.ofMinutes(30), 1, 3, 5, 7);
        try (MockedStatic<Making> folds = mockStatic(Making.class, CALLS_REAL_METHODS)) {
            assertEquals(List.of(), work.tell(ID, 4, 0, 0, false));
            folds.verify(() -> Making.asFarAsItFits(any(), any(), any(), any()), times(1));
            folds.verify(() -> Making.of(any(), any(), any()), never());
        }
    }

    @Test
    void tell_inGoodTime_isNotedAtNow() {
        run(Duration.ofMinutes(5));
        assertEquals(List.of(), work.tell(ID, 0, 0, 0, false));
        verify(runs).tell(eq(ID), eq(0), argThat(told -> told.getFirst().deed().act().equals(ActId.first("set-out-print")) && told.getFirst().deed().at().equals(NOW) && !told.getFirst().againstAdvice()), argThat(after -> after.moments().size() == 1));
    }

    @Test
    void tell_beforeTheBedIsThrough_isHeldBackWithTheReason() {
        run(Duration.ofMinutes(30), 1, 3, 4, 6, 9, 10, 13, 14);
        List<String> against = work.tell(ID, 8, 0, 0, false);
        assertTrue(against.getFirst().startsWith("The bed under the print is") && against.getFirst().contains("water now lifts the image"), against.toString());
        verify(runs, never()).tell(any(), anyInt(), any(), any());
    }

    @Test
    void tell_throughByTheModelButUnderPracticesHour_isTooSoonAllTheSame() {
        run(Duration.ofMinutes(68), 1, 3, 4, 6, 9, 10, 13, 14);
        List<String> against = work.tell(ID, 8, 0, 0, false);
        assertTrue(against.getFirst().startsWith("Too soon: Not dry enough is the failure that happens most. Wait "), against.toString());
    }

    @Test
    void tell_anyway_isNotedAsAgainstAdvice() {
        run(Duration.ofMinutes(30), 1, 3, 4, 6, 9, 10, 13, 14);
        assertEquals(List.of(), work.tell(ID, 8, 0, 0, true));
        verify(runs).tell(eq(ID), eq(8), argThat(told -> told.getFirst().againstAdvice()), any());
    }

    @Test
    void tell_late_countsFromWhenItWasDone() {
        run(Duration.ofMinutes(60), 1, 3, 4, 6, 9);
        assertEquals(List.of(), work.tell(ID, 5, 0, 49, false));
        verify(runs).tell(eq(ID), eq(5), argThat(told -> told.getFirst().deed().at().equals(NOW.minus(Duration.ofMinutes(49))) && told.getFirst().told().equals(NOW)), any());
    }

    @Test
    void tell_earlierThanTheActBefore_isRefusedWithTheRange() {
        run(Duration.ofMinutes(60), 1, 3, 4, 6, 9);
        String message = assertThrows(UnusableValue.class, () -> work.tell(ID, 5, 0, 55, false)).getMessage();
        assertEquals("How long ago: “55 min” cannot be used. Expected 0 to 51 min, since the act before it was done then. "
                + "Take back the act before it first if that time is wrong.", message);
        assertThrows(UnusableValue.class, () -> work.tell(ID, 5, 0, -1, false));
    }

    @Test
    void tell_fromAPageThatIsOutOfDate_changesNothing() {
        run(Duration.ofMinutes(60), 1, 3, 4, 6, 9);
        assertThrows(Outdated.class, () -> work.tell(ID, 2, 0, 0, false));
        assertThrows(Outdated.class, () -> work.takeBack(ID, 2));
        verify(runs, never()).tell(any(), anyInt(), any(), any());
    }

    @Test
    void tell_rescue_isNeverHeldBack() {
        run(Duration.ofMinutes(12), 1, 3, 4, 6, 9);
        assertEquals(List.of(), work.tell(ID, 5, 1, 0, false));
        verify(runs).tell(eq(ID), eq(5), argThat(told -> told.getFirst().deed().answer() == 1), any());
    }

    @Test
    void startAt_furtherOn_takesAllBeforeAsDoneThen() {
        run(Duration.ofMinutes(60), 1, 4);
        work.startAt(ID, 2, ActId.first("pass-1-wet"), 40);
        Instant then = NOW.minus(Duration.ofMinutes(40));
        verify(runs).tell(eq(ID), eq(2), argThat(told -> told.stream().map(d -> d.deed().act().key()).toList().containsAll(List.of("clean", "coat", "lay", "press", "coat-wash"))
                && told.stream().allMatch(d -> d.deed().assumed() && d.deed().at().equals(then))), argThat(after -> after.current().orElseThrow().key().equals("pass-1-wet")));
    }

    @Test
    void startAt_backwards_isRefused() {
        run(Duration.ofMinutes(60), 1, 3, 4, 6, 9);
        assertThrows(UnusableValue.class, () -> work.startAt(ID, 5, ActId.first("trim"), 0));
    }

    @Test
    void takeBack_nothingTold_saysSo() {
        run(Duration.ofMinutes(5));
        assertTrue(assertThrows(UnusableValue.class, () -> work.takeBack(ID, 0)).getMessage().contains("Nothing has been told yet."));
    }

    @Test
    void get_unknown_isNotFound() {
        when(runs.find(any())).thenReturn(Optional.empty());
        assertEquals("There is no making “%s” in this studio.".formatted(ID), assertThrows(NotFound.class, () -> work.get(ID)).getMessage());
    }

    private static StoredMaking making(UUID id, String way, Brief brief, Duration before, String until) {
        Way of = Catalogue.way(way);
        StoredMaking run = new StoredMaking(id, id, NOW.minus(before), Begun.of(Sequence.of(of, brief)), List.of(), List.of(), List.of(), false);
        List<ToldDeed> told = new ArrayList<>();
        while (!with(run, told).making().current().orElseThrow().id().equals(ActId.first(until))) {
            told.add(new ToldDeed(new Deed(with(run, told).making().current().orElseThrow().id(), 0, run.begun(), false), run.begun(), false));
        }
        return with(run, told);
    }

    /** The heat tool, while a film of release solution lies wet on the same bench for another piece; once its vapour is gone nothing is said. */
    @Test
    void heat_whileAnotherPieceGivesOffVapour_isSpokenAgainst() {
        UUID other = UUID.fromString("00000000-0000-4000-8000-000000000002");
        Way gesso = Catalogue.way("gesso-bed");
        Way film = Catalogue.way("film-release");
        Brief hot = Brief.usual(gesso, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50)).with("hurry", "heat");
        Brief wet = Brief.usual(film, Length.ofMillimetres(120), Length.ofMillimetres(160), Room.of(21, 50));
        StoredMaking heated = making(ID, "gesso-bed", hot, Duration.ofMinutes(40), "heat");
        Piece gull = mock(Piece.class);
        when(gull.title()).thenReturn("Film gull");
        when(pieces.get(other)).thenReturn(gull);
        when(runs.active()).thenReturn(new Kept<>(List.of(heated, making(other, "film-release", wet, Duration.ofSeconds(60), "lay")), List.of()));
        List<String> against = work.beside(ID, heated.making().current().orElseThrow(), NOW);
        assertTrue(against.size() == 1 && against.getFirst().contains("“Film gull”, on the same bench, still gives off vapour that burns"), against.toString());
        assertEquals(List.of(), work.beside(ID, heated.making().plan().acts().getFirst(), NOW), "dusting is no flame");
        assertEquals(List.of(), work.beside(ID, heated.making().current().orElseThrow(), NOW.plus(Duration.ofDays(2))), "dried, it says nothing");
    }
}
