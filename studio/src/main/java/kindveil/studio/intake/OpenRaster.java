package kindveil.studio.intake;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * A picture in layers as OpenRaster 0.0.3: a zip that begins with its type unpacked, a list of layers, each layer and all of them
 * merged as PNG.
 */
public final class OpenRaster {
    private static final String TYPE = "image/openraster";
    private static final int THUMBNAIL = 256;

    private OpenRaster() {
    }

    /** One layer. @param image as large as all, transparent where it changes nothing */
    public record Layer(String name, BufferedImage image) {
    }

    /** @param layers the lowest first @param dotsPerInch of the work in its own size */
    public static byte[] write(List<Layer> layers, BufferedImage merged, int dotsPerInch) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream(); ZipOutputStream zip = new ZipOutputStream(out)) {
            stored(zip, "mimetype", TYPE.getBytes(StandardCharsets.US_ASCII));
            packed(zip, "stack.xml", stack(layers, merged, dotsPerInch).getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < layers.size(); i++) {
                stored(zip, data(i), Rasters.png(layers.get(i).image));
            }
            stored(zip, "mergedimage.png", Rasters.png(merged));
            stored(zip, "Thumbnails/thumbnail.png", Rasters.png(thumbnail(merged)));
            zip.finish();
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: layers could not be written.", impossible);
        }
    }

    /**
     * What laid over {@code below} gives {@code above}, as transparent as it can be: of each pixel the least share that brings every
     * colour from the one to the other. Both as large as each other.
     */
    public static BufferedImage lifted(BufferedImage below, BufferedImage above) {
        int width = above.getWidth();
        BufferedImage lifted = new BufferedImage(width, above.getHeight(), BufferedImage.TYPE_INT_ARGB);
        IntStream.range(0, above.getHeight()).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                lifted.setRGB(x, y, lifted(below.getRGB(x, y), above.getRGB(x, y)));
            }
        });
        return lifted;
    }

    private static int lifted(int below, int above) {
        double share = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            int from = below >> shift & 255;
            int to = above >> shift & 255;
            share = Math.max(share, to < from ? (from - to) / (double) from : to > from ? (to - from) / (255.0 - from) : 0);
        }
        int alpha = (int) Math.ceil(255 * share - 1e-9);
        int pixel = alpha << 24;
        for (int shift = 0; shift <= 16 && alpha > 0; shift += 8) {
            int from = below >> shift & 255;
            int to = above >> shift & 255;
            pixel |= (int) Math.clamp(Math.round(from + (to - from) * 255.0 / alpha), 0, 255) << shift;
        }
        return pixel;
    }

    private static String data(int layer) {
        return "data/layer%03d.png".formatted(layer);
    }

    private static String stack(List<Layer> layers, BufferedImage merged, int dotsPerInch) {
        List<String> lines = new ArrayList<>(List.of("<?xml version=\"1.0\" encoding=\"UTF-8\"?>",
                "<image version=\"0.0.3\" w=\"%d\" h=\"%d\" xres=\"%3$d\" yres=\"%3$d\">".formatted(merged.getWidth(), merged.getHeight(), dotsPerInch), "<stack>"));
        for (int i = layers.size() - 1; i >= 0; i--) {
            lines.add("<layer name=\"%s\" src=\"%s\" x=\"0\" y=\"0\" opacity=\"1.0\" visibility=\"visible\" composite-op=\"svg:src-over\"/>".formatted(escaped(layers.get(i).name), data(i)));
        }
        lines.addAll(List.of("</stack>", "</image>"));
        return String.join("\n", lines);
    }

    private static String escaped(String words) {
        return Outlines.escaped(words).replace("\"", "&quot;").replaceAll("[\\x00-\\x1f]", " ");
    }

    private static BufferedImage thumbnail(BufferedImage merged) {
        double scale = Math.min(1, THUMBNAIL / (double) Math.max(merged.getWidth(), merged.getHeight()));
        int width = Math.max(1, (int) (merged.getWidth() * scale));
        int height = Math.max(1, (int) (merged.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(merged, 0, 0, width, height, null);
        g.dispose();
        return small;
    }

    /** As it is: the type must be, and PNG is packed already. */
    private static void stored(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        CRC32 sum = new CRC32();
        sum.update(bytes);
        entry.setCrc(sum.getValue());
        put(zip, entry, bytes);
    }

    private static void packed(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        put(zip, new ZipEntry(name), bytes);
    }

    private static void put(ZipOutputStream zip, ZipEntry entry, byte[] bytes) throws IOException {
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }
}
