package kindveil.studio.work;

import com.github.benmanes.caffeine.cache.Cache;
import java.awt.image.BufferedImage;
import java.time.Clock;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import kindveil.image.Picture;
import kindveil.light.Colour;
import kindveil.light.Lab;
import kindveil.studio.intake.PictureIntake;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Size;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Takes pictures in and hands them out. */
@Service
public class PictureWork {
    /** Longest side of the working copy: two pixels to each σ of the softest way at 300 mm. */
    private static final int PREVIEW = 1600;
    private static final int MOST = 100_000;
    private static final int REMEMBERED = 6;
    private static final int COLOUR_SAMPLE = 120;
    private static final double CHROMATIC = 12;
    private final Pictures pictures;
    private final Clock clock;
    private final Cache<UUID, Picture> previews = Caches.bounded().maximumSize(REMEMBERED).build();
    private final Queue<UUID> unkept = new ConcurrentLinkedQueue<>();
    private final Cache<UUID, Double> coloured = Caches.bounded().maximumSize(2000).build();

    PictureWork(Pictures pictures, Clock clock) {
        this.pictures = pictures;
        this.clock = clock;
    }

    /** Reads a file that may be anything and keeps it as it came. One at a time, so that memory stays bounded. */
    public synchronized StoredPicture take(String name, byte[] bytes) {
        BufferedImage image = PictureIntake.read(name, bytes);
        StoredPicture stored = new StoredPicture(UUID.randomUUID(), name.length() > 200 ? name.substring(0, 200) : name, image.getWidth(), image.getHeight(), clock.instant());
        Picture preview = Rasters.within(image, PREVIEW);
        pictures.keep(stored, bytes);
        previews.put(stored.id(), preview);
        unkept.add(stored.id());
        return stored;
    }

    /** Working copies are kept a little after their pictures, so that nobody waits for them; a missing one is made again when it is needed. */
    @Scheduled(fixedDelay = 3000)
    void keepPreviews() {
        for (UUID id = unkept.poll(); id != null; id = unkept.poll()) {
            if (pictures.find(id).isPresent()) {
                Picture preview = previews.getIfPresent(id);
                if (preview != null) {
                    pictures.keepPreview(id, Rasters.png(preview));
                }
            }
        }
    }

    /** How much of a picture is coloured: the share of its pixels with a chroma of 12 or more, 0 to 1. */
    public double colourShare(UUID id) {
        return coloured.get(id, key -> {
            Picture small = preview(key).within(COLOUR_SAMPLE);
            int n = 0;
            for (int y = 0; y < small.height(); y++) {
                for (int x = 0; x < small.width(); x++) {
                    Lab lab = new Colour(small.red().at(x, y), small.green().at(x, y), small.blue().at(x, y)).lab();
                    n += Math.hypot(lab.a(), lab.b()) >= CHROMATIC ? 1 : 0;
                }
            }
            return n / (double) (small.width() * small.height());
        });
    }

    public StoredPicture get(UUID id) {
        return pictures.find(id).orElseThrow(() -> new NotFound("picture", id));
    }

    /** The size in pixels of a veil's picture, framed as it is printed. */
    public Size shape(Veil veil) {
        StoredPicture picture = get(veil.picture());
        return veil.design().treatments().size(new Size(picture.width(), picture.height()));
    }

    /** The working copy so reduced that, framed, its longer side has about {@code longest} pixels; never enlarged. */
    Picture within(Veil veil, int longest) {
        StoredPicture picture = get(veil.picture());
        Size framed = shape(veil);
        double whole = longest * Math.max(picture.width(), picture.height()) / Math.max(framed.width(), framed.height());
        return preview(veil.picture()).within((int) Math.min(MOST, Math.ceil(whole)));
    }

    public byte[] previewPng(UUID id) {
        return pictures.preview(id).orElseGet(() -> Rasters.png(preview(id)));
    }

    /** The working copy in linear light. */
    public Picture preview(UUID id) {
        return previews.get(id, key -> pictures.preview(key).map(png -> Rasters.linear(Rasters.decode(png))).orElseGet(() -> remade(key)));
    }

    private Picture remade(UUID id) {
        Picture preview = Rasters.within(full(id), PREVIEW);
        pictures.keepPreview(id, Rasters.png(preview));
        return preview;
    }

    public BufferedImage full(UUID id) {
        return PictureIntake.read(get(id).name(), pictures.original(id));
    }
}
