/**
 * Ways as plans: acts made of steps, windows between them, choices, and the walk over the bench.
 *
 * <p><b>In:</b> a {@link kindveil.way.Brief} (size, print, support, ground, wish, choices, dials, colours, room) for a
 * {@link kindveil.way.Way}, or several of them as a {@link kindveil.way.Sequence}. <b>Out:</b> a {@link kindveil.way.Plan}:
 * acts in order, each a step of the bench with its words, and the {@link kindveil.way.Window}s between them, neighbours
 * or not; and its {@link kindveil.way.Trace}. Readings never look at a way, only at the trace.
 *
 * <p><b>How a plan is walked</b> ({@link kindveil.way.Trace}):
 * <ol>
 * <li>every act begins at the advised end of all windows that end at it;</li>
 * <li>the bench is brought to that time, so that its coats dry, in air moved as that way asks for;</li>
 * <li>a print that lay in water past its window by then has faded;</li>
 * <li>the bench judges the step and takes it; what is refused is kept and the walk goes on, so that all findings are
 * shown together.</li>
 * </ol>
 *
 * <p><b>A valid plan</b> ({@link kindveil.way.Plan}):
 * <ol>
 * <li>has at least one act, each with a key of its own;</li>
 * <li>its windows begin and end at acts of the plan, the first before the second;</li>
 * <li>answers lead only to acts of the plan.</li>
 * </ol>
 *
 * <p><b>Defaults</b> ({@link kindveil.way.Dial}): free inside the usual range, asked about outside it, refused outside
 * the possible, each with the consequence. <b>Hands</b> are busy for so many cm² a minute with what grows with the area. <b>Paper</b>: its weight drives water, rounds
 * and hands ({@link kindveil.way.Rubbing}). <b>Edges</b> ({@link kindveil.way.Edges}): how an image ends and how far its bed
 * reaches, and what is cut out of it on purpose. <b>Schools</b> ({@link kindveil.way.Schools}): what practitioners do differently; those few would touch stand aside until
 * they are chosen, and some ask only certain supports. <b>Tell-tales</b> ({@link kindveil.way.TellTale}): replies with how likely each is in which state; an
 * {@link kindveil.way.Answer} at an act may tell as much. <b>Colours</b> ({@link kindveil.way.Pot}) are asked only where they are used. <b>Where</b> ({@link kindveil.way.Where}) each choice, dial and colour acts is said with it. <b>Parallel tracks</b> are put into one order by
 * {@link kindveil.way.Tracks}: hands go where something is ready first.
 */
package kindveil.way;
