/**
 * The bench: what lies on it, what a step does to it, and what it refuses.
 *
 * <p><b>In:</b> a {@link kindveil.bench.Bench} and a {@link kindveil.bench.Step}. <b>Out:</b> the next bench, every
 * {@link kindveil.bench.Refusal} (what cannot work, with thing, value, reason and remedy) and every
 * {@link kindveil.bench.Concern} (what works with care, or poorly). No step throws; a refused step has its effect
 * all the same, so that a whole plan can be walked and everything against it shown together.
 *
 * <p><b>A valid bench:</b>
 * <ol>
 * <li>each kind of thing is there at most once;</li>
 * <li>a bond joins two faces of two different things that are both there;</li>
 * <li>no face is in two bonds;</li>
 * <li>a load lies on a bond, or on the support;</li>
 * <li>its time never runs backwards;</li>
 * <li>the image of a print is on one face only, or used up with its print;</li>
 * <li>no coat holds more water than it was laid with;</li>
 * <li>paper fibre on an image only becomes less from pass to pass;</li>
 * <li>no capacity is negative.</li>
 * </ol>
 *
 * <p><b>Hand.</b> Every layer that shows a part of a picture carries a {@link kindveil.bench.Mask} with the hand it
 * reads in, seen from outside its face. It turns whenever the layer passes to another face, so the hand is counted in
 * contacts and nowhere stored as a rule.
 *
 * <p><b>Parting</b> ({@link kindveil.bench.Step.Split}): who keeps which layer, per part of the picture. Peeled film
 * leaves its ink; a print lifted off a plate leaves the paint where toner was; a sheet pulled off a plate takes all; an
 * inked print gives its ink; paper rubbed away leaves fibre. A thing joined for good becomes part of the face it lies on.
 *
 * <p><b>Supports</b> ({@link kindveil.bench.Support}) are a table, and one of the artist's own is another row, like one of them: its
 * weight, uptake, stretch, wet strength, texture and heat limit are asked by the rules, never its name. What nobody measured is the
 * like one's, and what dries on an unknown uptake is believed in twice as widely. Heat is judged by the air a tool brings at its
 * distance against what the support, or tissue there, bears; a soluble ground by every wet contact.
 *
 * <p><b>Time.</b> Coats that dry by losing water follow the drying model under whatever covers them; the others stay
 * open and set by practice ({@link kindveil.product.Law}); what a step does to drying coats is in {@link kindveil.bench.Dryings}.
 */
package kindveil.bench;
