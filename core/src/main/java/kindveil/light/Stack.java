package kindveil.light;

import java.util.ArrayList;
import java.util.List;

/**
 * What lies between the ground and the eye.
 *
 * @param inside films under the surface, from the ground upwards: medium, toner, filled fibre
 * @param surface the one place where the index changes
 * @param outside films above the surface, from it upwards: only dry fibre, which lies in air
 */
public record Stack(List<Film> inside, Surface surface, List<Film> outside) {
    public Stack {
        inside = List.copyOf(inside);
        outside = List.copyOf(outside);
    }

    public static Stack bare(Surface surface) {
        return new Stack(List.of(), surface, List.of());
    }

    /** With {@code film} as the uppermost inside. */
    public Stack plusInside(Film film) {
        List<Film> more = new ArrayList<>(inside);
        more.add(film);
        return new Stack(more, surface, outside);
    }

    /** The spectrum seen over a ground's inner reflectance. */
    public Spectrum over(Spectrum innerGround) {
        Spectrum seen = innerGround;
        for (Film film : inside) {
            seen = film.over(seen);
        }
        seen = surface.over(seen);
        for (Film film : outside) {
            seen = film.over(seen);
        }
        return seen;
    }

    /** The colour seen over a ground whose colour was judged or photographed from outside. */
    public Colour over(Colour ground) {
        return Observer.colour(over(Surface.beneathGround(Upsampling.spectrum(ground))));
    }

    /** The colour seen over a neutral ground of outer luminance 0 to 1. */
    public Colour overNeutral(double luminance) {
        return Observer.colour(over(Surface.beneathGround(Spectrum.flat(luminance))));
    }
}
