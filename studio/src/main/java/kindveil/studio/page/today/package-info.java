/** What is running and what comes next; the log of all that came; the room everything dries in. */
package kindveil.studio.page.today;
