package kindveil.studio.store.form;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Duration;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import kindveil.bench.Bench;
import kindveil.bench.Layer;
import kindveil.drying.Learned;
import kindveil.drying.Rate;
import kindveil.drying.Room;
import kindveil.making.Begun;
import kindveil.measure.Humidity;
import kindveil.measure.Length;
import kindveil.measure.Temperature;
import kindveil.product.Product;
import kindveil.way.Act;
import kindveil.way.ActId;
import kindveil.way.Answer;
import kindveil.way.Base;
import kindveil.way.Brief;
import kindveil.way.HandWork;
import kindveil.way.Pace;
import kindveil.way.Plan;
import kindveil.way.Printed;
import kindveil.way.Settings;
import kindveil.way.Risk;
import kindveil.way.Window;
import org.jspecify.annotations.Nullable;

/**
 * What a making was begun with, as it is kept: its acts and windows, every product they use, and what was asked of each way.
 * Times in ms, lengths in nm, colours linear.
 *
 * @param airings what moves the air in each way of it; not told by those begun before it was kept
 */
public record PlanForm(List<PartForm> parts, List<ProductForm> products, String support, @Nullable SupportForm ownSupport, String ground, RoomForm room, List<ActForm> acts, List<WindowForm> windows,
        @Nullable List<String> airings, @Nullable List<RiskForm> risks) {
    /** Something set otherwise than is usual; nothing in plans of before. */
    public record RiskForm(int part, String key, String words, double share) {
    }

    /** One way and what was asked of it. */
    public record PartForm(String way, String name, List<ChosenForm> chosen, long width, long height, String print, double colourShare, double coverage, @Nullable Double finest, String hand, String wish,
            Map<String, String> choices, Map<String, Double> dials, Map<String, double[]> colours, Map<String, ProductForm> lots, @Nullable Boolean inPlace, @Nullable Map<String, Double> pace, @Nullable Set<Integer> apart) {
    }

    /** A choice in words. */
    public record ChosenForm(String key, String question, String words) {
    }

    /** The air it was planned for. @param learned of how fast things dry in it, or null where nothing was */
    public record RoomForm(double celsius, double percent, String airing, @Nullable LearnedForm learned) {
        static RoomForm of(Room room) {
            return new RoomForm(room.temperature().celsius(), room.humidity().percent(), Vocabulary.AIRING.of(room.airing()), room.learned().checks() == 0 ? null : LearnedForm.of(room.learned()));
        }

        Room room() {
            Room room = new Room(new Temperature(celsius), new Humidity(percent), Vocabulary.AIRING.read(airing));
            return learned == null ? room : room.knowing(learned.learned());
        }
    }

    /** How fast things dry, as it was known then: the log of a rate and its spread. */
    public record RateForm(double logMean, double logDeviation) {
        static RateForm of(Rate rate) {
            return new RateForm(rate.logMean(), rate.logDeviation());
        }

        Rate rate() {
            return new Rate(logMean, logDeviation);
        }
    }

    /** Of each product something was seen of, and of the others. */
    public record LearnedForm(RateForm others, Map<String, RateForm> products, int checks) {
        static LearnedForm of(Learned learned) {
            Map<String, RateForm> products = new TreeMap<>();
            learned.products().forEach((id, rate) -> products.put(id, RateForm.of(rate)));
            return new LearnedForm(RateForm.of(learned.others()), products, learned.checks());
        }

        Learned learned() {
            Map<String, Rate> read = new TreeMap<>();
            products.forEach((id, rate) -> read.put(id, rate.rate()));
            return new Learned(others.rate(), read, checks);
        }
    }

    /** One act. @param id as {@code part.key}, counted from 1 */
    public record ActForm(String id, StepForm does, String title, String how, long handsOn, List<AnswerForm> answers, int expected) {
    }

    /** One answer. @param leads {@code on}, {@code rescue}, or the act it skips to @param tells the tell-tale it is evidence like, with its reply; null where it is none */
    public record AnswerForm(String words, String meaning, String leads, @Nullable String tells, @Nullable Integer reply) {
        private static final String ON = "on";
        private static final String RESCUE = "rescue";

        static AnswerForm of(Answer answer) {
            return new AnswerForm(answer.words(), answer.meaning(), switch (answer.effect()) {
                case Answer.Effect.GoOn on -> ON;
                case Answer.Effect.Rescue rescue -> RESCUE;
                case Answer.Effect.SkipTo skip -> skip.act().toString();
            }, answer.tells() == null ? null : Vocabulary.TELL_TALE.of(answer.tells().tale()), answer.tells() == null ? null : Integer.valueOf(answer.tells().reply()));
        }

        Answer answer() {
            Answer answer = switch (leads) {
                case ON -> Answer.goOn(words, meaning);
                case RESCUE -> Answer.rescue(words, meaning);
                default -> Answer.skipTo(ActId.parse(leads), words, meaning);
            };
            return tells == null || reply == null ? answer : answer.telling(Vocabulary.TELL_TALE.read(tells), reply);
        }
    }

    /** One window. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "window")
    @JsonSubTypes({@JsonSubTypes.Type(value = WindowForm.Open.class, name = "open"), @JsonSubTypes.Type(value = WindowForm.Dwell.class, name = "dwell"),
        @JsonSubTypes.Type(value = WindowForm.Dry.class, name = "dry"), @JsonSubTypes.Type(value = WindowForm.Soak.class, name = "soak")})
    public sealed interface WindowForm {
        record Open(String from, String to, @Nullable String bed, String limit, long latest, String why, String provenance) implements WindowForm {
        }

        record Dwell(String from, String to, long least, long latest, String why, String provenance) implements WindowForm {
        }

        record Dry(String from, String to, DriesForm what, long least, long usual, String why, String provenance) implements WindowForm {
        }

        record Soak(String from, String to, long least, @Nullable Long latest, String why, String provenance) implements WindowForm {
        }
    }

    /** What dries: {@code coats} on a face to a stage, {@code fibre} on a face, a {@code sheet}, all on a face until it has {@code cured}, or what {@code practice} alone knows. */
    public record DriesForm(String what, @Nullable String on, @Nullable String stage, boolean hung) {
        static DriesForm of(Window.Dries what) {
            return switch (what) {
                case Window.Dries.Coats c -> new DriesForm("coats", ThingForm.face(c.on()), Vocabulary.STAGE.of(c.stage()), false);
                case Window.Dries.Fibre f -> new DriesForm("fibre", ThingForm.face(f.on()), null, false);
                case Window.Dries.Sheet s -> new DriesForm("sheet", null, null, s.hung());
                case Window.Dries.Cured c -> new DriesForm("cured", ThingForm.face(c.on()), null, false);
                case Window.Dries.Practice p -> new DriesForm("practice", null, null, false);
            };
        }

        Window.Dries dries() {
            return switch (what) {
                case "coats" -> new Window.Dries.Coats(ThingForm.face(needed(on)), Vocabulary.STAGE.read(needed(stage)));
                case "fibre" -> new Window.Dries.Fibre(ThingForm.face(needed(on)));
                case "sheet" -> new Window.Dries.Sheet(hung);
                case "cured" -> new Window.Dries.Cured(ThingForm.face(needed(on)));
                case "practice" -> new Window.Dries.Practice();
                default -> throw new Unreadable("“%s” is nothing that dries here.".formatted(what));
            };
        }
    }

    private static String needed(@Nullable String value) {
        if (value == null) {
            throw new Unreadable("A wait for something to dry does not say where, or how far.");
        }
        return value;
    }

    public static PlanForm of(Begun begun) {
        Map<String, Product> products = new TreeMap<>();
        Bench bench = begun.plan().bench();
        Layer.Undercolour under = bench.support().orElseThrow();
        List<ActForm> acts = begun.plan().acts().stream().map(act -> new ActForm(act.id().toString(), StepForm.of(act.step(), products), act.title(), act.how(), act.handsOn().toMillis(),
                act.answers().stream().map(AnswerForm::of).toList(), act.expected())).toList();
        return new PlanForm(begun.parts().stream().map(PlanForm::of).toList(), products.values().stream().map(ProductForm::of).toList(), under.support().id(), SupportForm.own(under.support()),
                Vocabulary.GROUND.of(under.ground()), RoomForm.of(bench.room()), acts, begun.plan().windows().stream().map(PlanForm::of).toList(),
                begun.plan().airings().stream().map(Vocabulary.AIRING::of).toList(),
                begun.plan().risks().stream().map(risk -> new RiskForm(risk.part(), risk.key(), risk.words(), risk.share())).toList());
    }

    private static PartForm of(Begun.Part part) {
        Brief b = part.brief();
        return new PartForm(part.way(), part.name(), part.chosen().stream().map(c -> new ChosenForm(c.key(), c.question(), c.words())).toList(), b.width().nanometres(), b.height().nanometres(),
                Vocabulary.PRINT.of(b.print()), b.printed().colourShare(), b.printed().coverage(), b.printed().finest(), Vocabulary.HAND.of(b.printed().hand()), Vocabulary.WISH.of(b.wish()),
                new TreeMap<>(b.settings().choices()), new TreeMap<>(b.settings().dials()), mapped(b.settings().colours(), ProductForm::colour), mapped(b.settings().lots(), ProductForm::of), b.inPlace() ? true : null, b.pace().factors().isEmpty() ? null : paces(b.pace()), b.apart().isEmpty() ? null : b.apart());
    }

    private static Map<String, Double> paces(Pace pace) {
        Map<String, Double> words = new TreeMap<>();
        pace.factors().forEach((work, factor) -> words.put(Vocabulary.HAND_WORK.of(work), factor));
        return words;
    }

    private static Pace pace(Map<String, Double> words) {
        Map<HandWork, Double> factors = new EnumMap<>(HandWork.class);
        words.forEach((work, factor) -> factors.put(Vocabulary.HAND_WORK.read(work), factor));
        return new Pace(factors);
    }

    static <A, B> Map<String, B> mapped(Map<String, A> map, java.util.function.Function<A, B> change) {
        Map<String, B> mapped = new TreeMap<>();
        map.forEach((key, value) -> mapped.put(key, change.apply(value)));
        return mapped;
    }

    private static WindowForm of(Window window) {
        String from = window.from().toString();
        String to = window.to().toString();
        String provenance = Vocabulary.PROVENANCE.of(window.provenance());
        return switch (window) {
            case Window.Open w -> new WindowForm.Open(from, to, w.bed() == null ? null : ThingForm.face(w.bed()), Vocabulary.STAGE.of(w.limit()), w.latest().toMillis(), w.why(), provenance);
            case Window.Dwell w -> new WindowForm.Dwell(from, to, w.least().toMillis(), w.latest().toMillis(), w.why(), provenance);
            case Window.Dry w -> new WindowForm.Dry(from, to, DriesForm.of(w.what()), w.least().toMillis(), w.usual().toMillis(), w.why(), provenance);
            case Window.Soak w -> new WindowForm.Soak(from, to, w.least().toMillis(), w.latest() == null ? null : w.latest().toMillis(), w.why(), provenance);
        };
    }

    public Begun begun() {
        Map<String, Product> described = products.stream().map(ProductForm::product).collect(Collectors.toMap(Product::id, p -> p));
        Base base = new Base(SupportForm.read(support, ownSupport), Vocabulary.GROUND.read(ground));
        Room air = room.room();
        Bench bench = Bench.with(base.support(), base.ground(), air);
        List<Act> read = acts.stream().map(a -> new Act(ActId.parse(a.id), a.does.step(described, bench.air()), a.title, a.how, Duration.ofMillis(a.handsOn),
                a.answers.stream().map(AnswerForm::answer).toList(), a.expected)).toList();
        return new Begun(new Plan(bench, read, windows.stream().map(PlanForm::window).toList(),
                airings == null ? List.of() : airings.stream().map(Vocabulary.AIRING::read).toList(),
                risks == null ? List.of() : risks.stream().map(risk -> new Risk(risk.part(), risk.key(), risk.words(), risk.share())).toList()), parts.stream().map(part -> part(part, base, air)).toList());
    }

    private static Begun.Part part(PartForm p, Base base, Room air) {
        Settings settings = new Settings(p.choices, p.dials, mapped(p.colours, ProductForm::colour), mapped(p.lots, ProductForm::product));
        Printed printed = new Printed(Vocabulary.PRINT.read(p.print), p.colourShare, p.coverage, p.finest == null ? 0 : p.finest, Vocabulary.HAND.read(p.hand));
        Brief brief = new Brief(base, air, new Length(p.width), new Length(p.height), printed, Vocabulary.WISH.read(p.wish), settings, Boolean.TRUE.equals(p.inPlace)).at(p.pace == null ? Pace.USUAL : pace(p.pace)).apart(p.apart == null ? Set.of() : p.apart);
        return new Begun.Part(p.way, p.name, brief, p.chosen.stream().map(c -> new Begun.Chosen(c.key, c.question, c.words)).toList());
    }

    private static Window window(WindowForm window) {
        return switch (window) {
            case WindowForm.Open w -> new Window.Open(ActId.parse(w.from()), ActId.parse(w.to()), w.bed() == null ? null : ThingForm.face(w.bed()), Vocabulary.STAGE.read(w.limit()),
                    Duration.ofMillis(w.latest()), w.why(), Vocabulary.PROVENANCE.read(w.provenance()));
            case WindowForm.Dwell w -> new Window.Dwell(ActId.parse(w.from()), ActId.parse(w.to()), Duration.ofMillis(w.least()), Duration.ofMillis(w.latest()), w.why(), Vocabulary.PROVENANCE.read(w.provenance()));
            case WindowForm.Dry w -> new Window.Dry(ActId.parse(w.from()), ActId.parse(w.to()), w.what().dries(), Duration.ofMillis(w.least()), Duration.ofMillis(w.usual()), w.why(), Vocabulary.PROVENANCE.read(w.provenance()));
            case WindowForm.Soak w -> new Window.Soak(ActId.parse(w.from()), ActId.parse(w.to()), Duration.ofMillis(w.least()), w.latest() == null ? null : Duration.ofMillis(w.latest()), w.why(), Vocabulary.PROVENANCE.read(w.provenance()));
        };
    }
}
