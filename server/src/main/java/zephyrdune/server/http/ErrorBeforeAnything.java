package zephyrdune.server.http;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** Problem details for what the web server refuses before any of the application sees it, such as an address that cannot be decoded. */
@Component
class ErrorBeforeAnything implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new Report()));
    }

    private static final class Report extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable failure) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            byte[] problem =
                    ("{\"type\":\"urn:zephyrdune:problem:bad-request\",\"title\":\"Not understood\",\"status\":%d,"
                                    + "\"detail\":\"The request cannot be understood\"}")
                            .formatted(status)
                            .getBytes(StandardCharsets.UTF_8);
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            try {
                response.getOutputStream().write(problem);
                response.finishResponse();
            } catch (IOException e) {
                // whoever asked is gone
            }
        }
    }
}
