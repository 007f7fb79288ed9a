package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.server.access.http.Problem;

/** Answers errors outside of controllers. */
@Hidden
@RestController
class ErrorAnswers implements ErrorController {
    @RequestMapping("/error")
    void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        int status = code instanceof Integer known ? known : 404;
        Problem.write(response, status, Problem.sentence(status));
    }
}
