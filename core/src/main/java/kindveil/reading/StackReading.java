package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import kindveil.light.Colour;
import kindveil.light.Fibre;
import kindveil.light.Fibre.Filling;
import kindveil.light.Film;
import kindveil.light.Look;
import kindveil.light.Spectrum;
import kindveil.light.Stack;
import kindveil.light.Surface;
import kindveil.measure.Figures;
import kindveil.way.Bench;
import kindveil.way.Face;
import kindveil.way.Layer;
import kindveil.way.Layer.Carrier;
import kindveil.way.Layer.Coating;
import kindveil.way.Layer.Image;
import kindveil.way.Layer.Residue;
import kindveil.way.Layer.Undercolour;
import kindveil.way.Material;

/**
 * The layers on the support from the eye down, and the light through them.
 *
 * <p>The surface is that of the outermost coat or, where fibre lies bare, of the binder under it (dry, dull)
 * or of the water on it (wet, gloss). A matte medium scatters a little wherever it lies in the stack
 * (SX 0.03 per 40 µm of dry film, assumed); a gloss one does not.
 *
 * @param layers from the eye down, the support's ground last
 * @param withToner the optics where the print is dark
 * @param without the optics where it is clear
 */
public record StackReading(List<Seen> layers, Stack withToner, Stack without) {
    private static final double MATTE_SCATTER_PER_MICROMETRE = 0.03 / 40;
    private static final double MATTE_ABSORPTION_SHARE = 0.02;

    /** What kind of layer it is, for drawing. */
    public enum Kind {
        FIBRE, TONER, COAT, OIL, GROUND
    }

    /**
     * One layer.
     *
     * @param name what it is called
     * @param detail its measure and state
     * @param onlyInDarks whether it is there only where the print is dark
     * @param micrometres dry thickness, 0 where it has none to speak of
     */
    public record Seen(Kind kind, String name, String detail, boolean onlyInDarks, double micrometres) {
    }

    public StackReading {
        layers = List.copyOf(layers);
    }

    /** Of a bench whose image lies on the support. */
    public static StackReading of(Bench bench) {
        List<Layer> outwards = bench.layers(Face.SUPPORT_FRONT);
        List<Film> clear = new ArrayList<>();
        List<Film> dark = new ArrayList<>();
        List<Film> outside = new ArrayList<>();
        for (Layer layer : outwards) {
            switch (layer) {
                case Image image -> dark.add(image.toner().solid());
                case Coating coat -> scatter(coat, clear, dark);
                case Residue residue when residue.filling() == Filling.AIR -> outside.add(fibre(residue));
                case Residue residue -> {
                    clear.add(fibre(residue));
                    dark.add(fibre(residue));
                }
                case Undercolour ground -> { }
                case Carrier paper -> { }
            }
        }
        Surface surface = surface(outwards);
        return new StackReading(outwards.reversed().stream().map(StackReading::seen).toList(),
                new Stack(dark, surface, outside), new Stack(clear, surface, outside));
    }

    private static void scatter(Coating coat, List<Film> clear, List<Film> dark) {
        if (!coat.material().gloss() && coat.material().kind() == Material.Kind.MEDIUM) {
            Spectrum scattering = Spectrum.flat(MATTE_SCATTER_PER_MICROMETRE);
            Film film = Film.of(scattering.map(s -> s * MATTE_ABSORPTION_SHARE), scattering, coat.dryMicrometres());
            clear.add(film);
            dark.add(film);
        }
    }

    private static Film fibre(Residue residue) {
        return Fibre.film(residue.gramsPerSquareMetre(), residue.filling());
    }

    private static Surface surface(List<Layer> outwards) {
        return switch (outwards.getLast()) {
            case Coating coat -> coat.material().gloss() ? Surface.GLOSS : Surface.MATTE;
            case Residue residue -> residue.filling() == Filling.WATER ? Surface.GLOSS : Surface.MATTE;
            case Image image -> Surface.MATTE;
            case Undercolour ground -> Surface.MATTE;
            case Carrier paper -> Surface.MATTE;
        };
    }

    private static Seen seen(Layer layer) {
        return switch (layer) {
            case Image image -> new Seen(Kind.TONER, "Toner",
                    "lets " + Figures.rounded(image.toner().transmittance() * 100, 0) + " % through", true, 5);
            case Coating coat when coat.material().kind() == Material.Kind.OIL -> new Seen(Kind.OIL, sentence(coat.material().words()), "fills the fibre", false, 0);
            case Coating coat -> new Seen(Kind.COAT, sentence(coat.material().words()),
                    Figures.rounded(coat.dryMicrometres(), 0) + " µm dry", false, coat.dryMicrometres());
            case Residue residue -> new Seen(Kind.FIBRE, "Paper fibre", Figures.rounded(residue.gramsPerSquareMetre(), 1) + " g/m², "
                    + filled(residue.filling()), false, residue.gramsPerSquareMetre() / 0.6);
            case Undercolour ground -> new Seen(Kind.GROUND, "Ground", ground.ground().words(), false, 0);
            case Carrier paper -> new Seen(Kind.FIBRE, "Paper", Figures.rounded(paper.gramsPerSquareMetre(), 0) + " g/m²", false, 100);
        };
    }

    private static String filled(Filling filling) {
        return switch (filling) {
            case AIR -> "dry";
            case WATER -> "wet";
            case OIL -> "filled with oil";
            case ACRYLIC -> "filled with medium";
        };
    }

    private static String sentence(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    public Look look() {
        return new Look(withToner, without);
    }

    /** The colour at one place: {@code coverage} of toner, 0 to 1, over the ground's colour. */
    public Colour at(Colour ground, double coverage) {
        return without.over(ground).mixed(withToner.over(ground), coverage);
    }
}
