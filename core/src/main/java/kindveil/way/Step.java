package kindveil.way;

/** What the hands do, as the bench understands it. A closed set: every reading answers each of them. */
public sealed interface Step {
    /** Something made ready that changes nothing on the bench. */
    record Prepare(Preparation what) implements Step {
    }

    /** A coat laid on a face. @param wetMicrometres how thick while wet */
    record Apply(Face onto, Material material, double wetMicrometres, Tool tool) implements Step {
    }

    /** One face laid on another. */
    record Join(Face moving, Face onto) implements Step {
    }

    /** A joined pair pressed together. */
    record Press(Face over, Tool tool) implements Step {
    }

    /** A weight laid on a joined pair. */
    record Load(Face over) implements Step {
    }

    /** The weight taken off. */
    record Unload(Face over) implements Step {
    }

    /** Water brought to a face. */
    record Wet(Face face, Tool tool) implements Step {
    }

    /** The surface of a face sanded open. */
    record Abrade(Face face, Tool tool) implements Step {
    }

    /** The carrier parted from the image: paper rubbed away, fibre of the pass left behind. */
    record RubAway(Face.ThingKind carrier, Face from, int pass) implements Step {
    }

    /** Something rubbed in that fills pores and stays. */
    record Infuse(Face face, Material agent, Tool tool) implements Step {
    }

    /** A tool cleaned before what is on it hardens. */
    record WashUp(Tool tool) implements Step {
    }

    /** A look with a question; changes nothing. */
    record Judge(Face face) implements Step {
    }

    /** What is made ready before the first coat. */
    enum Preparation {
        TRIM_PRINT, CLEAN_SUPPORT, TOUCH_UP
    }
}
