package kindveil.studio;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A person's browser without its window: cookies, forms with their token, redirects followed. */
public final class Web {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(new CookieManager()).followRedirects(HttpClient.Redirect.NORMAL).build();
    private final String address;
    private String token = "";

    public Web(String address) {
        this.address = address;
    }

    /** An answer: status, text, where it was found in the end. */
    public record Answer(int status, String text, String path, java.net.http.HttpHeaders headers) {
        /** The value of a hidden or text field. */
        public String field(String name) {
            Matcher m = Pattern.compile("name=\"" + Pattern.quote(name) + "\"[^>]*value=\"([^\"]*)\"").matcher(text);
            if (!m.find()) {
                throw new AssertionError("no field " + name);
            }
            return m.group(1);
        }

        /** Its words, without marks and entities. */
        public String words() {
            return text.replaceAll("<[^>]+>", " ").replace("&#39;", "'").replace("&quot;", "\"").replace("&amp;", "&").replaceAll("\\s+", " ");
        }
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    public byte[] bytes(String path) {
        try {
            return client.send(HttpRequest.newBuilder(URI.create(address + path)).GET().build(), BodyHandlers.ofByteArray()).body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Any form's will do, for as long as its cookie is kept. */
    public String token() {
        if (token.isEmpty()) {
            Matcher m = TOKEN.matcher(get("/pieces").text());
            if (!m.find()) {
                throw new AssertionError("no token");
            }
            token = m.group(1);
        }
        return token;
    }

    public Answer post(String path, Map<String, String> fields) {
        return postRaw(path, fields, token());
    }

    public Answer postRaw(String path, Map<String, String> fields, String token) {
        String body = fields.entrySet().stream().map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8)).collect(Collectors.joining("&"))
                + "&_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8);
        return send(HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", "application/x-www-form-urlencoded").POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** A form with one file. */
    public Answer upload(String path, Map<String, String> fields, String field, String name, byte[] file) {
        return uploaded(path, fields, List.of(new Sent(field, name, file)));
    }

    /** A form with several files, each called by its field. */
    public Answer uploads(String path, Map<String, String> fields, Map<String, byte[]> files) {
        return uploaded(path, fields, files.entrySet().stream().map(e -> new Sent(e.getKey(), e.getKey(), e.getValue())).toList());
    }

    /** A form with several files of one field, each called by its name. */
    public Answer uploads(String path, Map<String, String> fields, String field, Map<String, byte[]> files) {
        return uploaded(path, fields, files.entrySet().stream().map(e -> new Sent(field, e.getKey(), e.getValue())).toList());
    }

    private record Sent(String field, String name, byte[] file) {
    }

    private Answer uploaded(String path, Map<String, String> fields, List<Sent> files) {
        String edge = "edge7d3f";
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        fields.forEach((key, value) -> write(body, "--%s\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n".formatted(edge, key, value)));
        write(body, "--%s\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n%s\r\n".formatted(edge, token()));
        files.forEach(sent -> {
            write(body, "--%s\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"%s\"\r\nContent-Type: application/octet-stream\r\n\r\n".formatted(edge, sent.field, sent.name));
            body.writeBytes(sent.file);
            write(body, "\r\n");
        });
        write(body, "--" + edge + "--\r\n");
        return send(HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", "multipart/form-data; boundary=" + edge)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    private static void write(ByteArrayOutputStream out, String text) {
        out.writeBytes(text.getBytes(StandardCharsets.UTF_8));
    }

    public Answer send(HttpRequest.Builder request) {
        request.header("Accept", "text/html");
        try {
            HttpResponse<String> response = client.send(request.build(), BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body(), response.uri().getPath(), response.headers());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
