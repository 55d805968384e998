/**
 * Evenings: what hands do for several pieces, fitted into the hours an artist has.
 *
 * <p><b>In:</b> for each piece the trace of its plan, with the waits of the drying model ({@link kindveil.sitting.JobReading}); the
 * hours hands are free ({@link kindveil.sitting.Sitting}); what there is of plates, weights, trays and flat space; when a piece is
 * due. <b>Out:</b> when each act begins ({@link kindveil.sitting.Schedule}), how good that is and how much better it could be at
 * most ({@link kindveil.sitting.Cost}, {@link kindveil.sitting.Bounds}), why it is there ({@link kindveil.sitting.Why}), how sure
 * ({@link kindveil.sitting.Chance}); or what stands in the way and the least that would make it fit ({@link kindveil.sitting.Conflict},
 * {@link kindveil.sitting.Relaxation}).
 *
 * <p><b>The problem</b> ({@link kindveil.sitting.Problem}) is resource-constrained scheduling with generalised precedence relations and
 * a calendar. A task is a run of acts that tight windows or no wait tie together: it lies in one sitting. Between tasks are least and
 * greatest lags, from start to start; drying goes on between sittings. Times are whole minutes from the plan's beginning; a task's
 * length and a least lag are rounded up, a greatest lag down.
 *
 * <p>What is mixed once for several jobs, or stands ready in a jar, bounds what it is used for instead of making each wait ({@link kindveil.sitting.Mixed}).
 *
 * <p><b>Invariants.</b> {@link kindveil.sitting.Check} holds a schedule against the problem minute by minute, by a loop of its own; no
 * schedule is shown that it finds fault with. Equal problems give equal schedules on every machine: the search counts fails, never
 * seconds, and its seed is fixed.
 *
 * <p>Whenever a roller is loaded with another colour than it carries it is washed; how often is part of the cost, and the solver chains the loads by when they begin.
 *
 * <p><b>Solved by</b> a serial schedule generation scheme under several orders of priority (Kolisch &amp; Hartmann 1999), then large
 * neighbourhood search in a constraint solver (Shaw 1998). {@link kindveil.sitting.Bounds} goes through the choices of sittings to work in; for those that could hold a
 * better plan a solver that learns a clause from each fail (lazy clause generation, Ohrimenko, Stuckey &amp; Codish 2009) is asked for one,
 * by which sitting and then by which act comes first ({@link kindveil.sitting.Proof}); small problems are put to it at once. What nothing was found for is proven to be impossible by the solver, or
 * said not to be proven.
 */
@NullMarked
package kindveil.sitting;

import org.jspecify.annotations.NullMarked;
