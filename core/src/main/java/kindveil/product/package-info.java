/**
 * Products: what things are laid on with, and everything that is asked of them.
 *
 * <p><b>In:</b> a row of the table {@link kindveil.product.Products}, or an artist's own lot. <b>Out:</b> a
 * {@link kindveil.product.Product}: traits that rules ask for ({@link kindveil.product.Trait}), how it gets dry
 * ({@link kindveil.product.Law}: loses water, loses solvent, oxidises, sets, stays), what it does to light
 * ({@link kindveil.product.Optics}: K and S with the thickness they hold for), hazards, what washes it out and by when, what it
 * may not lie on, and how it lets prints go.
 *
 * <p><b>Guaranteed:</b> no rule, reading or page asks for a product by its name; a product nobody has thought of yet is led,
 * refused, washed up and looked at by its traits. Names of built-in products stand in the table, and in the declarations of
 * the ways that use them, which a test reads the sources to hold.
 */
@org.jspecify.annotations.NullMarked
package kindveil.product;
