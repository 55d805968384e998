package kindveil.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kindveil.bench.Extent;
import kindveil.product.Mixture;
import kindveil.product.Product;
import kindveil.bench.Face;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.measure.Area;
import kindveil.measure.Length;
import kindveil.measure.Preset;
import kindveil.measure.Volume;
import kindveil.mixing.Measure;
import kindveil.mixing.Recipe;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Trace;

/**
 * How much of what the plan takes, waste included. Volumes grow with the area; dwell and soak times do not.
 *
 * @param byAct in order, one for each act that lays something on
 * @param byProduct in all, each product once
 * @param mixtures what is mixed, with its parts
 */
public record AmountReading(List<Portion> byAct, Map<Product, Volume> byProduct, List<Batch> mixtures) {
    /** What stays on the brush and goes beyond the edge (practice). */
    public static final Preset WASTE = Preset.practice(1.15, 1.05, 1.4, "times the film");
    /** Oil rubbed in with a cloth, over the area (assumed). */
    private static final double EDGE_MILLIMETRES = 18;
    private static final double OIL_MICROMETRES = 15;
    /** A tray is so much wider than what lies in it, on each side, and filled so deep (assumed). */
    private static final double TRAY_MILLIMETRES = 20;
    private static final double DEEP_MILLIMETRES = 10;

    /** What one act takes. @param micrometres of the film that is to lie there; what the support drinks is in the volume beside it */
    public record Portion(Act act, Product product, Volume volume, double micrometres) {
    }

    /**
     * Something mixed: measured as one batch, whose smallest part is what a spoon or a drop can measure and whose others keep the ratio.
     *
     * @param volume what is needed of it
     * @param strength of the spirit in it, in per cent; 0 where there is none
     * @param left what is mixed beyond that
     */
    public record Batch(Act act, Mixture mixture, Volume volume, List<Share> shares, double strength, Volume left) {
    }

    /** One part of it. */
    public record Share(String words, Volume volume) {
    }

    public AmountReading {
        byAct = List.copyOf(byAct);
        mixtures = List.copyOf(mixtures);
        byProduct = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(byProduct));
    }

    public static AmountReading of(Trace trace, Length width, Length height) {
        List<Portion> portions = new ArrayList<>();
        Map<Product, Volume> all = new LinkedHashMap<>();
        for (Trace.Moment moment : trace.moments()) {
            portion(moment, width, height).ifPresent(portion -> {
                portions.add(portion);
                all.merge(portion.product(), portion.volume(), (a, b) -> new Volume(a.millilitres() + b.millilitres()));
            });
        }
        return new AmountReading(portions, all, trace.moments().stream().flatMap(moment -> batch(moment.act(), all, bath(width, height)).stream()).toList());
    }

    private static Optional<Portion> portion(Trace.Moment moment, Length width, Length height) {
        Act act = moment.act();
        return switch (act.step()) {
            case Step.Apply apply -> !apply.product().family().poured() ? Optional.empty() : Optional.of(portion(act, apply.product(), area(apply, width, height), apply.wetMicrometres(), moment.before().drinks(apply.onto()), apply.tool().keeps()));
            case Step.Infuse infuse -> Optional.of(portion(act, infuse.agent(), Extent.BEYOND.area(width, height), OIL_MICROMETRES, 0, 0));
            case Step.SetOut s -> Optional.empty();
            case Step.Prepare s -> Optional.empty();
            case Step.Mix s -> Optional.empty();
            case Step.Join s -> Optional.empty();
            case Step.Press s -> Optional.empty();
            case Step.Load s -> Optional.empty();
            case Step.Unload s -> Optional.empty();
            case Step.Part s -> Optional.empty();
            case Step.RubAway s -> Optional.empty();
            case Step.Wet s -> Optional.empty();
            case Step.Abrade s -> Optional.empty();
            case Step.Dissolve s -> Optional.empty();
            case Step.Heat s -> Optional.empty();
            case Step.Move s -> Optional.empty();
            case Step.Cut s -> Optional.empty();
            case Step.Outline s -> Optional.empty();
            case Step.Blot s -> Optional.empty();
            case Step.WashUp s -> Optional.empty();
            case Step.Judge s -> Optional.empty();
        };
    }

    /** A block is coated all round: both faces, and edges as thick as ply on its board; so is the back of wood, with its edges. */
    private static Area area(Step.Apply apply, Length width, Length height) {
        Area face = new Area(apply.share() * apply.extent().area(width, height).squareMillimetres());
        boolean block = apply.onto().thing() == ThingKind.BLOCK && apply.extent() == Extent.WHOLE;
        boolean back = apply.onto().thing() == ThingKind.SUPPORT && apply.onto().side() == Face.Side.BACK;
        double edges = 2 * (width.millimetres() + height.millimetres()) * EDGE_MILLIMETRES;
        return block ? new Area(2 * face.squareMillimetres() + edges) : back ? new Area(face.squareMillimetres() + edges) : face;
    }

    /** @param kept by the tool, ml */
    private static Portion portion(Act act, Product product, Area area, double micrometres, double drinks, double kept) {
        return new Portion(act, product, new Volume(Volume.ofFilm(area, micrometres + drinks).times(WASTE.value()).millilitres() + kept), micrometres);
    }

    /** Of a bath a tray full; of everything else what the coats take. */
    private static Optional<Batch> batch(Act act, Map<Product, Volume> all, Volume bath) {
        if (!(act.step() instanceof Step.Mix mix)) {
            return Optional.empty();
        }
        Product gives = mix.mixture().gives();
        Volume whole = gives == null ? bath : all.getOrDefault(gives, new Volume(0));
        Recipe recipe = gives == null || whole.millilitres() == 0 ? Recipe.filling(mix.mixture(), whole.millilitres()) : Recipe.of(mix.mixture(), whole.millilitres(), Measure.usual(mix.mixture()));
        return Optional.of(new Batch(act, mix.mixture(), whole, recipe.parts().stream().map(part -> new Share(part.of().words(), new Volume(part.millilitres()))).toList(),
                mix.mixture().strength(mix.bottlePercent()), new Volume(recipe.left())));
    }

    /** What fills a tray that something lies in. */
    public static Volume bath(Length width, Length height) {
        return tray(width.plus(beside()).plus(beside()), height.plus(beside()).plus(beside()));
    }

    /** Room in a tray on each side of what lies in it. */
    static Length beside() {
        return Length.ofMillimetres(TRAY_MILLIMETRES);
    }

    /** What fills a tray as deep as something floats in. */
    public static Volume tray(Length width, Length height) {
        return Volume.ofFilm(new Area(width.millimetres() * height.millimetres()), DEEP_MILLIMETRES * 1000);
    }

    public Optional<Portion> forAct(ActId id) {
        return byAct.stream().filter(portion -> portion.act().id().equals(id)).findFirst();
    }

    public Optional<Batch> batch(ActId id) {
        return mixtures.stream().filter(batch -> batch.act().id().equals(id)).findFirst();
    }

    public Volume of(Product product) {
        return byProduct.getOrDefault(product, new Volume(0));
    }
}
