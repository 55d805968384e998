/** One work in the order it is made: source, build, print, make, finish, notes. */
package kindveil.studio.page.piece;
