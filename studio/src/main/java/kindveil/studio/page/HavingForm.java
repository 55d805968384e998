package kindveil.studio.page;

import java.util.List;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.measure.UnusableValue;
import kindveil.studio.work.look.WaysWork.Having;
import kindveil.studio.work.shelf.Supports;
import kindveil.way.Wish;

/** What an artist has and wishes, in a sentence whose words can be changed. */
public record HavingForm(List<Pick> prints, List<Pick> supports, List<Pick> grounds, List<Pick> wishes, Having having) {
    /** A laser print and a panel: what most begin with. */
    public static final Having USUAL = new Having(PrintKind.GOOD_TONER, Support.BIRCH_PANEL, Ground.ACRYLIC_PAINT, Wish.CLEAN);

    public static HavingForm of(Having having, List<Support> supports) {
        return new HavingForm(Pick.of(PrintKind.values(), PrintKind::words, having.print()), Pick.of(supports, Support::id, Support::words, support -> "", having.support().id()),
                Pick.of(Ground.values(), Ground::words, having.ground()), Pick.of(List.of(Wish.values()), Wish::name, Wish::words, Wish::meaning, having.wish().name()), having);
    }

    /** As it was chosen. */
    public static Having read(Supports supports, String print, String support, String ground, String wish) {
        Problems problems = new Problems();
        Having having = new Having(problems.choice(PrintKind.class, "Print", print), problems.read(() -> supports.chosen(support)),
                problems.choice(Ground.class, "Ground", ground), problems.choice(Wish.class, "Wish", wish));
        if (problems.any()) {
            throw new UnusableValue("what you have", String.join(" ", problems.words()), "choices from the lists", "Go back and choose again.");
        }
        return having;
    }
}
