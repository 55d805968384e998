package kindveil.studio;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Lends a class a browser, a fresh page for each test; anything the page complains about fails the test. */
public final class OpenBrowser implements ParameterResolver, AfterEachCallback {
    private static final ExtensionContext.Namespace SPACE = ExtensionContext.Namespace.create(OpenBrowser.class);
    private static final String COMPLAINTS = "complaints";
    private static final String CONTEXT = "context";

    private static final Lent<Browser> BROWSERS = new Lent<>(OpenBrowser::open);

    private static Browser open() {
        // a busy machine is slow, not wrong
        PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
        Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        // without a window it takes half the work
        Path chromium = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome").map(Path::of).filter(Files::isExecutable).findFirst()
                .orElseThrow(() -> new IllegalStateException("No Chromium: install the Debian package chromium-headless-shell or chromium, or run ./kindveil test."));
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        return playwright.chromium().launch(new BrowserType.LaunchOptions().setExecutablePath(chromium).setHeadless(true).setArgs(List.of("--disable-gpu", "--disable-gpu-rasterization", "--disable-smooth-scrolling")));
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        return parameter.getParameter().getType() == Page.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        BrowserContext pages = BROWSERS.to(context).newContext(new Browser.NewContextOptions().setViewportSize(1280, 800).setAcceptDownloads(true));
        // what is told elsewhere would turn a page over under the test's hands; that is followed in a test of its own
        pages.addInitScript("delete window.EventSource");
        Page page = pages.newPage();
        page.setDefaultTimeout(45_000);
        List<String> complaints = new ArrayList<>();
        page.onPageError(error -> complaints.add("script: " + error));
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && !message.text().contains("the server responded with a status of 4")) {
                complaints.add("console: " + message.text() + " " + message.location());
            }
        });
        page.onRequest(request -> {
            if (!request.url().startsWith("http://localhost") && !request.url().startsWith("blob:") && !request.url().startsWith("data:")) {
                complaints.add("fetched from elsewhere: " + request.url());
            }
        });
        context.getStore(SPACE).put(CONTEXT, pages);
        context.getStore(SPACE).put(COMPLAINTS, complaints);
        return page;
    }

    @Override
    @SuppressWarnings("unchecked")
    public void afterEach(ExtensionContext context) {
        BrowserContext pages = context.getStore(SPACE).get(CONTEXT, BrowserContext.class);
        if (pages != null) {
            pages.close();
            Assertions.assertEquals(List.of(), context.getStore(SPACE).get(COMPLAINTS, List.class));
        }
    }
}
