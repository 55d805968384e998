package kindveil.studio.gate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.studio.OpenStudio;
import kindveil.studio.OpenStudio.Studio;
import kindveil.studio.Samples;
import kindveil.studio.Web;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

@ExtendWith(OpenStudio.class)
class GateTest {
    private final Studio studio;

    GateTest(Studio studio) {
        this.studio = studio;
    }

    private String firstLine(String request) throws Exception {
        URI address = URI.create(studio.address());
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), address.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8)).readLine();
        }
    }

    @Test
    void request_underAnotherHostsName_isNotAnswered() throws Exception {
        assertTrue(firstLine("GET / HTTP/1.1\r\nHost: studio.example\r\nConnection: close\r\n\r\n").contains(" 421"));
        assertTrue(firstLine("GET / HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n").contains(" 200"));
        assertTrue(firstLine("GET / HTTP/1.1\r\nHost: 127.0.0.1:1\r\nConnection: close\r\n\r\n").contains(" 200"));
        assertTrue(firstLine("GET / HTTP/1.1\r\nHost: LOCALHOST\r\nConnection: close\r\n\r\n").contains(" 200"));
    }

    @Test
    void studio_isBoundToLoopback() {
        assertEquals("127.0.0.1", studio.context().getEnvironment().getProperty("server.address"));
    }

    /** Opened as a page, as after going back or from a bookmark, every address that takes a form leads to one that can be looked at. */
    @Test
    void addressThatOnlyTakesAForm_openedAsAPage_leadsBackToItsPage() {
        Piece piece = studio.bean(PieceWork.class).begin("Bollard", Length.ofMillimetres(80), "bollard.png", Samples.cornerPng());
        UUID making = studio.bean(MakeWork.class).begin(piece.id()).id();
        List<String> sent = studio.context().getBeansOfType(RequestMappingHandlerMapping.class).values().stream()
                .flatMap(mapping -> mapping.getHandlerMethods().keySet().stream())
                .filter(info -> info.getMethodsCondition().getMethods().contains(RequestMethod.POST)).flatMap(info -> info.getPatternValues().stream()).toList();
        assertTrue(sent.size() > 40, sent.toString());
        kindveil.bench.Support silk = kindveil.bench.Support.FABRIC.own(UUID.randomUUID().toString(), "silk", kindveil.bench.Support.Told.NOTHING);
        studio.bean(kindveil.studio.work.shelf.Supports.class).keep(silk);
        UUID book = studio.bean(kindveil.studio.work.book.BookWork.class).begin(UUID.randomUUID(), "Landing journal", new kindveil.finish.BookReading.Book(24, 160, 6)).id();
        studio.bean(kindveil.studio.work.sheet.RealWork.class).take(studio.bean(PieceWork.class).plan(piece), 3);
        UUID print = studio.bean(kindveil.studio.work.stock.Prints.class).all().getFirst().owned().id();
        Web web = new Web(studio.address());
        for (String pattern : sent) {
            String path = pattern.replace("/bench/{id}", "/bench/" + making).replace("/shelf/prints/{id}", "/shelf/prints/" + print).replace("/books/{id}", "/books/" + book).replace("/supports/{id}", "/supports/" + silk.id()).replace("{id}", piece.id().toString()).replace("{veil}", "1").replace("{index}", "0")
                    .replace("{entry}", UUID.randomUUID().toString()).replace("{kind}", "good-toner").replace("{job}", "1").replace("{picture}", piece.picture().toString());
            Web.Answer answer = web.get(path);
            assertEquals(200, answer.status(), path + " ended at " + answer.path());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/pieces", "/log", "/room", "/nowhere"})
    void everyPage_hasAStrictPolicyAndNothingInline(String path) {
        Web.Answer page = new Web(studio.address()).get(path);
        String policy = page.headers().firstValue("Content-Security-Policy").orElseThrow();
        assertTrue(policy.startsWith("default-src 'none'; script-src 'self'; style-src 'self';"), policy);
        assertFalse(policy.contains("unsafe"));
        assertFalse(page.text().matches("(?s).*\\sstyle=\".*"), "inline style");
        assertFalse(page.text().matches("(?s).*<script(?![^>]*src=).*"), "inline script");
        assertFalse(page.text().matches("(?s).*\\son[a-z]+=\".*"), "inline handler");
        assertEquals("nosniff", page.headers().firstValue("X-Content-Type-Options").orElseThrow());
    }

    @Test
    void change_withoutItsToken_isRefusedInWords() {
        Web.Answer answer = new Web(studio.address()).postRaw("/room", Map.of("degrees", "20"), "wrong");
        assertEquals(403, answer.status());
        assertTrue(answer.words().contains("too old to be trusted"), answer.words());
    }

    @ParameterizedTest
    @CsvSource({"/pieces/9f9f9f9f-0000-4000-8000-000000000000/build,404", "/pieces/heron/build,404", "/bench/9f9f9f9f-0000-4000-8000-000000000000,404",
        "/pictures/9f9f9f9f-0000-4000-8000-000000000000.png,404", "/nowhere,404", "/css/..%2fapplication.properties,400", "/css/%2e%2e/application.properties,400",
        "/js/....//application.properties,400"})
    void unknownAddress_isAPageInPlainWords(String path, int status) {
        Web.Answer answer = new Web(studio.address()).get(path);
        assertEquals(status, answer.status());
        assertFalse(answer.text().contains("Exception") || answer.text().contains("at org.") || answer.text().contains("datasource"), answer.text());
        if (status == 404) {
            assertTrue(answer.words().contains("Everything in the studio is as it was."), answer.words());
        }
    }

    /** All that is answered to bytes as they are. */
    private String answer(String request) throws Exception {
        URI address = URI.create(studio.address());
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), address.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.shutdownOutput();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @CsvSource({"GET /%zz HTTP/1.1,400", "GET /pieces?x=%f HTTP/1.1,400", "GET /pieces/%00/build HTTP/1.1,400", "GET /a|b HTTP/1.1,400", "GET / HTTP/9.9,505", "POST / HTTP/1.1,403", "DELETE /pieces HTTP/1.1,403", "POST /log HTTP/1.1,403"})
    void request_writtenAsNoneShouldBe_isRefusedInWordsWithTheHeadersOfAllAnswers(String line, int status) throws Exception {
        String answer = answer(line + "\r\nHost: localhost\r\nConnection: close\r\nContent-Length: 0\r\n\r\n");
        assertTrue(answer.startsWith("HTTP/1.1 " + status), answer);
        if (status != 505) {
            assertTrue(answer.contains("Content-Security-Policy: default-src 'none'") && answer.contains("X-Content-Type-Options: nosniff"), answer);
        }
        assertFalse(answer.contains("Tomcat") || answer.contains("Exception") || answer.contains("org.apache"), answer);
    }

    @Test
    void refusedHost_carriesTheHeadersOfAllAnswers() throws Exception {
        assertTrue(answer("GET / HTTP/1.1\r\nHost: studio.example\r\nConnection: close\r\n\r\n").contains("Content-Security-Policy"));
    }

    @ParameterizedTest
    @CsvSource({"Origin,http://studio.example", "Origin,null", "Origin,http://localhost:1", "Sec-Fetch-Site,cross-site", "Sec-Fetch-Site,same-site"})
    void change_fromAPageOfAnotherOrigin_isRefused(String header, String value) throws Exception {
        Web own = new Web(studio.address());
        String body = "version=-9&degrees=20&percent=50&units=METRIC&_csrf=" + java.net.URLEncoder.encode(own.token(), StandardCharsets.UTF_8);
        java.net.http.HttpRequest.Builder request = java.net.http.HttpRequest.newBuilder(URI.create(studio.address() + "/room")).header("Content-Type", "application/x-www-form-urlencoded")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString(body));
        assertTrue(own.send(request).status() != 403);
        assertEquals(403, own.send(request.header(header, value)).status());
    }

    @Test
    void cookie_isCalledByThePort_andStaysWithItsOwnSite() throws Exception {
        String answer = answer("GET /pieces HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
        assertTrue(answer.matches("(?s).*Set-Cookie: kindveil-\\d+=[^\r]*SameSite=Strict.*"), answer.substring(0, 900));
    }

    @Test
    void file_overTheLimit_isToldTheLimit_andWhatToDo() throws Exception {
        String head = "POST /pieces/import HTTP/1.1\r\nHost: localhost\r\nAccept: text/html\r\nConnection: close\r\nContent-Type: multipart/form-data; boundary=edge\r\nContent-Length: %d\r\n\r\n";
        String answer = answer(head.formatted(90_000_000));
        assertTrue(answer.startsWith("HTTP/1.1 413") && answer.contains("at most 64 MB"), answer.substring(0, 300));
        String cut = answer(head.formatted(5000) + "--edge\r\nContent-Disposition: form-data; name=\"title\"\r\n\r\nOar");
        assertTrue(cut.isEmpty() || cut.startsWith("HTTP/1.1 400"), cut);
    }
}
