package kindveil.way;

/** What typically goes wrong. @param sees what the artist sees @param cause why @param rescue what to do about it */
public record Failure(String sees, String cause, String rescue) {
}
