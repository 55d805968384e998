package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.net.URI;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import kindveil.product.Mixtures;
import kindveil.product.Products;
import kindveil.way.Way;
import org.junit.jupiter.api.Test;

/**
 * Ways are named in the catalogue and the demo alone, products in their table, the catalogue and the demo; all else asks for
 * what they are like. Held by reading the sources, since a name in a string or a page is no dependency of a class.
 */
class WaysAreNamedOnceTest {
    /** Whatever folder the test is run from: two above the one its own class was compiled into lies the module. */
    private static final Path ROOT = Path.of(URI.create(WaysAreNamedOnceTest.class.getProtectionDomain().getCodeSource().getLocation().toString())).resolve("../../..").normalize();
    private static final Pattern COMMENTS = Pattern.compile("(?s)/\\*.*?\\*/|//[^\n]*|<!--.*?-->");

    /** One source without its comments. */
    private record Source(String path, String text) {
    }

    private static List<Source> sources() throws IOException {
        List<Source> sources = new ArrayList<>();
        for (String folder : List.of("core/src/main", "studio/src/main")) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(folder))) {
                for (Path file : files.filter(Files::isRegularFile).filter(f -> f.toString().matches(".*\\.(java|html|js|sql)") && !f.toString().contains("node_modules")).toList()) {
                    sources.add(new Source(ROOT.relativize(file).toString(), COMMENTS.matcher(Files.readString(file)).replaceAll(" ")));
                }
            }
        }
        assertTrue(sources.size() > 150, "files read " + sources.size());
        return sources;
    }

    private static List<String> named(List<Source> sources, List<String> places, Function<Source, List<String>> names) {
        return sources.stream().filter(source -> places.stream().noneMatch(source.path()::contains)).flatMap(source -> names.apply(source).stream().map(name -> source.path() + " names " + name)).toList();
    }

    private static boolean quoted(String text, String word) {
        return text.contains("\"" + word + "\"") || text.contains("'" + word + "'");
    }

    @Test
    void ways_keysClassesAndNames_standOnlyWhereTheyMay() throws IOException {
        List<String> found = named(sources(), List.of("/catalogue/", "/demo/"), source -> {
            String lower = source.text().toLowerCase(Locale.ROOT);
            return Catalogue.ways().stream().filter(way -> quoted(source.text(), way.key()) || source.text().matches("(?s).*\\b" + way.getClass().getSimpleName() + "\\b.*")
                    || said(way).stream().anyMatch(lower::contains)).map(Way::key).toList();
        });
        assertEquals(List.of(), found);
    }

    /** Its name as advice would say it; a name of one word is an ordinary word of the craft. */
    private static List<String> said(Way way) {
        String name = way.name().toLowerCase(Locale.ROOT);
        return name.indexOf(' ') < 0 || way.card().kind() != kindveil.way.WayCard.Kind.TRANSFER ? List.of() : List.of(name);
    }

    /** A name of one word is an ordinary word of the craft; as a constant it never is. */
    @Test
    void products_idsAndConstants_standOnlyWhereTheyMay() throws IOException {
        List<String> found = named(sources(), List.of("/product/Products.java", "/product/Mixtures.java", "/catalogue/", "/demo/"), source -> {
            List<String> names = new ArrayList<>();
            Products.all().stream().map(product -> product.id()).filter(id -> id.indexOf('-') > 0 && quoted(source.text(), id) || source.text().contains("Products." + constant(id))).forEach(names::add);
            Mixtures.all().stream().map(mixture -> mixture.id()).filter(id -> id.indexOf('-') > 0 && quoted(source.text(), id) || source.text().contains("Mixtures." + constant(id))).forEach(names::add);
            return names;
        });
        assertEquals(List.of(), found);
    }

    private static String constant(String id) {
        return id.equals("paste") ? "STENCIL_PASTE" : id.toUpperCase(Locale.ROOT).replace('-', '_');
    }
}
