/**
 * How coats dry: from wet to open no longer, touch-dry, ready for a coat, through.
 *
 * <p><b>In:</b> one coat ({@link kindveil.drying.Coat}: wet thickness, volatile share, what absorbs and
 * what covers it) in a room ({@link kindveil.drying.Room}). <b>Out:</b> a {@link kindveil.drying.Curve}: the
 * share of water left over time, and when each {@link kindveil.drying.Stage} is reached, with its spread.
 *
 * <p><b>The model</b> ({@link kindveil.drying.DryingModel}), water m in g/m², m0 = h·φ, w = m/m0:
 * <ol>
 * <li>into porous matter: (C − taken)/180 s, C = min(capacity, m0/2);</li>
 * <li>into air: J = f·(ρsat(Ts)·aw − RH·ρsat(T)) / (1/km + Rc), never below 0, aw = w(1+ws)/(w+ws);</li>
 * <li>in series with diffusion through the coat: Jd = D(π²/4)(m − meq)/h²;</li>
 * <li>integrated by Runge–Kutta of fourth order until nothing more leaves.</li>
 * </ol>
 *
 * <p>Saturation by Magnus; the constants stand in {@link kindveil.drying.DryingModel}, each with where it
 * comes from. It stops being true for oil ink, shellac, sprays, varnish and alcohol solutions (practice
 * ranges only) and above about 3 mm, where practice's longer times are kept. The spread of real coats is
 * log-normal with σ 0.35 before anything is learned of a studio.
 */
package kindveil.drying;
