/**
 * Ways: what goes with what, and one way from its section to its failures. Everything on these pages is read from the
 * catalogue and from plans walked on the bench; nothing here knows a way by name.
 */
package kindveil.studio.page.way;
