package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import kindveil.reading.StackReading;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Way;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The layers from the eye down, as practitioners name them for each way. */
class StackOrderTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "plate-pull      |                                        | acrylic paint > acrylic paint > ground",
        "plate-to-tissue |                                        | acrylic paint > ground",
        "film-release    |                                        | ink > release solution > ground",
        "viscous-film-lay|                                        | ink > transfer gel > ground",
        "viscous-film-lay| rinse=left                             | receiver coating > ink > transfer gel > ground",
        "oiled-panel     | undercolour=light                      | mineral oil > paper fibre > toner > gloss acrylic medium > acrylic undercolour > gloss acrylic medium > ground",
        "gel-lay         |                                        | gloss acrylic medium > paper fibre > toner > gloss acrylic medium > ground",
        "gel-lay         | clearing=leave                         | paper fibre > toner > gloss acrylic medium > ground",
        "gesso-bed       |                                        | paper fibre > toner > gesso > ground",
        "free-skin       | underpainting=traced                   | soft gloss gel > toner > paper fibre > gloss acrylic medium > slurry of soft gel and gloss medium > acrylic undercolour > ground",
        "curved-skin     | sealing=gloss-varnish                  | gloss acrylic varnish > gloss acrylic medium > toner > paper fibre > thinned pva glue > ground",
        "tape-lift       |                                        | tape > tape adhesive > toner > paper fibre > ground",
        "opaque-backed-lay| glaze=glazed                          | transparent glaze > matte acrylic varnish > paper fibre > toner > opaque acrylic paint > gloss acrylic medium > ground",
        "fixed-inkjet-lay|                                        | paper fibre > ink > matte acrylic spray fixative > heavy gloss gel > ground",
        "gum-print       |                                        | oil-based ink let down with linseed oil > ground",
        "tissue-lay      |                                        | thin stiffening medium > toner > tissue > thin stiffening medium > ground",
        "block-guide     |                                        | paper fibre > toner > gel thinned by drops > ground",
        "skin-float      |                                        | dye skin > clear receptive coat > ground"})
    void stack_fromTheEyeDown_isAsPractised(String key, String choice, String expected) {
        Way way = Catalogue.way(key);
        Brief brief = Samples.usual(way);
        if (choice != null) {
            brief = brief.with(choice.split("=")[0].strip(), choice.split("=")[1].strip());
        }
        List<String> names = new ArrayList<>();
        for (StackReading.Seen seen : StackReading.of(Trace.of(way.expand(brief)).end()).layers()) {
            String name = seen.name().toLowerCase(Locale.ROOT);
            if (names.isEmpty() || !names.getLast().equals(name) || seen.onlyInDarks() || key.equals("plate-pull")) {
                names.add(name);
            }
        }
        assertEquals(Arrays.stream(expected.split(">")).map(String::strip).toList(), names);
    }
}
