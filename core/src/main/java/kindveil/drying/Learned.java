package kindveil.drying;

import java.util.Map;

/**
 * How fast things dry in one artist's studio, as their own checks have it.
 *
 * @param others of a product nothing was seen of here
 * @param products by the lasting name of the product
 * @param checks how many it rests on
 */
public record Learned(Rate others, Map<String, Rate> products, int checks) {
    public static final Learned NOTHING = new Learned(Rate.UNLEARNED, Map.of(), 0);

    public Learned {
        products = Map.copyOf(products);
    }

    public Rate of(String product) {
        return products.getOrDefault(product, others);
    }
}
