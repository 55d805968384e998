package kindveil.studio.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;

/** Tells of a file that is too large, or broke off on its way, before anybody looks in it for a token. */
final class UploadLimit extends OncePerRequestFilter {
    /** Where whole studios come, which are read part by part, and many pictures at once, which are held to their limit one by one. */
    private static final Set<String> LARGE = Set.of("/archive", "/pieces", "/begin");
    private final DataSize most;

    UploadLimit(DataSize most) {
        this.most = most;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if (request.getContentLengthLong() > most.toBytes() && !LARGE.contains(request.getServletPath())) {
            response.sendError(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
            return;
        }
        try {
            request.getParameterMap();
        } catch (InvalidParameterException misread) {
            // who went away in the middle is answered by the server, which has closed the line
            if (!response.isCommitted()) {
                response.sendError(misread.getErrorCode());
            }
            return;
        }
        chain.doFilter(request, response);
    }
}
