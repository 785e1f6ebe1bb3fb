package zephyrdune.server.problems;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.json.JsonMapper;

/** Problem details, RFC 9457, from where no controller is reached; as a page for whoever asked for one. */
public final class ProblemWriter {

    private ProblemWriter() {}

    /** @param type last part of the problem's type */
    public static void write(
            HttpServletRequest request,
            HttpServletResponse response,
            HttpStatus status,
            String type,
            String title,
            String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        byte[] body;
        if (accepted != null && accepted.startsWith(MediaType.TEXT_HTML_VALUE)) {
            response.setContentType("text/html;charset=utf-8");
            body = "<!doctype html><html lang=\"en\"><title>%s</title><p>%s</p></html>"
                    .formatted(HtmlUtils.htmlEscape(title), HtmlUtils.htmlEscape(detail))
                    .getBytes(StandardCharsets.UTF_8);
        } else {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            Map<String, Object> problem = new LinkedHashMap<>();
            problem.put("type", Problems.type(type).toString());
            problem.put("title", title);
            problem.put("status", status.value());
            problem.put("detail", detail);
            body = JsonMapper.shared().writeValueAsBytes(problem);
        }
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }
}
