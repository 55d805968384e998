/** The picture of a veil: whether it carries, how it is framed and treated, what of it is painted opaque. */
@org.jspecify.annotations.NullMarked
package kindveil.studio.page.source;
