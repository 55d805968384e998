package kindveil.measure;

/** The two families of units a page can be printed in. */
public enum UnitSystem {
    METRIC, US
}
