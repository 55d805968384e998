package kindveil.studio.gate.lan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.page.device.OwnerOnly;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Every mapped handler, found from the mappings, asked by the owner, by a device that was let in and by a stranger, under its address written in every way. */
class CallersTest {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final Set<String> OPEN = Set.of("/enter");
    @TempDir
    private static Path folder;
    private static Studio studio;
    private static Lan.Open open;
    private static SSLContext trusting;
    private static String token;

    private record Mapped(String method, String path, boolean owners) {
    }

    private enum Caller {
        OWNER, DEVICE, STRANGER
    }

    @BeforeAll
    static void open() throws Exception {
        studio = OpenStudio.open("jdbc:h2:mem:callers;DB_CLOSE_DELAY=-1", "--kindveil.lan=true", "--kindveil.lan-address=127.0.0.1", "--kindveil.lan-port=0", "--kindveil.data=" + folder);
        open = studio.bean(Lan.class).open().orElseThrow();
        trusting = Trusting.of(folder);
        Doorkeeper keeper = studio.bean(Doorkeeper.class);
        keeper.change(keeper.door().version(), "heron at the landing");
        token = keeper.enter("heron at the landing", "tablet").token();
    }

    @AfterAll
    static void close() {
        studio.close();
    }

    private static List<Mapped> mapped() {
        List<Mapped> all = new ArrayList<>();
        studio.bean(RequestMappingHandlerMapping.class).getHandlerMethods().forEach((info, handler) -> {
            if (handler.getBeanType().getName().startsWith("kindveil") && handler.getReturnType().getParameterType() != SseEmitter.class && info.getPathPatternsCondition() != null) {
                info.getPathPatternsCondition().getPatternValues().forEach(pattern -> info.getMethodsCondition().getMethods().forEach(method -> all.add(new Mapped(method.name(), path(pattern), owners(handler)))));
            }
        });
        return all;
    }

    private static boolean owners(HandlerMethod handler) {
        return AnnotatedElementUtils.hasAnnotation(handler.getMethod(), OwnerOnly.class) || AnnotatedElementUtils.hasAnnotation(handler.getBeanType(), OwnerOnly.class);
    }

    /** Of nothing there is, so that a page let through is small. */
    private static String path(String pattern) {
        return pattern.replaceAll("\\{[^}]*}", UUID.nameUUIDFromBytes(new byte[] {29}).toString());
    }

    /** One address in the ways it can be written. */
    private static Map<String, String> written(String path) {
        Map<String, String> ways = new LinkedHashMap<>();
        ways.put("plain", path);
        if (path.length() > 1) {
            ways.put("encoded", "/%" + Integer.toHexString(path.charAt(1)) + path.substring(2));
            ways.put("encoded twice", "/%25" + Integer.toHexString(path.charAt(1)) + path.substring(2));
            ways.put("doubled slash", "/" + path);
            ways.put("matrix parameter", path.replaceFirst("^(/[^/]+)", "$1;a=b"));
            ways.put("upper case", path.toUpperCase(Locale.ROOT));
            ways.put("from the way in", "/enter/.." + path);
            ways.put("as a stylesheet", "/css/.." + path);
        }
        return ways;
    }

    private static HttpClient client(Caller caller) {
        CookieManager cookies = new CookieManager();
        if (caller == Caller.DEVICE) {
            HttpCookie cookie = new HttpCookie("kindveil-device-" + open.port(), token);
            cookie.setPath("/");
            cookie.setVersion(0);
            cookies.getCookieStore().add(URI.create(address(Caller.DEVICE)), cookie);
        }
        return HttpClient.newBuilder().sslContext(trusting).cookieHandler(cookies).followRedirects(HttpClient.Redirect.NEVER).build();
    }

    private static String address(Caller caller) {
        return caller == Caller.OWNER ? studio.address() : open.addresses().getFirst();
    }

    private static HttpResponse<String> ask(HttpClient client, Caller caller, String method, String path, String csrf) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address(caller) + path)).header("Accept", "text/html");
        return client.send(method.equals("GET") ? request.build() : request.header("Content-Type", "application/x-www-form-urlencoded").method(method, HttpRequest.BodyPublishers.ofString("_csrf=" + csrf)).build(), BodyHandlers.ofString());
    }

    private static String csrf(HttpClient client, Caller caller) throws Exception {
        Matcher token = TOKEN.matcher(ask(client, caller, "GET", caller == Caller.STRANGER ? "/enter" : "/room", "").body());
        assertTrue(token.find(), caller.toString());
        return token.group(1);
    }

    private static boolean ledToTheWayIn(HttpResponse<String> answer) {
        return answer.statusCode() == 303 && answer.headers().firstValue("Location").orElse("").startsWith("/enter");
    }

    @Test
    void everyHandler_answersWhomItMay_howeverItsAddressIsWritten() throws Exception {
        Map<String, String> wrong = new TreeMap<>();
        int owners = 0;
        for (Caller caller : Caller.values()) {
            try (HttpClient client = client(caller)) {
                String csrf = csrf(client, caller);
                for (Mapped handler : mapped()) {
                    owners += handler.owners ? 1 : 0;
                    if (handler.path.equals("/leave") && caller == Caller.DEVICE) {
                        continue;
                    }
                    for (Map.Entry<String, String> way : written(handler.path).entrySet()) {
                        // what is let through is asked once; what must not be, in every way
                        if (caller != Caller.STRANGER && !handler.owners && !way.getKey().equals("plain")) {
                            continue;
                        }
                        HttpResponse<String> answer = ask(client, caller, handler.method, way.getValue(), csrf);
                        if (!right(caller, handler, way.getKey(), answer)) {
                            wrong.put("%s %s %s, %s".formatted(caller, handler.method, way.getValue(), way.getKey()), String.valueOf(answer.statusCode()));
                        }
                    }
                }
            }
        }
        assertEquals(Map.of(), wrong);
        assertTrue(owners >= 3 * 3, "handlers of the owner alone: " + owners);
    }

    private static boolean right(Caller caller, Mapped handler, String way, HttpResponse<String> answer) {
        int status = answer.statusCode();
        return switch (caller) {
            case OWNER -> status != 401 && status != 403 && !ledToTheWayIn(answer);
            case DEVICE -> handler.owners ? status == 403 || status == 400 || status == 404 : status != 403 && status != 401 && !ledToTheWayIn(answer);
            case STRANGER -> OPEN.contains(handler.path) ? status < 500 : ledToTheWayIn(answer) || status == 400 || status == 404;
        };
    }

    @Test
    void device_leavesByItself_andIsAStrangerThen() throws Exception {
        Doorkeeper keeper = studio.bean(Doorkeeper.class);
        String kept = token;
        token = keeper.enter("heron at the landing", "tablet that goes").token();
        try (HttpClient client = client(Caller.DEVICE)) {
            assertTrue(ask(client, Caller.DEVICE, "GET", "/room", "").body().contains("tablet that goes"));
            assertTrue(ledToTheWayIn(ask(client, Caller.DEVICE, "POST", "/leave", csrf(client, Caller.DEVICE))));
            assertTrue(ledToTheWayIn(ask(client, Caller.DEVICE, "GET", "/room", "")));
            assertFalse(keeper.door().devices().stream().anyMatch(device -> device.name().equals("tablet that goes")));
        } finally {
            token = kept;
        }
    }
}
