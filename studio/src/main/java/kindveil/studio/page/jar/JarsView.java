package kindveil.studio.page.jar;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.measure.Figures;
import kindveil.measure.UnitSystem;
import kindveil.measure.Volume;
import kindveil.measure.Words;
import kindveil.mixing.Blend;
import kindveil.mixing.Jar.Phase;
import kindveil.mixing.Keeping;
import kindveil.mixing.Measure;
import kindveil.mixing.Pouring;
import kindveil.mixing.Recipe;
import kindveil.product.Hazard;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.jar.JarWork.Standing;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.stock.Stock;
import org.jspecify.annotations.Nullable;

/**
 * Jars of what was mixed, and the next batch.
 *
 * @param apart what could not be read
 * @param batch what comes of the form as it stands, or null where something of it is wrong or nothing is asked for
 */
record JarsView(List<JarView> jars, List<String> apart, MixForm form, List<Pick> mixtures, List<Wants> wants, List<Pick> measures, List<Portion> ratio, List<Own> own, boolean ownRecipe, boolean bath, boolean bottled, String bottle, Example example,
        @Nullable Made batch, List<String> problems) implements PageView {
    private static final double TALL = 86;
    private static final double FOOT = 105.4;

    /**
     * A jar that stands.
     *
     * @param stands where it stands, in a sentence; {@code wrong} whether it is not to be used as it is
     * @param full height of what is in it, {@code top} where it ends; {@code rests} whether it is not ready
     * @param soundWords what it looks like while it is good; {@code spoiltWords} when it is not
     * @param pours jars it may be poured into; {@code never} why not into the others
     * @param weak how much spirit brings it back, or empty
     */
    record JarView(UUID id, int version, String name, String what, String stands, boolean wrong, boolean rests, boolean spoilt, double full, double top, LifeLine life, boolean open, String soundWords, String spoiltWords, String looked, String weak, String discard, List<Pick> pours, List<String> never) {
    }

    /**
     * The life of a jar, drawn over 320 units; its first hours take as much room as its last weeks.
     *
     * @param ready where it is ready; {@code look} where it is looked at; {@code now} where it stands
     */
    record LifeLine(double ready, double look, double now, String readyWords, String lookWords, String untilWords, String said) {
        private static final double WIDE = 320;
        private static final double CROWDED = 225;

        static LifeLine of(Standing jar, Say say) {
            Instant made = jar.jar().made();
            Instant until = jar.state().until();
            double now = at(made, until, say.now());
            String ready = jar.state().ready().equals(made) ? "" : say.time(jar.state().ready());
            double look = at(made, until, jar.state().look());
            // what lies behind, or runs into the last day, is not written under the line
            boolean told = look > now && look < CROWDED;
            return new LifeLine(at(made, until, jar.state().ready()), look, now, ready, told ? say.day(jar.state().look()) : "", say.date(until),
                    "Its life: ready %s, to be looked at from %s, away with it after %s".formatted(ready.isEmpty() ? "at once" : "from " + ready, say.date(jar.state().look()), say.date(until)));
        }

        private static double at(Instant made, Instant until, Instant when) {
            double share = Math.clamp(Duration.between(made, when).toMillis() / (double) Duration.between(made, until).toMillis(), 0, 1);
            return Math.round(WIDE * Math.cbrt(share) * 10) / 10.0;
        }
    }

    /** A piece that wants some of it. */
    record Wants(UUID id, String title, String amount, boolean chosen) {
    }

    /** Parts of one ingredient. */
    record Portion(String words, String parts) {
    }

    /** One line of a recipe of one's own. */
    record Own(List<Pick> products, String parts) {
    }

    /** What comes of the form. @param shelf what the shelf lacks for it, in sentences */
    record Made(List<Line> lines, String all, String keeps, String strength, String discard, List<String> shelf, List<String> cautions, String doubt, boolean nothing) {
    }

    /** What stands in empty fields. */
    record Example(String mouth, String more) {
        static Example of(Say say) {
            return new Example(say.usual(60, 2.5), say.measure() == UnitSystem.METRIC ? "20 ml" : "1 fl oz");
        }
    }

    /** One part measured out. */
    record Line(String words, String amount, String counted) {
    }

    static JarsView of(JarWork work, MixForm form, MixForm.@Nullable Batch batch, List<Mixture> known, Map<Mixture, Map<Piece, Double>> needs, List<String> problems, Say say) {
        kindveil.studio.work.Kept<Standing> kept = work.kept();
        Optional<Mixture> chosen = known.stream().filter(mixture -> mixture.id().equals(form.mixture())).findFirst();
        List<Pick> mixtures = new ArrayList<>(known.stream().map(mixture -> new Pick(mixture.id(), MixForm.words(mixture), "", mixture.id().equals(form.mixture()))).toList());
        mixtures.add(new Pick(MixForm.OWN, "a recipe of my own", "", form.mixture().equals(MixForm.OWN)));
        List<Wants> wants = chosen.map(mixture -> wants(form, mixture, needs, say)).orElse(List.of());
        Measure usual = batch == null ? chosen.map(Measure::usual).orElse(Measure.SPOONS) : batch.recipe().measure();
        List<Pick> measures = java.util.Arrays.stream(Measure.values()).map(measure -> new Pick(measure.name(), measure.words(), "", form.measure().isEmpty() ? measure == usual : measure.name().equals(form.measure()))).toList();
        boolean bottled = chosen.map(mixture -> mixture.leastBottlePercent() > 0).orElse(false);
        return new JarsView(kept.read().stream().map(jar -> jar(jar, kept.read(), say)).toList(), kept.sentences(), form, mixtures, wants, measures, chosen.map(mixture -> ratio(form, mixture)).orElse(List.of()), own(form), form.mixture().equals(MixForm.OWN),
                chosen.map(mixture -> mixture.gives() == null).orElse(false), bottled, form.bottle().isEmpty() ? chosen.map(mixture -> Figures.plain(mixture.leastBottlePercent() + 1)).orElse("") : form.bottle(), Example.of(say), batch == null ? null : made(batch, work, say), problems);
    }

    private static List<Wants> wants(MixForm form, Mixture mixture, Map<Mixture, Map<Piece, Double>> needs, Say say) {
        return MixForm.wants(needs, mixture).entrySet().stream().map(one -> new Wants(one.getKey().id(), one.getKey().title(), say.one(new Volume(one.getValue())), form.chose(one.getKey()))).toList();
    }

    private static List<Portion> ratio(MixForm form, Mixture mixture) {
        List<Portion> ratio = new ArrayList<>();
        for (int i = 0; i < mixture.ingredients().size(); i++) {
            Mixture.Ingredient part = mixture.ingredients().get(i);
            ratio.add(new Portion(part.words(), i < form.parts().size() && !form.parts().get(i).isBlank() ? form.parts().get(i) : Figures.rounded(part.parts(), 3)));
        }
        return ratio;
    }

    private static List<Own> own(MixForm form) {
        List<Product> stirred = Stock.kinds();
        List<Own> own = new ArrayList<>();
        for (int i = 0; i < MixForm.MOST_OWN; i++) {
            String chosen = i < form.own().size() ? form.own().get(i) : "";
            List<Pick> products = new ArrayList<>(List.of(new Pick("", "nothing more", "", chosen.isEmpty())));
            stirred.forEach(product -> products.add(new Pick(product.id(), product.words(), "", product.id().equals(chosen))));
            own.add(new Own(products, i < form.ownParts().size() ? form.ownParts().get(i) : "1"));
        }
        return own;
    }

    private static JarView jar(Standing jar, List<Standing> all, Say say) {
        Keeping keeps = Keeping.of(jar.jar().mixture());
        double there = jar.state().left() / jar.jar().millilitres();
        String strength = jar.state().strength() > 0 ? ", %s %% alcohol by volume".formatted(Figures.plain(Math.round(jar.state().strength()))) : "";
        String what = "%s of %s left%s; mixed %s".formatted(say.one(new Volume(jar.state().left())), say.one(new Volume(jar.jar().millilitres())), strength, say.time(jar.jar().made()));
        String over = jar.state().over() > 0.5 ? " %s more was taken than was in it: look how full it is.".formatted(say.one(new Volume(jar.state().over()))) : "";
        Phase phase = jar.state().phase();
        String looked = jar.jar().look() == null ? "" : "Looked at %s: %s.".formatted(say.date(jar.jar().look().at()), jar.jar().look().sound() ? keeps.sound() : keeps.spoilt());
        return new JarView(jar.jar().id(), jar.jar().version(), jar.jar().name(), what, stands(jar, keeps, say) + over, phase == Phase.SPOILT || phase == Phase.WEAK || phase == Phase.LOOK, phase == Phase.RESTS, phase == Phase.SPOILT, TALL * there, FOOT - TALL * there, LifeLine.of(jar, say), jar.jar().open() != null,
                keeps.sound(), keeps.spoilt(), looked, phase == Phase.WEAK ? say.one(new Volume(jar.state().lost())) : "", Keeping.discard(jar.jar().mixture().hazards()), pours(jar, all), never(jar, all, say));
    }

    private static Optional<String> against(Standing jar, Standing other) {
        return Pouring.against(jar.jar().mixture(), jar.state(), other.jar().mixture(), other.state());
    }

    private static List<Pick> pours(Standing jar, List<Standing> all) {
        return all.stream().filter(other -> other != jar && against(jar, other).isEmpty()).map(other -> new Pick(other.jar().id().toString(), other.jar().name(), "", false)).toList();
    }

    private static List<String> never(Standing jar, List<Standing> all, Say say) {
        return all.stream().filter(other -> other != jar).flatMap(other -> against(jar, other).stream().map(why -> say.it("Not into %s: %s".formatted(other.jar().name(), why)))).distinct().toList();
    }

    private static String stands(Standing jar, Keeping keeps, Say say) {
        return switch (jar.state().phase()) {
            case RESTS -> "Ready from %s. %s".formatted(say.time(jar.state().ready()), keeps.why());
            case GOOD -> "Good until %s, then for as long as it is %s, and not after %s.".formatted(say.date(jar.state().look()), keeps.sound(), say.date(jar.state().until()));
            case LOOK -> "Look at it before you use it: %s is good; %s, throw it away.".formatted(keeps.sound(), keeps.spoilt());
            case WEAK -> "Too weak to let anything go: %s of alcohol brings back what the open lid let out.".formatted(say.one(new Volume(jar.state().lost())));
            case SPOILT -> "Throw it away.";
            case EMPTY -> "Empty.";
        };
    }

    private static Made made(MixForm.Batch batch, JarWork work, Say say) {
        Recipe recipe = batch.recipe();
        Keeping keeps = Keeping.of(recipe.mixture());
        List<Line> lines = recipe.parts().stream().map(part -> new Line(part.of().words(), say.both(new Volume(part.millilitres())), counted(recipe.measure(), part.millilitres()))).toList();
        String left = recipe.left() > 0.05 ? "; %s more than asked for, so that the least part can be measured".formatted(say.one(new Volume(recipe.left()))) : "";
        double strength = recipe.mixture().strength(batch.bottle());
        return new Made(lines, "%s in all%s.".formatted(say.both(new Volume(recipe.mixed())), left), keeps(keeps, say), strength > 0 ? "%s %% alcohol by volume, mixed.".formatted(Figures.plain(Math.round(strength))) : "", Keeping.discard(recipe.mixture().hazards()),
                work.lacking(recipe).entrySet().stream().map(lack -> "%s: %s short on your shelf.".formatted(Words.capital(lack.getKey()), say.one(new Volume(lack.getValue())))).toList(), recipe.mixture().hazards().stream().map(Hazard::words).map(say::it).toList(), Blend.doubt(recipe.mixture()), recipe.mixed() <= 0);
    }

    private static String counted(Measure measure, double millilitres) {
        return measure == Measure.SPOONS || millilitres <= 0 || measure.steps(millilitres) > 60 ? "" : "%s %s".formatted(Figures.rounded(measure.steps(millilitres), 1), switch (measure) {
            case DROPPER -> "drops";
            case SYRINGE -> "tenths of the syringe";
            case CUP -> "lines of the cup, 5 ml each";
            case SPOONS -> "spoons";
        });
    }

    private static String keeps(Keeping keeps, Say say) {
        String ready = keeps.ready().isZero() ? "Ready at once." : "Ready from %s. %s".formatted(say.time(say.now().plus(keeps.ready())), keeps.why());
        return ready + (keeps.keeps() ? " Good until %s, then as long as it is %s, until %s at most.".formatted(say.date(say.now().plus(keeps.cautious())), keeps.sound(), say.date(say.now().plus(keeps.longest()))) : " Mix it when you need it: it does not keep.");
    }
}
