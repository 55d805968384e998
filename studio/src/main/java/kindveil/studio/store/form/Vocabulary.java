package kindveil.studio.store.form;

import kindveil.mixing.Ageing;
import kindveil.bench.Extent;
import kindveil.bench.Face;
import kindveil.bench.Ground;
import kindveil.bench.Hand;
import kindveil.bench.Mask;
import kindveil.bench.Preparation;
import kindveil.bench.PrintKind;
import kindveil.bench.Sheet;
import kindveil.bench.Step;
import kindveil.bench.Support;
import kindveil.bench.ThingKind;
import kindveil.bench.Tool;
import kindveil.drying.Airing;
import kindveil.drying.Stage;
import kindveil.light.Paint;
import kindveil.making.Departure;
import kindveil.measure.Provenance;
import kindveil.measure.UnitSystem;
import kindveil.product.Family;
import kindveil.product.Hazard;
import kindveil.product.Release;
import kindveil.product.Trait;
import kindveil.reading.LookState;
import kindveil.reading.TaskReading.Resource;
import kindveil.sheet.Paper;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.making.Result;
import kindveil.studio.work.piece.HandWish;
import kindveil.studio.work.shelf.Gear;
import kindveil.way.HandWork;
import kindveil.way.TellTale;
import kindveil.way.Wish;

/**
 * What constants are called on disk. A constant may be renamed at will; its token here may not, and one that is no longer
 * used stays readable for as long as anything may hold it.
 */
public final class Vocabulary {
    public static final Tokens<Ground> GROUND = Tokens.of("ground", Ground.class).is("raw", Ground.RAW).is("gesso", Ground.GESSO)
            .is("acrylic-paint", Ground.ACRYLIC_PAINT).is("fresh-paint", Ground.FRESH_PAINT).is("water-soluble", Ground.WATER_SOLUBLE)
            .is("papers", Ground.PAPERS).is("metal-leaf", Ground.METAL_LEAF).is("oil", Ground.OIL);
    public static final Tokens<PrintKind> PRINT = Tokens.of("print", PrintKind.class).is("good-toner", PrintKind.GOOD_TONER)
            .is("photocopy", PrintKind.PHOTOCOPY).is("weak-toner", PrintKind.WEAK_TONER).is("colour-toner", PrintKind.COLOUR_TONER).is("dye-inkjet", PrintKind.DYE_INKJET)
            .is("pigment-inkjet", PrintKind.PIGMENT_INKJET).is("mixed-inkjet", PrintKind.MIXED_INKJET).is("magazine", PrintKind.MAGAZINE)
            .is("coated-magazine", PrintKind.COATED_MAGAZINE).is("film-pigment", PrintKind.FILM_PIGMENT).is("film-dye", PrintKind.FILM_DYE)
            .is("film-mixed", PrintKind.FILM_MIXED).is("tissue-toner", PrintKind.TISSUE_TONER).is("dye-sublimation", PrintKind.DYE_SUBLIMATION);
    public static final Tokens<Resource> RESOURCE = Tokens.of("resource", Resource.class).is("artist", Resource.ARTIST).is("plate", Resource.PLATE).is("weight", Resource.WEIGHT)
            .is("heat-tool", Resource.HEAT_TOOL).is("tray", Resource.TRAY).is("flat-space", Resource.FLAT_SPACE);
    public static final Tokens<Hand> HAND = Tokens.of("hand", Hand.class).is("reads-right", Hand.READS_RIGHT).is("mirrored", Hand.MIRRORED);
    public static final Tokens<Wish> WISH = Tokens.of("wish", Wish.class).is("clean", Wish.CLEAN).is("soft", Wish.SOFT).is("ghosted", Wish.GHOSTED)
            .is("torn", Wish.TORN).is("distorted", Wish.DISTORTED).is("broken", Wish.BROKEN);
    public static final Tokens<HandWish> HAND_WISH = Tokens.of("hand wish", HandWish.class).is("reads-right", HandWish.READS_RIGHT)
            .is("mirrored", HandWish.MIRRORED).is("no-matter", HandWish.NO_MATTER);
    public static final Tokens<Paper> PAPER = Tokens.of("paper", Paper.class).is("a4", Paper.A4).is("a3", Paper.A3).is("letter", Paper.LETTER);
    public static final Tokens<UnitSystem> UNITS = Tokens.of("units", UnitSystem.class).is("metric", UnitSystem.METRIC).is("us", UnitSystem.US);
    public static final Tokens<Airing> AIRING = Tokens.of("airing", Airing.class).is("still", Airing.STILL).is("fan", Airing.FAN)
            .is("heat-tool", Airing.HEAT_TOOL).is("heat-tool-close", Airing.HEAT_TOOL_CLOSE).is("heat-tool-far", Airing.HEAT_TOOL_FAR).is("warm-cupboard", Airing.WARM_CUPBOARD);
    public static final Tokens<Stage> STAGE = Tokens.of("stage", Stage.class).is("open", Stage.OPEN).is("plate-limit", Stage.PLATE_LIMIT)
            .is("touch-dry", Stage.TOUCH_DRY).is("recoat", Stage.RECOAT).is("through", Stage.THROUGH);
    public static final Tokens<ThingKind> THING = Tokens.of("thing", ThingKind.class).is("print", ThingKind.PRINT).is("support", ThingKind.SUPPORT)
            .is("plate", ThingKind.PLATE).is("tape", ThingKind.TAPE).is("skin", ThingKind.SKIN).is("tracing", ThingKind.TRACING)
            .is("impression", ThingKind.IMPRESSION).is("block", ThingKind.BLOCK);
    public static final Tokens<Face.Side> SIDE = Tokens.of("side", Face.Side.class).is("front", Face.Side.FRONT).is("back", Face.Side.BACK);
    public static final Tokens<Tool> TOOL = Tokens.of("tool", Tool.class).is("brush", Tool.BRUSH).is("spreader", Tool.SPREADER)
            .is("brayer", Tool.BRAYER).is("foam-roller", Tool.FOAM_ROLLER).is("fingers", Tool.FINGERS).is("card", Tool.CARD).is("baren", Tool.BAREN)
            .is("spoon", Tool.SPOON).is("rod", Tool.ROD).is("spray-bottle", Tool.SPRAY_BOTTLE).is("spray-can", Tool.SPRAY_CAN)
            .is("sponge", Tool.SPONGE).is("wet-cloth", Tool.WET_CLOTH).is("soft-cloth", Tool.SOFT_CLOTH).is("toothbrush", Tool.TOOTHBRUSH)
            .is("fine-paper", Tool.FINE_PAPER).is("flat-weight", Tool.FLAT_WEIGHT).is("tray", Tool.TRAY).is("hot-tray", Tool.HOT_TRAY)
            .is("heat-tool", Tool.HEAT_TOOL).is("knife", Tool.KNIFE).is("lino-tool", Tool.LINO_TOOL).is("pouring-cup", Tool.POURING_CUP).is("pencil", Tool.PENCIL)
            .is("dropper", Tool.DROPPER);
    public static final Tokens<Preparation> PREPARATION = Tokens.of("preparation", Preparation.class).is("trim-print", Preparation.TRIM_PRINT)
            .is("clean-support", Preparation.CLEAN_SUPPORT).is("degrease", Preparation.DEGREASE).is("tape-down", Preparation.TAPE_DOWN)
            .is("seal-edges", Preparation.SEAL_EDGES).is("wet-sand", Preparation.WET_SAND).is("lay-stations", Preparation.LAY_STATIONS)
            .is("test-shine", Preparation.TEST_SHINE).is("shake-gel", Preparation.SHAKE_GEL).is("mark-register", Preparation.MARK_REGISTER)
            .is("mount-on-backing", Preparation.MOUNT_ON_BACKING).is("touch-up", Preparation.TOUCH_UP).is("trim-edges", Preparation.TRIM_EDGES)
            .is("hardware", Preparation.HARDWARE).is("tear-edge", Preparation.TEAR_EDGE).is("mask", Preparation.MASK).is("unmask", Preparation.UNMASK).is("tape-film", Preparation.TAPE_FILM).is("cut-opening", Preparation.CUT_OPENING)
            .is("protect-table", Preparation.PROTECT_TABLE).is("frame", Preparation.FRAME).is("interleave", Preparation.INTERLEAVE);
    public static final Tokens<Mask.Part> PART = Tokens.of("part", Mask.Part.class).is("all", Mask.Part.ALL).is("darks", Mask.Part.DARKS)
            .is("lights", Mask.Part.LIGHTS).is("backed", Mask.Part.BACKED).is("edge", Mask.Part.EDGE);
    public static final Tokens<Extent> EXTENT = Tokens.of("extent", Extent.class).is("picture", Extent.PICTURE).is("beyond", Extent.BEYOND)
            .is("whole", Extent.WHOLE);
    public static final Tokens<Sheet> SHEET = Tokens.of("sheet", Sheet.class).is("copy-paper", Sheet.COPY_PAPER).is("magazine", Sheet.MAGAZINE)
            .is("coated-magazine", Sheet.COATED_MAGAZINE).is("coated-film", Sheet.COATED_FILM).is("tissue", Sheet.TISSUE)
            .is("photo-paper", Sheet.PHOTO_PAPER);
    public static final Tokens<Step.Split> SPLIT = Tokens.of("split", Step.Split.class).is("peel", Step.Split.PEEL).is("lift", Step.Split.LIFT)
            .is("pull", Step.Split.PULL).is("give", Step.Split.GIVE);
    public static final Tokens<Step.Bath> BATH = Tokens.of("bath", Step.Bath.class).is("surface", Step.Bath.SURFACE).is("tray", Step.Bath.TRAY)
            .is("lukewarm-tray", Step.Bath.LUKEWARM_TRAY).is("hot-tray", Step.Bath.HOT_TRAY);
    public static final Tokens<Step.Warmth> WARMTH = Tokens.of("warmth", Step.Warmth.class).is("cool", Step.Warmth.COOL).is("lukewarm", Step.Warmth.LUKEWARM)
            .is("warm", Step.Warmth.WARM);
    public static final Tokens<Step.Soluble> SOLUBLE = Tokens.of("soluble", Step.Soluble.class).is("receiver", Step.Soluble.RECEIVER)
            .is("sublimed-dye", Step.Soluble.SUBLIMED_DYE);
    public static final Tokens<Step.Place> PLACE = Tokens.of("place", Step.Place.class).is("hang", Step.Place.HANG)
            .is("fresh-sheet", Step.Place.FRESH_SHEET);
    public static final Tokens<Step.Cutting> CUTTING = Tokens.of("cutting", Step.Cutting.class).is("trim", Step.Cutting.TRIM)
            .is("cut-out", Step.Cutting.CUT_OUT).is("relief-cuts", Step.Cutting.RELIEF_CUTS).is("strips", Step.Cutting.STRIPS)
            .is("carve", Step.Cutting.CARVE);
    public static final Tokens<Provenance> PROVENANCE = Tokens.of("provenance", Provenance.class).is("practice", Provenance.PRACTICE)
            .is("derived", Provenance.DERIVED).is("assumed", Provenance.ASSUMED).is("own", Provenance.OWN);
    public static final Tokens<Trait> TRAIT = Tokens.of("trait", Trait.class).is("water-borne", Trait.WATER_BORNE).is("binds", Trait.BINDS)
            .is("closes", Trait.CLOSES).is("clears-fibre", Trait.CLEARS_FIBRE).is("receptive", Trait.RECEPTIVE).is("oily", Trait.OILY)
            .is("soluble", Trait.SOLUBLE).is("tacky", Trait.TACKY).is("fixes", Trait.FIXES).is("final", Trait.FINAL).is("prints", Trait.PRINTS)
            .is("over-wet", Trait.OVER_WET).is("cracks", Trait.CRACKS).is("glues", Trait.GLUES)
            .is("isolates", Trait.ISOLATES).is("removable", Trait.REMOVABLE).is("waxy", Trait.WAXY).is("cast", Trait.CAST).is("loose", Trait.LOOSE);
    public static final Tokens<Hazard> HAZARD = Tokens.of("hazard", Hazard.class).is("flammable", Hazard.FLAMMABLE).is("spray", Hazard.SPRAY)
            .is("heat", Hazard.HEAT).is("self-heating", Hazard.SELF_HEATING).is("cupboard", Hazard.CUPBOARD).is("scald", Hazard.SCALD).is("dust", Hazard.DUST).is("pulp", Hazard.PULP)
            .is("acrylic", Hazard.ACRYLIC).is("washing", Hazard.WASHING).is("varnish", Hazard.VARNISH).is("slippery", Hazard.SLIPPERY).is("resin", Hazard.RESIN).is("hanging", Hazard.HANGING).is("glass", Hazard.GLASS)
            .is("blade", Hazard.BLADE).is("metal-edge", Hazard.METAL_EDGE).is("weight", Hazard.WEIGHT).is("solvent-skin", Hazard.SOLVENT_SKIN)
            .is("rights", Hazard.RIGHTS).is("kitchen", Hazard.KITCHEN);
    public static final Tokens<Family> FAMILY = Tokens.of("family", Family.class).is("medium", Family.MEDIUM).is("gesso", Family.GESSO)
            .is("paint", Family.PAINT).is("varnish", Family.VARNISH).is("adhesive", Family.ADHESIVE).is("ink", Family.INK).is("spray", Family.SPRAY)
            .is("solution", Family.SOLUTION).is("gum", Family.GUM).is("shellac", Family.SHELLAC).is("oil", Family.OIL).is("leaf", Family.LEAF)
            .is("wax", Family.WAX).is("resin", Family.RESIN).is("drawing", Family.DRAWING);
    public static final Tokens<Paint.Opacity> OPACITY = Tokens.of("opacity", Paint.Opacity.class).is("opaque", Paint.Opacity.OPAQUE)
            .is("flakes", Paint.Opacity.FLAKES).is("semi-opaque", Paint.Opacity.SEMI_OPAQUE).is("semi-transparent", Paint.Opacity.SEMI_TRANSPARENT)
            .is("transparent", Paint.Opacity.TRANSPARENT);
    public static final Tokens<Release.Lets> LETS = Tokens.of("lets", Release.Lets.class).is("received-ink", Release.Lets.RECEIVED_INK)
            .is("toner", Release.Lets.TONER);
    public static final Tokens<Departure.Kind> DEPARTURE = Tokens.of("departure", Departure.Kind.class).is("too-soon", Departure.Kind.TOO_SOON)
            .is("too-late", Departure.Kind.TOO_LATE).is("left-long", Departure.Kind.LEFT_LONG)
            .is("against-the-bench", Departure.Kind.AGAINST_THE_BENCH);
    public static final Tokens<HandWork> HAND_WORK = Tokens.of("kind of work", HandWork.class).is("spreading", HandWork.SPREADING).is("pressing", HandWork.PRESSING).is("rubbing", HandWork.RUBBING)
            .is("sanding", HandWork.SANDING).is("oiling", HandWork.OILING);
    public static final Tokens<LookState> LOOK = Tokens.of("look", LookState.class).is("wet", LookState.WET).is("dried", LookState.DRIED)
            .is("cleared", LookState.CLEARED).is("sealed", LookState.SEALED)
            .is("laid", LookState.LAID).is("drying", LookState.DRYING).is("raked", LookState.RAKED);
    public static final Tokens<LogEntry.Verdict> VERDICT = Tokens.of("verdict", LogEntry.Verdict.class).is("as-wished", LogEntry.Verdict.AS_WISHED)
            .is("nearly", LogEntry.Verdict.NEARLY).is("otherwise-good", LogEntry.Verdict.OTHERWISE_GOOD).is("failed", LogEntry.Verdict.FAILED);
    public static final Tokens<Result> RESULT = Tokens.of("result", Result.class).is("good", Result.GOOD).is("ghost", Result.GHOST).is("spoiled", Result.SPOILED);
    public static final Tokens<LogEntry.Tack> TACK = Tokens.of("tack", LogEntry.Tack.class).is("dry", LogEntry.Tack.DRY)
            .is("slight", LogEntry.Tack.SLIGHT).is("tacky", LogEntry.Tack.TACKY);
    public static final Tokens<LogEntry.Fibre> FIBRE = Tokens.of("fibre", LogEntry.Fibre.class).is("none", LogEntry.Fibre.NONE)
            .is("ghosts", LogEntry.Fibre.GHOSTS).is("veil", LogEntry.Fibre.VEIL).is("much", LogEntry.Fibre.MUCH);
    public static final Tokens<LogEntry.Cause> CAUSE = Tokens.of("cause", LogEntry.Cause.class).is("print", LogEntry.Cause.PRINT)
            .is("amount", LogEntry.Cause.AMOUNT).is("drying", LogEntry.Cause.DRYING).is("pressure", LogEntry.Cause.PRESSURE);
    public static final Tokens<TellTale> TELL_TALE = Tokens.of("tell-tale", TellTale.class).is("back", TellTale.BACK).is("corner", TellTale.CORNER).is("sheen", TellTale.SHEEN)
            .is("tack", TellTale.TACK).is("clear", TellTale.CLEAR).is("edge", TellTale.EDGE).is("plate", TellTale.PLATE).is("wetness", TellTale.WETNESS).is("pulp", TellTale.PULP).is("charge", TellTale.CHARGE).is("burnish", TellTale.BURNISH);
    public static final Tokens<Gear.Kind> GEAR = Tokens.of("kind of thing", Gear.Kind.class).is("tool", Gear.Kind.TOOL).is("plate", Gear.Kind.PLATE).is("tray", Gear.Kind.TRAY)
            .is("weight", Gear.Kind.WEIGHT).is("paper", Gear.Kind.PAPER).is("film", Gear.Kind.FILM).is("tape", Gear.Kind.TAPE);
    public static final Tokens<Ageing.Sign> SIGN = Tokens.of("sign", Ageing.Sign.class).is("fine", Ageing.Sign.FINE).is("thicker", Ageing.Sign.THICKER).is("skin", Ageing.Sign.SKIN).is("thawed", Ageing.Sign.THAWED)
            .is("lumps", Ageing.Sign.LUMPS).is("mould", Ageing.Sign.MOULD).is("cloudy", Ageing.Sign.CLOUDY).is("hard", Ageing.Sign.HARD).is("yellow", Ageing.Sign.YELLOW);

    public static final Tokens<Support.WetStrength> WET_STRENGTH = Tokens.of("wet strength", Support.WetStrength.class).is("tears", Support.WetStrength.TEARS)
            .is("bears-misting", Support.WetStrength.BEARS_MISTING).is("bears-rubbing", Support.WetStrength.BEARS_RUBBING);
    public static final Tokens<Support.Trait> SUPPORT_TRAIT = Tokens.of("trait of a support", Support.Trait.class).is("rigid", Support.Trait.RIGID).is("wood", Support.Trait.WOOD)
            .is("soaks", Support.Trait.SOAKS).is("paper", Support.Trait.PAPER).is("bound", Support.Trait.BOUND).is("sized", Support.Trait.SIZED).is("leaf", Support.Trait.LEAF)
            .is("woven", Support.Trait.WOVEN).is("open", Support.Trait.OPEN).is("closed", Support.Trait.CLOSED).is("metal", Support.Trait.METAL).is("carves", Support.Trait.CARVES)
            .is("curved", Support.Trait.CURVED).is("slack", Support.Trait.SLACK).is("clings", Support.Trait.CLINGS).is("plastic", Support.Trait.PLASTIC);
    public static final Tokens<Support.Property> SUPPORT_PROPERTY = Tokens.of("property of a support", Support.Property.class).is("weight", Support.Property.WEIGHT)
            .is("uptake", Support.Property.UPTAKE).is("stretch", Support.Property.STRETCH).is("wet-strength", Support.Property.WET_STRENGTH).is("texture", Support.Property.TEXTURE)
            .is("heat-limit", Support.Property.HEAT_LIMIT);

    private Vocabulary() {
    }
}
