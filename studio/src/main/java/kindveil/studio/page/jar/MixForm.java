package kindveil.studio.page.jar;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.NumberText;
import kindveil.measure.Span;
import kindveil.measure.UnitSystem;
import kindveil.measure.UnusableValue;
import kindveil.measure.Volume;
import kindveil.measure.Words;
import kindveil.mixing.Blend;
import kindveil.mixing.Jar;
import kindveil.mixing.Measure;
import kindveil.mixing.Recipe;
import kindveil.product.Goods;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.reading.AmountReading;
import kindveil.studio.page.Problems;
import kindveil.studio.work.piece.Piece;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;

/**
 * A batch as it is told: everything as it was typed.
 *
 * @param mixture lasting name of the recipe, or {@link #OWN}
 * @param pieces it is mixed for
 * @param parts of each ingredient, in the recipe's order; empty where it is as practice has it
 * @param ago hours since it was mixed
 * @param own products of a recipe of one's own; {@code ownParts} of each, {@code water} parts of water
 */
record MixForm(String mixture, Set<String> pieces, String more, String measure, String bottle, List<String> parts, String mouth, String name, String trayWidth, String trayHeight, List<String> own, List<String> ownParts, String water, String ago) {
    static final String OWN = "own";
    static final int MOST_OWN = 3;
    private static final double LONGEST_SIDE = 2000;
    private static final Length LEAST_MOUTH = Length.ofMillimetres(12);
    private static final double LONGEST_AGO_HOURS = 90 * 24;

    static MixForm of(MultiValueMap<String, String> all, String usual) {
        String mixture = first(all, "mixture", usual);
        // ratio, strength and what is measured with belong to the mixture they stood beside, and not to another chosen since
        boolean same = first(all, "shown", mixture).equals(mixture);
        return new MixForm(mixture, new HashSet<>(all.getOrDefault("piece", List.of())), first(all, "more", ""), same ? first(all, "measure", "") : "", same ? first(all, "bottle", "") : "", same ? all.getOrDefault("part", List.of()) : List.of(),
                first(all, "mouth", ""), first(all, "name", ""), first(all, "tray-width", ""), first(all, "tray-height", ""), all.getOrDefault("own", List.of()), all.getOrDefault("own-part", List.of()), first(all, "water", ""), first(all, "ago", "0"));
    }

    private static String first(MultiValueMap<String, String> all, String key, String or) {
        String value = all.getFirst(key);
        return value == null || value.isBlank() ? or : value.strip();
    }

    /** What is to be mixed; null where something of it cannot be read, which is then among the problems. */
    @Nullable Batch read(List<Mixture> known, Map<Mixture, Map<Piece, Double>> needs, UnitSystem system, Problems problems) {
        Mixture plain = problems.read(() -> mixture.equals(OWN) ? own(problems) : known.stream().filter(each -> each.id().equals(mixture)).findFirst().orElseThrow(() -> new UnusableValue("What to mix", mixture, "one of the recipes shown", "Choose one of them.")));
        if (plain == null) {
            return null;
        }
        Mixture told = told(plain, problems);
        double bottled = plain.leastBottlePercent() > 0 ? bottle(plain, problems) : 0;
        Measure with = measure.isEmpty() ? Measure.usual(told) : problems.choice(Measure.class, "Measured with", measure);
        Double opened = mouth.isEmpty() ? Double.valueOf(Jar.USUAL_OPENING) : problems.read(() -> opening(Length.parseSize("Mouth of the jar", mouth, LEAST_MOUTH, Length.ofMillimetres(500))));
        Double hours = problems.number("Mixed, hours ago", ago, 0, LONGEST_AGO_HOURS, "h", "0 for just now.");
        Volume needed = plain.gives() == null ? tray(system, problems) : needed(needs, plain, system, problems);
        if (problems.any()) {
            return null;
        }
        Recipe recipe = problems.read(() -> plain.gives() == null ? Recipe.filling(told, needed.millilitres()) : Recipe.of(told, needed.millilitres(), Objects.requireNonNull(with)));
        String called = name.isEmpty() ? Words.capital(words(plain)) : name;
        return recipe == null ? null : new Batch(called, recipe, bottled, Objects.requireNonNull(opened), Span.minutes(60 * Objects.requireNonNull(hours)));
    }

    /** What is to be mixed. @param bottle strength of its spirit, per cent; 0 where there is none */
    record Batch(String name, Recipe recipe, double bottle, double opening, Duration ago) {
    }

    private Mixture told(Mixture plain, Problems problems) {
        Mixture told = plain;
        for (int i = 0; i < Math.min(parts.size(), plain.ingredients().size()) && !mixture.equals(OWN); i++) {
            Double part = parts.get(i).isBlank() ? Double.valueOf(plain.ingredients().get(i).parts()) : problems.number("Parts of " + plain.ingredients().get(i).words(), parts.get(i), 0.001, 10_000, "", "The label wins.");
            told = part == null ? told : told.with(i, part);
        }
        return told;
    }

    /** Of a round mouth, cm². */
    private static double opening(Length across) {
        return Math.PI * across.millimetres() * across.millimetres() / 400;
    }

    private double bottle(Mixture plain, Problems problems) {
        Double told = problems.number("Alcohol in its bottle", bottle.isEmpty() ? Figures.plain(plain.leastBottlePercent() + 1) : bottle, plain.leastBottlePercent(), 99.9, "%", "Take a stronger bottle; the strength counts before mixing, not after.");
        return told == null ? 0 : told;
    }

    private Volume needed(Map<Mixture, Map<Piece, Double>> needs, Mixture plain, UnitSystem system, Problems problems) {
        double forPieces = wants(needs, plain).entrySet().stream().filter(one -> chose(one.getKey())).mapToDouble(Map.Entry::getValue).sum();
        Volume beside = more.isEmpty() ? new Volume(0) : problems.read(() -> Volume.parse("More of it", more, system, 0, Recipe.MOST_MILLILITRES));
        return new Volume(forPieces + (beside == null ? 0 : beside.millilitres()));
    }

    /** What each piece takes of something mixed, ml. */
    static Map<Piece, Double> wants(Map<Mixture, Map<Piece, Double>> needs, Mixture plain) {
        Map<Piece, Double> wants = new LinkedHashMap<>();
        needs.forEach((mixed, own) -> own.forEach((piece, ml) -> {
            if (mixed.id().equals(plain.id())) {
                wants.merge(piece, ml, Double::sum);
            }
        }));
        return wants;
    }

    /** Whether it is mixed for a piece. */
    boolean chose(Piece piece) {
        return pieces.contains(piece.id().toString());
    }

    /** What is mixed, in a sentence. */
    static String words(Mixture mixture) {
        return mixture.gives() == null ? "bath with " + mixture.ingredients().getFirst().words() : mixture.gives().words();
    }

    private Volume tray(UnitSystem system, Problems problems) {
        String usual = system == UnitSystem.METRIC ? "300" : "12 in";
        Length wide = problems.read(() -> Length.parseSize("Tray, one side", trayWidth.isEmpty() ? usual : trayWidth, Length.ofMillimetres(10), Length.ofMillimetres(LONGEST_SIDE)));
        Length high = problems.read(() -> Length.parseSize("Tray, other side", trayHeight.isEmpty() ? usual : trayHeight, Length.ofMillimetres(10), Length.ofMillimetres(LONGEST_SIDE)));
        return wide == null || high == null ? new Volume(0) : AmountReading.tray(wide, high);
    }

    private Mixture own(Problems problems) {
        List<Blend.Share> shares = new ArrayList<>();
        IntStream.range(0, Math.min(own.size(), MOST_OWN)).filter(i -> !own.get(i).isBlank()).forEach(i -> {
            Product product = problems.read(() -> Goods.of(own.get(i)));
            Double part = problems.number("Parts", i < ownParts.size() && !ownParts.get(i).isBlank() ? ownParts.get(i) : "1", 0.001, 10_000, "", "Tell how many parts of it.");
            if (product != null && part != null) {
                shares.add(new Blend.Share(product, part));
            }
        });
        double watered = water.isEmpty() ? 0 : UnusableValue.requireWithin("Parts of water", NumberText.parse("Parts of water", water, "").value(), 0, 10_000, "", "None, where you leave it empty.");
        return Blend.of(UUID.nameUUIDFromBytes((own + " " + ownParts + " " + water).getBytes(java.nio.charset.StandardCharsets.UTF_8)).toString(), name.isEmpty() ? "my mixture" : name, shares, watered);
    }
}
