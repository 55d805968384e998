package kindveil.studio.work.jar;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import kindveil.studio.work.piece.MixedAhead;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import kindveil.bench.Step;
import kindveil.bench.ThingKind;
import kindveil.making.Making;
import kindveil.measure.Figures;
import kindveil.measure.UnusableValue;
import kindveil.measure.Words;
import kindveil.mixing.Jar;
import kindveil.mixing.Keeping;
import kindveil.mixing.Pouring;
import kindveil.mixing.Recipe;
import kindveil.product.Product;
import kindveil.reading.AmountReading;
import kindveil.reading.TapeReading;
import kindveil.studio.work.Kept;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.making.StoredMaking;
import kindveil.studio.work.making.Using;
import kindveil.studio.work.room.Rooms;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.Owned;
import kindveil.studio.work.shelf.Print;
import kindveil.studio.work.shelf.Shelf;
import kindveil.studio.work.shelf.Gear;
import kindveil.way.Act;
import kindveil.way.Brief;
import kindveil.way.Trace;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jars of what was mixed: filled, opened, used, looked at, thrown away; and what is taken out of everything on the shelf. */
@Service
@Transactional
public class JarWork implements Using, MixedAhead {
    private static final String TAPE = "tape";
    private static final String PRINT = "print";
    private final Jars jars;
    private final Shelf shelf;
    private final Rooms rooms;
    private final Clock clock;

    JarWork(Jars jars, Shelf shelf, Rooms rooms, Clock clock) {
        this.jars = jars;
        this.shelf = shelf;
        this.rooms = rooms;
        this.clock = clock;
    }

    /** A jar with what has become of it. */
    public record Standing(StudioJar jar, Jar.State state) {
        /** What it gives; only a bath gives nothing. */
        public Optional<Product> gives() {
            return Optional.ofNullable(jar.mixture().gives());
        }

        public boolean serves(String product, double millilitres) {
            return jar.thrown() == null && state.phase().serves() && gives().map(given -> given.id().equals(product)).orElse(false) && state.left() >= millilitres;
        }
    }

    /** Something on the shelf with what is left of it. @param left ml, mm of tape, or prints @param over taken that was not in it */
    public record Left<T extends Owned>(T owned, double left, double over) {
        private static <T extends Owned> Left<T> of(T owned, double told, double taken) {
            return new Left<>(owned, Math.max(0, told - taken), Math.max(0, taken - told));
        }
    }

    // --- what stands there

    /** All that is not thrown away, the newest first; what cannot be read set apart. */
    public Kept<Standing> kept() {
        Kept<StudioJar> all = jars.kept();
        Map<UUID, Double> out = all.read().isEmpty() ? Map.of() : jars.outOfJars();
        Instant now = clock.instant();
        double celsius = rooms.now().celsius();
        return new Kept<>(all.read().stream().filter(jar -> jar.thrown() == null).map(jar -> standing(jar, out, now, celsius)).toList(), all.apart());
    }

    public List<Standing> standing() {
        return kept().read();
    }

    private static Standing standing(StudioJar jar, Map<UUID, Double> out, Instant now, double celsius) {
        return new Standing(jar, jar.jar(out.getOrDefault(jar.id(), 0.0), now).at(now, celsius));
    }

    public Standing get(UUID id) {
        StudioJar jar = jars.find(id).orElseThrow(() -> new NotFound("jar", id));
        return standing(jar, jars.outOfJars(), clock.instant(), rooms.now().celsius());
    }

    /** Jars of a mixture of which enough is left and good, the oldest first. */
    public List<Standing> serving(Product gives, double millilitres) {
        return standing().stream().filter(jar -> jar.serves(gives.id(), millilitres)).sorted(Comparator.comparing(jar -> jar.jar().made())).toList();
    }

    @Override
    public Optional<Duration> stood(Product mixture, double millilitres) {
        return serving(mixture, millilitres).stream().findFirst().map(jar -> Duration.between(jar.jar().made(), clock.instant()));
    }

    /** Lots of which it is known how much they hold, with what is left of them, by name. */
    public List<Left<Lot>> lots() {
        return lots(shelf.all(Lot.class));
    }

    private List<Left<Lot>> lots(List<Lot> all) {
        return left(all.stream().filter(lot -> lot.there().isPresent()).toList(), lot -> lot.there().orElseThrow()).stream().sorted(Comparator.comparing(lot -> lot.owned().name().toLowerCase(java.util.Locale.ROOT))).toList();
    }

    /** What was told of them, without what was taken since. */
    private <T extends Owned> List<Left<T>> left(List<T> all, ToDoubleFunction<T> told) {
        Map<UUID, Double> out = all.isEmpty() ? Map.of() : jars.outOfLots();
        return all.stream().map(owned -> Left.of(owned, told.applyAsDouble(owned), out.getOrDefault(owned.id(), 0.0))).toList();
    }

    /** All that is poured, and paper, as it stands now: read once. */
    public OnShelf shelf() {
        List<Owned> all = shelf.kept().read();
        return new OnShelf(lots(Owned.of(all, Lot.class)), standing(), Owned.of(all, Gear.class).stream().filter(thing -> thing.kind() == Gear.Kind.PAPER).toList());
    }

    // --- filled, opened, looked at, thrown away

    /**
     * Mixes a batch into a jar, its parts taken out of what stands on the shelf.
     *
     * @param bottle strength of the spirit, per cent; 0 where there is none
     * @param opening of the jar, cm²
     * @param made when
     */
    public StudioJar mix(String name, Recipe recipe, double bottle, double opening, Instant made) {
        StudioJar jar = filled(UUID.randomUUID(), name, recipe, bottle, opening, made, null);
        draw(jar.id(), 0, recipe, clock.instant());
        return jar;
    }

    /** What a recipe takes of the shelf, for something that is kept elsewhere. @param by its id */
    public void drawn(UUID by, Recipe recipe) {
        draw(by, 0, recipe, clock.instant());
    }

    private StudioJar filled(UUID id, String name, Recipe recipe, double bottle, double opening, Instant made, @Nullable UUID making) {
        if (bottle < recipe.mixture().leastBottlePercent()) {
            throw new UnusableValue("Alcohol in its bottle", Figures.plain(bottle) + " %", "at least %s %%".formatted(Figures.plain(recipe.mixture().leastBottlePercent())), "Take a stronger bottle; the strength counts before mixing, not after.");
        }
        StudioJar jar = new StudioJar(id, 0, name, recipe.mixture(), bottle, made, recipe.mixed(), opening, Duration.ZERO, null, null, null, making);
        // what the core refuses of it is refused before it is kept
        jar.jar(0, made);
        jars.add(jar);
        return jar;
    }

    public void lid(UUID id, int version, boolean off) {
        replace(id, version, jar -> jar.lid(off, clock.instant()));
    }

    public void look(UUID id, int version, boolean sound) {
        replace(id, version, jar -> jar.looked(new Jar.Look(clock.instant(), sound)));
    }

    /** Nobody looked, after all. */
    public void unlook(UUID id, int version) {
        replace(id, version, jar -> jar.looked(null));
    }

    /** As much spirit put in as went out of it. */
    public void topUp(UUID id, int version) {
        replace(id, version, jar -> jar.toppedUp(clock.instant()));
    }

    /** All that is left of one poured into another, which stands alone from then on. */
    public void pour(UUID id, int version, UUID into) {
        Standing from = get(id);
        Standing other = get(into);
        Instant now = clock.instant();
        Map<UUID, Double> out = jars.outOfJars();
        Jar one = from.jar().jar(out.getOrDefault(id, 0.0), now);
        Jar there = other.jar().jar(out.getOrDefault(into, 0.0), now);
        Optional<String> against = id.equals(into) || other.jar().thrown() != null ? Optional.of("Choose another jar that stands.") : Pouring.against(one.mixture(), from.state(), there.mixture(), other.state());
        if (against.isPresent()) {
            throw new UnusableValue("Jar", other.jar().name(), "one this may be poured into", against.get());
        }
        Pouring pouring = Pouring.of(one, from.state(), there, other.state());
        replace(id, version, jar -> jar.thrown(now));
        replace(into, other.jar().version(), jar -> jar.with(pouring, there.taken(), now));
        int seq = jars.drawnBy(into).stream().mapToInt(Drawn::seq).max().orElse(0) + 1;
        jars.draw(List.of(new Drawn(into, seq, 0, Objects.requireNonNull(from.jar().mixture().gives()).id(), null, id, from.state().left(), now)));
    }

    public void throwAway(UUID id, int version) {
        replace(id, version, jar -> jar.thrown(clock.instant()));
    }

    public void bringBack(UUID id) {
        replace(id, get(id).jar().version(), jar -> jar.thrown(null));
    }

    private void replace(UUID id, int version, java.util.function.UnaryOperator<StudioJar> change) {
        StudioJar jar = jars.find(id).orElseThrow(() -> new NotFound("jar", id));
        if (jar.version() != version) {
            throw new kindveil.studio.work.Outdated("The jar");
        }
        jars.replace(change.apply(jar));
    }

    // --- used at the bench

    @Override
    public Instant ready(UUID id, Act act) {
        Standing jar = get(id);
        boolean mixes = act.step() instanceof Step.Mix mix && mix.mixture().gives() != null && jar.gives().map(gives -> gives.id().equals(mix.mixture().gives().id())).orElse(false);
        if (!mixes || jar.jar().thrown() != null || !jar.state().phase().serves()) {
            throw new UnusableValue("Jar", jar.jar().name(), "one that holds what is to be mixed, and is good", "Look at it on the shelf, or mix afresh.");
        }
        return jar.jar().made();
    }

    @Override
    public void told(StoredMaking making, Making after, Act act, List<UUID> together, int seq, Source source, Instant at) {
        Brief brief = making.now().parts().get(act.id().part()).brief();
        switch (act.step()) {
            case Step.Mix mix -> mixed(making, act, mix, together.size(), seq, source, at);
            case Step.Apply apply -> used(making.id(), after, act, brief, together, seq, at);
            case Step.Cut cut when cut.how() == Step.Cutting.STRIPS -> cut(making.id(), after, act, brief, seq, at);
            case Step.SetOut out when out.thing().kind() == ThingKind.PRINT -> laidOut(making, act, brief, seq, at);
            case Step.Infuse infuse -> used(making.id(), after, act, brief, together, seq, at);
            default -> {
                // nothing is taken for it
            }
        }
    }

    private void mixed(StoredMaking making, Act act, Step.Mix mix, int pulls, int seq, Source source, Instant at) {
        Product gives = mix.mixture().gives();
        if (source.jar() != null && gives != null) {
            jars.draw(List.of(new Drawn(making.id(), seq, 0, gives.id(), null, source.jar(), 0, at)));
            return;
        }
        making.amounts(act.id()).batch(act.id()).ifPresent(batch -> {
            Recipe recipe = Recipe.of(mix.mixture(), Math.min(Recipe.MOST_MILLILITRES, batch.volume().millilitres() * pulls + source.more()), kindveil.mixing.Measure.usual(mix.mixture()));
            int row = draw(making.id(), seq, recipe, at);
            if (gives != null && Keeping.of(mix.mixture()).keeps() && recipe.mixed() >= 1) {
                StudioJar filled = filled(UUID.randomUUID(), Words.capital(gives.words()), recipe, mix.bottlePercent(), Jar.USUAL_OPENING, at, making.id());
                jars.draw(List.of(new Drawn(making.id(), seq, row, gives.id(), null, filled.id(), 0, at)));
            }
        });
    }

    private void used(UUID making, Making after, Act act, Brief brief, List<UUID> together, int seq, Instant at) {
        AmountReading.of(new Trace(after.plan(), moments(after, act)), brief.width(), brief.height()).forAct(act.id()).ifPresent(portion -> {
            String product = portion.product().id();
            Optional<UUID> jar = together.stream().flatMap(each -> jars.drawnBy(each).stream()).filter(taken -> taken.jar() != null && taken.product().equals(product)).max(Comparator.comparing(Drawn::at)).map(Drawn::jar);
            if (jar.isPresent()) {
                jars.draw(List.of(new Drawn(making, seq, 0, product, null, whereNow(jar.get()), portion.volume().millilitres(), at)));
            } else {
                draw(making, seq, 0, product, portion.volume().millilitres(), lots(), at);
            }
        });
    }

    /** The jar its contents were poured into since, or itself. */
    private UUID whereNow(UUID jar) {
        if (jars.find(jar).map(StudioJar::thrown).isEmpty()) {
            return jar;
        }
        return jars.drawn().stream().filter(row -> jar.equals(row.jar()) && jars.find(row.by()).isPresent()).findFirst().map(row -> whereNow(row.by())).orElse(jar);
    }

    /** Strips cut off a roll as wide as they are. */
    private void cut(UUID making, Making after, Act act, Brief brief, int seq, Instant at) {
        TapeReading.of(new Trace(after.plan(), moments(after, act)), brief.width(), brief.height()).ifPresent(strips -> {
            List<Left<Gear>> rolls = rolls().stream().filter(roll -> Objects.requireNonNull(roll.owned().size()).width().equals(strips.width())).sorted(Comparator.comparingDouble(Left::left)).toList();
            Optional<Left<Gear>> roll = rolls.stream().filter(each -> each.left() >= strips.total().millimetres()).findFirst().or(() -> rolls.isEmpty() ? Optional.empty() : Optional.of(rolls.getLast()));
            roll.ifPresent(cut -> jars.draw(List.of(new Drawn(making, seq, 0, TAPE, cut.owned().id(), null, strips.total().millimetres(), at))));
        });
    }

    /** One print of those laid by for it: the veil's own first, of one size and kind. */
    private void laidOut(StoredMaking making, Act act, Brief brief, int seq, Instant at) {
        prints().stream().filter(stack -> laidBy(stack.owned(), making.piece(), brief))
                .min(Comparator.comparing((Left<Print> stack) -> stack.left() <= 0).thenComparing(stack -> stack.owned().from().filter(from -> from.laidByFor(making.piece(), act.id().part() + 1)).isEmpty()))
                .ifPresent(stack -> jars.draw(List.of(new Drawn(making.id(), seq, 0, PRINT, stack.owned().id(), null, 1, at))));
    }

    private static boolean laidBy(Print stack, UUID piece, Brief brief) {
        return stack.from().filter(from -> from.use() != null && from.use().piece().equals(piece) && from.print() == brief.print()).isPresent() && stack.size().width().equals(brief.width());
    }

    /** Prints in stock, with how many are left of them. */
    public List<Left<Print>> prints() {
        return left(shelf.all(Print.class), Print::count);
    }

    private static List<Trace.Moment> moments(Making after, Act act) {
        return after.moments().stream().filter(moment -> moment.act().id().equals(act.id())).toList();
    }

    /** Rolls of tape, with the mm left of them. */
    public List<Left<Gear>> rolls() {
        return left(shelf.all(Gear.class).stream().filter(thing -> thing.kind() == Gear.Kind.TAPE && thing.size() != null).toList(), Gear::run);
    }

    @Override
    public void tookBack(UUID making, int seq) {
        List<Drawn> back = jars.drawnBy(making).stream().filter(taken -> taken.seq() >= seq).toList();
        jars.putBack(making, seq);
        Map<UUID, Double> out = back.isEmpty() ? Map.of() : jars.outOfJars();
        for (Drawn marked : back.stream().filter(taken -> taken.jar() != null && taken.amount() == 0).toList()) {
            Optional<StudioJar> filled = jars.find(marked.jar()).filter(jar -> making.equals(jar.making()));
            if (filled.isPresent() && out.getOrDefault(filled.get().id(), 0.0) == 0) {
                // a jar that was filled by what is taken back was never filled
                jars.remove(filled.get().id());
            } else if (filled.isPresent()) {
                // unless others took of it: then it stands, and what it was mixed of stays drawn, by itself
                jars.draw(back.stream().filter(taken -> taken.seq() == marked.seq() && taken.lot() != null).map(taken -> new Drawn(filled.get().id(), 0, taken.row(), taken.product(), taken.lot(), null, taken.amount(), taken.at())).toList());
            }
        }
    }

    /** What of a recipe the shelf is short of, by its words, ml; nothing is said of what does not stand there at all. */
    public Map<String, Double> lacking(Recipe recipe) {
        List<Left<Lot>> lots = lots();
        Map<String, Double> lacking = new java.util.LinkedHashMap<>();
        for (Recipe.Part part : recipe.parts()) {
            String id = part.of().of();
            List<Left<Lot>> own = id == null ? List.of() : lots.stream().filter(lot -> lot.owned().is(id)).toList();
            double there = own.stream().filter(lot -> lot.owned().usable()).mapToDouble(Left::left).sum();
            if (!own.isEmpty() && there < part.millilitres()) {
                lacking.put(part.of().words(), part.millilitres() - there);
            }
        }
        return lacking;
    }

    // --- out of what stands on the shelf

    /** @return the next free row */
    private int draw(UUID by, int seq, Recipe recipe, Instant at) {
        List<Left<Lot>> lots = lots();
        int row = 0;
        for (Recipe.Part part : recipe.parts()) {
            if (part.of().of() != null) {
                row = draw(by, seq, row, part.of().of(), part.millilitres(), lots, at);
            }
        }
        return row;
    }

    /** Opened ones first, the oldest of them first; what none of them held is put down to the last. */
    private int draw(UUID by, int seq, int row, String product, double millilitres, List<Left<Lot>> lots, Instant at) {
        List<Left<Lot>> own = lots.stream().filter(lot -> lot.owned().is(product) && lot.owned().usable()).sorted(Comparator.comparing(lot -> Optional.ofNullable(lot.owned().opened()).orElse(LocalDate.MAX))).toList();
        List<Drawn> taken = new ArrayList<>();
        double rest = millilitres;
        for (int i = 0; i < own.size() && rest > 0; i++) {
            double part = i == own.size() - 1 ? rest : Math.min(rest, own.get(i).left());
            if (part > 0) {
                taken.add(new Drawn(by, seq, row + taken.size(), product, own.get(i).owned().id(), null, part, at));
            }
            rest -= part;
        }
        jars.draw(taken);
        return row + taken.size();
    }
}
