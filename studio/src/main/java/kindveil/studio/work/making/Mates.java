package kindveil.studio.work.making;

import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.making.Deed;
import kindveil.making.Making;
import kindveil.reading.SeriesReading;
import kindveil.way.Act;
import kindveil.way.ActId;

/** The pulls of a series among each other: what is made ready in one of them is made ready in all. */
class Mates {
    private final Makings makings;
    private final Clock clock;

    Mates(Makings makings, Clock clock) {
        this.makings = makings;
        this.clock = clock;
    }

    /** All of a making's series that are followed; itself where it is made by itself. */
    List<StoredMaking> of(StoredMaking making) {
        return making.pull() == null ? List.of(making) : makings.ofSeries(making.pull().series()).stream().filter(mate -> !mate.laidAside()).toList();
    }

    /** What one pull made ready is taken as done by every other that is at it. */
    void follow(UUID series) {
        List<StoredMaking> mates = makings.ofSeries(series).stream().filter(mate -> !mate.laidAside()).toList();
        Map<ActId, Deed> ready = new HashMap<>();
        mates.forEach(mate -> mate.told().stream().map(ToldDeed::deed).filter(deed -> !deed.assumed() && shared(mate, deed.act())).forEach(deed -> ready.merge(deed.act(), deed, (a, b) -> a.at().isBefore(b.at()) ? a : b)));
        mates.forEach(mate -> follow(mate, ready));
    }

    private void follow(StoredMaking mate, Map<ActId, Deed> ready) {
        Making making = mate.making();
        int seq = mate.told().size();
        Optional<Act> at = making.current().filter(act -> ready.containsKey(act.id()));
        while (at.isPresent()) {
            Act act = at.get();
            Deed first = ready.get(act.id());
            Instant done = first.at();
            Deed deed = new Deed(act.id(), act.expected(), done.isBefore(making.lastDeed()) ? making.lastDeed() : done, true, first.since());
            making = making.with(deed);
            makings.tell(mate.id(), seq, List.of(new ToldDeed(deed, clock.instant(), false)), making);
            seq++;
            at = making.current().filter(next -> ready.containsKey(next.id()));
        }
    }

    /** What was made ready is no longer: every other pull that had nothing told after it is before it again. */
    void unfollow(StoredMaking from, ActId act) {
        if (from.pull() == null || !shared(from, act)) {
            return;
        }
        for (StoredMaking mate : makings.ofSeries(from.pull().series())) {
            if (!mate.id().equals(from.id()) && !mate.told().isEmpty() && mate.told().getLast().deed().act().equals(act) && mate.madeReady(mate.told().getLast())) {
                drop(mate);
            }
        }
    }

    /** A making without what was told last. */
    StoredMaking drop(StoredMaking making) {
        int seq = making.told().size() - 1;
        StoredMaking before = making.telling(making.told().subList(0, seq));
        ActId here = making.making().current().map(Act::id).orElse(making.told().getLast().deed().act());
        makings.takeBack(making.id(), seq, here, before.making());
        return before;
    }

    private static boolean shared(StoredMaking mate, ActId act) {
        return mate.now().plan().act(act).filter(SeriesReading::shared).isPresent();
    }
}
