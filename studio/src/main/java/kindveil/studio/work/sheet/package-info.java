/**
 * What is to be printed, gathered on sheets: packed, arranged, written as files, measured; what became of the copies of each printer and shop
 * ({@link kindveil.studio.work.sheet.Printers}). A file that is taken is a stack of copies from then on.
 *
 * <p><b>Guaranteed:</b> carriers never share a sheet; sheets are packed anew from the pieces as they are unless they were arranged
 * by hand and nothing has changed since.
 */
@org.jspecify.annotations.NullMarked
package kindveil.studio.work.sheet;
