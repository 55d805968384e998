package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Stream;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.tone.Framing.Crop;
import kindveil.tone.PageFit.Area;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PageFitTest {
    private static Area area(double width, double height, double margin) {
        return new Area(Length.ofMillimetres(width), Length.ofMillimetres(height), Length.ofMillimetres(margin));
    }

    static Stream<Arguments> pages() {
        return Stream.of(40.0, 148.0, 210.0, 700.0).flatMap(width -> Stream.of(50.0, 148.0, 297.0, 1000.0).flatMap(height -> Stream.of(0.0, 5.0, 15.0)
                .flatMap(margin -> Stream.of(0.3, 0.75, 1.0, 1.414, 3.0).map(aspect -> Arguments.of(area(width, height, margin), aspect)))));
    }

    @ParameterizedTest
    @MethodSource("pages")
    void image_keepsTheMargins_inTheMiddle(Area area, double aspect) {
        for (PageFit fit : Stream.concat(Stream.of(PageFit.whole(area, aspect)), PageFit.filling(area, aspect).stream()).toList()) {
            double margin = area.margin().millimetres();
            assertTrue(fit.x().millimetres() >= margin - 0.1 && fit.y().millimetres() >= margin - 0.1, fit.toString());
            assertEquals(area.width().millimetres(), 2 * fit.x().millimetres() + fit.width().millimetres(), 0.2);
            assertEquals(area.height().millimetres(), 2 * fit.y().millimetres() + fit.height().millimetres(), 0.2);
        }
        PageFit whole = PageFit.whole(area, aspect);
        assertEquals(aspect, whole.height().millimetres() / whole.width().millimetres(), 0.02 * aspect);
        assertEquals(0, whole.lost());
        boolean touches = Math.abs(whole.x().millimetres() - area.margin().millimetres()) < 0.11 || Math.abs(whole.y().millimetres() - area.margin().millimetres()) < 0.11;
        assertTrue(touches, "as large as it can be");
    }

    @ParameterizedTest
    @MethodSource("pages")
    void filled_isNotDistorted(Area area, double aspect) {
        PageFit fit = PageFit.filling(area, aspect).orElse(null);
        double wanted = (area.height().millimetres() - 2 * area.margin().millimetres()) / (area.width().millimetres() - 2 * area.margin().millimetres());
        if (fit == null) {
            assertTrue(Math.max(aspect, wanted) / Math.min(aspect, wanted) > 10, "something would be left");
            return;
        }
        Size cut = fit.cut().size(new Size(1000, 1000 * aspect));
        assertEquals(fit.height().millimetres() / fit.width().millimetres(), cut.aspect(), 0.02 * cut.aspect());
        assertTrue(fit.cut().equals(Crop.NONE) || fit.cut().left() == 0 ^ fit.cut().top() == 0, "one side only");
    }

    @Test
    void cut_addsToACutThatWasThere() {
        PageFit square = PageFit.filling(area(100, 100, 0), 2).orElseThrow();
        assertEquals(new Crop(0, 25, 0, 25), square.cut());
        assertEquals(new Crop(10, 20 + 15, 10, 20 + 15), square.after(new Crop(10, 20, 10, 20)));
        assertEquals(0.5, square.lost());
    }

    @Test
    void middle_isOnlyWhereItFits() {
        assertTrue(PageFit.middle(area(100, 100, 10), Length.ofMillimetres(101), 0.5).isEmpty());
        assertTrue(PageFit.middle(area(100, 100, 10), Length.ofMillimetres(60), 2).isEmpty());
        PageFit middle = PageFit.middle(area(100, 200, 10), Length.ofMillimetres(60), 2).orElseThrow();
        assertEquals(20, middle.x().millimetres());
        assertEquals(40, middle.y().millimetres());
    }

    @Test
    void margins_thatLeaveNothing_areRefused() {
        assertTrue(assertThrows(UnusableValue.class, () -> area(100, 60, 28)).getMessage().contains("27.5"));
        assertThrows(UnusableValue.class, () -> area(100, 60, -1));
    }
}
