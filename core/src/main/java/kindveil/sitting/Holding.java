package kindveil.sitting;

import kindveil.reading.TaskReading.Resource;

/**
 * Something kept from one moment of a piece until another: a plate under paint, a weight on a bed.
 *
 * @param from task at whose beginning, and {@code after} minutes of it, it is taken
 * @param until task at whose beginning, and {@code before} minutes of it, it is free again
 */
public record Holding(Resource what, int amount, int from, int after, int until, int before) {
}
