package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Step;
import kindveil.drying.Airing;
import kindveil.product.Law;
import kindveil.product.Trait;
import kindveil.way.ActId;
import kindveil.way.Trace;

/**
 * Whether a thick coat cracks as it dries: the thicker and the faster, the likelier, and the wider apart the thicker it is. A film
 * cracks once it is thicker than it bears for the speed it dries at, and then at a distance of some of its thicknesses (J. Hutchinson
 * and Z. Suo, "Mixed mode cracking in layered materials", Adv. Appl. Mech. 29, 1991); the figures are assumed.
 *
 * @param coat the act that lays it
 * @param product what it is, in words
 * @param micrometres wet
 * @param chance that it cracks, 0 to 1
 * @param apart how far the cracks lie from each other, mm
 */
public record CrackReading(ActId coat, String product, double micrometres, double chance, double apart) {
    private static final double STILL = 1600;
    private static final double FAN = 1100;
    /** Under a heat tool, µm: 420 at 15 cm, 810 at 25. */
    private static final double A_CENTIMETRE = 39;
    private static final double LESS = 165;
    private static final double LEAST = 250;
    /** How sharply the chance turns about that thickness. */
    private static final double SHARPNESS = 0.22;
    private static final double THICKNESSES = 6;
    private static final double WET = 0.5;

    /** Of every coat that can crack, in the order they are laid. */
    public static List<CrackReading> of(Trace trace) {
        List<CrackReading> found = new ArrayList<>();
        for (Trace.Moment moment : trace.moments()) {
            if (moment.act().step() instanceof Step.Apply coat && coat.product().is(Trait.CRACKS)) {
                double holds = 1 - chance(coat.wetMicrometres(), moment.after().room().airing() == Airing.STILL ? STILL : FAN);
                for (Trace.Moment later : trace.moments()) {
                    if (later.act().step() instanceof Step.Heat heat && later.start().compareTo(moment.end()) >= 0 && wet(later, coat)) {
                        holds *= 1 - chance(coat.wetMicrometres(), bears(heat));
                    }
                }
                double dry = coat.wetMicrometres() * (coat.product().law() instanceof Law.LosesWater water ? 1 - water.share() : 1) / 1000;
                found.add(new CrackReading(moment.act().id(), coat.product().words(), coat.wetMicrometres(), 1 - holds, THICKNESSES * dry));
            }
        }
        return found;
    }

    private static boolean wet(Trace.Moment heated, Step.Apply laid) {
        return heated.before().layers(laid.onto(), Coating.class).stream().anyMatch(coat -> coat.product().equals(laid.product()) && coat.waterShare(heated.before().now()) > WET);
    }

    /** The nearer the tool, the faster it dries and the less it bears. */
    private static double bears(Step.Heat heat) {
        return Math.clamp(A_CENTIMETRE * heat.centimetres() - LESS, LEAST, STILL);
    }

    private static double chance(double micrometres, double bears) {
        return 1 / (1 + Math.exp(-Math.log(micrometres / bears) / SHARPNESS));
    }
}
