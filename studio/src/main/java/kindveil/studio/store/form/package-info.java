/**
 * What is written on disk as text, and nothing else's business.
 *
 * <p><b>In:</b> a value of the core or of the use cases. <b>Out:</b> JSON in the form of today ({@link kindveil.studio.store.form.Json#FORM}),
 * and back. Each kind of value has a record of its own here; constants have lasting tokens ({@link kindveil.studio.store.form.Vocabulary});
 * neither follows a renaming in the program.
 *
 * <p><b>Guaranteed:</b>
 * <ol>
 * <li>what was written is read back equal;</li>
 * <li>a plan kept with a making holds its acts, windows and products whole, and asks nothing of the catalogue;</li>
 * <li>what cannot be read is {@link kindveil.studio.store.form.Unreadable} with a sentence, whatever is wrong with it;</li>
 * <li>every form ever released can be read: the first by {@link kindveil.studio.store.form.FirstForm}, at the migration.</li>
 * </ol>
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.store.form;
