package kindveil.studio.page;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;

/** What the page is asked for: all of it, or what changes when a page that is open already goes on. */
@Component("visit")
public class Visit {
    /** Sent by a page that only takes the answer's main part; every answer names it in Vary. */
    public static final String PART = "HX-Request";
    private static final String AGAIN = "HX-History-Restore-Request";
    private final HttpServletRequest request;

    Visit(HttpServletRequest request) {
        this.request = request;
    }

    public boolean whole() {
        return request.getHeader(PART) == null || request.getHeader(AGAIN) != null;
    }
}
