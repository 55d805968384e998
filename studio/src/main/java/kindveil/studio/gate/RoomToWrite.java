package kindveil.studio.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import kindveil.studio.work.DiskRoom;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses to take anything in while the disk is nearly full, so that the store is never left without room in the middle of a change. */
final class RoomToWrite extends OncePerRequestFilter {
    private static final long MEGABYTE = 1_000_000;
    private static final int INSUFFICIENT_STORAGE = 507;
    private final DiskRoom room;

    RoomToWrite(DiskRoom room) {
        this.room = room;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        if ("POST".equals(request.getMethod())) {
            long coming = Math.max(0, request.getContentLengthLong());
            if (!room.isThereFor(coming)) {
                response.sendError(INSUFFICIENT_STORAGE, "%d MB are left there, and %d MB are needed.".formatted(room.left() / MEGABYTE, room.neededFor(coming) / MEGABYTE));
                return;
            }
        }
        chain.doFilter(request, response);
    }
}
