package kindveil.studio.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import kindveil.studio.work.device.Lan;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses requests that reached this machine under another machine's name (DNS rebinding). */
final class OwnHostOnly extends OncePerRequestFilter {
    private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
    /** RFC 9110, 15.5.20. */
    private static final int MISDIRECTED = 421;
    private final Lan lan;

    OwnHostOnly(Lan lan) {
        this.lan = lan;
    }

    /** Its own loopback names; beyond the machine, the addresses it is open under, with their port. */
    private boolean own(HttpServletRequest request) {
        String name = request.getServerName().toLowerCase(Locale.ROOT);
        return request.isSecure() ? lan.open().filter(open -> open.hosts().contains(name) && open.port() == request.getServerPort()).isPresent() : OWN.contains(name);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if (own(request)) {
            chain.doFilter(request, response);
            return;
        }
        response.setStatus(MISDIRECTED);
        response.setContentType("text/plain");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().println(lan.open().filter(open -> request.isSecure()).map(open -> "This studio answers only to %s. Open it under that address.".formatted(String.join(" and ", open.addresses())))
                .orElse("This studio answers only to localhost and 127.0.0.1. Open it under one of these names."));
    }
}
