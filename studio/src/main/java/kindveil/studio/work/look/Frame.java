package kindveil.studio.work.look;

import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Veil;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.source.OpaqueWork;
import kindveil.studio.work.source.SourceWork;
import kindveil.studio.work.picture.PictureWork;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Patch;
import java.util.UUID;
import kindveil.bench.Extent;
import kindveil.bench.Hand;
import kindveil.bench.Mask;
import kindveil.image.Picture;
import kindveil.image.Plane;
import kindveil.light.Legibility;
import kindveil.light.Colour;
import kindveil.light.ProcessInk;
import kindveil.light.Separation;
import kindveil.light.Tone;
import kindveil.light.RakingLight;
import kindveil.reading.ReliefReading;
import kindveil.reading.StackReading.Cover;
import kindveil.measure.Length;
import kindveil.reading.WishReading;
import kindveil.tone.Edge;
import kindveil.tone.Size;
import kindveil.tone.Subject;
import kindveil.tone.Treatments;
import kindveil.way.Edges;
import kindveil.tone.Weave;
import kindveil.bench.Support;
import kindveil.way.Schools;
import org.jspecify.annotations.Nullable;

/**
 * What a piece is looked at in: its page, or where none is told the size of its leading image, with every veil placed in it.
 *
 * @param drawn what was resampled and softened before, so that another state or coat need not do it again
 * @param width in pixels; likewise height
 */
record Frame(Piece piece, PictureWork pictures, SourceWork sources, Drawings drawn, int width, int height) {

    /** How far dye that ran is carried, σ (assumed). */
    private static final double RUNS_MILLIMETRES = 3;

    static Frame of(Piece piece, PictureWork pictures, SourceWork sources, Drawings drawn, int longest) {
        Veil leading = piece.leading();
        Size picture = pictures.shape(leading.source(), leading.design().treatments());
        double finest = picture.width() / leading.design().printWidth().millimetres();
        double across = piece.basis().page().map(page -> page.width().millimetres() * finest).orElse(picture.width());
        double down = piece.basis().page().map(page -> page.height().millimetres() * finest).orElse(picture.height());
        double scale = Math.min(1, longest / Math.max(across, down));
        return new Frame(piece, pictures, sources, drawn, Math.max(1, (int) Math.round(across * scale)), Math.max(1, (int) Math.round(down * scale)));
    }

    /** The same frame for other veils of the piece. */
    Frame of(Piece other) {
        return new Frame(other, pictures, sources, drawn, width, height);
    }

    double pixelsPerMillimetre() {
        return width / piece.basis().page().map(Page::width).orElse(piece.leading().design().printWidth()).millimetres();
    }

    /** A rectangle of pixels, turned about its middle; what brings no picture covers all of the frame, unless it is kept to a place. */
    record Rect(int left, int top, int width, int height, double turn) {
        /** From pixels of the frame into it; made once for many of them. */
        Own own() {
            return new Own(this, Math.cos(Math.toRadians(-turn)), Math.sin(Math.toRadians(-turn)));
        }
    }

    /** Where in a rectangle the middle of a pixel of the frame lies, from its upper left corner as it stands unturned. */
    record Own(Rect rect, double cos, double sin) {
        double right(int x, int y) {
            double across = x + 0.5 - rect.left - rect.width / 2.0;
            return rect.turn == 0 ? x + 0.5 - rect.left : rect.width / 2.0 + across * cos - (y + 0.5 - rect.top - rect.height / 2.0) * sin;
        }

        double down(int x, int y) {
            double along = y + 0.5 - rect.top - rect.height / 2.0;
            return rect.turn == 0 ? y + 0.5 - rect.top : rect.height / 2.0 + (x + 0.5 - rect.left - rect.width / 2.0) * sin + along * cos;
        }

        /** Whether a place lies in it, or no further than {@code past} beyond its edge. */
        boolean holds(double right, double down, double past) {
            return right >= -past && down >= -past && right < rect.width + past && down < rect.height + past;
        }

        /** What a plane that fills it is at a pixel of the frame, {@code around} outside. */
        float of(Plane plane, int x, int y, float around) {
            double right = right(x, y);
            double down = down(x, y);
            return !holds(right, down, 0) ? around : of(plane, right, down);
        }

        float of(Plane plane, double right, double down) {
            return rect.turn == 0 ? plane.at((int) right, (int) down) : plane.between(right - 0.5, down - 0.5);
        }
    }

    Rect rect(Veil veil) {
        Optional<Patch> patch = veil.patch();
        if (patch.isEmpty() && !veil.bringsPicture() || veil == piece.leading() && piece.basis().page().isEmpty()) {
            return new Rect(0, 0, width, height, 0);
        }
        double scale = pixelsPerMillimetre();
        double w = patch.map(Patch::width).orElseGet(() -> veil.design().printWidth()).millimetres() * scale;
        double aspect = patch.map(Patch::aspect).orElseGet(() -> pictures.shape(veil.source(), veil.design().treatments()).aspect());
        return new Rect((int) Math.round(veil.x().millimetres() * scale), (int) Math.round(veil.y().millimetres() * scale),
                Math.max(1, (int) Math.round(w)), Math.max(1, (int) Math.round(w * aspect)), veil.design().lay().turn());
    }

    /** How far coats that reach beyond a picture go past its edge, pixels. */
    int past() {
        return (int) Math.round(Extent.PAST.millimetres() / 2 * pixelsPerMillimetre());
    }

    /** Whether something of its rectangle is not there: torn away, or left bare. */
    static boolean torn(Veil veil) {
        return !wished(veil, veil.design().printWidth()).whole() || veil.design().treatments().list().stream().anyMatch(treatment -> treatment instanceof Edge edge && edge.kind() == Edge.Kind.TORN);
    }

    /** What its wish does to a veil's picture: the same for one picture every time. */
    private WishReading wished(Veil veil) {
        return wished(veil, veil.bringsPicture() ? veil.design().printWidth().times(pictures.shape(veil.source(), veil.design().treatments()).aspect()) : veil.design().printWidth());
    }

    /** @param high its picture */
    private static WishReading wished(Veil veil, Length high) {
        return WishReading.of(veil.design().wish(), veil.design().choices(), veil.design().manner().dials(), veil.design().printWidth(), high, veil.bringsPicture() ? veil.source().hashCode() : 0);
    }

    /** The threads it lies on, where a weave is left open. */
    private Optional<Weave> weave(Veil veil) {
        Support support = piece.base().support();
        boolean asks = veil.design().theWay().choices().stream().anyMatch(choice -> choice.key().equals(Edges.HOLES.key()));
        return asks && support.is(Support.Trait.OPEN) && !Edges.CLOSED.equals(veil.design().choices().get(Edges.HOLES.key())) ? Optional.of(Weave.of(support.textureMillimetres())) : Optional.empty();
    }

    /** Where the sheet of a torn print is, 1, in its rectangle, standing as it will; empty where it is whole. */
    Optional<Plane> shape(Veil veil) {
        return shape(veil, wished(veil));
    }

    /** The same, were no opening cut into it. */
    Optional<Plane> uncut(Veil veil) {
        return shape(veil, wished(veil).closed());
    }

    private Optional<Plane> shape(Veil veil, WishReading wished) {
        Optional<Patch> patch = veil.patch().filter(kept -> !kept.shape().isEmpty());
        if (patch.isPresent()) {
            Rect rect = rect(veil);
            return Optional.of(drawn.sheets().get(List.of(patch.get(), rect.width(), rect.height()), key -> patch.get().shape().coverage(rect.width(), rect.height())));
        }
        if (!veil.bringsPicture() || !torn(veil)) {
            return Optional.empty();
        }
        Rect rect = rect(veil);
        return Optional.of(drawn.sheets().get(List.of(veil.source(), veil.design().treatments().toString(), wished, veil.design().printWidth(), veil.design().hand().hand(), rect.width(), rect.height()), key -> {
            Treatments tears = new Treatments(Stream.concat(veil.design().treatments().list().stream().filter(treatment -> treatment instanceof Edge), wished.tear().stream()).toList());
            Plane black = tears.apply(Plane.filled(rect.width(), rect.height(), 0), veil.design().printWidth());
            Plane sheet = black.map(light -> 1 - light);
            double scale = rect.width() / veil.design().printWidth().millimetres();
            Plane painted = wished.strokes().map(strokes -> covered(sheet, strokes.over(rect.width(), rect.height(), scale))).orElse(sheet);
            Plane shape = wished.opening().map(opening -> covered(painted, opening.over(rect.width(), rect.height(), scale))).orElse(painted);
            return veil.design().hand().hand() == Hand.MIRRORED ? shape.mirrored() : shape;
        }));
    }

    private static Plane covered(Plane sheet, Plane strokes) {
        return Plane.compute(sheet.width(), sheet.height(), (x, y) -> sheet.at(x, y) * strokes.at(x, y));
    }

    /** What covers a place of the frame, 0 to 1 a pixel, softened by its way and standing as it will; what ran of an ink, spread from there. */
    Plane coverage(Cover cover) {
        Piece at = piece.at(cover.mask().picture() + 1);
        Rect rect = rect(at.veil());
        Plane own = !cover.stain() ? standing(cover, at, rect) : drawn.runs().get(key(cover.mask().part(), cover.ink(), at, rect),
                key -> standing(new Cover(cover.mask(), cover.ink()), at, rect).blurred(RUNS_MILLIMETRES * pixelsPerMillimetre()));
        return placed(own, rect, 0);
    }

    /** The same for its rectangle alone, wherever that lies. */
    private Plane standing(Cover cover, Piece at, Rect rect) {
        Plane known = drawn.covers().getIfPresent(key(cover.mask().part(), cover.ink(), at, rect));
        if (known != null) {
            return known;
        }
        if (cover.ink() == null) {
            return drawn.covers().get(key(cover.mask().part(), null, at, rect), key -> coverage(cover.mask().part(), at, rect));
        }
        Plane[] inks = inks(at, rect);
        for (ProcessInk ink : ProcessInk.values()) {
            drawn.covers().put(key(cover.mask().part(), ink, at, rect), inks[ink.ordinal()]);
        }
        return inks[cover.ink().ordinal()];
    }

    private List<Object> key(Mask.Part part, @Nullable ProcessInk ink, Piece at, Rect rect) {
        Design design = at.design();
        return List.of(at.veil().source(), design.treatments().toString(), design.printWidth(), design.choices().getOrDefault(Schools.TONES.key(), ""), at.softening(), design.print(),
                design.hand().hand(), design.opaque(), wished(at.veil()), weave(at.veil()), part, ink == null ? "" : ink, rect.width(), rect.height(), pixelsPerMillimetre());
    }

    private Plane coverage(Mask.Part part, Piece at, Rect rect) {
        Plane printed = sources.printed(at, Math.max(rect.width(), rect.height()));
        if (part == Mask.Part.BACKED) {
            return laid(opaque(at, printed.resampled(rect.width(), rect.height())), at);
        }
        Plane covered = at.design().treatments().blackAndWhite() ? Tone.grown(printed, printed.width() / at.design().printWidth().millimetres())
                : printed.map(Tone.of(at.design().print().inks())::coverage);
        return laid(covered.resampled(rect.width(), rect.height()), at);
    }

    /** What each ink covers. */
    private Plane[] inks(Piece at, Rect rect) {
        Picture printed = SourceWork.printed(at, pictures.within(at.veil().source(), at.design().treatments(), Math.max(rect.width(), rect.height())));
        return Stream.of(Separation.of(at.design().print().inks()).planes(printed.resampled(rect.width(), rect.height()))).map(plane -> laid(plane, at)).toArray(Plane[]::new);
    }

    private Plane laid(Plane plane, Piece at) {
        Plane slid = wished(at.veil()).slip().map(slip -> slip.apply(plane, pixelsPerMillimetre())).orElse(plane);
        Plane lies = standing(slid.blurred(at.softening().millimetres() * pixelsPerMillimetre()), at);
        Plane held = weave(at.veil()).map(threads -> covered(lies, threads.over(lies.width(), lies.height(), pixelsPerMillimetre()))).orElse(lies);
        return shape(at.veil()).map(sheet -> within(held, sheet)).orElse(held);
    }

    /** Where a sheet is torn its fibre stands a little beyond the image. */
    private Plane within(Plane image, Plane sheet) {
        Plane near = sheet.blurred(WishReading.FIBRE_MILLIMETRES * pixelsPerMillimetre());
        return Plane.compute(image.width(), image.height(), (x, y) -> image.at(x, y) * (float) Math.clamp((near.at(x, y) - 0.75) * 8, 0, 1));
    }

    private Plane opaque(Piece at, Plane printed) {
        return at.design().opaque().isEmpty() ? Subject.mask(printed) : OpaqueWork.framed(pictures, at.veil()).coverage(printed.width(), printed.height());
    }

    /** How high what stands up stands, mm, each edge falling away over its ramp. */
    Plane height(ReliefReading relief) {
        float[] sum = new float[width * height];
        for (ReliefReading.Edge edge : relief.edges()) {
            double thick = edge.micrometres() / 1000;
            Plane risen = risen(edge).blurred(RakingLight.rampSigma(thick) * pixelsPerMillimetre());
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    sum[y * width + x] += (float) (thick * risen.at(x, y));
                }
            }
        }
        return Plane.of(width, height, sum);
    }

    private Plane risen(ReliefReading.Edge edge) {
        if (edge.mask() != null) {
            Mask mask = edge.mask();
            Plane dark = coverage(new Cover(new Mask(mask.part() == Mask.Part.BACKED ? Mask.Part.BACKED : Mask.Part.DARKS, mask.hand(), mask.picture()), null));
            return mask.part() == Mask.Part.LIGHTS ? dark.map(covered -> 1 - covered) : dark;
        }
        Veil veil = piece.veils().get(edge.part());
        Rect rect = rect(veil);
        if (edge.extent() != Extent.PICTURE) {
            Own own = rect.own();
            int past = past();
            return Plane.compute(width, height, (x, y) -> own.holds(own.right(x, y), own.down(x, y), past) ? 1 : 0);
        }
        return placed(shape(veil).orElseGet(() -> Plane.filled(rect.width(), rect.height(), 1)), rect, 0);
    }

    /** The treated source of the veil in hand, standing as it will; white around it. */
    Plane source() {
        Rect rect = rect(piece.veil());
        return placed(standing(sources.treated(piece, Math.max(rect.width(), rect.height())).resampled(rect.width(), rect.height()), piece), rect, 1);
    }

    /** The edges of the drawing of the veil in hand that are meant to be seen: not where its sheet is torn away, or ground left bare on purpose. */
    Legibility.Edges drawing() {
        Plane laid = shape(piece.veil()).map(sheet -> placed(within(Plane.filled(sheet.width(), sheet.height(), 1), sheet), rect(piece.veil()), 0)).orElse(null);
        return Legibility.Edges.of(source(), 1 / pixelsPerMillimetre(), laid);
    }

    private static Plane standing(Plane plane, Piece at) {
        return at.design().hand().hand() == Hand.MIRRORED ? plane.mirrored() : plane;
    }

    private Plane placed(Plane plane, Rect rect, float around) {
        Own own = rect.own();
        return rect.width() == width && rect.height() == height && rect.left() == 0 && rect.top() == 0 && rect.turn() == 0 ? plane : Plane.compute(width, height, (x, y) -> own.of(plane, x, y, around));
    }

    List<Plane> coverages(List<Cover> covers) {
        return covers.stream().map(this::coverage).toList();
    }

    /** The ground under everything: its photograph filling the same shape, or its flat colour. */
    Picture ground() {
        Object under = piece.basis().photograph().map(Object.class::cast).orElse(piece.groundColour());
        return drawn.grounds().get(List.of(under, width, height), key -> drawGround());
    }

    /** The ground's colour all over, whatever its photograph shows. */
    Picture flatGround() {
        Colour c = piece.groundColour();
        return new Picture(Plane.filled(width, height, (float) c.red()), Plane.filled(width, height, (float) c.green()), Plane.filled(width, height, (float) c.blue()));
    }

    private Picture drawGround() {
        Optional<UUID> photograph = piece.basis().photograph();
        if (photograph.isEmpty()) {
            return flatGround();
        }
        Picture photo = pictures.preview(photograph.get());
        double scale = Math.max(width / (double) photo.width(), height / (double) photo.height());
        Picture sized = photo.resampled(Math.max(width, (int) Math.ceil(photo.width() * scale)), Math.max(height, (int) Math.ceil(photo.height() * scale)));
        int left = (sized.width() - width) / 2;
        int top = (sized.height() - height) / 2;
        return sized.each(plane -> Plane.compute(width, height, (x, y) -> plane.at(x + left, y + top)));
    }
}
