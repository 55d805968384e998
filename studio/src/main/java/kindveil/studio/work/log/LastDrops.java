package kindveil.studio.work.log;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kindveil.light.Colour;
import kindveil.light.ColourDifference;
import kindveil.making.Begun;
import kindveil.studio.work.making.Makings;
import kindveil.studio.work.piece.Planned;
import kindveil.way.Brief;
import kindveil.way.Dial;
import kindveil.way.Drops;
import kindveil.way.Pot;
import kindveil.way.Way;
import org.springframework.stereotype.Service;

/** How many drops an ink took the last time, by the log: colours differ, and so do inks. */
@Service
public class LastDrops {
    /** Inks that differ by less are taken for the same. */
    private static final double SAME_INK = 6;
    private final Log log;
    private final Makings makings;

    LastDrops(Log log, Makings makings) {
        this.log = log;
        this.makings = makings;
    }

    /** @param dial it is told by @param drops it took in the end @param verdict of what came, in words @param title of what was made then */
    public record Last(String dial, double drops, String verdict, String title) {
    }

    /** Of the veil in hand; empty where its way takes no drops, nothing was written of such an ink, or as many are planned. */
    public Optional<Last> of(Planned planned) {
        Way way = planned.piece().design().theWay();
        Brief brief = planned.brief();
        Optional<Dial> dial = way.dials(brief).stream().filter(one -> one.usual().unit().equals(Drops.UNIT)).findFirst();
        if (dial.isEmpty() || way.card().pots().isEmpty()) {
            return Optional.empty();
        }
        Pot pot = way.card().pots().getFirst();
        Colour ink = way.coloured(brief, pot.key());
        return log.all().stream().filter(entry -> !entry.struck() && entry.making() != null && entry.judged().way().key().equals(way.key())).sorted(Comparator.comparing(LogEntry::written).reversed())
                .flatMap(entry -> taken(entry, way, dial.get(), pot, ink).stream()).findFirst().filter(last -> Math.abs(last.drops - way.dialled(brief, dial.get().key())) > 0.5);
    }

    private Optional<Last> taken(LogEntry entry, Way way, Dial dial, Pot pot, Colour ink) {
        List<Begun.Part> parts = makings.find(entry.making()).map(making -> making.now().parts()).orElse(List.of());
        return parts.stream().filter(part -> part.way().equals(way.key())).map(Begun.Part::brief).filter(then -> ColourDifference.between(way.coloured(then, pot.key()).lab(), ink.lab()) < SAME_INK).findFirst()
                .map(then -> {
                    long stiff = entry.judged().answers().stream().filter(answer -> answer.answer().equals(Drops.STIFF)).count();
                    boolean ran = entry.judged().answers().stream().anyMatch(answer -> answer.answer().equals(Drops.RUNNY));
                    double drops = Math.min(dial.possibleMost(), Drops.taken(then.settings().dials().getOrDefault(dial.key(), dial.usual().value()), stiff, ran));
                    return new Last(dial.key(), drops, entry.verdict().words(), entry.judged().title());
                });
    }
}
