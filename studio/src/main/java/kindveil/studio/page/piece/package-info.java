/** The table of pieces, and what all pages of one piece share: its head with stations and veils, and how it is looked at. */
package kindveil.studio.page.piece;
