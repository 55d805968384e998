package kindveil.product;

import java.util.Optional;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Film;
import kindveil.light.Paint;
import kindveil.light.Paint.Opacity;
import kindveil.light.Spectrum;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * What a coat does to light: absorption K and scattering S, with the thickness they are told for.
 *
 * @param gloss whether its face is glossy when it is dry
 * @param ordinaryCoatMicrometres wet thickness of one ordinary coat, µm (assumed); K and S per coat are told for that
 */
public record Optics(boolean gloss, Body body, double ordinaryCoatMicrometres) {
    public Optics {
        UnusableValue.requireWithin("ordinary coat", ordinaryCoatMicrometres, 1, 5000, "µm", "A thin brushed coat is 60 to 80 µm, a film on a plate 5 to 10.");
    }

    /** What is in it. */
    public sealed interface Body {
        /** Nothing to be seen. */
        record Clear() implements Body {
        }

        /** Matting agent: it scatters a little wherever it lies. @param perMicrometre SX of 1 µm of dry film, above 0 */
        record Clouds(double perMicrometre) implements Body {
        }

        /**
         * Pigment of a colour that is chosen, or of the product's own.
         *
         * @param strength share of colour against the same paint undiluted, 0 to 1: a glaze is mostly medium
         */
        record Pigment(Opacity opacity, double strength) implements Body {
        }

        /** Measured. @param within share by which its hiding power may be off, 0 where nothing is known of that */
        record Measured(Coefficients paint, double within) implements Body {
        }
    }

    /** How a clear film looks when it is dry. */
    public enum Sheen {
        GLOSS("gloss"), SATIN("satin"), MATTE("matte");

        private final String words;

        Sheen(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Empty where pigment makes its look, not its binder. */
    public Optional<Sheen> sheen() {
        return switch (body) {
            case Body.Clear clear -> Optional.of(gloss ? Sheen.GLOSS : Sheen.SATIN);
            case Body.Clouds clouds -> Optional.of(clouds.perMicrometre() < MATTE_PER_MICROMETRE ? Sheen.SATIN : Sheen.MATTE);
            case Body.Pigment pigment -> Optional.empty();
            case Body.Measured measured -> Optional.empty();
        };
    }

    /** The same film with another sheen: satin has half of what makes matte cloudy (assumed). */
    public Optics with(Sheen other) {
        return sheen().map(own -> own == other).orElse(true) ? this : switch (other) {
            case GLOSS -> new Optics(true, new Body.Clear(), ordinaryCoatMicrometres);
            case SATIN -> new Optics(false, new Body.Clouds(MATTE_PER_MICROMETRE / 2), ordinaryCoatMicrometres);
            case MATTE -> new Optics(false, new Body.Clouds(MATTE_PER_MICROMETRE), ordinaryCoatMicrometres);
        };
    }

    /** SX of 40 µm of dry matte film 0.03 (assumed). */
    public static final double MATTE_PER_MICROMETRE = 0.03 / 40;
    private static final double MATTE_ABSORPTION_SHARE = 0.02;
    /** SX of 100 µm of clear binder as it comes from its jar 0.4 (assumed): brushed thin a haze, a millimetre of it white. */
    private static final double MILK_PER_MICROMETRE = 0.4 / 100;
    private static final double CLEAR_BELOW = 0.02;

    /** Scattering falls with the square of the water left (assumed): half dry, a quarter as milky. */
    static Optional<Film> milk(double wetMicrometres, double waterLeft) {
        double amount = MILK_PER_MICROMETRE * wetMicrometres * waterLeft * waterLeft;
        return amount < CLEAR_BELOW ? Optional.empty() : Optional.of(Film.of(Spectrum.flat(0), Spectrum.flat(1), amount));
    }

    /** K and S of so much dry film of it without pigment. */
    Coefficients haze(double dryMicrometres) {
        double scattering = body instanceof Body.Clouds clouds ? clouds.perMicrometre() * dryMicrometres : 0;
        return new Coefficients(Spectrum.flat(scattering * MATTE_ABSORPTION_SHARE), Spectrum.flat(scattering));
    }

    /** K and S of an ordinary coat by itself. @param colour of its pigment, or null where it has none */
    Coefficients alone(double dryMicrometres, @Nullable Colour colour) {
        return switch (body) {
            case Body.Clear clear -> haze(dryMicrometres);
            case Body.Clouds clouds -> haze(dryMicrometres);
            case Body.Pigment pigment -> colour == null ? haze(dryMicrometres) : new Paint(colour, pigment.opacity()).coefficients().times(pigment.strength());
            case Body.Measured measured -> measured.paint();
        };
    }

    /**
     * The film a coat of it is; empty where nothing is to be seen of it.
     *
     * @param colour of its pigment, or null where it has none
     */
    public Optional<Film> film(double wetMicrometres, double dryMicrometres, @Nullable Colour colour) {
        double coats = wetMicrometres / ordinaryCoatMicrometres;
        return switch (body) {
            case Body.Clear clear -> Optional.ofNullable(colour).map(tint -> new Paint(tint, Opacity.TRANSPARENT).film(coats));
            case Body.Clouds clouds when colour != null -> Optional.of(new Paint(colour, Opacity.TRANSPARENT).film(coats));
            case Body.Clouds clouds -> Optional.of(haze(dryMicrometres).film(1));
            case Body.Pigment pigment -> Optional.ofNullable(colour).map(tint -> new Paint(tint, pigment.opacity()).film(pigment.strength() * coats));
            case Body.Measured measured -> Optional.of(measured.paint().film(coats));
        };
    }
}
