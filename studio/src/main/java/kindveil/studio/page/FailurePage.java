package kindveil.studio.page;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.View;
import tools.jackson.databind.json.JsonMapper;

/** What cannot be answered, said to whoever asked: a page to a person, problem details (RFC 9457) to a program. */
public final class FailurePage {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private FailurePage() {
    }

    public static ModelAndView of(HttpStatus status, String title, String words) {
        if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked && !reads(asked.getRequest())) {
            return new ModelAndView(problem(status, title, words));
        }
        ModelAndView page = new ModelAndView("failure", Map.of("title", title, "words", words));
        page.setStatus(status);
        return page;
    }

    /** Whether a person reads the answer: in a browser, or in a part of a page it asks for. */
    private static boolean reads(HttpServletRequest request) {
        if (request.getHeader(Visit.PART) != null) {
            return true;
        }
        String accepts = request.getHeader("Accept");
        try {
            List<MediaType> types = MediaType.parseMediaTypes(accepts);
            return types.stream().anyMatch(type -> !type.isWildcardType() && type.includes(MediaType.TEXT_HTML));
        } catch (InvalidMediaTypeException unreadable) {
            return false;
        }
    }

    private static View problem(HttpStatus status, String title, String words) {
        return (model, request, response) -> {
            response.setStatus(status.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(JSON.writeValueAsBytes(Map.of("type", "about:blank", "title", title, "status", status.value(), "detail", words)));
        };
    }
}
