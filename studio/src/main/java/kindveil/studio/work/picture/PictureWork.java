package kindveil.studio.work.picture;

import kindveil.studio.work.NotFound;
import kindveil.studio.work.Caches;
import com.github.benmanes.caffeine.cache.Cache;
import java.awt.image.BufferedImage;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import kindveil.image.Picture;
import kindveil.light.Colour;
import kindveil.light.Lab;
import kindveil.light.Srgb;
import kindveil.light.Tone;
import kindveil.image.Plane;
import kindveil.tone.Histogram;
import kindveil.tone.Lines;
import kindveil.measure.Length;
import kindveil.tone.Treatments;
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
    private static final long LARGE_PIXELS = 4_000_000;
    private static final long REMEMBERED_BYTES = 160_000_000;
    private static final int LONGEST_REDUCED = 500;
    private static final long REDUCED_BYTES = 24_000_000;
    private static final int COLOUR_SAMPLE = 120;
    private static final int LINES_SAMPLE = 1400;
    private static final double CHROMATIC = 12;
    private final Pictures pictures;
    private final Clock clock;
    private final Cache<UUID, Picture> previews = Caches.bounded().maximumWeight(REMEMBERED_BYTES).weigher((UUID id, Picture picture) -> picture.bytes()).build();
    /** Small ones are asked for over and over, as one plan after another is looked at. */
    private final Cache<List<Object>, Picture> reduced = Caches.bounded().maximumWeight(REDUCED_BYTES).weigher((List<Object> key, Picture picture) -> picture.bytes()).build();
    /** A picture never changes once it is kept. */
    private final Cache<UUID, StoredPicture> known = Caches.bounded().maximumSize(5000).build();
    private final Queue<UUID> unkept = new ConcurrentLinkedQueue<>();
    private final Cache<UUID, Double> coloured = Caches.bounded().maximumSize(2000).build();
    private final Cache<List<Object>, Double> lines = Caches.bounded().maximumSize(2000).build();
    private final Cache<List<Object>, Double> covered = Caches.bounded().maximumSize(2000).build();

    PictureWork(Pictures pictures, Clock clock) {
        this.pictures = pictures;
        this.clock = clock;
    }

    /** Reads a file that may be anything and keeps it as it came. */
    public StoredPicture take(String name, byte[] bytes) {
        BufferedImage image = PictureIntake.read(name, bytes);
        StoredPicture stored = new StoredPicture(UUID.randomUUID(), name.length() > 200 ? name.substring(0, 200) : name, image.getWidth(), image.getHeight(), clock.instant());
        Picture preview = Rasters.downscaled(image, PREVIEW);
        pictures.keep(stored, bytes);
        previews.put(stored.id(), preview);
        unkept.add(stored.id());
        return stored;
    }

    /** Working copies are kept a little after their pictures, so that nobody waits for them; a missing one is made again when it is needed. */
    @Scheduled(fixedDelay = 3000)
    void keepPreviews() {
        boolean large = false;
        for (UUID id = unkept.poll(); id != null; id = unkept.poll()) {
            Optional<StoredPicture> picture = pictures.find(id);
            if (picture.isPresent()) {
                large |= (long) picture.get().width() * picture.get().height() >= LARGE_PIXELS;
                Picture preview = previews.getIfPresent(id);
                if (preview != null) {
                    pictures.keepPreview(id, Rasters.png(preview));
                }
            }
        }
        if (large) {
            // a photograph takes ten times its working copy while it is unpacked, and the machine has other uses for that
            System.gc();
        }
    }

    /** How much of a picture is coloured: the share of its pixels with a chroma of 12 or more, 0 to 1. */
    public double colourShare(UUID id) {
        return coloured.get(id, key -> {
            Picture small = preview(key).downscaled(COLOUR_SAMPLE);
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
        return known.get(id, key -> pictures.find(key).orElseThrow(() -> new NotFound("picture", key)));
    }

    /** Those of them that are there. */
    public Map<UUID, StoredPicture> all(Collection<UUID> ids) {
        return pictures.all(ids);
    }

    /** The size in pixels of a picture, framed as treatments say. */
    public Size shape(UUID picture, Treatments treatments) {
        return get(picture).shape(treatments);
    }

    /** The working copy so reduced that, framed, its longer side has about {@code longest} pixels; never enlarged. */
    public Picture within(UUID id, Treatments treatments, int longest) {
        StoredPicture picture = get(id);
        Size framed = picture.shape(treatments);
        double whole = longest * Math.max(picture.width(), picture.height()) / Math.max(framed.width(), framed.height());
        int side = (int) Math.min(MOST, Math.ceil(whole));
        return side > LONGEST_REDUCED ? preview(id).downscaled(side) : reduced.get(List.of(id, side), key -> preview(id).downscaled(side));
    }

    /** How much of a picture solid ink covers as it is printed, 0 to 1. */
    public double coverage(UUID id, Treatments treatments, Length width, boolean inverted, Tone tone) {
        return covered.get(List.of(id, treatments.toString(), width, inverted, tone), key -> {
            Plane printed = treatments.apply(within(id, treatments, COLOUR_SAMPLE).luminance(), width, tone);
            double sum = 0;
            for (int y = 0; y < printed.height(); y++) {
                for (int x = 0; x < printed.width(); x++) {
                    float light = printed.at(x, y);
                    sum += tone.coverage(inverted ? (float) Srgb.decode(1 - Srgb.encode(light)) : light);
                }
            }
            return sum / (printed.width() * printed.height());
        });
    }

    /** The finest of its dark lines as they are printed, mm; 0 where nothing is dark. */
    public double finest(UUID id, Treatments treatments, Length width, boolean inverted, Tone tone) {
        return lines.get(List.of(id, treatments.toString(), width, inverted, tone), key -> {
            Plane treated = treatments.apply(within(id, treatments, LINES_SAMPLE).luminance(), width, tone);
            Plane printed = inverted ? treated.map(v -> (float) Srgb.decode(1 - Srgb.encode(v))) : treated;
            return Lines.finest(printed, Lab.luminanceOf(Math.max(1, Histogram.of(printed).threshold().lightness()))) * width.millimetres() / printed.width();
        });
    }

    public byte[] previewPng(UUID id) {
        return pictures.preview(id).orElseGet(() -> Rasters.png(preview(id)));
    }

    /** The working copy in linear light. */
    public Picture preview(UUID id) {
        return previews.get(id, key -> pictures.preview(key).flatMap(PictureWork::whole).orElseGet(() -> remade(key)));
    }

    /** A working copy that can be read; one that is damaged is made again from its picture. */
    private static Optional<Picture> whole(byte[] png) {
        try {
            return Optional.ofNullable(Rasters.decode(png)).map(Rasters::linear);
        } catch (UncheckedIOException damaged) {
            return Optional.empty();
        }
    }

    private Picture remade(UUID id) {
        Picture preview = Rasters.downscaled(full(id), PREVIEW);
        pictures.keepPreview(id, Rasters.png(preview));
        return preview;
    }

    public BufferedImage full(UUID id) {
        return PictureIntake.read(get(id).name(), pictures.original(id));
    }
}
