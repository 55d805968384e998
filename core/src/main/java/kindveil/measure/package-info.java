/**
 * Quantities with their units, and the reading of them as a person writes them.
 *
 * <p><b>In:</b> text such as {@code "12,5 cm"}, {@code "5 1/2 in"} or a number with a unit in its
 * factory's name. <b>Out:</b> values that cannot be out of their physical range, each printing itself
 * with its unit in metric or US measure. Anything that cannot be understood is refused with an
 * {@link kindveil.measure.UnusableValue} that names the thing, the value, the range and what to do.
 *
 * <p><b>How a number is read</b> ({@link kindveil.measure.NumberText}):
 * <ol>
 * <li>a whole number, a fraction ({@code 1/2}, {@code ½}) or both together ({@code 5 1/2});</li>
 * <li>point and comma are both accepted as the decimal mark;</li>
 * <li>with both present the last one is the decimal mark and the other groups thousands;</li>
 * <li>a single comma with one to three digits before it (not a lone 0) and exactly three after it could be
 * either, and is refused with both readings named. A single point is always the decimal mark.</li>
 * </ol>
 *
 * <p>Lengths are exact: whole nanometres, so that every 1/64 in and every 0.001 mm is kept as written
 * (1 in = 25 400 000 nm by definition, International yard and pound agreement, 1959).
 *
 * <p>Sentences are written in metric measure; {@link kindveil.measure.Spoken} says them in inches, thousandths of an inch, spoons
 * and °F, within three per cent by the coarsest part of an inch, otherwise to two figures.
 */
package kindveil.measure;
