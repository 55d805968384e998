package kindveil.way;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import kindveil.bench.Face;
import kindveil.bench.Layer.Carrier;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Preparation;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.light.Fibre;
import kindveil.measure.Preset;
import org.jspecify.annotations.Nullable;

/**
 * Rounds of wetting and rubbing paper away, until a look at it dry says enough.
 *
 * @param keeps the face that keeps the image
 * @param bath how the first round is wetted
 * @param soakLeast how long, in minutes; likewise {@code soakMost}, or null where more never harms
 * @param planned rounds reckoned with
 * @param most rounds offered
 * @param minutes of the first round
 * @param next act it leads to
 * @param how the first round is rubbed
 */
public record Rubbing(Face keeps, Tool tool, Bath bath, double soakLeast, @Nullable Double soakMost, int planned, int most, double minutes, String next, String how) {

    /** What the weight of a print's paper is called among the dials. */
    public static final String PAPER = "paper";
    private static final double LIGHTEST = 45;
    private static final double HEAVIEST = 160;
    private static final double USUAL_SPREAD = 0.125;
    /** A quarter more fibre still counts as what the wish names. */
    private static final double AS_WISHED = 1.26;
    private static final int MOST_ROUNDS = 6;

    /** Dials that are asked for by a print, a wish or a choice, and are not there without it. */
    static final Set<String> CIRCUMSTANTIAL = Set.of(PAPER, Edges.COVER, Edges.OPEN_ACROSS, Edges.OPEN_X, Edges.OPEN_Y, Printed.RUNS.key(), Together.MEETS, Together.BRUSH);

    /** A way's dials and, where the paper of its print is rubbed away, how heavy that is. */
    public static List<Dial> dials(Brief brief, Dial... own) {
        List<Dial> dials = new ArrayList<>(List.of(own));
        double usual = brief.print().sheet().gramsPerSquareMetre();
        if (brief.print().sheet().rubsAway()) {
            dials.add(new Dial(PAPER, "weight of the print's paper", Preset.assumed(usual, usual * (1 - USUAL_SPREAD), usual * (1 + USUAL_SPREAD), "g/m²"), LIGHTEST, HEAVIEST,
                    "It tears when it is rubbed wet.", "More water, more rounds, more fibre left.").at(Where.PAPER));
        }
        if (brief.wish() == Wish.BROKEN) {
            dials.add(new Dial(Edges.COVER, "of it under medium", Preset.assumed(Edges.USUAL_COVER, 40, 90, "%"), 10, 98, "Hardly any of it stays.", "Hardly a gap shows."));
        }
        dials.addAll(Edges.openings(brief));
        return dials;
    }

    /** How heavy the sheet of a print is, g/m². */
    static double paper(Brief brief) {
        double usual = brief.print().sheet().gramsPerSquareMetre();
        return brief.print().sheet().rubsAway() ? brief.settings().dials().getOrDefault(PAPER, usual) : usual;
    }

    /** Thicker paper takes longer to be wet through, and to be rubbed; sanded, it is thinner. */
    private static double thickness(Script script) {
        return (paper(script.brief()) - (sanded(script) ? Carrier.SANDED_OFF : 0)) / script.brief().print().sheet().gramsPerSquareMetre();
    }

    /** With a mist, on an ordinary copy. */
    public static Rubbing misted(Face keeps, int planned, String next) {
        return new Rubbing(keeps, Tool.SPRAY_BOTTLE, Bath.SURFACE, 1, null, planned, 6, 6, next,
                "Fingertips, small circles, little weight; the paper rolls up. Start in a corner.");
    }

    public Rubbing with(Tool other, Bath otherBath, double least, @Nullable Double mostMinutes) {
        return new Rubbing(keeps, other, otherBath, least, mostMinutes, planned, most, minutes, next, how);
    }

    public Rubbing atMost(int rounds) {
        return new Rubbing(keeps, tool, bath, soakLeast, soakMost, Math.min(planned, rounds), rounds, minutes, next, how);
    }

    public Rubbing saying(double firstMinutes, String otherHow) {
        return new Rubbing(keeps, tool, bath, soakLeast, soakMost, planned, most, firstMinutes, next, otherHow);
    }

    /** What a light sanding of the paper's back is called. */
    private static final String SAND = "sand-back";
    /** A bath that was warm is cool again after so many minutes (assumed). */
    private static final double STAYS_WARM = 30;
    /** Paper that was dipped is rubbed in so much of the time (assumed). */
    private static final double SOAKED_THROUGH = 0.85;
    /** Paper whose back is open is wet through in so much of the time (assumed). */
    private static final double OPENED = 0.7;

    /** The first act, for the windows that lead to it. */
    public static String first(Script script) {
        return sanded(script) ? SAND : "pass-1-wet";
    }

    /** Whether its back is sanded before it is wetted. */
    public static boolean sanded(Script script) {
        return script.chosen(Schools.PAPER_BACK.key()).equals(Schools.SANDED);
    }

    /** The back of the paper sanded open, by choice or because a school always does. */
    public static void sand(Script script, String key) {
        script.act(key, new Step.Abrade(Face.PRINT_BACK, Tool.FINE_PAPER), "Sand the back lightly", "Two light turns with very fine paper, so that water gets in. Do not cut through.", 2);
    }

    private static Step.Warmth warmth(Script script) {
        return switch (script.chosen(Schools.WARMTH.key())) {
            case Schools.LUKEWARM -> Step.Warmth.LUKEWARM;
            case Schools.WARM -> Step.Warmth.WARM;
            default -> Step.Warmth.COOL;
        };
    }

    /** Minutes until the paper is wet through; a bath cools while it soaks. */
    private double soaks(Script script) {
        double least = soakLeast * thickness(script) * (sanded(script) ? OPENED : 1);
        return least - Math.min(least, STAYS_WARM) * (1 - warmth(script).soaks());
    }

    /** Minutes more that thicker paper takes before the water is at the image; what fades it begins by so much later. */
    private double reachesLater(Script script) {
        return soakLeast * (thickness(script) - 1);
    }

    private double rubs(Script script, boolean first) {
        double warm = warmth(script).rubs();
        return first ? quicker(script) * warm * (dipped(script) ? SOAKED_THROUGH : 1) : warm;
    }

    void write(Script script) {
        if (bath.immerses() || dipped(script)) {
            script.prepare("towel", ThingKind.PRINT, Preparation.PROTECT_TABLE, "Lay film and a towel on the table", "Pulp and drips stay on them; a bin beside the tray.", 1);
        }
        if (sanded(script)) {
            sand(script, SAND);
        }
        Step.Warmth warmth = warmth(script);
        for (int pass = 1; pass <= most; pass++) {
            String key = "pass-" + pass;
            boolean first = pass == 1;
            Face wetted = first ? Face.PRINT_BACK : keeps;
            script.act(key + "-wet", new Step.Wet(wetted, first ? wetted(script) : Tool.SPRAY_BOTTLE, first ? dipped(script) ? Bath.TRAY : bath : Bath.SURFACE, warmth), first ? "Wet the paper" : "Dampen what is left",
                    first ? wetting(script) : "A light mist; the image is bare in places now.", 1);
            script.slowed(key + "-rub", new Step.RubAway(ThingKind.PRINT, keeps, pass, script.picture()), first ? "Rub the paper away" : "Rub again, " + Script.ordinal(pass) + " round",
                    first ? how : "More gently than before: circles, clean damp fingers, rolling off the last fibre.", (first ? minutes : Math.min(5, minutes)) * thickness(script), rubs(script, first), answers(script));
            script.soak(key + "-wet", key + "-rub", !first ? 0.5 : soakMost == null ? soaks(script) : soakLeast + reachesLater(script),
                    first && soakMost != null ? soakMost + reachesLater(script) : null, first && soakMost != null
                    ? "Too short and the paper holds; too long and the image fades." : "The water needs a moment to reach the image.");
            boolean blotted = script.chosen(Schools.BETWEEN.key()).equals(Schools.BLOTTED);
            if (blotted) {
                script.act(key + "-blot", new Step.Blot(keeps), "Blot it", "A dry, lint-free cloth laid on and pressed; not wiped.", 0.5);
            }
            judge(script, key, pass);
            script.whitens(key + (blotted ? "-blot" : "-rub"), key + "-judge", keeps, blotted ? Residue.BLOTTED_DRIES_IN : Residue.DRIES_IN, "Wet it looks finished; white comes back as it dries.");
        }
    }

    private static boolean dipped(Script script) {
        return Schools.WETTED.actsOn(script.brief().support()) && script.chosen(Schools.WETTED.key()).equals(Schools.DIPPED);
    }

    /** What wets it also rubs it. */
    private Tool wetted(Script script) {
        if (dipped(script)) {
            return Tool.TRAY;
        }
        return switch (script.chosen(Schools.RUB.key())) {
            case Schools.CLOTH -> Tool.WET_CLOTH;
            case Schools.TOOTHBRUSH -> Tool.TOOTHBRUSH;
            default -> tool;
        };
    }

    /** A cloth and a brush are quicker than fingertips (assumed). */
    private static double quicker(Script script) {
        return switch (script.chosen(Schools.RUB.key())) {
            case Schools.CLOTH -> 0.8;
            case Schools.TOOTHBRUSH -> 0.67;
            default -> 1;
        };
    }

    private String wetting(Script script) {
        return bath.immerses() || dipped(script) ? "Lay it in; push it under until no air is left." : "Evenly grey all over; only the print, not the work around it.";
    }

    private static Answer[] answers(Script script) {
        Answer hole = script.brief().wish() == Wish.TORN ? Answer.goOn("A hole opened", "wanted: leave its edge rough")
                : Answer.rescue("A hole opened", "Stop there. When it is dry, touch it up with paint before any clear coat.");
        return new Answer[] {Answer.goOn("Paper rolled off evenly", "a little colour in the crumbs is normal").telling(TellTale.PULP, 2),
            Answer.rescue("The image lifts", "Stop. Let it dry until the time the clock shows, then rub from the other direction.").telling(TellTale.PULP, 0),
            Answer.rescue("Pulp turned gluey", "Stop and wipe with a rag; mist lightly and go on.").telling(TellTale.PULP, 1), hole};
    }

    private void judge(Script script, String key, int pass) {
        Wish wish = script.brief().wish();
        Act act = Act.of(script.id(key + "-judge"), new Step.Judge(keeps), "Look at it, dry", "In side light. White places are paper that is still there.", 1);
        Answer enough = Answer.skipTo(script.id(next), "That is what I want", wish.words() + ": " + wish.meaning());
        if (pass == most) {
            script.add(act.answered(Answer.goOn("Enough", "more rubbing would break through")));
        } else {
            script.add(act.answered(Answer.goOn("White ghosts are left", "one more round"), enough).expecting(pass < planned ? 0 : 1));
        }
    }

    /** Rounds by the choice of the way, or by the wish. */
    public static int planned(Script script) {
        return script.chose(Schools.PASSES, Schools.BY_WISH) ? asWished(script.brief()) : Integer.parseInt(script.brief().settings().choices().get(Schools.PASSES.key()));
    }

    /** As many as leave on this paper what the wish's rounds leave on ordinary copy paper. */
    private static int asWished(Brief brief) {
        double share = brief.print().sheet().residueShare(paper(brief));
        double meant = Fibre.residue(brief.wish().usualPasses()).value() * AS_WISHED;
        int rounds = 1;
        while (rounds < MOST_ROUNDS && Fibre.residue(rounds).value() * share > meant) {
            rounds++;
        }
        return rounds;
    }
}
