/**
 * H2 through Hibernate. Entities never leave this package: each implements the mapping to and from a record of
 * {@code work}. The schema is Flyway's; Hibernate only validates it. Commits are on disk when a method returns
 * ({@code WRITE_DELAY=0}).
 */
package kindveil.studio.store;
