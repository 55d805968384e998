/** Other devices: the way in, who is in, and what is told at one of them said to the others as it happens. */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.device;
