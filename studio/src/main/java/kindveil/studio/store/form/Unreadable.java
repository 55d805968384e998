package kindveil.studio.store.form;

/** Something stored that cannot be read, with what is wrong in a sentence. */
public final class Unreadable extends RuntimeException {
    public Unreadable(String words) {
        super(words);
    }

    public Unreadable(String words, Throwable cause) {
        super(words, cause);
    }
}
