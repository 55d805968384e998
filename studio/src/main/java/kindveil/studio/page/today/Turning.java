package kindveil.studio.page.today;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import kindveil.mixing.Keeping;
import kindveil.studio.page.Say;
import kindveil.studio.work.jar.JarWork;

/** A jar whose time comes: ready soon, to be looked at, to be thrown away. @param wrong whether it is not to be used as it is */
record Turning(String jar, String words, boolean wrong) {
    /** What turns later than this is no news yet. */
    private static final Duration SOON = Duration.ofDays(1);

    static List<Turning> of(List<JarWork.Standing> jars, Say say) {
        return jars.stream().flatMap(jar -> words(jar, say).map(words -> new Turning(jar.jar().name(), words, !jar.state().phase().serves())).stream()).toList();
    }

    private static Optional<String> words(JarWork.Standing jar, Say say) {
        Instant soon = say.now().plus(SOON);
        Keeping keeps = Keeping.of(jar.jar().mixture());
        return switch (jar.state().phase()) {
            case RESTS -> Optional.of("ready from " + say.time(jar.state().ready()));
            case GOOD -> jar.state().until().isBefore(soon) ? Optional.of("away with it after " + say.time(jar.state().until())) : jar.state().look().isBefore(soon) ? Optional.of("to be looked at from " + say.time(jar.state().look())) : Optional.empty();
            case LOOK -> Optional.of("look at it: %s is good".formatted(keeps.sound()));
            case WEAK -> Optional.of("too weak by now");
            case SPOILT -> Optional.of("throw it away");
            case EMPTY -> Optional.empty();
        };
    }
}
