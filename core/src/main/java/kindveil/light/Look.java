package kindveil.light;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import org.jspecify.annotations.Nullable;

/**
 * One look of the finished thing: veil upon veil over a ground, and the surface they share.
 *
 * <p>Light is carried from veil to veil in all 31 bands. Where masks differ from place to place, what a veil sends up is mixed
 * by coverage under the surface (Demichel 1924, Neugebauer 1937); the surface is applied once on top, and dry fibre that lies
 * bare outside it. Each veil is one composite film for each combination of its own masks, so that veils add up in cost and do
 * not multiply; combinations that are nowhere in the picture are left out. Over a flat ground with few masks it is looked up
 * by coverage alone.
 *
 * @param veils from the ground upwards
 * @param surfaces of the uppermost veil's states, in their order; of the ground alone where there is no veil
 * @param outside films above the surface, from it upwards: only dry fibre, which lies in air
 */
public record Look(List<MaskedFilms> veils, List<Surface> surfaces, List<Film> outside) {
    private static final int BLOCK = 256;

    public Look {
        veils = List.copyOf(veils);
        surfaces = List.copyOf(surfaces);
        outside = List.copyOf(outside);
        if (surfaces.size() != (veils.isEmpty() ? 1 : veils.getLast().states().size())) {
            throw new IllegalArgumentException("Impossible state: %d surfaces for the uppermost veil.".formatted(surfaces.size()));
        }
    }

    /** Of one stack that is the same everywhere. */
    public static Look of(Stack stack) {
        return new Look(List.of(MaskedFilms.even(stack.inside())), List.of(stack.surface()), stack.outside());
    }

    /** A part of a picture: from {@code left}, {@code top} up to but not at {@code right}, {@code bottom}. */
    public record Part(int left, int top, int right, int bottom) {
        public static Part all(Picture of) {
            return new Part(0, 0, of.width(), of.height());
        }
    }

    /** The colour at one place, exactly. @param coverages of each mask there, 0 to 1 */
    public Colour at(Colour ground, double... coverages) {
        Spectrum inner = Surface.beneathGround(Upsampling.spectrum(ground));
        for (MaskedFilms veil : veils.isEmpty() ? veils : veils.subList(0, veils.size() - 1)) {
            inner = veil.over(inner, coverages);
        }
        Spectrum seen = Spectrum.flat(0);
        for (Surface surface : Surface.values()) {
            double share = 0;
            Spectrum under = Spectrum.flat(0);
            for (int state = 0; state < surfaces.size(); state++) {
                double there = surfaces.get(state) != surface ? 0 : veils.isEmpty() ? 1 : veils.getLast().share(state, coverages);
                if (there > 0) {
                    Spectrum folded = veils.isEmpty() ? inner : veils.getLast().under(MaskedFilms.folded(inner, veils.getLast().states().get(state)), coverages);
                    under = under.with(folded, (sum, r) -> sum + there * r);
                    share += there;
                }
            }
            if (share > 0) {
                double of = share;
                Spectrum outer = MaskedFilms.folded(surface.over(under.map(r -> r / of)), outside);
                seen = seen.with(outer, (sum, r) -> sum + of * r);
            }
        }
        return Observer.colour(seen);
    }

    /** Share of each place whose surface is glossy, 0 to 1: of coverages of a width and height. */
    public Plane gloss(int width, int height, List<Plane> coverages) {
        if (surfaces.stream().distinct().count() == 1) {
            return Plane.filled(width, height, surfaces.getFirst() == Surface.GLOSS ? 1 : 0);
        }
        return Plane.compute(width, height, (x, y) -> {
            double[] there = coverages.stream().mapToDouble(plane -> plane.at(x, y)).toArray();
            return (float) IntStream.range(0, surfaces.size()).filter(state -> surfaces.get(state) == Surface.GLOSS).mapToDouble(state -> veils.getLast().share(state, there)).sum();
        });
    }

    /** The whole picture: {@code coverages} 0 to 1 a pixel, one plane a mask, over {@code ground}, all of one size. */
    public Picture over(Picture ground, List<Plane> coverages) {
        return over(ground, coverages, Part.all(ground));
    }

    /** Only a part of it; black elsewhere. */
    public Picture over(Picture ground, List<Plane> coverages, Part part) {
        CoverageTable table = CoverageTable.of(this, ground, coverages, part).orElse(null);
        if (table == null) {
            return each(ground, coverages, part);
        }
        int width = ground.width();
        float[][] planes = new float[3][width * ground.height()];
        IntStream.range(part.top(), part.bottom()).parallel().forEach(y -> table.row(coverages, y, part.left(), part.right(), planes, y * width + part.left()));
        return new Picture(Plane.of(width, ground.height(), planes[0]), Plane.of(width, ground.height(), planes[1]), Plane.of(width, ground.height(), planes[2]));
    }

    /** The same, every pixel worked out by itself. */
    Picture each(Picture ground, List<Plane> coverages) {
        return each(ground, coverages, Part.all(ground));
    }

    private Picture each(Picture ground, List<Plane> coverages, Part part) {
        int width = ground.width();
        int height = ground.height();
        boolean[] somewhere = new boolean[coverages.size()];
        for (int i = 0; i < somewhere.length; i++) {
            somewhere[i] = coverages.get(i).anyAbove(0);
        }
        boolean even = surfaces.stream().distinct().count() == 1;
        List<Ready> ready = joined(veils.stream().map(veil -> Ready.of(veil, somewhere)).toList());
        List<Ready> lower = (even ? ready : ready.subList(0, ready.size() - 1)).stream().filter(layer -> !layer.clear()).toList();
        Ready last = even ? null : ready.getLast();
        MaskedFilms.Composite above = MaskedFilms.Composite.of(outside);
        float[][] planes = new float[3][width * height];
        IntStream.range(part.top(), part.bottom()).parallel().forEach(y -> {
            Block block = new Block();
            for (int x = part.left(); x < part.right(); x += BLOCK) {
                block.render(ground, coverages, lower, last, above, x, y, Math.min(BLOCK, part.right() - x), planes, y * width + x);
            }
        });
        return new Picture(Plane.of(width, height, planes[0]), Plane.of(width, height, planes[1]), Plane.of(width, height, planes[2]));
    }

    /** What is the same everywhere becomes one with what lies over it, and costs nothing. */
    private static List<Ready> joined(List<Ready> all) {
        List<Ready> joined = new ArrayList<>();
        for (Ready layer : all) {
            boolean onEven = !joined.isEmpty() && joined.getLast().even();
            joined.add(onEven ? layer.on(joined.removeLast().composites().getFirst()) : layer);
        }
        return joined;
    }

    /** A veil made ready for a picture: the states that can be somewhere in it. */
    private record Ready(MaskedFilms veil, int[] states, List<MaskedFilms.Composite> composites, List<MaskedFilms.InkDots> inks) {
        static Ready of(MaskedFilms veil, boolean[] somewhere) {
            int[] states = IntStream.range(0, veil.states().size()).filter(state -> !veil.impossible(state, somewhere)).toArray();
            List<MaskedFilms.Composite> all = veil.composites();
            return new Ready(veil, states, Arrays.stream(states).mapToObj(all::get).toList(), veil.inks().stream().filter(dots -> somewhere[dots.mask()]).toList());
        }

        boolean even() {
            return states.length == 1 && inks.isEmpty();
        }

        boolean clear() {
            return even() && composites.getFirst().clear();
        }

        Ready on(MaskedFilms.Composite lower) {
            return new Ready(veil, states, composites.stream().map(each -> each.on(lower)).toList(), inks);
        }
    }

    /** A run of pixels in one row, band by band. */
    private final class Block {
        private float[][] below = new float[Spectrum.BANDS][BLOCK];
        private float[][] next = new float[Spectrum.BANDS][BLOCK];
        private final float[] share = new float[BLOCK];
        private final float[] covered = new float[BLOCK];
        private final float[] out = new float[BLOCK];

        void render(Picture ground, List<Plane> coverages, List<Ready> lower, @Nullable Ready last, MaskedFilms.Composite above, int x, int y, int n, float[][] planes, int at) {
            ground(ground, x, y, n);
            for (Ready layer : lower) {
                add(layer, null, coverages, x, y, n);
                swap();
            }
            if (last == null) {
                Arrays.fill(covered, 0, n, 1);
                see(surfaces.getFirst(), above, below, n, planes, at);
                return;
            }
            for (Surface surface : Surface.values()) {
                add(last, surface, coverages, x, y, n);
                see(surface, above, next, n, planes, at);
            }
        }

        private void swap() {
            float[][] was = below;
            below = next;
            next = was;
        }

        private void ground(Picture ground, int x, int y, int n) {
            float r = Float.NaN;
            float g = 0;
            float b = 0;
            for (int i = 0; i < n; i++) {
                float red = ground.red().at(x + i, y);
                float green = ground.green().at(x + i, y);
                float blue = ground.blue().at(x + i, y);
                if (red == r && green == g && blue == b) {
                    for (int band = 0; band < Spectrum.BANDS; band++) {
                        below[band][i] = below[band][i - 1];
                    }
                } else {
                    GroundLookUp.inner(red, green, blue, below, i);
                    r = red;
                    g = green;
                    b = blue;
                }
            }
        }

        /** What a veil sends up, into {@code next}; only its states of one surface where one is given, with the share they cover. */
        private void add(Ready layer, @Nullable Surface only, List<Plane> coverages, int x, int y, int n) {
            for (float[] band : next) {
                Arrays.fill(band, 0, n, 0);
            }
            Arrays.fill(covered, 0, n, 0);
            for (int s = 0; s < layer.states().length; s++) {
                int state = layer.states()[s];
                if (only != null && surfaces.get(state) != only || !shares(layer.veil(), state, coverages, x, y, n)) {
                    continue;
                }
                for (int i = 0; i < n; i++) {
                    covered[i] += share[i];
                }
                MaskedFilms.Composite film = layer.composites().get(s);
                for (int band = 0; band < Spectrum.BANDS; band++) {
                    film(film.top()[band], film.squared()[band], film.bottom()[band], below[band], share, next[band], n);
                }
            }
            for (MaskedFilms.InkDots dots : layer.inks()) {
                for (int i = 0; i < n; i++) {
                    share[i] = coverages.get(dots.mask()).at(x + i, y);
                }
                for (int band = 0; band < Spectrum.BANDS; band++) {
                    double through = dots.solid().at(band);
                    dots((float) (1 - through * through), share, next[band], n);
                }
            }
        }

        private static void dots(float taken, float[] share, float[] light, int n) {
            for (int i = 0; i < n; i++) {
                light[i] *= 1 - share[i] * taken;
            }
        }

        private static void film(float top, float squared, float bottom, float[] below, float[] share, float[] into, int n) {
            for (int i = 0; i < n; i++) {
                into[i] += share[i] * (top + squared * below[i] / (1 - bottom * below[i]));
            }
        }

        /** Shares of a state along the block; false where it is nowhere in it. */
        private boolean shares(MaskedFilms veil, int state, List<Plane> coverages, int x, int y, int n) {
            Arrays.fill(share, 0, n, 1);
            for (int m = 0; m < veil.masks().size(); m++) {
                Plane plane = coverages.get(veil.masks().get(m));
                boolean set = (state >> m & 1) == 1;
                for (int i = 0; i < n; i++) {
                    float c = plane.at(x + i, y);
                    share[i] *= set ? c : 1 - c;
                }
            }
            float most = 0;
            for (int i = 0; i < n; i++) {
                most = Math.max(most, share[i]);
            }
            return most > 0;
        }

        /** Through the surface and what lies outside it, to linear sRGB. */
        private void see(Surface surface, MaskedFilms.Composite above, float[][] inner, int n, float[][] planes, int at) {
            float veil = (float) surface.outer(0);
            float through = (float) Surface.THROUGH;
            float back = (float) Surface.LEAVING;
            for (int band = 0; band < Spectrum.BANDS; band++) {
                outer(inner[band], veil, through, back, above.top()[band], above.squared()[band], above.bottom()[band], n);
                for (int k = 0; k < 3; k++) {
                    weigh((float) Observer.LINEAR_SRGB[k][band], planes[k], at, n);
                }
            }
        }

        private void outer(float[] inner, float veil, float through, float back, float top, float squared, float bottom, int n) {
            for (int i = 0; i < n; i++) {
                float share = covered[i];
                float r = share > 0 ? inner[i] / share : 0;
                float outer = veil + through * r / (1 - back * r);
                out[i] = share * (top + squared * outer / (1 - bottom * outer));
            }
        }

        private void weigh(float weight, float[] plane, int at, int n) {
            for (int i = 0; i < n; i++) {
                plane[at + i] += weight * out[i];
            }
        }
    }
}
