package kindveil.studio;

import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
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

    public static void main(String[] args) {
        System.setProperty("java.awt.headless", "true");
        if (args.length > 2 && COMMANDS.contains(args[0])) {
            System.exit(Commands.run(List.of(args)));
        }
        SpringApplication.run(KindVeil.class, args);
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
