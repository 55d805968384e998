package kindveil.catalogue;

import static kindveil.bench.Refusal.Kind.*;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.product.Products;
import kindveil.bench.PrintKind;
import kindveil.bench.Refusal;
import kindveil.bench.Step;
import kindveil.bench.Step.Bath;
import kindveil.bench.Step.Cutting;
import kindveil.bench.Support;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.way.Brief;
import kindveil.way.Way;
import kindveil.way.Sequence;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What cannot work, each by what it says: thing, value, reason and remedy. */
class RefusalTest {
    private static final Duration LONG = Duration.ofMinutes(40);

    /** @param reason a part of what must be said @param remedy a part of what must be advised */
    record Case(String way, Refusal.Kind kind, String reason, String remedy, Otherwise walk) {
        @Override
        public String toString() {
            return way + ": " + kind + ", " + reason;
        }
    }

    private static Case c(String way, UnaryOperator<Brief> brief, UnaryOperator<Otherwise> walk, Refusal.Kind kind, String reason, String remedy) {
        Way w = Catalogue.way(way);
        return new Case(way, kind, reason, remedy, walk.apply(Otherwise.of(w.expand(brief.apply(Samples.usual(w))))));
    }

    private static Case brief(String way, UnaryOperator<Brief> brief, Refusal.Kind kind, String reason, String remedy) {
        return c(way, brief, walk -> walk, kind, reason, remedy);
    }

    private static Case walk(String way, UnaryOperator<Otherwise> walk, Refusal.Kind kind, String reason, String remedy) {
        return c(way, b -> b, walk, kind, reason, remedy);
    }

    private static Case over(String first, UnaryOperator<Brief> brief, String second, Refusal.Kind kind, String reason, String remedy) {
        Way a = Catalogue.way(first);
        Way b = Catalogue.way(second);
        Sequence work = Sequence.on(brief.apply(Samples.usual(a)).base(), List.of(new Sequence.Part(a, brief.apply(Samples.usual(a))), new Sequence.Part(b, Samples.usual(b))));
        return new Case(first + " + " + second, kind, reason, remedy, Otherwise.of(work.expand()));
    }

    private static Step paintBack(String productOn) {
        return Step.coat(Face.PRINT_BACK, Products.of(productOn), 80, Tool.BRUSH);
    }

    static Stream<Case> cases() {
        return Stream.of(
                brief("gel-lay", b -> b.with(PrintKind.DYE_INKJET), WATER_RUNS_INK, "dye ink on plain paper dissolves in water and bleeds", "Take a laser or photocopy"),
                brief("gel-lay", b -> b.with(Ground.WATER_SOLUBLE), WATER_RUNS_GROUND, "watercolour or other paint that water lifts", "Seal it with a coat of clear medium"),
                brief("gel-lay", b -> b.with(Ground.FRESH_PAINT), GROUND_NOT_DRY, "not dry yet", "Let the ground dry through"),
                brief("gel-lay", b -> b.with(Ground.OIL), NOT_OVER, "oil paint, or a finish of oil does not hold", "leave the oil as the last coat"),
                brief("gel-lay", b -> b.with("clearing", "mineral-oil").with("sealing", "gloss-varnish"), NOT_OVER, "over mineral oil", "leave the oil as the last coat"),
                brief("gel-lay", b -> b.with(PrintKind.COATED_MAGAZINE), DOES_NOT_LIFT, "keeps its ink", "does a wet finger darken it"),
                brief("gel-lay", b -> b.with(PrintKind.FILM_PIGMENT), NO_RELEASE, "only into release solution or transfer gel", "the ranking of ways says where film goes"),
                brief("gel-lay", b -> b.with(PrintKind.TISSUE_TONER), DOES_NOT_RUB, "Tissue does not rub away", "thin copy paper"),
                brief("gel-lay", b -> b.with(PrintKind.TISSUE_TONER), TEARS, "Tissue tears as soon as water softens it", "Wet it out with thin medium"),
                brief("gel-lay", b -> b.with(PrintKind.DYE_SUBLIMATION), DOES_NOT_RUB, "Photo paper does not rub away", "thin copy paper"),
                brief("gel-lay", b -> b.with(Support.FORM), DOES_NOT_LIE, "does not lie on a curved form", "Make a thin skin"),
                c("gel-lay", b -> b.with(Support.METAL), w -> w.without("degrease"), NOT_PREPARED, "grease keeps it off", "Degrease it, scuff it"),
                walk("gel-lay", w -> w.hurrying("pass-1-wet"), NOT_DRY, "water now lifts the image", "Wait about"),
                walk("gel-lay", w -> w.late("lay", LONG), BED_CLOSED, "has lost", "Lay a fresh thin coat"),
                walk("gel-lay", w -> w.without("coat"), NO_WET_BED, "There is no wet coat to hold the print", "Lay the coat first"),
                walk("gel-lay", w -> w.instead("trim", paintBack("gloss-medium")), PAPER_SEALED_IN, "seals the paper in", "Wipe it off at once"),
                c("gel-lay", b -> b.with("sealing", "gloss-varnish"), w -> w.hurrying("seal"), NOT_CURED, "not cured", "3 days for thin films"),
                walk("gel-lay", w -> w.without("pass-1-wet"), DRY_PAPER, "The paper is dry", "Wet it evenly grey"),
                c("gel-lay", b -> b.with("weight", "flat"), w -> w.without("unload"), STILL_LOADED, "weight is still on", "Take the weight off"),
                walk("gel-lay", w -> w.hurrying("pass-4-judge").hurrying("clear"), STILL_WET, "still damp", "Wait about 5 min"),
                brief("gesso-bed", b -> b.with(PrintKind.PIGMENT_INKJET), WATER_RUNS_INK, "pigment ink on plain paper dissolves", "fix the print"),
                walk("gesso-bed", w -> w.hurrying("pass-1-wet"), NOT_DRY, "% of the way to through", "Wait about"),
                c("gesso-bed", b -> b.with("hurry", "heat"), w -> w.instead("heat", new Step.Heat(Face.PRINT_BACK, 10, Duration.ofMinutes(30))), TOO_CLOSE, "10 cm is too close", "20 to 25 cm"),
                walk("plate-pull", w -> w.late("lay-print", Duration.ofMinutes(3)), PAINT_DRIED, "too far to move", "roll a fresh thin film"),
                brief("plate-pull", b -> b.with(PrintKind.MAGAZINE), HOLDS_NO_PAINT, "takes paint up all over", "Make a photocopy"),
                c("plate-pull", b -> b.dialled("image-film", 10), w -> w.without("image-paint-wash").hurrying("pull-paint"), NOT_DRY, "the second colour drags the image", "Wait about"),
                walk("plate-pull", w -> w.without("pull-paint").late("lay-paper", LONG), PAINT_DRIED, "dried too far", "Clean the plate"),
                walk("plate-to-tissue", w -> w.late("lay-tissue", Duration.ofMinutes(4)), PAINT_DRIED, "% of its water is gone", "lay within seconds"),
                brief("film-release", b -> b.dialled("bottle", 88), WEAK_BOTTLE, "The alcohol is 88 % in its bottle", "at least 90 %"),
                brief("film-release", b -> b.with(PrintKind.GOOD_TONER), NO_RELEASE, "has no coating that lets go into release solution", "coated side of release film"),
                walk("film-release", w -> w.late("peel", Duration.ofMinutes(2)), DWELL_PASSED, "the ink holds to the film again", "from the other side"),
                walk("film-release", w -> w.hurrying("peel"), TOO_SOON_TO_PEEL, "the ink lets go after 2 min", "wait"),
                walk("film-release", w -> w.instead("lay", new Step.Join(Face.PRINT_BACK, Face.SUPPORT_FRONT, false)), WRONG_SIDE, "the bare side of the film", "Turn it over"),
                walk("film-release", w -> w.late("lay", LONG), BED_CLOSED, "dry edges stay on the film", "Wet it again all over"),
                walk("film-release", w -> w.instead("press", new Step.Heat(Face.PRINT_BACK, 25, Duration.ofMinutes(1))), FLAMMABLE, "still gives off vapour that burns", "No heat tool near it"),
                walk("film-release", w -> w.instead("press", new Step.Heat(Face.PRINT_BACK, 25, Duration.ofMinutes(1))), MELTS, "Film shrinks and melts", "use a fan"),
                c("film-release", b -> b.with(Support.METAL), w -> w.instead("press", new Step.Press(Face.PRINT_FRONT, Tool.FINGERS)), WRONG_TOOL, "sideways on metal", "brayer over it lightly"),
                c("film-release", b -> b.with(Support.GAUZE), w -> w.without("tape-down"), NOT_PREPARED, "Gauze stretches", "Tape it down on all sides"),
                brief("viscous-film-lay", b -> b.with(Support.JOURNAL_PAGE), BOUND_PAGE, "never soaked", "loose heavy sheet"),
                brief("viscous-film-lay", b -> b.with(Support.BIRCH_PANEL), WARPS, "Birch panel warps", "heavy loose sheet"),
                walk("viscous-film-lay", w -> w.hurrying("rinse"), NOT_DRY, "the rinse would float the image off", "Wait about"),
                over("viscous-film-lay", b -> b.with("rinse", "left"), "block-overprint", RECEIVER_ON, "receiver coating still lies on top", "Rinse it off first"),
                over("viscous-film-lay", b -> b.with("rinse", "left"), "glazing", RECEIVER_ON, "transparent glaze will not take on it", "never rubbed"),
                over("oiled-panel", b -> b, "glazing", NOT_OVER, "Transparent glaze over mineral oil does not hold", "before the oil"),
                over("oiled-panel", b -> b, "gel-lay", NOT_OVER, "over mineral oil", "leave the oil as the last coat"),
                over("heat-crackle", b -> b, "glazing", SOLUBLE_BELOW, "Soluble spray ink lies on top and runs under a brush", "light spray first"),
                walk("oiled-panel", w -> w.hurrying("pass-2-judge").hurrying("oil"), STILL_WET, "mineral oil would shut the water in", "turned white"),
                walk("free-skin", w -> w.without("coat-"), NOT_PREPARED, "Nothing will hold the image", "Coat the face of the print"),
                walk("free-skin", w -> w.late("lay", LONG), BED_CLOSED, "no longer wets", "Lay a fresh thin coat"),
                brief("free-skin", b -> b.with(PrintKind.MIXED_INKJET), WATER_RUNS_INK, "bleeds from soft gloss gel", "laser or photocopy"),
                walk("curved-skin", w -> w.hurrying("coat-2"), NOT_DRY, "a coat now drags it", "Wait about"),
                walk("tape-lift", w -> w.instead("strips", new Step.Wet(Face.PRINT_BACK, Tool.SPRAY_BOTTLE, Bath.SURFACE)), STILL_WET, "Tape does not stick to damp paper", "take a fresh one"),
                walk("tape-lift", w -> w.instead("burnish", new Step.Heat(Face.PRINT_BACK, 25, Duration.ofMinutes(1))), MELTS, "Tape shrinks and melts", "dry in the air"),
                walk("tape-lift", w -> w.without("lay-tape"), NOT_JOINED, "Nothing is laid there yet", "Lay the print first"),
                walk("opaque-backed-lay", w -> w.instead("face", paintBack("gloss-medium")), PAPER_SEALED_IN, "no water will get to it again", "keep the back clean"),
                walk("opaque-backed-lay", w -> w.hurrying("opaque-2"), NOT_DRY, "a coat now drags it", "Wait about"),
                walk("fixed-inkjet-lay", w -> w.without("fix"), WATER_RUNS_INK, "bleeds from", "spray outdoors"),
                brief("fixed-inkjet-lay", b -> b.with(Support.JOURNAL_PAGE), BOUND_PAGE, "the whole book swells", "collage it in"),
                brief("fixed-inkjet-lay", b -> b.with(Support.JOURNAL_PAGE), NOT_TO_BE_CUT, "A bound page cannot be cut out", "loose sheet"),
                walk("fixed-inkjet-lay", w -> w.instead("press", new Step.Press(Face.PRINT_FRONT, Tool.BRAYER)), WRONG_TOOL, "squeezes a thick bed into ridges", "edge of a card, a cloth or your fingers"),
                walk("gum-print", w -> w.late("lay", Duration.ofHours(2)), BED_CLOSED, "no longer wets", "Lay a fresh thin coat"),
                walk("gum-print", w -> w.without("ink").without("gum"), NO_WET_BED, "no wet coat", "Lay the coat first"),
                walk("tissue-lay", w -> w.instead("set-out-print", new Step.Judge(Face.SUPPORT_FRONT)), NOT_THERE, "print is not on the bench", "set it out first"),
                walk("tissue-lay", w -> w.instead("under", new Step.Wet(Face.PRINT_BACK, Tool.SPONGE, Bath.SURFACE)), TEARS, "Tissue tears", "leave water away"),
                brief("block-guide", b -> b.with(Support.BIRCH_PANEL), NOT_TO_BE_CUT, "Birch panel is not for carving", "lino, vinyl or wood block"),
                walk("block-guide", w -> w.hurrying("pass-1-judge").hurrying("carve"), STILL_WET, "it dulls the tools", "Let it dry"),
                walk("block-guide", w -> w.instead("unload", new Step.Cut(ThingKind.PRINT, Cutting.TRIM)), STILL_LOADED, "weight is still on it", "Take the weight off first"),
                walk("skin-float", w -> w.without("coat-"), NO_RECEPTIVE_COAT, "nothing to hold to", "Coat the support twice"),
                brief("skin-float", b -> b.with(PrintKind.PHOTOCOPY), NOTHING_DISSOLVES, "A photocopy has no dye layer", "dye-sublimation photo print"));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void bench_whatCannotWork_saysThingReasonAndRemedy(Case c) {
        List<Refusal> refusals = c.walk().refusals();
        assertTrue(refusals.stream().anyMatch(r -> r.kind() == c.kind() && r.reason().contains(c.reason()) && r.remedy().contains(c.remedy())),
                () -> refusals.stream().map(r -> r.kind() + ": " + r.words()).distinct().toList().toString());
    }

    @Test
    void cases_areManyAndOfManyKindsAndWays() {
        List<Case> all = cases().toList();
        assertTrue(all.size() >= 60, "cases " + all.size());
        assertTrue(all.stream().map(Case::kind).distinct().count() >= 25);
        assertTrue(all.stream().map(c -> c.way().split(" ")[0]).distinct().count() >= 16);
    }

    @Test
    void refusal_words_areReasonThenRemedy() {
        assertEquals("a b", new Refusal(NOT_DRY, Face.SUPPORT_FRONT, "a", "b").words());
    }
}
