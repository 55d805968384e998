package kindveil.studio;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What templates may do: write down what their one view holds. */
class TemplatesTest {
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Path PAGES = Path.of("src/main/java/kindveil/studio/page");
    private static final Pattern EXPRESSION = Pattern.compile("\\$\\{((?:[^{}]|\\{[^{}]*})*)}");
    private static final Pattern RECKONS = Pattern.compile("[\\w)] [-*/%] |[\\w)] \\+ [\\d(a-z]|\\d \\+ |(?<!size\\(\\)) [<>]=? \\d*[1-9]|\\.name\\(\\)|\\.toLowerCase|#numbers");

    private static List<Path> files(Path folder, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(file -> file.toString().endsWith(ending)).sorted().toList();
        }
    }

    /** Expressions of a template, words in quotes left out. */
    private static List<String> expressions(Path template) throws IOException {
        List<String> found = new ArrayList<>();
        Matcher matcher = EXPRESSION.matcher(Files.readString(template));
        while (matcher.find()) {
            found.add(matcher.group(1).replaceAll("'[^']*'", "''"));
        }
        return found;
    }

    @Test
    void templates_reckonNothing_sinceFiguresAndPlacesAreTheViews() throws IOException {
        List<String> reckoning = new ArrayList<>();
        for (Path template : files(TEMPLATES, ".html")) {
            expressions(template).stream().filter(expression -> RECKONS.matcher(expression).find()).forEach(expression -> reckoning.add(template.getFileName() + ": " + expression));
        }
        assertEquals(List.of(), reckoning);
        assertTrue(RECKONS.matcher("box.x + box.width").find() && RECKONS.matcher("c.openX > 110").find() && RECKONS.matcher("v.name()").find());
    }

    @Test
    void pages_handOverOneView_andNothingBeside() throws IOException {
        List<Path> handing = new ArrayList<>();
        for (Path page : files(PAGES, ".java")) {
            if (Files.readString(page).matches("(?s).*\\.(addObject|addAttribute)\\(.*")) {
                handing.add(page);
            }
        }
        assertEquals(List.of(), handing);
    }

    /** What a form sends while it is filled in stands in an address, and so in logs: its token does not. */
    @Test
    void requestsThatOnlyRead_sendNoToken() throws IOException {
        List<String> sending = new ArrayList<>();
        int reading = 0;
        for (Path template : files(TEMPLATES, ".html")) {
            Matcher tags = Pattern.compile("<[a-z]+[^>]*hx-get[^>]*>").matcher(Files.readString(template));
            while (tags.find()) {
                boolean fields = tags.group().contains("hx-include=") || tags.group().contains("method=\"post\"");
                reading += fields ? 1 : 0;
                if (fields && !tags.group().contains("hx-params=\"not _csrf\"")) {
                    sending.add(template.getFileName() + ": " + tags.group());
                }
            }
        }
        assertEquals(List.of(), sending);
        assertTrue(reading >= 4, reading + " read with a form's fields");
    }
}
