package kindveil.studio.page.today;

import java.util.List;
import java.util.UUID;
import kindveil.making.Comparison;
import kindveil.studio.page.ColourRow;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.page.piece.LookView;
import kindveil.studio.work.log.LogEntry;

/** The log. @param apart what was set apart, in sentences */
record LogView(List<Row> rows, List<String> apart) implements PageView {
    /** One making that was written down. @param foreseen address of the picture; likewise {@code photo}, empty where there is none */
    record Row(UUID id, String date, UUID piece, String title, String verdict, boolean failed, String wish, String came, String different, String printedBy, String found, String foreseen, String photo) {
        static Row of(LogEntry entry, Say say) {
            return new Row(entry.id(), say.date(entry.written()), entry.piece(), entry.judged().title(), entry.verdict().words(), entry.verdict() == LogEntry.Verdict.FAILED, entry.wish().words(),
                    entry.came(), entry.different(), entry.printedBy(), entry.findings().words(), LookView.foreseen(entry), LookView.came(entry));
        }
    }

    /**
     * Two of them side by side.
     *
     * @param said of their differences, or empty where there are some
     * @param table what was different
     * @param colours of both, each held against the other
     */
    record SideBySide(List<Row> rows, String said, List<Comparison.Difference> table, List<ColourRow> colours) implements PageView {
        /** @param made whether both were made at the bench */
        static SideBySide of(List<Row> rows, boolean made, List<Comparison.Difference> differences, List<ColourRow> colours) {
            return new SideBySide(rows, !made ? "One of them was written down without a making at the bench, so only the words can be compared."
                    : differences.isEmpty() ? "Planned and made alike: look to the print, the amount and the pressure." : "", differences, colours);
        }
    }
}
