package kindveil.studio.page.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.making.Replanning;
import kindveil.measure.Figures;
import kindveil.measure.Span;
import kindveil.measure.Volume;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.StoredMaking;

/**
 * What of a making's plan can still be otherwise.
 *
 * @param called its piece, and which pull of it this is
 * @param before what was changed by now, in words
 */
record ReplanView(UUID making, int seq, String called, String atHand, List<Question> questions, List<String> before, List<String> problems) implements PageView {
    private static final Duration ALIKE = Duration.ofSeconds(30);
    private static final double DROP = 0.05;

    /** Something that is chosen or a number. @param range of a number, or empty @param usual of it */
    record Question(int part, String key, String question, String now, List<Option> options, String range, String unit, String typed) {
        public boolean number() {
            return options.isEmpty();
        }

        public String id() {
            return "to-%d-%s".formatted(part, key);
        }
    }

    /** Another option, and what it changes of the rest. */
    record Option(String key, String words, String figures) {
    }

    static ReplanView of(StoredMaking making, String title, List<Replanning.Open> open, List<String> problems, Say say) {
        List<Question> questions = open.stream().map(one -> new Question(one.part(), one.key(), one.question(), one.now(), one.options().stream().map(other -> new Option(other.key(), other.words(), figures(other, say))).toList(),
                one.dial() == null ? "" : "%s to %s %s".formatted(Figures.plain(one.dial().possibleLeast()), Figures.plain(one.dial().possibleMost()), one.dial().usual().unit()), one.dial() == null ? "" : one.dial().usual().unit(), one.now().split(" ")[0])).toList();
        return new ReplanView(making.id(), making.told().size(), making.called(title), making.making().current().map(act -> say.it(act.title())).orElse(""), questions, making.replans().stream().map(replan -> replan.words()).toList(), problems);
    }

    private static String figures(Replanning.Other other, Say say) {
        List<String> words = new ArrayList<>();
        if (other.left().abs().compareTo(ALIKE) > 0) {
            words.add("%s %s".formatted(Span.words(other.left().abs()), other.left().isNegative() ? "sooner done" : "longer"));
        }
        if (Math.abs(other.takes()) >= DROP) {
            words.add("%s %s".formatted(say.one(new Volume(Math.abs(other.takes()))), other.takes() < 0 ? "less" : "more"));
        }
        return words.isEmpty() ? "as long, and as much" : String.join(", ", words);
    }
}
