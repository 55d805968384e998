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
 * <li>detail at risk is contrast lost under the way's Gaussian softening, by marks of 0.25 to 4 mm on the print ({@link
 * kindveil.tone.Detail}), whatever the file's size;</li>
 * <li>the finest line is the tenth percentile of the shorter dark run through each dark pixel; a way holds lines of
 * 2.4 σ;</li>
 * <li>the edge test counts how much of a narrow border is not clear;</li>
 * <li>what the print can hold is told: L* of its black and paper, and of a print in colours what its strongest colours keep.</li>
 * </ol>
 *
 * <p><b>Treating</b> ({@link kindveil.tone.Treatments}): a list in order, written as words and numbers and read back; sizes
 * are in millimetres of the print, so that a preview and the printed file agree. Levels, simplify, invert, threshold
 * (Otsu), local threshold (Sauvola), halftone (rank-equalised screen), error diffusion (Floyd and Steinberg, to and fro),
 * feathered or torn edge (seeded), plain background cleared. {@link kindveil.tone.Framing} changes the shape and no tone: crop,
 * turn, straighten (the largest part of the same proportions stays), mirror; it also says where a place comes to lie.
 * {@link kindveil.tone.Slip}, {@link kindveil.tone.Strokes} and {@link kindveil.tone.Weave}: an image that slid, lies under a broken
 * cover, or on the threads of a weave alone. {@link kindveil.tone.Opening}: a hole cut into it. {@link kindveil.tone.WetTogether}: two
 * colours brushed into each other.
 * {@link kindveil.tone.Overrun}: what is lost where a weak print is run over itself. A screen ({@link kindveil.tone.Treatment#screens}) is asked for as much black as, its edges grown in print, gives the tone.
 */
package kindveil.tone;
