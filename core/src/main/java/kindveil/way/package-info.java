/**
 * The step language, the bench it acts on, and the ways written in it.
 *
 * <p><b>In:</b> a {@link kindveil.way.Brief} (size, print, support, ground, choices). <b>Out:</b> a
 * {@link kindveil.way.Plan}: acts in order, each a {@link kindveil.way.Step} with its words, and the
 * {@link kindveil.way.Window}s between them. Readings (package {@code reading}) never look at a way, only at
 * the {@link kindveil.way.Trace} of bench states its plan leaves.
 *
 * <p><b>How a plan is walked</b> ({@link kindveil.way.Trace}):
 * <ol>
 * <li>every act begins at the advised end of all windows that end at it;</li>
 * <li>the bench is brought to that time, so that its coats dry;</li>
 * <li>the bench judges the step ({@link kindveil.way.Rules}) and takes it ({@link kindveil.way.Moves}); what
 * is refused is kept and the walk goes on, so that all findings are shown together.</li>
 * </ol>
 *
 * <p><b>A valid bench</b> ({@link kindveil.way.Bench}):
 * <ol>
 * <li>each thing is there once;</li>
 * <li>a bond joins two faces of two different things that are both there;</li>
 * <li>no face is in two bonds;</li>
 * <li>a load lies on a bond;</li>
 * <li>its time never runs backwards.</li>
 * </ol>
 *
 * <p><b>A valid plan</b> ({@link kindveil.way.Plan}):
 * <ol>
 * <li>has at least one act, each with a key of its own;</li>
 * <li>its windows begin and end at acts of the plan, the first before the second;</li>
 * <li>answers lead only to acts of the plan.</li>
 * </ol>
 *
 * <p>The hand is not stored anywhere as a rule: an image layer is turned each time it passes from one face
 * to another, so it is counted in contacts (see {@link kindveil.way.Layer.Image}).
 */
package kindveil.way;
