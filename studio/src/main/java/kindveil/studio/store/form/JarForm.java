package kindveil.studio.store.form;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import kindveil.mixing.Jar;
import kindveil.product.Product;
import kindveil.studio.work.jar.StudioJar;
import org.jspecify.annotations.Nullable;

/** A jar, as it is kept. Times in ms. @param gives what is in it, whole, or null for a bath */
public record JarForm(String name, StepForm.MixtureForm mixture, @Nullable ProductForm gives, double bottle, double millilitres, double opening, long lidOff, @Nullable Instant open, @Nullable Instant looked,
        @Nullable Boolean sound, @Nullable Instant thrown, @Nullable UUID making) {
    public static JarForm of(StudioJar jar) {
        Product gives = jar.mixture().gives();
        Jar.Look look = jar.look();
        return new JarForm(jar.name(), StepForm.MixtureForm.of(jar.mixture(), new HashMap<>()), gives == null ? null : ProductForm.of(gives), jar.bottle(), jar.millilitres(), jar.opening(), jar.lidOff().toMillis(), jar.open(),
                look == null ? null : look.at(), look == null ? null : Boolean.valueOf(look.sound()), jar.thrown(), jar.making());
    }

    public StudioJar jar(UUID id, int version, Instant made) {
        Map<String, Product> products = new HashMap<>();
        if (gives != null) {
            products.put(gives.id(), gives.product());
        }
        return new StudioJar(id, version, name, mixture.mixture(products), bottle, made, millilitres, opening, Duration.ofMillis(lidOff), open, looked == null || sound == null ? null : new Jar.Look(looked, sound), thrown, making);
    }
}
