package kindveil.studio.page;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.ModelAndView;

/** All that one page shows, ready to be written; its template sees this and nothing else. */
public interface PageView {
    /** What is wrong with what came, all of it at once; empty where nothing is. */
    default List<String> problems() {
        return List.of();
    }

    /** The page, as a refusal where something is wrong. */
    default ModelAndView in(String template) {
        ModelAndView page = new ModelAndView(template, "view", this);
        if (!problems().isEmpty()) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        return page;
    }
}
