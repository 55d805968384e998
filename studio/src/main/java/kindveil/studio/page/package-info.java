/**
 * What all pages share: words for times and amounts, the collecting of a form's problems, and {@link kindveil.studio.page.PageView},
 * the one thing a page hands over: its template sees neither the core nor a figure to reckon with.
 *
 * <p>A page is: mapping → use case → view object → template. Loose form fields are strings; they are turned into
 * core values here, and everything that cannot be is shown at once, with what the person typed still in place.
 */
package kindveil.studio.page;
