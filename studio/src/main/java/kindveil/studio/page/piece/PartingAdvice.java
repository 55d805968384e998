package kindveil.studio.page.piece;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindveil.studio.page.PageView;
import kindveil.studio.page.Say;
import kindveil.studio.work.sheet.Parting;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;

/** Asks, on a page of its own, whether a change that parts from what is real is meant: for everything that is done in one press. */
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class PartingAdvice {
    private final Say say;

    PartingAdvice(Say say) {
        this.say = say;
    }

    /** What is asked. */
    record Asked(Guard guard, List<String> problems) implements PageView {
    }

    @ExceptionHandler
    ModelAndView ask(Parting parting, HttpServletRequest request) {
        Map<String, String> sent = new TreeMap<>();
        request.getParameterMap().forEach((name, values) -> sent.put(name, values[0]));
        return new Asked(Guard.of(parting.real(), request.getRequestURI(), sent, say), List.of()).in("piece/parting");
    }
}
