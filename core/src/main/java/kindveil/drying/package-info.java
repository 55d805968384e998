/**
 * How coats dry: from wet to open no longer, touch-dry, ready for a coat, through.
 *
 * <p><b>In:</b> a {@link kindveil.drying.Bed} (a coat, what carries it, what lies on it) in the air of a
 * {@link kindveil.drying.RoomCourse}. <b>Out:</b> a {@link kindveil.drying.Drying}: the water left at any time, when each
 * {@link kindveil.drying.Stage} is reached by one coat in four, half of them, nine in ten, and the chance that it has been
 * reached by a moment. A stage out of reach has no time at all.
 *
 * <p><b>State</b> of a bed: water m in the coat (m0 = h·φ, w = m/m0), p in a paper print on it, k in what carries it, and the
 * surface temperature Ts. <b>The model</b> ({@link kindveil.drying.Balance}):
 * <ol>
 * <li>activity of a film w(1+ws)/(w+ws), ws = 0.01; of paper at q = held/capacity q(1+b)/(q+b), b = 0.15; vapour by Magnus;</li>
 * <li>through the film and out of it in series: G = D(π²/4)m0/h², D rising with temperature, four times that with both faces
 *     free; outside it a resistance R and the vapour there;</li>
 * <li>open face: R = 1/km + covers; under a print first 55 s/m (+165 under solid toner) into the print, then from it through
 *     1/km + covers + 95(1−q);</li>
 * <li>what carries it either stores by the law of paper or takes up (C − k)/180 s, at most m0/2 and nothing at rest; a
 *     closing coat leaves at most 5 g/m² of it, and what is used stays used;</li>
 * <li>heat by air, radiation and what it lies on, against evaporation; hot air of 60 °C while a heat tool is held;</li>
 * <li>two wet faces laid together are one bed with the water of both.</li>
 * </ol>
 *
 * <p>Guaranteed: stages are found as events; a change of circumstances goes on with the water there is; the spread is a
 * factor of the rate, log-normal with σ 0.35 before learning ({@link kindveil.drying.Rate}), and holds a coat's whole life;
 * what is seen of the coat corrects it by Bayes' rule ({@link kindveil.drying.Belief}).
 * In still dry air water only becomes less. The equations are integrated by {@link kindveil.drying.Rosenbrock}. Constants
 * stand where they are used, assumed unless a source is named.
 *
 * <p>It stops being true for what does not dry by losing water (practice alone tells, in {@code kindveil.product}), and above
 * about 3 mm, where it comes out longer than practice says; the longer is kept.
 */
@org.jspecify.annotations.NullMarked
package kindveil.drying;
