package kindveil.tone;

import static org.junit.jupiter.api.Assertions.assertEquals;

import kindveil.image.Plane;
import org.junit.jupiter.api.Test;

class SubjectTest {
    private static Plane drawing(String... rows) {
        return Plane.compute(rows[0].length(), rows.length, (x, y) -> rows[y].charAt(x) == '#' ? 0f : rows[y].charAt(x) == '+' ? 0.4f : 1f);
    }

    private static String mask(Plane plane) {
        Plane mask = Subject.mask(plane);
        StringBuilder rows = new StringBuilder();
        for (int y = 0; y < mask.height(); y++) {
            for (int x = 0; x < mask.width(); x++) {
                rows.append(mask.at(x, y) == 1 ? '#' : '.');
            }
            rows.append('\n');
        }
        return rows.toString();
    }

    @Test
    void mask_lightsInsideTheOutline_belongToTheSubject() {
        assertEquals(".......\n.#####.\n.#####.\n.#####.\n.......\n", mask(drawing(".......", ".#####.", ".#...#.", ".#####.", ".......")));
    }

    @Test
    void mask_aGapInTheOutline_letsTheBackgroundIn() {
        assertEquals(".......\n.##.##.\n.#...#.\n.#####.\n.......\n", mask(drawing(".......", ".##.##.", ".#...#.", ".#####.", ".......")));
    }

    @Test
    void mask_midTones_areSubject_allWhite_isNone() {
        assertEquals("...\n.#.\n...\n", mask(drawing("...", ".+.", "...")));
        assertEquals("..\n..\n", mask(drawing("..", "..")));
        assertEquals("##\n##\n", mask(drawing("##", "##")));
    }
}
