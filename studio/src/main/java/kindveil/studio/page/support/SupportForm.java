package kindveil.studio.page.support;

import java.util.Map;
import kindveil.bench.Support;
import kindveil.bench.Support.WetStrength;
import kindveil.light.Colour;
import kindveil.measure.Figures;
import kindveil.measure.Temperature;
import kindveil.measure.UnitSystem;
import kindveil.studio.page.Problems;
import org.jspecify.annotations.Nullable;

/**
 * A support of one's own as it is typed: what is left empty is not known.
 *
 * @param id of the one being changed, or empty
 * @param like the built-in one it is like, by its id
 * @param coloured whether its own colour is told
 */
public record SupportForm(String id, String name, String like, String weight, String uptake, String stretch, String wetStrength, String texture, String heatLimit, boolean coloured, String colour) {
    private static final double MILLIMETRES_PER_MIL = 0.0254;
    private static final String PAPER = "#f1ece0";

    public static SupportForm typed(Map<String, String> all) {
        return new SupportForm(of(all, "id"), of(all, "name"), of(all, "like"), of(all, "weight"), of(all, "uptake"), of(all, "stretch"), of(all, "wetStrength"), of(all, "texture"), of(all, "heatLimit"),
                all.containsKey("coloured"), of(all, "colour").isEmpty() ? PAPER : of(all, "colour"));
    }

    static SupportForm fresh(Support like) {
        return typed(Map.of("like", like.id()));
    }

    /** One that is kept, to be changed. */
    static SupportForm of(Support own, UnitSystem measure) {
        Support.Told told = own.told();
        return new SupportForm(own.id(), own.words(), own.likeId(), figure(told.weight(), 1), figure(told.uptake(), 1), figure(told.stretch(), 1), told.wetStrength() == null ? "" : told.wetStrength().name(),
                figure(told.texture(), mil(measure)), told.heatLimit() == null ? "" : figure(Temperature.degrees(told.heatLimit(), measure), 1), told.colour() != null, told.colour() == null ? PAPER : told.colour().toString());
    }

    /** What it is like, or null with what is wrong. */
    @Nullable Support like(Problems problems) {
        return problems.read(() -> Support.find(like).orElseThrow(() -> new kindveil.measure.UnusableValue("What it is like", like, "one of the supports shown", "Choose the one you would take in its place.")));
    }

    /** What was measured, or null with all that is wrong. */
    public Support.@Nullable Told told(UnitSystem measure, Problems problems) {
        boolean us = measure == UnitSystem.US;
        Double kilos = number("Weight", weight, 5, 20_000, "g/m²", "Weigh a sheet of 10 by 10 cm and take a hundred times its grams.", problems);
        Double drunk = number("What it drinks", uptake, 0, 400, "g/m²", "Weigh a square of 10 by 10 cm dry, wet it, let it drip, weigh it again: a hundred times the difference.", problems);
        Double longer = number("Longer wet", stretch, 0, 15, "%", "Draw a line of 100 mm, wet it, measure it again.", problems);
        Double grain = number("Texture", texture, 0, 2 / mil(measure), us ? "mil" : "mm", "Half the width of its threads or grain.", problems);
        Double warmest = number("Heat limit", heatLimit, Temperature.degrees(30, measure), Temperature.degrees(200, measure), Temperature.sign(measure), "Its label says; leave it empty if not.", problems);
        WetStrength bears = wetStrength.isEmpty() ? null : problems.choice(WetStrength.class, "Wet strength", wetStrength);
        Colour bare = coloured ? problems.read(() -> Colour.parse("Its colour", colour)) : null;
        return problems.any() ? null : new Support.Told(kilos, drunk, longer, bears, grain == null ? null : Double.valueOf(Math.min(2, grain * mil(measure))), warmest == null ? null : Double.valueOf(celsius(warmest, measure)), bare);
    }

    private static @Nullable Double number(String thing, String text, double least, double most, String unit, String remedy, Problems problems) {
        return text.isBlank() ? null : problems.number(thing, text, least, most, unit, remedy);
    }

    static double mil(UnitSystem measure) {
        return measure == UnitSystem.US ? MILLIMETRES_PER_MIL : 1;
    }

    private static double celsius(double degrees, UnitSystem measure) {
        return Math.clamp(Temperature.celsius(degrees, measure), 30, 200);
    }

    static String figure(@Nullable Double value, double each) {
        return value == null ? "" : Figures.plain(Math.round(value / each * 100) / 100.0);
    }

    private static String of(Map<String, String> all, String field) {
        return all.getOrDefault(field, "").strip();
    }
}
