package kindveil.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import kindveil.mixing.Shopping.Have;
import kindveil.mixing.Shopping.Jar;
import kindveil.mixing.Shopping.Need;
import kindveil.mixing.Shopping.Row;
import kindveil.product.Family;
import kindveil.product.Product;
import kindveil.product.Products;
import org.junit.jupiter.api.Test;

/** What is needed is had or lacking; what is bought covers it, and no smaller jar would. */
class ShoppingTest {
    private static Have have(Product product, double millilitres) {
        return new Have(product.id(), product, millilitres);
    }

    @Test
    void sums_areKept_overTwoHundredShelves() {
        Random random = new Random(5);
        List<Product> poured = Products.all().stream().filter(product -> product.family().poured()).toList();
        for (int i = 0; i < 200; i++) {
            List<Need> needs = new ArrayList<>();
            List<Have> shelf = new ArrayList<>();
            for (int n = 0; n < 12; n++) {
                needs.add(new Need(poured.get(random.nextInt(poured.size())), 0.1 + 300 * random.nextDouble(), "piece " + random.nextInt(4)));
                Product lot = poured.get(random.nextInt(poured.size()));
                shelf.add(have(lot, 200 * random.nextDouble()));
            }
            Shopping shopping = Shopping.of(needs, shelf);
            assertEquals(needs.stream().mapToDouble(Need::millilitres).sum(), shopping.rows().stream().mapToDouble(Row::needed).sum(), 1e-6);
            for (Row row : shopping.rows()) {
                assertEquals(row.needed(), row.pieces().values().stream().mapToDouble(Double::doubleValue).sum(), 1e-6);
                assertEquals(shelf.stream().filter(have -> have.kind().equals(row.product().id())).mapToDouble(Have::millilitres).sum(), row.have(), 1e-6);
                assertEquals(Math.max(0, row.needed() - row.have()), row.lacks(), 1e-6);
                double bought = row.buy().stream().mapToDouble(jar -> jar.count() * jar.millilitres()).sum();
                assertTrue(row.lacks() < 0.05 ? row.buy().isEmpty() : bought >= row.lacks() - 0.05, row.toString());
            }
        }
    }

    @Test
    void jars_areTheLeastThatCoverIt() {
        assertEquals(List.of(new Jar(60, 1)), Shopping.jars(Family.MEDIUM, 12));
        assertEquals(List.of(new Jar(250, 1)), Shopping.jars(Family.MEDIUM, 61));
        assertEquals(List.of(new Jar(1000, 1)), Shopping.jars(Family.MEDIUM, 1000));
        assertEquals(List.of(new Jar(1000, 2)), Shopping.jars(Family.MEDIUM, 1700));
        assertEquals(List.of(new Jar(1000, 1), new Jar(60, 1)), Shopping.jars(Family.MEDIUM, 1030));
    }

    @Test
    void insteadOfGloss_matteWouldDo_andSaysWhatThatCosts() {
        Shopping shopping = Shopping.of(List.of(new Need(Products.GLOSS_MEDIUM, 30, "Oar")), List.of(have(Products.GLOSS_MEDIUM, 10), have(Products.MATTE_MEDIUM, 25), have(Products.GESSO, 500)));
        Row row = shopping.rows().getFirst();
        assertEquals(20, row.lacks(), 1e-9);
        assertEquals(List.of(Products.MATTE_MEDIUM), row.instead().stream().map(Shopping.Instead::product).toList());
        assertTrue(row.instead().getFirst().costs().startsWith("matte instead of gloss"), row.instead().toString());
        // what another piece takes of it is not there
        assertEquals(List.of(), Shopping.of(List.of(new Need(Products.MATTE_MEDIUM, 10, "Oar"), new Need(Products.GLOSS_MEDIUM, 30, "Oar")), List.of(have(Products.GLOSS_MEDIUM, 10), have(Products.MATTE_MEDIUM, 25))).rows().getFirst().instead());
    }
}
