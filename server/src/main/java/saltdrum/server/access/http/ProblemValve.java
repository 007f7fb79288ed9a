package saltdrum.server.access.http;

import java.io.IOException;
import java.io.OutputStream;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;

/**
 * Answers requests that Tomcat rejects before the application: unreadable addresses and headers. Tomcat creates it by
 * class name.
 */
public final class ProblemValve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable thrown) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            response.setContentType("application/problem+json");
            try (OutputStream out = response.getReporter() == null ? null : response.getOutputStream()) {
                if (out != null) {
                    out.write(Problem.body(status, Problem.sentence(status)));
                }
            }
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            container.getLogger().debug("the client has gone", gone);
        }
    }
}
