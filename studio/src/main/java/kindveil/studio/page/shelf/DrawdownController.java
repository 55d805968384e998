package kindveil.studio.page.shelf;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import kindveil.image.Picture;
import kindveil.light.Surface;
import kindveil.reading.DrawdownReading;
import kindveil.studio.page.Marked;
import kindveil.studio.page.Problems;
import kindveil.studio.page.Say;
import kindveil.studio.work.picture.PictureWork;
import kindveil.studio.work.picture.StoredPicture;
import kindveil.studio.work.shelf.Paints;
import kindveil.tone.Corners;
import kindveil.tone.Treatments;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** A paint measured: the corners of its card are marked, the stripe is read, and the paint is put on the shelf. */
@Controller
class DrawdownController {
    private static final int LONGEST = 1600;
    private final Paints paints;
    private final PictureWork pictures;
    private final Say say;

    DrawdownController(Paints paints, PictureWork pictures, Say say) {
        this.paints = paints;
        this.pictures = pictures;
        this.say = say;
    }

    @GetMapping("/shelf/drawdown/{picture}")
    ModelAndView drawdown(@PathVariable UUID picture, @RequestParam Map<String, String> all) {
        return view(picture, all, null, List.of());
    }

    /** Reads the stripe; with {@code keep} the paint is put on the shelf too. */
    @PostMapping("/shelf/drawdown/{picture}")
    Object read(@PathVariable UUID picture, @RequestParam(defaultValue = "false") boolean keep, @RequestParam Map<String, String> all) {
        Problems problems = new Problems();
        boolean gloss = all.containsKey("gloss");
        Corners corners = Marked.corners(problems, all);
        Double white = problems.number("White half", all.getOrDefault("white", ""), 40, 98, "%", "White paper sends back 80 to 90 % of the light.");
        if (keep) {
            PaintsController.named(problems, all.getOrDefault("name", ""));
        }
        Picture photo = pictures.within(pictures.get(picture).id(), Treatments.NONE, LONGEST);
        DrawdownReading reading = corners == null || white == null ? null : problems.read(() -> DrawdownReading.of(photo, corners, white / 100, gloss ? Surface.GLOSS : Surface.MATTE));
        if (reading != null && keep && !problems.any() && problems.read(() -> {
            paints.put(all.getOrDefault("name", ""), reading.drawdown(), gloss);
            return true;
        }) != null) {
            return "redirect:/shelf";
        }
        return view(picture, all, reading == null ? null : DrawdownView.Read.of(reading, gloss, say), problems.words());
    }

    private ModelAndView view(UUID id, Map<String, String> typed, DrawdownView.@Nullable Read read, List<String> problems) {
        StoredPicture picture = pictures.get(id);
        return DrawdownView.of(id, picture.height() / (double) picture.width(), typed, read, problems).in("shelf/drawdown");
    }
}
