package kindveil.studio.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.function.LongSupplier;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses to take anything in while the disk is nearly full, so that the store is never left without room in the middle of a change. */
final class RoomToWrite extends OncePerRequestFilter {
    private static final long MEGABYTE = 1_000_000;
    private static final int INSUFFICIENT_STORAGE = 507;
    /** A picture is kept as it came and as a working copy, and the store writes both before it lets go of what was. */
    private static final int TIMES = 3;
    private final LongSupplier free;
    private final long least;

    /**
     * @param free bytes on the disk of the studio's folder
     * @param least that must be left
     */
    RoomToWrite(LongSupplier free, long least) {
        this.free = free;
        this.least = least;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if ("POST".equals(request.getMethod())) {
            long left = free.getAsLong();
            long needed = least + TIMES * Math.max(0, request.getContentLengthLong());
            if (left < needed) {
                response.sendError(INSUFFICIENT_STORAGE, "%d MB are left there, and %d MB are needed.".formatted(left / MEGABYTE, needed / MEGABYTE));
                return;
            }
        }
        chain.doFilter(request, response);
    }
}
