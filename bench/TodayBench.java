import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** Asks an open, empty studio for its pages with ten makings and with five hundred, and prints the ratio of the medians; then for Today with forty things under way. */
final class TodayBench {
    private static final int WARM = 400;
    private static final int TIMED = 200;
    private static final int RUNNING = 40;
    private final HttpClient client = HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    private final String address;
    private String token = "";

    private TodayBench(String address) {
        this.address = address;
    }

    public static void main(String[] args) throws Exception {
        TodayBench bench = new TodayBench(args[0]);
        bench.waitUntilOpen();
        String[] pages = {"/", "/pieces", "/pieces?q=oar+42&order=TITLE", "/log"};
        bench.fill(0, 10, 2);
        double[] few = new double[pages.length];
        double[] many = new double[pages.length];
        for (int i = 0; i < pages.length; i++) {
            few[i] = bench.median(pages[i]);
        }
        bench.fill(10, 500, 2);
        for (int i = 0; i < pages.length; i++) {
            many[i] = bench.median(pages[i]);
            System.out.printf("%-29s %6.1f ms with 10 makings, %6.1f ms with 500: %.2f times%n", pages[i], few[i], many[i], many[i] / few[i]);
        }
        bench.fill(500, 500 + RUNNING - 2, 500 + RUNNING);
        System.out.printf("%-29s %6.1f ms with %d under way%n", "/", bench.median("/"), RUNNING);
    }

    private void waitUntilOpen() throws Exception {
        for (int i = 0; ; i++) {
            try {
                Matcher m = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(get("/pieces").body());
                m.find();
                token = m.group(1);
                return;
            } catch (java.io.IOException closed) {
                if (i > 300) {
                    throw closed;
                }
                Thread.sleep(200);
            }
        }
    }

    private HttpResponse<String> get(String path) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(address + path)).build(), BodyHandlers.ofString());
    }

    private String post(String path, String type, byte[] body) throws Exception {
        HttpResponse<String> answer = client.send(HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", type).POST(HttpRequest.BodyPublishers.ofByteArray(body)).build(), BodyHandlers.ofString());
        return answer.headers().firstValue("Location").orElseThrow(() -> new IllegalStateException(path + " was answered " + answer.statusCode())).replace(address, "");
    }

    private String form(String path, String fields) throws Exception {
        return post(path, "application/x-www-form-urlencoded", (fields + "&_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8));
    }

    /** Pieces of one picture, each made for some acts. @param running before which they stay under way; the others are laid aside */
    private void fill(int from, int to, int running) throws Exception {
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 80, BufferedImage.TYPE_BYTE_GRAY), "png", picture);
        for (int i = from; i < to; i++) {
            ByteArrayOutputStream body = new ByteArrayOutputStream();
            for (String[] field : new String[][] {{"title", "Oar " + i}, {"width", "90 mm"}, {"_csrf", token}}) {
                body.writeBytes("--edge\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n".formatted(field[0], field[1]).getBytes(StandardCharsets.UTF_8));
            }
            body.writeBytes("--edge\r\nContent-Disposition: form-data; name=\"picture\"; filename=\"oar.png\"\r\nContent-Type: image/png\r\n\r\n".getBytes(StandardCharsets.UTF_8));
            body.writeBytes(picture.toByteArray());
            body.writeBytes("\r\n--edge--\r\n".getBytes(StandardCharsets.UTF_8));
            String piece = post("/pieces", "multipart/form-data; boundary=edge", body.toByteArray()).replace("/source", "");
            String bench = form(piece + "/make", "");
            for (int seq = 0; seq < 6; seq++) {
                form(bench + "/tell", "seq=" + seq + "&answer=0&ago=0");
            }
            if (i >= running) {
                form(bench + "/aside", "");
            }
        }
    }

    private double median(String path) throws Exception {
        for (int i = 0; i < WARM; i++) {
            get(path);
        }
        long[] times = new long[TIMED];
        for (int i = 0; i < TIMED; i++) {
            long start = System.nanoTime();
            get(path);
            times[i] = System.nanoTime() - start;
        }
        Arrays.sort(times);
        return times[TIMED / 2] / 1e6;
    }
}
