package kindveil.studio.work.sheet;

/** A change that would part from what is real already, and was not said to be meant. */
public class Parting extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final transient RealWork.Real real;

    Parting(RealWork.Real real) {
        super("Something of this is real already.");
        this.real = real;
    }

    public RealWork.Real real() {
        return real;
    }
}
