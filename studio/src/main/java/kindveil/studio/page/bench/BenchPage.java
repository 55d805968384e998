package kindveil.studio.page.bench;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import kindveil.studio.work.device.Door;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.stock.Prints;
import kindveil.studio.page.PageView;

/**
 * The bench: one making, and what is said to what was told last.
 *
 * @param sheets that came off it with their picture on them
 * @param wall what the clock on the wall says
 * @param now in milliseconds, for the clocks on the page
 * @param said what is said, whether or not something is wrong
 * @param against what speaks against an answer that can still be told as done anyway
 */
record BenchPage(BenchView bench, LiveView live, List<ReadyJar> jars, List<Sheet> sheets, String air, String wall, long now, List<String> said, boolean wrong, Against against) implements PageView {
    private static final String JAR_KEYS = "jkl";

    /**
     * What other devices are to it.
     *
     * @param changes its state, to be compared with what is heard
     * @param here this device, empty for the studio's own machine; likewise {@code rings}, where alarms ring, by its name {@code ringing}
     */
    record LiveView(int changes, String here, String rings, String ringing) {
        static LiveView of(StoredMaking making, @Nullable UUID here, Door door) {
            return new LiveView(making.changes(), here == null ? "" : here.toString(), door.rings() == null ? "" : door.rings().toString(),
                    door.ringing());
        }
    }

    /** A sheet that came off it. @param act that parted it @param kept whether it is in stock */
    record Sheet(String act, String words, boolean kept) {
        static List<Sheet> of(StoredMaking making, Prints prints) {
            return prints.leftovers(making).stream().map(left -> new Sheet(left.act().toString(), "Keep the " + left.kind().words(), prints.keeps(making, left))).toList();
        }
    }

    /** @param asked the answer; @param minutesAgo when it was done */
    record Against(List<String> reasons, int asked, double minutesAgo) {
        static final Against NOTHING = new Against(List.of(), 0, 0);
    }

    /** The key of one of what else there is to mixing; empty where there are more than keys. */
    public String jarKey(int index) {
        return index < JAR_KEYS.length() ? JAR_KEYS.substring(index, index + 1) : "";
    }

    @Override
    public List<String> problems() {
        return Stream.concat(wrong ? said.stream() : Stream.empty(), against.reasons.stream()).toList();
    }
}
