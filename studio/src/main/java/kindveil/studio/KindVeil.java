package kindveil.studio;

import java.io.IOException;
import com.github.benmanes.caffeine.cache.Ticker;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import kindveil.studio.demo.Rehearsal;
import kindveil.studio.keep.Commands;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the studio. */
@SpringBootApplication
@EnableScheduling
public class KindVeil {
    private static final Set<String> COMMANDS = Set.of("backup", "restore");

    public static void main(String[] args) throws IOException {
        System.setProperty("java.awt.headless", "true");
        if (args.length > 2 && COMMANDS.contains(args[0])) {
            System.exit(Commands.run(List.of(args)));
        }
        if (args.length > 1 && args[0].equals("rehearse")) {
            Rehearsal.run(List.of(args));
            return;
        }
        SpringApplication.run(KindVeil.class, args);
    }

    /** Time that passed, whatever the clock is set to. */
    @Bean
    Ticker ticker() {
        return Ticker.systemTicker();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    ZoneId zone() {
        return ZoneId.systemDefault();
    }
}
