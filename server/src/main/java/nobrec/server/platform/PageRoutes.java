package nobrec.server.platform;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The browser's part is one page; its sections have addresses of their own that can be reloaded and kept. */
@Controller
class PageRoutes {

    @GetMapping({"/departures", "/jobs", "/bench", "/bench/{number}", "/postings", "/rates"})
    String page() {
        return "forward:/index.html";
    }
}
