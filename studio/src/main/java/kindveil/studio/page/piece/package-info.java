/** The table of pieces, which of them are looked for and where they lie, and what all pages of one piece share: its head with stations and veils, and how it is looked at. */
package kindveil.studio.page.piece;
