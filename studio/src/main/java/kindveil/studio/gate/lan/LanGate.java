package kindveil.studio.gate.lan;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import kindveil.studio.page.Visit;
import kindveil.studio.page.device.Caller;
import kindveil.studio.work.device.Door;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import org.springframework.web.filter.OncePerRequestFilter;

/** Asks whoever comes from beyond this machine for the passcode, once. What reached the loopback connector passes. */
public final class LanGate extends OncePerRequestFilter {
    /** What the way in itself is made of. */
    private static final List<String> THE_WAY_IN = List.of(Caller.ENTER, "/css/", "/fonts/", "/js/", "/webjars/");
    private final Doorkeeper keeper;
    private final Lan lan;

    public LanGate(Doorkeeper keeper, Lan lan) {
        this.keeper = keeper;
        this.lan = lan;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if (!request.isSecure()) {
            chain.doFilter(request, response);
            return;
        }
        Optional<Door.Device> device = lan.open().flatMap(open -> shown(request, open.port())).flatMap(keeper::showing);
        device.ifPresent(one -> request.setAttribute(Caller.DEVICE, one));
        String path = request.getRequestURI();
        if (path.startsWith(Caller.DEVICES) && device.isPresent()) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
        } else if (device.isPresent() || THE_WAY_IN.stream().anyMatch(path::startsWith)) {
            chain.doFilter(request, response);
        } else if (request.getHeader(Visit.PART) != null) {
            response.setHeader("HX-Redirect", Caller.ENTER);
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
        } else {
            String asked = request.getMethod().equals("GET") && request.getHeader("Accept") != null && request.getHeader("Accept").contains("text/html") ? path : "/";
            response.setHeader("Location", Caller.ENTER + "?to=" + URLEncoder.encode(asked, StandardCharsets.UTF_8));
            response.setStatus(HttpServletResponse.SC_SEE_OTHER);
        }
    }

    private static Optional<String> shown(HttpServletRequest request, int port) {
        Cookie[] cookies = request.getCookies();
        return cookies == null ? Optional.empty() : Arrays.stream(cookies).filter(cookie -> cookie.getName().equals(Caller.cookie(port))).map(Cookie::getValue).findFirst();
    }
}
