package kindveil.studio.store.form;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Duration;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Spectrum;
import kindveil.product.Cleaning;
import kindveil.product.Law;
import kindveil.product.NotOver;
import kindveil.product.Optics;
import kindveil.product.Product;
import kindveil.product.Release;
import org.jspecify.annotations.Nullable;

/** A product as it is kept, whole: a making and a record hold what was used, whatever becomes of the table. Times in ms. */
public record ProductForm(String id, String words, String family, List<String> traits, LawForm dries, boolean gloss, BodyForm body, double coat, double @Nullable [] colour, List<String> hazards,
        String washes, @Nullable Long within, List<NotOverForm> notOver, @Nullable ReleaseForm releases) {
    /** How it gets dry. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "by")
    @JsonSubTypes({@JsonSubTypes.Type(value = LawForm.Water.class, name = "water"), @JsonSubTypes.Type(value = LawForm.Solvent.class, name = "solvent"),
        @JsonSubTypes.Type(value = LawForm.Air.class, name = "air"), @JsonSubTypes.Type(value = LawForm.Setting.class, name = "setting"),
        @JsonSubTypes.Type(value = LawForm.Never.class, name = "never")})
    public sealed interface LawForm {
        record Water(double share) implements LawForm {
        }

        record Solvent(long open, long sets) implements LawForm {
        }

        record Air(long open, long sets) implements LawForm {
        }

        record Setting(long open, long sets) implements LawForm {
        }

        record Never(long open) implements LawForm {
        }
    }

    /** What is in it. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({@JsonSubTypes.Type(value = BodyForm.Clear.class, name = "clear"), @JsonSubTypes.Type(value = BodyForm.Clouds.class, name = "clouds"),
        @JsonSubTypes.Type(value = BodyForm.Pigment.class, name = "pigment"), @JsonSubTypes.Type(value = BodyForm.Measured.class, name = "measured")})
    public sealed interface BodyForm {
        record Clear() implements BodyForm {
        }

        record Clouds(double perMicrometre) implements BodyForm {
        }

        record Pigment(String opacity, double strength) implements BodyForm {
        }

        record Measured(double[] absorption, double[] scattering, @Nullable Double within) implements BodyForm {
        }
    }

    /** What it may not lie on. */
    public record NotOverForm(String below, String why, String remedy) {
    }

    /** How it lets prints go. */
    public record ReleaseForm(List<String> lets, long least, long most, boolean dissolvesReceiver) {
    }

    public static ProductForm of(Product p) {
        return new ProductForm(p.id(), p.words(), Vocabulary.FAMILY.of(p.family()), p.traits().stream().map(Vocabulary.TRAIT::of).toList(), of(p.law()), p.gloss(), of(p.optics().body()),
                p.optics().ordinaryCoatMicrometres(), p.colour() == null ? null : colour(p.colour()), p.hazards().stream().map(Vocabulary.HAZARD::of).toList(),
                p.cleaning().with(), p.cleaning().within() == null ? null : p.cleaning().within().toMillis(),
                p.notOver().stream().map(n -> new NotOverForm(Vocabulary.TRAIT.of(n.below()), n.why(), n.remedy())).toList(),
                p.release() == null ? null : new ReleaseForm(p.release().lets().stream().map(Vocabulary.LETS::of).toList(), p.release().least().toMillis(), p.release().most().toMillis(), p.release().dissolvesReceiver()));
    }

    private static LawForm of(Law law) {
        return switch (law) {
            case Law.LosesWater w -> new LawForm.Water(w.share());
            case Law.LosesSolvent s -> new LawForm.Solvent(s.open().toMillis(), s.sets().toMillis());
            case Law.Oxidises o -> new LawForm.Air(o.open().toMillis(), o.sets().toMillis());
            case Law.Sets s -> new LawForm.Setting(s.open().toMillis(), s.sets().toMillis());
            case Law.Stays s -> new LawForm.Never(s.open().toMillis());
        };
    }

    private static BodyForm of(Optics.Body body) {
        return switch (body) {
            case Optics.Body.Clear c -> new BodyForm.Clear();
            case Optics.Body.Clouds c -> new BodyForm.Clouds(c.perMicrometre());
            case Optics.Body.Pigment p -> new BodyForm.Pigment(Vocabulary.OPACITY.of(p.opacity()), p.strength());
            case Optics.Body.Measured m -> new BodyForm.Measured(bands(m.paint().absorption()), bands(m.paint().scattering()), m.within());
        };
    }

    private static double[] bands(Spectrum spectrum) {
        return IntStream.range(0, Spectrum.BANDS).mapToDouble(spectrum::at).toArray();
    }

    static double[] colour(Colour colour) {
        return new double[] {colour.red(), colour.green(), colour.blue()};
    }

    static Colour colour(double[] linear) {
        return new Colour(linear[0], linear[1], linear[2]);
    }

    public Product product() {
        return new Product(id, words, Vocabulary.FAMILY.read(family), new HashSet<>(traits.stream().map(Vocabulary.TRAIT::read).toList()), law(), new Optics(gloss, opticsBody(), coat),
                colour == null ? null : colour(colour), new HashSet<>(hazards.stream().map(Vocabulary.HAZARD::read).toList()),
                new Cleaning(washes, Optional.ofNullable(within).map(Duration::ofMillis).orElse(null)),
                notOver.stream().map(n -> new NotOver(Vocabulary.TRAIT.read(n.below()), n.why(), n.remedy())).toList(),
                releases == null ? null : new Release(new HashSet<>(releases.lets().stream().map(Vocabulary.LETS::read).toList()), Duration.ofMillis(releases.least()), Duration.ofMillis(releases.most()), releases.dissolvesReceiver()));
    }

    private Law law() {
        return switch (dries) {
            case LawForm.Water w -> new Law.LosesWater(w.share());
            case LawForm.Solvent s -> new Law.LosesSolvent(Duration.ofMillis(s.open()), Duration.ofMillis(s.sets()));
            case LawForm.Air a -> new Law.Oxidises(Duration.ofMillis(a.open()), Duration.ofMillis(a.sets()));
            case LawForm.Setting s -> new Law.Sets(Duration.ofMillis(s.open()), Duration.ofMillis(s.sets()));
            case LawForm.Never n -> new Law.Stays(Duration.ofMillis(n.open()));
        };
    }

    private Optics.Body opticsBody() {
        return switch (body) {
            case BodyForm.Clear c -> new Optics.Body.Clear();
            case BodyForm.Clouds c -> new Optics.Body.Clouds(c.perMicrometre());
            case BodyForm.Pigment p -> new Optics.Body.Pigment(Vocabulary.OPACITY.read(p.opacity()), p.strength());
            case BodyForm.Measured m -> new Optics.Body.Measured(new Coefficients(spectrum(m.absorption()), spectrum(m.scattering())), m.within() == null ? 0 : m.within());
        };
    }

    private static Spectrum spectrum(double[] bands) {
        if (bands.length != Spectrum.BANDS) {
            throw new Unreadable("A spectrum of %d bands; %d are asked.".formatted(bands.length, Spectrum.BANDS));
        }
        double[] held = Arrays.copyOf(bands, bands.length);
        return Spectrum.of(band -> held[band]);
    }
}
