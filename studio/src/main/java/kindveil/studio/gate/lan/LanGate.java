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
import java.util.Optional;
import java.util.stream.Stream;
import kindveil.studio.page.Visit;
import kindveil.studio.page.device.Caller;
import kindveil.studio.work.device.Door;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.OrRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says who asks: what reached the loopback connector is the owner, what shows a device's token is that device, and nobody else gets past
 * the way in. It answers strangers before anything they sent is read. What an owner or a device may do is decided by Spring Security on the
 * handler that is mapped.
 */
public final class LanGate extends OncePerRequestFilter {
    /** What the way in itself is made of, matched as handlers are. */
    public static final RequestMatcher THE_WAY_IN = new OrRequestMatcher(Stream.of(Caller.ENTER, "/css/**", "/fonts/**", "/js/**", "/webjars/**").map(LanGate::matching).toList());
    private static final String THIS_MACHINE = "this machine";
    private final Doorkeeper keeper;
    private final Lan lan;

    public LanGate(Doorkeeper keeper, Lan lan) {
        this.keeper = keeper;
        this.lan = lan;
    }

    private static RequestMatcher matching(String pattern) {
        return PathPatternRequestMatcher.withDefaults().matcher(pattern);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if (!request.isSecure()) {
            asks(THIS_MACHINE, Caller.OWNER);
        } else {
            Optional<Door.Device> device = lan.open().flatMap(open -> shown(request, open.port())).flatMap(keeper::showing);
            if (device.isPresent()) {
                asks(device.get(), Caller.LET_IN);
            } else if (!THE_WAY_IN.matches(request)) {
                toTheWayIn(request, response);
                return;
            }
        }
        chain.doFilter(request, response);
    }

    private static void asks(Object who, String role) {
        Authentication asking = new PreAuthenticatedAuthenticationToken(who, "", AuthorityUtils.createAuthorityList("ROLE_" + role));
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(asking);
        SecurityContextHolder.setContext(context);
    }

    /** Whoever is not let in is led to where one is: a page by its address, a part of a page by what htmx follows. */
    private static void toTheWayIn(HttpServletRequest request, HttpServletResponse response) {
        if (request.getHeader(Visit.PART) != null) {
            response.setHeader("HX-Redirect", Caller.ENTER);
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
            return;
        }
        String accepts = request.getHeader("Accept");
        String asked = request.getMethod().equals("GET") && accepts != null && accepts.contains("text/html") ? request.getRequestURI() : "/";
        response.setHeader("Location", Caller.ENTER + "?to=" + URLEncoder.encode(asked, StandardCharsets.UTF_8));
        response.setStatus(HttpServletResponse.SC_SEE_OTHER);
    }

    /** For what Spring Security itself turns away. */
    public static AuthenticationEntryPoint wayIn() {
        return (request, response, refused) -> toTheWayIn(request, response);
    }

    private static Optional<String> shown(HttpServletRequest request, int port) {
        Cookie[] cookies = request.getCookies();
        return cookies == null ? Optional.empty() : Arrays.stream(cookies).filter(cookie -> cookie.getName().equals(Caller.cookie(port))).map(Cookie::getValue).findFirst();
    }
}
