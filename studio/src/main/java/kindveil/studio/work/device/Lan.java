package kindveil.studio.work.device;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;

/** Where other devices find this studio, while it listens for them. */
@Component
public class Lan {
    /**
     * Open to others.
     *
     * @param hosts under which it answers, the likeliest first
     * @param fingerprint of its certificate, SHA-256
     */
    public record Open(List<String> hosts, int port, String fingerprint) {
        public Open {
            hosts = List.copyOf(hosts);
        }

        /** What one types, or reads from the screen. */
        public List<String> addresses() {
            return hosts.stream().map(host -> "https://%s:%d".formatted(host.contains(":") ? "[" + host + "]" : host, port)).toList();
        }
    }

    private final AtomicReference<Optional<Open>> open = new AtomicReference<>(Optional.empty());

    public Optional<Open> open() {
        return open.get();
    }

    public void opened(Open other) {
        open.set(Optional.of(other));
    }
}
