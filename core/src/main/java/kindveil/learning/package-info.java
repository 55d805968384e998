/**
 * What the artist's own record teaches.
 *
 * <p>{@link kindveil.learning.Spares}: how often the copies of one print source have worked with one way. <b>In:</b> how
 * many worked and how many failed through the print; failures put down to amount, drying or pressure are no evidence
 * against a print and are left out by the caller. <b>Out:</b> how many copies to make. (1) The share p that works is
 * Beta(4 + good, 1 + failed): before any record, four in five. (2) P(none of n works) = E[(1 − p)ⁿ] =
 * ∏ (b + i)/(a + b + i), i = 0 … n − 1, the Beta-Binomial (J. G. Skellam, "A probability distribution derived from the
 * binomial distribution by regarding the probability of success as variable between the sets of trials", J. Roy. Stat.
 * Soc. B 10, 1948). (3) The answer is the least n with at least 95 % for one good copy: three without any record.
 *
 * <p>{@link kindveil.learning.DryingReading}: how fast things dry in this studio. <b>In:</b> what was seen and felt of beds, each with its
 * life by the model. <b>Out:</b> a factor of the studio and of each product with its four-in-five interval, the {@link kindveil.drying.Learned}
 * that plans are made with, and beds whose checks contradict each other. Held to 1,000 simulated studios.
 */
package kindveil.learning;
