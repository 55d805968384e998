package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import kindveil.bench.Bench;
import kindveil.bench.Face;
import kindveil.bench.Layer;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Coating;
import kindveil.bench.Layer.Foil;
import kindveil.bench.Layer.Image;
import kindveil.bench.Layer.Receiver;
import kindveil.bench.Layer.Relief;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Layer.Undercolour;
import kindveil.bench.Mask;
import kindveil.bench.Mask.Part;
import kindveil.bench.Material;
import kindveil.light.Colour;
import kindveil.light.Fibre;
import kindveil.light.Fibre.Filling;
import kindveil.light.Film;
import kindveil.light.Look;
import kindveil.light.Paint;
import kindveil.light.Spectrum;
import kindveil.light.Stack;
import kindveil.light.Surface;
import kindveil.measure.Figures;

/**
 * The layers on a face from the eye down, and the light through them.
 *
 * <p>The surface is that of the outermost layer or, where dry fibre lies bare on it, of what lies under the fibre
 * (dull), or of the water on it (gloss). Dry fibre outermost lies outside that surface, in air; fibre shut in behind
 * ink or foil lies inside. A matte medium scatters a little wherever it lies in the stack (SX 0.03 per 40 µm of dry
 * film, assumed); a gloss one does not.
 *
 * @param layers from the eye down, the support's ground last
 * @param masks the parts of pictures that differ from place to place
 * @param states the optics of each combination of them, as {@link Look} counts
 */
public record StackReading(List<Seen> layers, List<Mask> masks, List<Stack> states) {
    private static final double MATTE_SCATTER_PER_MICROMETRE = 0.03 / 40;
    private static final double MATTE_ABSORPTION_SHARE = 0.02;

    /** What kind of layer it is, for drawing. */
    public enum Kind {
        FIBRE, TONER, COAT, PAINT, FOIL, SHEET, OIL, GROUND
    }

    /**
     * One layer.
     *
     * @param name what it is called
     * @param detail its measure and state
     * @param part where it lies
     * @param micrometres dry thickness, 0 where it has none to speak of
     * @param colour of its pigment, or null
     */
    public record Seen(Kind kind, String name, String detail, Part part, double micrometres, Colour colour) {
        public boolean onlyInDarks() {
            return part == Part.DARKS;
        }
    }

    public StackReading {
        layers = List.copyOf(layers);
        masks = List.copyOf(masks);
        states = List.copyOf(states);
    }

    /** Of what lies on the support. */
    public static StackReading of(Bench bench) {
        return of(bench, Face.SUPPORT_FRONT);
    }

    public static StackReading of(Bench bench, Face face) {
        List<Layer> outwards = bench.layers(face).stream().filter(layer -> layer.mask().part() != Part.EDGE).toList();
        List<Mask> masks = outwards.stream().map(Layer::mask).filter(mask -> mask.part() != Part.ALL)
                .map(mask -> new Mask(mask.part() == Part.BACKED ? Part.BACKED : Part.DARKS, mask.hand(), mask.picture())).distinct().toList();
        List<Stack> states = new ArrayList<>();
        for (int state = 0; state < 1 << masks.size(); state++) {
            states.add(stack(present(outwards, masks, state)));
        }
        return new StackReading(outwards.reversed().stream().map(StackReading::seen).toList(), masks, states);
    }

    private static List<Layer> present(List<Layer> outwards, List<Mask> masks, int state) {
        return outwards.stream().filter(layer -> switch (layer.mask().part()) {
            case ALL -> true;
            case EDGE -> false;
            case DARKS -> has(masks, layer.mask(), Part.DARKS, state);
            case BACKED -> has(masks, layer.mask(), Part.BACKED, state);
            case LIGHTS -> !has(masks, layer.mask(), Part.DARKS, state);
        }).toList();
    }

    private static boolean has(List<Mask> masks, Mask mask, Part part, int state) {
        for (int i = 0; i < masks.size(); i++) {
            if (masks.get(i).part() == part && masks.get(i).picture() == mask.picture()) {
                return (state >> i & 1) == 1;
            }
        }
        return false;
    }

    private static Stack stack(List<Layer> outwards) {
        int bare = outwards.size();
        while (bare > 0 && outwards.get(bare - 1) instanceof Residue r && r.filling() == Filling.AIR) {
            bare--;
        }
        List<Film> inside = outwards.subList(0, bare).stream().flatMap(layer -> film(layer).stream()).toList();
        List<Film> outside = outwards.subList(bare, outwards.size()).stream().flatMap(layer -> film(layer).stream()).toList();
        Surface surface = bare < outwards.size() || bare == 0 ? Surface.MATTE : surface(outwards.get(bare - 1));
        return new Stack(inside, surface, outside);
    }

    private static java.util.Optional<Film> film(Layer layer) {
        return java.util.Optional.ofNullable(switch (layer) {
            case Image image -> image.toner().solid();
            case Coating coat when coat.colour() != null -> new Paint(coat.colour(), coat.material().opacity())
                    .film(coat.material().strength() * coat.wetMicrometres() / coat.material().ordinaryCoatMicrometres());
            case Coating coat -> matte(coat);
            case Residue residue -> Fibre.film(residue.gramsPerSquareMetre(), residue.filling());
            case Carrier sheet -> Fibre.film(sheet.sheet().gramsPerSquareMetre(), sheet.sheet().rubsAway() ? Filling.AIR : Filling.ACRYLIC);
            case Undercolour ground -> null;
            case Receiver receiver -> null;
            case Foil foil -> null;
            case Relief relief -> null;
        });
    }

    private static Film matte(Coating coat) {
        if (coat.material().gloss() || coat.material().kind() != Material.Kind.MEDIUM) {
            return null;
        }
        Spectrum scattering = Spectrum.flat(MATTE_SCATTER_PER_MICROMETRE);
        return Film.of(scattering.map(s -> s * MATTE_ABSORPTION_SHARE), scattering, coat.dryMicrometres());
    }

    private static Surface surface(Layer outermost) {
        return switch (outermost) {
            case Coating coat -> coat.material().gloss() ? Surface.GLOSS : Surface.MATTE;
            case Residue residue -> residue.filling() == Filling.WATER ? Surface.GLOSS : Surface.MATTE;
            case Foil foil -> Surface.GLOSS;
            case Receiver receiver -> Surface.GLOSS;
            case Image image -> image.print().receiver() || image.print().ink() == kindveil.bench.PrintKind.Ink.SUBLIMED ? Surface.GLOSS : Surface.MATTE;
            case Undercolour ground -> Surface.MATTE;
            case Carrier sheet -> Surface.MATTE;
            case Relief relief -> Surface.MATTE;
        };
    }

    private static Seen seen(Layer layer) {
        Part part = layer.mask().part();
        return switch (layer) {
            case Image image -> new Seen(Kind.TONER, inkWords(image), "lets " + Figures.rounded(image.toner().transmittance() * 100, 0) + " % through", part, 5, null);
            case Coating coat when coat.material().kind() == Material.Kind.OIL -> new Seen(Kind.OIL, sentence(coat.material().words()), "fills the fibre", part, 0, null);
            case Coating coat -> new Seen(coat.colour() == null ? Kind.COAT : Kind.PAINT, sentence(coat.material().words()),
                    Figures.rounded(coat.dryMicrometres(), 0) + " µm dry" + (part == Part.BACKED ? ", backed here" : ""), part, coat.dryMicrometres(), coat.colour());
            case Residue residue -> new Seen(Kind.FIBRE, "Paper fibre", Figures.rounded(residue.gramsPerSquareMetre(), 1) + " g/m², "
                    + filled(residue.filling()), part, residue.gramsPerSquareMetre() / 0.6, null);
            case Undercolour ground -> new Seen(Kind.GROUND, "Ground", ground.ground().words(), part, 0, null);
            case Carrier sheet -> new Seen(Kind.SHEET, sentence(sheet.sheet().words()), Figures.rounded(sheet.sheet().gramsPerSquareMetre(), 0) + " g/m²", part, 40, null);
            case Receiver receiver -> new Seen(Kind.COAT, "Receiver coating", "still on: rinse before overprinting", part, 15, null);
            case Foil foil -> new Seen(Kind.FOIL, "Tape", "clear film", part, 30, null);
            case Relief relief -> new Seen(Kind.SHEET, "Relief", "stands up", part, 0, null);
        };
    }

    private static String inkWords(Image image) {
        return switch (image.print().ink()) {
            case TONER -> "Toner";
            case PRINTERS -> "Printing ink";
            case DYE, PIGMENT, MIXED -> "Ink";
            case SUBLIMED -> "Dye skin";
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
        return new Look(states);
    }

    /** Where every picture is dark and nothing is backed. */
    public Stack withToner() {
        int state = 0;
        for (int i = 0; i < masks.size(); i++) {
            state |= masks.get(i).part() == Part.DARKS ? 1 << i : 0;
        }
        return states.get(state);
    }

    /** Where every picture is clear. */
    public Stack without() {
        return states.getFirst();
    }

    /** The colour at one place, exactly: {@code coverages} of each mask, 0 to 1, over the ground's colour. */
    public Colour at(Colour ground, double... coverages) {
        double r = 0;
        double g = 0;
        double b = 0;
        for (int state = 0; state < states.size(); state++) {
            double share = 1;
            for (int i = 0; i < coverages.length; i++) {
                share *= (state >> i & 1) == 1 ? coverages[i] : 1 - coverages[i];
            }
            if (share > 0) {
                Colour c = states.get(state).over(ground);
                r += share * c.red();
                g += share * c.green();
                b += share * c.blue();
            }
        }
        return new Colour(r, g, b);
    }
}
