/**
 * Reading a source for a way, and treating it so that it carries.
 *
 * <p><b>In:</b> a picture's luminance, its size in pixels, the size it is to be printed, the softening of the
 * way. <b>Out:</b> {@link kindveil.tone.SourceReading}: resolution, tones, separability, detail at risk, and
 * a {@link kindveil.tone.Verdict} with its reasons in order of weight; {@link kindveil.tone.Treatment}s and
 * the one that helps most ({@link kindveil.tone.Advice}).
 *
 * <p><b>How a source is read:</b>
 * <ol>
 * <li>resolution = pixels over printed width; under 200 dpi is a warning, under 120 a strong one;</li>
 * <li>L* of each pixel counts as solid dark (under 25), clear (over 85) or mid;</li>
 * <li>separability is Otsu's η (1979): variance between the best two classes over all variance;</li>
 * <li>detail at risk is the share of squared gradient lost under the way's Gaussian softening.</li>
 * </ol>
 * The reading is of tones only: what colours do under a two-colour ink is not looked at here.
 */
package kindveil.tone;
