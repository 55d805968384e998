package kindveil.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import kindveil.sheet.PrintSheet.Rect;
import org.junit.jupiter.api.Test;

class ProofStripTest {
    private final List<ProofStrip.Mark> marks = ProofStrip.marks("Gel lay · copy shop");

    @Test
    void marks_holdWhatIsReadAfterwards() {
        assertEquals(IntStream.rangeClosed(0, 10).map(i -> i * 10).boxed().toList(),
                marks.stream().filter(ProofStrip.Tone.class::isInstance).map(m -> ((ProofStrip.Tone) m).lightness()).limit(11).toList());
        List<Double> pairs = marks.stream().filter(ProofStrip.Pairs.class::isInstance).map(m -> ((ProofStrip.Pairs) m).millimetres()).toList();
        assertEquals(0.1, pairs.getFirst());
        assertEquals(1.0, pairs.getLast());
        assertTrue(marks.stream().anyMatch(ProofStrip.Corner.class::isInstance));
        assertTrue(marks.stream().anyMatch(m -> m instanceof ProofStrip.Words w && w.text().equals("Gel lay · copy shop")));
    }

    @Test
    void marks_stayOnTheStripAndApart() {
        List<Rect> places = new ArrayList<>();
        for (ProofStrip.Mark mark : marks) {
            switch (mark) {
                case ProofStrip.Tone tone -> places.add(tone.place());
                case ProofStrip.Pairs pairs -> places.add(pairs.place());
                case ProofStrip.Dots dots -> places.add(dots.place());
                case ProofStrip.Corner corner -> places.add(corner.upright());
                case ProofStrip.Lettering lettering -> assertTrue(lettering.x() < 140 && lettering.baseline() < 70);
                case ProofStrip.Words words -> assertTrue(words.x() < 150 && words.baseline() <= 70);
            }
        }
        for (int i = 0; i < places.size(); i++) {
            Rect a = places.get(i);
            assertTrue(a.right().compareTo(ProofStrip.WIDTH) <= 0 && a.bottom().compareTo(ProofStrip.HEIGHT) <= 0, a.toString());
            for (int k = i + 1; k < places.size(); k++) {
                Rect b = places.get(k);
                assertTrue(a.right().compareTo(b.x()) <= 0 || b.right().compareTo(a.x()) <= 0 || a.bottom().compareTo(b.y()) <= 0 || b.bottom().compareTo(a.y()) <= 0, a + " and " + b);
            }
        }
    }

    @Test
    void pairs_haveGapsAsWideAsTheirLines() {
        for (ProofStrip.Mark mark : marks) {
            if (mark instanceof ProofStrip.Pairs pairs) {
                List<Double> lines = pairs.lines();
                assertTrue(lines.size() >= 4, pairs.toString());
                for (int i = 1; i < lines.size(); i++) {
                    assertEquals(2 * pairs.millimetres(), lines.get(i) - lines.get(i - 1), 1e-9);
                }
            }
            if (mark instanceof ProofStrip.Dots dots) {
                assertTrue(dots.middles().size() >= 9, dots.toString());
            }
        }
    }
}
