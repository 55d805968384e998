package kindveil.studio.page.device;

import java.util.List;
import kindveil.studio.page.PageView;

/** The way in. @param name what the device is called @param to where it wanted to go */
record EnterView(String name, String to, List<String> problems) implements PageView {
}
