package kindveil.studio.keep;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A studio that is open holds its file, so it is asked for the backup itself, as its Room page would. */
final class OpenStudio {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private OpenStudio() {
    }

    /** @param words {@code backup <data> <backups> [file]} */
    static int backUp(List<String> words) {
        Path data = Path.of(words.get(1));
        Backups backups = new Backups(Path.of(words.get(2)));
        try (HttpClient client = HttpClient.newBuilder().cookieHandler(new CookieManager()).build()) {
            String address = Files.readString(StudioFolder.plate(data)).strip();
            Matcher token = TOKEN.matcher(client.send(HttpRequest.newBuilder(URI.create(address + "/room")).build(), BodyHandlers.ofString()).body());
            if (!token.find()) {
                throw new Backups.Failed("The open studio at %s did not answer as one. Close it and try again.".formatted(address));
            }
            int answered = client.send(HttpRequest.newBuilder(URI.create(address + "/room/backup")).header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString("_csrf=" + URLEncoder.encode(token.group(1), StandardCharsets.UTF_8))).build(), BodyHandlers.discarding()).statusCode();
            Path made = backups.last().map(Backups.Backup::file).filter(last -> answered == 302).orElseThrow(() -> new Backups.Failed("The open studio made no backup. Look at its Room page, which says why."));
            if (words.size() > 3) {
                Files.copy(made, Path.of(words.get(3)));
            }
            System.out.println("Backed up into " + (words.size() > 3 ? words.get(3) : made));
            return 0;
        } catch (IOException gone) {
            System.err.println("The studio is open but could not be asked for a backup, or the file %s could not be written. Use “Back up now” on its Room page.".formatted(words.size() > 3 ? words.get(3) : backups.folder()));
            return 1;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return 1;
        } catch (Backups.Failed failed) {
            System.err.println(failed.getMessage());
            return 1;
        }
    }
}
