package kindveil.studio.gate;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;

/** What the server itself refuses, before any page is asked, is said in plain words and with the headers of all answers. */
public final class PlainReports extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable thrown) {
        if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        response.setHeader("Content-Security-Policy", Security.POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setContentType("text/plain");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        try {
            response.getReporter().write("This request could not be read: its address or its headers are not written as they must be. Nothing in the studio was changed. Open the studio anew from its first page.\n");
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            // whoever asked is no longer there
        }
    }
}
