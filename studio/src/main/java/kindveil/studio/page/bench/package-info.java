/** The bench: one act at a time, its clock, its check; readable at two metres, usable with wet hands. */
package kindveil.studio.page.bench;
