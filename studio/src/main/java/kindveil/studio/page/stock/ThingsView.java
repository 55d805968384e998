package kindveil.studio.page.stock;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.measure.Figures;
import kindveil.measure.Length;
import kindveil.measure.UnitSystem;
import kindveil.measure.Words;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Pick;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.stock.Things;
import org.jspecify.annotations.Nullable;

/** Sheets, rolls and tools on the shelf, a form for another, and the kit for what is planned. */
record ThingsView(List<Row> things, Form form, List<Pick> kinds, List<Want> wants, List<String> tools, List<String> amounts, String wide, String high, List<String> problems) implements PageView {
    private static final int PERCENT = 100;
    private static final double MILLIMETRES_PER_METRE = 1000;
    private static final double MILLIMETRES_PER_FOOT = 304.8;
    /** Units of its drawing to a millimetre, and the largest that is drawn to scale. */
    private static final double SCALE = 0.18;
    private static final double LARGEST = 76;

    /**
     * One of them.
     *
     * @param drawnWidth of its outline, to one scale with the others; {@code drawnHeight} likewise; 0 where it has no size
     * @param hue it is drawn in @param stack whether several lie over each other
     * @param roll how full a roll is, 0 to 1; negative for what is none
     */
    record Row(UUID id, String name, String words, double drawnWidth, double drawnHeight, double roll, String hue, boolean stack, boolean out, Form form) {
        /** Of the rim of what is left on a roll. */
        public double rim() {
            return Math.round((10 + 16 * Math.sqrt(Math.max(0, roll))) * 10) / 10.0;
        }
    }

    /** As it was typed. */
    record Form(String id, String kind, String name, String count, String width, String height, String level, String grams) {
        static Form fresh() {
            return new Form(UUID.randomUUID().toString(), "", "", "1", "", "", "100", "");
        }

        static Form of(Map<String, String> all) {
            return new Form(all.getOrDefault("id", ""), all.getOrDefault("kind", ""), all.getOrDefault("name", ""), all.getOrDefault("count", "1"), all.getOrDefault("width", ""), all.getOrDefault("height", ""), all.getOrDefault("level", "100"), all.getOrDefault("grams", ""));
        }

        static Form of(Gear owned, double full, UnitSystem system) {
            ThingsController.What what = ThingsController.What.of(owned);
            Owned.Size size = owned.size();
            return new Form(owned.id().toString(), what == null ? "" : what.key(), owned.name(), String.valueOf(owned.count()), size == null ? "" : size.width().print(system), size == null ? "" : size.height().print(system), Figures.rounded(full * PERCENT, 0), owned.grams() == null ? "" : Figures.plain(owned.grams()));
        }
    }

    /** What the planned pieces take. */
    record Want(String words, String has, boolean lacking) {
    }

    static ThingsView of(Things things, Things.Kit kit, Form form, List<String> problems, Say say) {
        Map<UUID, JarWork.Left<Gear>> rolls = things.rolls().stream().collect(Collectors.toMap(roll -> roll.owned().id(), roll -> roll));
        return new ThingsView(things.all().stream().map(owned -> row(owned, rolls.get(owned.id()), say)).toList(), form, ThingsController.What.all().stream().map(what -> new Pick(what.key(), what.words(), "", what.key().equals(form.kind()))).toList(),
                kit.needs().stream().map(need -> want(need, say)).toList(), kit.tools().stream().map(say::it).toList(), kit.amounts().entrySet().stream().map(amount -> "%s: %s".formatted(amount.getKey(), say.both(amount.getValue()))).toList(), say.usual(210, 8.5), say.usual(297, 11), problems);
    }

    private static Row row(Gear owned, JarWork.@Nullable Left<Gear> roll, Say say) {
        Owned.Size size = owned.size();
        double full = roll == null || size == null || owned.count() == 0 ? 1 : Math.min(1, roll.left() / (size.height().millimetres() * owned.count()));
        double scale = size == null ? 0 : Math.min(SCALE, LARGEST / Math.max(size.width().millimetres(), size.height().millimetres()));
        String words = roll != null ? "%s wide, %s left of %s".formatted(say.one(size.width()), run(roll.left(), say), owned.count() == 1 ? "a roll" : owned.count() + " rolls")
                : size == null ? count(owned) : "%s, %s".formatted(count(owned), say.size(size.width(), size.height()));
        String over = roll != null && roll.over() > 1 ? "; %s more was cut than was on it: look again".formatted(run(roll.over(), say)) : "";
        String heavy = owned.grams() == null ? "" : ", %s g/m²".formatted(Figures.plain(owned.grams()));
        return new Row(owned.id(), owned.name(), words + heavy + over, roll != null || size == null ? 0 : size.width().millimetres() * scale, roll != null || size == null ? 0 : size.height().millimetres() * scale, roll == null ? -1 : full, hue(owned.kind()), owned.kind().sheets(), owned.count() == 0 || roll != null && roll.left() <= 0, Form.of(owned, full, say.measure()));
    }

    private static String hue(Gear.Kind kind) {
        return switch (kind) {
            case PLATE -> "#cfe3df";
            case TRAY -> "#e2e8e6";
            case WEIGHT -> "#d9b98f";
            case FILM -> "#f3f7f6";
            case PAPER, TOOL, TAPE -> "#fbfaf6";
        };
    }

    private static String count(Gear owned) {
        return owned.kind().sheets() ? owned.count() == 1 ? "1 sheet" : owned.count() + " sheets" : owned.count() == 1 ? "one" : owned.count() + " of them";
    }

    /** A length of tape, as rolls are told. */
    private static String run(double millimetres, Say say) {
        return say.measure() == UnitSystem.METRIC ? Figures.rounded(millimetres / MILLIMETRES_PER_METRE, 1) + " m" : Figures.rounded(millimetres / MILLIMETRES_PER_FOOT, 1) + " ft";
    }

    private static Want want(Things.Need need, Say say) {
        String pieces = String.join(", ", need.pieces());
        Things.Size least = need.least();
        String size = least == null ? "" : say.size(least.longer(), least.shorter());
        return switch (need.kind()) {
            case PAPER, FILM -> new Want("%s of %s".formatted(sheets(need.needed()), need.what()), "%s there; %s".formatted(sheets(need.have()), pieces), need.lacking());
            case TAPE -> new Want("%s of tape %s wide".formatted(run(need.needed(), say), say.one(least == null ? Length.ZERO : least.longer())), "%s there; %s".formatted(run(need.have(), say), pieces), need.lacking());
            case PLATE -> new Want("A gel plate of %s".formatted(size), there(need) + pieces, need.lacking());
            case TRAY -> new Want("A tray of %s".formatted(size), there(need) + pieces, need.lacking());
            case WEIGHT -> new Want("A flat board of %s, and a weight".formatted(size), there(need) + pieces, need.lacking());
            case TOOL -> new Want(Words.capital(need.what()), pieces, need.lacking());
        };
    }

    private static String there(Things.Need need) {
        return need.lacking() ? "none of yours is as large; " : "there; ";
    }

    private static String sheets(double count) {
        return count == 1 ? "1 sheet" : Figures.plain(count) + " sheets";
    }
}
