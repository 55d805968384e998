package kindveil.studio.page.make;

import kindveil.studio.page.piece.PieceHead;
import kindveil.studio.page.piece.LookView;
import java.util.List;
import java.util.UUID;
import kindveil.measure.Figures;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.log.LogEntry;
import kindveil.studio.work.piece.Piece;
import org.jspecify.annotations.Nullable;

/**
 * The Notes page: what was written of a piece, and the form to write more or write one again.
 *
 * @param wish what the verdict is held against
 * @param frame height of a small picture, 100 wide
 * @param pulls which pull is written of, where there are several
 * @param again the entry written again, as the page saw it
 * @param goes what is taken away with the piece
 * @param once so that the same form sent twice is written once
 */
record NotesView(PieceHead head, String wish, long frame, List<Pick> pulls, Form form, Choices choices, @Nullable Again again, String goes, UUID once, List<String> printers, List<Note> notes, List<String> problems) implements PageView {
    /** What was typed. */
    record Form(String verdict, String came, String different, String printedBy, String tack, String fibre, String stretch, String byProducts, String cause) {
        static Form of(LogEntry entry) {
            LogEntry.Findings found = entry.findings();
            return new Form(entry.verdict().name(), entry.came(), entry.different(), entry.printedBy(), name(found.tack()), name(found.fibre()),
                    found.stretch() == null ? "" : Figures.plain(found.stretch()), found.byProducts(), name(found.cause()));
        }

        /** Nothing but what the making did otherwise than planned. */
        static Form begun(String departures) {
            return new Form("", "", departures, "", "", "", "", "", "");
        }

        private static String name(@Nullable Enum<?> value) {
            return value == null ? "" : value.name();
        }
    }

    /** What can be chosen, as it stands in the form. */
    record Choices(List<Pick> verdicts, List<Pick> tacks, List<Pick> fibres, List<Pick> causes) {
        static Choices of(Form form) {
            return new Choices(Pick.typed(LogEntry.Verdict.values(), LogEntry.Verdict::words, form.verdict),
                    Pick.typed(LogEntry.Tack.values(), LogEntry.Tack::words, form.tack),
                    Pick.typed(LogEntry.Fibre.values(), LogEntry.Fibre::words, form.fibre),
                    Pick.typed(LogEntry.Cause.values(), LogEntry.Cause::words, form.cause));
        }
    }

    /** Which entry is written again, as the page saw it. @param unpictured whether a photograph can still be added, and {@code unprinted} who printed it */
    record Again(UUID entry, int revision, boolean unpictured, boolean unprinted) {
        static Again of(LogEntry entry) {
            return new Again(entry.id(), entry.revision(), entry.photo() == null, entry.printedBy().isEmpty());
        }

        Again seen(int typed) {
            return new Again(entry, typed, unpictured, unprinted);
        }
    }

    /**
     * One entry as it is shown.
     *
     * @param foreseen address of the picture; likewise {@code photo}, empty where there is none
     * @param before what stood there earlier, the oldest first
     */
    record Note(UUID id, int revision, boolean struck, String date, String verdict, String wish, String came, String different, String printedBy, String found, String foreseen,
            String photo, List<String> before) {
        static Note of(LogEntry entry, List<LogEntry> history, Say say) {
            List<String> before = history.stream().limit(entry.revision()).map(old -> "%s: %s. %s".formatted(say.date(old.written()), old.struck() ? "struck out" : old.verdict().words(), old.came()).strip()).toList();
            return new Note(entry.id(), entry.revision(), entry.struck(), say.date(entry.written()), entry.verdict().words(), entry.wish().words(), entry.came(), entry.different(), entry.printedBy(),
                    entry.findings().words(), LookView.foreseen(entry), LookView.came(entry), before);
        }
    }

    static NotesView of(Piece piece, double aspect, List<Pick> pulls, Form form, @Nullable Again again, int makings, List<String> printers, List<Note> notes, List<String> problems) {
        String goes = "With it go %s, %s and its pictures.".formatted(count(makings, "making"), notes.isEmpty() ? "nothing written" : count(notes.size(), "entry of the log"));
        return new NotesView(PieceHead.of(piece, "Notes"), piece.design().wish().words(), Math.round(100 * aspect), pulls, form, Choices.of(form), again, goes, UUID.randomUUID(), printers, notes, problems);
    }

    private static String count(int n, String what) {
        return n == 1 ? "one " + what : "%d %s".formatted(n, what.startsWith("entry") ? what.replace("entry", "entries") : what + "s");
    }
}
