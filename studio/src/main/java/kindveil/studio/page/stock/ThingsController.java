package kindveil.studio.page.stock;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.bench.Sheet;
import kindveil.measure.Length;
import kindveil.measure.UnusableValue;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.stock.Stock;
import kindveil.studio.work.stock.Things;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class ThingsController {
    private static final Length LEAST = Length.ofMillimetres(3);
    private static final Length MOST = Length.ofMillimetres(3000);
    private static final Length LONGEST_ROLL = Length.ofMillimetres(1_000_000);
    private static final int PERCENT = 100;
    private final Things things;
    private final Stock stock;
    private final Say say;

    ThingsController(Things things, Stock stock, Say say) {
        this.things = things;
        this.stock = stock;
        this.say = say;
    }

    @GetMapping("/shelf/things")
    ModelAndView things() {
        return page(ThingsView.Form.fresh(), List.of());
    }

    private ModelAndView page(ThingsView.Form form, List<String> problems) {
        return ThingsView.of(things, things.kit(stock.asked()), form, problems, say).in("stock/things");
    }

    /** One put there, or, by its id, told anew. */
    @PostMapping("/shelf/things")
    Object keep(@RequestParam Map<String, String> all) {
        ThingsView.Form form = ThingsView.Form.of(all);
        Problems problems = new Problems();
        UUID id = problems.read(() -> Stock.id(form.id()));
        What what = problems.read(() -> What.of(form.kind()));
        Integer count = problems.whole("How many", form.count(), 0, Owned.MOST, "", "Count what is left.");
        boolean roll = what != null && what.kind == Gear.Kind.TAPE;
        boolean sized = what != null && what.kind != Gear.Kind.TOOL;
        Length width = sized ? problems.read(() -> Length.parseSize("How wide", form.width(), LEAST, MOST)) : null;
        Length height = sized ? problems.read(() -> Length.parseSize(roll ? "How long a full roll is" : "How high", form.height(), LEAST, roll ? LONGEST_ROLL : MOST)) : null;
        Double level = roll ? problems.number("How full", form.level(), 0, PERCENT, "%", "0 is empty.") : Double.valueOf(PERCENT);
        boolean sheet = what != null && what.kind.sheets();
        Double grams = !sheet || form.grams().isBlank() ? null : problems.number("Weight", form.grams(), Gear.LIGHTEST, Gear.HEAVIEST, "g/m²", "It stands on the packet; leave it empty if you do not know.");
        if (!problems.any()) {
            problems.read(() -> {
                String name = form.name().isBlank() ? what.words : form.name().strip();
                things.keep(new Gear(id, what.kind, what.what, name, count, width == null || height == null ? null : new Owned.Size(width, height), level / PERCENT, grams, say.now()));
                return true;
            });
        }
        return problems.any() ? page(form, problems.words()) : "redirect:/shelf/things";
    }

    /** What can be put there. */
    record What(String key, Gear.Kind kind, String what, String words) {
        static List<What> all() {
            List<What> all = new java.util.ArrayList<>();
            for (Sheet sheet : Things.SHEETS) {
                all.add(new What(Owned.what(sheet), sheet == Sheet.COATED_FILM ? Gear.Kind.FILM : Gear.Kind.PAPER, Owned.what(sheet), sheet.words()));
            }
            all.add(new What("tape", Gear.Kind.TAPE, "", "clear packing tape"));
            all.add(new What("plate", Gear.Kind.PLATE, "", "gel plate"));
            all.add(new What("tray", Gear.Kind.TRAY, "", "tray"));
            all.add(new What("weight", Gear.Kind.WEIGHT, "", "flat board with a weight"));
            all.add(new What("tool", Gear.Kind.TOOL, "", "tool that never goes back to the kitchen"));
            return all;
        }

        static What of(String key) {
            return all().stream().filter(one -> one.key.equals(key)).findFirst().orElseThrow(() -> new UnusableValue("What it is", key, "one of the choices shown", "Choose one of them."));
        }

        static @Nullable What of(Gear thing) {
            return all().stream().filter(one -> one.kind == thing.kind() && one.what.equals(thing.what())).findFirst().orElse(null);
        }
    }

    @PostMapping("/shelf/things/{id}/remove")
    String remove(@PathVariable UUID id) {
        things.remove(id);
        return "redirect:/shelf/things";
    }
}
