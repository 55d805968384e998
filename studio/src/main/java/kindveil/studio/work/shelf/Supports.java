package kindveil.studio.work.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindveil.bench.Support;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.studio.work.NotFound;
import org.springframework.stereotype.Service;

/** Everything a piece may be made on: the built-in supports, and those of the artist's own. */
@Service
public class Supports {
    private static final int LONGEST_SHOWN = 40;
    private final Shelf shelf;

    Supports(Shelf shelf) {
        this.shelf = shelf;
    }

    /** The artist's own, by name. */
    public List<Support> own() {
        return shelf.all(OwnSupport.class).stream().map(OwnSupport::support).toList();
    }

    /** The artist's own first. */
    public List<Support> all() {
        List<Support> all = new ArrayList<>(own());
        all.addAll(Support.values());
        return all;
    }

    /** All, and the one something is made on already, wherever it came from. */
    public List<Support> with(Support there) {
        List<Support> all = all();
        return all.contains(there) ? all : java.util.stream.Stream.concat(java.util.stream.Stream.of(there), all.stream().filter(support -> !support.id().equals(there.id()))).toList();
    }

    public Support chosen(String id) {
        return find(all(), id);
    }

    /** One of those offered. */
    public static Support find(List<Support> offered, String id) {
        return offered.stream().filter(support -> support.id().equals(id)).findFirst()
                .orElseThrow(() -> new UnusableValue("Support", Words.shown(id, LONGEST_SHOWN), "one of the choices shown", "Choose one of them."));
    }

    /** One of the artist's own. */
    public Support mine(UUID id) {
        return shelf.find(id, OwnSupport.class).map(OwnSupport::support).orElseThrow(() -> new NotFound("support", id));
    }

    /** Adds it, or replaces the one with its name's id. What is made on it already stays as it was made. */
    public void keep(Support own) {
        shelf.keep(new OwnSupport(UUID.fromString(own.id()), own));
    }

    public void remove(UUID id) {
        mine(id);
        shelf.remove(id);
    }
}
