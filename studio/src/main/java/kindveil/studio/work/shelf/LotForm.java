package kindveil.studio.work.shelf;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import kindveil.light.Colour;
import kindveil.light.Paint.Opacity;
import kindveil.measure.NumberText;
import kindveil.measure.Span;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.product.Cleaning;
import kindveil.product.Hazard;
import kindveil.product.Law;
import kindveil.product.NotOver;
import kindveil.product.Optics;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.product.Release;
import kindveil.product.Trait;
import org.jspecify.annotations.Nullable;

/**
 * A product of the artist's own as a form brings it: loose text by field. Everything that is not said is as the built-in
 * product it is like.
 *
 * <p>Fields: {@code like} (id of a built-in product), {@code name}, {@code traits} and {@code hazards} (words by their tokens,
 * separated by blanks, in place of those of the product it is like), {@code dries} (water, solvent, oxidises, sets, stays),
 * {@code water} (% of the whole), {@code open} and {@code sets} (min), {@code gloss} (gloss or matte), {@code coat} (µm),
 * {@code colour} (#rrggbb), {@code opacity}, {@code washes} (with what), {@code within} (min), {@code not-over} (tokens of
 * traits), {@code releases} (tokens), {@code least} and {@code most} (s).
 */
public final class LotForm {
    private final Map<String, String> fields;
    private final List<String> problems = new ArrayList<>();

    private LotForm(Map<String, String> fields) {
        this.fields = fields;
    }

    /** What came of a form: a product, or everything that is wrong with it. */
    public record Read(Optional<Product> product, List<String> problems) {
    }

    public static Read read(String id, Map<String, String> fields) {
        LotForm form = new LotForm(fields);
        Product product = form.product(id);
        return form.problems.isEmpty() ? new Read(Optional.ofNullable(product), List.of()) : new Read(Optional.empty(), List.copyOf(form.problems));
    }

    private @Nullable Product product(String id) {
        Product like = read(() -> Products.of(text("like")));
        if (like == null) {
            return null;
        }
        Set<Trait> traits = said("traits") ? tokens(Trait.class, "traits") : like.traits();
        Set<Hazard> hazards = said("hazards") ? tokens(Hazard.class, "hazards") : like.hazards();
        Law law = said("dries") ? law() : like.law();
        Optics optics = optics(like);
        Colour colour = said("colour") ? read(() -> Colour.parse("colour", text("colour"))) : like.colour();
        Cleaning cleaning = said("washes") ? new Cleaning(text("washes"), said("within") ? minutes("within", 1, 1440) : null) : like.cleaning();
        List<NotOver> notOver = said("not-over") ? tokens(Trait.class, "not-over").stream().map(below -> new NotOver(below, "it does not hold on what is " + below.words(), "Lay it before that, or leave it out.")).toList()
                : like.notOver();
        Release release = said("releases") ? release() : like.release();
        if (!problems.isEmpty() || law == null || optics == null) {
            return null;
        }
        return read(() -> new Product(id, text("name"), like.family(), traits, law, optics, colour, hazards, cleaning, notOver, release));
    }

    private @Nullable Law law() {
        return read(() -> switch (text("dries")) {
            case "water" -> new Law.LosesWater(number("water", 5, 95, "%") / 100);
            case "solvent" -> new Law.LosesSolvent(minutes("open", 0, 1440), minutes("sets", 0, 100_000));
            case "oxidises" -> new Law.Oxidises(minutes("open", 0, 1440), minutes("sets", 0, 100_000));
            case "sets" -> new Law.Sets(minutes("open", 0, 1440), minutes("sets", 0, 100_000));
            case "stays" -> new Law.Stays(minutes("open", 0, 1_000_000));
            default -> throw new UnusableValue("how it dries", text("dries"), "water, solvent, oxidises, sets or stays", "Its label says.");
        });
    }

    private @Nullable Optics optics(Product like) {
        boolean gloss = said("gloss") ? text("gloss").equals("gloss") : like.gloss();
        Double coat = said("coat") ? read(() -> number("coat", 1, 5000, "µm")) : Double.valueOf(like.optics().ordinaryCoatMicrometres());
        Optics.Body body = like.optics().body();
        if (said("opacity")) {
            Opacity opacity = token(Opacity.class, "opacity", text("opacity"));
            body = opacity == null ? body : new Optics.Body.Pigment(opacity, 1);
        }
        return coat == null ? null : new Optics(gloss, body, coat);
    }

    private @Nullable Release release() {
        Set<Release.Lets> lets = tokens(Release.Lets.class, "releases");
        return read(() -> new Release(lets, seconds("least"), seconds("most"), false));
    }

    private boolean said(String field) {
        return !text(field).isEmpty();
    }

    private String text(String field) {
        return fields.getOrDefault(field, "").strip();
    }

    private double number(String field, double least, double most, String unit) {
        return UnusableValue.requireWithin(field, NumberText.parse(field, text(field), unit).value(), least, most, unit, "Its label says.");
    }

    private Duration minutes(String field, double least, double most) {
        return Span.minutes(number(field, least, most, "min"));
    }

    private Duration seconds(String field) {
        return Duration.ofMillis(Math.round(1000 * number(field, 0, 86_400, "s")));
    }

    private <E extends Enum<E>> Set<E> tokens(Class<E> type, String field) {
        Set<E> found = EnumSet.noneOf(type);
        for (String word : text(field).split("\\s+")) {
            if (!word.isEmpty() && !word.equals("none")) {
                E constant = token(type, field, word);
                if (constant != null) {
                    found.add(constant);
                }
            }
        }
        return found;
    }

    private <E extends Enum<E>> @Nullable E token(Class<E> type, String field, String word) {
        for (E constant : type.getEnumConstants()) {
            if (Words.token(constant).equals(word)) {
                return constant;
            }
        }
        problems.add(new UnusableValue(field, word, "some of " + EnumSet.allOf(type).stream().map(Words::token).toList(), "Choose from these.").getMessage());
        return null;
    }

    private <T> @Nullable T read(Supplier<T> value) {
        try {
            return value.get();
        } catch (UnusableValue unusable) {
            problems.add(unusable.getMessage());
            return null;
        }
    }
}
