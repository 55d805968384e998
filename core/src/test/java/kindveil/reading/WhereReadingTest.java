package kindveil.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kindveil.bench.Face;
import kindveil.bench.Face.Side;
import kindveil.bench.Mask.Part;
import kindveil.bench.Thing;
import kindveil.bench.ThingKind;
import kindveil.catalogue.Catalogue;
import kindveil.catalogue.Samples;
import kindveil.reading.StackReading.Seen;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Sequence;
import kindveil.way.Trace;
import kindveil.way.Way;
import kindveil.way.WayCard;
import kindveil.way.Where;
import org.junit.jupiter.api.Test;

/** What is asked of a layer changes that layer: of every way, by trying each option of what stands at it. */
class WhereReadingTest {
    /** Every layer that lies somewhere while the way is done, with where it is met. */
    private static Set<String> met(Way way, Brief brief, Where where) {
        Set<String> met = new TreeSet<>();
        Way lay = Catalogue.way("gel-lay");
        Sequence.Part own = new Sequence.Part(way, brief);
        boolean over = way.card().kind() != WayCard.Kind.TRANSFER;
        Sequence all = Sequence.on(brief.base(), over ? List.of(new Sequence.Part(lay, Samples.usual(lay)), own) : List.of(own));
        Trace trace = Trace.of(all.expand()).part(over ? 1 : 0);
        int below = StackReading.of(trace.moments().getFirst().before()).layers().size();
        for (Trace.Moment moment : trace.moments()) {
            for (Thing thing : moment.after().things()) {
                for (Side side : Side.values()) {
                    List<Seen> there = StackReading.of(moment.after(), new Face(thing.kind(), side)).layers();
                    List<Seen> layers = thing.kind() == ThingKind.SUPPORT && side == Side.FRONT ? there.subList(0, there.size() - below) : there;
                    List<Where> of = WhereReading.of(layers);
                    IntStream.range(0, layers.size()).filter(i -> of.get(i) == where).forEach(i -> met.add(layers.get(i).name() + " " + layers.get(i).part() + " " + layers.get(i).detail() + " " + layers.get(i).colour()));
                }
            }
        }
        return met;
    }

    @Test
    void whatIsAskedOfALayer_changesIt() {
        List<String> astray = new ArrayList<>();
        for (Way way : Catalogue.ways()) {
            Brief usual = Samples.usual(way);
            for (Choice choice : way.choices().stream().filter(one -> one.where() == Where.BED || one.where() == Where.TOP).toList()) {
                if (choice.options().stream().allMatch(option -> met(way, usual.with(choice.key(), option.key()), choice.where()).equals(met(way, usual, choice.where())))) {
                    astray.add(way.key() + " " + choice.key());
                }
            }
        }
        assertEquals(List.of(), astray);
    }

    @Test
    void imagePartsWhatLiesUnderItFromWhatGoesOverIt() {
        List<Seen> layers = Stream.of(StackReading.Kind.COAT, StackReading.Kind.FIBRE, StackReading.Kind.TONER, StackReading.Kind.COAT, StackReading.Kind.GROUND)
                .map(kind -> new Seen(kind, kind.name(), "", Part.ALL, 1, null)).toList();
        assertEquals(List.of(Where.TOP, Where.PAPER, Where.IMAGE, Where.BED, Where.GROUND), WhereReading.of(layers));
        assertEquals(List.of(Where.BED, Where.BED), WhereReading.of(List.of(layers.getFirst(), layers.getFirst())), "where there is no image, all that is laid is the bed");
        assertTrue(WhereReading.of(List.of()).isEmpty());
    }
}
