package kindveil.studio.work.piece;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import kindveil.catalogue.Catalogue;
import kindveil.measure.Length;
import kindveil.mixing.Measure;
import kindveil.mixing.Recipe;
import kindveil.product.Mixtures;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.jar.StudioJar;
import kindveil.way.Act;
import kindveil.way.Trace;
import kindveil.way.Window;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What stands in a jar is not mixed again, nor waited for. */
@ExtendWith(OpenStudio.class)
class MixedAheadTest {
    private final PieceWork pieces;
    private final JarWork jars;
    private final Studio studio;

    MixedAheadTest(PieceWork pieces, JarWork jars, Studio studio) {
        this.pieces = pieces;
        this.jars = jars;
        this.studio = studio;
    }

    private Duration rests(Piece piece) {
        Trace trace = pieces.plan(pieces.get(piece.id())).whole();
        return trace.plan().windows().stream().filter(window -> window.from().key().equals("mix") && window instanceof Window.Dry).map(window -> ((Window.Dry) window).usual()).findFirst().orElseThrow();
    }

    private Act mixing(Piece piece) {
        return pieces.plan(pieces.get(piece.id())).whole().plan().acts().stream().filter(act -> act.key().equals("mix")).findFirst().orElseThrow();
    }

    @Test
    void jarThatStandsReady_isTaken_andItsRestCounted() {
        Piece piece = pieces.begin("Ahead", Length.ofMillimetres(400), "ahead.png", Samples.cornerPng());
        pieces.change(piece.with(piece.design().doing(Catalogue.way("film-release"))));
        assertEquals(Duration.ofMinutes(240), rests(piece));
        StudioJar little = jars.mix("a drop", Recipe.of(Mixtures.RELEASE_SOLUTION, 1, Measure.usual(Mixtures.RELEASE_SOLUTION)), 91, 50, studio.clock().instant());
        assertEquals("Mix the release solution", mixing(piece).title(), "not enough in it");
        StudioJar jar = jars.mix("enough", Recipe.of(Mixtures.RELEASE_SOLUTION, 133, Measure.usual(Mixtures.RELEASE_SOLUTION)), 91, 50, studio.clock().instant());
        assertEquals(Duration.ofMinutes(240), rests(piece), "mixed just now");
        studio.clock().forward(Duration.ofMinutes(61));
        assertEquals(Duration.ofMinutes(180), rests(piece));
        studio.clock().forward(Duration.ofHours(4));
        assertEquals(Duration.ZERO, rests(piece));
        assertEquals("Take the jar that stands ready", mixing(piece).title());
        jars.throwAway(jar.id(), jars.get(jar.id()).jar().version());
        assertEquals(Duration.ofMinutes(240), rests(piece));
        assertEquals("Mix the release solution", mixing(piece).title());
        jars.throwAway(little.id(), jars.get(little.id()).jar().version());
    }
}
