import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Thirty people in the demo studio at once, each thinking five seconds between pages: half the pages are Today, Pieces and Log, a
 * quarter Build with its pictures, the rest Source, Make and the bench; one in fifty is a change of plan with its new look. Beside
 * them one more asks for a file that is only handed over. Seeded, so two runs ask the same.
 *
 * <p>{@code LoadBench <address> <seconds to warm> <seconds measured> <process id>}
 */
final class LoadBench {
    private static final int PEOPLE = 30;
    private static final int THINKING_MS = 5000;
    private static final Pattern LOOKS = Pattern.compile("\"(/pieces/[^\"]*/look/[^\"]*\\.png[^\"]*)\"");
    private static final Pattern FIELD = Pattern.compile("<input[^>]*name=\"([^\"]+)\"[^>]*>|<select[^>]*name=\"([^\"]+)\"[^>]*>(.*?)</select>", Pattern.DOTALL);
    private static final Pattern CHOSEN = Pattern.compile("<option(?=[^>]*selected)[^>]*value=\"([^\"]*)\"");
    private final HttpClient client = HttpClient.newHttpClient();
    private final Map<String, Queue<Long>> taken = new ConcurrentHashMap<>();
    private final Map<Integer, Integer> answers = new ConcurrentHashMap<>();
    private final String address;
    private final List<String> pieces;
    private final List<String> benches;
    private volatile boolean measuring;
    private volatile boolean over;

    private LoadBench(String address) throws Exception {
        this.address = address;
        pieces = all(ask("", "/pieces").body(), "/pieces/[0-9a-f-]{36}");
        benches = all(ask("", "/").body(), "/bench/[0-9a-f-]{36}");
    }

    public static void main(String[] args) throws Exception {
        LoadBench bench = new LoadBench(args[0]);
        List<Thread> people = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            int person = i;
            people.add(Thread.startVirtualThread(() -> bench.work(person)));
        }
        people.add(Thread.startVirtualThread(bench::handOver));
        Thread.sleep(1000L * Integer.parseInt(args[1]));
        long before = resident(args[3]);
        long livedBefore = lived(args[3]);
        bench.measuring = true;
        Thread.sleep(1000L * Integer.parseInt(args[2]));
        bench.over = true;
        for (Thread person : people) {
            person.join();
        }
        bench.tell();
        System.out.printf("memory %d MB before, %d MB after; of the heap in use %d MB before, %d MB after%n", before, resident(args[3]), livedBefore, lived(args[3]));
    }

    private static List<String> all(String page, String pattern) {
        return Pattern.compile(pattern).matcher(page).results().map(m -> m.group()).distinct().toList();
    }

    private static long resident(String process) throws Exception {
        Matcher rss = Pattern.compile("VmRSS:\\s+(\\d+)").matcher(java.nio.file.Files.readString(java.nio.file.Path.of("/proc/" + process + "/status")));
        rss.find();
        return Long.parseLong(rss.group(1)) / 1024;
    }

    /** What of the heap is still reached from somewhere, in MB. */
    private static long lived(String process) throws Exception {
        Process histogram = new ProcessBuilder(System.getProperty("java.home") + "/bin/jcmd", process, "GC.class_histogram").start();
        Matcher total = Pattern.compile("Total\\s+\\d+\\s+(\\d+)").matcher(new String(histogram.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
        total.find();
        return Long.parseLong(total.group(1)) / 1_000_000;
    }

    private HttpResponse<String> ask(String cookie, String path) throws Exception {
        return send(HttpRequest.newBuilder(URI.create(address + path)), cookie);
    }

    private HttpResponse<String> send(HttpRequest.Builder request, String cookie) throws Exception {
        request.header("Accept-Encoding", "gzip").header("Sec-Fetch-Site", "same-origin");
        if (!cookie.isEmpty()) {
            request.header("Cookie", cookie);
        }
        HttpResponse<byte[]> answer = client.send(request.build(), BodyHandlers.ofByteArray());
        boolean packed = answer.headers().firstValue("Content-Encoding").filter("gzip"::equals).isPresent();
        String text = new String(packed ? new java.util.zip.GZIPInputStream(new java.io.ByteArrayInputStream(answer.body())).readAllBytes() : answer.body(), StandardCharsets.ISO_8859_1);
        return new Read(answer, new String(text.getBytes(StandardCharsets.ISO_8859_1), StandardCharsets.UTF_8));
    }

    /** An answer with its text unpacked. */
    private record Read(HttpResponse<byte[]> answer, String body) implements HttpResponse<String> {
        public int statusCode() {
            return answer.statusCode();
        }

        public HttpRequest request() {
            return answer.request();
        }

        public java.util.Optional<HttpResponse<String>> previousResponse() {
            return java.util.Optional.empty();
        }

        public java.net.http.HttpHeaders headers() {
            return answer.headers();
        }

        public java.util.Optional<javax.net.ssl.SSLSession> sslSession() {
            return java.util.Optional.empty();
        }

        public URI uri() {
            return answer.uri();
        }

        public HttpClient.Version version() {
            return answer.version();
        }
    }

    private interface Asking {
        HttpResponse<String> answer() throws Exception;
    }

    private HttpResponse<String> timed(String kind, Asking asking) throws Exception {
        long start = System.nanoTime();
        HttpResponse<String> answer = asking.answer();
        if (measuring) {
            taken.computeIfAbsent(kind, k -> new ConcurrentLinkedQueue<>()).add(System.nanoTime() - start);
            answers.merge(answer.statusCode(), 1, Integer::sum);
        }
        return answer;
    }

    private void work(int person) {
        Random random = new Random(person);
        try {
            HttpResponse<String> first = ask("", "/pieces");
            String cookie = first.headers().firstValue("set-cookie").map(c -> c.replaceAll(";.*", "")).orElse("");
            Matcher found = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(ask(cookie, "/pieces").body());
            String token = found.find() ? found.group(1) : "";
            Thread.sleep(random.nextInt(THINKING_MS));
            while (!over) {
                page(random, cookie, token);
                Thread.sleep(THINKING_MS / 2 + random.nextInt(THINKING_MS));
            }
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
    }

    private void page(Random random, String cookie, String token) throws Exception {
        String piece = pieces.get(random.nextInt(pieces.size()));
        double which = random.nextDouble();
        if (which < 0.02) {
            change(random, piece, cookie, token);
        } else if (which < 0.5) {
            String path = List.of("/", "/pieces", "/log").get(random.nextInt(3));
            timed(path, () -> ask(cookie, path));
        } else if (which < 0.75) {
            look(piece, cookie, "look");
        } else {
            String path = List.of(piece + "/source", piece + "/make", benches.get(random.nextInt(benches.size()))).get(random.nextInt(3));
            timed(path.replaceAll("[0-9a-f-]{36}", "…"), () -> ask(cookie, path));
        }
    }

    private String look(String piece, String cookie, String kind) throws Exception {
        String build = timed("/pieces/…/build", () -> ask(cookie, piece + "/build")).body();
        for (String look : LOOKS.matcher(build).results().map(m -> m.group(1).replace("&amp;", "&")).distinct().limit(2).toList()) {
            timed(kind, () -> ask(cookie, look));
        }
        return build;
    }

    /** The bed, or where there is none the colour of the ground, becomes another. */
    private void change(Random random, String piece, String cookie, String token) throws Exception {
        String build = ask(cookie, piece + "/build").body();
        Map<String, String> fields = new LinkedHashMap<>();
        Matcher form = Pattern.compile("<form class=\"told.*?</form>", Pattern.DOTALL).matcher(build);
        form.find();
        Matcher field = FIELD.matcher(form.group());
        while (field.find()) {
            if (field.group(1) != null) {
                Matcher value = Pattern.compile(" value=\"([^\"]*)\"").matcher(field.group());
                fields.put(field.group(1), value.find() ? value.group(1) : "");
            } else {
                Matcher chosen = CHOSEN.matcher(field.group(3));
                fields.put(field.group(2), chosen.find() ? chosen.group(1) : "");
            }
        }
        fields.put("_csrf", token);
        fields.put("colour", "#%06x".formatted(random.nextInt(1 << 24)));
        Matcher usual = Pattern.compile("name=\"dial.bed\"[^>]*placeholder=\"([0-9.]+)\"").matcher(build);
        if (usual.find()) {
            // within what every bed takes: a fifth up or down
            fields.put("dial.bed", String.valueOf(Math.round(Double.parseDouble(usual.group(1)) * (0.8 + 0.4 * random.nextDouble()))));
        }
        StringBuilder body = new StringBuilder();
        fields.forEach((name, value) -> body.append(name).append('=').append(URLEncoder.encode(value, StandardCharsets.UTF_8)).append('&'));
        timed("a change", () -> send(HttpRequest.newBuilder(URI.create(address + piece + "/build")).header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString())), cookie));
        look(piece, cookie, "new look");
    }

    private void handOver() {
        try {
            while (!over) {
                timed("a file handed over", () -> ask("", "/css/kindveil.css"));
                Thread.sleep(200);
            }
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
    }

    private void tell() {
        System.out.printf("%-22s %6s %8s %8s %8s%n", "", "asked", "median", "95th", "longest");
        List<Long> pages = new ArrayList<>();
        taken.keySet().stream().sorted().forEach(kind -> {
            line(kind, taken.get(kind));
            if (kind.startsWith("/")) {
                pages.addAll(taken.get(kind));
            }
        });
        line("all pages", pages);
        System.out.println("answers " + answers);
    }

    private static void line(String kind, java.util.Collection<Long> times) {
        long[] sorted = times.stream().mapToLong(Long::longValue).sorted().toArray();
        System.out.printf("%-22s %6d %5.0f ms %5.0f ms %5.0f ms%n", kind, sorted.length, at(sorted, 0.5), at(sorted, 0.95), at(sorted, 1));
    }

    private static double at(long[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(share * sorted.length))] / 1e6;
    }
}
