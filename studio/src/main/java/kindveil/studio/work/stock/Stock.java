package kindveil.studio.work.stock;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.mixing.Shopping;
import kindveil.mixing.Shopping.Have;
import kindveil.mixing.Shopping.Need;
import kindveil.product.Product;
import kindveil.product.Products;
import kindveil.reading.AmountReading;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Shelf;
import kindveil.studio.work.sitting.SittingWork;
import kindveil.way.Brief;
import kindveil.way.Trace;
import kindveil.way.Trace.Moment;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Jars and bottles: what stands on the shelf, and what has to be bought. */
@Service
public class Stock {
    private final Shelf shelf;
    private final PieceWork pieces;
    private final MakeWork makings;
    private final SittingWork sittings;
    private final Clock clock;

    Stock(Shelf shelf, PieceWork pieces, MakeWork makings, SittingWork sittings, Clock clock) {
        this.shelf = shelf;
        this.pieces = pieces;
        this.makings = makings;
        this.sittings = sittings;
        this.clock = clock;
    }

    /** What can stand in a jar. */
    public static List<Product> kinds() {
        return Products.all().stream().filter(product -> product.family().poured()).sorted(Comparator.comparing(Product::words)).toList();
    }

    /** Lots of which it is known how much they hold, by name. */
    public List<Owned> lots() {
        return lots(shelf.kept().read());
    }

    private static List<Owned> lots(List<Owned> all) {
        return all.stream().filter(owned -> owned.kind() == Owned.Kind.LOT && owned.millilitres() != null).sorted(Comparator.comparing(owned -> owned.name().toLowerCase(Locale.ROOT))).toList();
    }

    /** Puts one there, or another in its place. @param level 0 to 1 @param price in the smallest coin, or null */
    public void keep(UUID id, String kind, String name, int count, double millilitres, double level, @Nullable Long price, @Nullable LocalDate opened) {
        Product product = Products.of(kind);
        shelf.keep(new Owned(id, Owned.Kind.LOT, kind, name.isBlank() ? product.words() : name.strip(), count, null, level, price, opened, product.called(id.toString(), name.isBlank() ? product.words() : name.strip()), null, millilitres));
    }

    public void remove(UUID id) {
        shelf.remove(id);
    }

    /** Whose needs are counted: what is planned in Sittings, or, where nothing is, all that is not made yet. */
    public List<Piece> asked() {
        List<UUID> planned = sittings.diary().pieces();
        return planned.isEmpty() ? sittings.candidates() : List.copyOf(pieces.all(planned).values());
    }

    public Shopping toBuy(List<Piece> asked) {
        List<Need> needs = new ArrayList<>();
        List<StoredMaking> active = makings.active();
        for (Piece piece : asked) {
            List<StoredMaking> own = active.stream().filter(making -> making.piece().equals(piece.id())).toList();
            if (own.isEmpty()) {
                Planned planned = pieces.plan(piece);
                for (int part = 0; part < planned.sequence().parts().size(); part++) {
                    Brief brief = planned.sequence().parts().get(part).brief();
                    needs(needs, planned.whole().part(part), brief, piece);
                }
            }
            // of what is under way, what is still to come
            for (StoredMaking making : own) {
                List<Moment> coming = making.making().forecast(clock.instant());
                for (int part = 0; part < making.now().parts().size(); part++) {
                    int number = part;
                    List<Moment> theirs = coming.stream().filter(moment -> moment.act().id().part() == number).toList();
                    needs(needs, new Trace(making.making().plan(), theirs), making.now().parts().get(part).brief(), piece);
                }
            }
        }
        List<Owned> owned = shelf.kept().read();
        Set<String> built = Products.all().stream().map(Product::id).collect(Collectors.toSet());
        List<Have> have = lots(owned).stream().map(lot -> new Have(lot.what(), Optional.ofNullable(lot.product()).orElseThrow(), lot.there().orElse(0.0))).toList();
        List<Need> byKind = needs.stream().map(need -> built.contains(need.product().id()) ? need : new Need(kind(owned, need.product()), need.millilitres(), need.piece())).toList();
        return Shopping.of(byKind, have);
    }

    /** A lot of the artist's own counts as the kind it is of; a tinted or painted one as itself. */
    private static Product kind(List<Owned> all, Product own) {
        return all.stream().filter(owned -> owned.product() != null && owned.product().id().equals(own.id()) && !owned.what().isEmpty()).findFirst().map(owned -> Products.of(owned.what())).orElse(own);
    }

    private static void needs(List<Need> needs, Trace trace, Brief brief, Piece piece) {
        AmountReading.of(trace, brief.width(), brief.height()).byProduct().forEach((product, volume) -> needs.add(new Need(product, volume.millilitres(), piece.title())));
    }
}
