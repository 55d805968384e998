package kindveil.studio.gate;

import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.pattern.PathPattern;

/** Which addresses can be looked at. */
@Component
class ShownPages {
    private final ObjectProvider<RequestMappingHandlerMapping> mapping;

    ShownPages(ObjectProvider<RequestMappingHandlerMapping> mapping) {
        this.mapping = mapping;
    }

    /** The nearest address above {@code path} that shows a page; at last the first page. */
    String above(String path) {
        List<PathPattern> shown = shown();
        for (int slash = path.lastIndexOf('/'); slash > 0; slash = path.lastIndexOf('/', slash - 1)) {
            PathContainer container = PathContainer.parsePath(path.substring(0, slash));
            if (shown.stream().anyMatch(pattern -> pattern.matches(container))) {
                return path.substring(0, slash);
            }
        }
        return "/";
    }

    private List<PathPattern> shown() {
        return mapping.orderedStream().flatMap(handlers -> handlers.getHandlerMethods().keySet().stream())
                .filter(info -> info.getMethodsCondition().getMethods().contains(RequestMethod.GET) && info.getPathPatternsCondition() != null)
                .flatMap(info -> info.getPathPatternsCondition().getPatterns().stream()).toList();
    }
}
