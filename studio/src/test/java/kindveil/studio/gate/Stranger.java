package kindveil.studio.gate;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Asks every mapped handler, with a right token, for what nobody would: each of its fields in turn takes each bad value
 * while the others stay as a form would send them. Handlers and fields are found from the mappings, so later pages are
 * asked too.
 */
final class Stranger {
    /** What should never be sent, by a name that can be read. */
    static final Map<String, String> BAD = bad();
    private static final Pattern FORM = Pattern.compile("<form[^>]*action=\"([^\"#]*)[^\"]*\"[^>]*>(.*?)</form>", Pattern.DOTALL);
    private static final Pattern INPUT = Pattern.compile("<input[^>]*name=\"([^\"]+)\"[^>]*>");
    private static final Pattern SELECT = Pattern.compile("<select[^>]*name=\"([^\"]+)\"[^>]*>(.*?)</select>", Pattern.DOTALL);
    private static final Pattern VALUE = Pattern.compile("value=\"([^\"]*)\"");
    /** What is sent where no form says it. */
    private static final Map<String, String> USUAL = Map.ofEntries(Map.entry("act", "brush"), Map.entry("places", "0.4,0.5 0.6,0.5"), Map.entry("kind", "BALL"), Map.entry("around", "120 mm"),
            Map.entry("along", "60 mm"), Map.entry("carrier", "tape"), Map.entry("from", "0"), Map.entry("to", "0"), Map.entry("index", "0"), Map.entry("x", "0.4"), Map.entry("y", "0.5"),
            Map.entry("seq", "0"), Map.entry("answer", "0"), Map.entry("ago", "0"), Map.entry("by", "1"), Map.entry("code", "simplify 4"), Map.entry("count", "1"), Map.entry("number", "1"),
            Map.entry("state", "dried"), Map.entry("pass", "1"), Map.entry("revision", "0"), Map.entry("out", "true"), Map.entry("job", "1"), Map.entry("sheet", "A4"), Map.entry("tones", "3"),
            Map.entry("width", "100 mm"), Map.entry("height", "120 mm"), Map.entry("title", "Oar"), Map.entry("verdict", "NEARLY"), Map.entry("way", "gel-lay"), Map.entry("veil", "1"), Map.entry("left", "wet"),
            Map.entry("right", "dried"), Map.entry("cut", "0.5"), Map.entry("paper", "A4"));

    private final Studio studio;
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    private String token = "";
    private final Map<String, String> standing = new LinkedHashMap<>();

    Stranger(Studio studio) {
        this.studio = studio;
    }

    private static Map<String, String> bad() {
        Map<String, String> bad = new LinkedHashMap<>();
        bad.put("empty", "");
        bad.put("blank", "   ");
        bad.put("NUL", "a\0b");
        bad.put("right to left", "\u202Eabc\u202C 12");
        bad.put("picture sign", "\uD83E\uDD8B\uD83E\uDD8B");
        bad.put("half a sign", "\uD83E");
        bad.put("NaN", "NaN");
        bad.put("minus nought", "-0");
        bad.put("1e309", "1e309");
        bad.put("minus one", "-1");
        bad.put("huge", "99999999999999999999");
        bad.put("tiny", "0.0000000001");
        bad.put("other enum", "CHALK");
        bad.put("unknown id", "00000000-0000-4000-8000-000000000000");
        bad.put("no id", "not-an-id");
        bad.put("braces", "{kind}");
        bad.put("quotes", "\"'<b>&amp;${7*7}#{T(x)}");
        bad.put("lines", "a\r\nSet-Cookie: b=c\r\n\r\nd");
        bad.put("up", "../../etc");
        bad.put("true", "true");
        bad.put("comma", "1,2,3");
        bad.put("nothing, twice", "");
        bad.put("long", "ab ".repeat(4000));
        bad.put("a million", "7".repeat(1_000_000));
        return bad;
    }

    /** A handler with what it takes. @param file fields that take a file */
    record Door(String method, String pattern, List<String> inPath, List<String> fields, List<String> file) {
        @Override
        public String toString() {
            return method + " " + pattern;
        }
    }

    /** One request that should not be. @param field null for one that is as it should be */
    record Ask(Door door, String field, String bad) {
        @Override
        public String toString() {
            return door + (field == null ? "" : ", %s: %s".formatted(field, bad));
        }
    }

    /** What was answered. @param cpuMs of all threads of this machine, while it was */
    record Answer(Ask ask, int status, String text, long cpuMs) {
        boolean failed() {
            return status >= 500;
        }

        /** What is not said in plain words. */
        boolean leaks() {
            return Pattern.compile("Exception|org\\.(spring|hib|h2)|java\\.(lang|util)|kindveil\\.[a-z]+\\.|Whitelabel|tools\\.jackson").matcher(text).find();
        }

        @Override
        public String toString() {
            return "%s → %d".formatted(ask, status);
        }
    }

    List<Door> doors() {
        List<Door> doors = new ArrayList<>();
        studio.bean(RequestMappingHandlerMapping.class).getHandlerMethods().forEach((info, handler) -> {
            // what never ends is listened to by its own test
            boolean ends = handler.getReturnType().getParameterType() != SseEmitter.class;
            if (ends && info.getPathPatternsCondition() != null && handler.getBeanType().getName().startsWith("kindveil")) {
                info.getPathPatternsCondition().getPatternValues().forEach(pattern -> info.getMethodsCondition().getMethods().forEach(method -> doors.add(door(method, pattern, handler))));
            }
        });
        doors.sort(java.util.Comparator.comparing(Door::toString));
        return doors;
    }

    private static Door door(RequestMethod method, String pattern, HandlerMethod handler) {
        List<String> inPath = new ArrayList<>();
        Matcher names = Pattern.compile("\\{(\\w+)}").matcher(pattern);
        while (names.find()) {
            inPath.add(names.group(1));
        }
        List<String> fields = new ArrayList<>();
        List<String> files = new ArrayList<>();
        for (Parameter parameter : handler.getMethod().getParameters()) {
            RequestParam asked = parameter.getAnnotation(RequestParam.class);
            if (MultipartFile.class.isAssignableFrom(parameter.getType())) {
                files.add(parameter.getName());
            } else if (asked != null && !Map.class.isAssignableFrom(parameter.getType())) {
                fields.add(asked.name().isEmpty() ? parameter.getName() : asked.name());
            } else if (parameter.getType().isRecord() && parameter.getAnnotation(PathVariable.class) == null) {
                Arrays.stream(parameter.getType().getRecordComponents()).map(RecordComponent::getName).forEach(fields::add);
            }
        }
        return new Door(method.name(), pattern, inPath, fields, files);
    }

    /** All asks of a door: as it should be, each field left out and with each bad value. */
    List<Ask> asks(Door door, Map<String, String> form) {
        List<Ask> asks = new ArrayList<>();
        asks.add(new Ask(door, null, ""));
        List<String> fields = new ArrayList<>(door.inPath);
        fields.addAll(new TreeMap<>(form).keySet());
        door.fields.stream().filter(name -> !fields.contains(name)).forEach(fields::add);
        for (String field : fields) {
            if (!door.inPath.contains(field)) {
                asks.add(new Ask(door, field, "left out"));
                asks.add(new Ask(door, field, "twice"));
            }
            BAD.keySet().stream().filter(bad -> !door.inPath.contains(field) || !bad.equals("a million") && !bad.equals("long")).forEach(bad -> asks.add(new Ask(door, field, bad)));
        }
        return asks;
    }

    /** Things to be asked of: a piece of two veils, a making of it, a note, gathered. */
    record Table(Piece piece, UUID making, UUID entry, String support) {
        private Map<String, String> names() {
            return Map.of("{piece}", piece.id().toString(), "{making}", making.toString(), "{entry}", entry.toString(), "{support}", support, "{picture}", piece.picture().toString());
        }

        private String unnamed(String path) {
            String without = path;
            for (Map.Entry<String, String> name : names().entrySet()) {
                without = without.replace(name.getValue(), name.getKey());
            }
            return without;
        }

        private String named(String path) {
            String with = path;
            for (Map.Entry<String, String> name : names().entrySet()) {
                with = with.replace(name.getKey(), name.getValue());
            }
            return with;
        }
    }

    Table laid() {
        PieceWork pieces = studio.bean(PieceWork.class);
        Piece first = pieces.begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.encoded(Samples.corner(60, 80), "png"));
        Piece piece = pieces.add(first, kindveil.catalogue.Catalogue.way("tape-lift"), "oar", null);
        UUID making = studio.bean(MakeWork.class).begin(first.id()).id();
        studio.bean(MakeWork.class).layAside(making);
        UUID begun = studio.bean(MakeWork.class).begin(first.id()).id();
        post("/pieces/" + piece.id() + "/notes", Map.of("once", UUID.randomUUID().toString(), "verdict", "NEARLY"));
        UUID entry = studio.bean(kindveil.studio.work.log.LogWork.class).ofPiece(piece.id()).getFirst().id();
        post("/sheets/gather", Map.of("piece", piece.id().toString(), "veil", "1"));
        kindveil.bench.Support silk = kindveil.bench.Support.FABRIC.own(UUID.randomUUID().toString(), "silk", kindveil.bench.Support.Told.NOTHING);
        studio.bean(kindveil.studio.work.shelf.Supports.class).keep(silk);
        return new Table(pieces.get(piece.id()), begun, entry, silk.id());
    }

    /** The kinds of things a page can be asked of, by a name that can be read; each laid anew. */
    Map<String, java.util.function.Supplier<Table>> kinds() {
        PieceWork pieces = studio.bean(PieceWork.class);
        MakeWork makings = studio.bean(MakeWork.class);
        Map<String, java.util.function.Supplier<Table>> kinds = new LinkedHashMap<>();
        for (String way : List.of("varnishing", "glazing", "underpainting")) {
            kinds.put("second veil without a picture, " + way, () -> over(laid(), way));
        }
        kinds.put("made", () -> {
            Table table = laid();
            for (kindveil.studio.work.making.StoredMaking making = makings.get(table.making); making.making().current().isPresent(); making = makings.get(table.making)) {
                makings.tell(table.making, making.told().size(), making.making().current().orElseThrow().expected(), 0, true);
            }
            return table;
        });
        kinds.put("laid aside", () -> {
            Table table = laid();
            makings.layAside(table.making);
            return table;
        });
        kinds.put("put away", () -> {
            Table table = laid();
            pieces.putAway(table.piece.id(), true);
            return table;
        });
        kinds.put("deleted meanwhile", () -> {
            Table table = laid();
            pieces.takeAway(table.piece.id());
            return table;
        });
        kinds.put("imported", () -> {
            Table table = laid();
            Piece imported = pieces.begin(UUID.randomUUID(), "Oar, imported", kindveil.studio.intake.PlanFile.read(pieces.planFile(table.piece).getBytes(StandardCharsets.UTF_8)), "oar.png", Samples.encoded(Samples.corner(60, 80), "png"));
            return new Table(imported, table.making, table.entry, table.support);
        });
        kinds.put("of nothing there is", () -> new Table(laid().piece, UUID.randomUUID(), UUID.randomUUID(), "no-such-support"));
        return kinds;
    }

    private Table over(Table table, String way) {
        PieceWork pieces = studio.bean(PieceWork.class);
        Piece first = pieces.begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.encoded(Samples.corner(60, 80), "png"));
        Piece piece = pieces.add(first, kindveil.catalogue.Catalogue.way(way), "", null);
        UUID making = studio.bean(MakeWork.class).begin(piece.id()).id();
        return new Table(pieces.get(piece.id()), making, table.entry, table.support);
    }

    /** What was laid is taken away again: a table that grows makes every later page slower. */
    void clear(Table table) {
        post("/pieces/" + table.piece.id() + "/take-away", Map.of());
    }

    /** The first page each form stands on, both without the names of what was laid: looked through once, not for each door. */
    private Map<String, String> standing(Table table) {
        if (standing.isEmpty()) {
            for (String page : pages(table)) {
                Matcher forms = FORM.matcher(get(page));
                while (forms.find()) {
                    standing.putIfAbsent(table.unnamed(forms.group(1)), table.unnamed(page));
                }
            }
        }
        return standing;
    }

    /** The same without looking for its form. */
    Map<String, String> usual(Door door, Table table) {
        Map<String, String> form = new LinkedHashMap<>();
        fill(form, door, table);
        return form;
    }

    /** Fields as a form of one of the pages would send them to a door. */
    Map<String, String> form(Door door, Table table) {
        Map<String, String> form = new LinkedHashMap<>();
        if (door.method.equals("POST")) {
            String to = path(door, values(door, table));
            String page = standing(table).get(table.unnamed(to));
            if (page != null) {
                Matcher forms = FORM.matcher(get(table.named(page)));
                while (forms.find()) {
                    if (forms.group(1).equals(to)) {
                        form.putAll(inputs(forms.group(2)));
                    }
                }
            }
        }
        fill(form, door, table);
        form.replace("title", "", "Oar");
        return form;
    }

    private static void fill(Map<String, String> form, Door door, Table table) {
        for (String field : door.fields) {
            form.putIfAbsent(field, field.equals("version") ? "0" : field.equals("once") ? UUID.randomUUID().toString() : field.equals("piece") ? table.piece.id().toString()
                    : field.equals("again") || field.equals("entry") ? table.entry.toString() : field.equals("print") ? "GOOD_TONER" : field.equals("support") ? "birch-panel"
                    : field.equals("ground") ? "RAW" : field.equals("wish") ? "SOFT" : USUAL.getOrDefault(field, "1"));
        }
    }

    private List<String> pages(Table table) {
        String base = "/pieces/" + table.piece.id();
        List<String> pages = new ArrayList<>(List.of("/pieces", "/room", "/sheets", "/sheets/good-toner/printer", "/bench/" + table.making, "/supports/" + table.support));
        for (String of : List.of(base, base + "/veils/2")) {
            for (String page : List.of("source", "source/frame", "source/opaque", "build", "print", "make", "finish", "notes")) {
                pages.add(of + "/" + page);
            }
        }
        return pages;
    }

    private static Map<String, String> inputs(String form) {
        Map<String, String> inputs = new LinkedHashMap<>();
        Matcher input = INPUT.matcher(form);
        while (input.find()) {
            if (!input.group().contains("type=\"file\"") && !input.group(1).equals("_csrf") && (!input.group().contains("type=\"radio\"") || input.group().contains("checked"))) {
                Matcher value = VALUE.matcher(input.group());
                inputs.put(input.group(1), value.find() ? value.group(1).replace("&amp;", "&") : "");
            }
        }
        Matcher select = SELECT.matcher(form);
        while (select.find()) {
            Matcher chosen = Pattern.compile("<option[^>]*value=\"([^\"]*)\"[^>]*selected").matcher(select.group(2));
            Matcher any = VALUE.matcher(select.group(2));
            inputs.put(select.group(1), chosen.find() ? chosen.group(1) : any.find() ? any.group(1) : "");
        }
        return inputs;
    }

    private static Map<String, String> values(Door door, Table table) {
        Map<String, String> values = new LinkedHashMap<>();
        for (String name : door.inPath) {
            values.put(name, switch (name) {
                case "id" -> door.pattern.startsWith("/bench") ? table.making.toString() : door.pattern.startsWith("/supports") ? table.support : door.pattern.startsWith("/pictures") ? table.piece.picture().toString() : table.piece.id().toString();
                case "entry" -> table.entry.toString();
                case "key" -> "gel-lay";
                case "kind" -> "good-toner";
                case "veil" -> "2";
                case "index" -> "0";
                case "sheet" -> "1";
                default -> USUAL.getOrDefault(name, "1");
            });
        }
        return values;
    }

    private static String path(Door door, Map<String, String> values) {
        String path = door.pattern;
        for (Map.Entry<String, String> value : values.entrySet()) {
            path = path.replace("{" + value.getKey() + "}", value.getValue());
        }
        return path;
    }

    Answer ask(Ask ask, Table table, Map<String, String> form) {
        Door door = ask.door;
        Map<String, String> values = values(door, table);
        Map<String, String> fields = new LinkedHashMap<>(form);
        String twice = "";
        if (ask.field != null) {
            if (door.inPath.contains(ask.field)) {
                values.put(ask.field, coded(BAD.get(ask.bad)));
            } else if (ask.bad.equals("left out")) {
                fields.remove(ask.field);
            } else if (ask.bad.equals("twice")) {
                twice = "&" + coded(ask.field) + "=" + coded(fields.getOrDefault(ask.field, "1"));
            } else {
                fields.put(ask.field, BAD.get(ask.bad));
                twice = ask.bad.equals("nothing, twice") ? "&" + coded(ask.field) + "=" : "";
            }
        }
        fields.replace("version", "0".equals(fields.get("version")) ? version(table) : fields.get("version"));
        long before = cpu();
        HttpResponse<byte[]> answer = door.method.equals("GET") ? send(HttpRequest.newBuilder(address(path(door, values) + (fields.isEmpty() ? "" : "?" + pairs(fields) + twice))))
                : door.file.isEmpty() ? sendForm(path(door, values), pairs(fields) + twice) : sendFiles(path(door, values), fields, door.file);
        return new Answer(ask, answer.statusCode(), answer.headers().firstValue("content-type").orElse("").startsWith("text") ? new String(answer.body(), StandardCharsets.UTF_8) : "", cpu() - before);
    }

    /** Whether what was asked took its piece away. */
    boolean gone(Table table) {
        return studio.bean(PieceWork.class).all(List.of(table.piece.id())).isEmpty();
    }

    private String version(Table table) {
        return studio.bean(PieceWork.class).all(List.of(table.piece.id())).values().stream().map(piece -> String.valueOf(piece.version())).findFirst().orElse("0");
    }

    private static long cpu() {
        return ((com.sun.management.OperatingSystemMXBean) java.lang.management.ManagementFactory.getOperatingSystemMXBean()).getProcessCpuTime() / 1_000_000;
    }

    private static String coded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private static String pairs(Map<String, String> fields) {
        return fields.entrySet().stream().map(e -> coded(e.getKey()) + "=" + coded(e.getValue())).collect(Collectors.joining("&"));
    }

    private URI address(String path) {
        // an address too long to be one is cut, as a browser would
        return URI.create(studio.address() + (path.length() > 7000 ? path.substring(0, 7000).replaceAll("%.?$", "") : path));
    }

    /** The text of a page. */
    String get(String path) {
        return new String(send(HttpRequest.newBuilder(address(path))).body(), StandardCharsets.UTF_8);
    }

    private String token() {
        if (token.isEmpty()) {
            Matcher m = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(get("/pieces"));
            if (!m.find()) {
                throw new AssertionError("no token");
            }
            token = m.group(1);
        }
        return token;
    }

    int post(String path, Map<String, String> fields) {
        return sendForm(path, pairs(fields)).statusCode();
    }

    private HttpResponse<byte[]> sendForm(String path, String body) {
        return send(HttpRequest.newBuilder(address(path)).header("Content-Type", "application/x-www-form-urlencoded").POST(HttpRequest.BodyPublishers.ofString(body + "&_csrf=" + coded(token()))));
    }

    private HttpResponse<byte[]> sendFiles(String path, Map<String, String> fields, List<String> files) {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        Map<String, String> all = new LinkedHashMap<>(fields);
        all.put("_csrf", token());
        all.forEach((name, value) -> body.writeBytes("--edge\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n".formatted(name, value).getBytes(StandardCharsets.UTF_8)));
        for (String file : files) {
            body.writeBytes("--edge\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"%s\"\r\nContent-Type: image/png\r\n\r\n".formatted(file, "plan".equals(file) ? "" : "oar.png").getBytes(StandardCharsets.UTF_8));
            body.writeBytes("plan".equals(file) ? new byte[0] : Samples.encoded(Samples.corner(60, 80), "png"));
            body.writeBytes("\r\n".getBytes(StandardCharsets.UTF_8));
        }
        body.writeBytes("--edge--\r\n".getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(address(path)).header("Content-Type", "multipart/form-data; boundary=edge").POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    private HttpResponse<byte[]> send(HttpRequest.Builder request) {
        try {
            return client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
