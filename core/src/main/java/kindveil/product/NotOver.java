package kindveil.product;

/**
 * What a product may not lie on.
 *
 * @param below a trait of what lies under it
 * @param why what happens
 * @param remedy what to do instead
 */
public record NotOver(Trait below, String why, String remedy) {
}
