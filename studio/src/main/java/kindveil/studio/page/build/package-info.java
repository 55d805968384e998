/**
 * The plan of a veil and how it will look. The sentence keeps the words that define a piece; every other choice, number and
 * colour hangs where it acts ({@link kindveil.way.Where}): on a layer of the section, at the picture's edge, or along the thread
 * of acts. What is open is told in the address; its {@link kindveil.studio.page.build.CardView} shows what each alternative
 * comes to before it is chosen, how much drowns as soon as that was looked at.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.build;
