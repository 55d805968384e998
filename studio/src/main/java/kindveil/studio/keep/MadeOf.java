package kindveil.studio.keep;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The libraries the studio is made of, from the bill of materials its build writes (CycloneDX, ECMA-424), and its fonts. */
@Service
public class MadeOf {
    private static final String BILL = "META-INF/sbom/application.cdx.json";
    private static final String OWN = "kindveil";
    private static final List<Part> FONTS = List.of(new Part("bricolage-grotesque", "variable", "OFL-1.1"), new Part("newsreader", "variable", "OFL-1.1"));

    /** One of them. */
    public record Part(String name, String version, String licence) {
    }

    /** By name; the fonts alone where the program was not built as a whole. */
    public List<Part> parts() {
        List<Part> parts = new ArrayList<>(FONTS);
        ClassPathResource bill = new ClassPathResource(BILL);
        if (bill.exists()) {
            try (InputStream in = bill.getInputStream()) {
                for (JsonNode component : JsonMapper.builder().build().readTree(in).path("components")) {
                    if (!component.path("group").asString("").equals(OWN)) {
                        parts.add(new Part(component.path("name").asString(""), component.path("version").asString(""), licence(component.path("licenses"))));
                    }
                }
            } catch (IOException unread) {
                throw new IllegalStateException("Impossible state: the bill of materials cannot be read.", unread);
            }
        }
        return parts.stream().sorted(Comparator.comparing(Part::name)).toList();
    }

    private static String licence(JsonNode licences) {
        return licences.isEmpty() ? "not told" : licences.valueStream().map(each -> each.path("expression").asString(each.path("license").path("id").asString(each.path("license").path("name").asString(""))))
                .distinct().collect(Collectors.joining(" or "));
    }
}
