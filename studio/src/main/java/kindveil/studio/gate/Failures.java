package kindveil.studio.gate;

import kindveil.measure.Words;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import kindveil.measure.UnusableValue;
import kindveil.studio.work.DiskRoom;
import kindveil.studio.page.FailurePage;
import kindveil.studio.work.NotFound;
import kindveil.studio.work.piece.NoPicture;
import kindveil.studio.work.Outdated;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.validation.BindException;
import org.springframework.web.bind.MissingRequestValueException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.context.request.async.AsyncRequestTimeoutException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** What is said when a request cannot be answered: what happened, what was kept, what to do. */
@ControllerAdvice
class Failures {
    private static final String ASKED = Failures.class.getName() + ".asked";
    private static final int MOST_ASKED = 6;
    private static final int FIRST_PAUSE = 40;
    private static final Logger LOG = LoggerFactory.getLogger(Failures.class);
    private static final Set<Integer> UNWRITTEN = Set.of(90028, 90031, 90098);
    private static final int LONGEST_SHOWN = 80;
    private static final String KEPT = "Everything in the studio is as it was.";

    private final ShownPages pages;
    private final DiskRoom room;

    Failures(ShownPages pages, DiskRoom room) {
        this.pages = pages;
        this.room = room;
    }

    @ExceptionHandler
    ModelAndView notFound(NotFound e) {
        return page(HttpStatus.NOT_FOUND, "That is not here", e.getMessage() + " " + KEPT + " Look for it among the pieces or in the log.");
    }

    @ExceptionHandler
    ModelAndView noPicture(NoPicture e) {
        return page(HttpStatus.NOT_FOUND, "There is no picture here", e.getMessage() + " " + KEPT + " What is laid without one stands under Build.");
    }

    @ExceptionHandler
    ModelAndView noPage(NoResourceFoundException e) {
        return page(HttpStatus.NOT_FOUND, "There is no such page", "Nothing lies at this address. " + KEPT + " The stations on the left lead everywhere there is.");
    }

    @ExceptionHandler
    ModelAndView outdated(Outdated e, HttpServletRequest request) {
        return page(HttpStatus.CONFLICT, "Changed in the meantime", e.nothingBelow()).addObject("above", pages.above(request.getRequestURI()));
    }

    @ExceptionHandler
    ModelAndView outdated(ConcurrencyFailureException e) {
        return page(HttpStatus.CONFLICT, "Changed in the meantime",
                "Two windows saved the same thing at once; the first was kept. Go back, look at what is stored now, and save again if yours should stand.");
    }

    @ExceptionHandler
    ModelAndView unusable(UnusableValue e) {
        return page(HttpStatus.BAD_REQUEST, "That cannot be used", e.getMessage() + " " + KEPT);
    }

    @ExceptionHandler
    ModelAndView wrongType(MethodArgumentTypeMismatchException e) {
        if (java.util.UUID.class.equals(e.getRequiredType())) {
            return page(HttpStatus.NOT_FOUND, "That is not here", "“%s” is not the address of anything in this studio. ".formatted(shown(e.getValue())) + KEPT);
        }
        return page(HttpStatus.BAD_REQUEST, "That cannot be used", "%s: “%s” is not one of the values this page knows. Open the page again and choose from what it shows. "
                .formatted(e.getName(), shown(e.getValue())) + KEPT);
    }

    @ExceptionHandler
    ModelAndView misread(BindException e) {
        String each = e.getFieldErrors().stream().map(wrong -> "%s: “%s” is not one of the values this page knows.".formatted(wrong.getField(), shown(wrong.getRejectedValue()))).distinct()
                .collect(Collectors.joining(" "));
        return page(HttpStatus.BAD_REQUEST, "That cannot be used", each + " Open the page again and choose from what it shows. " + KEPT);
    }

    private static String shown(@Nullable Object value) {
        String text = value instanceof Object[] several ? Arrays.stream(several).map(String::valueOf).collect(Collectors.joining(", ")) : String.valueOf(value);
        return Words.shown(text, LONGEST_SHOWN);
    }

    /** The same thing sent several times at once: the store keeps one of them. */
    @ExceptionHandler
    ModelAndView twice(DataIntegrityViolationException e) {
        return page(HttpStatus.CONFLICT, "Sent twice at once", "The same was sent several times at once; the first was kept, and this one was not counted again. Open the page again to see how it stands.");
    }

    @ExceptionHandler
    ModelAndView missing(MissingRequestValueException e) {
        return page(HttpStatus.BAD_REQUEST, "Something is missing", "The form arrived without all its fields. Go back, open the page again and send it once more. " + KEPT);
    }

    @ExceptionHandler
    ModelAndView tooLarge(MaxUploadSizeExceededException e) {
        return page(HttpStatus.CONTENT_TOO_LARGE, "That file is too large",
                "A picture file may have at most 64 MB, and some 900 may come at once. Save it smaller, or as JPEG, or choose fewer. " + KEPT);
    }

    /** What the studio's own machine decides alone. */
    @ExceptionHandler
    ModelAndView ownersAlone(AccessDeniedException e) {
        return page(HttpStatus.FORBIDDEN, "Only at the studio’s own machine", "This is decided where the studio runs, not from another device. " + KEPT);
    }

    /** An address that only takes a form, opened as a page: leads back to the page that form stands on. */
    @ExceptionHandler
    Object onlySent(HttpRequestMethodNotSupportedException e, HttpServletRequest request) {
        return "GET".equals(request.getMethod()) ? "redirect:" + pages.above(request.getRequestURI())
                : page(HttpStatus.METHOD_NOT_ALLOWED, "That cannot be done here", "“%s” is not something this address takes. ".formatted(request.getMethod()) + KEPT);
    }

    /** The browser went away before its answer was sent, or the studio closes while pages still listen; there is nobody to tell. */
    @ExceptionHandler({AsyncRequestNotUsableException.class, AsyncRequestTimeoutException.class})
    void gone() {
    }

    @ExceptionHandler
    ModelAndView any(Exception e, HttpServletRequest request) {
        if (unwritten(e)) {
            room.letGo();
            int asked = request.getAttribute(ASKED) instanceof Integer before ? before : 0;
            if ("GET".equals(request.getMethod()) && asked < MOST_ASKED) {
                // it only wanted to read, while another's change closed the store; once it is closed, the next connection opens it again
                request.setAttribute(ASKED, asked + 1);
                pause(FIRST_PAUSE << asked);
                return new ModelAndView("forward:" + request.getRequestURI());
            }
            LOG.error("Nothing could be written: {}", e.getMessage());
            return page(HttpStatus.INSUFFICIENT_STORAGE, "There is no room to write it",
                    "The disk is full, or the studio's folder cannot be written to. This change was not kept; everything kept before is safe. Make room and send it once more.");
        }
        LOG.error("A request failed: {} {}", request.getMethod(), request.getRequestURI(), e);
        return page(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here",
                "It is a fault of the program, not yours. What was saved before is safe. Go back and try again; running clocks go on.");
    }

    private static void pause(long milliseconds) {
        try {
            Thread.sleep(milliseconds);
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whether the store could not write: H2's IO_EXCEPTION_1, IO_EXCEPTION_2 and DATABASE_IS_CLOSED, one that is just closing itself over that, or no room for what came. */
    private static boolean unwritten(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            boolean told = switch (cause) {
                case CannotCreateTransactionException begun -> true;
                case SQLException refused -> UNWRITTEN.contains(refused.getErrorCode()) || String.valueOf(refused.getMessage()).contains("MVStoreException");
                case IOException refused -> String.valueOf(refused.getMessage()).contains("No space left");
                // of the store's file, below a general error that says no more
                default -> cause.getClass().getSimpleName().equals("MVStoreException");
            };
            if (told || Arrays.stream(cause.getSuppressed()).anyMatch(Failures::unwritten)) {
                return true;
            }
        }
        return false;
    }

    private static ModelAndView page(HttpStatus status, String title, String words) {
        return FailurePage.of(status, title, words);
    }
}
