package kindveil.studio.page.jar;

import java.util.List;
import java.util.stream.Collectors;
import kindveil.measure.Figures;
import kindveil.measure.Volume;
import kindveil.mixing.Keeping;
import kindveil.product.Hazard;
import kindveil.product.Mixture;
import kindveil.studio.intake.LabelsPdf;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork.Standing;

/** What stands on the label of a jar. */
final class JarLabel {
    private JarLabel() {
    }

    static LabelsPdf.Label of(Standing jar, Say say) {
        Mixture mixture = jar.jar().mixture();
        Keeping keeps = Keeping.of(mixture);
        String contents = mixture.ingredients().stream().map(part -> "%s %s".formatted(Figures.rounded(part.parts(), 2), part.words())).collect(Collectors.joining(" : "));
        String strength = jar.jar().bottle() > 0 ? " (bottle %s %%, mixed %s %%)".formatted(Figures.plain(jar.jar().bottle()), Figures.plain(Math.round(mixture.strength(jar.jar().bottle())))) : "";
        List<String> lines = List.of("Mixed %s, %s".formatted(say.date(jar.jar().made()), say.one(new Volume(jar.jar().millilitres()))), "Look at it from %s: %s is good".formatted(say.date(jar.state().look()), keeps.sound()),
                "Away with it if %s, or after %s".formatted(keeps.spoilt(), say.date(jar.state().until())));
        return new LabelsPdf.Label(jar.jar().name(), contents + strength, lines, mixture.hazards().stream().map(Hazard::words).map(say::it).toList(), Keeping.discard(mixture.hazards()));
    }
}
