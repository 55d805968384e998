package kindveil.reading;

import java.util.List;
import java.util.Optional;
import kindveil.measure.Length;
import kindveil.way.Act;
import kindveil.way.Trace;

/** What a bench card says: the act, its amount, what to watch, what can hurt, what comes next. */
public record CardReading(List<Card> cards) {

    /**
     * One act.
     *
     * @param pause how long hands wait before it
     * @param waits the windows that end at it
     * @param amount what it takes, where it takes something
     * @param batch what is mixed, where something is
     * @param after title of the act that follows, or empty at the end
     */
    public record Card(int number, Act act, java.time.Duration pause, List<Trace.Wait> waits, Optional<AmountReading.Portion> amount, Optional<AmountReading.Batch> batch,
            List<String> cautions, String after) {
    }

    public CardReading {
        cards = List.copyOf(cards);
    }

    public static CardReading of(Trace trace, Length width, Length height) {
        AmountReading amounts = AmountReading.of(trace, width, height);
        List<TimeReading.Entry> entries = TimeReading.of(trace).entries();
        List<Card> cards = new java.util.ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            TimeReading.Entry entry = entries.get(i);
            Act act = entry.act();
            cards.add(new Card(i + 1, act, entry.pause(), entry.waits(), amounts.forAct(act.id()), amounts.batch(act.id()), CautionReading.words(act.step(), entry.before()),
                    i + 1 < entries.size() ? entries.get(i + 1).act().title() : ""));
        }
        return new CardReading(cards);
    }
}
