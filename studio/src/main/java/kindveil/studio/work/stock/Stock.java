package kindveil.studio.work.stock;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import kindveil.measure.UnusableValue;
import kindveil.mixing.Ageing;
import kindveil.mixing.Recipe;
import kindveil.mixing.Shopping;
import kindveil.mixing.Shopping.Have;
import kindveil.mixing.Shopping.Need;
import kindveil.product.Goods;
import kindveil.product.Law;
import kindveil.product.Mixture;
import kindveil.product.Mixtures;
import kindveil.product.Optics;
import kindveil.product.Product;
import kindveil.reading.AmountReading;
import kindveil.studio.work.jar.JarWork;
import kindveil.studio.work.making.MakeWork;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.piece.Piece;
import kindveil.studio.work.piece.PieceWork;
import kindveil.studio.work.piece.Planned;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.Shelf;
import kindveil.studio.work.sitting.Diary;
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
    private final JarWork jars;
    private final Clock clock;
    private final ZoneId zone;

    Stock(Shelf shelf, PieceWork pieces, MakeWork makings, SittingWork sittings, JarWork jars, Clock clock, ZoneId zone) {
        this.jars = jars;
        this.shelf = shelf;
        this.pieces = pieces;
        this.makings = makings;
        this.sittings = sittings;
        this.clock = clock;
        this.zone = zone;
    }

    /** By the name a page was given for it. */
    public static UUID id(String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException unread) {
            throw new UnusableValue("It", text, "one of the shelf", "Open the page again.");
        }
    }

    /** What can stand in a jar. */
    public static List<Product> kinds() {
        return Goods.shelf().stream().filter(product -> product.family().poured()).sorted(Comparator.comparing(Product::words)).toList();
    }

    /** What a data sheet says of a medium. @param water over the whole of it, 0 to 1, or null for what is usual @param sheen it dries with, or null likewise */
    public record DataSheet(@Nullable Double water, Optics.@Nullable Sheen sheen) {
        private Product told(Product product) {
            Product dried = water == null || !(product.law() instanceof Law.LosesWater) ? product : product.with(new Law.LosesWater(water));
            return sheen == null ? dried : dried.with(dried.optics().with(sheen));
        }
    }

    /** Puts one there, or another in its place. @param level 0 to 1 @param price in the smallest coin, or null @param sign seen of it, or null @param sheet what its data sheet says, or null for what is usual */
    public void keep(UUID id, String kind, String name, int count, double millilitres, double level, @Nullable Long price, @Nullable LocalDate opened, Ageing.@Nullable Sign sign, @Nullable DataSheet sheet) {
        Optional<Lot> there = shelf.find(id, Lot.class);
        Optional<Product> mine = there.filter(lot -> lot.what().isEmpty() && kind.isEmpty()).map(Lot::product);
        Product product = mine.orElseGet(() -> Goods.of(kind));
        // who sees nothing new has not unseen what was seen before
        Ageing.Sign seen = sign == null ? there.map(Lot::sign).orElse(null) : sign;
        String called = name.isBlank() ? product.words() : name.strip();
        Product named = product.called(id.toString(), called);
        Product own = sheet == null ? named : sheet.told(named);
        shelf.keep(new Lot(id, kind, called, count, own, price, opened, new Lot.Filling(millilitres, level, new Lot.Looked(clock.instant(), seen))));
    }

    /** Whether it is something of one's own, mixed by a recipe. */
    public boolean mine(UUID id) {
        return shelf.find(id, Lot.class).filter(lot -> lot.what().isEmpty()).isPresent();
    }

    /** Something stirred together by a recipe of one's own: a lot like any other, offered wherever one is chosen. */
    public void mixed(String name, Recipe recipe) {
        UUID id = UUID.randomUUID();
        Product gives = Objects.requireNonNull(recipe.mixture().gives()).called(id.toString(), name);
        shelf.keep(new Lot(id, "", name, 1, gives, null, today(), new Lot.Filling(recipe.mixed(), 1.0, new Lot.Looked(clock.instant(), null))));
        jars.drawn(id, recipe);
    }

    /** What has become of a lot by now. */
    public Ageing ageing(Lot lot) {
        return lot.ageing(today());
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), zone);
    }

    /** Lots of which it is known how much they hold, with what is left of them, by name. */
    public List<JarWork.Left<Lot>> lots() {
        return jars.lots();
    }

    public void remove(UUID id) {
        shelf.remove(id);
    }

    /** Whose needs are counted: what is planned in Sittings, or, where nothing is, all that is not made yet. */
    public List<Piece> asked() {
        List<UUID> planned = sittings.diary().pieces();
        return planned.isEmpty() ? sittings.candidates() : List.copyOf(pieces.all(planned).values());
    }

    private List<Needed> needs(List<Piece> asked) {
        List<Needed> needs = new ArrayList<>();
        List<StoredMaking> active = makings.active();
        Diary diary = sittings.diary();
        for (Piece piece : asked) {
            List<StoredMaking> own = active.stream().filter(making -> making.piece().equals(piece.id())).toList();
            int times = own.isEmpty() || diary.pulls(piece.id()) > 1 ? sittings.toBegin(diary, piece.id()) : 0;
            if (times > 0) {
                Planned planned = pieces.plan(piece);
                for (int part = 0; part < planned.sequence().parts().size(); part++) {
                    needs(needs, planned.whole().part(part), planned.sequence().parts().get(part).brief(), piece, times);
                }
            }
            // of what is under way, what is still to come
            for (StoredMaking making : own) {
                List<Moment> coming = making.making().forecast(clock.instant());
                for (int part = 0; part < making.now().parts().size(); part++) {
                    int number = part;
                    List<Moment> theirs = coming.stream().filter(moment -> moment.act().id().part() == number).toList();
                    needs(needs, new Trace(making.making().plan(), theirs), making.now().parts().get(part).brief(), piece, 1);
                }
            }
        }
        return needs;
    }

    public Shopping toBuy(List<Piece> asked) {
        List<Needed> needs = needs(asked);
        List<Lot> mine = shelf.all(Lot.class);
        Set<String> built = Goods.shelf().stream().map(Product::id).collect(Collectors.toSet());
        List<Have> have = jars.lots().stream().filter(lot -> ageing(lot.owned()).usable()).map(lot -> new Have(lot.owned().what(), lot.owned().product(), lot.left())).toList();
        List<Need> byKind = parted(needs, mine).stream().map(need -> built.contains(need.product().id()) ? need : new Need(kind(mine, need.product()), need.millilitres(), need.piece())).toList();
        return Shopping.of(byKind, have);
    }

    /** What is mixed is bought as what it is mixed of, where no jar of it stands that serves. */
    private List<Need> parted(List<Needed> needs, List<Lot> mine) {
        Map<String, Double> standing = new HashMap<>();
        jars.standing().stream().filter(jar -> jar.state().phase().serves()).forEach(jar -> jar.gives().ifPresent(gives -> standing.merge(gives.id(), jar.state().left(), Double::sum)));
        List<Need> parted = new ArrayList<>();
        for (Needed need : needs) {
            if (need.mixture == null) {
                parted.add(new Need(need.product, need.millilitres, need.piece.title()));
                continue;
            }
            double there = Math.min(need.millilitres, standing.getOrDefault(need.product.id(), 0.0));
            standing.merge(need.product.id(), -there, Double::sum);
            need.mixture.ingredients().forEach(part -> bought(part.of(), mine).ifPresent(product -> parted.add(new Need(product, (need.millilitres - there) * part.parts() / need.mixture.parts(), need.piece.title()))));
        }
        return parted;
    }

    private static Optional<Product> bought(@Nullable String id, List<Lot> mine) {
        return id == null ? Optional.empty() : Goods.shelf().stream().filter(product -> product.id().equals(id)).findFirst()
                .or(() -> mine.stream().map(Lot::product).filter(product -> product.id().equals(id)).findFirst());
    }

    /** A lot of the artist's own counts as the kind it is of; a tinted or painted one as itself. */
    private static Product kind(List<Lot> all, Product own) {
        return all.stream().filter(lot -> lot.product().id().equals(own.id()) && !lot.what().isEmpty()).findFirst().map(lot -> Goods.of(lot.what())).orElse(own);
    }

    /** @param times as often */
    private static void needs(List<Needed> needs, Trace trace, Brief brief, Piece piece, int times) {
        AmountReading amounts = AmountReading.of(trace, brief.width(), brief.height());
        Map<String, Mixture> mixed = new HashMap<>();
        // of what was mixed already, by the recipe it is mixed by if there is too little of it
        Mixtures.all().stream().filter(mixture -> mixture.gives() != null).forEach(mixture -> mixed.put(mixture.gives().id(), mixture));
        amounts.mixtures().stream().map(AmountReading.Batch::mixture).filter(mixture -> mixture.gives() != null).forEach(mixture -> mixed.put(mixture.gives().id(), mixture));
        amounts.byProduct().forEach((product, volume) -> needs.add(new Needed(product, volume.millilitres() * times, mixed.get(product.id()), piece)));
    }

    /** What the pieces of Sittings that are not begun take of something mixed. */
    public List<Needed> wanting(Product gives) {
        Set<UUID> begun = makings.active().stream().map(StoredMaking::piece).collect(Collectors.toSet());
        List<Piece> planned = pieces.all(sittings.diary().pieces()).values().stream().filter(piece -> !begun.contains(piece.id())).toList();
        return needs(planned).stream().filter(need -> need.product.id().equals(gives.id())).toList();
    }

    /** What each piece takes of what is mixed for it, ml. */
    public Map<Mixture, Map<Piece, Double>> mixed(List<Piece> asked) {
        Map<Mixture, Map<Piece, Double>> mixed = new LinkedHashMap<>();
        needs(asked).stream().filter(need -> need.mixture != null).forEach(need -> mixed.computeIfAbsent(need.mixture, key -> new LinkedHashMap<>()).merge(need.piece, need.millilitres, Double::sum));
        return mixed;
    }

    /** What a piece takes. @param mixture of which it is mixed, or null where it comes out of its own jar */
    public record Needed(Product product, double millilitres, @Nullable Mixture mixture, Piece piece) {
    }
}
