package kindveil.making;

import java.util.ArrayList;
import java.util.List;
import kindveil.measure.Figures;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Plan;
import kindveil.way.Way;
import kindveil.way.Sequence;

/**
 * What a making was begun with, kept as it was then: its acts and windows, and what each of its ways was asked for, in words
 * too. Whatever becomes of the ways later, a making goes on by this.
 *
 * @param plan acts and windows of all its ways
 * @param parts its ways in their order
 */
public record Begun(Plan plan, List<Part> parts) {
    /**
     * One way of it.
     *
     * @param way its lasting name
     * @param name what it is called
     * @param chosen what was chosen of its own
     */
    public record Part(String way, String name, Brief brief, List<Chosen> chosen) {
        public Part {
            chosen = List.copyOf(chosen);
        }
    }

    /** A choice or number of a way, by its lasting name and in words. */
    public record Chosen(String key, String question, String words) {
    }

    public Begun {
        parts = List.copyOf(parts);
    }

    /** Of a work as its ways write it now. */
    public static Begun of(Sequence work) {
        return new Begun(work.expand(), work.parts().stream().map(part -> new Part(part.way().key(), part.way().name(), part.brief(), chosen(part.way(), part.brief()))).toList());
    }

    /** With one more way after all of it. */
    public Begun then(Way way, Brief brief) {
        return new Begun(plan.then(way.onto(plan.bench(), brief, parts.size())), java.util.stream.Stream.concat(parts.stream(), java.util.stream.Stream.of(new Part(way.key(), way.name(), brief, chosen(way, brief)))).toList());
    }

    private static List<Chosen> chosen(Way way, Brief brief) {
        List<Chosen> chosen = new ArrayList<>();
        for (Choice choice : way.choices()) {
            chosen.add(new Chosen(choice.key(), choice.question(), way.chosen(brief, choice.key()).words()));
        }
        for (Dial dial : way.dials(brief)) {
            chosen.add(new Chosen(dial.key(), dial.words(), Figures.plain(way.dialled(brief, dial.key())) + " " + dial.usual().unit()));
        }
        return chosen;
    }
}
