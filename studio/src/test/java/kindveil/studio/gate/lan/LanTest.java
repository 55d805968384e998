package kindveil.studio.gate.lan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.SSLSocket;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.Outdated;
import kindveil.studio.work.device.Door;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The way in from beyond this machine, tried at a loopback address. */
class LanTest {
    private static final String PASSCODE = "heron at the landing";
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    @TempDir
    private static Path folder;
    private static Studio studio;
    private static Doorkeeper keeper;
    private static Lan.Open open;
    private static SSLContext trusting;

    @BeforeAll
    static void open() throws Exception {
        studio = OpenStudio.open("jdbc:h2:mem:lan;DB_CLOSE_DELAY=-1", "--kindveil.lan=true", "--kindveil.lan-address=127.0.0.1", "--kindveil.lan-port=0", "--kindveil.data=" + folder);
        keeper = studio.bean(Doorkeeper.class);
        open = studio.bean(Lan.class).open().orElseThrow();
        trusting = Trusting.of(folder);
    }

    @AfterAll
    static void close() {
        studio.close();
    }

    @BeforeEach
    void anew() {
        studio.clock().turnTo(Duration.ZERO);
        keeper.change(keeper.door().version(), PASSCODE);
        keeper.door().devices().forEach(device -> keeper.shutOut(keeper.door().version(), device.id()));
    }

    /** Another device, which trusts the certificate and its address, and keeps cookies. */
    private static final class Tablet {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient client = HttpClient.newBuilder().sslContext(trusting).cookieHandler(cookies).followRedirects(HttpClient.Redirect.NEVER).build();

        private HttpResponse<String> get(String path) throws Exception {
            return client.send(HttpRequest.newBuilder(URI.create(address() + path)).header("Accept", "text/html").build(), BodyHandlers.ofString());
        }

        private HttpResponse<String> post(String path, Map<String, String> fields, String... headers) throws Exception {
            Matcher token = TOKEN.matcher(get("/enter").body());
            Map<String, String> all = new HashMap<>(fields);
            if (token.find()) {
                all.put("_csrf", token.group(1));
            } else {
                Matcher inside = TOKEN.matcher(get("/room").body());
                assertTrue(inside.find());
                all.put("_csrf", inside.group(1));
            }
            String body = all.entrySet().stream().map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8)).collect(Collectors.joining("&"));
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address() + path)).header("Content-Type", "application/x-www-form-urlencoded").POST(HttpRequest.BodyPublishers.ofString(body));
            for (int i = 0; i < headers.length; i += 2) {
                request.header(headers[i], headers[i + 1]);
            }
            return client.send(request.build(), BodyHandlers.ofString());
        }

        private Tablet in() throws Exception {
            assertEquals(303, post("/enter", Map.of("passcode", PASSCODE, "name", "tablet")).statusCode());
            return this;
        }

        /** What is said to it, one line each. */
        private BlockingQueue<String> listening(String path) {
            BlockingQueue<String> lines = new LinkedBlockingQueue<>();
            client.sendAsync(HttpRequest.newBuilder(URI.create(address() + path)).build(), BodyHandlers.ofLines()).thenAccept(answer -> {
                answer.body().forEach(lines::add);
                lines.add("over");
            });
            return lines;
        }
    }

    private static String address() {
        return open.addresses().getFirst();
    }

    private static String heard(BlockingQueue<String> lines, String containing) throws InterruptedException {
        String line = lines.poll(30, TimeUnit.SECONDS);
        while (line != null && !line.contains(containing)) {
            line = lines.poll(30, TimeUnit.SECONDS);
        }
        assertTrue(line != null, "nothing said of " + containing);
        return line;
    }

    @Test
    void stranger_isLedToTheWayIn_andSeesNothingElse() throws Exception {
        Tablet tablet = new Tablet();
        for (String path : List.of("/", "/pieces", "/room", "/devices", "/sheets", "/archive.zip", "/live", "/pieces/x.json", "/%65nter/../room", "/css/../room", "/enter/../room", "/js/..%2froom", "/enter;/room")) {
            HttpResponse<String> answer = tablet.get(path);
            assertTrue(answer.statusCode() == 303 && answer.headers().firstValue("Location").orElse("").startsWith("/enter") || answer.statusCode() == 400 || answer.statusCode() == 404, path + " " + answer.statusCode());
            assertFalse(answer.body().contains("Relative humidity"), path);
        }
        assertEquals("/enter?to=%2Fpieces", tablet.get("/pieces").headers().firstValue("Location").orElseThrow());
        assertEquals(303, tablet.post("/room", Map.of("version", "-1", "degrees", "17", "percent", "61", "units", "METRIC")).statusCode());
        assertEquals(200, tablet.get("/enter").statusCode());
        assertEquals(200, tablet.get("/css/kindveil.css").statusCode());
        assertEquals("/", tablet.post("/enter", Map.of("passcode", PASSCODE, "name", "tablet", "to", "//elsewhere.example")).headers().firstValue("Location").orElseThrow());
    }

    @Test
    void device_isAskedOnce_andItsCookieIsItsOwn() throws Exception {
        Tablet tablet = new Tablet();
        HttpResponse<String> let = tablet.post("/enter", Map.of("passcode", "heronatthe landing", "name", "tablet by the window", "to", "/pieces"));
        assertEquals(303, let.statusCode());
        assertEquals("/pieces", let.headers().firstValue("Location").orElseThrow());
        String cookie = let.headers().allValues("Set-Cookie").stream().filter(one -> one.startsWith("kindveil-device-" + open.port())).findFirst().orElseThrow();
        assertTrue(cookie.contains("HttpOnly") && cookie.contains("Secure") && cookie.contains("SameSite=Strict"), cookie);
        assertTrue(tablet.get("/pieces").body().contains("Pieces"));
        assertEquals(302, tablet.get("/enter").statusCode(), "whoever is in is not asked again");
        assertEquals(403, tablet.get("/devices").statusCode(), "devices are decided about at the studio's own machine");
        String devices = new Web(studio.address()).get("/devices").words();
        assertTrue(devices.contains("tablet by the window") && devices.contains("here last at"), devices);
        assertFalse(new Web(studio.address()).get("/devices").text().contains(keeper.door().devices().getFirst().digest()));
    }

    @Test
    void deviceShutOut_isOutAtOnce() throws Exception {
        Tablet tablet = new Tablet().in();
        BlockingQueue<String> lines = tablet.listening("/live");
        heard(lines, "listening");
        Door.Device device = keeper.door().devices().getFirst();
        Web here = new Web(studio.address());
        here.post("/devices/out", Map.of("version", String.valueOf(keeper.door().version()), "device", device.id().toString()));
        assertEquals(303, tablet.get("/pieces").statusCode());
        heard(lines, "out");
        heard(lines, "over");
    }

    /** Four cost nothing; then nobody gets in for half a minute, doubled with each further one, the right one included. */
    @Test
    void wrongPasscodes_makeEveryoneWait_longerEachTime() {
        for (int i = 0; i < Doorkeeper.FREE_TRIES; i++) {
            refused("what was typed");
        }
        long waited = 30;
        for (int i = 0; i < 10; i++) {
            refused("one more try");
            String right = assertThrows(UnusableValue.class, () -> keeper.enter(PASSCODE, "tablet")).getMessage();
            assertTrue(right.contains("one more try"), right);
            studio.clock().forward(Duration.ofSeconds(waited - 5));
            refused("one more try");
            studio.clock().forward(Duration.ofSeconds(6));
            refused("what was typed");
            waited = Math.min(waited * 2, 30 << 7);
        }
        keeper.change(keeper.door().version(), PASSCODE);
        assertEquals("tablet", keeper.enter(PASSCODE, "tablet").device().name(), "another passcode ends the wait");
    }

    /** Waits are by time that passed: not over when the clock is set on, nor when the studio is closed and opened again. */
    @Test
    void wrongPasscodes_areRememberedWhateverTheClockSays(@TempDir Path own) {
        String store = "jdbc:h2:file:%s/door".formatted(own);
        try (Studio first = OpenStudio.open(store)) {
            Doorkeeper door = first.bean(Doorkeeper.class);
            door.change(door.door().version(), PASSCODE);
            for (int i = 0; i < Doorkeeper.FREE_TRIES; i++) {
                assertThrows(UnusableValue.class, () -> door.enter("heron at the quay", "tablet"));
            }
            first.clock().turnTo(Duration.ofDays(30));
            assertTrue(assertThrows(UnusableValue.class, () -> door.enter(PASSCODE, "tablet")).getMessage().contains("one more try"));
            first.clock().turnTo(Duration.ofDays(-30));
            assertTrue(assertThrows(UnusableValue.class, () -> door.enter(PASSCODE, "tablet")).getMessage().contains("one more try"));
        }
        try (Studio again = OpenStudio.open(store)) {
            Doorkeeper door = again.bean(Doorkeeper.class);
            assertTrue(assertThrows(UnusableValue.class, () -> door.enter(PASSCODE, "tablet")).getMessage().contains("one more try"));
            again.clock().forward(Duration.ofSeconds(31));
            assertEquals("tablet", door.enter(PASSCODE, "tablet").device().name());
        }
    }

    /** What is encrypted is authenticated too: no block chaining, even where TLS 1.2 is spoken. */
    @Test
    void tls12_speaksNoBlockChaining() throws Exception {
        try (SSLSocket socket = (SSLSocket) trusting.getSocketFactory().createSocket("127.0.0.1", open.port())) {
            socket.setEnabledProtocols(new String[] {"TLSv1.2"});
            socket.startHandshake();
            assertTrue(socket.getSession().getCipherSuite().contains("GCM") || socket.getSession().getCipherSuite().contains("POLY1305"), socket.getSession().getCipherSuite());
        }
        try (SSLSocket old = (SSLSocket) trusting.getSocketFactory().createSocket("127.0.0.1", open.port())) {
            old.setEnabledProtocols(new String[] {"TLSv1.2"});
            old.setEnabledCipherSuites(java.util.Arrays.stream(old.getSupportedCipherSuites()).filter(suite -> suite.contains("_CBC_")).toArray(String[]::new));
            assertThrows(SSLHandshakeException.class, old::startHandshake);
        }
    }

    private static void refused(String why) {
        String said = assertThrows(UnusableValue.class, () -> keeper.enter("heron at the quay", "tablet")).getMessage();
        assertTrue(said.contains(why), said);
    }

    @Test
    void passcodeChanged_theOldOneIsWrong_andWhoIsInStays() throws Exception {
        Tablet tablet = new Tablet().in();
        Web here = new Web(studio.address());
        assertTrue(here.post("/devices/passcode", Map.of("version", String.valueOf(keeper.door().version()), "passcode", "short")).words().contains("8"));
        here.post("/devices/passcode", Map.of("version", String.valueOf(keeper.door().version()), "passcode", "reed bed 1954"));
        assertThrows(UnusableValue.class, () -> keeper.enter(PASSCODE, "tablet"));
        keeper.enter("reedbed1954", "other tablet");
        assertEquals(200, tablet.get("/pieces").statusCode());
        assertThrows(Outdated.class, () -> keeper.change(keeper.door().version() - 1, PASSCODE));
        assertThrows(UnusableValue.class, () -> keeper.change(keeper.door().version(), "x".repeat(Doorkeeper.LONGEST + 1)));
        assertThrows(UnusableValue.class, () -> keeper.enter("reedbed1954", " "));
        while (keeper.door().devices().size() < Doorkeeper.MOST_DEVICES) {
            keeper.enter("reedbed1954", "one more");
        }
        assertThrows(UnusableValue.class, () -> keeper.enter("reedbed1954", "one too many"));
    }

    @Test
    void hostAndOrigin_areHeldToItsAddress() throws Exception {
        assertTrue(firstLine("Host: studio.example:" + open.port()).contains(" 421"));
        assertTrue(firstLine("Host: localhost:" + open.port()).contains(" 421"), "it is open under its address alone");
        assertTrue(firstLine("Host: 127.0.0.1:1").contains(" 421"));
        assertTrue(firstLine("Host: 127.0.0.1:" + open.port()).contains(" 200"));
        Tablet tablet = new Tablet().in();
        assertEquals(403, tablet.post("/alarms", Map.of(), "Origin", "https://elsewhere.example").statusCode());
        assertEquals(403, tablet.post("/alarms", Map.of(), "Origin", studio.address()).statusCode(), "this machine's own address is another origin");
        assertEquals(204, tablet.post("/alarms", Map.of(), "Origin", address()).statusCode());
        assertEquals("tablet", keeper.door().ringing());
    }

    private static String firstLine(String host) throws Exception {
        try (SSLSocket socket = (SSLSocket) trusting.getSocketFactory().createSocket("127.0.0.1", open.port())) {
            socket.getOutputStream().write("GET /enter HTTP/1.1\r\n%s\r\nConnection: close\r\n\r\n".formatted(host).getBytes(StandardCharsets.US_ASCII));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8)).readLine();
        }
    }

    @Test
    void certificate_isSignedByItself_keptAndShown() throws Exception {
        try (HttpClient stranger = HttpClient.newHttpClient()) {
            assertThrows(SSLHandshakeException.class, () -> stranger.send(HttpRequest.newBuilder(URI.create(address() + "/enter")).build(), BodyHandlers.ofString()));
        }
        String page = new Web(studio.address()).get("/devices").words();
        assertTrue(page.contains(open.fingerprint().substring(0, 47)) && page.contains(address()), page);
        Instant now = studio.clock().instant();
        assertEquals(open.fingerprint(), Certificate.in(folder, List.of("127.0.0.1"), now).fingerprint(), "kept");
        Path copy = Files.createDirectory(folder.resolve("copy"));
        Files.copy(folder.resolve("lan.p12"), copy.resolve("lan.p12"));
        assertNotEquals(open.fingerprint(), Certificate.in(copy, List.of("127.0.0.1"), now.plus(Duration.ofDays(800))).fingerprint(), "made anew before it runs out");
        Files.writeString(copy.resolve("lan.p12"), "damaged");
        assertNotEquals(open.fingerprint(), Certificate.in(copy, List.of("127.0.0.1"), now).fingerprint());
    }

    /** What is told here is heard there, with the state it led to; what is refused is not. */
    @Test
    void whatIsTold_isHeardAtOnce() throws Exception {
        StoredMaking making = studio.bean(MakeWork.class).begin(studio.bean(PieceWork.class).begin("Oar", Length.ofMillimetres(90), "oar.png", Samples.cornerPng()).id());
        Tablet tablet = new Tablet().in();
        BlockingQueue<String> lines = tablet.listening("/live?making=" + making.id());
        assertTrue(heard(lines, "changes").contains("\"changes\":" + making.changes()));
        Web here = new Web(studio.address());
        here.post("/bench/" + making.id() + "/tell", Map.of("seq", "5", "answer", "0", "ago", "0"));
        here.post("/bench/" + making.id() + "/tell", Map.of("seq", "0", "answer", "0", "ago", "0"));
        String said = heard(lines, "changes");
        assertTrue(said.contains("\"changes\":" + studio.bean(MakeWork.class).changes(making.id())) && said.contains(making.id().toString()), said);
        keeper.ring(keeper.door().devices().getFirst().id());
        assertTrue(heard(lines, "name").contains("tablet"));
        assertEquals(404, tablet.get("/live?making=no-id").statusCode());
    }

    /** A device that opens page after page holds a bounded number of them: the oldest falls silent. */
    @Test
    void listening_isBoundedForEachDevice() throws Exception {
        Tablet tablet = new Tablet().in();
        BlockingQueue<String> first = tablet.listening("/live");
        heard(first, "listening");
        for (int i = 0; i < 16; i++) {
            heard(tablet.listening("/live"), "listening");
        }
        heard(first, "over");
    }

    @Test
    void thisMachine_isAskedForNothing() {
        assertEquals(200, new Web(studio.address()).get("/devices").status());
        assertEquals("/", new Web(studio.address()).get("/enter").path());
    }
}
