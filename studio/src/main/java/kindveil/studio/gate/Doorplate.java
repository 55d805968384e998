package kindveil.studio.gate;

import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where the studio is open, once it is. */
@Component
class Doorplate {
    @EventListener
    void open(WebServerInitializedEvent event) {
        System.out.println("Kind Veil is open at http://localhost:" + event.getWebServer().getPort());
    }
}
