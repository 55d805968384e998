package kindveil.studio.page.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.shape.Lying;
import kindveil.studio.page.Say;
import kindveil.studio.work.piece.Page;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.piece.Veil;
import kindveil.tone.PageFit;
import org.jspecify.annotations.Nullable;

/**
 * How the image in hand could lie on its page, each in figures before it is chosen.
 *
 * @param now how it lies, or empty where the image is the page
 * @param margin that is kept on all sides, as it can be typed
 * @param problem why none can be told, or empty
 */
public record FitsView(List<Fit> fits, String now, String margin, String problem) {
    private static final double SEEN = 0.05;

    /** One of them. @param key its lasting name */
    public record Fit(String key, String words, String figure) {
    }

    /** Ways to lie on a page. */
    enum Kind {
        WHOLE("All of it, as large as fits"), FILL("Fill the margins"), MIDDLE("As large as it is, in the middle");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        Optional<PageFit> of(PageFit.Area area, Length width, double aspect) {
            return switch (this) {
                case WHOLE -> Optional.of(PageFit.whole(area, aspect));
                case FILL -> PageFit.filling(area, aspect);
                case MIDDLE -> PageFit.middle(area, width, aspect);
            };
        }
    }

    static final FitsView NONE = new FitsView(List.of(), "", "0", "");

    /** With the margin there is now. */
    static FitsView now(Planned planned, Say say) {
        Page page = planned.piece().basis().page().orElse(null);
        Veil veil = planned.piece().veil();
        if (page == null || !veil.bringsPicture()) {
            return NONE;
        }
        double margin = DoubleStream.of(veil.x().millimetres(), veil.y().millimetres(), page.width().millimetres() - veil.x().millimetres() - planned.brief().width().millimetres(),
                page.height().millimetres() - veil.y().millimetres() - planned.brief().height().millimetres()).min().orElse(0);
        return of(planned, page, Length.ofMillimetres(Math.max(0, Math.round(margin * 10) / 10.0)), say);
    }

    static FitsView of(Planned planned, @Nullable Page page, Length margin, Say say) {
        if (page == null || !planned.piece().veil().bringsPicture()) {
            return NONE;
        }
        Length width = planned.brief().width();
        Length height = planned.brief().height();
        try {
            PageFit.Area area = new PageFit.Area(page.width(), page.height(), margin);
            List<Fit> fits = new ArrayList<>();
            for (Kind kind : Kind.values()) {
                kind.of(area, width, height.millimetres() / width.millimetres()).ifPresent(fit -> fits.add(new Fit(kind.name(), kind.words, figure(fit, say))));
            }
            return new FitsView(fits, lies(planned.piece().veil(), page, width, height, say), say.one(margin), "");
        } catch (UnusableValue wrong) {
            return new FitsView(List.of(), "", say.one(margin), wrong.getMessage());
        }
    }

    private static String figure(PageFit fit, Say say) {
        String cut = fit.lost() == 0 ? "nothing cut" : "%s of its %s cut off".formatted(say.percent(fit.lost()), fit.cut().left() > 0 ? "width" : "height");
        return "%s, %s".formatted(say.size(fit.width(), fit.height()), cut);
    }

    private static String lies(Veil veil, Page page, Length width, Length height, Say say) {
        double[] bounds = Lying.box(veil.x().millimetres(), veil.y().millimetres(), width.millimetres(), height.millimetres(), veil.design().lay().turn()).bounds();
        return "It lies %s, %s, %s and %s.".formatted(edge(bounds[0], "left", say), edge(page.width().millimetres() - bounds[2], "right", say), edge(bounds[1], "top", say), edge(page.height().millimetres() - bounds[3], "foot", say));
    }

    private static String edge(double millimetres, String side, Say say) {
        return Math.abs(millimetres) < SEEN ? "at the " + side : millimetres < 0 ? "%s beyond the %s".formatted(say.one(Length.ofMillimetres(-millimetres)), side) : "%s from the %s".formatted(say.one(Length.ofMillimetres(millimetres)), side);
    }
}
