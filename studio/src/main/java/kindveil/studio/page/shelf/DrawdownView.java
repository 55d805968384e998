package kindveil.studio.page.shelf;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.light.Drawdown;
import kindveil.light.Hiding;
import kindveil.light.Surface;
import kindveil.measure.Figures;
import kindveil.reading.DrawdownReading;
import kindveil.studio.page.Marked;
import kindveil.studio.page.Marked.Mark;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import org.jspecify.annotations.Nullable;

/**
 * A drawdown's photograph and what is read from it; the photograph 1000 wide.
 *
 * @param tall its height
 * @param read what was read, or null before
 */
record DrawdownView(UUID picture, long tall, String name, String white, boolean gloss, List<Mark> corners, @Nullable Read read, List<String> problems) implements PageView {
    private static final List<String> INSIDE = List.of("8", "8", "92", "8", "92", "92", "8", "92");

    /**
     * What it tells.
     *
     * @param rows card and stripe as they were seen, and as the paint told from them gives them
     * @param doubt why it cannot be told, or empty
     */
    record Read(List<Row> rows, String power, String hides, String light, String doubt, String full) {
        static Read of(DrawdownReading reading, boolean gloss, Say say) {
            Drawdown drawdown = reading.drawdown();
            Surface surface = gloss ? Surface.GLOSS : Surface.MATTE;
            Hiding hiding = Hiding.of(drawdown.paint());
            return new Read(List.of(Row.of("over black", reading.overBlack(), drawdown.paint().over(reading.blackCard(), 1, surface)), Row.of("over white", reading.overWhite(), drawdown.paint().over(reading.whiteCard(), 1, surface))),
                    "%s, scattering power SX %s, to within %s; contrast ratio %s".formatted(drawdown.paint().grade().words(), Figures.rounded(drawdown.paint().hidingPower(), 2), drawdown.within() > 1 ? "more than its half" : say.percent(drawdown.within()), say.percent(drawdown.contrastRatio())),
                    hiding.hidden() == 0 ? "More than %d such coats to hide.".formatted(Hiding.MOST) : "%d such coats hide.".formatted(hiding.hidden()),
                    reading.uneven() < 1.05 ? "The light was even." : "The light was %s times as strong at one end as at the other; that is taken off.".formatted(Figures.rounded(reading.uneven(), 1)),
                    switch (drawdown.doubt()) {
                        case NONE -> "";
                        case TOO_OPAQUE -> "It hides too well in this one coat to tell how far: make a thinner stripe. Kept so, it looks right in full, and in a thin coat it is a guess.";
                        case TOO_NOISY -> "Over black and over white it looks so alike that the light and the camera decide how far it hides: make a thinner stripe, in even light.";
                    }, drawdown.paint().seen().toString());
        }
    }

    /** @param seen in the photograph @param told by the paint */
    record Row(String where, String seen, String told, String words) {
        static Row of(String where, Colour seen, Colour told) {
            return new Row(where, seen.toString(), told.toString(), "L* %s, ΔE00 %s from what its K and S give".formatted(Figures.rounded(seen.lab().lightness(), 0), Figures.rounded(ColourDifference.between(seen.lab(), told.lab()), 1)));
        }
    }

    static DrawdownView of(UUID picture, double aspect, Map<String, String> typed, @Nullable Read read, List<String> problems) {
        List<Mark> corners = Marked.of(typed, INSIDE);
        return new DrawdownView(picture, Math.round(1000 * aspect), typed.getOrDefault("name", ""), typed.getOrDefault("white", "86"), typed.containsKey("gloss"), corners, read, problems);
    }
}
