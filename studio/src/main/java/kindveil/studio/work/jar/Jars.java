package kindveil.studio.work.jar;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import kindveil.studio.work.Kept;

/** Keeps jars, and what was taken out of them and of the lots on the shelf. */
public interface Jars {
    /** The newest first, those thrown away too; what cannot be read set apart. */
    Kept<StudioJar> kept();

    Optional<StudioJar> find(UUID id);

    void add(StudioJar jar);

    /** Replaces it if it is still at the version {@code jar} says; otherwise {@link kindveil.studio.work.Outdated}. */
    void replace(StudioJar jar);

    void remove(UUID id);

    void draw(List<Drawn> drawn);

    /** Puts back what a making took from its deed {@code seq} on, or what a jar was mixed of. */
    void putBack(UUID by, int seq);

    /** What a making took, or a jar was mixed of, in the order it was taken. */
    List<Drawn> drawnBy(UUID by);

    /** All of it, for an archive. */
    List<Drawn> drawn();

    /** ml taken out of each jar. */
    Map<UUID, Double> outOfJars();

    /** ml taken out of each lot since somebody last looked how full it is. */
    Map<UUID, Double> outOfLots();
}
