package kindveil.studio.page.piece;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import kindveil.studio.page.Say;
import kindveil.studio.work.sheet.RealWork.Real;
import kindveil.studio.work.sheet.Taken;

/**
 * Asked before a change parts from what is real already.
 *
 * @param real what that is, in sentences
 * @param sent what was sent, to be sent again if it is meant
 */
public record Guard(String action, List<String> real, Map<String, String> sent) {
    private static final String ANYWAY = "anyway";

    public static boolean meant(Map<String, String> sent) {
        return "true".equals(sent.get(ANYWAY));
    }

    /** @param action where it was sent */
    public static Guard of(Real real, String action, Map<String, String> sent, Say say) {
        Map<String, String> again = new TreeMap<>(sent);
        again.remove("_csrf");
        again.put(ANYWAY, "true");
        Stream<String> there = real.exists().stream().map(print -> "A print of it exists, %s wide, %s: changed so, it is printed anew.".formatted(say.one(print.width()), print.kind().words()));
        return new Guard(action, Stream.concat(there, Stream.concat(real.taken().stream().limit(1).map(taken -> "%s: what was printed from it stays as it is.".formatted(words(taken, say))),
                real.making().stream().map(line -> "It is on the bench, at “%s”: that making goes on as it was begun.".formatted(line.atHand())))).toList(), again);
    }

    /** A file that was taken, in words. */
    public static String words(Taken taken, Say say) {
        return "A file of %s at %s wide, %s, was taken on %s".formatted(taken.copies() == 1 ? "one copy" : taken.copies() + " copies", say.one(taken.width()), taken.mirrored() ? "mirrored" : "not mirrored", say.date(taken.at()));
    }
}
