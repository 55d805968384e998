/** The plan of a veil and how it will look: the sentence, the picture, the section, what drowns, what it lies on. */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.build;
