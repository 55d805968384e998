package kindveil.bench;

import java.util.Set;
import kindveil.product.Hazard;

/** What the hand holds. A tool that spreads must be washed before what is on it hardens. */
public enum Tool {
    BRUSH("soft wide brush", true), SPREADER("palette knife or card", true), BRAYER("brayer", true), FOAM_ROLLER("foam roller", true),
    FINGERS("clean fingers", false), CARD("card edge", false), BAREN("baren", false), SPOON("back of a spoon", false), ROD("rod", false),
    SPRAY_BOTTLE("spray bottle", false), SPRAY_CAN("spray can", false, Hazard.SPRAY), SPONGE("soft damp sponge", false),
    WET_CLOTH("wet cloth", false), SOFT_CLOTH("soft cloth", false), TOOTHBRUSH("toothbrush or soft scrubber", false),
    FINE_PAPER("very fine sandpaper", false, Hazard.DUST), FLAT_WEIGHT("flat board and weight, release paper between", false, Hazard.WEIGHT),
    TRAY("tray of water", false), HOT_TRAY("covered tray of very hot water", false, Hazard.SCALD),
    HEAT_TOOL("heat tool", false, Hazard.HEAT), KNIFE("sharp knife or scissors", false, Hazard.BLADE),
    LINO_TOOL("carving tool", false, Hazard.BLADE), POURING_CUP("pouring cup", false, Hazard.KITCHEN), DROPPER("dropper", false), PENCIL("pencil or stick of pastel", false);

    private final String words;
    private final boolean spreads;
    private final Set<Hazard> hazards;

    Tool(String words, boolean spreads, Hazard... hazards) {
        this.words = words;
        this.spreads = spreads;
        this.hazards = Set.of(hazards);
    }

    public String words() {
        return words;
    }

    /** What hands call it. */
    public String plainly() {
        return switch (this) {
            case BRUSH -> "brush";
            case SPREADER -> "knife";
            case FOAM_ROLLER -> "roller";
            case PENCIL -> "pencil";
            default -> words;
        };
    }

    /** What stays in it of what it spreads, ml (assumed). */
    public double keeps() {
        return this == FOAM_ROLLER ? 3 : 0;
    }

    /** Whether what it spreads dries in it. */
    public boolean spreads() {
        return spreads;
    }

    public Set<Hazard> hazards() {
        return hazards;
    }
}
