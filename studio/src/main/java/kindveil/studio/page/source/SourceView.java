package kindveil.studio.page.source;

import kindveil.studio.page.piece.Guard;
import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.piece.LookView;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.reading.LookState;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.page.Wipe;
import kindveil.studio.work.log.LogWork;
import kindveil.studio.work.piece.Design;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.source.SourceWork;
import kindveil.tone.SourceReading;
import kindveil.tone.Histogram;
import kindveil.tone.Treatment;
import kindveil.tone.Treatment.Levels;
import kindveil.tone.Treatment.Posterise;
import kindveil.tone.Verdict;
import kindveil.way.Schools;
import org.jspecify.annotations.Nullable;

/**
 * The Source page: the picture, its histogram, whether it carries, what is done to it and what would help.
 *
 * @param wipe the picture as it came and as it prints; one picture where nothing is done to it
 * @param riskHeight of the picture of what goes soft, 477 wide
 * @param told the file and how much colour it has, and where it came from
 * @param colours the print that would keep its colours, or empty
 * @param size it is printed at now
 * @param offers what would help, or null where that is still to be looked at
 * @param guard asked before a change is made, or null
 * @param grown how large it ends where this way is known to stretch it, and a tracing to fit, or null
 */
record SourceView(PieceHead head, Wipe wipe, List<String> told, String colours, Lightness histogram, List<Figure> figures, String size, Form form, Judged judged, Tonal tonal, Treated treated,
        @Nullable OffersView offers, @Nullable Growth grown, @Nullable Guard guard, List<String> problems) implements PageView {

    /**
     * What this way made of earlier prints.
     *
     * @param tracing how one is drawn to fit
     * @param since the words over how wide it ends
     */
    record Growth(String tracing, String since) {
        static @Nullable Growth of(Optional<LogWork.Grown> measured) {
            return measured.map(grown -> {
                String percent = Figures.plain(Math.abs(grown.percent()));
                String last = grown.pulls() == 1 ? "last one" : "last " + grown.pulls();
                return new Growth("drawn %s %% %s, as your %s came out".formatted(percent, grown.percent() > 0 ? "larger" : "smaller", last),
                        "It ends so wide: your %s %s %s %%".formatted(last, grown.percent() > 0 ? "grew" : "shrank", percent));
            }).orElse(null);
        }
    }

    /** What was typed. @param ends how wide it ends, where that is known to differ */
    record Form(int version, String width, String ends, String black, String white, String tones) {
        static Form of(Piece piece, Optional<LogWork.Grown> grown, Say say) {
            Design design = piece.design();
            Levels levels = design.treatments().of(Levels.class).orElse(Levels.NONE);
            return new Form(piece.version(), say.one(design.printWidth()), grown.map(by -> say.one(design.printWidth().times(by.factor()))).orElse(""), String.valueOf(levels.black()), String.valueOf(levels.white()),
                    design.treatments().of(Posterise.class).map(s -> String.valueOf(s.values())).orElse(""));
        }
    }

    /**
     * Lightness, drawn 300 wide and 120 high.
     *
     * @param before bars as the picture came; empty where nothing is done to it
     * @param threshold the line between darks and lights
     */
    record Lightness(String said, List<Bar> before, List<Bar> after, String threshold) {
        private static final double WIDE = 3;
        private static final double TALLEST = 110;
        private static final double FOOT = 120;

        /** One bar. */
        record Bar(double x, double y, double height) {
        }

        static Lightness of(Histogram before, SourceReading reading, boolean treated, Say say) {
            Histogram tones = reading.tones();
            return new Lightness("Histogram of lightness: %s solid dark, %s mid, %s clear".formatted(say.percent(tones.solidDarks()), say.percent(tones.mids()), say.percent(tones.clears())),
                    treated ? bars(before, 0) : List.of(), bars(tones, 0.3), "M%s 0V120".formatted(reading.threshold().lightness() * WIDE));
        }

        /** Square root of the share, so that thin tones are seen beside a spike of white. */
        private static List<Bar> bars(Histogram tones, double inset) {
            long[] counts = tones.counts();
            double most = Arrays.stream(counts).max().orElse(1);
            return IntStream.range(0, Histogram.BINS).mapToObj(i -> {
                double height = Math.round(TALLEST * Math.sqrt(counts[i] / most) * 10) / 10.0;
                return new Bar(i * WIDE + inset, FOOT - height, height);
            }).toList();
        }
    }

    /** One figure of the reading. */
    record Figure(String words, String figure) {
    }

    private static List<Figure> figures(SourceReading reading, Length softening, Say say) {
        return List.of(new Figure("Solid dark", say.percent(reading.tones().solidDarks())), new Figure("Mid tones", say.percent(reading.tones().mids())),
                new Figure("Stays clear", say.percent(reading.tones().clears())),
                new Figure("Darks and lights part", "%s at L* %s".formatted(say.percent(reading.threshold().separability()), reading.threshold().lightness())),
                new Figure("Resolution at this size", "%d dpi".formatted(Math.round(reading.resolution().dotsPerInch()))), new Figure("Covered with toner", say.percent(reading.coverage())),
                new Figure("Finest lines (it holds %s)".formatted(say.one(reading.heldLine())), say.one(reading.finestLine())),
                new Figure("Contrast gone soft (σ %s)".formatted(say.one(softening)), say.percent(reading.detail().atRisk())));
    }

    /** Whether it carries by its way. */
    record Judged(String way, String verdict, List<Reason> reasons, boolean carries) {
        /** One reason. @param mark before it */
        record Reason(String mark, String fact, String meaning) {
        }

        static Judged of(String way, Verdict verdict, Say say) {
            return new Judged(way, "It " + verdict.grade().words(), verdict.reasons().stream().map(reason -> new Reason(mark(reason.grade()), say.it(reason.fact()), say.it(reason.meaning()))).toList(),
                    verdict.grade() == Verdict.Grade.CARRIES);
        }

        private static String mark(Verdict.Grade grade) {
            return switch (grade) {
                case CARRIES -> "·";
                case POOR -> "×";
                default -> "–";
            };
        }
    }

    /**
     * What becomes of light and dark, where they change places on the way or in the print.
     *
     * @param words empty where they stay
     * @param tall height of both pictures, 100 wide
     */
    record Tonal(String words, String finished, long tall, boolean invertible) {
        /** @param negative whether the finished work is a negative of the picture; null where both come out alike */
        static Tonal of(Planned planned, double aspect, @Nullable Boolean negative) {
            Piece piece = planned.piece();
            String finished = "%s/look/%s.png?pass=%d&v=%d&small=true".formatted(PieceHead.base(piece), LookView.word(LookState.finished(planned.trace())), planned.trace().plannedPasses(), piece.version());
            boolean invertible = piece.design().theWay().choices().stream().anyMatch(choice -> choice.key().equals(Schools.TONES.key()));
            return new Tonal(negative == null ? "" : words(Schools.INVERTED.equals(piece.design().choices().get(Schools.TONES.key())), negative), finished, Math.round(100 * aspect), invertible);
        }

        private static String words(boolean inverted, boolean negative) {
            if (inverted) {
                return negative ? "Printed inverted it ends as a tonal negative: what is dark in the picture ends light. Print it as it is for a positive."
                        : "It is printed as a tonal negative and ends as a positive: its paint is lighter than what is under it. Label the print, it looks wrong on purpose.";
            }
            return negative ? "It becomes a tonal negative: its paint is lighter than what is under it, so what is dark in the picture ends light." : "";
        }
    }

    /** The treatments in order, and what can be added. */
    record Treated(List<Step> steps, List<Pick> kinds, boolean undoable) {
        /** One treatment of the list. @param count how many it is the last of */
        record Step(int index, int count, String words, String code, boolean first, boolean last) {
        }

        static Treated of(Design design, Say say) {
            List<Treatment> list = design.treatments().list();
            return new Treated(IntStream.range(0, list.size()).mapToObj(i -> new Step(i, i + 1, say.it(list.get(i).words()), list.get(i).code(), i == 0, i + 1 == list.size())).toList(),
                    TreatmentController.kinds(design).entrySet().stream().map(kind -> new Pick(kind.getKey(), say.it(kind.getValue().words()), "", false)).toList(),
                    !design.image().before().toString().equals(design.treatments().toString()));
        }
    }

    /**
     * @param lineage where a source that is a result comes from, or empty
     * @param colours share of the picture that is coloured
     * @param negative as {@link Tonal} takes it
     * @param coloured the print that would keep its colours, or empty
     */
    static SourceView of(Planned planned, SourceWork.Readings readings, Form form, String lineage, double colours, @Nullable Boolean negative, String coloured, Optional<LogWork.Grown> grown, @Nullable OffersView offers, List<String> problems, Say say) {
        Piece piece = planned.piece();
        Design design = piece.design();
        double aspect = readings.shape().aspect();
        boolean treated = !design.treatments().list().isEmpty();
        String base = PieceHead.base(piece);
        String prints = "%s/treated.png?v=%d".formatted(base, piece.version());
        Wipe wipe = treated ? Wipe.of("%s/framed.png?v=%d".formatted(base, piece.version()), prints, "as it came", "as it prints", aspect, 0.5) : Wipe.still(prints, "The source as a black copy", aspect);
        String file = "%s · %d × %d pixels · %s".formatted(readings.picture().name(), readings.picture().width(), readings.picture().height(), design.print().colouring(colours));
        return new SourceView(PieceHead.of(piece, "Source"), wipe, Stream.of(file, lineage).filter(line -> !line.isEmpty()).toList(), coloured,
                Lightness.of(readings.asItIs(), readings.treated(), treated, say), figures(readings.treated(), piece.softening(), say),
                say.size(design.printWidth(), design.printWidth().times(aspect)), form, Judged.of("For " + design.theWay().name(), readings.treated().verdict(), say), Tonal.of(planned, aspect, negative),
                Treated.of(design, say), offers, Growth.of(grown), null, problems);
    }

    SourceView asking(Guard guard) {
        return new SourceView(head, wipe, told, colours, histogram, figures, size, form, judged, tonal, treated, offers, grown, guard, problems);
    }
}
