package kindveil.way;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import kindveil.bench.Bench;
import kindveil.bench.PrintKind;
import kindveil.measure.UnusableValue;
import kindveil.light.Colour;

/** A way of working: one declaration, from which everything else is read. */
public interface Way {
    WayCard card();

    /** Its own defaults that may be changed, by the choices made. */
    List<Dial> ownDials(Brief brief);

    /** All defaults that may be changed: its own, and those of the print it is done with. */
    default List<Dial> dials(Brief brief) {
        List<Dial> all = new ArrayList<>(ownDials(brief));
        if (card().bringsPicture() && brief.print() == PrintKind.WEAK_TONER) {
            all.add(Printed.RUNS);
        }
        return all;
    }

    /** Writes its acts and windows for the script's brief. */
    void write(Script script);

    /**
     * Coats that close a bare ground before anything else is laid on it. In a work of several ways they go under the colours laid for
     * this one; {@link #write} asks the script whether they are there ({@link Script#primed}).
     */
    default void prime(Script script) {
    }

    /** A brief without the values of dials that other choices, another print or another wish would ask for. */
    default Brief without(Brief brief) {
        Map<String, Double> kept = new HashMap<>(brief.settings().dials());
        Set<String> known = dials(brief).stream().map(Dial::key).collect(Collectors.toSet());
        kept.keySet().removeIf(key -> !known.contains(key) && Rubbing.CIRCUMSTANTIAL.contains(key));
        return brief.dialled(kept);
    }

    default String key() {
        return card().key();
    }

    default String name() {
        return card().name();
    }

    default List<Choice> choices() {
        return card().choices();
    }

    /** The plan for a brief, on a support of its own. */
    default Plan expand(Brief brief) {
        return Sequence.of(this, brief).expand();
    }

    /** The plan on a bench where something lies already. @param part its number there */
    default Plan onto(Bench found, Brief brief, int part) {
        Plan.Builder plan = Plan.on(found).aired(brief.air().airing());
        write(new Script(this, brief, plan, part, List.of()));
        return plan.build();
    }

    default Choice.Option chosen(Brief brief, String choice) {
        return choices().stream().filter(c -> c.key().equals(choice)).findFirst()
                .orElseThrow(() -> new IllegalStateException("Impossible state: %s has no choice %s.".formatted(key(), choice)))
                .chosen(brief.settings().choices().get(choice));
    }

    /** The value of a dial, inside what is possible. */
    default double dialled(Brief brief, String key) {
        Dial dial = dials(brief).stream().filter(d -> d.key().equals(key)).findFirst()
                .orElseThrow(() -> new IllegalStateException("Impossible state: %s has no dial %s.".formatted(key(), key)));
        Double value = brief.settings().dials().get(key);
        return value == null ? dial.usual().value() : dial.require(value);
    }

    /** The colours that are used with the choices made. */
    default List<Pot> pots(Brief brief) {
        return card().pots().stream().filter(pot -> pot.choice() == null || chosen(brief, pot.choice()).key().equals(pot.option())).toList();
    }

    default Colour coloured(Brief brief, String pot) {
        Pot usual = card().pots().stream().filter(p -> p.key().equals(pot)).findFirst()
                .orElseThrow(() -> new IllegalStateException("Impossible state: %s has no pot %s.".formatted(key(), pot)));
        return brief.settings().paint(pot).flatMap(paint -> Optional.ofNullable(paint.colour())).orElseGet(() -> brief.settings().colours().getOrDefault(pot, usual.usual()));
    }

    /** What to ask about a brief: values outside their usual range, with the consequence. */
    default List<String> questions(Brief brief) {
        return dials(brief).stream().filter(dial -> brief.settings().dials().containsKey(dial.key()))
                .flatMap(dial -> dial.question(brief.settings().dials().get(dial.key())).stream()).toList();
    }

    /** The brief with only what this way knows; values outside the possible and unknown options are refused. */
    default Brief checked(Brief brief) {
        brief.settings().choices().forEach((key, option) -> choices().stream().filter(c -> c.key().equals(key)).findFirst()
                .orElseThrow(() -> new UnusableValue("choice", key, "one of " + choices().stream().map(Choice::key).toList(), "Leave it out.")).chosen(option));
        for (String key : brief.settings().dials().keySet()) {
            if (dials(brief).stream().noneMatch(dial -> dial.key().equals(key))) {
                throw new UnusableValue("dial", key, "one of " + dials(brief).stream().map(Dial::key).toList(), "Leave it out.");
            }
            dialled(brief, key);
        }
        return brief;
    }
}
