/**
 * Light through the stack of layers: what a person sees.
 *
 * <p><b>In:</b> a ground colour, and from the support upwards what lies on it: layers that absorb and
 * scatter ({@link kindveil.light.Film}) and surfaces where the index of refraction changes
 * ({@link kindveil.light.Surface}). <b>Out:</b> the colour seen, as a spectrum, linear sRGB or L*a*b*.
 *
 * <p><b>How a stack is folded:</b>
 * <ol>
 * <li>the ground's outer colour becomes a spectrum ({@link kindveil.light.Upsampling});</li>
 * <li>the surface over the bare ground is taken off ({@link kindveil.light.Surface});</li>
 * <li>each film adds by two-flux theory, each surface by Saunderson's correction, in order;</li>
 * <li>the spectrum is weighted to XYZ under D65, 2° observer, 400–700 nm in 10 nm bands.</li>
 * </ol>
 *
 * <p><b>A print</b> ({@link kindveil.light.Inks}) is up to four coverages. {@link kindveil.light.Separation} finds them by inverting
 * what is seen of those inks on that print's own paper; {@link kindveil.light.Tone} is the same for black alone, and the only place
 * that says what a tone covers. In a look each ink is a mask of dots over its veil ({@link kindveil.light.MaskedFilms}).
 *
 * <p><b>A paint</b> ({@link kindveil.light.Coefficients}) is K and S of one ordinary coat: of a masstone and a grade
 * ({@link kindveil.light.Paint}) or measured over black and white ({@link kindveil.light.Drawdown}); mixed by shares
 * ({@link kindveil.light.Mixing}); two of them make of a drawing what {@link kindveil.light.PairShades} says.
 *
 * <p><b>A photograph</b> is evened by what in it is known to be white: all over a card ({@link kindveil.light.LightField}), or by one
 * card beside a page ({@link kindveil.light.WhiteCard}).
 *
 * <p><b>A few colours</b> ({@link kindveil.light.ColourGroups}): those a picture can best be told in, a block for each.
 *
 * <p><b>What stands up</b> is seen under a lamp low over the table ({@link kindveil.light.RakingLight}): slopes, shadows and what the last
 * coat mirrors, over a look that is otherwise as it was.
 *
 * <p><b>A valid stack</b> ({@link kindveil.light.Stack}):
 * <ol>
 * <li>has exactly one surface, since all films below it share one index;</li>
 * <li>keeps dry fibre above that surface and everything that is filled or wet below it.</li>
 * </ol>
 *
 * <p>Sources: Kubelka &amp; Munk (1931); Kubelka (1948); Saunderson (1942); Wyman, Sloan &amp; Shirley (2013);
 * Jakob &amp; Hanika (2019); Demichel (1924); Neugebauer (1937); Sharma, Wu &amp; Dalal (2005); Duncan (1940). Where it stops being true: gloss seen at the mirror
 * angle, films thinner than a wavelength, metallics, and light leaking sideways inside a thick ground.
 */
package kindveil.light;
