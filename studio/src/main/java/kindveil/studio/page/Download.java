package kindveil.studio.page;

import java.time.Duration;
import org.springframework.http.CacheControl;
import java.util.Locale;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file to be taken away, made anew each time. */
public final class Download {
    private Download() {
    }

    public static ResponseEntity.BodyBuilder of(String fileName, MediaType type) {
        return ResponseEntity.ok().contentType(type).cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename(fileName).build().toString());
    }

    /** A title as the beginning of a file's name; {@code otherwise} where nothing of it can stand in one. */
    public static String named(String title, String otherwise) {
        String name = title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return name.isEmpty() ? otherwise : name;
    }

    /** A picture whose address changes whenever it does. */
    public static ResponseEntity<byte[]> picture(byte[] bytes) {
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable()).body(bytes);
    }
}
