/**
 * The studio, or chosen pieces of it, as one file a person can read without us: a ZIP of {@code studio.json} by the published
 * schema {@code docs/archive.schema.json} and the pictures as they came. The way between machines and versions.
 *
 * <p><b>Out:</b> pieces with their veils, makings with their plans and deeds, entries of the log in every revision, what is
 * owned, the air as it was told, and every picture any of them names. <b>In:</b> what is not there is added under its own
 * identity; what is there and the same is left; what is there and differs is added beside it under a new one, so that both
 * are kept. An archive is read whole and checked before anything of it is stored, and stored in one transaction.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.archive;
