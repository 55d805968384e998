package kindveil.way;

import kindveil.bench.Face;
import kindveil.bench.Layer.Residue;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
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

    /** The first act, for the windows that lead to it. */
    public static String first() {
        return "pass-1-wet";
    }

    void write(Script script) {
        for (int pass = 1; pass <= most; pass++) {
            String key = "pass-" + pass;
            boolean first = pass == 1;
            Face wetted = first ? Face.PRINT_BACK : keeps;
            script.act(key + "-wet", new Step.Wet(wetted, first ? tool : Tool.SPRAY_BOTTLE, first ? bath : Bath.SURFACE), first ? "Wet the paper" : "Dampen what is left",
                    first ? wetting() : "A light mist; the image is bare in places now.", 1);
            script.act(key + "-rub", new Step.RubAway(ThingKind.PRINT, keeps, pass, script.picture()), first ? "Rub the paper away" : "Rub again, " + Script.ordinal(pass) + " round",
                    first ? how : "More gently than before: circles, clean damp fingers, rolling off the last fibre.", first ? minutes : Math.min(5, minutes), answers(script));
            script.soak(key + "-wet", key + "-rub", first ? soakLeast : 0.5, first ? soakMost : null, first && soakMost != null
                    ? "Too short and the paper holds; too long and the image fades." : "The water needs a moment to reach the image.");
            judge(script, key, pass);
            script.whitens(key + "-rub", key + "-judge", keeps, Residue.DRIES_IN, "Wet it looks finished; white comes back as it dries.");
        }
    }

    private String wetting() {
        return bath.immerses() ? "Lay it in; push it under until no air is left." : "Evenly grey all over; only the print, not the work around it.";
    }

    private static Answer[] answers(Script script) {
        Answer hole = script.brief().wish() == Wish.TORN ? Answer.goOn("A hole opened", "wanted: leave its edge rough")
                : Answer.rescue("A hole opened", "Stop there. When it is dry, touch it up with paint before any clear coat.");
        return new Answer[] {Answer.goOn("Paper rolled off evenly", "no image in the crumbs"),
            Answer.rescue("The image lifts", "Stop. Let it dry longer, then rub from the other direction."),
            Answer.rescue("Pulp turned gluey", "Stop and wipe with a rag; mist lightly and go on."), hole};
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
        return script.chose(Schools.PASSES, Schools.BY_WISH) ? script.brief().wish().usualPasses()
                : Integer.parseInt(script.brief().settings().choices().get(Schools.PASSES.key()));
    }
}
