/**
 * The studio: a web application over the core. Requests come in through {@code gate}, are answered by
 * {@code page}, which asks {@code work}; {@code store} keeps what {@code work} defines; {@code intake}
 * reads and writes files; {@code demo} sets up the made-up studio.
 */
package kindveil.studio;
