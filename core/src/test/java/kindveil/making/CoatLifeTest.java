package kindveil.making;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import kindveil.bench.Layer.Coating;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.drying.Drying;
import kindveil.drying.Stage;
import kindveil.way.Act;
import kindveil.way.TellTale;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CoatLifeTest {
    private static final Instant BEGUN = Instant.parse("2026-11-02T18:00:00Z");

    static Stream<Way> ways() {
        return Catalogue.ways().stream();
    }

    /** One more act, done when it is advised. */
    private static Making onwards(Making making) {
        Act act = making.current().orElseThrow();
        Instant now = making.clock().map(Clock::advised).filter(making.lastDeed()::isBefore).orElse(making.lastDeed()).plus(act.handsOn());
        return making.with(new Deed(act.id(), act.expected(), now, false));
    }

    /** At each act of every way: no coat is left out, the band holds its middle, and the curve goes through what the bench says now. */
    @ParameterizedTest
    @MethodSource("ways")
    void lives_ofEveryCoat_agreeWithTheBench(Way way) {
        Making making = Making.of(way.expand(Samples.usual(way)), BEGUN, List.of());
        while (!making.finished()) {
            Instant now = making.lastDeed();
            List<CoatLife> lives = CoatLife.of(making, now);
            for (Coating coat : making.bench(now).coats().filter(coat -> coat.drying() != null).toList()) {
                CoatLife life = lives.stream().filter(one -> one.laid().equals(coat.laid()) && one.product().equals(coat.product())).findFirst().orElseThrow();
                assertEquals(null, life.gone());
                assertEquals(coat.waterShare(Duration.between(BEGUN, now)), at(life, Duration.between(BEGUN, now)), 0.06, coat.product().id());
            }
            for (CoatLife life : lives) {
                assertEquals(life.laid(), life.points().getFirst().at());
                assertEquals(life.points().stream().map(CoatLife.Point::at).sorted().toList(), life.points().stream().map(CoatLife.Point::at).toList());
                for (CoatLife.Point point : life.points()) {
                    assertTrue(point.quick() <= point.middle() + 1e-6 && point.middle() <= point.slow() + 1e-6, () -> "the quicker is never the wetter: %s %s".formatted(life.product().id(), point));
                    assertTrue(point.quick() >= 0 && point.slow() <= 1.3, point.toString());
                }
            }
            assertEquals(lives.stream().sorted(Comparator.comparing(CoatLife::laid).reversed()).toList(), lives);
            making = onwards(making);
        }
    }

    private static double at(CoatLife life, Duration time) {
        CoatLife.Point before = life.points().getFirst();
        for (CoatLife.Point point : life.points()) {
            if (point.at().compareTo(time) > 0) {
                double share = (time.toMillis() - before.at().toMillis()) / (double) (point.at().toMillis() - before.at().toMillis());
                return before.middle() + (point.middle() - before.middle()) * share;
            }
            before = point;
        }
        return before.middle();
    }

    /** What was felt lies on its own curve, and bends it: tacky when it should be dry makes the rest later. */
    @Test
    void check_bendsTheCurve_andIsShownOnIt() {
        Making making = Making.of(Catalogue.way("gel-lay").expand(Samples.usual(Catalogue.way("gel-lay"))), BEGUN, List.of());
        while (!(making.waits().stream().anyMatch(wait -> !wait.window().coats().isEmpty()) && making.tellTales(making.lastDeed()).stream().anyMatch(tale -> tale.of() instanceof TellTale.Of.Drying))) {
            making = onwards(making);
        }
        Instant felt = making.clock().orElseThrow().advised();
        TellTale tale = making.tellTales(felt).stream().filter(one -> one.of() instanceof TellTale.Of.Drying).findFirst().orElseThrow();
        Making checked = making.with(new Sign(making.current().orElseThrow().id(), tale, 0, felt));
        CoatLife plain = CoatLife.of(making, felt).stream().filter(life -> life.seen().isEmpty()).max(Comparator.comparing(life -> through(life))).orElseThrow();
        List<CoatLife> with = new ArrayList<>(CoatLife.of(checked, felt).stream().filter(life -> !life.seen().isEmpty()).toList());
        assertEquals(1, with.size(), "it was seen of one bed");
        CoatLife bent = with.getFirst();
        assertEquals(Duration.between(BEGUN, felt), bent.seen().getFirst().at());
        assertEquals(at(bent, bent.seen().getFirst().at()), bent.seen().getFirst().share(), 0.02);
        CoatLife same = CoatLife.of(making, felt).stream().filter(life -> life.laid().equals(bent.laid()) && life.product().equals(bent.product())).findFirst().orElseThrow();
        assertTrue(through(bent).compareTo(through(same)) > 0, "still wet when it should be dry: it dries slower than was thought");
        assertTrue(plain.reached().size() == 3);
    }

    private static Duration through(CoatLife life) {
        return life.reached().stream().filter(each -> each.stage() == Stage.THROUGH).findFirst().orElseThrow().when().map(Drying.Spread::half).orElse(Duration.ofDays(99));
    }
}
