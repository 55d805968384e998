package kindveil.studio.page.support;

import java.util.List;
import java.util.Optional;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.bench.Support.WetStrength;
import kindveil.catalogue.Catalogue;
import kindveil.drying.Drying;
import kindveil.drying.Room;
import kindveil.measure.Area;
import kindveil.measure.Temperature;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.Span;
import kindveil.measure.UnitSystem;
import kindveil.way.Fit.Verdict;
import kindveil.reading.SupportReading;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.look.WaysWork;
import kindveil.studio.work.piece.Piece;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;

/**
 * What the supports page shows.
 *
 * @param mine those kept
 * @param piece that waits for one, or empty; likewise its title
 * @param heading over what it does
 * @param doubt what of it is not measured, or empty
 */
record SupportsView(List<Mine> mine, String piece, String title, SupportForm form, Likeness likeness, String heading, String likeWords, List<Does> does, String doubt, List<String> problems) implements PageView {
    private static final Length WIDE = Length.ofMillimetres(150);
    private static final Length TALL = Length.ofMillimetres(200);

    /** One that is kept. */
    record Mine(String address, String name, String like, String colour, boolean open) {
    }

    /**
     * What it is like, and what that one has where nothing is typed.
     *
     * @param grain unit of its texture; likewise warmth
     */
    record Likeness(List<Pick> supports, List<Pick> strengths, String weight, String uptake, String stretch, String texture, String grain, String heatLimit, String warmth) {
        static Likeness of(SupportForm form, Support like, Say say) {
            boolean us = say.measure() == UnitSystem.US;
            return new Likeness(Pick.of(Support.values(), Support::id, Support::words, s -> "", like.id()),
                    java.util.stream.Stream.concat(java.util.stream.Stream.of(new Pick("", "as that one: " + like.wetStrength().words(), "", form.wetStrength().isEmpty())),
                            Pick.typed(WetStrength.values(), WetStrength::words, form.wetStrength()).stream()).toList(),
                    Figures.plain(like.weight()), Figures.plain(like.uptake()), Figures.plain(like.stretch()), SupportForm.figure(like.texture(), SupportForm.mil(say.measure())), us ? "mil" : "mm",
                    Figures.plain(Temperature.degrees(like.heatLimit(), say.measure())), Temperature.sign(say.measure()));
        }
    }

    /** One thing it does. @param own its figure; likewise like @param changed whether they differ */
    record Does(String what, String own, String like, boolean changed) {
        static Does of(String what, String own, String like) {
            return new Does(what, own, like, !own.equals(like));
        }
    }

    static SupportsView of(List<Support> mine, @Nullable Piece waiting, SupportForm form, Support own, Support like, Room air, WaysWork ways, List<String> problems, Say say) {
        Length wide = Length.ofMillimetres(say.measure() == UnitSystem.US ? 152.4 : WIDE.millimetres());
        Length tall = Length.ofMillimetres(say.measure() == UnitSystem.US ? 203.2 : TALL.millimetres());
        SupportReading a = SupportReading.of(own, air, Area.of(wide, tall), tall);
        SupportReading b = SupportReading.of(like, air, Area.of(wide, tall), tall);
        List<Does> does = List.of(
                Does.of("The first wet coat over %s gives it".formatted(say.size(wide, tall)), say.one(a.drunk()), say.one(b.drunk())),
                Does.of("An ordinary bed of gel is dry through in", through(a.through()), through(b.through())),
                Does.of("and in nine of ten cases in", tenth(a.through()), tenth(b.through())),
                Does.of("Lines stay open from", say.one(a.held()), say.one(b.held())),
                Does.of("Wet, %s of it are longer by".formatted(say.one(tall)), say.one(a.longer()), say.one(b.longer())),
                Does.of("A heat tool comes no nearer than", heat(a, say), heat(b, say)),
                Does.of("Wet rubbing", a.rubbing() ? "reaches it unharmed" : "only over a coat that seals it", b.rubbing() ? "reaches it unharmed" : "only over a coat that seals it"),
                Does.of("A bath", a.tray() ? "bears it" : "never", b.tray() ? "bears it" : "never"),
                Does.of("Ways of transferring that go, of %d".formatted(Catalogue.transfers().size()), open(own, ways), open(like, ways)));
        return new SupportsView(mine.stream().map(s -> new Mine("/supports/" + s.id(), s.words(), "like " + s.like().words(), s.colour() == null ? "" : s.colour().toString(), s.id().equals(form.id()))).toList(),
                waiting == null ? "" : waiting.id().toString(), waiting == null ? "" : waiting.title(), form, Likeness.of(form, like, say), form.name().isEmpty() ? "yours" : form.name(), like.words(), does, own.doubt().map(say::it).orElse(""), problems);
    }

    private static String through(Drying.@Nullable Spread spread) {
        return Optional.ofNullable(spread).map(s -> Span.words(s.half())).orElse("never, in this air");
    }

    private static String tenth(Drying.@Nullable Spread spread) {
        return Optional.ofNullable(spread).map(s -> Span.words(s.nineTenths())).orElse("never, in this air");
    }

    private static String heat(SupportReading reading, Say say) {
        return reading.nearestHeat() == null ? "no heat tool at all" : say.one(Length.ofMillimetres(10.0 * reading.nearestHeat()));
    }

    /** Sound or with care, for a good toner print on it bare, as wished soft. */
    private static String open(Support support, WaysWork ways) {
        long open = Catalogue.transfers().stream().map(way -> ways.of(way, new WaysWork.Having(PrintKind.GOOD_TONER, support, Ground.RAW, Wish.SOFT)).verdict())
                .filter(verdict -> verdict == Verdict.SOUND || verdict == Verdict.WITH_CARE).count();
        return String.valueOf(open);
    }
}
