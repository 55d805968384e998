package kindveil.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import kindveil.bench.Ground;
import kindveil.bench.PrintKind;
import kindveil.bench.Support;
import kindveil.light.Colour;
import kindveil.measure.Length;
import kindveil.way.Brief;
import kindveil.way.Choice;
import kindveil.way.Dial;
import kindveil.way.Pot;
import kindveil.way.Schools;
import kindveil.way.Way;
import kindveil.way.Wish;
import org.junit.jupiter.api.Test;

/**
 * No choice is dead: every option, dial, pot, wish, print, support and ground of every way, changed alone, changes something computed
 * in at least one plan that offers it.
 */
class NoDeadChoiceTest {
    /** One change, said. */
    private record Change(String words, UnaryOperator<Brief> change) {
    }

    private static List<Change> options(Way way) {
        List<Change> changes = new ArrayList<>();
        for (Choice choice : way.choices()) {
            for (Choice.Option option : choice.options().subList(1, choice.options().size())) {
                // what is printed is inverted where the print is drawn, and a test there holds that
                if (choice.key().equals(Schools.TONES.key())) {
                    continue;
                }
                changes.add(new Change(choice.key() + "=" + option.key(), brief -> brief.with(choice.key(), option.key())));
            }
        }
        return changes;
    }

    private static List<Change> others(Way way, Brief usual) {
        List<Change> changes = new ArrayList<>();
        for (Dial dial : way.dials(usual)) {
            Stream.of(dial.usual().least(), dial.usual().most(), dial.possibleLeast(), dial.possibleMost()).filter(value -> value != dial.usual().value())
                    .forEach(value -> changes.add(new Change(dial.key() + "=" + value, brief -> brief.dialled(dial.key(), value))));
        }
        for (Pot pot : way.card().pots()) {
            changes.add(new Change("pot " + pot.key(), brief -> brief.with(brief.settings().coloured(pot.key(), Colour.parse("pot", "#2255bb")))));
        }
        return changes;
    }

    /** What all ways are asked for: some other print, support and ground must matter in each. */
    private static List<List<Change>> material(Way way) {
        return List.of(way.card().usualPrint() == null ? List.of() : Stream.of(PrintKind.values()).map(print -> new Change("print " + print, (UnaryOperator<Brief>) brief -> brief.with(print))).toList(),
                Support.values().stream().map(support -> new Change("support " + support.id(), (UnaryOperator<Brief>) brief -> brief.with(support))).toList(),
                Stream.of(Ground.values()).map(ground -> new Change("ground " + ground, (UnaryOperator<Brief>) brief -> brief.with(ground))).toList());
    }

    private static List<Change> wishes(Way way) {
        return Stream.of(Wish.values()).filter(way.card()::offers).map(wish -> new Change("wish " + wish, (UnaryOperator<Brief>) brief -> brief.with(wish))).toList();
    }

    private static Brief sized(Brief brief, double width, double height) {
        return new Brief(brief.base(), brief.room(), Length.ofMillimetres(width), Length.ofMillimetres(height), brief.printed(), brief.wish(), brief.settings());
    }

    private static boolean matters(Way way, Change change, Brief usual) {
        if (differs(way, change, usual)) {
            return true;
        }
        for (Change context : Stream.concat(options(way).stream(), Stream.of(new Change("on a mesh", brief -> brief.with(Support.MESH)), new Change("on wood", brief -> brief.with(Support.BIRCH_PANEL)), new Change("on loose paper", brief -> brief.with(Support.WATERCOLOUR_PAPER)), new Change("on a wood block", brief -> brief.with(Support.WOOD_BLOCK)), new Change("larger", brief -> sized(brief, 180, 190)), new Change("large", brief -> sized(brief, 250, 310)))).toList()) {
            if (differs(way, change, context.change().apply(usual))) {
                return true;
            }
        }
        return false;
    }

    private static boolean differs(Way way, Change change, Brief brief) {
        try {
            return !Fingerprint.of(way, brief).equals(Fingerprint.of(way, change.change().apply(brief)));
        } catch (kindveil.measure.UnusableValue notOffered) {
            return false;
        }
    }

    @Test
    void everyOptionDialAndPot_changesSomethingComputed() {
        List<String> dead = new ArrayList<>();
        for (Way way : Catalogue.ways()) {
            Brief usual = Samples.usual(way);
            Stream.concat(options(way).stream(), others(way, usual).stream()).filter(change -> !matters(way, change, usual)).forEach(change -> dead.add(way.key() + ": " + change.words()));
        }
        assertEquals(List.of(), dead);
    }

    @Test
    void somePrintSupportAndGround_matterInEveryWay() {
        List<String> dead = new ArrayList<>();
        for (Way way : Catalogue.ways()) {
            for (List<Change> kind : material(way)) {
                if (!kind.isEmpty() && kind.stream().noneMatch(change -> differs(way, change, Samples.usual(way)))) {
                    dead.add(way.key() + ": " + kind.getFirst().words());
                }
            }
        }
        assertEquals(List.of(), dead);
    }

    /** A wish that changes nothing in a way is offered by none: it must matter wherever the card does not speak against it. */
    @Test
    void everyWish_changesSomethingComputed() {
        List<String> dead = new ArrayList<>();
        for (Way way : Catalogue.transfers()) {
            Brief usual = Samples.usual(way);
            for (Change wish : wishes(way)) {
                if (wish.change().apply(usual).wish() != usual.wish() && !matters(way, wish, usual)) {
                    dead.add(way.key() + ": " + wish.words());
                }
            }
        }
        assertEquals(List.of(), dead);
    }

    /** No two supports, grounds or prints are one by two names: in some way that takes them something computed differs. */
    @Test
    void everySupportGroundAndPrint_differsFromEveryOther() {
        List<String> alike = new ArrayList<>();
        alike(Support.values().stream().map(support -> new Change(support.id(), brief -> brief.with(support))).toList(), alike);
        alike(Stream.of(Ground.values()).map(ground -> new Change(ground.name(), (UnaryOperator<Brief>) brief -> brief.with(ground))).toList(), alike);
        alike(Stream.of(PrintKind.values()).map(print -> new Change(print.name(), (UnaryOperator<Brief>) brief -> brief.with(brief.printed().with(print).coloured(0.6)))).toList(), alike);
        // a photocopy is a laser print by another name, and artists have both names
        assertEquals(List.of("GOOD_TONER and PHOTOCOPY"), alike);
    }

    private static void alike(List<Change> all, List<String> alike) {
        List<List<Object>> seen = all.stream().map(change -> Catalogue.ways().stream().map(way -> {
            try {
                return (Object) Fingerprint.of(way, change.change().apply(Samples.usual(way)));
            } catch (kindveil.measure.UnusableValue notOffered) {
                return "not offered";
            }
        }).toList()).toList();
        for (int i = 0; i < all.size(); i++) {
            for (int k = i + 1; k < all.size(); k++) {
                if (seen.get(i).equals(seen.get(k))) {
                    alike.add(all.get(i).words() + " and " + all.get(k).words());
                }
            }
        }
    }
}
