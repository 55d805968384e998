package kindveil.studio.store.form;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import kindveil.measure.Length;
import kindveil.sheet.CheckRule;
import kindveil.studio.work.sheet.Gathering;
import org.jspecify.annotations.Nullable;

/** What is gathered for the sheets, as it is kept. Places on a sheet in mm, the measured rule in nm. */
public record GatheringForm(List<WantedForm> wanted, List<SetUpForm> setUps) {
    /** One image. @param veil its number, from 1 @param copies or null for as many as advised */
    public record WantedForm(UUID piece, int veil, @Nullable Integer copies) {
    }

    /** One machine with one carrier. @param sheet a paper's token, or {@code 150x210} */
    public record SetUpForm(String print, String sheet, String printedBy, int runs, double scale, @Nullable Long measured, boolean rejected, boolean turned, List<List<SpotForm>> byHand) {
    }

    /** One copy put by hand. */
    public record SpotForm(UUID piece, int veil, int copy, double x, double y, boolean turned) {
    }

    public static GatheringForm of(Gathering g) {
        return new GatheringForm(g.wanted().stream().map(w -> new WantedForm(w.piece(), w.veil(), w.copies())).toList(), g.setUps().stream().map(GatheringForm::of).toList());
    }

    private static SetUpForm of(Gathering.SetUp s) {
        return new SetUpForm(Vocabulary.PRINT.of(s.kind()), s.sheet().toLowerCase(Locale.ROOT), s.printedBy(), s.runs(), s.rule().scale(), s.rule().measured() == null ? null : s.rule().measured().nanometres(),
                s.rule().rejected(), s.turned(), s.byHand().stream().map(sheet -> sheet.stream().map(p -> new SpotForm(p.piece(), p.veil(), p.copy(), p.x(), p.y(), p.turned())).toList()).toList());
    }

    public Gathering gathering(int version) {
        return new Gathering(version, wanted.stream().map(w -> new Gathering.Wanted(w.piece, w.veil, w.copies)).toList(), setUps.stream().map(GatheringForm::setUp).toList());
    }

    private static Gathering.SetUp setUp(SetUpForm s) {
        String sheet = s.sheet.matches("[0-9].*x.*") ? s.sheet : Vocabulary.PAPER.read(s.sheet).name();
        return new Gathering.SetUp(Vocabulary.PRINT.read(s.print), sheet, s.printedBy, s.runs, new CheckRule(s.scale, s.measured == null ? null : new Length(s.measured), s.rejected), s.turned,
                s.byHand.stream().map(on -> on.stream().map(p -> new Gathering.Spot(p.piece, p.veil, p.copy, p.x, p.y, p.turned)).toList()).toList());
    }
}
