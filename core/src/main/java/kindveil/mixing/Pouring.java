package kindveil.mixing;

import java.time.Instant;
import java.util.Optional;
import kindveil.mixing.Jar.Phase;
import kindveil.product.Mixture;
import org.jspecify.annotations.Nullable;

/**
 * What one jar poured into another comes to: as much as is in both, as strong as both together, as old as the older.
 *
 * @param millilitres of both
 * @param bottlePercent strength of a bottle of which both together would have been mixed
 * @param made when the older was; {@code look} the last look at that one
 */
public record Pouring(double millilitres, double bottlePercent, Instant made, Jar.@Nullable Look look) {
    /** A ratio read off a spoon (assumed). */
    private static final double AS_GOOD_AS = 0.005;

    /** Why one must not go into the other; empty where it may. */
    public static Optional<String> against(Mixture poured, Jar.State from, Mixture there, Jar.State into) {
        if (poured.gives() == null || there.gives() == null) {
            return Optional.of("A bath is mixed for one evening, and poured nowhere.");
        }
        Optional<String> never = Meeting.against(poured.gives(), there.gives());
        if (never.isPresent()) {
            return never;
        }
        if (!poured.gives().id().equals(there.gives().id())) {
            return Optional.of("They are two things: stir them together by a recipe of your own, so that it is known what comes of it.");
        }
        if (!alike(poured, there)) {
            return Optional.of("They are mixed by other ratios, and the label would say neither.");
        }
        return state(from.phase(), "It").or(() -> state(into.phase(), "The other"));
    }

    private static Optional<String> state(Phase phase, String which) {
        return switch (phase) {
            case GOOD -> Optional.empty();
            case RESTS -> Optional.of(which + " still rests: pour when both are ready.");
            case LOOK -> Optional.of(which + " is to be looked at first: one that has gone off spoils both.");
            case WEAK -> Optional.of(which + " is too weak: top it up first.");
            case SPOILT -> Optional.of(which + " has gone off: throw it away.");
            case EMPTY -> Optional.of(which + " is empty.");
        };
    }

    private static boolean alike(Mixture one, Mixture other) {
        if (one.ingredients().size() != other.ingredients().size()) {
            return false;
        }
        for (int i = 0; i < one.ingredients().size(); i++) {
            Mixture.Ingredient a = one.ingredients().get(i);
            Mixture.Ingredient b = other.ingredients().get(i);
            if (!a.words().equals(b.words()) || Math.abs(a.parts() / one.parts() - b.parts() / other.parts()) > AS_GOOD_AS) {
                return false;
            }
        }
        return true;
    }

    /** Of two that may. */
    public static Pouring of(Jar one, Jar.State from, Jar other, Jar.State into) {
        double all = from.left() + into.left();
        double strength = (from.left() * from.strength() + into.left() * into.strength()) / all;
        double share = one.mixture().spiritShare();
        Jar older = one.made().isBefore(other.made()) ? one : other;
        return new Pouring(all, share > 0 ? strength / share : 0, older.made(), older.look());
    }
}
