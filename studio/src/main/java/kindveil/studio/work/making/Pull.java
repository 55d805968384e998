package kindveil.studio.work.making;

import java.util.UUID;

/**
 * Which of several pulls of one plan a making is.
 *
 * @param number from 1
 * @param plates gel plates the series has
 */
public record Pull(UUID series, int number, int plates) {
}
