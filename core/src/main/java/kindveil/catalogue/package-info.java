/**
 * The ways, one class each, and the list of them.
 *
 * <p><b>In:</b> nothing. <b>Out:</b> {@link kindveil.catalogue.Catalogue}: the sixteen ways of transferring and what goes
 * over and under them. Each class says its card (prints, supports, schools, failures, words it is searched by), its
 * dials (defaults with range and provenance) and writes its steps with a {@link kindveil.way.Script}. Nothing else in
 * the core knows a way by name; a new one is a class here, a line in the catalogue and its tests.
 */
package kindveil.catalogue;
