package kindveil.reading;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
import kindveil.bench.PrintKind;
import kindveil.light.Colour;
import kindveil.light.Fibre;
import kindveil.light.Fibre.Filling;
import kindveil.light.Film;
import kindveil.light.ProcessInk;
import kindveil.light.Look;
import kindveil.light.Spectrum;
import kindveil.light.Surface;
import kindveil.light.MaskedFilms;
import kindveil.measure.Words;
import kindveil.product.Trait;
import org.jspecify.annotations.Nullable;
import kindveil.measure.Figures;

/**
 * The layers on a face from the eye down, and the light through them.
 *
 * <p>The surface is that of the outermost layer or, where dry fibre lies bare on it, of what lies under the fibre
 * (dull), or of the water on it (gloss). Dry fibre outermost lies outside that surface, in air; fibre shut in behind
 * ink or foil lies inside. Layers of one picture after another are one veil, whose masks are that picture's; what lies
 * everywhere belongs to the veil below it. A picture printed in colours is parted into its inks, which lie uppermost in their veil.
 *
 * @param layers from the eye down, the support's ground last
 * @param covers what differs from place to place: parts of pictures, and inks of those in colours
 * @param look the light through them; its coverages are those of {@code covers}
 */
public record StackReading(List<Seen> layers, List<Cover> covers, Look look) {
    private static final String FOUR_INKS = "in four inks";
    private static final double FADED = 0.995;

    /**
     * What covers more or less of a place.
     *
     * @param mask where a part of a picture lies
     * @param ink one ink of that picture, or null for all of it
     * @param stain whether it is what ran of that ink: spread around, where the ink itself lies
     */
    public record Cover(Mask mask, @Nullable ProcessInk ink, boolean stain) {
        public Cover(Mask mask, @Nullable ProcessInk ink) {
            this(mask, ink, false);
        }

        public boolean of(Part part) {
            return ink == null && mask.part() == part;
        }
    }

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
    public record Seen(Kind kind, String name, String detail, Part part, double micrometres, @Nullable Colour colour) {
        public boolean onlyInDarks() {
            return part == Part.DARKS;
        }
    }

    public StackReading {
        layers = List.copyOf(layers);
        covers = List.copyOf(covers);
    }

    /** Of what lies on the support, its coats as they are once they have dried. */
    public static StackReading of(Bench bench) {
        return of(bench, Face.SUPPORT_FRONT);
    }

    public static StackReading of(Bench bench, Face face) {
        return of(bench, face, null);
    }

    /** Of what lies on the support, coats as milky as they are at this moment. */
    public static StackReading now(Bench bench) {
        return of(bench, Face.SUPPORT_FRONT, bench.now());
    }

    private static StackReading of(Bench bench, Face face, @Nullable Duration now) {
        List<Layer> outwards = bench.layers(face).stream().filter(layer -> layer.mask().part() != Part.EDGE).toList();
        List<Cover> covers = outwards.stream().filter(layer -> layer.mask().part() != Part.ALL).flatMap(StackReading::covers).distinct().toList();
        return new StackReading(outwards.reversed().stream().map(StackReading::seen).toList(), covers, look(outwards, covers, now));
    }

    private static Stream<Cover> covers(Layer layer) {
        Mask mask = told(layer.mask());
        if (!(layer instanceof Image image) || !image.inColours()) {
            return Stream.of(new Cover(mask, null));
        }
        Stream<Cover> inks = image.print().inks().all().stream().map(ink -> new Cover(mask, ink));
        return image.run() > 0 ? Stream.concat(inks, image.print().inks().all().stream().map(ink -> new Cover(mask, ink, true))) : inks;
    }

    /** The mask a layer's place is told by: lights are where darks are not. */
    private static Mask told(Mask mask) {
        return new Mask(mask.part() == Part.BACKED ? Part.BACKED : Part.DARKS, mask.hand(), mask.picture());
    }

    private static Look look(List<Layer> outwards, List<Cover> masks, @Nullable Duration now) {
        int bare = outwards.size();
        while (bare > 0 && outwards.get(bare - 1) instanceof Residue r && r.filling() == Filling.AIR) {
            bare--;
        }
        List<Film> outside = outwards.subList(bare, outwards.size()).stream().flatMap(layer -> films(layer, now)).toList();
        List<List<Layer>> groups = groups(outwards.subList(0, bare));
        List<MaskedFilms> veils = groups.stream().map(group -> veil(group, masks, now)).toList();
        if (groups.isEmpty()) {
            return new Look(List.of(), List.of(Surface.MATTE), outside);
        }
        boolean fibreBare = bare < outwards.size();
        List<Layer> below = outwards.subList(0, bare - groups.getLast().size());
        List<Surface> surfaces = new ArrayList<>();
        for (List<Layer> present : states(groups.getLast(), veils.getLast().masks(), masks)) {
            surfaces.add(fibreBare ? Surface.MATTE : surface(present.isEmpty() ? evenBelow(below) : present.getLast()));
        }
        return new Look(veils, surfaces, outside);
    }

    private static Layer evenBelow(List<Layer> below) {
        return below.reversed().stream().filter(layer -> layer.mask().part() == Part.ALL).findFirst().orElse(new Carrier(kindveil.bench.Sheet.COPY_PAPER, false));
    }

    /** Layers outwards, parted where another picture's begin. */
    private static List<List<Layer>> groups(List<Layer> outwards) {
        List<List<Layer>> groups = new ArrayList<>();
        int picture = -1;
        for (Layer layer : outwards) {
            boolean masked = layer.mask().part() != Part.ALL;
            if (groups.isEmpty() || masked && picture >= 0 && layer.mask().picture() != picture || groups.getLast().getLast() instanceof Image image && image.inColours()) {
                groups.add(new ArrayList<>());
            }
            picture = masked ? layer.mask().picture() : picture;
            groups.getLast().add(layer);
        }
        return groups;
    }

    private static MaskedFilms veil(List<Layer> group, List<Cover> covers, @Nullable Duration now) {
        if (!group.isEmpty() && group.getLast() instanceof Image image && image.inColours()) {
            MaskedFilms below = veil(group.subList(0, group.size() - 1), covers, now);
            return new MaskedFilms(below.masks(), below.states(), covers(image).map(cover -> new MaskedFilms.InkDots(covers.indexOf(cover), solid(image, cover))).toList());
        }
        List<Integer> own = group.stream().map(Layer::mask).filter(mask -> mask.part() != Part.ALL).map(mask -> covers.indexOf(new Cover(told(mask), null))).distinct().sorted().toList();
        return new MaskedFilms(own, states(group, own, covers).stream().map(present -> present.stream().flatMap(layer -> films(layer, now)).toList()).toList());
    }

    /** What a solid of one ink lets through: the less of it is left, the more; what ran of it is as much less. */
    private static Spectrum solid(Image image, Cover cover) {
        Spectrum whole = image.print().inks().solid(cover.ink());
        double share = cover.stain() ? image.run() : image.kept();
        return share == 1 ? whole : whole.map(t -> Math.pow(t, share));
    }

    /** The layers that are there for each combination of a group's masks. */
    private static List<List<Layer>> states(List<Layer> group, List<Integer> own, List<Cover> masks) {
        List<List<Layer>> states = new ArrayList<>();
        for (int state = 0; state < 1 << own.size(); state++) {
            int now = state;
            states.add(group.stream().filter(layer -> layer.mask().part() == Part.ALL || layer instanceof Image image && image.inColours()
                    || (now >> own.indexOf(masks.indexOf(new Cover(told(layer.mask()), null))) & 1) == (layer.mask().part() == Part.LIGHTS ? 0 : 1)).toList());
        }
        return states;
    }

    private static Stream<Film> films(Layer layer, @Nullable Duration now) {
        Stream<Film> dry = film(layer).stream();
        return now != null && layer instanceof Coating coat ? Stream.concat(dry, coat.product().milk(coat.wetMicrometres(), coat.waterShare(now)).stream()) : dry;
    }

    private static Optional<Film> film(Layer layer) {
        return switch (layer) {
            case Image image -> Optional.of(image.kept() == 1 ? image.toner().solid() : Film.filter(Spectrum.flat(Math.pow(image.toner().transmittance(), image.kept()))));
            case Coating coat -> coat.product().optics().film(coat.wetMicrometres(), coat.dryMicrometres(), coat.colour());
            case Residue residue -> Optional.of(Fibre.film(residue.gramsPerSquareMetre(), residue.filling()));
            case Carrier sheet -> Optional.of(Fibre.film(sheet.gramsPerSquareMetre(), sheet.sheet().rubsAway() ? Filling.AIR : Filling.ACRYLIC));
            case Undercolour ground -> Optional.empty();
            case Receiver receiver -> Optional.empty();
            case Foil foil -> Optional.empty();
            case Relief relief -> Optional.empty();
        };
    }

    private static Surface surface(Layer outermost) {
        return switch (outermost) {
            case Coating coat -> coat.product().gloss() ? Surface.GLOSS : Surface.MATTE;
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
            case Image image when image.inColours() -> new Seen(Kind.TONER, inkWords(image), FOUR_INKS + left(image), part, 5, null);
            case Image image -> new Seen(Kind.TONER, inkWords(image), "lets " + Figures.rounded(Math.pow(image.toner().transmittance(), image.kept()) * 100, 0) + " % through" + left(image), part, 5, null);
            case Coating coat when coat.product().is(Trait.OILY) && coat.colour() == null -> new Seen(Kind.OIL, Words.capital(coat.product().words()), "fills the fibre", part, 0, null);
            case Coating coat -> new Seen(coat.colour() == null ? Kind.COAT : Kind.PAINT, Words.capital(coat.product().words()),
                    (coat.dryMicrometres() == 0 ? "gone once it is dry" : Figures.rounded(coat.dryMicrometres(), 0) + " µm dry") + (part == Part.BACKED ? ", backed here" : ""), part, coat.dryMicrometres(), coat.colour());
            case Residue residue -> new Seen(Kind.FIBRE, "Paper fibre", Figures.rounded(residue.gramsPerSquareMetre(), 1) + " g/m², "
                    + filled(residue.filling()), part, residue.gramsPerSquareMetre() / 0.6, null);
            case Undercolour ground -> new Seen(Kind.GROUND, "Ground", ground.ground().words(), part, 0, null);
            case Carrier sheet -> new Seen(Kind.SHEET, Words.capital(sheet.sheet().words()), Figures.rounded(sheet.gramsPerSquareMetre(), 0) + " g/m²", part, 40, null);
            case Receiver receiver -> new Seen(Kind.COAT, "Receiver coating", "still on: rinse before overprinting", part, 15, null);
            case Foil foil -> new Seen(Kind.FOIL, "Tape", "clear film", part, 30, null);
            case Relief relief -> new Seen(Kind.SHEET, "Relief", "stands up", part, 0, null);
        };
    }

    private static String left(Image image) {
        return image.kept() < FADED ? ", %s %% of it left".formatted(Figures.rounded(image.kept() * 100, 0)) : "";
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

    /** The layers at one place, prints in colours with the colour their inks have there on white paper. */
    public List<Seen> at(List<PrintKind> prints, double... coverages) {
        List<Seen> there = new ArrayList<>(layers);
        int at = 0;
        for (int i = layers.size() - 1; i >= 0; i--) {
            Seen layer = layers.get(i);
            if (layer.kind() == Kind.TONER && layer.detail().startsWith(FOUR_INKS)) {
                while (at < covers.size() && (covers.get(at).ink() == null || covers.get(at).stain())) {
                    at++;
                }
                int inks = ProcessInk.values().length;
                if (at + inks <= covers.size()) {
                    PrintKind print = prints.get(covers.get(at).mask().picture());
                    there.set(i, new Seen(layer.kind(), layer.name(), layer.detail(), layer.part(), layer.micrometres(), print.inks().colour(java.util.Arrays.copyOfRange(coverages, at, at + inks))));
                    at += inks;
                }
            }
        }
        return there;
    }

    /** The colour at one place, exactly: {@code coverages} of each cover, 0 to 1, over the ground's colour. */
    public Colour at(Colour ground, double... coverages) {
        return look.at(ground, coverages);
    }
}
