package kindveil.drying;

import org.jspecify.annotations.Nullable;

/**
 * A coat between what carries it and what lies on it.
 *
 * @param overlay what was laid on it and can be lifted again, or null where it lies open
 * @param cover what has been laid over it for good: coats, a skin, tape
 * @param load a weight with its board and interleaf, or null
 * @param bothSides whether it hangs with both its faces in the air
 */
public record Bed(Coat coat, Underlay underlay, @Nullable Overlay overlay, Cover cover, @Nullable Cover load, boolean bothSides) {
    public static Bed open(Coat coat, Underlay underlay) {
        return new Bed(coat, underlay, null, Cover.NONE, null, false);
    }

    public Bed under(Overlay laid) {
        return new Bed(coat, underlay, laid, cover, load, bothSides);
    }

    /** What was laid on it lifted off, weight and all. */
    public Bed uncovered() {
        return new Bed(coat, underlay, null, cover, null, bothSides);
    }

    /** With one more thing over it for good. */
    public Bed under(Cover more) {
        return new Bed(coat, underlay, overlay, cover.plus(more), load, bothSides);
    }

    public Bed loaded(Cover weight) {
        return new Bed(coat, underlay, overlay, cover, weight, bothSides);
    }

    public Bed unloaded() {
        return new Bed(coat, underlay, overlay, cover, null, bothSides);
    }

    public Bed on(Underlay other) {
        return new Bed(coat, other, overlay, cover, load, bothSides);
    }

    public Bed hung() {
        return new Bed(coat, underlay, overlay, cover, load, true);
    }

    Bed of(Coat other) {
        return new Bed(other, underlay, overlay, cover, load, bothSides);
    }

    /** How it lies, in words. */
    public String lies() {
        if (load != null) {
            return load.words();
        }
        return print() != null ? "under a print" : over().words();
    }

    /** The print on it, or null where none lies there. */
    Overlay.@Nullable Paper print() {
        return overlay instanceof Overlay.Paper paper ? paper : null;
    }

    /** Everything over coat and print. */
    Cover over() {
        Cover all = overlay instanceof Overlay.Closed closed ? cover.plus(closed.cover()) : cover;
        return load == null ? all : all.plus(load);
    }
}
