package kindveil.light;

/** The inks a picture is parted into for print, in the order they are kept in. */
public enum ProcessInk {
    CYAN, MAGENTA, YELLOW, BLACK
}
