package kindveil.studio;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import kindveil.studio.work.jar.Drawn;
import kindveil.studio.work.jar.Jars;
import kindveil.studio.work.shelf.Gear;
import kindveil.studio.work.shelf.Lot;
import kindveil.studio.work.shelf.Shelf;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Lends a class a studio with a store in memory, empty when the run began, and a clock that tests can turn; hands over its beans. */
public final class OpenStudio implements ParameterResolver, BeforeEachCallback {
    private static final Lent<Studio> STUDIOS = new Lent<>(() -> open("jdbc:h2:mem:studio-%s;DB_CLOSE_DELAY=-1".formatted(UUID.randomUUID())));

    /** The studio with its address. */
    public record Studio(ConfigurableApplicationContext context, String address, TurnableClock clock) implements AutoCloseable {
        @Override
        public void close() {
            context.close();
        }

        public <T> T bean(Class<T> type) {
            return context.getBean(type);
        }
    }

    /** A studio of its own on a store of its own; whoever opens it closes it. @param more of what it is started with */
    public static Studio open(String store, String... more) {
        TurnableClock clock = new TurnableClock();
        ConfigurableApplicationContext context = started(new SpringApplicationBuilder(KindVeil.class)
                .initializers(c -> {
                    ((org.springframework.context.support.GenericApplicationContext) c).registerBean("testClock", java.time.Clock.class, () -> clock, d -> d.setPrimary(true));
                    ((org.springframework.context.support.GenericApplicationContext) c).registerBean("testTicker", com.github.benmanes.caffeine.cache.Ticker.class, () -> clock::passed, d -> d.setPrimary(true));
                }), asked(store, more));
        // what one test feels of a bed must not teach the next one
        kindveil.studio.work.learning.LearnWork learning = context.getBean(kindveil.studio.work.learning.LearnWork.class);
        learning.use(learning.taught().teaching().version(), false);
        String port = context.getEnvironment().getProperty("local.server.port");
        return new Studio(context, "http://localhost:" + port, clock);
    }

    /** One after the other: studios of one machine share what they log to, which is set up anew by each. */
    public static synchronized ConfigurableApplicationContext started(SpringApplicationBuilder studio, String... told) {
        return studio.run(told);
    }

    /** What is told instead of the usual takes its place. */
    private static String[] asked(String store, String... more) {
        List<String> usual = List.of("--server.port=0", "--spring.datasource.url=" + store, "--kindveil.data=target/none", "--spring.jpa.properties.hibernate.generate_statistics=true",
                "--logging.level.org.hibernate.engine.internal.StatisticalLoggingSessionEventListener=warn");
        return Stream.concat(usual.stream().filter(one -> Stream.of(more).noneMatch(other -> other.startsWith(one.substring(0, one.indexOf('=') + 1)))), Stream.of(more)).toArray(String[]::new);
    }

    @Override
    public void beforeEach(ExtensionContext context) {
        Studio studio = STUDIOS.to(context);
        studio.clock().turnTo(Duration.ZERO);
        emptyJars(studio);
    }

    /** What one test mixed, or told of jars and sheets, does not stand ready for the next. */
    public static void emptyJars(Studio studio) {
        Jars jars = studio.bean(Jars.class);
        jars.drawn().stream().map(Drawn::by).distinct().forEach(by -> jars.putBack(by, 0));
        jars.kept().read().forEach(jar -> jars.remove(jar.id()));
        Shelf shelf = studio.bean(Shelf.class);
        shelf.kept().read().stream().filter(owned -> owned instanceof Gear || owned instanceof Lot lot && lot.there().isPresent()).forEach(owned -> shelf.remove(owned.id()));
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        Class<?> type = parameter.getParameter().getType();
        return type == Studio.class || type.getName().startsWith("kindveil.studio.work.");
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        Class<?> type = parameter.getParameter().getType();
        Studio studio = STUDIOS.to(context);
        return type == Studio.class ? studio : studio.bean(type);
    }
}
