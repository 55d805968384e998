package kindveil.bench;

import java.util.Set;
import kindveil.drying.Underlay;

/**
 * What the image ends up on. Capacities in g/m² of water, raw and sealed (assumed): paper and card store water and give it
 * back, wood and canvas only drink it.
 */
public enum Support {
    BIRCH_PANEL("birch panel", 20, 5, 0.05, Trait.RIGID, Trait.WOOD),
    WATERCOLOUR_PAPER("heavy watercolour paper", 100, 20, 0.25, Trait.SOAKS, Trait.PAPER),
    JOURNAL_PAGE("bound journal page", 40, 5, 0.1, Trait.BOUND, Trait.PAPER),
    DRAWING_PAPER("smooth drawing paper", 40, 5, 0.08, Trait.PAPER, Trait.SOAKS),
    PRINTMAKING_PAPER("hard-sized printmaking paper", 80, 20, 0.08, Trait.PAPER, Trait.SOAKS, Trait.SIZED),
    DARK_TISSUE("tissue, often dark", 15, 5, 0.05, Trait.TEARS_WET),
    CANVAS("primed canvas", 20, 5, 0.3, Trait.WOVEN),
    COATED_BOARD("clay-coated board", 10, 5, 0.05, Trait.RIGID),
    FABRIC("cotton fabric", 60, 20, 0.3, Trait.WOVEN, Trait.SOAKS, Trait.SLACK),
    GAUZE("gauze", 40, 15, 0.8, Trait.WOVEN, Trait.SOAKS, Trait.STRETCHES, Trait.OPEN, Trait.SLACK),
    MESH("open mesh", 5, 0, 0.8, Trait.WOVEN, Trait.OPEN, Trait.SLACK),
    LEATHER("leather", 25, 5, 0.1, Trait.STRETCHES, Trait.SLACK),
    METAL("sheet metal", 0, 0, 0.02, Trait.RIGID, Trait.CLOSED, Trait.METAL),
    LINO_BLOCK("lino or vinyl block", 5, 5, 0.02, Trait.RIGID, Trait.CLOSED, Trait.CARVES),
    WOOD_BLOCK("wood block", 15, 5, 0.05, Trait.RIGID, Trait.WOOD, Trait.CARVES),
    FORM("egg, shell or vase", 3, 3, 0.05, Trait.RIGID, Trait.CLOSED, Trait.CURVED);

    /** What a support is like. */
    public enum Trait {
        RIGID, WOOD, SOAKS, PAPER, BOUND, SIZED, TEARS_WET, WOVEN, OPEN, STRETCHES, CLOSED, METAL, CARVES, CURVED, SLACK
    }

    private final String words;
    private final double rawCapacity;
    private final double sealedCapacity;
    private final double texture;
    private final Set<Trait> traits;

    Support(String words, double rawCapacity, double sealedCapacity, double texture, Trait... traits) {
        this.texture = texture;
        this.words = words;
        this.rawCapacity = rawCapacity;
        this.sealedCapacity = sealedCapacity;
        this.traits = Set.of(traits);
    }

    public String words() {
        return words;
    }

    /** How far its texture softens what lies on it: σ of a Gaussian, mm (assumed); it adds to the way's own as squares do. */
    public double textureMillimetres() {
        return texture;
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /** As it carries a coat under a ground. */
    public Underlay matter(Ground ground) {
        double capacity = ground.seals() ? sealedCapacity : rawCapacity;
        if (!is(Trait.PAPER) && !is(Trait.TEARS_WET) && !(is(Trait.WOVEN) && is(Trait.SOAKS))) {
            return Underlay.panel(capacity);
        }
        return is(Trait.BOUND) ? Underlay.card(capacity) : Underlay.paper(capacity);
    }
}
