package kindveil.studio.store.form;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import kindveil.making.Begun;
import kindveil.making.Departure;
import kindveil.studio.work.log.Judged;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.ActId;
import org.jspecify.annotations.Nullable;

/** What an entry of the log judged, as it is kept. */
public record JudgedForm(String title, int veil, List<WayForm> ways, String wish, String print, String by, int runs, String paper, List<AirForm> air, List<DepartureForm> departures,
        List<AnsweredForm> answers, String state, int pass, @Nullable UUID foreseen) {
    /** One way. */
    public record WayForm(String key, String name, List<PlanForm.ChosenForm> chosen, List<String> lots) {
    }

    /** The air told at a moment. */
    public record AirForm(long at, double celsius, double percent) {
    }

    /** Where the hands left the plan. */
    public record DepartureForm(String act, String words, String kind, @Nullable Long took, @Nullable Long asked) {
    }

    /** One answer. */
    public record AnsweredForm(String act, String title, String answer, long at) {
    }

    public static JudgedForm of(Judged j) {
        return new JudgedForm(j.title(), j.veil(), j.ways().stream().map(w -> new WayForm(w.key(), w.name(),
                w.chosen().stream().map(c -> new PlanForm.ChosenForm(c.key(), c.question(), c.words())).toList(), w.lots())).toList(),
                Vocabulary.WISH.of(j.wish()), Vocabulary.PRINT.of(j.print().kind()), j.print().by(), j.print().runs(), j.print().paper(),
                j.air().stream().map(a -> new AirForm(a.at().toEpochMilli(), a.celsius(), a.percent())).toList(),
                j.departures().stream().map(d -> new DepartureForm(d.act(), d.words(), Vocabulary.DEPARTURE.of(d.kind()), millis(d.took()), millis(d.asked()))).toList(),
                j.answers().stream().map(a -> new AnsweredForm(a.act().toString(), a.title(), a.answer(), a.at().toEpochMilli())).toList(), Vocabulary.LOOK.of(j.state()), j.pass(), j.foreseen());
    }

    private static @Nullable Long millis(@Nullable Duration duration) {
        return duration == null ? null : duration.toMillis();
    }

    private static @Nullable Duration duration(@Nullable Long millis) {
        return Optional.ofNullable(millis).map(Duration::ofMillis).orElse(null);
    }

    public Judged judged() {
        return new Judged(title, veil, ways.stream().map(w -> new Judged.WayOf(w.key, w.name, w.chosen.stream().map(c -> new Begun.Chosen(c.key(), c.question(), c.words())).toList(), w.lots)).toList(),
                Vocabulary.WISH.read(wish), new Judged.Print(Vocabulary.PRINT.read(print), by, runs, paper),
                air.stream().map(a -> new ToldRoom(Instant.ofEpochMilli(a.at), a.celsius, a.percent)).toList(),
                departures.stream().map(d -> new Departure(d.act, d.words, Vocabulary.DEPARTURE.read(d.kind), duration(d.took), duration(d.asked))).toList(),
                answers.stream().map(a -> new Judged.Answered(ActId.parse(a.act), a.title, a.answer, Instant.ofEpochMilli(a.at))).toList(), Vocabulary.LOOK.read(state), pass, foreseen);
    }
}
