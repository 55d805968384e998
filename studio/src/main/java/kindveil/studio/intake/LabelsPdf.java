package kindveil.studio.intake;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import kindveil.sheet.Paper;

/** Labels for jars, cut along their lines: what is in it, since when and until when, what it can do to you, how it is thrown away; the same as plain text in a QR code. */
public final class LabelsPdf {
    private static final double WIDE = 92;
    private static final double HIGH = 54;
    private static final double PAD = 3.5;
    private static final double CODE = 25;
    private static final double FINE = 5.6;
    private static final double LEAD = 2.3;
    private static final double HAIR = 0.12;

    private LabelsPdf() {
    }

    /**
     * A label.
     *
     * @param contents what is in it, by its parts
     * @param lines since when, until when, and what it looks like while it is good
     * @param cautions in sentences
     */
    public record Label(String name, String contents, List<String> lines, List<String> cautions, String discard) {
        /** All of it, for those who read it with a telephone. */
        public String plain() {
            List<String> all = new ArrayList<>(List.of(name, contents));
            all.addAll(lines);
            all.add(discard);
            return String.join("\n", all);
        }
    }

    public static byte[] write(List<Label> labels, Paper paper) {
        double wide = paper.width().millimetres();
        double high = paper.height().millimetres();
        int across = (int) ((wide - 10) / WIDE);
        int down = (int) ((high - 10) / HIGH);
        List<PdfPen.Page> pages = new ArrayList<>();
        for (int from = 0; from == 0 || from < labels.size(); from += across * down) {
            List<Label> these = labels.subList(from, Math.min(labels.size(), from + across * down));
            pages.add(new PdfPen.Page(paper.width(), paper.height(), 1, pen -> {
                for (int i = 0; i < these.size(); i++) {
                    label(pen, these.get(i), (wide - across * WIDE) / 2 + i % across * WIDE, (high - down * HIGH) / 2 + i / across * HIGH);
                }
            }));
        }
        return PdfPen.write("Labels", pages);
    }

    private static void label(PdfPen pen, Label label, double x, double y) throws IOException {
        pen.ring(List.of(new double[] {x, y}, new double[] {x + WIDE, y}, new double[] {x + WIDE, y + HIGH}, new double[] {x, y + HIGH}), HAIR);
        double left = WIDE - 3 * PAD - CODE;
        pen.textWithin(x + PAD, y + 7.4, 12.5, WIDE - 2 * PAD, label.name);
        double at = paragraph(pen, x + PAD, y + 12, 7, left, 2.9, label.contents);
        for (String line : label.lines) {
            at = paragraph(pen, x + PAD, at + 0.6, 7, left, 2.9, line);
        }
        double under = Math.max(at + 1.4, y + 12 + CODE - 6);
        double room = under > y + 14 + CODE ? WIDE - 2 * PAD : left;
        for (String words : label.cautions) {
            if (under < y + HIGH - 5) {
                under = paragraph(pen, x + PAD, under, FINE, room, LEAD, words);
            }
        }
        if (under < y + HIGH - 2) {
            paragraph(pen, x + PAD, under, FINE, room, LEAD, label.discard);
        }
        code(pen, QrCode.of(label.plain()), x + WIDE - PAD - CODE, y + 10);
    }

    /** @return the next baseline */
    private static double paragraph(PdfPen pen, double x, double y, double size, double room, double lead, String words) throws IOException {
        pen.paragraph(x, y, size, room, lead, words);
        return y + lead * pen.folded(size, room, words).size();
    }

    private static void code(PdfPen pen, QrCode code, double x, double y) throws IOException {
        double each = CODE / code.modules();
        for (int down = 0; down < code.modules(); down++) {
            for (int right = 0; right < code.modules(); right++) {
                if (code.dark(right, down)) {
                    // a hair larger, or a reader shows seams between them
                    pen.fill(x + right * each, y + down * each, each * 1.02, each * 1.02, 0);
                }
            }
        }
    }
}
