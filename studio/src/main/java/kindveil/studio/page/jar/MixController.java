package kindveil.studio.page.jar;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import kindveil.measure.UnusableValue;
import kindveil.mixing.Recipe;
import kindveil.product.Mixture;
import kindveil.product.Mixtures;
import kindveil.studio.intake.LabelsPdf;
import kindveil.studio.page.Download;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.jar.JarWork.Standing;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.stock.Stock;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class MixController {
    private final JarWork jars;
    private final Stock stock;
    private final Say say;

    MixController(JarWork jars, Stock stock, Say say) {
        this.jars = jars;
        this.stock = stock;
        this.say = say;
    }

    /** What stands, and what comes of a batch as it is told so far. */
    @GetMapping("/jars")
    ModelAndView jars(@RequestParam MultiValueMap<String, String> all) {
        return page(all, !all.isEmpty(), List.of());
    }

    private ModelAndView page(MultiValueMap<String, String> all, boolean asked, List<String> more) {
        Map<Mixture, Map<Piece, Double>> needs = stock.mixed(stock.asked());
        List<Mixture> known = known(needs);
        MixForm form = MixForm.of(all, usual(needs, known));
        Problems problems = new Problems();
        MixForm.Batch batch = form.read(known, needs, say.measure(), problems);
        List<String> said = new ArrayList<>(more);
        said.addAll(asked && !form.mixture().equals(MixForm.OWN) || !form.own().stream().allMatch(String::isBlank) ? problems.words() : List.of());
        return JarsView.of(jars, form, batch, known, needs, said.stream().distinct().toList(), say).in("jar/jars");
    }

    /** Recipes of the studio, and those only some pieces ask for. */
    private static List<Mixture> known(Map<Mixture, Map<Piece, Double>> needs) {
        List<Mixture> known = new ArrayList<>(Mixtures.all());
        needs.keySet().stream().filter(mixture -> known.stream().noneMatch(other -> other.id().equals(mixture.id()))).forEach(known::add);
        return known;
    }

    /** What most pieces ask for. */
    private static String usual(Map<Mixture, Map<Piece, Double>> needs, List<Mixture> known) {
        return needs.entrySet().stream().max(java.util.Comparator.comparingInt(need -> need.getValue().size())).map(need -> need.getKey().id()).orElse(known.getFirst().id());
    }

    /** It is mixed: it stands in a jar from now on, or, by a recipe of one's own, as a lot on the shelf. */
    @PostMapping("/jars")
    Object mix(@RequestParam MultiValueMap<String, String> all) {
        Map<Mixture, Map<Piece, Double>> needs = stock.mixed(stock.asked());
        List<Mixture> known = known(needs);
        MixForm form = MixForm.of(all, usual(needs, known));
        Problems problems = new Problems();
        MixForm.Batch batch = form.read(known, needs, say.measure(), problems);
        if (batch != null && batch.recipe().mixed() <= 0) {
            problems.add(new UnusableValue("To mix", "nothing", "some of it", "Choose pieces it is for, or tell how much.").getMessage());
        }
        if (!problems.any()) {
            problems.read(() -> {
                Recipe recipe = Objects.requireNonNull(batch).recipe();
                if (form.mixture().equals(MixForm.OWN)) {
                    stock.mixed(batch.name(), recipe);
                } else {
                    jars.mix(batch.name(), recipe, batch.bottle(), batch.opening(), say.now().minus(batch.ago()));
                }
                return true;
            });
        }
        return problems.any() ? page(all, false, problems.words()) : form.mixture().equals(MixForm.OWN) ? "redirect:/shelf/stock" : "redirect:/jars";
    }

    @PostMapping("/jars/{id}/lid")
    String lid(@PathVariable UUID id, @RequestParam int version, @RequestParam boolean off) {
        jars.lid(id, version, off);
        return "redirect:/jars";
    }

    /** Somebody looked at it. */
    @PostMapping("/jars/{id}/look")
    String look(@PathVariable UUID id, @RequestParam int version, @RequestParam boolean sound) {
        jars.look(id, version, sound);
        return "redirect:/jars";
    }

    /** That was a slip: nobody looked. */
    @PostMapping("/jars/{id}/unlook")
    String unlook(@PathVariable UUID id, @RequestParam int version) {
        jars.unlook(id, version);
        return "redirect:/jars";
    }

    @PostMapping("/jars/{id}/top-up")
    String topUp(@PathVariable UUID id, @RequestParam int version) {
        jars.topUp(id, version);
        return "redirect:/jars";
    }

    /** All of it poured into another jar. */
    @PostMapping("/jars/{id}/pour")
    Object pour(@PathVariable UUID id, @RequestParam int version, @RequestParam UUID into) {
        try {
            jars.pour(id, version, into);
            return "redirect:/jars";
        } catch (UnusableValue refused) {
            return page(new LinkedMultiValueMap<>(), false, List.of(refused.getMessage()));
        }
    }

    @PostMapping("/jars/{id}/throw")
    String throwAway(@PathVariable UUID id, @RequestParam int version) {
        jars.throwAway(id, version);
        return "redirect:/jars?thrown=" + id;
    }

    @PostMapping("/jars/{id}/bring-back")
    String bringBack(@PathVariable UUID id) {
        jars.bringBack(id);
        return "redirect:/jars";
    }

    /** Labels to stick on: of one jar, or of all that stand. */
    @GetMapping("/jars/labels.pdf")
    ResponseEntity<byte[]> labels(@RequestParam(required = false) List<UUID> jar) {
        List<Standing> standing = jar == null ? jars.standing() : jar.stream().map(jars::get).toList();
        return Download.of("labels.pdf", MediaType.APPLICATION_PDF).body(LabelsPdf.write(standing.stream().map(one -> JarLabel.of(one, say)).toList(), kindveil.sheet.Paper.usual(say.measure())));
    }
}
