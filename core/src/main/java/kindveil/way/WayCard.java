package kindveil.way;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * What is said of a way besides its steps.
 *
 * @param key its lasting name, in addresses and records
 * @param kind whether it transfers an image, or adds something over or under one
 * @param bringsPicture whether it needs a picture of its own
 * @param summary what it does, in a sentence
 * @param softening Gaussian σ of the loss of sharpness, on the support
 * @param bridges whether its films must not bridge the finest line of the print
 * @param usualPrint the print it is best done with, or null where it has none
 * @param supports what it can be done on, the best first, each with what it needs
 * @param elsewhere why nothing else will do
 * @param wishes what it does to a wish, where it is not simply sound
 * @param alsoCalled words artists search it by
 */
public record WayCard(String key, Kind kind, boolean bringsPicture, String name, String summary, Length softening, boolean bridges, @Nullable PrintKind usualPrint, Ground usualGround, List<Choice> choices,
        List<Pot> pots, Map<Support, Fit> supports, String elsewhere, Map<Wish, Fit> wishes, List<Failure> failures, List<String> alsoCalled) {
    /** Transfer, over and under, or what comes last. */
    public enum Kind {
        TRANSFER, OVER_OR_UNDER, FINISH
    }

    /** The print it is best done with, or another where it has none. */
    public PrintKind printOr(PrintKind other) {
        return usualPrint == null ? other : usualPrint;
    }

    public Support usualSupport() {
        return supports.keySet().iterator().next();
    }

    public Fit fit(Support support) {
        Fit told = supports.get(support);
        if (told != null) {
            return told;
        }
        return support.like().equals(support) ? Fit.no(elsewhere) : fit(support.like());
    }

    /** Whether a wish acts in this way: a tear and a slide do in all that bring a picture, rounds of rubbing only where paper is rubbed. */
    public boolean offers(Wish wish) {
        return switch (wish) {
            case CLEAN -> true;
            case TORN, DISTORTED -> bringsPicture();
            case BROKEN -> choices.contains(Edges.REACHES);
            case SOFT, GHOSTED -> wishes.containsKey(wish) ? wishes.get(wish).verdict() == Fit.Verdict.SOUND || rubs() : rubs();
        };
    }

    private boolean rubs() {
        return choices.contains(Schools.PASSES);
    }

    public Fit fit(Wish wish) {
        return wishes.getOrDefault(wish, Fit.sound(""));
    }

    public static Builder transfer(String key, String name) {
        return new Builder(key, Kind.TRANSFER, name);
    }

    public static Builder finish(String key, String name) {
        return new Builder(key, Kind.FINISH, name);
    }

    public static Builder overOrUnder(String key, String name) {
        return new Builder(key, Kind.OVER_OR_UNDER, name);
    }

    /** Collects what is said of a way. */
    public static final class Builder {
        private final String key;
        private final Kind kind;
        private final String name;
        private String summary;
        private double softening;
        private boolean bridges;
        private @Nullable PrintKind print;
        private boolean picture;
        private Ground ground = Ground.ACRYLIC_PAINT;
        private List<Choice> choices = List.of();
        private List<Pot> pots = List.of();
        private final Map<Support, Fit> supports = new LinkedHashMap<>();
        private String elsewhere = "It is not done on this.";
        private final Map<Wish, Fit> wishes = new LinkedHashMap<>();
        private final List<Failure> failures = new ArrayList<>();
        private List<String> alsoCalled = List.of();

        private Builder(String key, Kind kind, String name) {
            this.key = key;
            this.kind = kind;
            this.picture = kind == Kind.TRANSFER;
            this.name = name;
        }

        public Builder does(String sentence) {
            summary = sentence;
            return this;
        }

        public Builder softens(double millimetres) {
            softening = millimetres;
            return this;
        }

        /** Its films must not bridge the finest line of the print. */
        public Builder bridges() {
            bridges = true;
            return this;
        }

        public Builder print(PrintKind usual) {
            print = usual;
            return this;
        }

        /** It brings a picture though it is no transfer. */
        public Builder picture() {
            picture = true;
            return this;
        }

        public Builder ground(Ground usual) {
            ground = usual;
            return this;
        }

        public Builder choices(Choice... all) {
            choices = List.of(all);
            return this;
        }

        public Builder pots(Pot... all) {
            pots = List.of(all);
            return this;
        }

        public Builder on(Support... sound) {
            for (Support support : sound) {
                supports.put(support, Fit.sound(""));
            }
            return this;
        }

        public Builder on(Support support, Fit fit) {
            supports.put(support, fit);
            return this;
        }

        public Builder elsewhere(String why) {
            elsewhere = why;
            return this;
        }

        public Builder wish(Wish wish, Fit fit) {
            wishes.put(wish, fit);
            return this;
        }

        public Builder fails(Symptom symptom, String sees, String cause, String rescue) {
            failures.add(new Failure(symptom, sees, cause, rescue));
            return this;
        }

        public Builder alsoCalled(String... words) {
            alsoCalled = List.of(words);
            return this;
        }

        /** A transfer that can be done on wood asks whether its back is sealed. */
        private List<Choice> asked() {
            List<Choice> asked = new ArrayList<>(choices);
            if (kind == Kind.TRANSFER && supports.keySet().stream().anyMatch(support -> support.is(Support.Trait.WOOD))) {
                asked.add(Schools.BACK);
            }
            return asked;
        }

        public WayCard build() {
            return new WayCard(key, kind, picture, name, summary, Length.ofMillimetres(softening), bridges, print, ground, asked(), pots,
                    java.util.Collections.unmodifiableMap(supports), elsewhere, java.util.Collections.unmodifiableMap(wishes), List.copyOf(failures), alsoCalled);
        }
    }
}
