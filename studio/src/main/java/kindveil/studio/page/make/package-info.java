/** From the plan to the record: the acts on their thread, the last coats, and what came. */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.make;
