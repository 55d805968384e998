package kindveil.studio.work.source;

import com.github.benmanes.caffeine.cache.Cache;
import kindveil.studio.work.Caches;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.picture.PictureWork;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Inks;
import kindveil.light.Lab;
import kindveil.light.Separation;
import kindveil.light.Srgb;
import kindveil.light.Tone;
import kindveil.measure.UnusableValue;
import kindveil.shape.Region;
import kindveil.studio.intake.Rasters;
import kindveil.tone.Advice;
import kindveil.tone.Detail;
import kindveil.tone.Histogram;
import kindveil.tone.Size;
import kindveil.tone.SourceReading;
import kindveil.tone.Treatments;
import kindveil.way.Schools;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The source of a piece, as it is and as it is treated. */
@Service
public class SourceWork {
    private static final int SMALL = 240;
    private static final int STEP = 360;
    private static final int MAP = 900;
    private static final int ADVICE = 600;
    private static final int COLOURS = 160;
    /** What a pencil follows: a quarter of a millimetre smoother, no island under 1.5 mm², no point off by more than 0.08 mm. */
    private static final double TRACED_SOFTENING = 0.25;
    private static final double TRACED_SMALLEST = 1.5;
    private static final double TRACED_TOLERANCE = 0.08;
    private static final int REMEMBERED = 200;
    private final PictureWork pictures;
    /** By all that a reading is made from. */
    private final Cache<List<Object>, Readings> known = Caches.bounded().maximumSize(REMEMBERED).build();
    private final Cache<List<Object>, List<Advice>> advised = Caches.bounded().maximumSize(REMEMBERED).build();

    SourceWork(PictureWork pictures) {
        this.pictures = pictures;
    }

    /**
     * What the source says.
     *
     * @param shape of the framed picture, in pixels of the source
     * @param asItIs its tones, framed and otherwise untreated
     * @param treated read with the piece's treatment
     */
    public record Readings(StoredPicture picture, Size shape, Histogram asItIs, SourceReading treated) {
    }

    public Readings read(Piece piece) {
        return known.get(key(piece), key -> readAnew(piece));
    }

    private static List<Object> key(Piece piece) {
        Design design = piece.design();
        return List.of(piece.veil().source(), design.treatments(), design.printWidth(), piece.softening(), design.print(), design.choices().getOrDefault(Schools.TONES.key(), ""));
    }

    private Readings readAnew(Piece piece) {
        StoredPicture picture = pictures.get(piece.veil().source());
        Size shape = pictures.shape(piece.veil().source(), piece.design().treatments());
        Plane luminance = inverted(piece, treated(piece, pictures.preview(piece.veil().source()).luminance(), piece.design().treatments().framing()));
        Picture colours = inColours(piece) && colourShare(piece) > 0 ? printed(piece, pictures.within(piece.veil().source(), piece.design().treatments(), COLOURS)) : null;
        boolean toned = piece.design().treatments().list().size() > piece.design().treatments().framing().list().size();
        return new Readings(picture, shape, Histogram.of(luminance), read(piece, shape, toned ? inverted(piece, treated(piece)) : luminance, colours));
    }

    /** How much of the picture is coloured, 0 to 1. */
    public double colourShare(Piece piece) {
        return pictures.colourShare(piece.veil().source());
    }

    /** What would help, the best first; tones are told well enough by a smaller picture. */
    public List<Advice> advice(Piece piece) {
        return advised.get(key(piece), key -> advise(piece));
    }

    /** Whether that can be had at once. */
    public boolean advised(Piece piece) {
        return advised.getIfPresent(key(piece)) != null;
    }

    private List<Advice> advise(Piece piece) {
        return Advice.of(treated(piece, pictures.within(piece.veil().source(), piece.design().treatments(), ADVICE).luminance(), piece.design().treatments().framing()), piece.design().printWidth(),
                plane -> inverted(piece, plane));
    }

    private static SourceReading read(Piece piece, Size shape, Plane plane, @Nullable Picture colours) {
        return SourceReading.of(plane, (int) Math.round(shape.width()), piece.design().printWidth(), piece.softening(), piece.design().print().inks(), colours);
    }

    /** Luminance of the working copy with the piece's treatments. */
    public Plane treated(Piece piece) {
        return treated(piece, pictures.preview(piece.veil().source()).luminance(), piece.design().treatments());
    }

    /** The same, first reduced so that its longer side has at most {@code longest} pixels. */
    public Plane treated(Piece piece, int longest) {
        return treated(piece, pictures.within(piece.veil().source(), piece.design().treatments(), longest).luminance(), piece.design().treatments());
    }

    public static Plane treated(Piece piece, Plane luminance, Treatments treatments) {
        return treatments.apply(luminance, piece.design().printWidth(), tone(piece));
    }

    private static Tone tone(Piece piece) {
        return Tone.of(piece.design().print().inks());
    }

    /** As it is printed: treated, and inverted where light paint is to make its lights. */
    public Plane printed(Piece piece, int longest) {
        return inverted(piece, treated(piece, longest));
    }

    public static Plane inverted(Piece piece, Plane treated) {
        return Schools.INVERTED.equals(piece.design().choices().get(Schools.TONES.key())) ? treated.map(v -> (float) Srgb.decode(1 - Srgb.encode(v))) : treated;
    }

    /** The treated picture as it comes out of the machine on its own paper, unmirrored. */
    public byte[] treatedPng(Piece piece) {
        Picture drawn = printed(piece, pictures.preview(piece.veil().source()));
        Inks inks = piece.design().print().inks();
        if (inColours(piece) && colourShare(piece) > 0) {
            return Rasters.png(Separation.of(inks).printed(drawn));
        }
        Plane cover = piece.design().treatments().blackAndWhite() ? Tone.grown(drawn.red(), drawn.width() / piece.design().printWidth().millimetres()) : drawn.red().map(Tone.of(inks)::coverage);
        double taken = 1 - inks.black() * inks.black();
        return Rasters.png(Rasters.greys(cover.map(c -> (float) inks.luminance(1 - c * taken))));
    }

    /** What a picture is printed as, unmirrored: black, or in its colours where the machine has them and they are left. */
    public static Picture printed(Piece piece, Picture source) {
        Plane treated = inverted(piece, treated(piece, source.luminance(), piece.design().treatments()));
        return inColours(piece) ? source.each(plane -> treated(piece, plane, piece.design().treatments().framing())).withLuminance(treated) : Picture.grey(treated);
    }

    public static boolean inColours(Piece piece) {
        return piece.design().print().inColours() && !piece.design().treatments().blackAndWhite();
    }

    /** How far the first {@code count} treatments go, small. */
    public byte[] stepPng(Piece piece, int count) {
        Treatments all = piece.design().treatments();
        if (count < 0 || count > all.list().size()) {
            throw new NotFound("treatment", count);
        }
        return Rasters.png(Rasters.greys(all.apply(pictures.within(piece.veil().source(), piece.design().treatments(), STEP).luminance(), piece.design().printWidth(), tone(piece), count)));
    }

    /** The picture in its colours, framed so. */
    public byte[] framedPng(Piece piece, Treatments framing) {
        return Rasters.png(pictures.preview(piece.veil().source()).each(plane -> framing.apply(plane, piece.design().printWidth())));
    }

    /** The lines between its tones, for tracing: of {@code tones} tones, 2 to 6, as little broken as can be. */
    public List<Region> outlines(Piece piece, int tones) {
        UnusableValue.requireWithin("tones", tones, 2, 6, "tones", "Two give one line around the darks.");
        double width = piece.design().printWidth().millimetres();
        Plane lightness = treated(piece).blurred(TRACED_SOFTENING * pictures.preview(piece.veil().source()).width() / width).map(Lab::lightnessNear);
        return IntStream.range(1, tones).mapToObj(i -> Region.below(lightness, 100f * i / tones, TRACED_SMALLEST / (width * width)).simpler(TRACED_TOLERANCE / width)).toList();
    }

    /** Where detail goes soft, as red over the pale treated picture. */
    public byte[] riskPng(Piece piece) {
        Plane plane = treated(piece, MAP);
        Plane risk = Detail.map(plane, piece.design().printWidth(), piece.softening());
        Plane pale = plane.map(v -> 0.55f + 0.45f * v);
        return Rasters.png(new Picture(Plane.compute(plane.width(), plane.height(), (x, y) -> pale.at(x, y) * (1 - 0.35f * risk.at(x, y))),
                Plane.compute(plane.width(), plane.height(), (x, y) -> pale.at(x, y) * (1 - 0.93f * risk.at(x, y))),
                Plane.compute(plane.width(), plane.height(), (x, y) -> pale.at(x, y) * (1 - 0.88f * risk.at(x, y)))));
    }

    /** A small picture of what one piece of advice would do; past the last, of the picture untreated. */
    public byte[] offeredPng(Piece piece, int index) {
        List<Advice> advice = advice(piece);
        if (index < 0 || index > advice.size()) {
            throw new NotFound("advice", index);
        }
        Plane small = treated(piece, pictures.within(piece.veil().source(), piece.design().treatments(), SMALL).luminance(), piece.design().treatments().framing());
        return Rasters.png(Picture.grey(index == advice.size() ? small : advice.get(index).applied(small, piece.design().printWidth())));
    }
}
