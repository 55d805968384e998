package kindveil.studio.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.util.unit.DataSize;
import org.springframework.web.filter.OncePerRequestFilter;

/** Tells of a file that is too large, or broke off on its way, before anybody looks in it for a token. */
final class UploadLimit extends OncePerRequestFilter {
    /** Whole studios are as large as their pictures are; they are read part by part. */
    private static final String ARCHIVES = "/archive";
    private final DataSize most;

    UploadLimit(DataSize most) {
        this.most = most;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if (request.getContentLengthLong() > most.toBytes() && !ARCHIVES.equals(request.getServletPath())) {
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
