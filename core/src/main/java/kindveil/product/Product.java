package kindveil.product;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Film;
import kindveil.light.Paint;
import kindveil.measure.UnusableValue;
import org.jspecify.annotations.Nullable;

/**
 * Something that is laid on, rubbed in or mixed: everything rules, readings and washing up ask of it. Built-in kinds are a
 * table ({@link Products}); an artist's own lot is another instance.
 *
 * @param id its lasting name
 * @param words how it is said in a sentence
 * @param colour of its own, or null where it is clear or the colour is chosen
 * @param notOver what it may not lie on
 * @param release how it lets prints go, or null where it does not
 */
public record Product(String id, String words, Family family, Set<Trait> traits, Law law, Optics optics, @Nullable Colour colour, Set<Hazard> hazards,
        Cleaning cleaning, List<NotOver> notOver, @Nullable Release release) {
    private static final int LONGEST = 80;
    private static final double LACQUER = 0.3;

    public Product {
        traits = Ordered.of(Trait.class, traits);
        hazards = Ordered.of(Hazard.class, hazards);
        notOver = List.copyOf(notOver);
        if (!id.matches("[a-z0-9][a-z0-9-]{0,79}")) {
            throw new UnusableValue("product's name", id, "small letters, digits and hyphens, at most 80", "Write for example brown-jar.");
        }
        if (words.isBlank() || words.length() > LONGEST) {
            throw new UnusableValue("product", words, "1 to %d signs".formatted(LONGEST), "Call it what stands on its jar.");
        }
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    public boolean gloss() {
        return optics.gloss();
    }

    public boolean flammable() {
        return hazards.contains(Hazard.FLAMMABLE);
    }

    /** Water over the whole, 0 to 1; 0 for what does not dry by losing water. */
    public double waterShare() {
        return law instanceof Law.LosesWater water ? water.share() : 0;
    }

    /** Milk of a clear binder that still has water in it: fine drops scatter until they run together; empty where there is none to speak of. */
    public Optional<Film> milk(double wetMicrometres, double waterLeft) {
        boolean turnsClear = law instanceof Law.LosesWater && (optics.body() instanceof Optics.Body.Clear || clouds());
        return turnsClear ? Optics.milk(wetMicrometres, waterLeft) : Optional.empty();
    }

    /** Share of a coat that stays once it is dry, 0 to 1: nothing of a solution that only lets go, three tenths of a lacquer cut with spirit (assumed). */
    public double staysShare() {
        return releases() ? 0 : law instanceof Law.LosesSolvent ? LACQUER : 1 - waterShare();
    }

    /** Whether it lets a print of some ink go. */
    public boolean releases(Release.Lets what) {
        return release != null && release.lets().contains(what);
    }

    /** Whether it is a solution that prints are laid into to let go. */
    public boolean releases() {
        return release != null;
    }

    /** Whether its coats build up milky: matte binder over matte binder. */
    public boolean clouds() {
        return optics.body() instanceof Optics.Body.Clouds;
    }

    /** The same as something of the artist's own, by another name. */
    public Product called(String otherId, String otherWords) {
        return new Product(otherId, otherWords, family, traits, law, optics, colour, hazards, cleaning, notOver, release);
    }

    public Product with(Law other) {
        return new Product(id, words, family, traits, other, optics, colour, hazards, cleaning, notOver, release);
    }

    public Product with(Optics other) {
        return new Product(id, words, family, traits, law, other, colour, hazards, cleaning, notOver, release);
    }

    /** K and S of one ordinary coat of it; empty where no pigment is in it, or its colour is chosen and not told. */
    public Optional<Coefficients> paint() {
        return switch (optics.body()) {
            case Optics.Body.Measured measured -> Optional.of(measured.paint());
            case Optics.Body.Pigment pigment -> Optional.ofNullable(colour).map(own -> new Paint(own, pigment.opacity()).coefficients());
            case Optics.Body.Clear clear -> Optional.empty();
            case Optics.Body.Clouds clouds -> Optional.empty();
        };
    }

    /** This with the pigment of a paint, as strong as this is of colour: it dries, washes out and holds as this does, and is called and looks as that. */
    public Product tinted(Product paint) {
        if (!(optics.body() instanceof Optics.Body.Pigment own) || paint.paint().isEmpty()) {
            return this;
        }
        double within = paint.optics.body() instanceof Optics.Body.Measured measured ? measured.within() : 0;
        Set<Hazard> both = new HashSet<>(hazards);
        both.addAll(paint.hazards);
        return new Product(paint.id, paint.words, family, traits, law, new Optics(optics.gloss(), new Optics.Body.Measured(paint.paint().get().times(own.strength()), within), optics.ordinaryCoatMicrometres()),
                paint.colour, both, cleaning, notOver, release);
    }

    /** This with a little paint stirred in: it dries, holds and washes out as it did, and is seen in that colour. @param share of paint, by volume @param paint the artist's own, or null where a colour alone is told */
    public Product stirred(double share, @Nullable Product paint, Colour tint) {
        Coefficients full = Optional.ofNullable(paint).flatMap(Product::paint).orElseGet(() -> new Paint(tint, Paint.Opacity.TRANSPARENT).coefficients());
        Optics.Body body = new Optics.Body.Measured(full.times(share).plus(optics.alone(optics.ordinaryCoatMicrometres() * staysShare(), colour).times(1 - share)), 0);
        Set<Hazard> both = new HashSet<>(hazards);
        both.addAll(paint == null ? Set.of() : paint.hazards);
        return new Product(id + "-tinted", "tinted " + words, family, traits, law, new Optics(optics.gloss(), body, optics.ordinaryCoatMicrometres()), tint, both, cleaning, notOver, release);
    }

    public Product of(Colour own) {
        return new Product(id, words, family, traits, law, optics, own, hazards, cleaning, notOver, release);
    }
}
