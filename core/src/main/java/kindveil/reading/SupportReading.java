package kindveil.reading;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.Tool;
import kindveil.drying.Airing;
import kindveil.drying.Drying;
import kindveil.drying.Room;
import kindveil.drying.Stage;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.measure.Volume;
import kindveil.product.Products;
import kindveil.tone.SourceReading;
import org.jspecify.annotations.Nullable;

/**
 * What a support, bare, does to whatever is laid on it.
 *
 * @param drunk of a first wet coat, over the area asked for
 * @param through when an ordinary bed of gel on it is dry through, or null where it never is in this air
 * @param held the finest line that stays open on it
 * @param nearestHeat how near a heat tool may come to it in cm, or null where none may
 * @param longer by how much it is longer wet, over the length asked for
 * @param tray whether it may lie in water
 * @param rubbing whether wet rubbing may reach it
 */
public record SupportReading(Volume drunk, Drying.@Nullable Spread through, Length held, @Nullable Integer nearestHeat, Length longer, boolean tray, boolean rubbing) {
    private static final double BED = 100;
    /** How far a heat tool is held, cm, nearest first. */
    private static final List<Integer> HELD_AT = List.of(15, 21, 30);

    /** @param area of the image @param length along which it stretches */
    public static SupportReading of(Support support, Room room, Area area, Length length) {
        Bench bench = Bench.with(support, Ground.RAW, room).after(Step.coat(Face.SUPPORT_FRONT, Products.ordinaryBed(), BED, Tool.BRUSH));
        Optional<Drying.Spread> through = bench.wettest(Face.SUPPORT_FRONT).flatMap(bed -> bed.drying().spread(Stage.THROUGH, bench.belief(Face.SUPPORT_FRONT))).map(s -> s.from(Duration.ZERO));
        Integer heat = HELD_AT.stream().filter(cm -> Airing.heatTool(cm).airCelsius(room) <= support.heatLimit()).findFirst().orElse(null);
        return new SupportReading(new Volume(support.drinks(Ground.RAW) * area.squareMetres()), through.orElse(null), SourceReading.held(Length.ofMillimetres(support.textureMillimetres())), heat,
                Length.ofMillimetres(length.millimetres() * support.stretch() / 100), support.wetStrength() == Support.WetStrength.BEARS_RUBBING && (support.is(Support.Trait.SOAKS) || support.is(Support.Trait.METAL)),
                support.wetStrength() == Support.WetStrength.BEARS_RUBBING);
    }
}
