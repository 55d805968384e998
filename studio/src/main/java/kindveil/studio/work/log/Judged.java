package kindveil.studio.work.log;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import kindveil.bench.PrintKind;
import kindveil.making.Begun;
import kindveil.making.Deed;
import kindveil.making.Departure;
import kindveil.product.Product;
import kindveil.reading.LookState;
import kindveil.studio.work.room.ToldRoom;
import kindveil.way.ActId;
import kindveil.way.Plan;
import kindveil.way.Wish;
import org.jspecify.annotations.Nullable;

/**
 * What an entry of the log judged, as it was then: nothing that is changed later moves it.
 *
 * @param title of the piece
 * @param veil which way of it the entry is about, from 0
 * @param ways in their order
 * @param air as it was told while it was made, oldest first
 * @param departures where the hands left the plan
 * @param answers given at the bench, oldest first
 * @param state the look it is compared with, after {@code pass} rounds
 * @param foreseen the picture of the look foreseen then, or null where none was kept
 */
public record Judged(String title, int veil, List<WayOf> ways, Wish wish, Print print, List<ToldRoom> air, List<Departure> departures, List<Answered> answers,
        LookState state, int pass, @Nullable UUID foreseen) {
    /** One way of it, with what was chosen. @param lots of the artist's own, by name */
    public record WayOf(String key, String name, List<Begun.Chosen> chosen, List<String> lots) {
        public WayOf {
            chosen = List.copyOf(chosen);
            lots = List.copyOf(lots);
        }

        /** Of what a making was begun with, in order. */
        public static List<WayOf> of(Begun plan) {
            return plan.parts().stream().map(part -> new WayOf(part.way(), part.name(), part.chosen(),
                    part.brief().settings().lots().values().stream().map(Product::words).sorted().toList())).toList();
        }
    }

    /** The print it was made from. @param by whose machine, or empty @param runs how often the sheet went through @param paper what it lay on */
    public record Print(PrintKind kind, String by, int runs, String paper) {
    }

    /** One answer given at the bench. */
    public record Answered(ActId act, String title, String answer, Instant at) {
        /** What deeds answered; those only taken as done, and those that no longer fit, answered nothing. */
        public static List<Answered> of(Plan plan, List<Deed> deeds) {
            return deeds.stream().filter(deed -> !deed.assumed()).flatMap(deed -> plan.act(deed.act()).filter(act -> deed.answer() < act.answers().size()).stream()
                    .map(act -> new Answered(act.id(), act.title(), act.answers().get(deed.answer()).words(), deed.at()))).toList();
        }
    }

    public Judged {
        ways = List.copyOf(ways);
        air = List.copyOf(air);
        departures = List.copyOf(departures);
        answers = List.copyOf(answers);
    }

    Judged printedBy(String by) {
        return new Judged(title, veil, ways, wish, new Print(print.kind, by, print.runs, print.paper), air, departures, answers, state, pass, foreseen);
    }

    /** The way it is about. */
    public WayOf way() {
        return ways.get(Math.min(veil, ways.size() - 1));
    }
}
