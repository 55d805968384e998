package kindveil.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.way.Brief;
import kindveil.way.Choice;

import kindveil.way.Trace;
import kindveil.way.Way;

/**
 * The single changes that make a refused plan sound, found by trying each on the bench.
 *
 * @param words what is changed, for a button
 * @param brief the brief with that change
 */
public record Remedies(String words, Brief brief) {

    /** Every one-step remedy in the order of the way's own choices; empty when none helps or none is needed. */
    public static List<Remedies> of(Way way, Brief brief, Function<Brief, Trace> walked) {
        if (walked.apply(brief).refusals().isEmpty()) {
            return List.of();
        }
        return candidates(way, brief).stream().filter(remedy -> walked.apply(remedy.brief).refusals().isEmpty()).toList();
    }

    /** For a way on its own. */
    public static List<Remedies> of(Way way, Brief brief) {
        return of(way, brief, b -> Trace.of(way.expand(b)));
    }

    private static List<Remedies> candidates(Way way, Brief brief) {
        List<Remedies> all = new ArrayList<>();
        for (Choice choice : way.choices()) {
            String now = way.chosen(brief, choice.key()).key();
            for (Choice.Option option : choice.options()) {
                if (!option.key().equals(now)) {
                    all.add(new Remedies(choice.question() + ": " + option.words(), brief.with(choice.key(), option.key())));
                }
            }
        }
        for (Ground ground : Ground.values()) {
            if (ground != brief.ground()) {
                all.add(new Remedies("Ground: " + ground.words(), brief.with(ground)));
            }
        }
        for (PrintKind print : PrintKind.values()) {
            if (print != brief.print()) {
                all.add(new Remedies("Print: " + print.words(), brief.with(print)));
            }
        }
        return all;
    }
}
