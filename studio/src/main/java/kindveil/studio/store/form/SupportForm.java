package kindveil.studio.store.form;

import java.util.HashSet;
import java.util.List;
import kindveil.bench.Support;
import kindveil.light.Colour;
import kindveil.measure.Words;
import org.jspecify.annotations.Nullable;

/** A support of the artist's own as it is kept, whole: what lies on it holds what it was made on, whatever becomes of the shelf. Figures as {@link Support} tells them. */
public record SupportForm(String id, String words, String like, double weight, double raw, double sealed, double texture, double uptake, double stretch, String wetStrength, double heatLimit,
        double @Nullable [] colour, List<String> traits, List<String> guessed) {
    public static SupportForm of(Support s) {
        return new SupportForm(s.id(), s.words(), s.likeId(), s.weight(), s.raw(), s.sealed(), s.texture(), s.uptake(), s.stretch(), Vocabulary.WET_STRENGTH.of(s.wetStrength()), s.heatLimit(),
                s.colour() == null ? null : ProductForm.colour(s.colour()), s.traits().stream().map(Vocabulary.SUPPORT_TRAIT::of).sorted().toList(), s.guessed().stream().map(Vocabulary.SUPPORT_PROPERTY::of).sorted().toList());
    }

    /** What is kept beside the lasting name: nothing for a built-in one. */
    public static @Nullable SupportForm own(Support support) {
        return support.own() ? of(support) : null;
    }

    /** By its lasting name, or as it is kept beside that. */
    public static Support read(String id, @Nullable SupportForm own) {
        return own == null ? Support.find(id).orElseThrow(() -> new Unreadable("support “%s” is not known here.".formatted(id))) : own.support();
    }

    static Support readFirstForm(String name) {
        return read(Words.token(name), null);
    }

    /** {@link Unreadable} where it is like nothing that is known here. */
    public Support support() {
        if (Support.find(like).isEmpty()) {
            throw new Unreadable("It is like “%s”, which is not known here.".formatted(like));
        }
        Colour shown = colour == null ? null : ProductForm.colour(colour);
        return new Support(id, words, like, weight, raw, sealed, texture, uptake, stretch, Vocabulary.WET_STRENGTH.read(wetStrength), heatLimit, shown,
                new HashSet<>(traits.stream().map(Vocabulary.SUPPORT_TRAIT::read).toList()), new HashSet<>(guessed.stream().map(Vocabulary.SUPPORT_PROPERTY::read).toList()));
    }
}
