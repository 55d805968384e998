package kindveil.catalogue;

import java.util.List;
import java.util.Locale;
import kindveil.measure.UnusableValue;
import kindveil.way.Way;
import kindveil.way.WayCard;

/** All ways there are. */
public final class Catalogue {
    private static final List<Way> WAYS = List.of(new GelLay(), new GessoBed(), new PlatePull(), new PlateToTissue(), new FilmRelease(), new ViscousFilmLay(),
            new OiledPanel(), new FreeSkin(), new CurvedSkin(), new TapeLift(), new OpaqueBackedLay(), new FixedInkjetLay(), new GumPrint(), new TissueLay(),
            new BlockGuide(), new SkinFloat(), new Underpainting(), new LeafAndPapers(), new GluedPrint(), new BlockOverprint(), new StencilPaste(), new HeatCrackle(),
            new Glazing(), new EdgesAndHardware(), new DrawingOver(),
            new SprayFixing(), new ClearingOver(), new Isolating(), new Varnishing(), new Waxing(), new OilFinish(), new ResinPour(), new PutAway());

    private Catalogue() {
    }

    public static List<Way> ways() {
        return WAYS;
    }

    public static List<Way> transfers() {
        return of(WayCard.Kind.TRANSFER);
    }

    /** What goes over and under. */
    public static List<Way> overAndUnder() {
        return of(WayCard.Kind.OVER_OR_UNDER);
    }

    /** What comes last. */
    public static List<Way> finishes() {
        return of(WayCard.Kind.FINISH);
    }

    /** What goes over and under, and what comes last. */
    public static List<Way> besides() {
        return java.util.stream.Stream.concat(overAndUnder().stream(), finishes().stream()).toList();
    }

    private static List<Way> of(WayCard.Kind kind) {
        return WAYS.stream().filter(way -> way.card().kind() == kind).toList();
    }

    public static Way way(String key) {
        return WAYS.stream().filter(way -> way.key().equals(key)).findFirst()
                .orElseThrow(() -> new UnusableValue("way", key, "one of " + WAYS.stream().map(Way::key).toList(), "Choose one of these."));
    }

    /** Ways in which every word of {@code text} is found: in a name, a summary, or the words artists use. */
    public static List<Way> search(String text) {
        List<String> words = List.of(text.toLowerCase(Locale.ROOT).strip().split("\\s+"));
        return WAYS.stream().filter(way -> words.stream().allMatch(said(way)::contains)).toList();
    }

    private static String said(Way way) {
        WayCard card = way.card();
        return (card.name() + " " + card.summary() + " " + card.supports().keySet().stream().map(s -> s.words()).toList() + " " + card.alsoCalled()
                + (card.usualPrint() == null ? "" : " " + card.usualPrint().words())).toLowerCase(Locale.ROOT);
    }
}
