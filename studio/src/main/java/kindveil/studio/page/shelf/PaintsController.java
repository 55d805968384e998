package kindveil.studio.page.shelf;

import java.util.List;
import java.util.UUID;
import kindveil.light.Colour;
import kindveil.light.Mixing;
import kindveil.light.Paint.Opacity;
import kindveil.light.Surface;
import kindveil.measure.UnusableValue;
import kindveil.product.Pigments;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.page.Upload;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.shelf.Paints;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;

/** The paints on the shelf: put there, taken away, and mixed for a colour that is wished. */
@Controller
class PaintsController {
    private static final String PAGE = "shelf/paints";
    private static final double MOST_COATS = 8;
    private final Paints paints;
    private final PictureWork pictures;
    private final Say say;

    PaintsController(Paints paints, PictureWork pictures, Say say) {
        this.paints = paints;
        this.pictures = pictures;
        this.say = say;
    }

    /** @param wish colour to be mixed @param coats of it over {@code ground}, empty for so many that nothing shows through */
    @GetMapping("/shelf")
    ModelAndView shelf(@RequestParam(defaultValue = "") String wish, @RequestParam(defaultValue = "#e9e2d0") String ground, @RequestParam(defaultValue = "") String coats) {
        PaintsView.Wish wished = new PaintsView.Wish(wish, ground, coats.strip());
        Problems problems = new Problems();
        List<Paints.Mine> all = paints.all();
        List<Mixing> found = wish.isEmpty() ? List.of() : mixed(all, wished, problems);
        return PaintsView.of(all, PaintsView.Put.NOTHING, wished, found, problems.words(), say).in(PAGE);
    }

    private static List<Mixing> mixed(List<Paints.Mine> all, PaintsView.Wish wish, Problems problems) {
        Colour wished = problems.read(() -> Colour.parse("Colour to mix", wish.colour()));
        Colour ground = problems.read(() -> Colour.parse("Ground", wish.ground()));
        Double coats = wish.coats().isEmpty() ? Double.valueOf(0) : problems.number("Coats", wish.coats(), 0.1, MOST_COATS, "", "Leave it empty for so many that nothing shows through.");
        if (wished == null || ground == null || coats == null) {
            return List.of();
        }
        return Paints.mixed(Paints.mixable(all), wished.lab(), coats == 0 ? Mixing.Laid.hiding() : Mixing.Laid.over(ground, coats, Surface.MATTE));
    }

    private ModelAndView refused(PaintsView.Put put, Problems problems) {
        return PaintsView.of(paints.all(), put, new PaintsView.Wish("", "#e9e2d0", ""), List.of(), problems.words(), say).in(PAGE);
    }

    /** One of the generic pigments; with {@code first} a dozen at once. */
    @PostMapping("/shelf/pigments")
    Object putPigment(@RequestParam(defaultValue = "") String pigment, @RequestParam(defaultValue = "false") boolean first) {
        Problems problems = new Problems();
        problems.read(() -> {
            if (first) {
                paints.putFirst();
            } else {
                paints.put(Pigments.of(pigment).orElseThrow(() -> new UnusableValue("Pigment", pigment, "one of the choices shown", "Choose one of them.")));
            }
            return true;
        });
        return problems.any() ? refused(new PaintsView.Put(pigment, "", PaintsView.Put.NOTHING.masstone(), PaintsView.Put.NOTHING.opacity()), problems) : "redirect:/shelf";
    }

    /** By its look in full and its grade. */
    @PostMapping("/shelf/paints")
    Object putOwn(@RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String masstone, @RequestParam(defaultValue = "") String opacity) {
        Problems problems = new Problems();
        Colour colour = problems.read(() -> Colour.parse("Colour in full", masstone));
        Opacity grade = problems.choice(Opacity.class, "How far it hides", opacity);
        named(problems, name);
        if (colour != null && grade != null && !problems.any()) {
            problems.read(() -> {
                paints.put(name, colour, grade);
                return true;
            });
        }
        return problems.any() ? refused(new PaintsView.Put("", name, masstone, opacity), problems) : "redirect:/shelf";
    }

    static void named(Problems problems, String name) {
        if (name.isBlank() || name.strip().length() > 80) {
            problems.add(new UnusableValue("Name", name.isBlank() ? "nothing" : name.strip().length() + " signs", "1 to 80 signs", "Call it what stands on its tube.").getMessage());
        }
    }

    @PostMapping("/shelf/paints/{id}/take-away")
    String takeAway(@PathVariable UUID id) {
        paints.takeAway(id);
        return "redirect:/shelf";
    }

    /** A photograph of a drawdown is taken in; its corners are marked next. */
    @PostMapping("/shelf/drawdown")
    Object photograph(@RequestParam(required = false) @Nullable MultipartFile photo, @RequestParam(defaultValue = "") String name) {
        Upload upload = Upload.of(photo, "drawdown");
        Problems problems = new Problems();
        if (!name.isBlank()) {
            named(problems, name);
        }
        if (!upload.chosen()) {
            problems.add("Photograph: no file cannot be used. Expected a PNG, JPEG, TIFF or WebP picture. Choose one.");
        }
        if (problems.any()) {
            return refused(PaintsView.Put.NOTHING, problems);
        }
        UUID picture = problems.read(() -> pictures.take(upload.name(), upload.bytes()).id());
        return picture == null ? refused(PaintsView.Put.NOTHING, problems)
                : "redirect:" + UriComponentsBuilder.fromPath("/shelf/drawdown/{picture}").queryParam("name", "{name}").encode().buildAndExpand(picture, name.strip()).toUriString();
    }
}
