package kindveil.studio.store.form;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kindveil.bench.Step;
import kindveil.drying.RoomCourse;
import kindveil.product.Mixture;
import kindveil.product.Product;
import org.jspecify.annotations.Nullable;

/** A step as it is kept; faces as {@code thing/side}, products by their id in the plan's own list. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "step")
@JsonSubTypes({@JsonSubTypes.Type(value = StepForm.SetOut.class, name = "set-out"), @JsonSubTypes.Type(value = StepForm.Prepare.class, name = "prepare"),
    @JsonSubTypes.Type(value = StepForm.Mix.class, name = "mix"), @JsonSubTypes.Type(value = StepForm.Apply.class, name = "apply"),
    @JsonSubTypes.Type(value = StepForm.Join.class, name = "join"), @JsonSubTypes.Type(value = StepForm.Press.class, name = "press"),
    @JsonSubTypes.Type(value = StepForm.Load.class, name = "load"), @JsonSubTypes.Type(value = StepForm.Unload.class, name = "unload"),
    @JsonSubTypes.Type(value = StepForm.Part.class, name = "part"), @JsonSubTypes.Type(value = StepForm.RubAway.class, name = "rub-away"),
    @JsonSubTypes.Type(value = StepForm.Wet.class, name = "wet"), @JsonSubTypes.Type(value = StepForm.Abrade.class, name = "abrade"),
    @JsonSubTypes.Type(value = StepForm.Infuse.class, name = "infuse"), @JsonSubTypes.Type(value = StepForm.Dissolve.class, name = "dissolve"),
    @JsonSubTypes.Type(value = StepForm.Heat.class, name = "heat"), @JsonSubTypes.Type(value = StepForm.Move.class, name = "move"),
    @JsonSubTypes.Type(value = StepForm.Cut.class, name = "cut"), @JsonSubTypes.Type(value = StepForm.Outline.class, name = "outline"),
    @JsonSubTypes.Type(value = StepForm.Blot.class, name = "blot"), @JsonSubTypes.Type(value = StepForm.WashUp.class, name = "wash-up"),
    @JsonSubTypes.Type(value = StepForm.Judge.class, name = "judge")})
public sealed interface StepForm {
    record SetOut(ThingForm thing) implements StepForm {
    }

    record Prepare(String thing, String what) implements StepForm {
    }

    record Mix(MixtureForm mixture, double bottlePercent) implements StepForm {
    }

    /** What is mixed, whole. */
    record MixtureForm(String id, @Nullable String gives, List<IngredientForm> ingredients, double leastBottlePercent, List<String> hazards) {
        /** @param products what it gives is put here */
        static MixtureForm of(Mixture m, Map<String, Product> products) {
            return new MixtureForm(m.id(), m.gives() == null ? null : met(m.gives(), products), m.ingredients().stream().map(i -> new IngredientForm(i.words(), i.parts(), i.of())).toList(),
                    m.leastBottlePercent(), m.hazards().stream().map(Vocabulary.HAZARD::of).toList());
        }

        Mixture mixture(Map<String, Product> products) {
            return new Mixture(id, gives == null ? null : product(products, gives), ingredients.stream().map(i -> new Mixture.Ingredient(i.words, i.parts, i.of)).toList(), leastBottlePercent,
                    new HashSet<>(hazards.stream().map(Vocabulary.HAZARD::read).toList()));
        }
    }

    record IngredientForm(String words, double parts, @Nullable String of) {
    }

    record Apply(String onto, String product, double micrometres, String tool, String part, String extent, double @Nullable [] colour, @Nullable Double share) implements StepForm {
    }

    record Join(String moving, String onto, boolean forGood) implements StepForm {
    }

    record Press(String over, String tool) implements StepForm {
    }

    record Load(String over) implements StepForm {
    }

    record Unload(String over) implements StepForm {
    }

    record Part(String away, String from, String split) implements StepForm {
    }

    record RubAway(String carrier, String keeps, int pass, int picture) implements StepForm {
    }

    record Wet(String face, String tool, String bath, @Nullable String warmth) implements StepForm {
    }

    record Abrade(String face, String tool) implements StepForm {
    }

    record Infuse(String face, String agent, String tool) implements StepForm {
    }

    record Dissolve(String face, String what) implements StepForm {
    }

    record Heat(String face, double centimetres, long lasts, @Nullable Set<Integer> apart) implements StepForm {
    }

    record Move(String thing, String place) implements StepForm {
    }

    record Cut(String thing, String how, double overlap) implements StepForm {
    }

    record Outline(String of) implements StepForm {
    }

    record Blot(String face) implements StepForm {
    }

    record WashUp(String tool) implements StepForm {
    }

    record Judge(String face) implements StepForm {
    }

    /** @param products every product met is put here */
    static StepForm of(Step step, Map<String, Product> products) {
        return switch (step) {
            case Step.SetOut s -> new SetOut(ThingForm.of(s.thing(), products));
            case Step.Prepare s -> new Prepare(Vocabulary.THING.of(s.thing()), Vocabulary.PREPARATION.of(s.what()));
            case Step.Mix s -> new Mix(MixtureForm.of(s.mixture(), products), s.bottlePercent());
            case Step.Apply s -> new Apply(ThingForm.face(s.onto()), met(s.product(), products), s.wetMicrometres(), Vocabulary.TOOL.of(s.tool()), Vocabulary.PART.of(s.part()),
                    Vocabulary.EXTENT.of(s.extent()), s.colour() == null ? null : ProductForm.colour(s.colour()), s.share() == 1 ? null : Double.valueOf(s.share()));
            case Step.Join s -> new Join(ThingForm.face(s.moving()), ThingForm.face(s.onto()), s.forGood());
            case Step.Press s -> new Press(ThingForm.face(s.over()), Vocabulary.TOOL.of(s.tool()));
            case Step.Load s -> new Load(ThingForm.face(s.over()));
            case Step.Unload s -> new Unload(ThingForm.face(s.over()));
            case Step.Part s -> new Part(Vocabulary.THING.of(s.away()), ThingForm.face(s.from()), Vocabulary.SPLIT.of(s.split()));
            case Step.RubAway s -> new RubAway(Vocabulary.THING.of(s.carrier()), ThingForm.face(s.keeps()), s.pass(), s.picture());
            case Step.Wet s -> new Wet(ThingForm.face(s.face()), Vocabulary.TOOL.of(s.tool()), Vocabulary.BATH.of(s.bath()), s.warmth() == Step.Warmth.COOL ? null : Vocabulary.WARMTH.of(s.warmth()));
            case Step.Abrade s -> new Abrade(ThingForm.face(s.face()), Vocabulary.TOOL.of(s.tool()));
            case Step.Infuse s -> new Infuse(ThingForm.face(s.face()), met(s.agent(), products), Vocabulary.TOOL.of(s.tool()));
            case Step.Dissolve s -> new Dissolve(ThingForm.face(s.face()), Vocabulary.SOLUBLE.of(s.what()));
            case Step.Heat s -> new Heat(ThingForm.face(s.face()), s.centimetres(), s.lasts().toMillis(), s.apart().isEmpty() ? null : s.apart());
            case Step.Move s -> new Move(Vocabulary.THING.of(s.thing()), Vocabulary.PLACE.of(s.place()));
            case Step.Cut s -> new Cut(Vocabulary.THING.of(s.thing()), Vocabulary.CUTTING.of(s.how()), s.overlapMillimetres());
            case Step.Outline s -> new Outline(ThingForm.face(s.of()));
            case Step.Blot s -> new Blot(ThingForm.face(s.face()));
            case Step.WashUp s -> new WashUp(Vocabulary.TOOL.of(s.tool()));
            case Step.Judge s -> new Judge(ThingForm.face(s.face()));
        };
    }

    private static String met(Product product, Map<String, Product> products) {
        products.put(product.id(), product);
        return product.id();
    }

    static Product product(Map<String, Product> products, String id) {
        return Optional.ofNullable(products.get(id)).orElseThrow(() -> new Unreadable("It uses “%s”, which it does not describe.".formatted(id)));
    }

    /** @param air of the plan's bench */
    default Step step(Map<String, Product> products, RoomCourse air) {
        return switch (this) {
            case SetOut s -> new Step.SetOut(s.thing.thing(products, air));
            case Prepare s -> new Step.Prepare(Vocabulary.THING.read(s.thing), Vocabulary.PREPARATION.read(s.what));
            case Mix s -> new Step.Mix(s.mixture.mixture(products), s.bottlePercent);
            case Apply s -> new Step.Apply(ThingForm.face(s.onto), product(products, s.product), s.micrometres, Vocabulary.TOOL.read(s.tool), Vocabulary.PART.read(s.part),
                    Vocabulary.EXTENT.read(s.extent), s.colour == null ? null : ProductForm.colour(s.colour), s.share == null ? 1 : s.share);
            case Join s -> new Step.Join(ThingForm.face(s.moving), ThingForm.face(s.onto), s.forGood);
            case Press s -> new Step.Press(ThingForm.face(s.over), Vocabulary.TOOL.read(s.tool));
            case Load s -> new Step.Load(ThingForm.face(s.over));
            case Unload s -> new Step.Unload(ThingForm.face(s.over));
            case Part s -> new Step.Part(Vocabulary.THING.read(s.away), ThingForm.face(s.from), Vocabulary.SPLIT.read(s.split));
            case RubAway s -> new Step.RubAway(Vocabulary.THING.read(s.carrier), ThingForm.face(s.keeps), s.pass, s.picture);
            case Wet s -> new Step.Wet(ThingForm.face(s.face), Vocabulary.TOOL.read(s.tool), Vocabulary.BATH.read(s.bath), s.warmth == null ? Step.Warmth.COOL : Vocabulary.WARMTH.read(s.warmth));
            case Abrade s -> new Step.Abrade(ThingForm.face(s.face), Vocabulary.TOOL.read(s.tool));
            case Infuse s -> new Step.Infuse(ThingForm.face(s.face), product(products, s.agent), Vocabulary.TOOL.read(s.tool));
            case Dissolve s -> new Step.Dissolve(ThingForm.face(s.face), Vocabulary.SOLUBLE.read(s.what));
            case Heat s -> new Step.Heat(ThingForm.face(s.face), s.centimetres, Duration.ofMillis(s.lasts), s.apart == null ? Set.of() : s.apart);
            case Move s -> new Step.Move(Vocabulary.THING.read(s.thing), Vocabulary.PLACE.read(s.place));
            case Cut s -> new Step.Cut(Vocabulary.THING.read(s.thing), Vocabulary.CUTTING.read(s.how), s.overlap);
            case Outline s -> new Step.Outline(ThingForm.face(s.of));
            case Blot s -> new Step.Blot(ThingForm.face(s.face));
            case WashUp s -> new Step.WashUp(Vocabulary.TOOL.read(s.tool));
            case Judge s -> new Step.Judge(ThingForm.face(s.face));
        };
    }
}
