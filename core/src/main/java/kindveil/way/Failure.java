package kindveil.way;

/** What typically goes wrong. @param symptom of which kind that is @param sees what the artist sees @param cause why @param rescue what to do about it */
public record Failure(Symptom symptom, String sees, String cause, String rescue) {
}
