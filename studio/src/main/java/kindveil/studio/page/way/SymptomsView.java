package kindveil.studio.page.way;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindveil.catalogue.Catalogue;
import kindveil.making.Departure;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.making.StoredMaking;
import kindveil.way.Symptom;
import kindveil.way.Way;
import org.jspecify.annotations.Nullable;

/**
 * What may be behind what is seen.
 *
 * @param all symptoms, those spoken of where words were sought
 * @param chosen one of them, or null
 * @param of title of the piece it is asked of, or empty
 * @param bench of its making, or empty
 * @param making its id, or empty
 */
record SymptomsView(List<Entry> all, String sought, boolean none, @Nullable Chosen chosen, String of, String bench, String making, List<String> problems) implements PageView {
    /** One symptom. */
    record Entry(String key, String words, String href, boolean here) {
    }

    /**
     * @param tells the look that tells which it is
     * @param departures where the hands left the plan of the making it is asked of
     * @param causes those of that making's ways first
     */
    record Chosen(String key, String words, String tells, List<String> departures, List<Cause> causes) {
    }

    /** What it may be, and what helps. @param own whether its way is one of the making's */
    record Cause(String way, String href, String sees, String cause, String rescue, boolean own) {
    }

    static SymptomsView of(String sees, String sought, Optional<StoredMaking> making, String title, Say say) {
        String more = making.map(stored -> "&making=" + stored.id()).orElse("");
        Symptom chosen = sees.isEmpty() ? null : Arrays.stream(Symptom.values()).filter(symptom -> symptom.key().equals(sees)).findFirst()
                .orElseThrow(() -> new UnusableValue("What is seen", sees, "one of " + Stream.of(Symptom.values()).map(Symptom::key).toList(), "Choose one of the pictures."));
        List<Symptom> found = sought.isBlank() ? List.of(Symptom.values()) : Symptom.said(sought);
        List<Symptom> shown = found.isEmpty() ? List.of(Symptom.values()) : found;
        return new SymptomsView(shown.stream().map(symptom -> new Entry(symptom.key(), symptom.words(), "/symptoms?sees=%s%s".formatted(symptom.key(), more), symptom == chosen)).toList(), sought, found.isEmpty(),
                chosen == null ? null : chosen(chosen, making, say), title, making.map(stored -> "/bench/" + stored.id()).orElse(""), making.map(stored -> stored.id().toString()).orElse(""), List.of());
    }

    /** What words say of something gone wrong; empty where they say nothing of the kind. */
    static List<Entry> spokenOf(String words) {
        return Symptom.said(words).stream().map(symptom -> new Entry(symptom.key(), symptom.words(), "/symptoms?sees=" + symptom.key(), false)).toList();
    }

    private static Chosen chosen(Symptom symptom, Optional<StoredMaking> making, Say say) {
        Set<String> own = making.map(stored -> stored.plan().parts().stream().map(part -> part.name()).collect(Collectors.toSet())).orElse(Set.of());
        List<Cause> causes = Catalogue.ways().stream().flatMap(way -> way.card().failures().stream().filter(failure -> failure.symptom() == symptom)
                .map(failure -> new Cause(way.name(), "/ways/" + way.key(), failure.sees(), say.it(Words.capital(failure.cause()) + "."), say.it(failure.rescue()), own(way, own)))).sorted(Comparator.comparing((Cause cause) -> !cause.own())).toList();
        return new Chosen(symptom.key(), symptom.words(), symptom.tells(), making.map(stored -> Departure.of(stored.making()).stream().map(departure -> say.it(departure.act() + ": " + departure.words())).distinct().toList()).orElse(List.of()), causes);
    }

    private static boolean own(Way way, Set<String> names) {
        return names.contains(way.name());
    }
}
