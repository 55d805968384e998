package kindveil.studio.page;

import kindveil.bench.Step;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.reading.AmountReading;
import kindveil.reading.CautionReading;
import kindveil.reading.HoldReading;
import kindveil.reading.OptionReading;
import kindveil.reading.TimeReading;
import kindveil.way.ActId;
import kindveil.way.Answer;
import kindveil.way.Trace;
import kindveil.way.Window;

/**
 * One act on the thread of a plan.
 *
 * @param pause what is waited for before it, or empty
 * @param thread how long the thread before it is drawn, px
 * @param closes whether a window closes there
 * @param check its check's answers that are not simply going on
 */
public record Knot(String title, String how, String hands, String clock, String pause, String why, int thread, boolean closes, String amount, String caution, List<String> check) {
    private static final int LONGEST_THREAD = 64;
    private static final String NOTHING = "–";
    private static final int KNOTTED = 30;

    /** Height of the thread before it with what is wound about the knot, px. */
    public int tall() {
        return KNOTTED + thread;
    }

    public static Knot of(TimeReading.Entry entry, String amount, Say say) {
        Trace.Wait leading = entry.waits().stream().filter(w -> !w.times().advised().isZero()).max(Comparator.comparing(Trace.Wait::advisedEnd)).orElse(null);
        boolean closes = entry.waits().stream().anyMatch(w -> w.times().latest() != null);
        Trace.Wait shown = entry.waits().stream().filter(w -> w.times().latest() != null).findFirst().orElse(leading);
        boolean toolOnly = shown != null && entry.act().step() instanceof Step.WashUp;
        int thread = !entry.timed() && entry.waits().stream().anyMatch(w -> w.times().never()) ? LONGEST_THREAD : (int) Math.min(LONGEST_THREAD, Math.round(Math.sqrt(Span.inMinutes(entry.pause())) * 4));
        return new Knot(say.it(entry.act().title()), say.it(entry.act().how()), Span.words(entry.act().handsOn()), entry.begins().map(Span::words).orElse(NOTHING), shown == null ? "" : wait(shown),
                shown == null || toolOnly ? "" : say.it(shown.window().why()), thread, closes, amount, say.it(String.join(" ", CautionReading.words(entry.act().step(), entry.before()))),
                entry.act().answers().stream().filter(a -> a.effect() instanceof Answer.Effect.Rescue).map(a -> say.it(a.words() + ": " + a.meaning())).toList());
    }

    private static String wait(Trace.Wait wait) {
        return switch (wait.window()) {
            case Window.Open open when open.bed() == null -> "before %s are over".formatted(Span.atMost(wait.times().latest()));
            case Window.Open open -> "within %s, closing from %s".formatted(Span.atMost(wait.times().latest()), Span.atMost(early(wait.times().closing())));
            case Window.Dwell dwell -> "between %s and %s".formatted(Span.atLeast(wait.times().earliest()), Span.atMost(wait.times().latest()));
            case Window.Soak soak when soak.most() != null -> "between %s and %s".formatted(Span.atLeast(wait.times().earliest()), Span.atMost(wait.times().latest()));
            case Window.Soak soak -> "after %s".formatted(Span.atLeast(wait.times().earliest()));
            case Window.Dry dry when wait.times().never() -> "will not get there in this room's air";
            case Window.Dry dry when wait.times().earliest().equals(wait.times().advised()) -> "after %s".formatted(Span.atLeast(wait.times().earliest())) + hidden(wait);
            case Window.Dry dry -> "first check after %s, safe after %s".formatted(Span.atLeast(wait.times().earliest()), Span.atLeast(wait.times().advised())) + hidden(wait);
        };
    }

    /** What it takes by itself, where practice's minimum is longer: a fan is seen to help. */
    private static String hidden(Trace.Wait wait) {
        return wait.times().hidden().map(own -> "; by itself dry in %s".formatted(Span.words(own))).orElse("");
    }

    /** From the first act to the last; said where a wait never ends in this room. */
    public static String elapsed(TimeReading times) {
        return times.elapsed().map(Span::words).orElseGet(() -> "no end in this room’s air (%s)".formatted(times.never().getFirst().title().toLowerCase(java.util.Locale.ROOT)));
    }

    /** When it is nearly too late is no matter of seconds: told to the half minute, never later. */
    private static Duration early(Duration closing) {
        long half = Duration.ofSeconds(30).toMillis();
        return closing.compareTo(Span.minutes(2)) < 0 ? closing : Duration.ofMillis(closing.toMillis() / half * half);
    }

    /** Whether it will hold, and what waiting would give. @param begun when, in a word */
    public static String holds(HoldReading hold, String begun, Say say) {
        String now = "%s with %s, begun %s".formatted(hold.of() == HoldReading.Of.HOLDING ? "Holds" : "Comes over whole", say.percent(hold.chance()), begun);
        String told = hold.waiting() == null ? now + "." : "%s; with %s.".formatted(now, waited(hold, say));
        return hold.practised().isEmpty() ? told : told + " As practised: " + practised(hold, say) + ".";
    }

    /** Where the waits that practitioners name stand on this bed's curve; from where waiting gives no more, the rest is one. */
    public static String practised(HoldReading hold, Say say) {
        List<HoldReading.Waited> waits = hold.practised();
        List<String> told = new ArrayList<>();
        for (HoldReading.Waited waited : waits) {
            String chance = say.percent(waited.chance());
            String since = Span.words(waited.since()) + (told.isEmpty() ? " after laying" : "");
            List<HoldReading.Waited> later = waits.subList(told.size() + 1, waits.size());
            if (!later.isEmpty() && later.stream().allMatch(then -> say.percent(then.chance()).equals(chance))) {
                told.add("from %s on %s".formatted(since, chance));
                break;
            }
            told.add("%s %s".formatted(since, chance));
        }
        return String.join(", ", told);
    }

    /** The least chance that it holds, or comes over; a dash where nothing is at stake. */
    public static String holds(OptionReading read, Say say) {
        return read.holds().map(say::percent).orElse(NOTHING);
    }

    /** Of medium and paint in all; a dash where there is none. */
    public static String takes(OptionReading read, Say say) {
        return read.takes().millilitres() == 0 ? NOTHING : say.one(read.takes());
    }

    /** What waiting would give. */
    public static String waited(HoldReading hold, Say say) {
        return "%s after %s more".formatted(say.percent(hold.then()), Span.words(hold.waiting()));
    }

    /** How strong the spirit in a mix is, where there is any: a strong bottle is not a strong mix. */
    public static String strength(AmountReading.Batch batch) {
        return batch.strength() <= 0 ? "" : ": %s %% alcohol in the mix".formatted(Figures.rounded(batch.strength(), 0));
    }

    /** What a batch that can be measured makes more than is needed. */
    private static String left(AmountReading.Batch batch, Say say) {
        return batch.left().millilitres() < 0.05 ? "" : "; %s of it stay over".formatted(say.both(batch.left()));
    }

    /** What an act takes or mixes, in the artist's measures. */
    public static String amount(AmountReading amounts, ActId act, Say say) {
        return Stream.concat(amounts.forAct(act).stream().map(p -> "%s of %s, %s wet".formatted(say.both(p.volume()), p.product().words(), say.film(p.micrometres()))),
                amounts.batch(act).stream().map(b -> String.join(", ", b.shares().stream().map(s -> say.both(s.volume()) + " of " + s.words()).toList()) + strength(b) + left(b, say))).findFirst().orElse("");
    }
}
