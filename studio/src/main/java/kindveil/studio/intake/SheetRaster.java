package kindveil.studio.intake;

import com.pngencoder.PngEncoder;
import com.pngencoder.PngEncoderPhysicalPixelDimensions;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOInvalidTreeException;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import javax.imageio.stream.ImageOutputStream;
import kindveil.sheet.PrintSheet.Placed;
import kindveil.sheet.PrintSheet.Rect;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** A print sheet as pixels, its density written into the file so that it prints at its size. */
public final class SheetRaster {
    private static final double INCH = 25.4;

    private SheetRaster() {
    }

    /** Black and white only if all its images are, in colours if one is, greys otherwise. */
    public static BufferedImage draw(PrintPdf.Leaf leaf, int dotsPerInch) {
        boolean bits = leaf.images().values().stream().allMatch(image -> image.getType() == BufferedImage.TYPE_BYTE_BINARY);
        boolean colours = leaf.images().values().stream().anyMatch(image -> image.getType() == BufferedImage.TYPE_INT_RGB);
        BufferedImage page = marks(leaf, dotsPerInch, bits ? ImageType.BINARY : colours ? ImageType.RGB : ImageType.GRAY);
        Graphics2D g = page.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_NEAREST_NEIGHBOR);
        double cx = leaf.sheet().width().millimetres() / 2;
        double cy = leaf.sheet().height().millimetres() / 2;
        for (Placed placed : leaf.sheet().places()) {
            BufferedImage image = leaf.images().get(placed.what());
            if (image == null) {
                continue;
            }
            Rect r = placed.rect();
            long left = pixel(cx + (r.x().millimetres() - cx) * leaf.scale(), dotsPerInch);
            long top = pixel(cy + (r.y().millimetres() - cy) * leaf.scale(), dotsPerInch);
            long right = pixel(cx + (r.right().millimetres() - cx) * leaf.scale(), dotsPerInch);
            long foot = pixel(cy + (r.bottom().millimetres() - cy) * leaf.scale(), dotsPerInch);
            AffineTransform place = new AffineTransform();
            if (placed.turned()) {
                place.translate(right, top);
                place.rotate(Math.PI / 2);
                place.scale((foot - top) / (double) image.getWidth(), (right - left) / (double) image.getHeight());
            } else {
                place.translate(left, top);
                place.scale((right - left) / (double) image.getWidth(), (foot - top) / (double) image.getHeight());
            }
            g.drawImage(image, place, null);
        }
        g.dispose();
        return page;
    }

    private static long pixel(double millimetres, int dotsPerInch) {
        return Math.round(millimetres / INCH * dotsPerInch);
    }

    /** Rule, marks and words, from the same drawing as the PDF. */
    private static BufferedImage marks(PrintPdf.Leaf leaf, int dotsPerInch, ImageType type) {
        try (PDDocument document = Loader.loadPDF(PrintPdf.write("", List.of(leaf.withoutImages())))) {
            BufferedImage drawn = new PDFRenderer(document).renderImageWithDPI(0, dotsPerInch, type);
            int width = (int) pixel(leaf.sheet().width().millimetres(), dotsPerInch);
            int height = (int) pixel(leaf.sheet().height().millimetres(), dotsPerInch);
            if (drawn.getWidth() == width && drawn.getHeight() == height) {
                return drawn;
            }
            BufferedImage page = new BufferedImage(width, height, drawn.getType());
            Graphics2D g = page.createGraphics();
            g.setColor(Color.WHITE);
            g.fillRect(0, 0, width, height);
            g.drawImage(drawn, 0, 0, null);
            g.dispose();
            return page;
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: a sheet could not be drawn.", impossible);
        }
    }

    /** PNG with its density (W3C, Portable Network Graphics, third edition, 11.3.4.3: pHYs). */
    public static byte[] png(BufferedImage page, int dotsPerInch) {
        return Rasters.plain(new PngEncoder().withBufferedImage(page).withCompressionLevel(1).withPhysicalPixelDimensions(PngEncoderPhysicalPixelDimensions.dotsPerInch(dotsPerInch)).toBytes());
    }

    /** TIFF 6.0 with its density, packed: Group 4 where it is black and white, Deflate otherwise. */
    public static byte[] tiff(BufferedImage page, int dotsPerInch) {
        ImageWriter writer = platformWriter();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionType(page.getType() == BufferedImage.TYPE_BYTE_BINARY ? "CCITT T.6" : "Deflate");
            IIOMetadata metadata = withDensity(writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(page), param), dotsPerInch);
            writer.write(null, new IIOImage(page, null, metadata), param);
        } catch (IIOInvalidTreeException impossible) {
            throw new IllegalStateException("Impossible state: a density was refused.", impossible);
        } catch (IOException impossible) {
            throw new UncheckedIOException("Impossible state: a sheet could not be written.", impossible);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    /** The platform's own: a reader of more formats that stands beside it writes no density. */
    private static ImageWriter platformWriter() {
        for (Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName("tiff"); writers.hasNext();) {
            ImageWriter writer = writers.next();
            if (writer.getOriginatingProvider().getPluginClassName().startsWith("com.sun.imageio")) {
                return writer;
            }
        }
        throw new IllegalStateException("Impossible state: this platform writes no TIFF.");
    }

    private static IIOMetadata withDensity(IIOMetadata metadata, int dotsPerInch) throws IIOInvalidTreeException {
        TIFFDirectory directory = TIFFDirectory.createFromMetadata(metadata);
        BaselineTIFFTagSet tags = BaselineTIFFTagSet.getInstance();
        for (int tag : new int[] {BaselineTIFFTagSet.TAG_X_RESOLUTION, BaselineTIFFTagSet.TAG_Y_RESOLUTION}) {
            directory.addTIFFField(new TIFFField(tags.getTag(tag), TIFFTag.TIFF_RATIONAL, 1, new long[][] {{dotsPerInch, 1}}));
        }
        directory.addTIFFField(new TIFFField(tags.getTag(BaselineTIFFTagSet.TAG_RESOLUTION_UNIT), TIFFTag.TIFF_SHORT, 1, new char[] {BaselineTIFFTagSet.RESOLUTION_UNIT_INCH}));
        return directory.getAsMetadata();
    }
}
