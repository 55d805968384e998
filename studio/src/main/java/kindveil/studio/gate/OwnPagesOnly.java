package kindveil.studio.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses changes sent from a page of another origin: by the Origin header (RFC 6454, 7) and by what the browser says of
 * where they come from (Fetch Metadata Request Headers, W3C). Programs that are no browser send neither; their token is asked.
 */
final class OwnPagesOnly extends OncePerRequestFilter {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> OURS = Set.of("same-origin", "none");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        String from = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader("Origin");
        boolean said = from != null && OURS.contains(from);
        // a browser that sends no referrer calls the origin of our own pages null, and says by the other header that it is ours
        boolean own = (from == null || said) && (origin == null || said && origin.equals("null") || origin.toLowerCase(Locale.ROOT).equals(own(request)));
        if (READING.contains(request.getMethod()) || own) {
            chain.doFilter(request, response);
        } else {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
        }
    }

    private static String own(HttpServletRequest request) {
        return "%s://%s:%d".formatted(request.getScheme(), request.getServerName().toLowerCase(Locale.ROOT), request.getServerPort());
    }
}
