package kindveil.studio.keep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class MadeOfTest {
    @Test
    void parts_areNamedWithVersionAndLicence() {
        List<MadeOf.Part> parts = new MadeOf().parts();
        assertTrue(parts.size() > 60, parts.size() + " parts");
        for (String name : List.of("h2", "thymeleaf", "htmx.org", "pdfbox", "newsreader")) {
            assertTrue(parts.stream().anyMatch(part -> part.name().equals(name) && !part.version().isEmpty() && !part.licence().isEmpty()), name);
        }
        assertEquals(List.of(), parts.stream().filter(part -> part.licence().equals("not told")).map(MadeOf.Part::name).toList());
    }
}
