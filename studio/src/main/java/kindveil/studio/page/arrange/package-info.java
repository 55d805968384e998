/**
 * Arrange: what lies where on the page of a piece. Everything is in millimetres from the page's upper left corner; what is
 * dragged is only shown elsewhere until it is sent, and what that costs is asked of {@code work.look.ArrangeWork} as it moves.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.arrange;
