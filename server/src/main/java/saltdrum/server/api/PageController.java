package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Serves the page at all of its addresses. */
@Hidden
@Controller
class PageController {
    @GetMapping({
        "/clips/{clipId}",
        "/clips/{clipId}/{step}",
        "/orders",
        "/orders/{orderId}",
        "/results/{jobId}",
        "/workshop",
        "/people",
        "/reviews",
        "/review/{token}",
        "/join/{token}"
    })
    String page() {
        return "forward:/index.html";
    }
}
