package kindveil.studio.work.shelf;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import kindveil.light.Coefficients;
import kindveil.light.Colour;
import kindveil.light.Drawdown;
import kindveil.light.Lab;
import kindveil.light.Mixing;
import kindveil.light.Paint.Opacity;
import kindveil.measure.UnusableValue;
import kindveil.product.Family;
import kindveil.product.Optics;
import kindveil.product.Pigments;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.studio.work.NotFound;
import org.springframework.stereotype.Service;

/** The paints on the shelf: put there by a pigment's name, by their look, or measured; and what can be mixed of them. */
@Service
public class Paints {
    public static final int MOST = 60;
    /** What a first shelf holds: white, black, the earths and one strong paint of each hue. */
    private static final List<String> FIRST = List.of("PW6", "PBk7", "PY42", "PY74", "PO73", "PR254", "PR122", "PB29", "PB15:3", "PG7", "PBr7", "PBr7 burnt");
    private final Shelf shelf;

    Paints(Shelf shelf) {
        this.shelf = shelf;
    }

    /**
     * One of them.
     *
     * @param colour in full
     * @param flakes whether it is told by a face-on average
     * @param measured whether its K and S were measured; {@code within} share by which its hiding power may be off
     */
    public record Mine(UUID id, String name, Colour colour, Coefficients paint, boolean flakes, boolean measured, double within) {
    }

    /** By name. */
    public List<Mine> all() {
        return shelf.all(Lot.class).stream().flatMap(lot -> mine(lot).stream()).sorted(Comparator.comparing(one -> one.name().toLowerCase(Locale.ROOT))).toList();
    }

    private static Optional<Mine> mine(Lot lot) {
        Product product = lot.product();
        if (product.family() != Family.PAINT) {
            return Optional.empty();
        }
        Optics.Body body = product.optics().body();
        return product.paint().map(paint -> new Mine(lot.id(), lot.name(), product.colour() == null ? paint.seen() : product.colour(), paint, body instanceof Optics.Body.Pigment pigment && pigment.opacity() == Opacity.FLAKES,
                body instanceof Optics.Body.Measured, body instanceof Optics.Body.Measured measured ? measured.within() : 0));
    }

    /** A generic pigment's paint. */
    public void put(Pigments.Pigment pigment) {
        put(pigment.called(), pigment.masstone(), pigment.opacity());
    }

    /** Twelve usual ones; those that stand there already are not put twice. */
    public void putFirst() {
        List<String> there = all().stream().map(Mine::name).toList();
        FIRST.stream().flatMap(index -> Pigments.of(index).stream()).filter(pigment -> !there.contains(pigment.called())).forEach(this::put);
    }

    /** By how it looks in full and how far a coat of it hides. */
    public void put(String name, Colour masstone, Opacity opacity) {
        keep(name, masstone, opacity == Opacity.FLAKES, new Optics.Body.Pigment(opacity, 1));
    }

    /** As a drawdown tells it. */
    public void put(String name, Drawdown drawdown, boolean gloss) {
        keep(name, drawdown.paint().seen(), gloss, new Optics.Body.Measured(drawdown.paint(), drawdown.within()));
    }

    private void keep(String name, Colour colour, boolean gloss, Optics.Body body) {
        if (all().size() >= MOST) {
            throw new UnusableValue("paint", name, "at most %d on one shelf".formatted(MOST), "Take one away first.");
        }
        UUID id = UUID.randomUUID();
        String called = name.strip();
        shelf.keep(new Lot(id, "", called, 1, Products.tube(id.toString(), called, colour, gloss, body), null, null, Lot.Filling.UNKNOWN));
    }

    public void takeAway(UUID id) {
        if (shelf.find(id, Lot.class).flatMap(Paints::mine).isEmpty()) {
            throw new NotFound("paint", id);
        }
        shelf.remove(id);
    }

    /** What comes nearest to a colour, with one pot, with two and with three. @param from those it may be mixed of */
    public static List<Mixing> mixed(List<Mine> from, Lab wished, Mixing.Laid laid) {
        return Mixing.nearest(from.stream().map(one -> new Mixing.Pot(one.name(), one.paint())).toList(), wished, laid);
    }

    /** Those that can be mixed: flakes are a face-on average, and no mixture of them is. */
    public static List<Mine> mixable(List<Mine> all) {
        return all.stream().filter(one -> !one.flakes()).toList();
    }
}
