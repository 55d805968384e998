package kindveil.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Measures within a sentence, said in the artist's own: sentences are written in metric measure, with the unit after the last of the
 * numbers it belongs to ("20 to 25 cm", "0.4–0.6 mm", "10 × 15 cm").
 */
public final class Spoken {
    private static final String NUMBER = "\\d+(?:\\.\\d+)?";
    private static final String BETWEEN = "\\s?(?:to|or|and|…|–|-|×|\\.\\.\\.)\\s?";
    private static final Pattern MEASURE = Pattern.compile("(?<![\\w./])(" + NUMBER + "(?:" + BETWEEN + NUMBER + ")*)\\s?(mm²|cm²|mm|cm|[µ\\x{3bc}]m|ml|m|°C)(?![\\p{L}\\d²/])( \\[" + NUMBER + " … " + NUMBER + "])?");
    private static final Pattern ONE = Pattern.compile(NUMBER);
    /** What a ruler shows, the coarsest first, and how far off the real thing it may be. */
    private static final int[] PARTS = {1, 2, 4, 8, 16};
    private static final double FAITHFUL = 0.03;
    private static final double MICROMETRES_PER_MIL = 25.4;
    static final int TWO_FIGURES = 2;

    private Spoken() {
    }

    /** The sentence with its measures in {@code system}; in metric as it is. */
    public static String in(UnitSystem system, String sentence) {
        return system == UnitSystem.METRIC ? sentence : MEASURE.matcher(sentence).replaceAll(found -> Matcher.quoteReplacement(us(found)));
    }

    private static String us(MatchResult found) {
        String unit = found.group(2);
        String range = found.group(3);
        String said = us(found.group(1), unit);
        // a usual range stands behind its unit: "100 µm [60 … 150]"
        return range == null ? said : said + " [" + bare(us(range.substring(2, range.length() - 1), unit)) + "]";
    }

    private static String bare(String measure) {
        return measure.replaceAll(" (in|mil|sq in|°F)$", "");
    }

    private static String us(String numbers, String unit) {
        List<Double> values = ONE.matcher(numbers).results().map(one -> Double.parseDouble(one.group())).toList();
        List<String> between = new ArrayList<>(List.of(ONE.split(numbers)));
        String after;
        List<String> said;
        switch (unit) {
            case "mm", "cm", "m" -> {
                double inch = unit.equals("mm") ? 25.4 : unit.equals("cm") ? 2.54 : 0.0254;
                after = " in";
                said = values.stream().map(value -> inches(value / inch)).toList();
            }
            case "mm²", "cm²" -> {
                after = " sq in";
                said = values.stream().map(value -> twoFigures(value / (unit.equals("cm²") ? 6.4516 : 645.16))).toList();
            }
            case "ml" -> {
                return values.stream().map(value -> new Volume(value).print(UnitSystem.US)).collect(Collectors.joining(between.size() > 1 ? between.get(1) : ""));
            }
            case "°C" -> {
                after = " °F";
                said = values.stream().map(value -> Figures.rounded(Temperature.degrees(value, UnitSystem.US), 0)).toList();
            }
            default -> {
                after = " mil";
                said = values.stream().map(Spoken::mils).toList();
            }
        }
        StringBuilder words = new StringBuilder(said.getFirst());
        for (int i = 1; i < said.size(); i++) {
            words.append(between.get(i)).append(said.get(i));
        }
        return words.append(after).toString();
    }

    /** Thousandths of an inch, as films are measured. */
    private static String mils(double micrometres) {
        return twoFigures(micrometres / MICROMETRES_PER_MIL);
    }

    /** By the coarsest part of an inch that is near enough, or to two figures where no ruler is fine enough. */
    static String inches(double inches) {
        for (int parts : PARTS) {
            long count = Math.round(inches * parts);
            if (count > 0 && Math.abs(count / (double) parts - inches) <= FAITHFUL * inches) {
                return fraction(count, parts);
            }
        }
        return twoFigures(inches);
    }

    static String fraction(long count, int parts) {
        long whole = count / parts;
        long rest = count % parts;
        return rest == 0 ? String.valueOf(whole) : (whole == 0 ? "" : whole + " ") + rest + "/" + parts;
    }

    private static String twoFigures(double value) {
        return value == 0 ? "0" : Figures.strip(Figures.significant(value, TWO_FIGURES));
    }
}
