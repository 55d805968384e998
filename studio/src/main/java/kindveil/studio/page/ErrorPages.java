package kindveil.studio.page;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Objects;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** What the server or a filter refused, before or instead of a page: looks and reads like every other failure. */
@Controller
class ErrorPages implements ErrorController {
    private static final String TITLE = "That could not be answered";

    /** Asked for by itself it is an address like any other at which nothing lies. */
    @RequestMapping("${spring.web.error.path:/error}")
    ModelAndView said(HttpServletRequest request) {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code ? Objects.requireNonNullElse(HttpStatus.resolve(code), HttpStatus.INTERNAL_SERVER_ERROR) : HttpStatus.NOT_FOUND;
        return FailurePage.of(status, TITLE, words(status, request.getAttribute(RequestDispatcher.ERROR_MESSAGE) instanceof String message ? message : ""));
    }

    private static String words(HttpStatus status, String message) {
        return switch (status) {
            case FORBIDDEN -> "The form was too old to be trusted: the studio was restarted since, or the page lay open for long. Nothing was changed. Go back, open the page again and send it once more.";
            case CONTENT_TOO_LARGE -> "That is too large: a picture file may have at most 64 MB, and some 900 may come at once. Save it smaller, or as JPEG, or choose fewer. Everything in the studio is as it was.";
            case INSUFFICIENT_STORAGE -> "The disk is full, so nothing was changed, and everything kept before is safe. %s Make room on it and send it once more: the studio goes on showing what it has, and needs no restart.".formatted(message);
            case BAD_REQUEST -> "What was sent broke off or cannot be read. Nothing was changed. Go back and send it once more.";
            case NOT_FOUND -> "Nothing lies at this address. Everything in the studio is as it was.";
            case METHOD_NOT_ALLOWED -> "This address is not opened that way. Everything in the studio is as it was.";
            default -> "It is a fault of the program or of the request. What was saved before is safe; go back and try again.";
        };
    }
}
